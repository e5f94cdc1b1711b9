package gerula.shop;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** An order, what was confirmed of it, and what is sent when. */
record Order(
    UUID order, String number, LocalDate on, List<Confirmed> lines, List<Delivery> deliveries) {

  /**
   * What was asked for.
   *
   * @param line id the customer gives it
   */
  record Asked(UUID line, String maker, String name, String shade, int packs) {}

  /**
   * @param packs that will come; 0: not sold here
   */
  record Confirmed(UUID line, int packs) {}

  /** A parcel that leaves on its way, and is there on a day. */
  record Delivery(String note, LocalDate sent, LocalDate on, List<Part> lines) {
    Delivery {
      lines = List.copyOf(lines);
    }
  }

  record Part(
      UUID line, int packs, String batch, @Nullable LocalDate printedExpiry, BigDecimal price) {}

  Order {
    lines = List.copyOf(lines);
    deliveries = List.copyOf(deliveries);
  }

  /** So many working days later. */
  static LocalDate workingDays(LocalDate from, int days) {
    LocalDate day = from;
    for (int left = days; left > 0; ) {
      day = day.plusDays(1);
      boolean isFree =
          day.getDayOfWeek() == DayOfWeek.SATURDAY || day.getDayOfWeek() == DayOfWeek.SUNDAY;
      left -= isFree ? 0 : 1;
    }
    return day;
  }

  String stateOn(LocalDate day) {
    if (deliveries.stream().allMatch(one -> !one.on().isAfter(day))) {
      return "delivered";
    }
    return deliveries.stream().anyMatch(one -> !one.sent().isAfter(day)) ? "shipped" : "confirmed";
  }

  /** What has arrived by then. */
  List<Delivery> arrivedBy(LocalDate day) {
    return deliveries.stream().filter(one -> !one.on().isAfter(day)).toList();
  }

  /** When the next of it is to be there; null once all is. */
  @Nullable LocalDate nextAfter(LocalDate day) {
    return deliveries.stream()
        .map(Delivery::on)
        .filter(on -> on.isAfter(day))
        .min(LocalDate::compareTo)
        .orElse(null);
  }
}
