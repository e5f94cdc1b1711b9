package gerula.core.cleandown.treatment;

import gerula.core.rule.Code;
import java.util.Set;

/** Something that happened beside the usual use of a thing, and that overrides what is usual. */
public enum Incident implements Code {
  /** The face has a cold or a sore throat. */
  ILL_FACE,
  INFECTED_EYE,
  COLD_SORE,
  OPEN_WOUND,
  SKIN_INFECTION,
  BLOOD,
  /** Open, with the product on the floor. */
  DROPPED,
  /** Or blown on. */
  SNEEZED_ON,
  /** Somebody else used it. */
  UNKNOWN_USER;

  @Override
  public Set<String> formerly() {
    return this == SNEEZED_ON ? Set.of("blown-on") : Set.of();
  }

  /** Whether one does not work there: what touched the place must not touch anybody else. */
  public boolean isInfection() {
    return this == INFECTED_EYE
        || this == COLD_SORE
        || this == OPEN_WOUND
        || this == SKIN_INFECTION;
  }
}
