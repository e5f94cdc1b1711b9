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
  private static Path unpacked;

  private static final Path PACKED = Path.of("../app/target/gerula.jar");

  private final String database;
  private final Path jar;
  private final int port;
  private Process process;

  private Packaged(String database, Path jar) throws IOException {
    this.database = database;
    this.jar = jar;
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

  /** One on an emptied database, for a test that ends it by force. */
  static Packaged fresh(String database) {
    try {
      return started(database, unpacked());
    } catch (IOException broken) {
      throw new IllegalStateException("The application could not be taken apart.", broken);
    }
  }

  /**
   * One that loads its classes from the packed file.
   *
   * @param flags of the virtual machine
   */
  static Packaged packed(String database, String... flags) {
    return started(database, PACKED, flags);
  }

  private static Packaged started(String database, Path jar, String... flags) {
    try {
      Packaged packaged = new Packaged(database, jar);
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
    try {
      process = builder(flags).start();
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

  private ProcessBuilder builder(String... flags) {
    List<String> command = new ArrayList<>();
    command.add(java());
    command.addAll(List.of(flags));
    command.addAll(
        List.of(
            "-XX:+UseSerialGC",
            "-XX:TieredStopAtLevel=1",
            "-Dspring.aot.enabled=true",
            "-jar",
            jar.toString(),
            "--server.port=" + port,
            "--gerula.today=" + TODAY,
            "--gerula.start-time=08:00",
            "--gerula.demo=../demo",
            // All tests sign up from one address.
            "--gerula.sign-up-burst=100000",
            "--gerula.passphrase-memory-kib=64",
            "--spring.datasource.url=" + url()));
    ProcessBuilder builder = new ProcessBuilder(command);
    builder.environment().put("SPRING_DATASOURCE_PASSWORD", setting("GERULA_TEST_APP"));
    builder.environment().put("SPRING_FLYWAY_PASSWORD", setting("GERULA_TEST_OWNER"));
    return builder.redirectErrorStream(true);
  }

  /** Taken apart once, as the launcher does it: every start from the packed one takes longer. */
  private static synchronized Path unpacked() throws IOException {
    if (unpacked == null) {
      Path into = Files.createTempDirectory(Path.of("target"), "unpacked");
      Process apart =
          new ProcessBuilder(
                  java(),
                  "-Djarmode=tools",
                  "-jar",
                  PACKED.toString(),
                  "extract",
                  "--force",
                  "--destination",
                  into.toString())
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .start();
      apart.onExit().join();
      unpacked = into.resolve("gerula.jar");
    }
    return unpacked;
  }

  private static String java() {
    return Path.of(System.getProperty("java.home"), "bin", "java").toString();
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
    return "jdbc:postgresql://127.0.0.1:%s/%s?prepareThreshold=1"
        .formatted(setting("GERULA_TEST_PORT"), database);
  }

  private static String setting(String name) {
    return Objects.requireNonNull(
        System.getenv(name), name + " is not set: run the tests with ./gerula test");
  }
}
