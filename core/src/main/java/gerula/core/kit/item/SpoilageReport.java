package gerula.core.kit.item;

import gerula.core.rule.Code;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Set;

/**
 * A report that a thing is not as it was. It takes the thing out of use, whatever its date says.
 * Common practice.
 *
 * @param on the day somebody noticed
 * @param what at least one
 */
public record SpoilageReport(LocalDate on, Set<Sense> what) {

  /** By what one notices that something has gone off. */
  public enum Sense implements Code {
    LOOK,
    SMELL,
    TEXTURE
  }

  public SpoilageReport {
    if (what.isEmpty()) {
      throw new IllegalArgumentException(
          "Say what has changed: its look, its smell or its texture.");
    }
    what = EnumSet.copyOf(what);
  }
}
