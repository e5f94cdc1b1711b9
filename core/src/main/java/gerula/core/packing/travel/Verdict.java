package gerula.core.packing.travel;

import gerula.core.rule.Code;

/** Whether it may go. */
public enum Verdict implements Code {
  YES,
  NO,
  /** The carrier decides. */
  ASK
}
