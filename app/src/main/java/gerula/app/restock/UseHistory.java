package gerula.app.restock;

import gerula.app.booking.BookingStore;
import gerula.app.cleandown.ContactStore;
import gerula.app.ledger.Usage;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.restock.stock.Baseline;
import gerula.core.restock.stock.FacePace;
import gerula.core.restock.stock.Stocks;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * What was used of each product in the last half year, at bookings and beside them. Everything here
 * runs within a workspace.
 */
@Component
public class UseHistory {

  private static final int DAYS = 182;

  private final Usage usage;
  private final ContactStore contacts;
  private final BookingStore bookings;
  private final WorkspaceTime time;

  UseHistory(Usage usage, ContactStore contacts, BookingStore bookings, WorkspaceTime time) {
    this.usage = usage;
    this.contacts = contacts;
    this.bookings = bookings;
    this.time = time;
  }

  /**
   * @param beside what was used beside bookings
   * @param atBookings what was used at them
   * @param faces on which it was used there
   * @param knownSince when the first pack of it was written down
   */
  public record OfProduct(
      List<Baseline.Used> beside, double atBookings, int faces, LocalDate knownSince) {

    public static final OfProduct NONE = new OfProduct(List.of(), 0, 0, LocalDate.MAX);

    /** Of two products that serve for the same. */
    OfProduct with(OfProduct other) {
      List<Baseline.Used> both = new ArrayList<>(beside);
      both.addAll(other.beside);
      return new OfProduct(
          both,
          atBookings + other.atBookings,
          // One face takes of one of them.
          Math.max(faces, other.faces),
          knownSince.isBefore(other.knownSince) ? knownSince : other.knownSince);
    }

    Baseline baseline(LocalDate today) {
      return Baseline.of(beside, knownSince.isAfter(today) ? today : knownSince, today);
    }

    public FacePace pace(Product product) {
      double usual = Stocks.usual(product);
      return usual > 0 && faces > 0 && atBookings > 0
          ? FacePace.of(usual, atBookings, faces)
          : FacePace.USUAL;
    }
  }

  public Map<UUID, OfProduct> of(Collection<Item> items, LocalDate today) {
    LocalDate since = today.minusDays(DAYS);
    Map<UUID, UUID> productOf = new HashMap<>();
    items.forEach(item -> productOf.put(item.id(), item.product().id()));
    Map<UUID, LocalDate> known = new HashMap<>();
    usage
        .knownSince(productOf.keySet())
        .forEach(
            (item, day) -> known.merge(productOf.get(item), day, (a, b) -> a.isBefore(b) ? a : b));
    List<BookingStore.DaysOut> out = bookings.daysOut(since, time::dayOf);
    Map<UUID, List<Baseline.Used>> beside = new HashMap<>();
    Map<UUID, Double> atBookings = new HashMap<>();
    for (Usage.UsedUp one : usage.usedUp(productOf.keySet(), since)) {
      UUID product = productOf.get(one.item());
      double amount = one.amount().doubleValue();
      known.merge(product, one.on(), (a, b) -> a.isBefore(b) ? a : b);
      if (out.stream().anyMatch(days -> days.isOn(one.on()))) {
        atBookings.merge(product, amount, Double::sum);
      } else {
        beside
            .computeIfAbsent(product, _ -> new ArrayList<>())
            .add(new Baseline.Used(one.on(), amount));
      }
    }
    Map<UUID, Integer> faces =
        contacts.facesOfProducts(since.atStartOfDay(time.zone()).toInstant(), time.zone());
    Map<UUID, OfProduct> history = new HashMap<>();
    for (UUID product : productOf.values()) {
      history.computeIfAbsent(
          product,
          _ ->
              new OfProduct(
                  beside.getOrDefault(product, List.of()),
                  atBookings.getOrDefault(product, 0.0),
                  faces.getOrDefault(product, 0),
                  known.getOrDefault(product, today)));
    }
    return history;
  }
}
