package gerula.core.kit.item;

import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.Code;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Why something cannot be done with an item as it was said. */
public enum Obstacle implements Code {
  /** It is sealed: no clock starts by guessing on which day it was opened. */
  SAY_WHEN,
  OPENED_ALREADY,
  IN_THE_FUTURE,
  BEFORE_MADE,
  /** Nothing, or finer than a thousandth. */
  OUT_OF_RANGE,
  MORE_THAN_FULL,
  MORE_THAN_LEFT,
  /** Past its date, contaminated, quarantined or reported spoiled. */
  OUT_OF_USE;

  /**
   * What stands in the way of using it.
   *
   * @param openedOn the day it was opened, to be told of a sealed one and of no other
   */
  public static List<Obstacle> toOpening(Item item, @Nullable LocalDate openedOn, LocalDate today) {
    List<Obstacle> found = new ArrayList<>();
    if (openedOn == null) {
      if (item.isSealed()) {
        found.add(SAY_WHEN);
      }
      return found;
    }
    if (!item.isSealed()) {
      found.add(OPENED_ALREADY);
    }
    found.addAll(toHavingOpened(item, openedOn, today));
    return found;
  }

  /**
   * What stands in the way of saying that it was opened that day.
   *
   * @param openedOn null when it is sealed after all
   */
  public static List<Obstacle> toHavingOpened(
      Item item, @Nullable LocalDate openedOn, LocalDate today) {
    List<Obstacle> found = new ArrayList<>();
    LocalDate madeOn = item.dates().madeOn();
    if (openedOn != null && openedOn.isAfter(today)) {
      found.add(IN_THE_FUTURE);
    }
    if (openedOn != null && madeOn != null && openedOn.isBefore(madeOn)) {
      found.add(BEFORE_MADE);
    }
    return found;
  }

  /** What stands in the way of pouring that much out of it, in its own unit. */
  public static Optional<Obstacle> toPouring(Item item, BigDecimal amount) {
    if (amount.signum() <= 0 || amount.stripTrailingZeros().scale() > 3) {
      return Optional.of(OUT_OF_RANGE);
    }
    return amount.compareTo(item.left().amount()) > 0
        ? Optional.of(MORE_THAN_LEFT)
        : Optional.empty();
  }

  /** Counted pieces can be more than one pack's; what is measured cannot be more than goes in. */
  public static Optional<Obstacle> toHolding(Quantity size, Quantity amount) {
    return size.unit() != Unit.PIECE && amount.compareTo(size) > 0
        ? Optional.of(MORE_THAN_FULL)
        : Optional.empty();
  }

  /** What stands in the way of taking anything out of it for somebody. */
  public static Optional<Obstacle> toTakingFrom(Item item, LocalDate today, HouseRules house) {
    return item.cleanliness().isStopped() || !item.isGoodOn(today, house)
        ? Optional.of(OUT_OF_USE)
        : Optional.empty();
  }
}
