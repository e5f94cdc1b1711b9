package gerula.core.restock.offer;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * By what a shop lowers the price of an offer. A line of a bill is rounded once, half-even, to the
 * hundredth.
 */
public sealed interface Discount {

  BigDecimal HUNDRED = BigDecimal.valueOf(100);

  /** So many packs at the single pack's price, not rounded yet. */
  BigDecimal exact(BigDecimal price, int packs);

  /** The least number of packs from which a pack more may make the whole line cheaper. */
  default int fromPacks() {
    return 1;
  }

  /** What the line costs, in hundredths of the currency. */
  default long lineCents(BigDecimal price, int packs) {
    return exact(price, packs)
        .max(BigDecimal.ZERO)
        .movePointRight(2)
        .setScale(0, RoundingMode.HALF_EVEN)
        .longValueExact();
  }

  /** The price as it stands. */
  record None() implements Discount {
    @Override
    public BigDecimal exact(BigDecimal price, int packs) {
      return price.multiply(BigDecimal.valueOf(packs));
    }
  }

  /** So many percent off every pack. */
  record Percent(BigDecimal percent) implements Discount {
    public Percent {
      checked(percent);
    }

    @Override
    public BigDecimal exact(BigDecimal price, int packs) {
      return less(price.multiply(BigDecimal.valueOf(packs)), percent);
    }
  }

  /** Each second pack at half the price. */
  record SecondHalfPrice() implements Discount {
    @Override
    public BigDecimal exact(BigDecimal price, int packs) {
      BigDecimal halves = BigDecimal.valueOf(2L * packs - packs / 2);
      return price.multiply(halves).divide(BigDecimal.TWO);
    }
  }

  /** Each third pack is free. */
  record ThreeForTwo() implements Discount {
    @Override
    public BigDecimal exact(BigDecimal price, int packs) {
      return price.multiply(BigDecimal.valueOf(packs - packs / 3));
    }
  }

  /** So much off each pack. */
  record Fixed(BigDecimal amount) implements Discount {
    public Fixed {
      if (amount.signum() < 0) {
        throw new IllegalArgumentException("What is taken off is 0 or more.");
      }
    }

    @Override
    public BigDecimal exact(BigDecimal price, int packs) {
      return price.subtract(amount).max(BigDecimal.ZERO).multiply(BigDecimal.valueOf(packs));
    }
  }

  /** So many percent off every pack once that many are bought. */
  record FromAmount(BigDecimal percent, int fromPacks) implements Discount {
    public FromAmount {
      checked(percent);
      if (fromPacks < 1) {
        throw new IllegalArgumentException("It begins with 1 pack or more.");
      }
    }

    @Override
    public BigDecimal exact(BigDecimal price, int packs) {
      BigDecimal whole = price.multiply(BigDecimal.valueOf(packs));
      return packs >= fromPacks ? less(whole, percent) : whole;
    }
  }

  private static BigDecimal less(BigDecimal whole, BigDecimal percent) {
    return whole.multiply(HUNDRED.subtract(percent)).movePointLeft(2);
  }

  private static void checked(BigDecimal percent) {
    if (percent.signum() < 0 || percent.compareTo(HUNDRED) > 0) {
      throw new IllegalArgumentException(
          "A discount lies between 0 and 100 percent, but this is " + percent + ".");
    }
  }
}
