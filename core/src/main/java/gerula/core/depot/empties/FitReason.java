package gerula.core.depot.empties;

import gerula.core.rule.Code;

/** Why a container suits a product, or does not. */
public enum FitReason implements Code {
  MADE_FOR_IT(Verdict.FITS),
  SEALS(Verdict.FITS),
  HOLDS_ITS_SHAPE(Verdict.FITS),

  SLOW_TO_FILL(Verdict.CAUTION),
  THICK_FOR_THE_NOZZLE(Verdict.CAUTION),
  NO_SPRAY_ANY_MORE(Verdict.CAUTION),
  CLOGS_THE_NOZZLE(Verdict.CAUTION),
  NO_SIFTER(Verdict.CAUTION),
  ONLY_IN_PANS(Verdict.CAUTION),
  RUNS_WHEN_OPENED(Verdict.CAUTION),
  EVAPORATES_SLOWLY(Verdict.CAUTION),
  SUNSCREEN_IS_BETTER_IN_ITS_PACK(Verdict.CAUTION),
  LABEL_AS_FLAMMABLE(Verdict.CAUTION),
  UNKNOWN_FORM(Verdict.CAUTION),

  NEVER_DECANTED(Verdict.NO),
  STERILE(Verdict.NO),
  NOT_LEAK_PROOF(Verdict.NO),
  DRIES_OUT(Verdict.NO),
  EVAPORATES(Verdict.NO),
  GLITTER_ESCAPES(Verdict.NO),
  CLOUDS_THE_MATERIAL(Verdict.NO),
  SPILLS_LOOSE_POWDER(Verdict.NO),
  TOO_THICK(Verdict.NO),
  TOO_THIN(Verdict.NO),
  MELTS_AND_RUNS(Verdict.NO),
  STICKS(Verdict.NO),
  NOT_MADE_FOR_IT(Verdict.NO);

  private final Verdict verdict;

  FitReason(Verdict verdict) {
    this.verdict = verdict;
  }

  /** What this reason alone would lead to. */
  public Verdict verdict() {
    return verdict;
  }

  /** Whether a product may go into a container; the later the worse. */
  public enum Verdict implements Code {
    FITS,
    CAUTION,
    NO
  }
}
