package gerula.core.shade.carry;

import gerula.core.shade.Lab;

/**
 * A shade that could be carried.
 *
 * @param massG 0 or more
 * @param isMixer whether it only shifts others: it never goes onto a face alone
 * @param texture what it is: only shades of one texture are mixed with each other
 */
public record Shade(String id, Lab colour, double massG, boolean isMixer, String texture) {
  public Shade {
    if (!(massG >= 0)) {
      throw new IllegalArgumentException("A mass is 0 g or more, but this is " + massG);
    }
  }

  /** One of shades that all mix with each other. */
  public Shade(String id, Lab colour, double massG, boolean isMixer) {
    this(id, colour, massG, isMixer, "");
  }
}
