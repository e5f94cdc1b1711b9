package gerula.app.booking;

import gerula.app.kit.picture.Pictures;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.picture.Jpeg;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.booking.Face;
import gerula.core.booking.look.Look;
import gerula.core.booking.look.LookBuilder;
import gerula.core.booking.look.LookPart;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Writes looks down: what is asked for, and on the day what was done. */
@Component
public class Looks {

  private final Bookings bookings;
  private final BookingStore store;
  private final Pictures pictures;
  private final Ledger ledger;

  Looks(Bookings bookings, BookingStore store, Pictures pictures, Ledger ledger) {
    this.bookings = bookings;
    this.store = store;
    this.pictures = pictures;
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
          Face known = bookings.face(booking, face);
          Faults faults = new Faults();
          Look look = draft.toLook(faults, "look.").orElse(null);
          faults.refuseIfAny();
          Look told = Objects.requireNonNull(look);
          pictures.requireAll(told.pictures(), "look.pictures");
          keep(act, booking, known, draft.pictures() == null ? withItsPictures(known, told) : told);
        });
  }

  private static Look withItsPictures(Face face, Look look) {
    return face.looks().stream()
        .filter(other -> isForTheSame(other, look))
        .findFirst()
        .map(there -> LookBuilder.builder(look).pictures(there.pictures()).build())
        .orElse(look);
  }

  /**
   * Adds a photograph to what was done on a day; what was used may be told later.
   *
   * @param picture id it gets, made by the caller
   */
  void picture(
      SignedIn who, UUID actId, UUID booking, UUID face, LocalDate day, UUID picture, Jpeg jpeg) {
    ledger.perform(
        who,
        actId,
        "look-photographed",
        Map.of("booking", booking, "face", face),
        act -> {
          store.lock(booking);
          Face known = bookings.face(booking, face);
          Look done = doneOn(known, day);
          Look with = Faults.built("picture", () -> done.withPicture(picture));
          pictures.keep(picture, jpeg);
          keep(act, booking, known, with);
        });
  }

  private static Look doneOn(Face face, LocalDate day) {
    return face.looks().stream()
        .filter(look -> !look.purpose().isWanted() && day.equals(look.day()))
        .findFirst()
        .orElseGet(() -> new Look(Look.Purpose.DONE, day, "", "", List.of(), List.of()));
  }

  /** What was used on a face that day is part of her look; what is so already stays as it is. */
  public void used(Act act, UUID booking, UUID face, LocalDate day, List<LookPart> parts) {
    Face known = bookings.face(booking, face);
    Look done = doneOn(known, day);
    List<LookPart> all = new ArrayList<>(done.parts());
    parts.stream()
        .filter(part -> all.stream().noneMatch(there -> part.product().equals(there.product())))
        .forEach(all::add);
    if (all.size() > done.parts().size()) {
      keep(act, booking, known, LookBuilder.builder(done).parts(all).build());
    }
  }

  /** Takes a photograph out of whatever looks of this face show it. */
  void removePicture(SignedIn who, UUID actId, UUID booking, UUID face, UUID picture) {
    ledger.perform(
        who,
        actId,
        "look-photograph-removed",
        Map.of("booking", booking, "face", face),
        act -> {
          store.lock(booking);
          Face known = bookings.face(booking, face);
          List<Look> without =
              known.looks().stream()
                  .map(look -> look.withoutPicture(picture))
                  .filter(look -> !look.isEmpty())
                  .toList();
          if (known.looks().stream().noneMatch(look -> look.pictures().contains(picture))) {
            throw Refused.notThere("photograph", picture);
          }
          act.touch(ThingKind.BOOKING_THING, booking, () -> store.setLooks(booking, face, without));
        });
  }

  private void keep(Act act, UUID booking, Face face, Look look) {
    List<Look> looks = new ArrayList<>(face.looks());
    looks.removeIf(other -> isForTheSame(other, look));
    if (!look.isEmpty()) {
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
