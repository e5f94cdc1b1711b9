package gerula.core.packing.day;

import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;

/**
 * Somebody who makes up faces that day.
 *
 * @param until by when the last face is done; its turnover may come after
 * @param breaks in which no face sits in the chair, in their order
 */
public record ChairArtist(String id, LocalTime from, LocalTime until, List<Break> breaks) {

  /** A time in which nobody sits in the chair. */
  public record Break(LocalTime from, LocalTime until) {
    public Break {
      if (!from.isBefore(until)) {
        throw new IllegalArgumentException(
            "A break ends after it begins, but this is from " + from + " to " + until + ".");
      }
    }
  }

  public ChairArtist {
    if (!from.isBefore(until)) {
      throw new IllegalArgumentException(
          "Somebody is there from earlier than until, but this is " + from + " to " + until + ".");
    }
    breaks = breaks.stream().sorted(Comparator.comparing(Break::from)).toList();
  }

  /** The first minute from this one on at which so many minutes lie between the breaks. */
  int fitting(int from, int minutes) {
    int start = from;
    for (Break one : breaks) {
      boolean isBefore = start + minutes <= minute(one.from());
      if (!isBefore && start < minute(one.until())) {
        start = minute(one.until());
      }
    }
    return start;
  }

  static int minute(LocalTime time) {
    return time.toSecondOfDay() / 60;
  }
}
