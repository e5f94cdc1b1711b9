package gerula.core.restock;

import gerula.core.booking.Booking;
import gerula.core.booking.Needs;
import gerula.core.dates.UseBy;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.Code;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A thing whose time ends, and the bookings that meet it.
 *
 * @param isUseFirst whether it is the one of its class to be used up before the others; what is
 *     past its date is not used at all
 * @param meets bookings that need its kind and are not over before its last day, in their order
 */
public record Expiring(Item item, UseBy useBy, boolean isUseFirst, List<Meets> meets) {

  /** What the end of a thing does to a booking. */
  public enum When implements Code {
    /** It is past before the booking begins. */
    BEFORE,
    /** It may be used on the first day and no more on the last. */
    DURING
  }

  /** A booking that a thing does not last for. */
  public record Meets(UUID booking, When when) {}

  /**
   * The order in which things of one class are used up: what the artist puts first, then what ends
   * first, and of those the open.
   */
  private static final Comparator<Expiring> USE_FIRST =
      Comparator.<Expiring, Boolean>comparing(one -> !one.item.isUsedFirst())
          .thenComparing(one -> one.useBy.lastDay())
          .thenComparing(one -> one.item.dates().openedOn() == null)
          .thenComparing(one -> one.item, Item.BY_ID);

  private static final Comparator<Expiring> IN_ORDER_OF_WORK =
      Comparator.<Expiring, ProductClass>comparing(one -> one.item.product().productClass())
          .thenComparing(USE_FIRST);

  public Expiring {
    meets = List.copyOf(meets);
  }

  /**
   * Everything that ends by a day, in the order of work; within a class what is used first stands
   * first.
   *
   * @param today what is past on it is told, but not to be used
   * @param until inclusive; what is past already is told as well
   * @param ahead bookings whose last day has not passed
   */
  public static List<Expiring> by(
      LocalDate today,
      LocalDate until,
      Collection<Item> kit,
      List<Booking> ahead,
      HouseRules house) {
    List<Wanted> wanted = ahead.stream().map(booking -> Wanted.of(booking, house)).toList();
    List<Expiring> ending =
        kit.stream()
            .filter(item -> !item.isDiscarded())
            .flatMap(item -> of(item, wanted, house).stream())
            .sorted(IN_ORDER_OF_WORK)
            .toList();
    return IntStream.range(0, ending.size())
        .mapToObj(i -> ending.get(i).firstIf(isFirst(ending, i, today)))
        .filter(one -> !one.useBy.lastDay().isAfter(until))
        .toList();
  }

  private static Optional<Expiring> of(Item item, List<Wanted> wanted, HouseRules house) {
    UseBy useBy = item.useBy(house);
    return useBy.lastDay() == null
        ? Optional.empty()
        : Optional.of(new Expiring(item, useBy, false, meets(item, useBy.lastDay(), wanted)));
  }

  /** The first of several of one class that may still be used, where there is a choice. */
  private static boolean isFirst(List<Expiring> inOrder, int i, LocalDate today) {
    Expiring one = inOrder.get(i);
    return one.useBy.isGoodOn(today)
        && !hasAsGood(inOrder.subList(0, i).reversed(), one, today)
        && hasAsGood(inOrder.subList(i + 1, inOrder.size()), one, today);
  }

  /** Whether one of its class that may be used is among its neighbours on this side. */
  private static boolean hasAsGood(List<Expiring> nearestFirst, Expiring one, LocalDate today) {
    return nearestFirst.stream()
        .takeWhile(other -> other.isOfClassOf(one))
        .anyMatch(other -> other.useBy.isGoodOn(today));
  }

  private boolean isOfClassOf(Expiring other) {
    return item.product().productClass() == other.item.product().productClass();
  }

  private Expiring firstIf(boolean first) {
    return new Expiring(item, useBy, first, meets);
  }

  /** A booking and the classes its needs ask for. */
  private record Wanted(Booking booking, Set<ProductClass> classes) {

    static Wanted of(Booking booking, HouseRules house) {
      return new Wanted(
          booking,
          Needs.of(booking, house).stream()
              .flatMap(need -> need.kind().classes().stream())
              .collect(Collectors.toSet()));
    }
  }

  private static List<Meets> meets(Item item, LocalDate lastDay, List<Wanted> wanted) {
    return wanted.stream()
        .filter(one -> !Collections.disjoint(one.classes(), item.product().classes()))
        .filter(one -> lastDay.isBefore(one.booking().lastDay()))
        .map(
            one ->
                new Meets(
                    one.booking().id(),
                    lastDay.isBefore(one.booking().firstDay()) ? When.BEFORE : When.DURING))
        .toList();
  }

  /**
   * What would have to go today if the house became stricter: still good by its rules, and past by
   * the other's.
   */
  public static List<Item> thrownOutBy(
      HouseRules stricter, HouseRules house, Collection<Item> kit, LocalDate today) {
    return kit.stream()
        .filter(item -> !item.isDiscarded())
        .filter(item -> item.isGoodOn(today, house))
        .filter(item -> !item.isGoodOn(today, stricter))
        .sorted(Item.BY_ID)
        .toList();
  }
}
