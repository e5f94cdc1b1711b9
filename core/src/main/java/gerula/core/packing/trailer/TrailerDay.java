package gerula.core.packing.trailer;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A day in the trailer.
 *
 * @param bring what has to be carried in that day
 * @param staying how many pieces are left in it for the night
 * @param goesHome what is carried home that evening
 */
public record TrailerDay(LocalDate day, List<Brought> bring, int staying, List<GoesHome> goesHome) {

  public TrailerDay {
    bring = List.copyOf(bring);
    goesHome = List.copyOf(goesHome);
  }

  /**
   * @param isAgain whether it was there before and went home for the night
   */
  public record Brought(UUID item, boolean isAgain) {}

  /**
   * @param isForTheNight whether it comes back: frost or heat would spoil it
   */
  public record GoesHome(UUID item, boolean isForTheNight) {}
}
