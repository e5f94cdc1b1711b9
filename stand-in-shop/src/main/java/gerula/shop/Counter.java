package gerula.shop;

import gerula.shop.Catalogue.Sold;
import gerula.shop.Order.Asked;
import gerula.shop.Order.Confirmed;
import gerula.shop.Order.Delivery;
import gerula.shop.Order.Part;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.random.RandomGenerator;

/**
 * Takes orders. What goes short or comes late is drawn by chance from the seed and the order's id,
 * so that the same order fares the same way. Orders are kept as long as the program runs.
 */
final class Counter {

  private static final int DELIVERY_DAYS = 3;
  private static final int LATER_DAYS = 4;
  private static final int MOST_LATE = 3;
  private static final double SHORT = 0.2;
  private static final double LATE = 0.15;

  /** Seeds that follow each other shall not fare alike. */
  private static final long SPREAD = 0x9E3779B97F4A7C15L;

  private static final int MOST_ORDERS = 10_000;
  private static final int PRINTED_MONTHS = 30;

  private final Catalogue catalogue;
  private final long seed;
  private final Map<UUID, Order> orders = new ConcurrentHashMap<>();

  Counter(Catalogue catalogue, long seed) {
    this.catalogue = catalogue;
    this.seed = seed;
  }

  Catalogue catalogue() {
    return catalogue;
  }

  /** The same order twice is one order. */
  Order take(UUID id, LocalDate on, List<Asked> asked) {
    if (orders.size() >= MOST_ORDERS) {
      throw new IllegalStateException("The book is full.");
    }
    return orders.computeIfAbsent(id, _ -> order(id, on, asked));
  }

  Optional<Order> find(UUID id) {
    return Optional.ofNullable(orders.get(id));
  }

  /** Called off, as long as nothing of it was sent. */
  boolean callOff(UUID id, LocalDate day) {
    Order order = orders.get(id);
    return order != null && order.stateOn(day).equals("confirmed") && orders.remove(id) != null;
  }

  private Order order(UUID id, LocalDate on, List<Asked> asked) {
    RandomGenerator chance = new SplittableRandom(SPREAD * seed + id.hashCode());
    String number = "OH-%06d".formatted(chance.nextInt(1_000_000));
    List<Confirmed> lines = new ArrayList<>();
    List<Part> first = new ArrayList<>();
    List<Part> rest = new ArrayList<>();
    for (Asked one : asked) {
      Optional<Sold> sold = catalogue.find(one.maker(), one.name(), one.shade());
      lines.add(new Confirmed(one.line(), sold.isPresent() ? one.packs() : 0));
      if (sold.isPresent()) {
        int later = chance.nextDouble() < SHORT ? 1 + chance.nextInt(one.packs()) : 0;
        add(first, one, sold.get(), one.packs() - later, on, chance);
        add(rest, one, sold.get(), later, on, chance);
      }
    }
    int late = chance.nextDouble() < LATE ? 1 + chance.nextInt(MOST_LATE) : 0;
    LocalDate there = Order.workingDays(on, DELIVERY_DAYS + late);
    List<Delivery> deliveries = new ArrayList<>();
    deliver(deliveries, number, there, first);
    deliver(deliveries, number, Order.workingDays(there, LATER_DAYS), rest);
    return new Order(id, number, on, lines, deliveries);
  }

  private static void add(
      List<Part> parts, Asked one, Sold sold, int packs, LocalDate on, RandomGenerator chance) {
    if (packs > 0) {
      parts.add(
          new Part(
              one.line(),
              packs,
              String.format(Locale.ROOT, "L%04d", chance.nextInt(10_000)),
              on.plusMonths(PRINTED_MONTHS).withDayOfMonth(1).minusDays(1),
              sold.price().divide(BigDecimal.valueOf(sold.packs()), 2, RoundingMode.HALF_EVEN)));
    }
  }

  private static void deliver(
      List<Delivery> deliveries, String number, LocalDate on, List<Part> parts) {
    if (!parts.isEmpty()) {
      deliveries.add(
          new Delivery(number + "-" + (deliveries.size() + 1), on.minusDays(1), on, parts));
    }
  }
}
