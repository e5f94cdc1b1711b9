package gerula.core.restock.stock;

import gerula.core.booking.Booking;
import gerula.core.booking.UsualAmounts;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.kit.product.Trait;
import gerula.core.packing.PackingFinding;
import gerula.core.packing.PackingLine;
import gerula.core.packing.PackingList;
import gerula.core.packing.Refusal;
import gerula.core.quantity.Unit;
import gerula.core.rule.HouseRules;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * All packs of a product are one stock, wherever they lie, and so are those of products that serve
 * for the same: two makes of cotton buds. What bookings take of it is on their lists, and what they
 * miss of it is in their gaps.
 */
public final class Stocks {

  private static final double THOUSAND = 1000;
  private static final double LEAST_FACES = 0.2;
  private static final double PERCENT = 100;

  /** In these one does for another where neither has a shade. */
  private static final Set<Section> ALIKE =
      EnumSet.of(
          Section.SET_UP, Section.SKIN, Section.DISPOSABLES, Section.COMFORT, Section.BRUSHES);

  /**
   * What belongs to one stock: one product, or all of a class with the same traits.
   *
   * @param product null where several serve for the same
   */
  private record Key(
      @Nullable UUID product, ProductClass productClass, Unit unit, Set<Trait> traits) {

    static Key of(Product product) {
      boolean isAlike =
          product.shade().isEmpty()
              && product.depth() == null
              && product.shades().isEmpty()
              && ALIKE.contains(product.productClass().section());
      return new Key(
          isAlike ? null : product.id(),
          product.productClass(),
          product.content().unit(),
          isAlike ? product.traits() : Set.of());
    }
  }

  /**
   * One stock.
   *
   * @param product it is ordered as: the largest pack
   * @param products all of it
   */
  public record Stock(Product product, Set<UUID> products) {
    public Stock {
      products = Set.copyOf(products);
    }
  }

  /** A booking and what is on its list. */
  public record Planned(Booking booking, PackingList list) {}

  private final double reserve;
  private final Map<UUID, Item> kit = new HashMap<>();
  private final Map<Key, List<StockPack>> packs = new HashMap<>();
  private final Map<Key, Map<UUID, Product>> products = new HashMap<>();
  private final Map<Key, List<BookingUse>> uses = new HashMap<>();

  /**
   * @param items of the kit, none that is discarded
   * @param planned bookings ahead with their lists, each made after what those before it take
   */
  public Stocks(Collection<Item> items, PlaceTree places, List<Planned> planned, HouseRules rules) {
    this.reserve = 1 + rules.reservePercent() / PERCENT;
    for (Item item : items) {
      Key key = Key.of(item.product());
      kit.put(item.id(), item);
      products.computeIfAbsent(key, _ -> new HashMap<>()).put(item.product().id(), item.product());
      boolean isHere = item.isNotPlacedYet() || !places.isElsewhere(item.now());
      if (isHere && isForAnybody(item)) {
        packs.computeIfAbsent(key, _ -> new ArrayList<>()).add(pack(item, rules));
      }
    }
    planned.forEach(this::addUses);
  }

  /** What is lent or lost, kept for one person or the artist, or stopped counts for nobody. */
  private static boolean isForAnybody(Item item) {
    return item.forWhom() instanceof ForWhom.Everybody
        && !item.cleanliness().isStopped()
        && item.spoilage() == null
        && !item.isDiscarded();
  }

  private static StockPack pack(Item item, HouseRules rules) {
    return new StockPack(
        item.id(), item.left().thousandths() / THOUSAND, item.useBy(rules).lastDay());
  }

  /** What one booking takes of one stock. */
  private static final class Taken {
    private double listed;
    private double missing;
    private int faces = 1;
  }

  private void addUses(Planned planned) {
    Map<Key, Taken> taken = new LinkedHashMap<>();
    for (PackingLine line : planned.list().lines()) {
      line.uses()
          .filter(use -> ListedUse.isUsedUp(use.item()))
          .forEach(
              use -> {
                Taken of = taken.computeIfAbsent(Key.of(use.item().product()), _ -> new Taken());
                of.listed += use.thousandths() / THOUSAND;
                of.faces = Math.max(of.faces, line.faces().size());
              });
    }
    planned.list().gaps().forEach(gap -> addMissing(gap, taken));
    taken.forEach((key, of) -> add(planned.booking(), key, of));
  }

  /** What is missing of something that the kit has, and has too little of or not long enough. */
  private void addMissing(PackingFinding.Gap gap, Map<Key, Taken> taken) {
    if (gap.shortThousandths() == null || !gap.isOpen()) {
      return;
    }
    for (PackingFinding.Refused near : gap.nearest()) {
      Item item = kit.get(near.item());
      boolean isTooLittle =
          near.reason() instanceof Refusal.UsedUp || near.reason() instanceof Refusal.RunsOut;
      if (item != null
          && isTooLittle
          && ListedUse.isUsedUp(item)
          && item.left().unit() == gap.unit()) {
        Taken of = taken.computeIfAbsent(Key.of(item.product()), _ -> new Taken());
        of.missing += gap.shortThousandths() / THOUSAND;
        of.faces = Math.max(of.faces, gap.faces().size());
        return;
      }
    }
  }

  /** What a list takes holds the house's reserve, unless there was too little even without it. */
  private void add(Booking booking, Key key, Taken of) {
    double amount = of.missing > 0 ? of.listed + of.missing : of.listed / reserve;
    double usual = usual(key.productClass(), key.unit());
    double days = ChronoUnit.DAYS.between(booking.firstDay(), booking.lastDay()) + 1.0;
    double faces = usual > 0 ? Math.max(LEAST_FACES, amount / usual) : of.faces * days;
    uses.computeIfAbsent(key, _ -> new ArrayList<>())
        .add(new BookingUse(booking.id(), booking.firstDay(), booking.lastDay(), amount, faces));
  }

  /** What a face usually takes of it, in its unit; 0 where it is counted or nobody knows. */
  public static double usual(Product product) {
    return usual(product.productClass(), product.content().unit());
  }

  private static double usual(ProductClass productClass, Unit unit) {
    return unit == Unit.PIECE ? 0 : UsualAmounts.ofAFace(productClass) / THOUSAND;
  }

  /** All of which something is there or wanted. */
  public List<Stock> all() {
    return products.entrySet().stream()
        .filter(one -> packs.containsKey(one.getKey()) || uses.containsKey(one.getKey()))
        .map(one -> new Stock(main(one.getValue().values()), one.getValue().keySet()))
        .sorted(Comparator.comparing(one -> one.product().id()))
        .toList();
  }

  private static Product main(Collection<Product> some) {
    return some.stream()
        .max(
            Comparator.<Product, Long>comparing(one -> one.content().thousandths())
                .thenComparing(Product::id))
        .orElseThrow();
  }

  /**
   * @param pace what faces take of it
   * @param baseline what is used of it beside bookings
   */
  public StockFacts of(Stock stock, FacePace pace, Baseline baseline) {
    Key key = Key.of(stock.product());
    return new StockFacts(
        packs.getOrDefault(key, List.of()),
        uses.getOrDefault(key, List.of()),
        pace,
        baseline,
        key.unit() == Unit.PIECE);
  }
}
