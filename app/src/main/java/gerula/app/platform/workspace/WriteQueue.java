package gerula.app.platform.workspace;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.Limit;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Has the writers of a workspace wait for each other before they take a connection. What holds is
 * the lock in the database, which several instances share; but whoever waits there holds a
 * connection that another workspace could use.
 */
@Component
class WriteQueue {

  static final Duration LONGEST_WAIT = Duration.ofSeconds(Limit.WRITE_WAIT_SECONDS.value());

  private final LoadingCache<UUID, ReentrantLock> queues =
      Caffeine.newBuilder().weakValues().build(_ -> new ReentrantLock(true));

  <T> T inTurn(UUID workspace, Supplier<T> work) {
    ReentrantLock queue = queues.get(workspace);
    if (!isMyTurn(queue)) {
      throw Refused.busy("The kit is being changed by something that takes longer.");
    }
    try {
      return work.get();
    } finally {
      queue.unlock();
    }
  }

  private static boolean isMyTurn(ReentrantLock queue) {
    try {
      return queue.tryLock(LONGEST_WAIT.toMillis(), TimeUnit.MILLISECONDS);
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
