package gerula.app.packing;

import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.WholeKit;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.UntilNextAct;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.rule.HouseStore;
import gerula.core.booking.Booking;
import gerula.core.packing.Choices;
import gerula.core.packing.Claims;
import gerula.core.packing.PackingList;
import gerula.core.packing.Reservations;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The lists of the bookings ahead, each made after what those before it take. */
@Component
public class ListsAhead {

  /** Lists are large: they are kept of a few only. */
  private static final int MOST_WORKSPACES = 20;

  private final OtherBookings others;
  private final Bookings bookings;
  private final WholeKit kit;
  private final KitsInOrder kits;
  private final PlaceStore places;
  private final HouseStore house;
  private final UntilNextAct<List<Listed>> known;

  ListsAhead(
      OtherBookings others,
      Bookings bookings,
      WholeKit kit,
      KitsInOrder kits,
      PlaceStore places,
      HouseStore house,
      Ledger ledger) {
    this.others = others;
    this.bookings = bookings;
    this.kit = kit;
    this.kits = kits;
    this.places = places;
    this.house = house;
    this.known = new UntilNextAct<>(ledger, MOST_WORKSPACES);
  }

  /** A booking with its list. */
  public record Listed(StoredBooking stored, Booking booking, PackingList list) {}

  /**
   * Those that have left and those that are next, worked out again once anything was done. To be
   * called within the workspace.
   */
  public List<Listed> all(SignedIn who, LocalDate today) {
    return known.get(who, today, () -> listed(others.ahead()));
  }

  /** The same if this one came as well. To be called within the workspace. */
  public List<Listed> with(StoredBooking asWell) {
    return listed(others.aheadWith(asWell));
  }

  private List<Listed> listed(List<StoredBooking> ahead) {
    List<StoredBooking> told =
        Stream.concat(
                ahead.stream().filter(one -> one.departedAt() != null),
                ahead.stream().filter(one -> one.departedAt() == null).limit(OtherBookings.MOST))
            .toList();
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
