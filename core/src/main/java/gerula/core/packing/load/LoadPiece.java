package gerula.core.packing.load;

import gerula.core.quantity.Mass;
import io.soabase.recordbuilder.core.RecordBuilder;
import org.jspecify.annotations.Nullable;

/**
 * One piece that is to be packed.
 *
 * @param name by which equal pieces are ordered
 * @param measures from outside, as it stands
 * @param section the part of the work it belongs to
 * @param isRequired whether it has to come along
 * @param value of one that may be left, 0 to 1,000,000
 * @param isRigid whether it keeps its shape; what is soft counts by volume
 * @param isWet whether it may leak: only into a place that closes
 * @param isHot whether it is hot when it is packed
 * @param melts whether it must not lie with something hot
 * @param group what lies together where it can
 * @param usual the compartment it lies in now, lay in last, or belongs in
 * @param companionOf the piece without which it is useless
 * @param openedFirst its rank when things are set up, 1 first
 * @param person whose it is
 * @param pinned the compartment it has to lie in
 */
@RecordBuilder
public record LoadPiece(
    String id,
    String name,
    Posture measures,
    Mass mass,
    String section,
    boolean isRequired,
    double value,
    Orientation orientation,
    boolean isRigid,
    boolean isWet,
    boolean isHot,
    boolean melts,
    @Nullable String group,
    @Nullable String usual,
    @Nullable String companionOf,
    @Nullable Integer openedFirst,
    @Nullable String person,
    @Nullable String pinned) {

  static final int TENTHS = 10;

  /** What is soft gives way; from memory. */
  private static final int SOFT_TENTHS = 6;

  public LoadPiece {
    if (!(value >= 0 && value <= 1_000_000)) {
      throw new IllegalArgumentException(
          "A value lies between 0 and 1,000,000, but this is " + value + ".");
    }
    if (openedFirst != null && (openedFirst < 1 || openedFirst > 10_000)) {
      throw new IllegalArgumentException(
          "A rank lies between 1 and 10,000, but this is " + openedFirst + ".");
    }
  }

  /** Of a compartment's volume, in mm3. */
  public double taken() {
    return (double) takenTenths() / TENTHS;
  }

  /** The same in tenths, and exact. */
  long takenTenths() {
    return measures.volume() * (isRigid ? TENTHS : SOFT_TENTHS);
  }

  /** Whether other pieces may lie on it. */
  boolean bears() {
    return isRigid && orientation == Orientation.FLAT;
  }
}
