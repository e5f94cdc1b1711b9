package gerula.app.platform.limits;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;

/** How many of one kind may be at work at once, for each of many names. */
final class InFlight {

  /** To be closed when the work is done. */
  interface Turn extends AutoCloseable {
    @Override
    void close();
  }

  private final LoadingCache<String, Semaphore> byName;
  private final Duration longestWait;

  /**
   * @param atOnce how many may be at work under one name
   * @param longestWait how long the next one waits for its turn
   */
  InFlight(int atOnce, Duration longestWait) {
    this.longestWait = longestWait;
    // Whoever is at work or waits holds his semaphore; the others are forgotten.
    byName = Caffeine.newBuilder().weakValues().build(_ -> new Semaphore(atOnce, true));
  }

  /** Empty when it was nobody's turn in time. */
  Optional<Turn> await(String name) {
    @Nullable Semaphore places = byName.get(name);
    try {
      return places.tryAcquire(longestWait.toMillis(), TimeUnit.MILLISECONDS)
          ? Optional.of(places::release)
          : Optional.empty();
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      return Optional.empty();
    }
  }
}
