package gerula.app.platform;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;

/** SHA-256 (FIPS 180-4). */
public final class Sha256 {

  private Sha256() {}

  public static byte[] of(String text) {
    return begun().digest(text.getBytes(StandardCharsets.UTF_8));
  }

  /** For what comes piece by piece. */
  public static MessageDigest begun() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException impossible) {
      throw new IllegalStateException("Every Java has SHA-256.", impossible);
    }
  }
}
