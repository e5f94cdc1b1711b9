package gerula.app.ledger;

import static gerula.app.tables.Tables.ACTOR;
import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.LEDGER_THING;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Records;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What was done with a thing, and what rests on it. Everything here runs within a workspace. */
@Component
class History {

  private final DSLContext sql;
  private final JsonMapper json;
  private final LaterActs later;
  private final NotUndone notUndone;

  History(DSLContext sql, JsonMapper json, LaterActs later, NotUndone notUndone) {
    this.notUndone = notUndone;
    this.sql = sql;
    this.later = later;
    this.json = json;
  }

  /**
   * Acts that touched the thing.
   *
   * @param before an act of its history: those before it; null for the newest
   */
  HistoryPage of(UUID thing, @Nullable UUID before, int most) {
    List<Long> acts = acts(thing, before, most + 1);
    boolean hasEarlier = acts.size() > most;
    return new HistoryPage(entries(thing, hasEarlier ? acts.subList(0, most) : acts), hasEarlier);
  }

  private List<Long> acts(UUID thing, @Nullable UUID before, int most) {
    Condition earlier =
        before == null
            ? DSL.noCondition()
            : LEDGER_THING.SEQ.lt(DSL.select(LEDGER.SEQ).from(LEDGER).where(LEDGER.ID.eq(before)));
    return sql.selectDistinct(LEDGER_THING.SEQ)
        .from(LEDGER_THING)
        .where(LEDGER_THING.THING_ID.eq(thing))
        .and(earlier)
        .orderBy(LEDGER_THING.SEQ.desc())
        .limit(most)
        .fetch(LEDGER_THING.SEQ);
  }

  private List<LedgerEntry> entries(UUID thing, List<Long> acts) {
    Map<UUID, LedgerEntry> byAct = new LinkedHashMap<>();
    // An act may touch an item and its tick: in the item's history it stands once.
    rows(thing, acts).forEach(row -> byAct.merge(row.id(), entry(row), LedgerEntry::with));
    List<UUID> counting =
        byAct.values().stream().filter(entry -> !entry.undone()).map(LedgerEntry::id).toList();
    Map<UUID, String> restedOnBy = later.inTheWayOf(counting, thing);
    return byAct.values().stream()
        .map(entry -> entry.restedOnBy(restedOnBy.get(entry.id())))
        .toList();
  }

  private record Entered(
      UUID id,
      String act,
      boolean inEffect,
      Instant at,
      String who,
      JSONB facts,
      String kind,
      @Nullable JSONB before,
      @Nullable JSONB after) {}

  private List<Entered> rows(UUID thing, List<Long> acts) {
    return sql.select(
            LEDGER.ID,
            LEDGER.ACT,
            LEDGER.IN_EFFECT,
            LEDGER.AT,
            ACTOR.NAME,
            LEDGER.FACTS,
            LEDGER_THING.KIND,
            LEDGER_THING.BEFORE,
            LEDGER_THING.AFTER)
        .from(LEDGER_THING)
        .join(LEDGER)
        .on(LEDGER.ID.eq(LEDGER_THING.LEDGER_ID))
        .join(ACTOR)
        .on(ACTOR.ID.eq(LEDGER.WHO))
        .where(LEDGER_THING.THING_ID.eq(thing))
        .and(LEDGER_THING.SEQ.in(acts))
        .orderBy(LEDGER_THING.SEQ.desc())
        .fetch(Records.mapping(Entered::new));
  }

  private LedgerEntry entry(Entered row) {
    return new LedgerEntry(
        row.id(),
        row.act(),
        row.at(),
        row.who(),
        Changes.facts(json, row.facts()),
        !row.inEffect(),
        notUndone.why(row.act()).isEmpty(),
        null,
        Changes.between(json, row.kind(), row.before(), row.after()));
  }

  /** The number of the newest act of all; 0 before the first. */
  long newest() {
    Long newest = sql.select(DSL.max(LEDGER.SEQ)).from(LEDGER).fetchSingle().value1();
    return newest == null ? 0 : newest;
  }
}
