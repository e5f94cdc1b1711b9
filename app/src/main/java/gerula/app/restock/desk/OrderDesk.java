package gerula.app.restock.desk;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Where orders are sent and asked after: docs/formats/shop-orders.md. */
public interface OrderDesk {

  /** Whether this installation has one. */
  boolean isThere();

  /**
   * One line of an order.
   *
   * @param line id it is asked after by
   */
  record Line(UUID line, String maker, String name, String shade, int packs) {}

  /**
   * @param packs that were confirmed; 0: not sold there
   */
  record Confirmed(UUID line, int packs) {}

  record Part(
      UUID line,
      int packs,
      String batch,
      @Nullable LocalDate printedExpiry,
      @Nullable BigDecimal price) {}

  /**
   * @param others packs in it that were not ordered from here, or were called off
   */
  record Delivery(String note, LocalDate on, List<Part> lines, int others) {}

  /**
   * How an order stands.
   *
   * @param number what the shop calls it
   * @param arrivesOn when the next of it is to be there; null once all is, or where nobody knows
   */
  record Told(
      String number,
      @Nullable LocalDate arrivesOn,
      List<Confirmed> lines,
      List<Delivery> deliveries) {}

  /**
   * Sends an order. Sent twice under one id it is one order.
   *
   * @throws DeskProblem when it is not known to have been taken
   */
  Told send(UUID order, LocalDate asOf, List<Line> lines);

  /**
   * How it stands on that day.
   *
   * @param lines ids of what was ordered
   * @throws DeskProblem when nothing usable is answered
   */
  Told ask(UUID order, LocalDate asOf, Set<UUID> lines);

  /**
   * Calls it off.
   *
   * @throws DeskProblem when that is not possible any more, or nobody knows whether it was
   */
  void callOff(UUID order, LocalDate asOf);
}
