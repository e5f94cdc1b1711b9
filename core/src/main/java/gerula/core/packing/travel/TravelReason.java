package gerula.core.packing.travel;

import gerula.core.rule.Code;

/** Why something may go or not. */
public enum TravelReason implements Code {
  /** The container holds more than 100 ml, however much is in it: Regulation (EU) 2015/1998. */
  CONTAINER_OVER_100_ML,
  /** It goes into the one bag of a litre: Regulation (EU) 2015/1998. */
  IN_THE_LIQUIDS_BAG,
  /** More than 500 g or 500 ml of one toiletry: ICAO technical instructions, from memory. */
  TOILETRY_TOO_LARGE,
  /** An aerosol that is no toiletry. */
  AEROSOL_NO_TOILETRY,
  /** It burns and is no toiletry: buy it there or send it by ground. */
  FLAMMABLE,
  /** Spare batteries go in the cabin only: IATA, from memory. */
  SPARE_IN_CABIN_ONLY,
  /** Its poles are covered. */
  COVER_TERMINALS,
  /** More than 100 Wh: the carrier approves it, at most two. IATA, from memory. */
  OVER_100_WH,
  /** More than 160 Wh. */
  OVER_160_WH,
  /** Blades of more than 60 mm from the pivot: Regulation (EU) 2015/1998, attachment 4-C. */
  BLADE_OVER_60_MM,
  /** Loose blades never go in the cabin. */
  LOOSE_BLADE,
  /** Sharp things are covered in the hold. */
  COVER_BLADE,
  /** More than 350 ml of powder: TSA, from memory. */
  MAY_BE_INSPECTED
}
