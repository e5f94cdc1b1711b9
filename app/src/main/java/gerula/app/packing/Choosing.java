package gerula.app.packing;

import gerula.app.booking.BookingStore;
import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.Kit;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.packing.Choices;
import gerula.core.packing.Decided;
import gerula.core.rule.Code;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the artist decides about a list: it holds until she decides otherwise. */
@Component
class Choosing {

  /** What may be decided about an item. */
  enum ItemChoice implements Code {
    /** It goes along wherever it serves, before any other. */
    PIN,
    /** It stays at home. */
    LEAVE_OUT,
    /** It goes along though nothing asks for it. */
    ADD,
    /** Whatever was decided about it does not hold any more. */
    AS_WORKED_OUT
  }

  private final Bookings bookings;
  private final BookingStore store;
  private final Kit kit;
  private final Ledger ledger;

  Choosing(Bookings bookings, BookingStore store, Kit kit, Ledger ledger) {
    this.bookings = bookings;
    this.store = store;
    this.kit = kit;
    this.ledger = ledger;
  }

  void item(SignedIn who, UUID actId, UUID booking, UUID item, ItemChoice choice) {
    ledger.perform(
        who,
        actId,
        "decided",
        Map.of("booking", booking, "item", item, "choice", choice.code()),
        act -> {
          StoredBooking now = locked(booking);
          kit.inKit(act, List.of(item));
          Choices decided =
              switch (choice) {
                case PIN -> now.choices().pinning(item);
                case LEAVE_OUT -> now.choices().leavingOut(item);
                case ADD -> now.choices().adding(item);
                case AS_WORKED_OUT -> now.choices().undecided(item);
              };
          act.touch(ThingKind.BOOKING_THING, booking, () -> store.setChoices(booking, decided));
        });
  }

  /**
   * Decides what becomes of a need that the kit does not meet.
   *
   * @param decided null: nothing is decided about it any more
   * @param instead what is taken though it is not quite what is needed, null for nothing
   */
  void need(
      SignedIn who,
      UUID actId,
      UUID booking,
      String need,
      @Nullable Decided decided,
      @Nullable UUID instead) {
    ledger.perform(
        who,
        actId,
        "decided",
        Map.of("booking", booking, "need", need, "decided", decided == null ? "" : decided.code()),
        act -> {
          Choices after = locked(booking).choices().deciding(need, decided);
          if (instead != null) {
            kit.inKit(act, List.of(instead));
          }
          Choices kept = instead == null ? after : after.adding(instead);
          act.touch(ThingKind.BOOKING_THING, booking, () -> store.setChoices(booking, kept));
        });
  }

  /**
   * Takes so many of what is counted.
   *
   * @param pieces null for as many as are worked out
   */
  void amount(SignedIn who, UUID actId, UUID booking, String need, @Nullable Integer pieces) {
    ledger.perform(
        who,
        actId,
        "decided",
        Map.of("booking", booking, "need", need),
        act -> {
          Choices decided =
              locked(booking).choices().taking(need, pieces == null ? null : (long) pieces);
          act.touch(ThingKind.BOOKING_THING, booking, () -> store.setChoices(booking, decided));
        });
  }

  private StoredBooking locked(UUID id) {
    store.lock(id);
    return bookings.existing(id);
  }
}
