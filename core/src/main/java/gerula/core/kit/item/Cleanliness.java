package gerula.core.kit.item;

import gerula.core.rule.Code;
import java.util.Set;

/** In which state of cleanliness a thing is. Closed: what may be done with it depends on it. */
public enum Cleanliness implements Code {
  CLEAN,
  /** On a face at this moment. */
  IN_USE,
  /** It, or what is in it, touched a face: it needs its treatment. */
  USED,
  /** Treated, and not dry yet. */
  DRYING,
  /** Something is suspected; somebody has to decide. */
  QUARANTINED,
  /** It must not be used. */
  CONTAMINATED;

  @Override
  public Set<String> formerly() {
    return this == USED ? Set.of("due") : Set.of();
  }

  /** Whether it must not touch anybody as it is, whatever is done to it today. */
  public boolean isStopped() {
    return this == QUARANTINED || this == CONTAMINATED;
  }
}
