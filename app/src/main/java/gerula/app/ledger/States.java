package gerula.app.ledger;

import static gerula.app.tables.Tables.FACE;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Takes the state of a thing as JSON and puts it back, whatever kind it is. */
@Component
class States {

  private final DSLContext sql;
  private final JsonMapper json;

  States(DSLContext sql, JsonMapper json) {
    this.sql = sql;
    this.json = json;
  }

  /** Its row as it is now, locked until the transaction ends; null when it is not there. */
  @Nullable JSONB take(ThingKind kind, UUID id) {
    Field<JSONB> row = DSL.field("to_jsonb(thing) - 'sought' - 'workspace_id'", JSONB.class);
    JSONB state =
        sql.select(row)
            .from(kind.table().as("thing"))
            .where(DSL.field(DSL.name("thing", kind.id().getName()), UUID.class).eq(id))
            .forUpdate()
            .fetchOne(row);
    if (state == null || kind != ThingKind.BOOKING_THING) {
      return state;
    }
    Field<JSONB> withFaces =
        DSL.field(
            "{0} || jsonb_build_object('faces', coalesce((select jsonb_agg(to_jsonb(f) - 'workspace_id' order by"
                + " f.position) from gerula.face f where f.booking_id = {1}), '[]'))",
            JSONB.class, DSL.val(state), DSL.val(id));
    return sql.select(withFaces).fetchSingle(withFaces);
  }

  /** Makes the thing as it was; null takes it away. */
  void put(ThingKind kind, UUID id, @Nullable JSONB state) {
    if (state == null) {
      if (kind == ThingKind.BOOKING_THING) {
        sql.deleteFrom(FACE).where(FACE.BOOKING_ID.eq(id)).execute();
      }
      sql.deleteFrom(kind.table()).where(kind.id().eq(id)).execute();
      return;
    }
    int newest = newestVersion(kind, id);
    putRow(kind.table(), state);
    if (kind == ThingKind.BOOKING_THING) {
      putFaces(id, state);
    }
    if (newest >= 0) {
      // A version never comes back, or an editor opened before would overwrite what was undone.
      sql.update(kind.table())
          .set(DSL.field(DSL.name("version"), SQLDataType.INTEGER), newest + 1)
          .where(kind.id().eq(id))
          .execute();
    }
  }

  /** -1 for things without versions. */
  private int newestVersion(ThingKind kind, UUID id) {
    if (kind == ThingKind.PACKED_THING) {
      return -1;
    }
    Field<Integer> version = DSL.field(DSL.name("version"), SQLDataType.INTEGER);
    Integer now = sql.select(version).from(kind.table()).where(kind.id().eq(id)).fetchOne(version);
    return now == null ? 0 : now;
  }

  private void putRow(Table<?> table, JSONB state) {
    List<Field<?>> columns =
        Arrays.stream(table.fields()).<Field<?>>map(States::unqualified).toList();
    sql.insertInto(table, table.fields())
        .select(
            DSL.select(columns)
                .from(
                    DSL.table(
                        "jsonb_populate_record(null::{0}, {1} ||"
                            + " jsonb_build_object('workspace_id', gerula.current_workspace()))",
                        table, DSL.val(state))))
        .onConflict(table.getPrimaryKey().getFields())
        .doUpdate()
        .setAllToExcluded()
        .execute();
  }

  private static Field<?> unqualified(Field<?> field) {
    return DSL.field(DSL.name(field.getName()), field.getDataType());
  }

  private void putFaces(UUID booking, JSONB state) {
    sql.deleteFrom(FACE).where(FACE.BOOKING_ID.eq(booking)).execute();
    for (JsonNode face : json.readTree(state.data()).path("faces")) {
      putRow(FACE, JSONB.valueOf(face.toString()));
    }
  }
}
