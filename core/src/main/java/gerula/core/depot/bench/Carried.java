package gerula.core.depot.bench;

import gerula.core.depot.empties.Empty;
import gerula.core.quantity.Density;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Volume;

/** What is carried: its mass, and the room it takes. */
public record Carried(Mass mass, Volume volume) {

  static final Carried NOTHING = new Carried(Mass.NONE, Volume.NONE);

  /** A container with so much in it. */
  static Carried of(Empty empty, Volume fill, Density density) {
    return new Carried(empty.tare().plus(density.massOf(fill)), empty.outer());
  }

  /** So many of them. */
  Carried times(int count) {
    return new Carried(mass.times(count), volume.times(count));
  }

  Carried plus(Carried other) {
    return new Carried(mass.plus(other.mass), volume.plus(other.volume));
  }
}
