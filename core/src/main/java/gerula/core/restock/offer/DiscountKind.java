package gerula.core.restock.offer;

import gerula.core.rule.Code;

/** The ways in which shops lower a price. */
public enum DiscountKind implements Code {
  /** So many percent off every pack. */
  PERCENT,
  SECOND_HALF_PRICE,
  THREE_FOR_TWO,
  /** So much off each pack. */
  FIXED,
  /** So many percent off every pack once that many are bought. */
  FROM_AMOUNT
}
