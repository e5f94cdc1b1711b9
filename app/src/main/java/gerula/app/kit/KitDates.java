package gerula.app.kit;

import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PRODUCT;

import gerula.app.kit.item.ItemRows;
import gerula.app.ledger.Derived;
import gerula.app.ledger.ThingKind;
import gerula.app.rule.DatedKit;
import gerula.app.rule.HouseStore;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.kit.item.Item;
import gerula.core.rule.HouseRules;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Query;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/**
 * The last days kept beside the items they follow from: worked out again when the house's rules
 * have changed, or an undo put other dates back. Everything here runs within a workspace.
 */
@Component
class KitDates implements Derived, DatedKit {

  private final DSLContext sql;
  private final WholeKit kit;
  private final HouseStore house;

  KitDates(DSLContext sql, WholeKit kit, HouseStore house) {
    this.sql = sql;
    this.kit = kit;
    this.house = house;
  }

  @Override
  public Set<ThingKind> follows() {
    return EnumSet.of(ThingKind.HOUSE_RULES_THING, ThingKind.ITEM_THING, ThingKind.PRODUCT_THING);
  }

  @Override
  public void workOutAgain(ThingKind kind, Set<UUID> things) {
    switch (kind) {
      case HOUSE_RULES_THING -> workOutDates();
      case ITEM_THING -> of(ITEM.ID.in(things));
      case PRODUCT_THING -> of(ITEM.PRODUCT_ID.in(things));
      default ->
          throw new IllegalArgumentException("Dates do not follow from " + kind.code() + ".");
    }
  }

  @Override
  public List<Item> items() {
    return kit.now().items();
  }

  /** What follows from facts is no act of its own. */
  @Override
  public void workOutDates() {
    of(DSL.noCondition());
  }

  private void of(Condition which) {
    HouseRules rules = house.current();
    List<Query> changes = new ArrayList<>();
    sql.select(ITEM.fields())
        .select(PRODUCT.fields())
        .from(ITEM)
        .join(PRODUCT)
        .on(PRODUCT.ID.eq(ITEM.PRODUCT_ID))
        .where(which)
        .forEach(
            row -> {
              ItemRecord is = row.into(ITEM);
              ItemRecord shall = new ItemRecord();
              var product = row.into(PRODUCT);
              ItemRows.writeDates(
                  shall,
                  ItemRows.draft(is).dates(product.getPeriodAfterOpeningMonths()),
                  product,
                  rules);
              if (!Objects.equals(is.getLastDay(), shall.getLastDay())
                  || !Objects.equals(is.getReplaceBy(), shall.getReplaceBy())) {
                changes.add(sql.update(ITEM).set(shall).where(ITEM.ID.eq(is.getId())));
              }
            });
    sql.batch(changes).execute();
  }
}
