package gerula.core.kit.item;

import gerula.core.rule.Code;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * How clean a thing is, and since when.
 *
 * @param since when it came to be so, null when nobody knows
 * @param by what made it so
 * @param until when it will be dry, told while it dries and at no other time
 */
public record CleanState(Cleanliness is, @Nullable Instant since, By by, @Nullable Instant until) {

  /** What brings a thing into a state. */
  public enum By implements Code {
    /** Somebody said so. */
    TOLD,
    /** It touched a face. */
    CONTACT,
    /** It was washed out. */
    WASHED,
    /** Something it came from was recalled. */
    RECALLED
  }

  /** As somebody says it is. */
  public static CleanState told(Cleanliness is) {
    return new CleanState(is, null, By.TOLD, null);
  }

  public static final CleanState CLEAN = told(Cleanliness.CLEAN);

  /** It touched a face just now. */
  public static CleanState usedAt(Instant at) {
    return new CleanState(Cleanliness.USED, at, By.CONTACT, null);
  }

  public CleanState {
    if (until != null && is != Cleanliness.DRYING) {
      throw new IllegalArgumentException(
          "Only what is drying is dry at some time, but this is " + is.code() + ".");
    }
  }
}
