package gerula.bench.history;

import gerula.bench.Caller;
import gerula.bench.parts.Parts;
import java.sql.Connection;
import java.sql.DriverManager;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.IntFunction;

/**
 * What a long history costs: the same kit of 5,000 things with a short and with a long history,
 * asked in turns in one run. An act costs at most 1.2 times what it costs with the short one;
 * dates, the bench, one thing and its history at most 1.5 times. Then dates and the bench against
 * what their SQL and the core take. Arguments: address of the application; host, port and database
 * of the server; entries of the short (10,000) and of the long history (1,000,000), rounds (60).
 * All on loopback; GERULA_TEST_APP holds the password of the application's role,
 * GERULA_BENCH_SERVER that of the server's own.
 */
public final class HistoryBench {

  private static final int ITEMS = 5_000;

  /** Both are measured as they are after a while: compiled, their rows in memory. */
  private static final int ROUNDS_BEFORE = 15;

  private static final double ACT_AT_MOST = 1.2;
  private static final double VIEW_AT_MOST = 1.5;

  private HistoryBench() {}

  /** Something that is asked for, by its number in the run. */
  private record Asked(String what, double atMost, IntFunction<String[]> request) {}

  public static void main(String[] arguments) throws Exception {
    int few = arguments.length > 4 ? Integer.parseInt(arguments[4]) : 10_000;
    int many = arguments.length > 5 ? Integer.parseInt(arguments[5]) : 1_000_000;
    int rounds = arguments.length > 6 ? Integer.parseInt(arguments[6]) : 60;
    String jdbc = "jdbc:postgresql://%s:%s/%s".formatted(arguments[1], arguments[2], arguments[3]);
    Caller shorter = filled(arguments[0], jdbc, few);
    Caller longer = filled(arguments[0], jdbc, many);
    measure(shorter, longer, ROUNDS_BEFORE);
    boolean isKept = true;
    for (Map.Entry<Asked, List<List<Double>>> one : measure(shorter, longer, rounds).entrySet()) {
      isKept &= print(one.getKey(), one.getValue());
    }
    try (Connection admin =
        DriverManager.getConnection(jdbc, "gerula_server", System.getenv("GERULA_BENCH_SERVER"))) {
      CoreTime core = new CoreTime(ITEMS);
      isKept &= Parts.print("dates", longer, admin, "/api/dates?weeks=8", () -> core.dates(8));
      isKept &= Parts.print("the bench", longer, admin, "/api/bench", core::bench);
    }
    System.out.println(isKept ? "within bounds" : "OUT OF BOUNDS");
  }

  private static Caller filled(String address, String jdbc, int entries) throws Exception {
    Caller caller = new Caller(address);
    String email = caller.signUp();
    System.out.printf("filling: %,d things, %,d entries%n", ITEMS, entries);
    try (Connection application =
        DriverManager.getConnection(jdbc, "gerula_app", System.getenv("GERULA_TEST_APP"))) {
      Years years = new Years(application, email);
      years.things(ITEMS);
      years.history(ITEMS, entries);
    }
    return caller;
  }

  private static List<Asked> all() {
    return List.of(
        new Asked(
            "an act (a move)",
            ACT_AT_MOST,
            i ->
                new String[] {
                  "/api/items/" + Years.item(1 + i % ITEMS) + "/move",
                  "{\"actId\": \"%s\", \"to\": \"%s\"}"
                      .formatted(UUID.randomUUID(), Years.place(1 + i % 40))
                }),
        new Asked(
            "an act (a use)",
            ACT_AT_MOST,
            i ->
                new String[] {
                  "/api/items/" + Years.item(1 + i % ITEMS) + "/use",
                  "{\"actId\": \"%s\", \"openedOn\": null, \"level\": null}"
                      .formatted(UUID.randomUUID())
                }),
        new Asked("dates", VIEW_AT_MOST, _ -> new String[] {"/api/dates?weeks=8"}),
        new Asked("the bench", VIEW_AT_MOST, _ -> new String[] {"/api/bench"}),
        new Asked(
            "one thing and its history",
            VIEW_AT_MOST,
            i -> new String[] {"/api/items/" + Years.item(1 + i % ITEMS)}),
        new Asked(
            "the thing used most",
            VIEW_AT_MOST,
            _ -> new String[] {"/api/items/" + Years.item(Years.MOST_USED)}));
  }

  /** In turns, so that both have the same machine. */
  private static Map<Asked, List<List<Double>>> measure(Caller shorter, Caller longer, int rounds)
      throws Exception {
    Map<Asked, List<List<Double>>> times = new LinkedHashMap<>();
    for (Asked one : all()) {
      times.put(one, List.of(new ArrayList<>(), new ArrayList<>()));
    }
    for (int round = 0; round < rounds; round++) {
      for (Map.Entry<Asked, List<List<Double>>> one : times.entrySet()) {
        String[] request = one.getKey().request().apply(7 * round);
        String[] same = one.getKey().request().apply(7 * round);
        one.getValue().get(0).add(shorter.milliseconds(request));
        one.getValue().get(1).add(longer.milliseconds(same));
      }
    }
    return times;
  }

  private static boolean print(Asked asked, List<List<Double>> times) {
    double few = Parts.median(times.get(0));
    double many = Parts.median(times.get(1));
    System.out.printf(
        "%-26s short %7.2f ms   long %7.2f ms   ratio %.2f (at most %.1f)%n",
        asked.what(), few, many, many / few, asked.atMost());
    return many / few <= asked.atMost();
  }
}
