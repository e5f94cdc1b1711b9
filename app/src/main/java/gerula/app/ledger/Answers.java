package gerula.app.ledger;

import static gerula.app.tables.Tables.ACT_ANSWER;

import gerula.app.platform.errors.AnsweredBefore;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import java.util.function.Supplier;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Answers of acts that have something to say. The answer is made in the act's own transaction, so
 * that it cannot be lost while the act is kept; sent again, the act is answered as it was.
 */
@Component
public class Answers {

  /** Whoever sends an act again does so soon; later he is told how things stand then. */
  private static final Duration KEPT = Duration.ofDays(2);

  private final DSLContext sql;
  private final Workspaces workspaces;
  private final Entries entries;
  private final Clock clock;
  private final JsonMapper json;

  Answers(DSLContext sql, Workspaces workspaces, Entries entries, Clock clock, JsonMapper json) {
    this.sql = sql;
    this.workspaces = workspaces;
    this.entries = entries;
    this.clock = clock;
    this.json = json;
  }

  /**
   * @param actId of the act
   * @param act joins this transaction
   * @param answer what is to be said of it, as things stand after it
   * @throws AnsweredBefore with the answer, when the act was done before
   */
  public <T> T once(SignedIn who, UUID actId, Runnable act, Supplier<T> answer) {
    return workspaces.write(
        who.workspace(),
        () -> {
          if (entries.isDone(actId)) {
            sql.select(ACT_ANSWER.ANSWER)
                .from(ACT_ANSWER)
                .where(ACT_ANSWER.LEDGER_ID.eq(actId))
                .fetchOptional(ACT_ANSWER.ANSWER)
                .ifPresent(
                    before -> {
                      throw new AnsweredBefore(before);
                    });
            return answer.get();
          }
          act.run();
          T made = answer.get();
          keep(actId, made);
          return made;
        });
  }

  private void keep(UUID actId, Object answer) {
    sql.deleteFrom(ACT_ANSWER).where(ACT_ANSWER.AT.lt(clock.instant().minus(KEPT))).execute();
    sql.insertInto(ACT_ANSWER)
        .set(ACT_ANSWER.LEDGER_ID, actId)
        .set(ACT_ANSWER.AT, clock.instant())
        .set(ACT_ANSWER.ANSWER, json.writeValueAsString(answer))
        .onConflictDoNothing()
        .execute();
  }
}
