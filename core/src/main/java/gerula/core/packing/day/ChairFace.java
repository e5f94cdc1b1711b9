package gerula.core.packing.day;

import java.time.LocalTime;
import org.jspecify.annotations.Nullable;

/**
 * A face that sits in a chair.
 *
 * @param minutes 1 to 600
 * @param notBefore null: from the beginning of the day
 * @param artist who makes it up, null: anybody
 */
public record ChairFace(
    String id,
    int minutes,
    LocalTime readyBy,
    @Nullable LocalTime notBefore,
    @Nullable String artist) {

  public ChairFace {
    if (minutes < 1 || minutes > 600) {
      throw new IllegalArgumentException(
          "A face sits for 1 to 600 minutes, but this is " + minutes + ".");
    }
    if (notBefore != null && readyBy.isBefore(notBefore)) {
      throw new IllegalArgumentException(
          "It is to be ready by "
              + readyBy
              + ", but is not there before "
              + notBefore
              + ". Say an earlier or a later time.");
    }
  }

  int due() {
    return ChairArtist.minute(readyBy);
  }

  int there() {
    return notBefore == null ? 0 : ChairArtist.minute(notBefore);
  }
}
