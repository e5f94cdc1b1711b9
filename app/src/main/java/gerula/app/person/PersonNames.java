package gerula.app.person;

import static gerula.app.tables.Tables.PERSON;

import gerula.app.platform.workspace.PerTransaction;
import gerula.core.kit.PersonRef;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * What people are called, for whoever refers to them by id. Read once a transaction: a list of a
 * thousand things asks a thousand times. Everything here runs within a workspace.
 */
@Component
public class PersonNames {

  private final DSLContext sql;
  private final PerTransaction<NamesAndIds> known = new PerTransaction<>(NamesAndIds.class);

  PersonNames(DSLContext sql) {
    this.sql = sql;
  }

  private record NamesAndIds(Map<UUID, String> names, Map<String, UUID> ids) {}

  /** Who this is; null for null. */
  public @Nullable PersonRef ref(@Nullable UUID id) {
    return id == null
        ? null
        : new PersonRef(id, Objects.requireNonNull(known().names().get(id), "Nobody has this id."));
  }

  public boolean knows(UUID id) {
    return known().names().containsKey(id);
  }

  /** Whoever goes by this name; null when nobody does. */
  public @Nullable UUID idOf(@Nullable String name) {
    return name == null ? null : known().ids().get(key(name));
  }

  /** Who is meant by an id, or else by a name. */
  public @Nullable UUID meant(@Nullable UUID id, @Nullable String name) {
    return id != null ? id : idOf(name);
  }

  /** Somebody was added, or is called otherwise. */
  void forget() {
    known.forget();
  }

  private NamesAndIds known() {
    return known.get(this::read);
  }

  private NamesAndIds read() {
    Map<UUID, String> names = new HashMap<>();
    Map<String, UUID> ids = new HashMap<>();
    sql.select(PERSON.ID, PERSON.NAME, PERSON.ALIASES, PERSON.ERASED_ON)
        .from(PERSON)
        .forEach(
            row -> {
              names.put(row.value1(), row.value2());
              if (row.value4() == null) {
                for (String alias : row.value3()) {
                  ids.put(key(alias), row.value1());
                }
                ids.put(key(row.value2()), row.value1());
              }
            });
    return new NamesAndIds(names, ids);
  }

  private static String key(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }
}
