package gerula.app;

import gerula.app.restock.TestDesk;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Objects;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Starts the real application once for all tests, on a free port of loopback, on a database of the
 * tests' own that is emptied first. Hands tests a {@link Client} nobody is signed in on.
 */
public final class Running implements BeforeAllCallback, ParameterResolver {

  public static final String TODAY = "2031-04-14";

  /** However late it is: that day lasts as long as the tests do. */
  public static final String BEGINS = "08:00";

  private static final String URL = url("gerula_test");

  private static ConfigurableApplicationContext application;

  @Override
  public void beforeAll(ExtensionContext context) throws SQLException {
    begin();
  }

  private static synchronized void begin() throws SQLException {
    if (application != null) {
      return;
    }
    emptyDatabase(URL);
    System.setProperty("jdk.httpclient.allowRestrictedHeaders", "content-length,host");
    application = start(URL);
  }

  private static ConfigurableApplicationContext start(String url) {
    return new SpringApplicationBuilder(GerulaApplication.class)
        .run(
            "--server.port=0",
            // Hundreds of tests sign up from one address.
            "--gerula.sign-up-burst=100000",
            "--gerula.passphrase-memory-kib=64",
            "--gerula.today=" + TODAY,
            "--gerula.start-time=" + BEGINS,
            "--gerula.order-desk=" + TestDesk.start(),
            "--spring.jmx.enabled=false",
            "--spring.datasource.url=" + url,
            "--spring.datasource.password=" + setting("GERULA_TEST_APP"),
            "--spring.flyway.password=" + setting("GERULA_TEST_OWNER"));
  }

  /** The application on a database of its own, to be closed after use. */
  public record Another(ConfigurableApplicationContext context) implements AutoCloseable {

    public Client client() {
      return new Client(port(context));
    }

    @Override
    public void close() {
      context.close();
    }
  }

  /**
   * Starts another one, on a database as the first release left it.
   *
   * @param rows of its tables, as SQL
   */
  public static Another onTheFirstRelease(String database, String rows) throws SQLException {
    String url = url(database);
    emptyDatabase(url);
    Flyway.configure()
        .dataSource(url, "gerula_owner", setting("GERULA_TEST_OWNER"))
        .defaultSchema("access")
        .schemas("access", "gerula")
        .target("1")
        .load()
        .migrate();
    try (Connection owner = asOwner(url);
        Statement sql = owner.createStatement()) {
      owner.setAutoCommit(false);
      sql.execute(forEveryTable("no force"));
      sql.execute(rows);
      sql.execute("set constraints all immediate");
      sql.execute(forEveryTable("force"));
      owner.commit();
    }
    return new Another(start(url));
  }

  private static String forEveryTable(String how) {
    return """
        do $$
        declare t text;
        begin
          for t in select tablename from pg_tables where schemaname = 'gerula' loop
            execute format('alter table gerula.%%I %s row level security', t);
          end loop;
        end $$
        """
        .formatted(how);
  }

  private static void emptyDatabase(String url) throws SQLException {
    try (Connection owner = asOwner(url);
        Statement sql = owner.createStatement()) {
      sql.execute("drop schema if exists gerula cascade");
      sql.execute("drop schema if exists access cascade");
    }
  }

  private static String url(String database) {
    return "jdbc:postgresql://127.0.0.1:%s/%s?prepareThreshold=1"
        .formatted(setting("GERULA_TEST_PORT"), database);
  }

  /** A connection as the role that owns the tables. */
  public static Connection asOwner() throws SQLException {
    return asOwner(URL);
  }

  private static Connection asOwner(String url) throws SQLException {
    return DriverManager.getConnection(url, "gerula_owner", setting("GERULA_TEST_OWNER"));
  }

  /** A connection as the role the application runs as. */
  public static Connection asApplication() throws SQLException {
    return DriverManager.getConnection(URL, "gerula_app", setting("GERULA_TEST_APP"));
  }

  /** Cuts every connection the application has to its database. */
  public static void cutConnections() throws SQLException {
    try (Connection application = asApplication();
        Statement sql = application.createStatement()) {
      sql.execute(
          "select pg_terminate_backend(pid) from pg_stat_activity where usename = 'gerula_app'"
              + " and pid <> pg_backend_pid()");
    }
  }

  private static String setting(String name) {
    return Objects.requireNonNull(
        System.getenv(name), name + " is not set: run the tests with ./gerula test");
  }

  static synchronized int port() {
    return port(application);
  }

  private static int port(ConfigurableApplicationContext running) {
    return Integer.parseInt(
        Objects.requireNonNull(running.getEnvironment().getProperty("local.server.port")));
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
    return parameter.getParameter().getType() == Client.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    return new Client(port());
  }
}
