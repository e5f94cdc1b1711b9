package gerula.app.packing;

import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.WholeKit;
import gerula.app.kit.place.PlaceStore;
import gerula.app.rule.HouseStore;
import gerula.core.booking.Booking;
import gerula.core.packing.Choices;
import gerula.core.packing.Claims;
import gerula.core.packing.PackingList;
import gerula.core.packing.Reservations;
import gerula.core.rule.HouseRules;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The lists of the bookings ahead, each made after what those before it take. */
@Component
public class ListsAhead {

  private final OtherBookings others;
  private final Bookings bookings;
  private final WholeKit kit;
  private final KitsInOrder kits;
  private final PlaceStore places;
  private final HouseStore house;

  ListsAhead(
      OtherBookings others,
      Bookings bookings,
      WholeKit kit,
      KitsInOrder kits,
      PlaceStore places,
      HouseStore house) {
    this.others = others;
    this.bookings = bookings;
    this.kit = kit;
    this.kits = kits;
    this.places = places;
    this.house = house;
  }

  /** A booking with its list. */
  public record Listed(StoredBooking stored, Booking booking, PackingList list) {}

  /** Those that have left and those that are next. To be called within the workspace. */
  public List<Listed> all() {
    return listed(others.ahead(), true);
  }

  /** The same if this one came as well. To be called within the workspace. */
  public List<Listed> with(StoredBooking asWell) {
    return listed(others.aheadWith(asWell), true);
  }

  /** Those that are still to leave. To be called within the workspace. */
  List<Listed> toLeave() {
    return listed(others.ahead(), false);
  }

  private List<Listed> listed(List<StoredBooking> ahead, boolean alsoThoseThatLeft) {
    List<StoredBooking> left = ahead.stream().filter(one -> one.departedAt() != null).toList();
    List<StoredBooking> planned =
        ahead.stream().filter(one -> one.departedAt() == null).limit(OtherBookings.MOST).toList();
    List<StoredBooking> told =
        alsoThoseThatLeft ? Stream.concat(left.stream(), planned.stream()).toList() : planned;
    if (told.isEmpty()) {
      return List.of();
    }
    HouseRules rules = house.current();
    PackingList.PackingFacts facts =
        new PackingList.PackingFacts(
            told.getFirst().booking(),
            kits.of(kit.now(), rules),
            places.tree(),
            List.of(),
            Set.of(),
            rules,
            Choices.NONE,
            Claims.NONE);
    Reservations along = others.along(ahead.stream(), facts);
    return told.stream()
        .map(one -> new Listed(one, bookings.asKnown(one), along.listOf(one.booking().id())))
        .toList();
  }
}
