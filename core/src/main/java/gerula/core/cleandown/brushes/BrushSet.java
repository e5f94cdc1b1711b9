package gerula.core.cleandown.brushes;

/**
 * A set of brushes that is washed together.
 *
 * @param brushes how many there are in it, 1 to 200
 * @param isDense whether some of them are dense: those take longest to dry
 */
public record BrushSet(String id, int brushes, boolean isDense) {

  public BrushSet {
    if (brushes < 1 || brushes > 200) {
      throw new IllegalArgumentException(
          "A set has 1 to 200 brushes, but this has " + brushes + ".");
    }
  }
}
