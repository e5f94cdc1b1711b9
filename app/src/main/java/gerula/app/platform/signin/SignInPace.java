package gerula.app.platform.signin;

import gerula.app.platform.errors.Refused;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record2;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.springframework.stereotype.Component;

/** Slows down guessing: after a few failures each further try has to wait twice as long. */
@Component
class SignInPace {

  private static final int FREE_TRIES = 4;
  private static final Duration LONGEST_WAIT = Duration.ofMinutes(5);
  private static final Duration FORGOTTEN_AFTER = Duration.ofMinutes(30);

  private static final Table<?> FAILURE = DSL.table(DSL.name("access", "sign_in_failure"));
  private static final Field<String> NAME_HASH =
      DSL.field(DSL.name("name_hash"), SQLDataType.VARCHAR);
  private static final Field<Integer> FAILURES =
      DSL.field(DSL.name("failures"), SQLDataType.INTEGER);
  private static final Field<Instant> LAST_AT = DSL.field(DSL.name("last_at"), SQLDataType.INSTANT);

  private final DSLContext sql;
  private final Clock clock;

  SignInPace(DSLContext sql, Clock clock) {
    this.sql = sql;
    this.clock = clock;
  }

  void refuseIfTooSoon(String email) {
    Duration left = wait(email);
    if (left.isPositive()) {
      throw Refused.tooSoon(Math.max(1, left.toSeconds()));
    }
  }

  private Duration wait(String email) {
    Optional<Record2<Integer, Instant>> known =
        sql.select(FAILURES, LAST_AT)
            .from(FAILURE)
            .where(NAME_HASH.eq(hash(email)))
            .fetchOptional();
    if (known.isEmpty() || known.get().value1() < FREE_TRIES) {
      return Duration.ZERO;
    }
    int doublings = Math.min(known.get().value1() - FREE_TRIES, 20);
    Duration wait = Duration.ofSeconds(1L << doublings);
    Duration bounded = wait.compareTo(LONGEST_WAIT) < 0 ? wait : LONGEST_WAIT;
    return Duration.between(clock.instant(), known.get().value2().plus(bounded));
  }

  void noteFailure(String email) {
    Instant now = clock.instant();
    Field<Integer> failuresBefore =
        DSL.field(DSL.name("sign_in_failure", "failures"), SQLDataType.INTEGER);
    Field<Instant> lastBefore =
        DSL.field(DSL.name("sign_in_failure", "last_at"), SQLDataType.INSTANT);
    sql.insertInto(FAILURE)
        .columns(NAME_HASH, FAILURES, LAST_AT)
        .values(hash(email), 1, now)
        .onConflict(NAME_HASH)
        .doUpdate()
        .set(
            FAILURES,
            DSL.when(lastBefore.lt(now.minus(FORGOTTEN_AFTER)), 1)
                .otherwise(failuresBefore.plus(1)))
        .set(LAST_AT, now)
        .execute();
  }

  void forget(String email) {
    sql.deleteFrom(FAILURE).where(NAME_HASH.eq(hash(email))).execute();
  }

  private static String hash(String email) {
    try {
      byte[] name = email.strip().toLowerCase(Locale.ROOT).getBytes(StandardCharsets.UTF_8);
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(name));
    } catch (NoSuchAlgorithmException impossible) {
      throw new IllegalStateException("Every Java has SHA-256.", impossible);
    }
  }
}
