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
    /** What has to be done to it after it was used has been done. */
    TREATED,
    /** Something happened to it besides. */
    HAPPENED,
    /** Something it came from was recalled. */
    RECALLED
  }

  /** As somebody says it is. */
  public static CleanState told(Cleanliness is) {
    return new CleanState(is, null, By.TOLD, null);
  }

  public static final CleanState CLEAN = told(Cleanliness.CLEAN);

  /** It touches a face now: from here on it is to be treated, if it was not before. */
  public CleanState usedAt(Instant at) {
    return new CleanState(Cleanliness.IN_USE, isToBeTreated() ? since : at, By.CONTACT, null);
  }

  /**
   * It touched a face then, as is told only now: what was treated since is as it was, else it is to
   * be treated from then on.
   */
  public CleanState wasUsedAt(Instant at) {
    boolean isTreatedSince = !isToBeTreated() && since != null && since.isAfter(at);
    if (isTreatedSince || is.isStopped()) {
      return this;
    }
    Instant from = isToBeTreated() && since != null && since.isBefore(at) ? since : at;
    return is == Cleanliness.IN_USE
        ? new CleanState(is, from, by, null)
        : new CleanState(Cleanliness.USED, from, By.CONTACT, null);
  }

  /** The face it was on is done. */
  public CleanState laidDown() {
    return is == Cleanliness.IN_USE ? new CleanState(Cleanliness.USED, since, by, null) : this;
  }

  /** Something happened to it: it is in this state, and since then unless it was already. */
  public CleanState happened(Cleanliness now, Instant at) {
    return new CleanState(now, isToBeTreated() ? since : at, By.HAPPENED, null);
  }

  /** Whether it touched somebody, or something happened to it, and it was not treated since. */
  public boolean isToBeTreated() {
    return is == Cleanliness.IN_USE || is == Cleanliness.USED;
  }

  /** Treated: clean at once, or when it is dry. */
  public static CleanState treated(Instant at, @Nullable Instant dryAt) {
    boolean isDry = dryAt == null || !dryAt.isAfter(at);
    return new CleanState(
        isDry ? Cleanliness.CLEAN : Cleanliness.DRYING, at, By.TREATED, isDry ? null : dryAt);
  }

  /** As it is at that moment: what was drying is clean once it is dry. */
  public CleanState at(Instant now) {
    return until == null || until.isAfter(now)
        ? this
        : new CleanState(Cleanliness.CLEAN, until, by, null);
  }

  public CleanState {
    if (until != null && is != Cleanliness.DRYING) {
      throw new IllegalArgumentException(
          "Only what is drying is dry at some time, but this is " + is.code() + ".");
    }
  }
}
