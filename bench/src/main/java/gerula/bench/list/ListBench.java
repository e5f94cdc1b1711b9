package gerula.bench.list;

import gerula.bench.Caller;
import gerula.bench.parts.Parts;
import gerula.core.kit.item.ForWhom;
import gerula.core.packing.PackingList;
import gerula.core.packing.RandomKits;
import java.sql.Connection;
import java.sql.DriverManager;

/**
 * The packing list of a booking over HTTP against what its SQL and the core take, from a random
 * kit. Arguments: address of the application; host, port and database of the server; items (2,000)
 * and faces (12). All on loopback; GERULA_TEST_APP holds the password of the application's role,
 * GERULA_BENCH_SERVER that of the server's own.
 */
public final class ListBench {

  /** Measured as it is after a while: compiled, its rows in memory. */
  private static final int ROUNDS_BEFORE = 300;

  private ListBench() {}

  public static void main(String[] arguments) throws Exception {
    int items = arguments.length > 4 ? Integer.parseInt(arguments[4]) : 2_000;
    int faces = arguments.length > 5 ? Integer.parseInt(arguments[5]) : 12;
    String jdbc = "jdbc:postgresql://%s:%s/%s".formatted(arguments[1], arguments[2], arguments[3]);
    Caller caller = new Caller(arguments[0]);
    String email = caller.signUp();
    PackingList.PackingFacts facts = everybodys(new RandomKits(7).facts(items, faces));
    try (Connection application =
        DriverManager.getConnection(jdbc, "gerula_app", System.getenv("GERULA_TEST_APP"))) {
      new ListRows(application, email).fill(facts);
    }
    String path = "/api/bookings/%s/packing-list".formatted(facts.booking().id());
    for (int round = 0; round < ROUNDS_BEFORE; round++) {
      caller.milliseconds(path);
      PackingList.of(facts);
    }
    String answer = caller.answer(path);
    int told = answer.split("\"goesTo\"", -1).length - 1;
    int lines = PackingList.of(facts).lines().size();
    System.out.printf(
        "%,d items, %d faces: %d lines over HTTP, %d in the core, %,d bytes%n",
        facts.kit().all().size(), faces, told, lines, answer.length());
    boolean isKept = told == lines;
    try (Connection admin =
        DriverManager.getConnection(jdbc, "gerula_server", System.getenv("GERULA_BENCH_SERVER"))) {
      isKept &= Parts.print("the list", caller, admin, path, () -> PackingList.of(facts));
    }
    System.out.println(isKept ? "within bounds" : "OUT OF BOUNDS");
  }

  /** What is kept for one person is left out: it would take people to keep it for. */
  private static PackingList.PackingFacts everybodys(PackingList.PackingFacts facts) {
    return new PackingList.PackingFacts(
        facts.booking(),
        facts.kit().all().stream()
            .filter(item -> !(item.forWhom() instanceof ForWhom.Only))
            .toList(),
        facts.places(),
        facts.bags(),
        facts.packed(),
        facts.house());
  }
}
