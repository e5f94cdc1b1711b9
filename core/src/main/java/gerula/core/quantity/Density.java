package gerula.core.quantity;

/**
 * How heavy a content is for the room it takes.
 *
 * @param gramsPerMl above 0 and up to 100,000
 */
public record Density(double gramsPerMl) {

  /** A gram a millilitre. */
  public static final Density OF_WATER = new Density(1);

  public Density {
    if (!(gramsPerMl > 0 && gramsPerMl <= 100_000)) {
      throw new IllegalArgumentException(
          "The density lies above 0 and up to 100,000 g/ml, but this is " + gramsPerMl + ".");
    }
  }

  public Mass massOf(Volume volume) {
    return Mass.ofGrams(volume.ml() * gramsPerMl);
  }

  public Volume volumeOf(Mass mass) {
    return Volume.ofMl(mass.exactGrams() / gramsPerMl);
  }
}
