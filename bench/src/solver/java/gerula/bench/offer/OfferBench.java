package gerula.bench.offer;

import com.google.ortools.Loader;
import gerula.core.restock.offer.CheapestCover;
import gerula.core.restock.offer.OfferNeed;
import gerula.core.restock.offer.RandomOffers;
import java.math.BigDecimal;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The cheapest cover against an exact solver, with an open budget and with one that is too small.
 * Argument: seconds the solver has for each level (5).
 */
public final class OfferBench {

  private static final int MOST_PIECES = 4;
  private static final int ROUNDS_BEFORE = 6;
  private static final long MOST_MILLISECONDS = 1_000;

  private OfferBench() {}

  public static void main(String[] arguments) {
    double seconds = arguments.length > 0 ? Double.parseDouble(arguments[0]) : 5;
    Loader.loadNativeLibraries();
    for (int round = 0; round < ROUNDS_BEFORE; round++) {
      cover(RandomOffers.of(100 + round, 40, 12, 200, MOST_PIECES), null);
    }
    boolean isKept = true;
    for (int[] size : new int[][] {{8, 4, 30}, {20, 8, 90}, {40, 12, 200}}) {
      for (int seed = 1; seed <= 3; seed++) {
        RandomOffers drawn = RandomOffers.of(seed, size[0], size[1], size[2], MOST_PIECES);
        isKept &= compared(drawn, null, seconds, "open");
        isKept &= compared(drawn, BigDecimal.valueOf(size[0] * 4L), seconds, "tight");
      }
    }
    System.out.println(isKept ? "within bounds" : "OUT OF BOUNDS");
  }

  private static CheapestCover cover(RandomOffers drawn, @Nullable BigDecimal budget) {
    return CheapestCover.of(drawn.needs(), drawn.shops(), drawn.offers(), budget);
  }

  private static boolean compared(
      RandomOffers drawn, @Nullable BigDecimal budget, double seconds, String name) {
    long from = System.nanoTime();
    CheapestCover own = cover(drawn, budget);
    long took = (System.nanoTime() - from) / 1_000_000;
    from = System.nanoTime();
    ExactCover.Found exact = new ExactCover(drawn, budget).solved(seconds);
    long solver = (System.nanoTime() - from) / 1_000_000;
    List<Long> unmet = unmet(drawn, own);
    long total = own.total().movePointRight(2).longValueExact();
    long waste = own.waste().values().stream().mapToLong(Integer::longValue).sum();
    System.out.printf(
        "%d needs, %s budget: %d ms%s, unmet %s of %s, total %d of %d, waste %d of %d, shops %d of"
            + " %d (solver %d ms%s)%n",
        drawn.needs().size(),
        name,
        took,
        own.isProved() ? "" : " not proved",
        unmet,
        exact.unmet(),
        total,
        exact.total(),
        waste,
        exact.waste(),
        own.parcels().size(),
        exact.shops(),
        solver,
        exact.isProved() ? "" : ", not proved");
    boolean isAsGood =
        unmet.equals(exact.unmet())
            && total <= exact.total()
            && (total < exact.total() || waste <= exact.waste());
    return (isAsGood || !exact.isProved()) && took <= MOST_MILLISECONDS;
  }

  private static List<Long> unmet(RandomOffers drawn, CheapestCover own) {
    return IntStream.rangeClosed(1, OfferNeed.LAST_PRIORITY)
        .mapToObj(
            priority ->
                drawn.needs().stream()
                    .filter(need -> need.priority() == priority)
                    .mapToLong(need -> own.unmet().getOrDefault(need.id(), 0))
                    .sum())
        .toList();
  }
}
