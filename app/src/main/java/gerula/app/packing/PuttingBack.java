package gerula.app.packing;

import gerula.app.booking.BookingStore;
import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.Kit;
import gerula.app.kit.item.Discarding;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.LeftTold;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.Carriers;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.place.Whereabouts;
import gerula.app.ledger.Act;
import gerula.app.ledger.Answers;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.packing.PackingRecords.PutBackResult;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.Level;
import gerula.core.kit.place.PlaceTree;
import gerula.core.rule.Code;
import java.math.BigDecimal;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Back home, piece by piece or all at once. */
@Component
class PuttingBack {

  private final Bookings bookings;
  private final BookingStore bookingStore;
  private final Handling handling;
  private final Discarding discarding;
  private final Whereabouts whereabouts;
  private final PlaceStore places;
  private final Carriers carriers;
  private final Kit kit;
  private final PackedStore packed;
  private final Ledger ledger;
  private final Answers answers;
  private final Clock clock;

  PuttingBack(
      Bookings bookings,
      BookingStore bookingStore,
      Handling handling,
      Discarding discarding,
      Whereabouts whereabouts,
      PlaceStore places,
      Carriers carriers,
      Kit kit,
      PackedStore packed,
      Ledger ledger,
      Answers answers,
      Clock clock) {
    this.bookings = bookings;
    this.bookingStore = bookingStore;
    this.handling = handling;
    this.discarding = discarding;
    this.whereabouts = whereabouts;
    this.places = places;
    this.carriers = carriers;
    this.kit = kit;
    this.packed = packed;
    this.ledger = ledger;
    this.answers = answers;
    this.clock = clock;
  }

  /** What became of a thing on the job. */
  enum Fate implements Code {
    HOME,
    /** It was looked for and is not there. */
    MISSING,
    GIVEN_AWAY
  }

  /**
   * How things came back.
   *
   * @param items what to put back, or empty for everything that is out
   * @param isUsed whether they touched somebody, and are to be cleaned
   * @param level how much of it is left, null as it was; told of one thing at a time
   * @param left the same exactly
   */
  record CameBack(
      List<UUID> items,
      Fate fate,
      boolean isUsed,
      @Nullable Level level,
      @Nullable BigDecimal left) {

    boolean isMeasured() {
      return level != null || left != null;
    }
  }

  /** The booking is back when nothing is out for it any more. */
  PutBackResult putBack(SignedIn who, UUID actId, UUID bookingId, CameBack told) {
    List<UUID> done = new ArrayList<>();
    List<UUID> withoutHome = new ArrayList<>();
    return answers.once(
        who,
        actId,
        () -> putBack(who, actId, bookingId, told, done, withoutHome),
        () -> new PutBackResult(done.size(), withoutHome));
  }

  private void putBack(
      SignedIn who,
      UUID actId,
      UUID bookingId,
      CameBack told,
      List<UUID> done,
      List<UUID> withoutHome) {
    ledger.perform(
        who,
        actId,
        switch (told.fate()) {
          case HOME -> "put-back";
          case MISSING -> "missed";
          case GIVEN_AWAY -> "given-away";
        },
        Map.of("booking", bookingId),
        act -> {
          bookingStore.lock(bookingId);
          StoredBooking booking = bookings.existing(bookingId);
          if (booking.departedAt() == null || booking.backAt() != null) {
            throw Refused.notNow("not-away", "Nothing is out for this booking.");
          }
          PlaceTree before = places.tree();
          Set<UUID> out = packed.of(bookingId);
          List<UUID> chosen =
              told.items().isEmpty()
                  ? List.copyOf(out)
                  : told.items().stream().distinct().filter(out::contains).toList();
          for (StoredItem item : kit.inKit(act, chosen)) {
            comesBack(
                act, before, measuredAndUsed(act, item, told), told.fate(), done, withoutHome);
          }
          if (packed.of(bookingId).isEmpty()) {
            isBack(act, booking, before);
          }
        });
  }

  private StoredItem measuredAndUsed(Act act, StoredItem stored, CameBack told) {
    Item after = stored.item();
    if (told.isMeasured()) {
      after = after.measured(LeftTold.of(stored, told.level(), told.left()));
    }
    if (told.isUsed() && after.cleanliness() == Cleanliness.CLEAN) {
      after =
          after.treated(
              new CleanState(Cleanliness.USED, clock.instant(), CleanState.By.TOLD, null));
    }
    if (after.equals(stored.item())) {
      return stored;
    }
    handling.became(act, stored, after);
    return kit.inKit(stored.id());
  }

  private void comesBack(
      Act act,
      PlaceTree before,
      StoredItem item,
      Fate fate,
      List<UUID> done,
      List<UUID> withoutHome) {
    UUID id = item.id();
    switch (fate) {
      case GIVEN_AWAY -> discarding.discard(act, item, DiscardCause.GIVEN_AWAY);
      case MISSING -> whereabouts.isMissing(act, before, item);
      case HOME -> {
        UUID home = item.item().home();
        if (home == null) {
          withoutHome.add(id);
          return;
        }
        handling.became(act, item, item.item().movedTo(home));
        act.touch(ThingKind.PACKED_THING, id, () -> packed.remove(id));
      }
    }
    done.add(id);
  }

  private void isBack(Act act, StoredBooking booking, PlaceTree before) {
    UUID id = booking.booking().id();
    List<UUID> bags = booking.bags().stream().filter(bag -> !isOutOn(bag, id)).toList();
    bags.forEach(bag -> whereabouts.partsComeBack(act, before, bag, one -> isOutOn(one, id)));
    bags.forEach(bag -> whereabouts.comeBack(act, before, bag));
    carriers.cameBack(act, places.tree(), booking.bags());
    act.touch(ThingKind.BOOKING_THING, id, () -> bookingStore.setBack(id, clock.instant()));
  }

  /** Whether the bag is out for another booking too. */
  private boolean isOutOn(UUID bag, UUID except) {
    return bookingStore.all().stream()
        .filter(one -> !one.booking().id().equals(except) && one.bags().contains(bag))
        .anyMatch(one -> one.departedAt() != null && one.backAt() == null);
  }
}
