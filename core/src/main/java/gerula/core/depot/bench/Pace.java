package gerula.core.depot.bench;

import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;

/**
 * How long this artist takes for a piece, in minutes above 0.
 *
 * @param minutes for those ways of handling of which enough pieces were timed
 */
public record Pace(Map<Handling, Double> minutes) {

  /** As from memory, before anything was timed. */
  public static final Pace USUAL = new Pace(Map.of());

  /** So many pieces of one handling have to be timed before they say anything. */
  public static final int ENOUGH = 3;

  /**
   * One piece that was timed.
   *
   * @param seconds from picking it up to having labelled it, above 0
   */
  public record Timed(Handling handling, int seconds) {}

  public Pace {
    minutes = Map.copyOf(minutes);
  }

  /** Learns from what was timed: the mean of each handling, once there are {@value #ENOUGH}. */
  public static Pace learnt(Collection<Timed> timed) {
    Map<Handling, Double> minutes = new EnumMap<>(Handling.class);
    for (Handling handling : Handling.values()) {
      int[] seconds =
          timed.stream()
              .filter(one -> one.handling() == handling && one.seconds() > 0)
              .mapToInt(Timed::seconds)
              .toArray();
      if (seconds.length >= ENOUGH) {
        double sum = 0;
        for (int one : seconds) {
          sum += one;
        }
        minutes.put(handling, sum / seconds.length / 60);
      }
    }
    return new Pace(minutes);
  }

  /** Minutes for one piece. */
  public double of(Handling handling) {
    return minutes.getOrDefault(handling, (double) handling.usualMinutes());
  }
}
