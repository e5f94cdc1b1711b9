package gerula.browser;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.PrintWriter;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;

/** The packaged application as a user starts it: the jar, a database, a port of loopback. */
final class Packaged {

  static final String TODAY = "2031-04-14";

  private static Packaged shared;

  private final String database;
  private final int port;
  private Process process;

  private Packaged(String database) throws IOException {
    this.database = database;
    try (ServerSocket free = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      port = free.getLocalPort();
    }
  }

  /** The one most tests share; each signs up into a workspace of its own. */
  static synchronized Packaged shared() {
    if (shared == null) {
      shared = fresh("gerula_browser");
      Runtime.getRuntime().addShutdownHook(new Thread(shared::kill));
    }
    return shared;
  }

  /**
   * One on an emptied database, for a test that ends it by force.
   *
   * @param flags of the virtual machine
   */
  static Packaged fresh(String database, String... flags) {
    try {
      Packaged packaged = new Packaged(database);
      try (Connection owner =
              DriverManager.getConnection(
                  packaged.url(), "gerula_owner", setting("GERULA_TEST_OWNER"));
          Statement sql = owner.createStatement()) {
        sql.execute("drop schema if exists gerula cascade");
        sql.execute("drop schema if exists access cascade");
      }
      packaged.start(flags);
      return packaged;
    } catch (IOException | SQLException broken) {
      throw new IllegalStateException("The application could not be started.", broken);
    }
  }

  void start(String... flags) {
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(List.of(flags));
    command.addAll(
        List.of(
            "-XX:+UseSerialGC",
            "-XX:TieredStopAtLevel=1",
            "-jar",
            "../app/target/gerula.jar",
            "--server.port=" + port,
            "--gerula.today=" + TODAY,
            "--gerula.demo=../demo",
            // All tests sign up from one address.
            "--gerula.sign-up-burst=100000",
            "--gerula.passphrase-memory-kib=64",
            "--spring.datasource.url=" + url()));
    ProcessBuilder builder = new ProcessBuilder(command);
    builder.environment().put("SPRING_DATASOURCE_PASSWORD", setting("GERULA_TEST_APP"));
    builder.environment().put("SPRING_FLYWAY_PASSWORD", setting("GERULA_TEST_OWNER"));
    builder.redirectErrorStream(true);
    try {
      process = builder.start();
    } catch (IOException broken) {
      throw new IllegalStateException("The application could not be started.", broken);
    }
    CompletableFuture<Boolean> hasStarted = new CompletableFuture<>();
    Process started = process;
    Thread.ofVirtual().start(() -> keepItsLog(started, hasStarted));
    boolean isUp = hasStarted.completeOnTimeout(false, 120, TimeUnit.SECONDS).join();
    if (!isUp) {
      throw new IllegalStateException("The application did not start; see " + log() + ".");
    }
  }

  private Path log() {
    return Path.of("target", "application-" + database + ".log");
  }

  /** Writes down what it says, and hears when it has started; false when it ends before. */
  private void keepItsLog(Process of, CompletableFuture<Boolean> hasStarted) {
    try (BufferedReader said = of.inputReader();
        PrintWriter log = new PrintWriter(Files.newBufferedWriter(log()), true)) {
      String line = said.readLine();
      while (line != null) {
        log.println(line);
        if (line.contains("Started GerulaApplication")) {
          hasStarted.complete(true);
        }
        line = said.readLine();
      }
    } catch (IOException ended) {
      // It was killed: what it said until then is written down.
    } finally {
      hasStarted.complete(false);
    }
  }

  /** Its threads, as the virtual machine tells them. */
  String threads() throws IOException {
    Path jcmd = Path.of(System.getProperty("java.home"), "bin", "jcmd");
    Path dump = Files.createTempFile("threads", ".txt");
    Process asked =
        new ProcessBuilder(
                jcmd.toString(),
                Long.toString(process.pid()),
                "Thread.dump_to_file",
                "-overwrite",
                dump.toString())
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
    asked.onExit().join();
    String threads = Files.readString(dump);
    Files.delete(dump);
    return threads;
  }

  /** As kill -9 does it. */
  void kill() {
    process.destroyForcibly();
    process.onExit().join();
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  private String url() {
    return "jdbc:postgresql://127.0.0.1:" + setting("GERULA_TEST_PORT") + "/" + database;
  }

  private static String setting(String name) {
    return Objects.requireNonNull(
        System.getenv(name), name + " is not set: run the tests with ./gerula test");
  }
}
