package gerula.bench.parts;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the server itself says its statements took: it writes each of them into its log. */
final class ServerTime implements AutoCloseable {

  private static final Pattern DURATION = Pattern.compile("duration: ([0-9.]+) ms");
  private static final String LOG = "server.log";

  private final Connection admin;

  ServerTime(Connection admin) throws SQLException {
    this.admin = admin;
    run("set log_min_duration_statement = -1");
    run("alter system set log_min_duration_statement = 0");
    run("select pg_reload_conf()");
  }

  /** Where the log ends now. */
  long mark() throws SQLException {
    return Long.parseLong(one("select size from pg_stat_file('" + LOG + "')"));
  }

  /** Milliseconds of all statements since then. */
  double since(long mark) throws SQLException {
    Matcher told =
        DURATION.matcher(
            one("select pg_read_file('%s', %d, %d)".formatted(LOG, mark, mark() - mark)));
    double sum = 0;
    while (told.find()) {
      sum += Double.parseDouble(told.group(1));
    }
    return sum;
  }

  private String one(String question) throws SQLException {
    try (Statement sql = admin.createStatement();
        ResultSet row = sql.executeQuery(question)) {
      row.next();
      return row.getString(1);
    }
  }

  private void run(String statement) throws SQLException {
    try (Statement sql = admin.createStatement()) {
      sql.execute(statement);
    }
  }

  @Override
  public void close() throws SQLException {
    run("alter system reset log_min_duration_statement");
    run("select pg_reload_conf()");
  }
}
