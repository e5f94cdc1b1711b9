package gerula.app.platform.limits;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import io.github.bucket4j.BlockingStrategy;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import java.time.Duration;
import java.util.Optional;

/** How often something may be asked for, for each of many names. */
public final class Pace {

  private static final int MOST_NAMES = 100_000;

  private final LoadingCache<String, Bucket> byName;

  /**
   * @param atOnce how often in a burst
   * @param regained how many of them come back evenly within that time
   */
  public Pace(int atOnce, int regained, Duration within) {
    byName =
        Caffeine.newBuilder()
            .maximumSize(MOST_NAMES)
            .expireAfterAccess(within.multipliedBy(1 + atOnce / Math.max(1, regained)))
            .build(
                _ ->
                    Bucket.builder()
                        .addLimit(limit -> limit.capacity(atOnce).refillGreedy(regained, within))
                        .build());
  }

  /** Takes some more afterwards: whoever comes next waits until they are regained. */
  void takeMore(String name, int some) {
    byName.get(name).consumeIgnoringRateLimits(some);
  }

  /** Takes one, and waits for it when it is regained within that time; else takes none. */
  boolean await(String name, Duration atMost) throws InterruptedException {
    return byName.get(name).asBlocking().tryConsume(1, atMost, BlockingStrategy.PARKING);
  }

  /** Takes one; empty when it may, otherwise the seconds until it may. */
  public Optional<Long> secondsToWait(String name) {
    ConsumptionProbe probe = byName.get(name).tryConsumeAndReturnRemaining(1);
    return probe.isConsumed()
        ? Optional.empty()
        : Optional.of(1 + Duration.ofNanos(probe.getNanosToWaitForRefill()).toSeconds());
  }
}
