package gerula.core.restock.stock;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.UUID;

/**
 * What a booking's list expects to use of a product.
 *
 * @param amount by the usual amounts, above 0
 * @param faces that take it, a face on two days is two; at least a part of one
 */
public record BookingUse(
    UUID booking, LocalDate firstDay, LocalDate lastDay, double amount, double faces) {

  public BookingUse {
    if (lastDay.isBefore(firstDay) || !(amount > 0 && faces > 0)) {
      throw new IllegalArgumentException("A booking uses something of it on one day or more.");
    }
  }

  /** Of the whole amount on each of its days. */
  double aDay() {
    return amount / (ChronoUnit.DAYS.between(firstDay, lastDay) + 1);
  }

  boolean isOn(LocalDate day) {
    return !day.isBefore(firstDay) && !day.isAfter(lastDay);
  }
}
