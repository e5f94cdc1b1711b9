package gerula.core.restock;

import gerula.core.booking.Booking;
import gerula.core.booking.Needs;
import gerula.core.dates.UseBy;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.Code;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * A thing whose time ends, and the bookings that meet it.
 *
 * @param isUseFirst whether it is the one of its class to be used up before the others; what is out
 *     of date is not used at all
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
      (one, other) -> {
        int first = Boolean.compare(other.item.isUsedFirst(), one.item.isUsedFirst());
        int days = first != 0 ? first : one.useBy.lastDay().compareTo(other.useBy.lastDay());
        int open = days != 0 ? days : Boolean.compare(one.isUnopened(), other.isUnopened());
        return open != 0 ? open : Item.BY_ID.compare(one.item, other.item);
      };

  private static final Comparator<Expiring> IN_ORDER_OF_WORK =
      (one, other) -> {
        int classes = one.productClass().compareTo(other.productClass());
        return classes != 0 ? classes : USE_FIRST.compare(one, other);
      };

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
    List<Expiring> all = all(kit, house);
    Set<Expiring> first = first(all, today);
    return all.stream()
        .filter(one -> !one.useBy.lastDay().isAfter(until))
        .sorted(IN_ORDER_OF_WORK)
        .map(
            one ->
                new Expiring(
                    one.item, one.useBy, first.contains(one), meets(one.item, one.useBy, wanted)))
        .toList();
  }

  private ProductClass productClass() {
    return item.product().productClass();
  }

  private boolean isUnopened() {
    return item.dates().openedOn() == null;
  }

  /** Everything that ends at all; nothing is said yet of what comes first or whom it meets. */
  private static List<Expiring> all(Collection<Item> kit, HouseRules house) {
    List<Expiring> all = new ArrayList<>(kit.size());
    for (Item item : kit) {
      UseBy useBy = item.useBy(house);
      if (!item.isDiscarded() && useBy.lastDay() != null) {
        all.add(new Expiring(item, useBy, false, List.of()));
      }
    }
    return all;
  }

  /** Of each class the first of what may still be used, where there is a choice. */
  private static Set<Expiring> first(List<Expiring> all, LocalDate today) {
    Map<ProductClass, List<Expiring>> good = new EnumMap<>(ProductClass.class);
    for (Expiring one : all) {
      if (one.useBy.isGoodOn(today)) {
        good.computeIfAbsent(one.productClass(), _ -> new ArrayList<>()).add(one);
      }
    }
    Set<Expiring> first = Collections.newSetFromMap(new IdentityHashMap<>());
    good.values().stream()
        .filter(choice -> choice.size() > 1)
        .forEach(choice -> first.add(Collections.min(choice, USE_FIRST)));
    return first;
  }

  /** A booking and the classes its needs ask for. */
  private record Wanted(Booking booking, Set<ProductClass> classes) {

    static Wanted of(Booking booking, HouseRules house) {
      return new Wanted(
          booking,
          Needs.of(booking, house).stream()
              .flatMap(need -> need.code().kind().classes().stream())
              .collect(Collectors.toSet()));
    }
  }

  private static List<Meets> meets(Item item, UseBy useBy, List<Wanted> wanted) {
    LocalDate lastDay = useBy.lastDay();
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
