package gerula.core.kit.place;

import gerula.core.kit.product.Measures;
import org.jspecify.annotations.Nullable;

/**
 * The room within a place. Lengths in mm, 1 to 10,000, each null when it was never measured.
 *
 * @param slots a grid of equal slots, null where things lie freely
 * @param isSealed whether it closes so that nothing dries out or spills
 */
public record Inside(
    @Nullable Integer widthMm,
    @Nullable Integer depthMm,
    @Nullable Integer heightMm,
    @Nullable Slots slots,
    boolean isSealed) {

  public static final Inside UNMEASURED = new Inside(null, null, null, null, false);

  public Inside {
    requireLength("inner width", widthMm);
    requireLength("inner depth", depthMm);
    requireLength("inner height", heightMm);
  }

  /**
   * Equal slots in a grid. Lengths in mm, null when never measured.
   *
   * @param count 1 to 500
   */
  public record Slots(
      int count, @Nullable Integer widthMm, @Nullable Integer depthMm, @Nullable Integer heightMm) {
    public Slots {
      if (count < 1 || count > 500) {
        throw new IllegalArgumentException(
            "A place has 1 to 500 slots, but this says " + count + ".");
      }
      requireLength("width of a slot", widthMm);
      requireLength("depth of a slot", depthMm);
      requireLength("height of a slot", heightMm);
    }

    /** Whether a thing is no wider than a slot either way; what was never measured takes any. */
    public boolean areWideEnoughFor(Measures thing) {
      if (widthMm == null || depthMm == null) {
        return true;
      }
      return Math.min(thing.widthMm(), thing.depthMm()) <= Math.min(widthMm, depthMm)
          && Math.max(thing.widthMm(), thing.depthMm()) <= Math.max(widthMm, depthMm);
    }
  }

  /** The height a thing may have here: a slot's own, or else the place's. */
  public @Nullable Integer clearHeightMm() {
    return slots != null && slots.heightMm() != null ? slots.heightMm() : heightMm;
  }

  private static void requireLength(String what, @Nullable Integer length) {
    if (length != null && (length < 1 || length > 10_000)) {
      throw new IllegalArgumentException(
          "The " + what + " lies between 1 and 10,000 mm, but this is " + length + " mm.");
    }
  }
}
