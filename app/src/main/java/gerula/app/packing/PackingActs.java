package gerula.app.packing;

import gerula.app.booking.BookingStore;
import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.Kit;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.place.Slots;
import gerula.app.kit.place.StoredPlace;
import gerula.app.kit.place.Whereabouts;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.packing.PackingRecords.LineView;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceTree;
import gerula.core.packing.TakenReason;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Ticking off and departing. */
@Component
class PackingActs {

  private final Packing packing;
  private final Bookings bookings;
  private final BookingStore bookingStore;
  private final Handling handling;
  private final Whereabouts whereabouts;
  private final PlaceStore places;
  private final Slots slots;
  private final Kit kit;
  private final PackedStore packed;
  private final Ledger ledger;
  private final Clock clock;

  PackingActs(
      Packing packing,
      Bookings bookings,
      BookingStore bookingStore,
      Handling handling,
      Whereabouts whereabouts,
      PlaceStore places,
      Slots slots,
      Kit kit,
      PackedStore packed,
      Ledger ledger,
      Clock clock) {
    this.packing = packing;
    this.bookings = bookings;
    this.bookingStore = bookingStore;
    this.handling = handling;
    this.whereabouts = whereabouts;
    this.places = places;
    this.slots = slots;
    this.kit = kit;
    this.packed = packed;
    this.ledger = ledger;
    this.clock = clock;
  }

  /** Into the bag: the thing is ticked off for this booking and for no other. */
  void pack(SignedIn who, UUID actId, UUID bookingId, List<UUID> items) {
    ledger.perform(
        who,
        actId,
        "packed",
        Map.of("booking", bookingId),
        act -> {
          refuseUnlessPlanned(lockedBooking(bookingId));
          List<StoredItem> all = kit.inKit(act, items);
          act.about(ThingKind.PACKED_THING, items);
          for (StoredItem item : all) {
            packOne(act, bookingId, item);
          }
        });
  }

  private void packOne(Act act, UUID bookingId, StoredItem item) {
    UUID id = item.item().id();
    packed
        .bookingOf(id)
        .filter(other -> !other.booking().equals(bookingId))
        .ifPresent(
            other -> {
              throw Refused.notNow(
                  "packed-elsewhere",
                  item.item().product().name()
                      + " is packed for \""
                      + other.title()
                      + "\". Take it out there first.");
            });
    act.touch(ThingKind.PACKED_THING, id, () -> packed.add(bookingId, id));
  }

  /** Out of the bag again, before it has left. */
  void takeOut(SignedIn who, UUID actId, UUID bookingId, List<UUID> items) {
    ledger.perform(
        who,
        actId,
        "taken-out",
        Map.of("booking", bookingId),
        act -> {
          refuseUnlessPlanned(lockedBooking(bookingId));
          Set<UUID> inTheBag = packed.of(bookingId);
          items.stream()
              .distinct()
              .filter(inTheBag::contains)
              .forEach(id -> act.touch(ThingKind.PACKED_THING, id, () -> packed.remove(id)));
        });
  }

  /** The bags leave: everything ticked off now lies in its compartment. */
  void depart(SignedIn who, UUID actId, UUID bookingId) {
    ledger.perform(
        who,
        actId,
        "departed",
        Map.of("booking", bookingId),
        act -> {
          StoredBooking booking = lockedBooking(bookingId);
          refuseUnlessPlanned(booking);
          // On the way two places may lie in each other; what counts is where they are in the end.
          PlaceTree before = places.tree();
          List<LineView> along =
              packing.list(who, bookingId).lines().stream()
                  .filter(line -> line.packed() && line.goesTo() != null)
                  .toList();
          Map<UUID, UUID> goesTo =
              along.stream().collect(Collectors.toMap(line -> line.item().id(), LineView::goesTo));
          refuseUnlessReady(booking, goesTo);
          along.forEach(line -> bringCarrier(act, bookingId, line, goesTo));
          Set<UUID> lifted = lifted(along);
          for (StoredItem item : kit.inKit(act, goesTo.keySet())) {
            UUID to = goesTo.get(item.id());
            Item after =
                lifted.contains(item.id())
                    ? item.item().liftedOutTo(to, slots.waitingFor(item))
                    : item.item().movedTo(to);
            handling.became(act, item, after);
          }
          takenAlone(booking, before).forEach(bag -> whereabouts.leave(act, before, bag));
          act.touch(
              ThingKind.BOOKING_THING,
              bookingId,
              () -> bookingStore.setDeparted(bookingId, clock.instant()));
        });
  }

  private static Set<UUID> lifted(List<LineView> along) {
    return along.stream()
        .filter(line -> carrierOf(line).isPresent())
        .map(line -> line.item().id())
        .collect(Collectors.toSet());
  }

  private static Optional<UUID> carrierOf(LineView line) {
    return line.taken().stream()
        .filter(TakenReason.Lifted.class::isInstance)
        .map(reason -> ((TakenReason.Lifted) reason).into())
        .findFirst();
  }

  /**
   * A lifted pan lies in the palette that carries it, which goes where the pan was to go: whoever
   * ticked off the pan has the palette in the bag.
   */
  private void bringCarrier(Act act, UUID bookingId, LineView line, Map<UUID, UUID> goesTo) {
    UUID carrier = carrierOf(line).orElse(null);
    if (carrier == null) {
      return;
    }
    goesTo.put(line.item().id(), places.being(carrier).map(StoredPlace::id).orElseThrow());
    if (goesTo.putIfAbsent(carrier, Objects.requireNonNull(line.goesTo())) == null) {
      packOne(act, bookingId, kit.inKit(carrier));
    }
  }

  /** The bags that do not leave within another. */
  private static List<UUID> takenAlone(StoredBooking booking, PlaceTree tree) {
    return booking.bags().stream()
        .filter(bag -> tree.find(bag).isPresent())
        .filter(
            bag ->
                booking.bags().stream()
                    .noneMatch(other -> !other.equals(bag) && tree.liesIn(bag, other)))
        .toList();
  }

  private static void refuseUnlessReady(StoredBooking booking, Map<UUID, UUID> goesTo) {
    if (booking.bags().isEmpty()) {
      throw Refused.notNow("no-bag", "No bag is chosen for this booking. Choose one first.");
    }
    if (goesTo.isEmpty()) {
      throw Refused.notNow(
          "nothing-packed", "Nothing is ticked off yet. Tick off what is in the bag first.");
    }
  }

  private StoredBooking lockedBooking(UUID id) {
    bookingStore.lock(id);
    return bookings.existing(id);
  }

  private static void refuseUnlessPlanned(StoredBooking booking) {
    if (booking.departedAt() != null) {
      throw Refused.notNow(
          "departed-already", "The bags of this booking have left already. Nothing was changed.");
    }
  }
}
