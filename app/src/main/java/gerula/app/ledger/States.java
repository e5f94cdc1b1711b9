package gerula.app.ledger;

import static gerula.app.tables.Tables.FACE;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.QueryPart;
import org.jooq.SQL;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes the state of a thing as JSON, by column, and puts it back, whatever kind it is. A state
 * that was written before some migration is brought up to date first.
 */
@Component
class States {

  private static final String FACES = "faces";
  private static final String VERSION = "version";

  private final DSLContext sql;
  private final JsonMapper json;

  /** 12.500 stays 12.500. */
  private final ObjectReader exact;

  private final List<Upcaster> upcasters;

  States(DSLContext sql, JsonMapper json, List<Upcaster> upcasters) {
    this.sql = sql;
    this.json = json;
    exact = json.reader().with(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS);
    this.upcasters = upcasters.stream().sorted(Comparator.comparingInt(Upcaster::level)).toList();
  }

  /** The state of the row "thing" of a kind's table, as an expression. */
  static SQL of(ThingKind kind) {
    String row = "to_jsonb(thing) - 'search' - 'workspace_id'";
    return DSL.sql(
        kind == ThingKind.BOOKING_THING
            ? row
                + " || jsonb_build_object('faces', coalesce((select jsonb_agg(to_jsonb(f) -"
                + " 'workspace_id' order by f.position) from gerula.face f where f.booking_id ="
                + " thing.id), '[]'))"
            : row);
  }

  /** Its row as it is now, locked until the transaction ends; null when it is not there. */
  @Nullable JSONB take(ThingKind kind, UUID id) {
    return sql.fetchOptional(
            "select {0} from {1} thing where thing.{2} = {3} for update of thing",
            of(kind), kind.table(), DSL.name(kind.id().getName()), DSL.val(id))
        .map(row -> row.get(0, JSONB.class))
        .orElse(null);
  }

  /** The same of many in one statement; those that are not there are left out. */
  Map<UUID, JSONB> take(ThingKind kind, Collection<UUID> ids) {
    Map<UUID, JSONB> states = new HashMap<>();
    sql.fetch(
            "select thing.{2}, {0} from {1} thing where thing.{2} = any({3}) order by 1 for update of"
                + " thing",
            of(kind),
            kind.table(),
            DSL.name(kind.id().getName()),
            DSL.val(ids.toArray(UUID[]::new)))
        .forEach(row -> states.put(row.get(0, UUID.class), row.get(1, JSONB.class)));
    return states;
  }

  /**
   * Makes the thing as it was; null takes it away. What a state does not tell stays as it is.
   *
   * @param level of which the state is
   */
  void put(ThingKind kind, UUID id, int level, @Nullable JSONB state) {
    if (state == null) {
      remove(kind, id);
      return;
    }
    boolean isThere = sql.fetchExists(kind.table(), kind.id().eq(id));
    ObjectNode fields = (ObjectNode) exact.readTree(state.data());
    upcasters.stream()
        .filter(one -> one.level() > level)
        .forEach(one -> one.bringUp(kind, fields, !isThere));
    raiseVersion(kind, id, fields, isThere);
    if (isThere) {
      change(kind, id, fields);
    } else {
      insert(kind.table(), fields);
    }
    if (fields.has(FACES)) {
      putFaces(id, fields.path(FACES));
    }
  }

  private void remove(ThingKind kind, UUID id) {
    if (kind == ThingKind.BOOKING_THING) {
      sql.deleteFrom(FACE).where(FACE.BOOKING_ID.eq(id)).execute();
    }
    sql.deleteFrom(kind.table()).where(kind.id().eq(id)).execute();
  }

  /** A version never comes back, or an editor opened before would overwrite what was undone. */
  private void raiseVersion(ThingKind kind, UUID id, ObjectNode fields, boolean isThere) {
    Field<?> version = kind.table().field(VERSION);
    if (version != null) {
      int newest =
          isThere
              ? sql.select(version)
                  .from(kind.table())
                  .where(kind.id().eq(id))
                  .fetchSingle(0, int.class)
              : fields.path(VERSION).asInt(0);
      fields.put(VERSION, newest + 1);
    }
  }

  private void change(ThingKind kind, UUID id, ObjectNode fields) {
    List<Field<?>> told = told(kind.table(), fields);
    if (told.isEmpty()) {
      return;
    }
    sql.execute(
        "update {0} set ({1}) = (select {1} from {2}) where {3} = {4}",
        kind.table(),
        names(told),
        row(kind.table(), fields),
        DSL.name(kind.id().getName()),
        DSL.val(id));
  }

  /** Columns it does not tell get what new things get. */
  private void insert(Table<?> table, ObjectNode fields) {
    List<Field<?>> told = told(table, fields);
    sql.execute(
        "insert into {0} ({1}) select {1} from {2}", table, names(told), row(table, fields));
  }

  private static List<Field<?>> told(Table<?> table, ObjectNode fields) {
    Set<String> names = Set.copyOf(fields.propertyNames());
    return Arrays.stream(table.fields())
        .filter(field -> names.contains(field.getName()))
        .collect(Collectors.toCollection(ArrayList::new));
  }

  private static QueryPart names(List<Field<?>> fields) {
    return DSL.list(fields.stream().map(field -> DSL.name(field.getName())).toList());
  }

  private QueryPart row(Table<?> table, ObjectNode fields) {
    return DSL.sql(
        "jsonb_populate_record(null::{0}, {1})",
        table, DSL.val(JSONB.valueOf(json.writeValueAsString(fields))));
  }

  private void putFaces(UUID booking, JsonNode faces) {
    sql.deleteFrom(FACE).where(FACE.BOOKING_ID.eq(booking)).execute();
    for (JsonNode face : faces) {
      insert(FACE, (ObjectNode) face);
    }
  }
}
