package gerula.app.ledger;

import static gerula.app.tables.Tables.ITEM_DAY;
import static gerula.app.tables.Tables.LEDGER_THING;

import gerula.app.platform.workspace.WorkspaceTime;
import java.math.BigDecimal;
import java.util.Collection;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Query;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** How each item was used, day by day. Everything here runs within a workspace. */
@Component
class ItemDays implements Projection {

  /** A thing was used when somebody said so, and when it came back from a booking. */
  private static final Set<String> USES = Set.of("used", "used-on", "put-back");

  /**
   * What is poured into another container is not used up. More left than was thought is less used
   * up than was thought.
   */
  private static final Set<String> DRAWS = Set.of("used", "used-on", "put-back", "measured");

  private final DSLContext sql;
  private final WorkspaceTime time;

  ItemDays(DSLContext sql, WorkspaceTime time) {
    this.sql = sql;
    this.time = time;
  }

  @Override
  public Set<String> acts() {
    return Set.of("used", "used-on", "put-back", "measured");
  }

  @Override
  public void turn(Collection<UUID> acts, boolean count) {
    add(count ? 1 : -1, DSL.condition("act.id = any ({0})", DSL.val(acts.toArray(UUID[]::new))));
    if (!count) {
      sql.deleteFrom(ITEM_DAY)
          .where(ITEM_DAY.USES.eq(0))
          .and(ITEM_DAY.DRAWS.eq(0))
          .and(ITEM_DAY.USED_UP.eq(BigDecimal.ZERO))
          .and(
              ITEM_DAY.ITEM_ID.in(
                  DSL.select(LEDGER_THING.THING_ID)
                      .from(LEDGER_THING)
                      .where(LEDGER_THING.LEDGER_ID.in(acts))))
          .execute();
    }
  }

  @Override
  public void workOut() {
    sql.deleteFrom(ITEM_DAY).execute();
    add(1, DSL.condition("act.in_effect"));
  }

  /** Adds what these acts say, or takes it away. */
  private void add(int sign, Condition which) {
    statement(sign, which).execute();
  }

  private Query statement(int sign, Condition which) {
    return sql.query(
        """
        insert into gerula.item_day (item_id, day, uses, draws, used_up)
        select used.item_id, used.day,
          {0} * sum(used.uses), {0} * sum((used.up > 0)::int), {0} * sum(used.up)
        from (
          select thing.thing_id as item_id, (act.at at time zone {1})::date as day,
            (act.act = any ({2}))::int as uses,
            case when act.act = any ({3}) then
              coalesce((thing.before ->> 'amount_left')::numeric - (thing.after ->> 'amount_left')::numeric, 0)
              else 0 end as up
          from gerula.ledger act
          join gerula.ledger_thing thing on thing.ledger_id = act.id and thing.kind = 'item'
          join gerula.item on item.id = thing.thing_id
          where act.act = any ({4}) and {5}
        ) used
        where used.uses > 0 or used.up <> 0
        group by used.item_id, used.day
        on conflict (workspace_id, item_id, day) do update
        set uses = item_day.uses + excluded.uses, draws = item_day.draws + excluded.draws,
          used_up = item_day.used_up + excluded.used_up
        """,
        DSL.inline(sign),
        DSL.val(time.zone().getId()),
        DSL.val(USES.toArray(String[]::new)),
        DSL.val(DRAWS.toArray(String[]::new)),
        DSL.val(acts().toArray(String[]::new)),
        which);
  }
}
