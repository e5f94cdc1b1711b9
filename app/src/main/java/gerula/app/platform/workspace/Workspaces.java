package gerula.app.platform.workspace;

import gerula.app.platform.errors.OutcomeUnknown;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.Limit;
import java.util.UUID;
import java.util.function.Supplier;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Runs work in one transaction that sees one workspace only. The database enforces it: outside of
 * such a transaction the application's role sees no rows at all.
 *
 * <p>Reading sees one moment of the workspace, however many statements it takes. Writing holds the
 * workspace's lock from its first statement on, so that two acts never see each other half done and
 * never wait for each other in a circle.
 */
@Component
public class Workspaces {

  /** How long a statement may run. Imports have many, each of them short. */
  private static final String STATEMENT_TIMEOUT = Limit.STATEMENT_SECONDS.value() + "s";

  private final DSLContext sql;
  private final TransactionTemplate reading;
  private final TransactionTemplate writing;
  private final WriteQueue queue;

  Workspaces(DSLContext sql, PlatformTransactionManager manager, WriteQueue queue) {
    this.sql = sql;
    this.queue = queue;
    reading = new TransactionTemplate(manager);
    reading.setReadOnly(true);
    writing = new TransactionTemplate(manager);
  }

  /** Looks at one moment of the workspace. Within a writing transaction it is part of that one. */
  public <T> T read(UUID workspace, Supplier<T> work) {
    if (TransactionSynchronizationManager.isActualTransactionActive()) {
      return work.get();
    }
    return reading.execute(
        _ -> {
          // One statement; set on the connection it would be four.
          sql.execute("set transaction isolation level repeatable read");
          enter(workspace);
          return work.get();
        });
  }

  public void read(UUID workspace, Runnable work) {
    read(
        workspace,
        () -> {
          work.run();
          return true;
        });
  }

  /**
   * Changes the workspace.
   *
   * @throws Refused when others hold the workspace for too long, or it is gone
   * @throws OutcomeUnknown when the connection was lost while the work was being committed
   */
  public <T> T write(UUID workspace, Supplier<T> work) {
    if (isWriting()) {
      return work.get();
    }
    return queue.inTurn(
        workspace,
        () ->
            committed(
                () -> {
                  enter(workspace);
                  lock(workspace);
                  return work.get();
                }));
  }

  public void write(UUID workspace, Runnable work) {
    write(
        workspace,
        () -> {
          work.run();
          return true;
        });
  }

  /** Makes a workspace: there is no row to lock yet, and nobody else knows its id. */
  public void found(UUID workspace, Runnable work) {
    committed(
        () -> {
          enter(workspace);
          work.run();
          return true;
        });
  }

  private static boolean isWriting() {
    if (!TransactionSynchronizationManager.isActualTransactionActive()) {
      return false;
    }
    if (TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
      throw new IllegalStateException("A transaction that reads cannot write: begin with write.");
    }
    return true;
  }

  private <T> T committed(Supplier<T> work) {
    boolean[] isDone = {false};
    try {
      return writing.execute(
          _ -> {
            T result = work.get();
            isDone[0] = true;
            return result;
          });
    } catch (RuntimeException failed) {
      // Before the commit nothing can have been kept. From then on only the database knows.
      throw isDone[0] ? OutcomeUnknown.unlessRolledBack(failed) : failed;
    }
  }

  private void enter(UUID workspace) {
    sql.select(
            set("gerula.workspace", workspace.toString()),
            set("statement_timeout", STATEMENT_TIMEOUT))
        .fetch();
  }

  private void lock(UUID workspace) {
    sql.select(set("lock_timeout", WriteQueue.LONGEST_WAIT.toSeconds() + "s")).fetch();
    boolean isThere =
        !sql.fetch(
                "select 1 from gerula.workspace where workspace_id = ? for no key update",
                workspace)
            .isEmpty();
    if (!isThere) {
      throw Refused.workspaceGone();
    }
  }

  private static org.jooq.Field<String> set(String name, String value) {
    return DSL.function(
        "set_config", String.class, DSL.val(name), DSL.val(value), DSL.inline(true));
  }
}
