package gerula.app.ledger;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * What stands in the way of undoing an act; which acts do is said by the database's own function,
 * beside the index it walks. Everything here runs within a workspace.
 */
@Component
class LaterActs {

  /** Of an act in a list so many of its things are looked at before somebody asks for its undo. */
  private static final int MOST_THINGS = 60;

  private final DSLContext sql;

  LaterActs(DSLContext sql) {
    this.sql = sql;
  }

  /** What the newest act is called that stands in the way of undoing this one. */
  Optional<String> inTheWayOf(UUID act) {
    return Optional.ofNullable(of(List.of(act), null, Integer.MAX_VALUE).get(act));
  }

  /** The same of acts in the history of a thing; those with nothing in the way are missing. */
  Map<UUID, String> inTheWayOf(Collection<UUID> acts, UUID thing) {
    return of(acts, thing, MOST_THINGS);
  }

  private Map<UUID, String> of(Collection<UUID> acts, @Nullable UUID thing, int mostThings) {
    return sql.fetch(
            "select id, later from gerula.in_the_way({0}, {1}, {2})",
            DSL.val(acts.toArray(UUID[]::new)),
            DSL.val(thing, SQLDataType.UUID),
            DSL.inline(mostThings))
        .intoMap(row -> row.get(0, UUID.class), row -> row.get(1, String.class));
  }
}
