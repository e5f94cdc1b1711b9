package gerula.core.depot.bench;

import gerula.core.dates.Months;
import gerula.core.quantity.Quantity;
import gerula.core.rule.Code;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.List;

/**
 * How much of a product is used in how long.
 *
 * @param amount what is used, in the unit of the product
 * @param months in which it is used, above 0
 */
public record UseRate(Quantity amount, double months, Basis basis) {

  /** Where the figure comes from. */
  public enum Basis implements Code {
    /** From what the kit's log says was used. */
    LEARNT,
    /** A pack a year, until the log knows better. From memory. */
    ASSUMED,
    /** As the artist says. */
    TOLD
  }

  public UseRate {
    if (!(months > 0)) {
      throw new IllegalArgumentException(
          "Something is used in more than 0 months, but this is " + months + ".");
    }
  }

  /** Uses longer ago say little about today. */
  private static final int DAYS_LOOKED_AT = 183;

  private static final int ENOUGH = 2;
  private static final int MONTHS_A_PACK = 12;

  /**
   * So much was used on a day.
   *
   * @param times how often something was taken
   * @param thousandths below 0 where more was left than was thought
   */
  public record Used(LocalDate on, int times, long thousandths) {}

  /**
   * From what was used of all packs and containers of a product in the last half year, once it was
   * used twice; else a pack a year.
   */
  public static UseRate of(List<Used> used, Quantity pack, LocalDate today) {
    LocalDate since = today.minusDays(DAYS_LOOKED_AT);
    List<Used> recent =
        used.stream().filter(one -> !one.on().isBefore(since) && !one.on().isAfter(today)).toList();
    if (recent.stream().mapToInt(Used::times).sum() < ENOUGH) {
      return new UseRate(pack, MONTHS_A_PACK, Basis.ASSUMED);
    }
    LocalDate first = recent.stream().map(Used::on).min(LocalDate::compareTo).orElseThrow();
    // Two uses within a week say nothing of a month: at least one month counts.
    double months = Math.max(1, Months.between(first, today));
    long amount = Math.max(0, recent.stream().mapToLong(Used::thousandths).sum());
    return new UseRate(new Quantity(amount, pack.unit()), months, Basis.LEARNT);
  }

  /** As the artist says, of a month. */
  public static UseRate told(Quantity aMonth) {
    return new UseRate(aMonth, 1, Basis.TOLD);
  }

  /** So much of the unit of the product, 0 or more: what is shown. */
  public double perMonth() {
    return amount.amount().doubleValue() / months;
  }

  /**
   * What is used in so long, rounded down to a thousandth; nothing in no time.
   *
   * @param time in months, finite
   */
  public Quantity in(double time) {
    return amount.times(BigDecimal.valueOf(Math.max(0, time) / months), RoundingMode.FLOOR);
  }

  public boolean isNone() {
    return amount.isNone();
  }
}
