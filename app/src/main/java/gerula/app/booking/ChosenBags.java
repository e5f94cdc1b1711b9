package gerula.app.booking;

import gerula.app.kit.Release;
import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Refused;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** A bag that is removed was chosen for no booking that is still to come or under way. */
@Component
class ChosenBags implements Release {

  private final BookingStore store;

  ChosenBags(BookingStore store) {
    this.store = store;
  }

  @Override
  public void place(Act act, UUID place) {
    for (StoredBooking booking : store.withBag(place)) {
      if (booking.backAt() == null && booking.departedAt() != null) {
        throw Refused.notNow(
            "on-the-way",
            "This bag is out for \""
                + booking.booking().title()
                + "\". Put everything back first.");
      }
      List<UUID> others = booking.bags().stream().filter(bag -> !bag.equals(place)).toList();
      UUID id = booking.booking().id();
      act.touch(ThingKind.BOOKING_THING, id, () -> store.setBags(id, others));
    }
  }
}
