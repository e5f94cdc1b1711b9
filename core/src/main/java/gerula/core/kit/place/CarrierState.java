package gerula.core.kit.place;

import gerula.core.kit.item.Cleanliness;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * How clean a bag is, inside and out.
 *
 * @param usedSince when it came back from a job, null once it was emptied and wiped
 * @param wetUntil until when it stands open to dry, null where it does not
 */
public record CarrierState(@Nullable Instant usedSince, @Nullable Instant wetUntil) {

  public static final CarrierState CLEAN = new CarrierState(null, null);

  /** Used, and to be emptied and wiped; if it was so before, since then. */
  public CarrierState usedAt(Instant now) {
    return usedSince == null ? new CarrierState(now, null) : this;
  }

  /** Emptied and wiped: it stands open until then. */
  public static CarrierState openUntil(Instant until) {
    return new CarrierState(null, until);
  }

  public Cleanliness at(Instant now) {
    if (usedSince != null) {
      return Cleanliness.USED;
    }
    return wetUntil != null && wetUntil.isAfter(now) ? Cleanliness.DRYING : Cleanliness.CLEAN;
  }
}
