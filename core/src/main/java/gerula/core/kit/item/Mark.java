package gerula.core.kit.item;

import gerula.core.rule.Code;

/** One of the four marks: how urgent, and why. */
public record Mark(State state, Marks.MarkReason reason) {

  /** The three states of a mark, told by shape first and colour second. */
  public enum State implements Code {
    IN_ORDER,
    SOON,
    STOP
  }
}
