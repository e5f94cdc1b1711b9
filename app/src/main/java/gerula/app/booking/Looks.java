package gerula.app.booking;

import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.booking.Face;
import gerula.core.booking.look.Look;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Writes looks down: what is asked for, and on the day what was done. */
@Component
class Looks {

  private final Bookings bookings;
  private final BookingStore store;
  private final Ledger ledger;

  Looks(Bookings bookings, BookingStore store, Ledger ledger) {
    this.bookings = bookings;
    this.store = store;
    this.ledger = ledger;
  }

  /** Takes the place of the look that is there for the same, if one is. */
  void record(SignedIn who, UUID actId, UUID booking, UUID face, LookDraft draft) {
    ledger.perform(
        who,
        actId,
        "look-recorded",
        Map.of("booking", booking, "face", face),
        act -> {
          store.lock(booking);
          Face known = face(booking, face);
          Faults faults = new Faults();
          Look look = draft.toLook(faults, "look.").orElse(null);
          faults.refuseIfAny();
          keep(act, booking, known, Objects.requireNonNull(look));
        });
  }

  private Face face(UUID booking, UUID face) {
    return bookings.existing(booking).booking().faces().stream()
        .filter(one -> one.id().equals(face))
        .findFirst()
        .orElseThrow(() -> Refused.notThere("face", face));
  }

  private void keep(Act act, UUID booking, Face face, Look look) {
    List<Look> looks = new ArrayList<>(face.looks());
    looks.removeIf(other -> isForTheSame(other, look));
    if (!look.parts().isEmpty()) {
      new Faults()
          .unless(
              looks.stream().noneMatch(look::contradicts),
              "look.day",
              "twice",
              "Another look is asked for on that day already. Change that one, or take another day.")
          .refuseIfAny();
      looks.add(look);
    }
    act.touch(ThingKind.BOOKING_THING, booking, () -> store.setLooks(booking, face.id(), looks));
  }

  private static boolean isForTheSame(Look one, Look other) {
    return one.purpose().isWanted() == other.purpose().isWanted()
        && Objects.equals(one.day(), other.day());
  }
}
