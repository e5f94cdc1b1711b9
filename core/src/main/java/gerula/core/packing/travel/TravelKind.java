package gerula.core.packing.travel;

import gerula.core.rule.Code;

/** What a carrier sees in a thing. */
public enum TravelKind implements Code {
  LIQUID,
  CREAM,
  AEROSOL,
  POWDER,
  /** A battery by itself, a power bank. */
  LITHIUM_SPARE,
  /** A battery in what it drives. */
  LITHIUM_INSTALLED,
  /** Burns, and is no toiletry: solvents, spirit adhesives and their removers. */
  FLAMMABLE_LIQUID,
  SCISSORS,
  /** Loose, as of a razor. */
  BLADE,
  TOOL,
  OTHER;

  /** Whether it goes into the bag of liquids. */
  public boolean isOfTheLiquidsBag() {
    return this == LIQUID || this == CREAM || this == AEROSOL || this == FLAMMABLE_LIQUID;
  }
}
