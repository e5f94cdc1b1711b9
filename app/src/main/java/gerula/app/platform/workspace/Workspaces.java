package gerula.app.platform.workspace;

import java.util.UUID;
import java.util.function.Supplier;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Runs work in one transaction that sees one workspace only. The database enforces it: outside of
 * such a transaction the application's role sees no rows at all.
 */
@Component
public class Workspaces {

  private final DSLContext sql;
  private final TransactionTemplate transactions;

  Workspaces(DSLContext sql, PlatformTransactionManager manager) {
    this.sql = sql;
    this.transactions = new TransactionTemplate(manager);
  }

  public <T> T in(UUID workspace, Supplier<T> work) {
    return transactions.execute(
        _ -> {
          sql.select(
                  DSL.function(
                      "set_config",
                      String.class,
                      DSL.val("gerula.workspace"),
                      DSL.val(workspace.toString()),
                      DSL.inline(true)))
              .fetch();
          return work.get();
        });
  }

  public void in(UUID workspace, Runnable work) {
    in(
        workspace,
        () -> {
          work.run();
          return true;
        });
  }
}
