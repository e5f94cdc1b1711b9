package gerula.app.platform.signin;

import gerula.app.platform.Sha256;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.util.Base64;
import java.util.Locale;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Browsers that signed in to an account before. Each holds 32 random bytes in a cookie; here only
 * their hash is kept, beside a hash of the account's name.
 */
@Component
class KnownDevices {

  private static final Duration KEPT = Duration.ofDays(400);
  private static final int SECRET_BYTES = 32;
  private static final SecureRandom RANDOM = new SecureRandom();

  private final DSLContext sql;
  private final Clock clock;

  KnownDevices(DSLContext sql, Clock clock) {
    this.sql = sql;
    this.clock = clock;
  }

  static String newSecret() {
    byte[] random = new byte[SECRET_BYTES];
    RANDOM.nextBytes(random);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(random);
  }

  /** The hash of a browser that signed in under this name before; empty for any other. */
  Optional<byte[]> known(String email, @Nullable String secret) {
    if (secret == null) {
      return Optional.empty();
    }
    byte[] device = Sha256.of(secret);
    boolean isKnown =
        !sql.fetch(
                "select 1 from access.known_device where account_hash = ? and device_hash = ?",
                account(email),
                device)
            .isEmpty();
    return isKnown ? Optional.of(device) : Optional.empty();
  }

  void remember(String email, String secret) {
    sql.execute(
        """
        insert into access.known_device (account_hash, device_hash, last_at) values (?, ?, cast(? as timestamptz))
        on conflict (account_hash, device_hash) do update set last_at = excluded.last_at
        """,
        account(email),
        Sha256.of(secret),
        clock.instant());
  }

  /** The passphrase was changed, or the account is gone. */
  void forgetAll(String email) {
    sql.execute("delete from access.known_device where account_hash = ?", account(email));
  }

  void forgetOld() {
    sql.execute(
        "delete from access.known_device where last_at < cast(? as timestamptz)",
        clock.instant().minus(KEPT));
  }

  private static byte[] account(String email) {
    return Sha256.of("account\n" + email.strip().toLowerCase(Locale.ROOT));
  }
}
