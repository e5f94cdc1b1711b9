package gerula.core.packing;

import gerula.core.rule.Code;

/** What can be done so that an item serves after all, or what is done instead. */
public enum Remedy implements Code {
  /** It is a container of the artist's: fill it again. */
  REFILL,
  /** It goes to another booking: fill a container with what this one takes. */
  DECANT,
  /** Buy one like it. */
  BUY,
  /** Somebody has it. */
  ASK_BACK,
  /** Nobody knows where it is. */
  FIND,
  /** It was left at home on purpose. */
  TAKE_AFTER_ALL,
  /** It is quarantined: decide whether it may be used. */
  DECIDE,
  /** Say what its colour is there for. */
  SAY_ROLE,
  /** It is not quite what is needed: take it all the same. */
  INSTEAD
}
