package gerula.bench.find;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The reference: the same question to the same function, and the rows it leads to, by psql. */
final class Psql {

  private static final Pattern TIME = Pattern.compile("Time: ([0-9.]+) ms");

  private final FindBench.Server server;
  private final UUID workspace;

  Psql(FindBench.Server server, UUID workspace) {
    this.server = server;
    this.workspace = workspace;
  }

  /** Milliseconds psql tells for each question, one session for all of them. */
  List<Double> times(List<String> typed, int rounds) throws IOException, InterruptedException {
    StringBuilder script = new StringBuilder();
    script.append("select set_config('gerula.workspace', '" + workspace + "', false);\n");
    script.append("\\o /dev/null\n\\timing on\n");
    for (int round = 0; round < rounds; round++) {
      typed.forEach(one -> script.append(question(one)).append('\n'));
    }
    return times(script.toString());
  }

  private static String question(String typed) {
    String words = "'" + String.join("','", typed.split(" ")) + "'";
    return "select i.*, p.* from gerula.find_things(array["
        + words
        + "], 12) f join gerula.item i on i.id = f.thing_id join gerula.product p"
        + " on p.id = i.product_id order by f.score desc;";
  }

  private List<Double> times(String script) throws IOException, InterruptedException {
    ProcessBuilder builder =
        new ProcessBuilder(
            "psql",
            "-X",
            "-q",
            "-h",
            server.host(),
            "-p",
            server.port(),
            "-U",
            "gerula_app",
            "-d",
            server.database());
    builder.environment().put("PGPASSWORD", FindBench.Server.password());
    Process psql = builder.redirectErrorStream(true).start();
    psql.getOutputStream().write(script.getBytes(StandardCharsets.UTF_8));
    psql.getOutputStream().close();
    String told = new String(psql.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    if (psql.waitFor() != 0 || told.contains("ERROR")) {
      throw new IllegalStateException("psql could not answer: " + told);
    }
    List<Double> times = new ArrayList<>();
    Matcher found = TIME.matcher(told);
    while (found.find()) {
      times.add(Double.parseDouble(found.group(1)));
    }
    return times;
  }
}
