package gerula.core.packing.load;

/**
 * Outer measures, as a piece lies. In mm, each 1 to 10,000.
 *
 * @param heightMm upright
 */
public record Posture(int widthMm, int depthMm, int heightMm) {

  private static final int MOST_MM = 10_000;

  public Posture {
    require("width", widthMm);
    require("depth", depthMm);
    require("height", heightMm);
  }

  static void require(String what, int millimetres) {
    if (millimetres < 1 || millimetres > MOST_MM) {
      throw new IllegalArgumentException(
          "A " + what + " lies between 1 and 10,000 mm, but this is " + millimetres + " mm.");
    }
  }

  /** Of the floor it takes, in mm2. */
  long footprint() {
    return (long) widthMm * depthMm;
  }

  /** In mm3. */
  public long volume() {
    return footprint() * heightMm;
  }

  int longest() {
    return Math.max(heightMm, Math.max(widthMm, depthMm));
  }

  int smallest() {
    return Math.min(heightMm, Math.min(widthMm, depthMm));
  }

  boolean fits(Compartment room) {
    return widthMm <= room.widthMm() && depthMm <= room.depthMm() && heightMm <= room.heightMm();
  }
}
