package gerula.app;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Does things at the same moment. */
public final class SideBySide {

  private SideBySide() {}

  /** What came of each, in the order in which they were given. */
  @SafeVarargs
  public static <T> List<T> all(Callable<T>... works) {
    return all(List.of(works));
  }

  public static <T> List<T> all(List<Callable<T>> works) {
    CyclicBarrier start = new CyclicBarrier(works.size());
    try (ExecutorService threads = Executors.newVirtualThreadPerTaskExecutor()) {
      List<Future<T>> begun = new ArrayList<>();
      for (Callable<T> work : works) {
        begun.add(
            threads.submit(
                () -> {
                  start.await();
                  return work.call();
                }));
      }
      List<T> done = new ArrayList<>();
      for (Future<T> one : begun) {
        done.add(one.get());
      }
      return done;
    } catch (ExecutionException failed) {
      throw new AssertionError(failed.getCause());
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new AssertionError(stopped);
    }
  }
}
