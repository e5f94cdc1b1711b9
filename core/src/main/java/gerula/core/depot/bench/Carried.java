package gerula.core.depot.bench;

/** What is carried: its mass, and the room it takes. */
public record Carried(double massG, double volumeMl) {

  static final Carried NOTHING = new Carried(0, 0);

  Carried plus(Carried other) {
    return new Carried(massG + other.massG, volumeMl + other.volumeMl);
  }
}
