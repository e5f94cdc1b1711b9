package gerula.app.platform.signin;

import com.nulabinc.zxcvbn.Zxcvbn;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.Limit;
import gerula.app.platform.limits.MachineThreads;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Hashing passphrases, a few at a time because each takes 19 MiB and a good part of a processor's
 * second, and refusing those that are soon guessed.
 */
@Component
class Passphrases {

  /** Of 0 to 4: safely unguessable where guessing is slowed down (zxcvbn's own scale). */
  private static final int LEAST_SCORE = 3;

  /** Estimating takes longer with the square of the length; what is longer is not worse for it. */
  private static final int ESTIMATED_CHARACTERS = 80;

  private final PasswordEncoder encoder;
  private final Semaphore atOnce = new Semaphore(Limit.SIGN_INS_CHECKED_AT_ONCE.whole(), true);
  private final Zxcvbn estimator = new Zxcvbn();

  /**
   * Checked when nobody has the name, so that the answer takes as long as for a wrong passphrase.
   * Worked out a moment after the start, which it would hold up for half a second.
   */
  private final CompletableFuture<String> nobodysHash;

  Passphrases(PasswordEncoder encoder) {
    this.encoder = encoder;
    nobodysHash =
        CompletableFuture.supplyAsync(
            () -> encoder.encode(UUID.randomUUID().toString()),
            CompletableFuture.delayedExecutor(2, TimeUnit.SECONDS));
  }

  /**
   * @param path of the field it was sent in
   * @throws Refused when it is soon guessed
   */
  void requireStrong(String path, String passphrase, String email) {
    List<String> own = Arrays.asList(email.split("[@.]+"));
    String start = passphrase.substring(0, Math.min(ESTIMATED_CHARACTERS, passphrase.length()));
    boolean isStrong = estimator.measure(start, own).getScore() >= LEAST_SCORE;
    if (!isStrong) {
      throw Refused.faulty(
          List.of(
              new FieldFault(
                  path,
                  "too-weak",
                  "This passphrase is easily guessed. Choose several words that don't belong"
                      + " together.")));
    }
  }

  String hash(String passphrase) {
    return inTurn(() -> encoder.encode(passphrase));
  }

  boolean matches(String passphrase, String hash) {
    return inTurn(() -> encoder.matches(passphrase, hash));
  }

  /** Takes as long as for somebody's. */
  void matchNobodys(String passphrase) {
    matches(passphrase, nobodysHash.join());
  }

  private <T> T inTurn(Supplier<T> work) {
    try {
      if (!atOnce.tryAcquire(20, TimeUnit.SECONDS)) {
        throw Refused.busy("Many people are signing in just now.");
      }
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw Refused.busy("This was interrupted.");
    }
    try {
      return MachineThreads.call(work::get);
    } finally {
      atOnce.release();
    }
  }
}
