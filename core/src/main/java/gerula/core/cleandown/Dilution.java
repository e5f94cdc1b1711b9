package gerula.core.cleandown;

import gerula.core.rule.Code;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/**
 * Thinning alcohol with water: C1 x V1 = C2 x V2, strengths in percent by volume. That water and
 * alcohol shrink a little when mixed is left out, as in the trade.
 *
 * <p>Worked example: 1000 ml of 70 % from stock of 91 % are 769.2 ml of stock and 230.8 ml of
 * water.
 *
 * @param stockMl to a tenth of a millilitre
 * @param waterMl what is missing to the wanted amount
 * @param popularRulePercent what "70 parts and 30 parts of water" gives with this stock
 */
public record Dilution(
    BigDecimal stockMl,
    BigDecimal waterMl,
    boolean isInEffectiveRange,
    BigDecimal popularRulePercent,
    List<Finding> findings) {

  /** What is worth knowing before one mixes. */
  public enum Finding implements Code {
    /** Below 60 %: too little alcohol to disinfect. */
    TOO_WEAK,
    /** Above 90 %: dries before it has worked, and burns more readily. */
    TOO_STRONG,
    /** The popular rule would give less than the effective range with this stock. */
    POPULAR_RULE_TOO_WEAK,
    /** There is nothing to thin. */
    NO_WATER_NEEDED
  }

  /** Largest amount that is mixed at once. */
  public static final BigDecimal MOST_ML = BigDecimal.valueOf(10_000);

  /**
   * 60 to 90 %, both included: CDC, "Guideline for Disinfection and Sterilization in Healthcare
   * Facilities", 2008.
   */
  private static final BigDecimal WEAKEST = BigDecimal.valueOf(60);

  private static final BigDecimal STRONGEST = BigDecimal.valueOf(90);

  private static final BigDecimal POPULAR_PARTS = new BigDecimal("0.7");

  public Dilution {
    findings = List.copyOf(findings);
  }

  /**
   * @param target at most the stock's strength
   * @param finalMl above 0, at most {@link #MOST_ML}
   * @throws IllegalArgumentException when one of them lies outside
   */
  public static Dilution of(Strength stock, Strength target, BigDecimal finalMl) {
    requireWeaker(stock, target);
    requireAmount(finalMl);
    BigDecimal stockMl =
        finalMl
            .multiply(target.percent())
            .divide(stock.percent(), 1, RoundingMode.HALF_EVEN)
            .min(finalMl);
    BigDecimal popular = stock.percent().multiply(POPULAR_PARTS);
    return new Dilution(
        stockMl,
        finalMl.subtract(stockMl),
        isEffective(target.percent()),
        popular,
        findings(stock.percent(), target.percent(), popular));
  }

  /**
   * @throws IllegalArgumentException when the target is stronger than the stock
   */
  public static void requireWeaker(Strength stock, Strength target) {
    if (target.percent().compareTo(stock.percent()) > 0) {
      throw new IllegalArgumentException(
          "Water makes alcohol weaker: from "
              + stock.percent().toPlainString()
              + " % one cannot make "
              + target.percent().toPlainString()
              + " %. Take stronger stock.");
    }
  }

  /**
   * @return the amount itself
   * @throws IllegalArgumentException when nobody mixes so much, or nothing
   */
  public static BigDecimal requireAmount(BigDecimal finalMl) {
    if (finalMl.signum() <= 0 || finalMl.compareTo(MOST_ML) > 0) {
      throw new IllegalArgumentException(
          "An amount lies above 0 and up to 10,000 ml, but this is "
              + finalMl.toPlainString()
              + ".");
    }
    return finalMl;
  }

  /** Whether alcohol of this strength disinfects. */
  public static boolean isEffective(BigDecimal percent) {
    return percent.compareTo(WEAKEST) >= 0 && percent.compareTo(STRONGEST) <= 0;
  }

  private static List<Finding> findings(BigDecimal stock, BigDecimal target, BigDecimal popular) {
    List<Finding> findings = new ArrayList<>();
    if (target.compareTo(WEAKEST) < 0) {
      findings.add(Finding.TOO_WEAK);
    }
    if (target.compareTo(STRONGEST) > 0) {
      findings.add(Finding.TOO_STRONG);
    }
    if (popular.compareTo(WEAKEST) < 0) {
      findings.add(Finding.POPULAR_RULE_TOO_WEAK);
    }
    if (target.compareTo(stock) == 0) {
      findings.add(Finding.NO_WATER_NEEDED);
    }
    return findings;
  }
}
