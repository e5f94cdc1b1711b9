package gerula.app.platform.limits;

import gerula.app.platform.errors.Refused;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * Threads of the machine for what keeps a processor busy: the machine interrupts them for others.
 * Requests are answered in light threads that share as many of them as there are processors, and
 * one that works without a pause keeps all others waiting.
 */
public final class MachineThreads {

  private static final ExecutorService THREADS =
      Executors.newCachedThreadPool(
          Thread.ofPlatform()
              .daemon()
              // Heeded where the machine lets it (-XX:ThreadPriorityPolicy=1, as root).
              .priority(Thread.MIN_PRIORITY)
              .name("heavy-", 1)
              .factory());

  private MachineThreads() {}

  /** Does the work, as part of the request that is being answered, and waits for it. */
  public static <T> T call(Callable<T> work) {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    Future<T> begun = THREADS.submit(() -> within(request, work));
    try {
      return begun.get();
    } catch (ExecutionException failed) {
      throw failed.getCause() instanceof RuntimeException cause
          ? cause
          : new IllegalStateException(failed.getCause());
    } catch (InterruptedException stopped) {
      begun.cancel(true);
      Thread.currentThread().interrupt();
      throw Refused.busy("This was interrupted.");
    }
  }

  private static <T> T within(RequestAttributes request, Callable<T> work) throws Exception {
    RequestContextHolder.setRequestAttributes(request);
    try {
      return work.call();
    } finally {
      RequestContextHolder.resetRequestAttributes();
    }
  }
}
