package gerula.app.ledger;

import static gerula.app.tables.Tables.LEDGER;

import gerula.app.platform.errors.Refused;
import gerula.app.platform.web.Asked;
import gerula.app.platform.workspace.SignedIn;
import java.time.Clock;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The ledger's own rows. Everything here runs within a workspace. */
@Component
class Entries {

  private final DSLContext sql;
  private final Clock clock;
  private final JsonMapper json;
  private final Asked asked;

  Entries(DSLContext sql, Clock clock, JsonMapper json, Asked asked) {
    this.sql = sql;
    this.clock = clock;
    this.json = json;
    this.asked = asked;
  }

  /**
   * Whether the act of this id was done before.
   *
   * @throws Refused when something else was asked for under this id
   */
  boolean isDone(UUID id) {
    Optional<Optional<byte[]>> before =
        sql.select(LEDGER.ASKED)
            .from(LEDGER)
            .where(LEDGER.ID.eq(id))
            .fetchOptional(row -> Optional.ofNullable(row.value1()));
    Optional<byte[]> now = asked.digest();
    boolean isOther =
        before.flatMap(Function.identity()).isPresent()
            && now.isPresent()
            && !Arrays.equals(before.get().get(), now.get());
    if (isOther) {
      throw Refused.notNow(
          "act-id-used",
          "Something else was done under this act id before. Nothing was changed; send this with an"
              + " id of its own.");
    }
    return before.isPresent();
  }

  /** Taken while the workspace is held, so that numbers follow the order of acts. */
  long nextNumber() {
    return sql.fetchSingle("select nextval('gerula.ledger_seq_seq')").get(0, Long.class);
  }

  void write(SignedIn who, UUID id, String name, Act act, @Nullable UUID undoes) {
    sql.insertInto(LEDGER)
        .set(LEDGER.ID, id)
        .set(LEDGER.SEQ, act.number())
        .set(LEDGER.ACT, name)
        .set(LEDGER.AT, clock.instant())
        .set(LEDGER.WHO, who.account())
        .set(LEDGER.FACTS, JSONB.valueOf(json.writeValueAsString(act.facts())))
        .set(LEDGER.UNDOES, undoes)
        .set(LEDGER.ASKED, asked.digest().orElse(null))
        .execute();
    act.writeThings();
  }
}
