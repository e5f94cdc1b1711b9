package gerula.app.ledger;

import static gerula.app.tables.Tables.ACCOUNT;
import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.LEDGER_THING;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
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
    List<LaterActs.Later> acts = new ArrayList<>();
    rows(thing, most)
        .forEach(
            row -> {
              acts.add(new LaterActs.Later(row.id(), row.act(), row.undoes()));
              // An act may touch an item and its tick: in the item's history it stands once.
              byAct.merge(row.id(), entry(row), LedgerEntry::with);
            });
    List<LaterActs.Later> distinct = acts.stream().distinct().toList();
    return distinct.stream()
        .map(
            act -> {
              LedgerEntry entry = byAct.get(act.id());
              return entry.undone() ? entry : entry.restedOnBy(restsOn(act, distinct).orElse(null));
            })
        .toList();
  }

  private Optional<String> restsOn(LaterActs.Later act, List<LaterActs.Later> newestFirst) {
    Optional<String> onThisThing =
        LaterActs.of(newestFirst.subList(0, newestFirst.indexOf(act))).newestInEffect();
    return onThisThing.or(
        () ->
            sql.fetchCount(LEDGER_THING, LEDGER_THING.LEDGER_ID.eq(act.id())) > MOST_TOUCHED
                ? Optional.empty()
                : LaterActs.of(after(act.id())).newestInEffect());
  }

  private record Entered(
      UUID id,
      String act,
      Instant at,
      @Nullable String who,
      JSONB facts,
      @Nullable UUID undoes,
      boolean undone,
      @Nullable JSONB before,
      @Nullable JSONB after) {}

  private List<Entered> rows(UUID thing, int most) {
    var undoing = LEDGER.as("undoing");
    return sql.select(
            LEDGER.ID,
            LEDGER.ACT,
            LEDGER.AT,
            ACCOUNT.EMAIL,
            LEDGER.FACTS,
            LEDGER.UNDOES,
            undoing.ID.isNotNull(),
            LEDGER_THING.BEFORE,
            LEDGER_THING.AFTER)
        .from(LEDGER_THING)
        .join(LEDGER)
        .on(LEDGER.ID.eq(LEDGER_THING.LEDGER_ID))
        .leftJoin(undoing)
        .on(undoing.UNDOES.eq(LEDGER.ID))
        .leftJoin(ACCOUNT)
        .on(ACCOUNT.ID.eq(LEDGER.WHO))
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
        row.undone(),
        null,
        Changes.between(json, row.before(), row.after()));
  }

  /** Acts that touched the same things as this one later, the newest first. */
  List<LaterActs.Later> after(UUID act) {
    var itself = LEDGER.as("itself");
    var later = LEDGER.as("later");
    var touched = LEDGER_THING.as("touched");
    var again = LEDGER_THING.as("again");
    return sql.selectDistinct(later.ID, later.ACT, later.UNDOES, later.SEQ)
        .from(itself)
        .join(touched)
        .on(touched.LEDGER_ID.eq(itself.ID))
        .join(again)
        .on(again.THING_ID.eq(touched.THING_ID).and(again.KIND.eq(touched.KIND)))
        .join(later)
        .on(later.ID.eq(again.LEDGER_ID))
        .where(itself.ID.eq(act))
        .and(later.SEQ.gt(itself.SEQ))
        .orderBy(later.SEQ.desc())
        .fetch(row -> new LaterActs.Later(row.value1(), row.value2(), row.value3()));
  }
}
