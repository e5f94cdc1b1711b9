package gerula.core.packing;

import gerula.core.rule.Because;
import java.time.LocalDate;
import java.util.UUID;

/** Why this item and not another. Closed: every one has its words on the screen. */
public sealed interface TakenBecause extends Because {

  /** Another thing on the list is useless without it. */
  record CompanionOf(UUID item) implements TakenBecause {
    @Override
    public String code() {
      return "companion-of";
    }
  }

  /** Its shade suits the face. */
  record SuitsDepth(UUID face, double faceDepth, double depth) implements TakenBecause {
    @Override
    public String code() {
      return "suits-depth";
    }
  }

  /** Among those that would do it ends first. */
  record UseFirst(LocalDate lastDay) implements TakenBecause {
    @Override
    public String code() {
      return "use-first";
    }
  }

  /** It is ticked off already, though nothing asks for it any more. */
  record AlreadyPacked() implements TakenBecause {
    @Override
    public String code() {
      return "already-packed";
    }
  }
}
