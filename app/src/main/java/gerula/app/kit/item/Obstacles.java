package gerula.app.kit.item;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.Obstacle;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** What stands in the way of doing something with an item, at its field and in words. */
public final class Obstacles {

  private Obstacles() {}

  /**
   * @param openedOn the day it was opened, as it was told
   */
  public static void toOpening(
      Faults faults, Item item, @Nullable LocalDate openedOn, LocalDate today) {
    for (Obstacle one : Obstacle.toOpening(item, openedOn, today)) {
      faults.unless(false, "openedOn", one.code(), opening(one, item, today));
    }
  }

  /** Of several: each says which one it is. */
  static void toOpeningOneOf(Faults faults, Item item, LocalDate openedOn, LocalDate today) {
    for (Obstacle one : Obstacle.toOpening(item, openedOn, today)) {
      faults.unless(false, "items", one.code(), name(item) + ": " + opening(one, item, today));
    }
  }

  /** Of several: each says which one it is. */
  static void toBeingOfABrushSet(Faults faults, Item item) {
    faults.unless(
        item.product().productClass().isSingleBrush(),
        "items",
        "no-single-brush",
        name(item) + " is no single brush. Choose brushes only.");
  }

  private static String name(Item item) {
    return item.product().called();
  }

  /**
   * @param openedOn the day it really was opened, null when it never was
   */
  static void toHavingOpened(
      Faults faults, Item item, @Nullable LocalDate openedOn, LocalDate today) {
    for (Obstacle one : Obstacle.toHavingOpened(item, openedOn, today)) {
      faults.unless(false, "openedOn", one.code(), opening(one, item, today));
    }
  }

  private static String opening(Obstacle one, Item item, LocalDate today) {
    return switch (one) {
      case SAY_WHEN -> "It is sealed in the kit. Say on which day it was opened, then it is used.";
      case OPENED_ALREADY -> "It was open already. Correct the day on its sheet instead.";
      case IN_THE_FUTURE -> "Today is " + today + ". Write the day it was opened.";
      case BEFORE_MADE ->
          "It was made on "
              + item.dates().madeOn()
              + " and not opened before. Write the day it was opened.";
      case OUT_OF_RANGE, MORE_THAN_FULL, MORE_THAN_LEFT, OUT_OF_USE ->
          throw new IllegalStateException("Nothing of opening: " + one);
    };
  }

  /** Out of an item, so much of it. */
  public static void toPouring(Faults faults, String path, Item item, BigDecimal amount) {
    Obstacle.toPouring(item, amount)
        .ifPresent(
            one ->
                faults.unless(
                    false,
                    path,
                    one.code(),
                    one == Obstacle.MORE_THAN_LEFT
                        ? "Only " + told(item.left()) + " is left in it."
                        : "Say an amount above 0, exact to a thousandth."));
  }

  /** Into something that holds so much. */
  public static void toHolding(Faults faults, String path, Quantity size, Quantity amount) {
    Obstacle.toHolding(size, amount)
        .ifPresent(
            one ->
                faults.unless(false, path, one.code(), "It holds " + told(size) + " when full."));
  }

  /**
   * @throws Refused when nothing is taken out of it any more
   */
  public static void requireInUse(Item item, LocalDate today, HouseRules house) {
    if (Obstacle.toTakingFrom(item, today, house).isPresent()) {
      throw Refused.notNow(
          Obstacle.OUT_OF_USE.code(),
          "It is out of date, contaminated or reported spoiled: nothing is filled from it.");
    }
  }

  private static String told(Quantity amount) {
    return amount.amount().stripTrailingZeros().toPlainString() + " " + amount.unit().code();
  }
}
