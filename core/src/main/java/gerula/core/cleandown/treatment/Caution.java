package gerula.core.cleandown.treatment;

import gerula.core.rule.Code;

/** What to heed at a treatment. Local rules and licensed practice come first, always. */
public enum Caution implements Code {
  /** Do not work there; advise her to see a professional. */
  DO_NOT_WORK_THERE,
  /** Gloves; sharp things go into the sharps box. */
  GLOVES_AND_SHARPS,
  /** Alcohol alone does not count here. */
  RATED_AGENT,
  /** Alcohol burns: nothing hot and no flame nearby, and let it dry before heat. */
  NO_HEAT_OR_FLAME,
  /** Open a window, spray away from faces and eyes. */
  AIR_AND_EYES,
  /** Edges and blades. */
  BLADES,
  /** Unplugged, and no water inside. */
  UNPLUG
}
