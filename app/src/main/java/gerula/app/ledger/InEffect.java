package gerula.app.ledger;

import static gerula.app.tables.Tables.LEDGER;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/**
 * Whether an act counts: unless an undo that counts itself undoes it. It stands in the act's own
 * row, where the history, rates of use, the pace at the bench and later undos read it. Everything
 * here runs within a workspace.
 */
@Component
class InEffect {

  private final DSLContext sql;
  private final Projections projections;

  InEffect(DSLContext sql, Projections projections) {
    this.sql = sql;
    this.projections = projections;
  }

  /**
   * @param act what it undoes, an earlier one
   */
  record Undo(UUID id, UUID act) {}

  /** After an undo of this act was written; what follows from acts that turned follows. */
  void workOutAround(UUID undone) {
    List<UUID> family = family(undone);
    Set<UUID> without = without(undos(LEDGER.ID.in(family)));
    // Before they are written: those that are not so yet are the ones that turn.
    List<UUID> ended = notYet(family.stream().filter(without::contains).toList(), false);
    List<UUID> back = notYet(family.stream().filter(one -> !without.contains(one)).toList(), true);
    keep(family, without);
    projections.turned(ended, false);
    projections.turned(back, true);
  }

  private List<UUID> notYet(List<UUID> acts, boolean count) {
    return sql.select(LEDGER.ID)
        .from(LEDGER)
        .where(LEDGER.ID.in(acts))
        .and(LEDGER.IN_EFFECT.ne(count))
        .fetch(LEDGER.ID);
  }

  /** After a history came from outside. */
  void workOut() {
    List<Undo> undos = undos(DSL.trueCondition());
    List<UUID> all =
        undos.stream().flatMap(one -> Stream.of(one.id(), one.act())).distinct().toList();
    keep(all, without(undos));
  }

  /**
   * Acts that do not count. What undoes an act comes after it, so that from the newest on it is
   * known of each undo whether it counts.
   *
   * @param undos all there are, the oldest first
   */
  static Set<UUID> without(List<Undo> undos) {
    Set<UUID> without = new HashSet<>();
    for (Undo one : undos.reversed()) {
      if (!without.contains(one.id())) {
        without.add(one.act());
      }
    }
    return without;
  }

  private List<Undo> undos(Condition which) {
    return sql.select(LEDGER.ID, LEDGER.UNDOES)
        .from(LEDGER)
        .where(LEDGER.UNDOES.isNotNull())
        .and(which)
        .orderBy(LEDGER.SEQ)
        .fetch(row -> new Undo(row.value1(), row.value2()));
  }

  /** The act at the root, what undid it, what undid that, and so on. */
  private List<UUID> family(UUID act) {
    return sql.fetch(
            """
            with recursive
              below (id, undoes) as (
                select id, undoes from gerula.ledger where id = {0}
                union select l.id, l.undoes from below b join gerula.ledger l on l.id = b.undoes),
              family (id) as (
                select id from below where undoes is null
                union select l.id from family f join gerula.ledger l on l.undoes = f.id)
            select id from family
            """,
            DSL.val(act))
        .getValues(0, UUID.class);
  }

  /** Those that do not count first: an act has one undo that counts at any time. */
  private void keep(Collection<UUID> acts, Set<UUID> without) {
    set(acts.stream().filter(without::contains).toList(), false);
    set(acts.stream().filter(one -> !without.contains(one)).toList(), true);
  }

  private void set(List<UUID> acts, boolean counts) {
    sql.batch(
            acts.stream()
                .map(
                    one ->
                        sql.update(LEDGER)
                            .set(LEDGER.IN_EFFECT, counts)
                            .where(LEDGER.ID.eq(one))
                            .and(LEDGER.IN_EFFECT.ne(counts)))
                .toList())
        .execute();
  }
}
