package gerula.core.shade;

import java.util.Random;

/** Colours by chance, the same for the same seed. */
public final class Colours {

  private final Random random;

  public Colours(long seed) {
    random = new Random(seed);
  }

  public Lab any() {
    return new Lab(random.nextDouble(100), random.nextDouble(-90, 90), random.nextDouble(-90, 90));
  }

  /** Within what skin and what is made for it look like, from light to deep. */
  public Lab skin() {
    double l = random.nextDouble(28, 85);
    return new Lab(l, random.nextDouble(6, 16), random.nextDouble(10, 26));
  }
}
