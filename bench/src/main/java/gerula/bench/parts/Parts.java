package gerula.bench.parts;

import gerula.bench.Caller;
import java.sql.Connection;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/**
 * An answer over HTTP against what it is made of: at most what its SQL takes on the server and what
 * the core takes, and {@value #MORE_AT_MOST} ms.
 */
public final class Parts {

  private static final double MORE_AT_MOST = 20;
  private static final int ROUNDS = 40;

  private Parts() {}

  /**
   * @param admin a connection that may read the server's log
   * @param inTheCore the same question to the core
   * @return whether the answer keeps to it
   */
  public static boolean print(
      String what, Caller caller, Connection admin, String path, Supplier<Object> inTheCore)
      throws Exception {
    List<Double> whole = new ArrayList<>();
    List<Double> sql = new ArrayList<>();
    List<Double> core = new ArrayList<>();
    for (int round = 0; round < ROUNDS; round++) {
      whole.add(caller.milliseconds(path));
      core.add(milliseconds(inTheCore));
    }
    try (ServerTime server = new ServerTime(admin)) {
      for (int round = 0; round < ROUNDS; round++) {
        long mark = server.mark();
        caller.milliseconds(path);
        sql.add(server.since(mark));
      }
    }
    double most = median(sql) + median(core) + MORE_AT_MOST;
    System.out.printf(
        "%-10s HTTP %7.2f ms   SQL %7.2f ms + core %6.2f ms + %.0f ms = %7.2f ms%n",
        what, median(whole), median(sql), median(core), MORE_AT_MOST, most);
    return median(whole) <= most;
  }

  private static double milliseconds(Supplier<Object> work) {
    long before = System.nanoTime();
    if (work.get() == null) {
      throw new IllegalStateException("The core answers with something.");
    }
    return (System.nanoTime() - before) / 1e6;
  }

  public static double median(List<Double> times) {
    return times.stream().sorted().toList().get(times.size() / 2);
  }
}
