package gerula.core.cleandown.refill;

import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.place.SetContent;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Unit;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * What a place is to hold when it is ready, what is there, and what makes up for the rest.
 *
 * @param place a pouch, most often
 */
public record PouchRefill(UUID place, List<Line> lines) {

  /**
   * One kind of thing in it.
   *
   * @param pieces it is to hold
   * @param there are that many that may be used
   * @param from what makes up for the rest, in the order in which it is taken
   */
  public record Line(ProductClass productClass, int pieces, int there, List<FromStock> from) {
    public Line {
      from = List.copyOf(from);
    }

    /** How many there are nowhere. */
    public int missing() {
      int taken = from.stream().mapToInt(FromStock::pieces).sum();
      return Math.max(0, pieces - there - taken);
    }
  }

  /** So many pieces of a stock. */
  public record FromStock(UUID item, int pieces) {}

  public PouchRefill {
    lines = List.copyOf(lines);
  }

  public boolean isFull() {
    return lines.stream().allMatch(line -> line.there() >= line.pieces());
  }

  /**
   * Every place that is to hold something, in walking order. What one takes the next does not have;
   * what lies in a place that is to hold such things itself stays there, and so does what lies in
   * another bag.
   */
  public static List<PouchRefill> of(
      PlaceTree places, Collection<Item> kit, HouseRules house, LocalDate today) {
    return new Filling(places, kit, house, today).all();
  }

  private static final class Filling {

    private final PlaceTree places;
    private final List<Item> usable;
    private final List<Place> toFill;
    private final Map<UUID, Integer> left = new HashMap<>();

    Filling(PlaceTree places, Collection<Item> kit, HouseRules house, LocalDate today) {
      this.places = places;
      this.toFill =
          places.inWalkingOrder().stream().filter(one -> !one.setContents().isEmpty()).toList();
      this.usable =
          kit.stream()
              .filter(item -> isUsable(item, house, today))
              // What is open is used up first, then what is past soonest.
              .sorted(
                  Comparator.comparing(Item::isSealed)
                      .thenComparing(
                          item -> item.useBy(house).lastDay(),
                          Comparator.nullsLast(Comparator.naturalOrder()))
                      .thenComparing(item -> item.product().fullName())
                      .thenComparing(Item.BY_ID))
              .toList();
      usable.forEach(item -> left.put(item.id(), pieces(item)));
    }

    private boolean isUsable(Item item, HouseRules house, LocalDate today) {
      return !item.isDiscarded()
          && item.forWhom() instanceof ForWhom.Everybody
          && item.cleanliness() == Cleanliness.CLEAN
          && item.now() != null
          && !places.isElsewhere(item.now())
          && item.isGoodOn(today, house);
    }

    private static int pieces(Item item) {
      return item.left().unit() == Unit.PIECE ? item.left().amount().intValue() : 1;
    }

    List<PouchRefill> all() {
      return toFill.stream()
          .map(
              place ->
                  new PouchRefill(
                      place.id(),
                      place.setContents().stream().map(one -> line(place, one)).toList()))
          .toList();
    }

    private Line line(Place place, SetContent content) {
      Set<UUID> within = places.withAllInside(place.id());
      List<Item> ofIt =
          usable.stream()
              .filter(item -> item.product().classes().contains(content.productClass()))
              .toList();
      int there =
          ofIt.stream()
              .filter(item -> within.contains(item.now()))
              .mapToInt(PouchRefill.Filling::pieces)
              .sum();
      List<FromStock> from = new ArrayList<>();
      int missing = content.pieces() - there;
      for (Item item : stock(ofIt, place, content.productClass())) {
        int some = Math.min(missing, left.getOrDefault(item.id(), 0));
        if (some > 0 && !within.contains(item.now())) {
          from.add(new FromStock(item.id(), some));
          left.merge(item.id(), -some, Integer::sum);
          missing -= some;
        }
      }
      return new Line(content.productClass(), content.pieces(), Math.max(0, there), from);
    }

    /** Counted, in the store or the same bag, and not where such things are to be held. */
    private List<Item> stock(List<Item> ofIt, Place pouch, ProductClass productClass) {
      UUID own =
          places.path(pouch.id()).stream()
              .filter(one -> one.kind().isCarrier())
              .findFirst()
              .map(Place::id)
              .orElse(pouch.id());
      Set<UUID> kept =
          toFill.stream()
              .filter(
                  place ->
                      place.setContents().stream()
                          .anyMatch(one -> one.productClass() == productClass))
              .flatMap(place -> places.withAllInside(place.id()).stream())
              .collect(Collectors.toSet());
      return ofIt.stream()
          .filter(item -> item.left().unit() == Unit.PIECE)
          .filter(item -> !kept.contains(item.now()))
          .filter(item -> isInStore(item.now()) || places.liesIn(item.now(), own))
          .toList();
    }

    private boolean isInStore(UUID place) {
      return places.path(place).stream().noneMatch(one -> one.kind().isCarrier());
    }
  }
}
