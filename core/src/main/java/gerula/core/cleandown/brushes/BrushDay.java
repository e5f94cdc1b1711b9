package gerula.core.cleandown.brushes;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;

/**
 * A day on which faces are made up.
 *
 * @param wrap of the next day where it lies before the call
 * @param faces 0 to 100
 */
public record BrushDay(LocalDate date, LocalTime call, LocalTime wrap, int faces) {

  public BrushDay {
    if (faces < 0 || faces > 100) {
      throw new IllegalArgumentException("A day has 0 to 100 faces, but this has " + faces + ".");
    }
  }

  public LocalDateTime begins() {
    return date.atTime(call);
  }

  public LocalDateTime ends() {
    return wrap.isBefore(call) ? date.plusDays(1).atTime(wrap) : date.atTime(wrap);
  }
}
