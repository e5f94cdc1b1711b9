package gerula.app;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Objects;
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

  private static ConfigurableApplicationContext application;

  @Override
  public void beforeAll(ExtensionContext context) throws SQLException {
    begin();
  }

  private static synchronized void begin() throws SQLException {
    if (application != null) {
      return;
    }
    emptyDatabase();
    System.setProperty("jdk.httpclient.allowRestrictedHeaders", "content-length,host");
    application =
        new SpringApplicationBuilder(GerulaApplication.class)
            .run(
                "--server.port=0",
                // Hundreds of tests sign up from one address.
                "--gerula.sign-up-burst=100000",
                "--gerula.today=" + TODAY,
                "--spring.datasource.url=" + url(),
                "--spring.datasource.password=" + setting("GERULA_TEST_APP"),
                "--spring.flyway.password=" + setting("GERULA_TEST_OWNER"));
  }

  private static void emptyDatabase() throws SQLException {
    try (Connection owner = asOwner();
        Statement sql = owner.createStatement()) {
      sql.execute("drop schema if exists gerula cascade");
      sql.execute("drop schema if exists access cascade");
    }
  }

  private static String url() {
    return "jdbc:postgresql://127.0.0.1:" + setting("GERULA_TEST_PORT") + "/gerula_test";
  }

  /** A connection as the role that owns the tables. */
  public static Connection asOwner() throws SQLException {
    return DriverManager.getConnection(url(), "gerula_owner", setting("GERULA_TEST_OWNER"));
  }

  /** A connection as the role the application runs as. */
  public static Connection asApplication() throws SQLException {
    return DriverManager.getConnection(url(), "gerula_app", setting("GERULA_TEST_APP"));
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
    return Integer.parseInt(
        Objects.requireNonNull(application.getEnvironment().getProperty("local.server.port")));
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
