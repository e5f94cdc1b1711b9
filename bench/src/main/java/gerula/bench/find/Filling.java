package gerula.bench.find;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;

/** Fills a workspace as years of work would, by SQL: the way in is not what is measured. */
final class Filling {

  private final Connection application;
  private final UUID workspace;

  Filling(Connection application, String email) throws SQLException {
    this.application = application;
    try (PreparedStatement find =
        application.prepareStatement("select workspace_id from access.account_by_email(?)")) {
      find.setString(1, email);
      try (ResultSet row = find.executeQuery()) {
        row.next();
        workspace = row.getObject(1, UUID.class);
      }
    }
    run("select set_config('gerula.workspace', '" + workspace + "', false)");
  }

  UUID workspace() {
    return workspace;
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
        insert into gerula.product (id, maker, name, shade, class, form, content, unit, colour)
        select md5('product' || n)::uuid,
          (array['Tarnwell','Quillon','Umberline','Vesperholt','Marrowby','Brindlewick'])[1+n%%6],
          (array['Soft base','Velvet lips','Day mascara','Fine powder','Winter berry','Pan shadow',
                 'Hold mist','Rose cream'])[1+n%%8] || ' ' || n%%97,
          (array['kelp matte','light','berry','neutral','sand'])[1+n%%5] || ' shade ' || n,
          (array['foundation','lip-colour','mascara','face-powder','eye-shadow'])[1+n%%5],
          (array['cream','lipstick-bullet','mascara','pressed-powder','stick'])[1+n%%5],
          30, 'ml', '#c49a78'
        from generate_series(1, %d) n
        """
            .formatted(items));
    run(
        """
        insert into gerula.item (id, product_id, amount_left, home_place_id, now_place_id, code, note)
        select md5('item' || n)::uuid, md5('product' || n)::uuid, n%%30,
          md5('place' || 1+n%%40)::uuid, md5('place' || 1+n%%40)::uuid, 'I' || n,
          case when n%%50 = 0 then 'bought for the harbour job' else '' end
        from generate_series(1, %d) n
        """
            .formatted(items));
  }

  void ledger(int entries) throws SQLException {
    run(
        """
        insert into gerula.ledger (id, act, at, who)
        select md5('act' || n)::uuid, 'moved', now() - n * interval '1 minute',
          (select id from gerula.actor limit 1)
        from generate_series(1, %d) n
        """
            .formatted(entries));
    run(
        """
        insert into gerula.ledger_thing (ledger_id, seq, kind, thing_id, level, before, after)
        select act.id, act.seq, 'item', md5('item' || 1+n%%20000)::uuid, 12,
          jsonb_build_object('now_place_id', md5('place' || 1+n%%40)::uuid),
          jsonb_build_object('now_place_id', md5('place' || 1+(n+1)%%40)::uuid)
        from generate_series(1, %d) n join gerula.ledger act on act.id = md5('act' || n)::uuid
        """
            .formatted(entries));
    run("analyze gerula.item, gerula.product, gerula.place");
  }

  private void run(String statement) throws SQLException {
    try (Statement sql = application.createStatement()) {
      sql.execute(statement);
    }
  }
}
