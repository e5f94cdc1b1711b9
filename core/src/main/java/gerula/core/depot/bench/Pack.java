package gerula.core.depot.bench;

import gerula.core.dates.Months;
import gerula.core.depot.Amounts;
import gerula.core.depot.Content;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A retail pack on the bench.
 *
 * @param contentMl what is in it, 0 or more
 * @param densityGPerMl above 0
 * @param packTareG what the pack weighs without its content, 0 or more
 * @param packOuterMl the room it takes outside, above 0
 * @param usePerMonthMl what is used of it in a month, 0 or more
 * @param useBy its last day, null when nothing ends it
 */
public record Pack(
    String id,
    Content content,
    double contentMl,
    double densityGPerMl,
    double packTareG,
    double packOuterMl,
    double usePerMonthMl,
    @Nullable LocalDate useBy) {

  public Pack {
    Amounts.notNegative("content", "ml", contentMl);
    Amounts.positive("density", "g/ml", densityGPerMl);
    Amounts.notNegative("weight of the empty pack", "g", packTareG);
    Amounts.positive("outer volume", "ml", packOuterMl);
    Amounts.notNegative("use per month", "ml", usePerMonthMl);
  }

  Carried carried() {
    return new Carried(packTareG + contentMl * densityGPerMl, packOuterMl);
  }

  /** Months from that day through its last; 0 when it is past, unlimited when nothing ends it. */
  double monthsLeftOn(LocalDate day) {
    return useBy == null
        ? Double.POSITIVE_INFINITY
        : Math.max(0, Months.between(day, useBy.plusDays(1)));
  }
}
