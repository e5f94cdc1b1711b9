package gerula.core.packing.load;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Room within a bag. Lengths in mm, from inside.
 *
 * @param usableShare of its volume that pieces may take, above 0 and up to 1
 * @param allowed sections that may lie here, empty for any
 * @param isSealed whether it closes so that nothing spills
 * @param reach when it is opened, 1 first
 * @param person whose things alone may lie here, null for anybody's
 */
@RecordBuilder
public record Compartment(
    String id,
    int widthMm,
    int depthMm,
    int heightMm,
    double usableShare,
    Set<String> allowed,
    boolean isSealed,
    int reach,
    @Nullable String person) {

  public Compartment {
    Posture.require("width", widthMm);
    Posture.require("depth", depthMm);
    Posture.require("height", heightMm);
    if (!(usableShare > 0 && usableShare <= 1)) {
      throw new IllegalArgumentException(
          "A usable share lies above 0 and up to 1, but this is " + usableShare + ".");
    }
    if (reach < 0 || reach > 10_000) {
      throw new IllegalArgumentException(
          "An order of reach lies between 0 and 10,000, but this is " + reach + ".");
    }
    allowed = Set.copyOf(allowed);
  }

  /** Whether it goes in by itself in one of the ways it may lie. */
  public boolean takes(Posture measured, Orientation how) {
    return how.of(measured).stream().anyMatch(one -> one.fits(this));
  }

  /** In mm2. */
  long floor() {
    return (long) widthMm * depthMm;
  }

  /** In mm3. */
  public long volume() {
    return (long) widthMm * depthMm * heightMm;
  }
}
