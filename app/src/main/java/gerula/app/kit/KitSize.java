package gerula.app.kit;

import static gerula.app.tables.Tables.ITEM;

import gerula.app.ledger.ActGuard;
import gerula.app.ledger.ThingKind;
import gerula.app.ledger.Touched;
import gerula.app.platform.limits.Limit;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** No workspace grows beyond what the others leave room for. Runs within a workspace. */
@Component
public class KitSize implements ActGuard {

  private record Bound(Limit limit, String what) {}

  private static final Map<ThingKind, Bound> BOUNDS =
      Map.ofEntries(
          Map.entry(ThingKind.PLACE_THING, new Bound(Limit.PLACES, "places")),
          Map.entry(ThingKind.PRODUCT_THING, new Bound(Limit.PRODUCTS, "products")),
          Map.entry(
              ThingKind.ITEM_THING, new Bound(Limit.ITEM_ROWS, "items, discarded ones included")),
          Map.entry(ThingKind.BOOKING_THING, new Bound(Limit.BOOKINGS, "bookings")),
          Map.entry(ThingKind.EMPTY_THING, new Bound(Limit.EMPTIES, "kinds of empties")),
          Map.entry(ThingKind.FILLING_THING, new Bound(Limit.FILLINGS, "fillings")),
          Map.entry(ThingKind.BENCH_SESSION_THING, new Bound(Limit.SESSIONS, "bench sessions")),
          Map.entry(
              ThingKind.WANTED_THING,
              new Bound(Limit.BUYING_ENTRIES, "entries of the buying list")),
          Map.entry(ThingKind.PARCEL_THING, new Bound(Limit.PARCELS, "parcels")),
          Map.entry(ThingKind.SHOP_THING, new Bound(Limit.SHOPS, "shops")),
          Map.entry(ThingKind.OFFER_THING, new Bound(Limit.OFFERS, "offers, ended ones included")),
          Map.entry(ThingKind.STOCKTAKE_THING, new Bound(Limit.COUNTS, "counts")));

  private final DSLContext sql;

  KitSize(DSLContext sql) {
    this.sql = sql;
  }

  @Override
  public void check(Touched touched) {
    touched
        .made()
        .forEach(
            kind -> {
              Bound bound = BOUNDS.get(kind);
              if (bound != null) {
                bound.limit().require(sql.fetchCount(kind.table()), bound.what());
              }
            });
    if (touched.made().contains(ThingKind.ITEM_THING)) {
      requireRoom(0);
    }
  }

  /**
   * @param more how many items are about to come
   */
  public void requireRoom(long more) {
    Limit.ITEMS.require(sql.fetchCount(ITEM, ITEM.DISCARDED_ON.isNull()) + more, "items in use");
  }
}
