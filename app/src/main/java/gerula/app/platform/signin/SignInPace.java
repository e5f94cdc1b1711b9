package gerula.app.platform.signin;

import gerula.app.platform.Sha256;
import gerula.app.platform.errors.Refused;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Slows down guessing. A try is counted before the passphrase is looked at, so that many at once
 * let no more through than one after the other; the right one is given back. Whoever fails on a
 * name from one address holds up neither another address nor a browser that signed in before.
 */
@Component
class SignInPace {

  private static final Duration LONGEST_WAIT = Duration.ofMinutes(5);
  private static final Duration FORGOTTEN_AFTER = Duration.ofMinutes(30);

  private final DSLContext sql;
  private final TransactionTemplate transactions;
  private final Clock clock;

  SignInPace(DSLContext sql, PlatformTransactionManager manager, Clock clock) {
    this.sql = sql;
    this.clock = clock;
    transactions = new TransactionTemplate(manager);
  }

  /** Something under which tries are counted, and how many are free before each has to wait. */
  private record Key(String hash, int freeTries) {}

  /** A try that was counted. */
  record Try(List<String> keys) {}

  /**
   * Counts a try.
   *
   * @param device known to have signed in under this name before
   * @throws Refused when it comes too soon; then it is not counted
   */
  Try begin(String email, String address, Optional<byte[]> device) {
    String name = email.strip().toLowerCase(Locale.ROOT);
    List<Key> keys = new ArrayList<>();
    if (device.isPresent()) {
      keys.add(key("device", HexFormat.of().formatHex(device.get()), 10));
    } else {
      keys.add(key("name and address", name + " " + address, 5));
      keys.add(key("name", name, 60));
      keys.add(key("address", address, 30));
    }
    // Always in the same order, so that two tries never wait for each other in a circle.
    keys.sort(Comparator.comparing(Key::hash));
    transactions.executeWithoutResult(_ -> keys.forEach(this::count));
    return new Try(keys.stream().map(Key::hash).toList());
  }

  private void count(Key key) {
    Instant now = clock.instant();
    Instant longAgo = now.minus(FORGOTTEN_AFTER);
    boolean isCounted =
        !sql.fetch(
                """
                insert into access.sign_in_failure as known (key_hash, failures, last_at)
                values (?, 1, cast(? as timestamptz))
                on conflict (key_hash) do update set
                  failures = case when known.last_at < cast(? as timestamptz) then 1 else known.failures + 1 end,
                  last_at = excluded.last_at
                where known.last_at < cast(? as timestamptz) or known.failures < ?
                  or known.last_at
                    + least(?, power(2, least(known.failures - ?, 20))) * interval '1 second'
                    <= excluded.last_at
                returning failures
                """,
                key.hash(),
                now,
                longAgo,
                longAgo,
                key.freeTries(),
                LONGEST_WAIT.toSeconds(),
                key.freeTries())
            .isEmpty();
    if (!isCounted) {
      throw Refused.tooSoon(secondsToWait(key, now));
    }
  }

  private long secondsToWait(Key key, Instant now) {
    return sql.fetchOptional(
            "select failures, last_at from access.sign_in_failure where key_hash = ?", key.hash())
        .map(
            row -> {
              int doublings = Math.min(row.get("failures", Integer.class) - key.freeTries(), 20);
              long wait = Math.min(LONGEST_WAIT.toSeconds(), 1L << Math.max(0, doublings));
              Instant until = row.get("last_at", Instant.class).plusSeconds(wait);
              return Math.max(1, Duration.between(now, until).toSeconds() + 1);
            })
        .orElse(1L);
  }

  /** The passphrase was right: it was no guess. */
  void giveBack(Try counted) {
    transactions.executeWithoutResult(
        _ ->
            counted
                .keys()
                .forEach(
                    key ->
                        sql.execute(
                            "update access.sign_in_failure set failures = failures - 1 where"
                                + " key_hash = ? and failures > 0",
                            key)));
  }

  /** Rows that count for nothing any more. */
  void forgetOld() {
    sql.execute(
        "delete from access.sign_in_failure where last_at < cast(? as timestamptz)",
        clock.instant().minus(FORGOTTEN_AFTER));
  }

  private static Key key(String kind, String what, int freeTries) {
    return new Key(HexFormat.of().formatHex(Sha256.of(kind + "\n" + what)), freeTries);
  }
}
