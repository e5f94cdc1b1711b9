package gerula.bench.history;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HexFormat;
import java.util.UUID;

/** A workspace as years of work leave it, filled by SQL: the way in is not what is measured. */
final class Years {

  /** One entry of a hundred is of this thing. */
  static final int MOST_USED = 1;

  private final Connection application;

  Years(Connection application, String email) throws SQLException {
    this.application = application;
    try (PreparedStatement enter =
        application.prepareStatement(
            "select set_config('gerula.workspace', (select workspace_id::text from"
                + " access.account_by_email(?)), false)")) {
      enter.setString(1, email);
      enter.execute();
    }
  }

  static UUID item(int number) {
    return named("item" + number);
  }

  static UUID place(int number) {
    return named("place" + number);
  }

  /** As md5(...)::uuid makes it. */
  private static UUID named(String name) {
    try {
      String hex =
          HexFormat.of()
              .formatHex(
                  MessageDigest.getInstance("MD5").digest(name.getBytes(StandardCharsets.UTF_8)));
      return UUID.fromString(hex.replaceFirst("(.{8})(.{4})(.{4})(.{4})(.{12})", "$1-$2-$3-$4-$5"));
    } catch (NoSuchAlgorithmException absent) {
      throw new IllegalStateException(absent);
    }
  }

  void things(int items) throws SQLException {
    run(
        """
        insert into gerula.place (id, parent_id, name, kind, code, reach)
        select md5('place' || n)::uuid, null, 'Drawer ' || n, 'drawer', 'PL' || n, n
        from generate_series(1, 40) n
        """);
    run(
        """
        insert into gerula.product (id, maker, name, shade, class, form, content, unit,
          period_after_opening_months)
        select md5('product' || n)::uuid, 'Tarnwell', 'Thing ' || n %% 97, 'shade ' || n,
          (array['foundation','lip-colour','face-powder','eye-shadow'])[1 + n %% 4],
          (array['liquid-pump-or-squeeze','cream','pressed-powder','stick'])[1 + n %% 4],
          30, case when n %% 4 = 0 then 'ml' else 'g' end, 12
        from generate_series(1, %d) n
        """
            .formatted(items));
    // Opened over the last two years, so that some are past their date and some are coming up to
    // it.
    run(
        """
        insert into gerula.item (id, product_id, amount_left, home_place_id, now_place_id, code,
          opened_on, last_day)
        select md5('item' || n)::uuid, md5('product' || n)::uuid, 5 + n %% 25,
          md5('place' || 1 + n %% 40)::uuid, md5('place' || 1 + n %% 40)::uuid, 'I' || n,
          current_date - n %% 700, current_date - n %% 700 + 365
        from generate_series(1, %d) n
        """
            .formatted(items));
  }

  /** Over three years: of three entries one is a use, which takes of it. */
  void history(int items, int entries) throws SQLException {
    run(
        """
        insert into gerula.ledger (id, act, at, who)
        select md5('act' || n)::uuid, case when n %% 3 = 0 then 'used' else 'moved' end,
          now() - (%1$d - n) * interval '3 years' / %1$d, (select id from gerula.actor)
        from generate_series(1, %1$d) n
        """
            .formatted(entries));
    run(
        """
        insert into gerula.ledger_thing (ledger_id, seq, kind, thing_id, level, before, after)
        select act.id, act.seq, 'item',
          md5('item' || case when n %% 100 = 0 then %2$d else 1 + n %% %3$d end)::uuid, 12,
          case when act.act = 'used' then '{"amount_left": 6}'::jsonb
            else jsonb_build_object('now_place_id', md5('place' || 1 + n %% 40)::uuid) end,
          case when act.act = 'used' then '{"amount_left": 5.9}'::jsonb
            else jsonb_build_object('now_place_id', md5('place' || 1 + (n + 1) %% 40)::uuid) end
        from generate_series(1, %1$d) n join gerula.ledger act on act.id = md5('act' || n)::uuid
        """
            .formatted(entries, MOST_USED, items));
    run("select gerula.count_anew()");
    run(
        """
        insert into gerula.item_day (item_id, day, uses, draws, used_up)
        select thing.thing_id, act.at::date, count(*), count(*), count(*) * 0.1
        from gerula.ledger act join gerula.ledger_thing thing on thing.ledger_id = act.id
        where act.act = 'used' group by 1, 2
        """);
    run("select gerula.count_anew()");
  }

  private void run(String statement) throws SQLException {
    try (Statement sql = application.createStatement()) {
      sql.execute(statement);
    }
  }
}
