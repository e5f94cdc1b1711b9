package gerula.core.depot.bench;

import gerula.core.dates.Months;
import gerula.core.depot.Amounts;
import gerula.core.depot.Content;
import gerula.core.quantity.Density;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Volume;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A retail pack on the bench.
 *
 * @param left what is in it
 * @param tare what the pack weighs without its content
 * @param outer the room it takes outside, above 0
 * @param usePerMonth what is used of it in a month
 * @param useBy its last day, null when nothing ends it
 */
public record Pack(
    String id,
    Content content,
    Volume left,
    Density density,
    Mass tare,
    Volume outer,
    Volume usePerMonth,
    @Nullable LocalDate useBy) {

  public Pack {
    Amounts.bounded("content", left);
    Amounts.bounded("weight of the empty pack", tare);
    Amounts.positive("outer volume", outer);
    Amounts.bounded("use per month", usePerMonth);
  }

  Carried carried() {
    return new Carried(tare.plus(density.massOf(left)), outer);
  }

  /** What is used of it in so long from that day, but not after its date. */
  Volume usedIn(double months, LocalDate day) {
    return usePerMonth.times(Math.min(months, monthsLeftOn(day)));
  }

  /** Whether so much is not used up before its date; never when nothing ends it. */
  boolean outlastsItsDate(Volume amount, LocalDate day) {
    return useBy != null && amount.isMoreThan(usePerMonth.times(monthsLeftOn(day)));
  }

  /** Months from that day through its last; 0 when it is past, unlimited when nothing ends it. */
  double monthsLeftOn(LocalDate day) {
    return useBy == null
        ? Double.POSITIVE_INFINITY
        : Math.max(0, Months.between(day, useBy.plusDays(1)));
  }
}
