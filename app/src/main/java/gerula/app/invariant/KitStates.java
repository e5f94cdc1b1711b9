package gerula.app.invariant;

import static gerula.app.tables.Tables.BOOKING;
import static gerula.app.tables.Tables.FILLING;
import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PACKED;
import static gerula.app.tables.Tables.PLACE;
import static gerula.app.tables.Tables.PRODUCT;

import gerula.app.ledger.ThingKind;
import gerula.app.ledger.Touched;
import gerula.core.depot.lineage.Lineage;
import gerula.core.invariant.KitState;
import gerula.core.invariant.KitState.BookingState;
import gerula.core.invariant.KitState.ItemState;
import gerula.core.invariant.KitState.PackedState;
import gerula.core.invariant.KitState.PlaceState;
import gerula.core.quantity.Unit;
import gerula.core.rule.Code;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** The kit as far as the invariants look at it. Everything here runs within a workspace. */
@Component
class KitStates {

  /** After more was touched, reading all there is takes no longer than looking each up. */
  private static final int MANY = 500;

  private final DSLContext sql;

  KitStates(DSLContext sql) {
    this.sql = sql;
  }

  KitState whole() {
    return new KitState(
        places(DSL.noCondition()),
        items(DSL.noCondition()),
        fillings(),
        packed(DSL.noCondition()),
        bookings(DSL.noCondition()));
  }

  /** What was touched, with everything it could have come into conflict with. */
  KitState around(Touched touched) {
    Set<UUID> items = new HashSet<>(touched.of(ThingKind.ITEM_THING));
    items.addAll(touched.of(ThingKind.PACKED_THING));
    if (items.size() > MANY) {
      return whole();
    }
    List<BookingState> bookings = bookingsAround(touched);
    List<PlaceState> places = placesAround(touched, items, bookings);
    places.stream().map(PlaceState::thing).filter(Objects::nonNull).forEach(items::add);
    Set<UUID> slotted = homesWithSlots(touched, items);
    return new KitState(
        places,
        items(ITEM.ID.in(items).or(sharesASlot(slotted))),
        touched.any(ThingKind.FILLING_THING) ? fillings() : List.of(),
        packed(
            PACKED.ITEM_ID.in(items).or(PACKED.BOOKING_ID.in(touched.of(ThingKind.BOOKING_THING)))),
        bookings);
  }

  /** Those that were changed; all of them when a place was, which may be a bag of any. */
  private List<BookingState> bookingsAround(Touched touched) {
    if (touched.any(ThingKind.PLACE_THING)) {
      return bookings(DSL.noCondition());
    }
    return touched.any(ThingKind.BOOKING_THING)
        ? bookings(BOOKING.ID.in(touched.of(ThingKind.BOOKING_THING)))
        : List.of();
  }

  private List<BookingState> bookings(Condition which) {
    return sql.select(BOOKING.ID, BOOKING.TITLE, BOOKING.BAGS)
        .from(BOOKING)
        .where(which.and(DSL.cardinality(BOOKING.BAGS).gt(0)))
        .orderBy(BOOKING.ID)
        .fetch(row -> new BookingState(row.value1(), row.value2(), List.of(row.value3())));
  }

  /** A place that moved may have come into any other; otherwise a few are enough. */
  private List<PlaceState> placesAround(
      Touched touched, Set<UUID> items, List<BookingState> bookings) {
    if (touched.any(ThingKind.PLACE_THING)) {
      return places(DSL.noCondition());
    }
    List<UUID> bags = bookings.stream().flatMap(one -> one.bags().stream()).toList();
    return items.isEmpty() && bags.isEmpty()
        ? List.of()
        : places(
            PLACE
                .ITEM_ID
                .in(items)
                .or(PLACE.ID.in(bags))
                .or(
                    PLACE.ID.in(
                        DSL.select(ITEM.HOME_PLACE_ID)
                            .from(ITEM)
                            .where(ITEM.ID.in(items).and(ITEM.SLOT.isNotNull())))));
  }

  private Set<UUID> homesWithSlots(Touched touched, Set<UUID> items) {
    Set<UUID> homes = new HashSet<>(touched.of(ThingKind.PLACE_THING));
    if (!items.isEmpty()) {
      homes.addAll(
          sql.select(ITEM.HOME_PLACE_ID)
              .from(ITEM)
              .where(ITEM.ID.in(items).and(ITEM.SLOT.isNotNull()))
              .fetchSet(ITEM.HOME_PLACE_ID));
    }
    return homes.stream().filter(Objects::nonNull).collect(Collectors.toSet());
  }

  private static Condition sharesASlot(Set<UUID> homes) {
    return homes.isEmpty()
        ? DSL.falseCondition()
        : ITEM.HOME_PLACE_ID.in(homes).and(ITEM.SLOT.isNotNull()).and(ITEM.DISCARDED_ON.isNull());
  }

  private List<PlaceState> places(Condition which) {
    return sql.select(PLACE.ID, PLACE.NAME, PLACE.PARENT_ID, PLACE.SLOT_COUNT, PLACE.ITEM_ID)
        .from(PLACE)
        .where(which)
        .orderBy(PLACE.ID)
        .fetch(
            row ->
                new PlaceState(
                    row.value1(), row.value2(), row.value3(), row.value4(), row.value5()));
  }

  private List<ItemState> items(Condition which) {
    return sql.select(ITEM.ID, PRODUCT.NAME, PRODUCT.SHADE, PRODUCT.CONTENT, PRODUCT.UNIT)
        .select(ITEM.HOME_PLACE_ID, ITEM.NOW_PLACE_ID, ITEM.SLOT, ITEM.AMOUNT_LEFT)
        .select(ITEM.CONTAINER_SIZE, ITEM.DISCARDED_ON)
        .from(ITEM)
        .join(PRODUCT)
        .on(PRODUCT.ID.eq(ITEM.PRODUCT_ID))
        .where(which)
        .orderBy(ITEM.ID)
        .fetch(
            row ->
                new ItemState(
                    row.get(ITEM.ID),
                    (row.get(PRODUCT.NAME) + " " + row.get(PRODUCT.SHADE)).strip(),
                    row.get(ITEM.HOME_PLACE_ID),
                    row.get(ITEM.NOW_PLACE_ID),
                    row.get(ITEM.SLOT),
                    row.get(ITEM.AMOUNT_LEFT),
                    row.get(ITEM.CONTAINER_SIZE) == null
                        ? row.get(PRODUCT.CONTENT)
                        : row.get(ITEM.CONTAINER_SIZE),
                    Code.of(Unit.class, row.get(PRODUCT.UNIT)),
                    row.get(ITEM.DISCARDED_ON) != null));
  }

  private List<Lineage.Filling> fillings() {
    return sql.selectFrom(FILLING)
        .orderBy(FILLING.ID)
        .fetch(
            row ->
                new Lineage.Filling(
                    row.getId(),
                    row.getItemId(),
                    row.getSourceId(),
                    row.getFilledOn(),
                    row.getWashedOutOn()));
  }

  private List<PackedState> packed(Condition which) {
    return sql.select(PACKED.ITEM_ID, PACKED.BOOKING_ID, BOOKING.TITLE, BOOKING.BACK_AT)
        .from(PACKED)
        .join(BOOKING)
        .on(BOOKING.ID.eq(PACKED.BOOKING_ID))
        .where(which)
        .orderBy(PACKED.ITEM_ID)
        .fetch(
            row -> new PackedState(row.value1(), row.value2(), row.value3(), row.value4() != null));
  }
}
