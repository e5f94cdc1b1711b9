package gerula.app.ledger;

import static gerula.app.tables.Tables.ACTOR;
import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.LEDGER_THING;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Record6;
import org.jooq.Records;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What was done with a thing, and what rests on it. Everything here runs within a workspace. */
@Component
class History {

  /** An act that touched more things is not looked through before somebody asks for its undo. */
  private static final int MOST_TOUCHED = 300;

  private final DSLContext sql;
  private final JsonMapper json;

  History(DSLContext sql, JsonMapper json) {
    this.sql = sql;
    this.json = json;
  }

  /** Acts that touched the thing, the newest first. */
  List<LedgerEntry> of(UUID thing, int most) {
    Map<UUID, LedgerEntry> byAct = new LinkedHashMap<>();
    Set<LaterActs.Later> acts = new LinkedHashSet<>();
    rows(thing, most)
        .forEach(
            row -> {
              acts.add(row.later());
              // An act may touch an item and its tick: in the item's history it stands once.
              byAct.merge(row.id(), entry(row), LedgerEntry::with);
            });
    LaterActs later = new LaterActs(List.copyOf(acts));
    return acts.stream()
        .map(
            act -> {
              LedgerEntry entry = byAct.get(act.id());
              return entry.undone() ? entry : entry.restedOnBy(restsOn(act, later).orElse(null));
            })
        .toList();
  }

  private Optional<String> restsOn(LaterActs.Later act, LaterActs onThisThing) {
    return onThisThing
        .inTheWayOf(act.number())
        .or(
            () ->
                sql.fetchCount(LEDGER_THING, LEDGER_THING.LEDGER_ID.eq(act.id())) > MOST_TOUCHED
                    ? Optional.empty()
                    : inTheWayOf(act.id()));
  }

  private record Entered(
      UUID id,
      String act,
      long number,
      @Nullable Long undoes,
      boolean inEffect,
      Instant at,
      @Nullable String who,
      JSONB facts,
      String kind,
      @Nullable JSONB before,
      @Nullable JSONB after) {

    LaterActs.Later later() {
      return new LaterActs.Later(id, act, number, undoes, inEffect);
    }
  }

  private List<Entered> rows(UUID thing, int most) {
    var undone = LEDGER.as("undone");
    return sql.select(
            LEDGER.ID,
            LEDGER.ACT,
            LEDGER.SEQ,
            undone.SEQ,
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
        .leftJoin(undone)
        .on(undone.ID.eq(LEDGER.UNDOES))
        .leftJoin(ACTOR)
        .on(ACTOR.ID.eq(LEDGER.WHO))
        .where(LEDGER_THING.THING_ID.eq(thing))
        .orderBy(LEDGER.SEQ.desc())
        .limit(most)
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
        null,
        Changes.between(json, row.kind(), row.before(), row.after()));
  }

  /** What the newest act is called that stands in the way of undoing this one. */
  Optional<String> inTheWayOf(UUID act) {
    var itself = LEDGER.as("itself");
    var later = LEDGER.as("later");
    var undone = LEDGER.as("undone");
    var touched = LEDGER_THING.as("touched");
    var again = LEDGER_THING.as("again");
    List<Record6<UUID, String, Long, Long, Boolean, Long>> rows =
        List.copyOf(
            sql.selectDistinct(
                    later.ID, later.ACT, later.SEQ, undone.SEQ, later.IN_EFFECT, itself.SEQ)
                .from(itself)
                .join(touched)
                .on(touched.LEDGER_ID.eq(itself.ID))
                .join(again)
                .on(again.THING_ID.eq(touched.THING_ID).and(again.KIND.eq(touched.KIND)))
                .join(later)
                .on(later.ID.eq(again.LEDGER_ID))
                .leftJoin(undone)
                .on(undone.ID.eq(later.UNDOES))
                .where(itself.ID.eq(act))
                .and(later.SEQ.gt(itself.SEQ))
                .and(later.IN_EFFECT)
                .orderBy(later.SEQ.desc())
                .fetch());
    if (rows.isEmpty()) {
      return Optional.empty();
    }
    return new LaterActs(
            rows.stream()
                .map(
                    row ->
                        new LaterActs.Later(
                            row.value1(), row.value2(), row.value3(), row.value4(), row.value5()))
                .toList())
        .inTheWayOf(rows.getFirst().value6());
  }
}
