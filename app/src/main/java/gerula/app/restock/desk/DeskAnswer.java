package gerula.app.restock.desk;

import gerula.app.restock.desk.OrderDesk.Confirmed;
import gerula.app.restock.desk.OrderDesk.Delivery;
import gerula.app.restock.desk.OrderDesk.Part;
import gerula.app.restock.desk.OrderDesk.Told;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An answer as it was sent. Everything in it may be missing, huge or made up; only what passes here
 * is used.
 */
record DeskAnswer(
    @Nullable UUID order,
    @Nullable String number,
    @Nullable LocalDate arrivesOn,
    @Nullable List<@Nullable ToldLine> lines,
    @Nullable List<@Nullable ToldDelivery> deliveries) {

  private static final int MOST_LINES = 500;
  private static final int MOST_DELIVERIES = 100;
  private static final int MOST_PACKS = 999;
  private static final int MOST_TEXT = 100;
  private static final int MOST_BATCH = 40;
  private static final int MOST_YEARS = 20;
  private static final BigDecimal MOST_MONEY = new BigDecimal(1_000_000);

  record ToldLine(@Nullable UUID line, @Nullable Integer packs) {}

  record ToldDelivery(
      @Nullable String note, @Nullable LocalDate on, @Nullable List<@Nullable ToldPart> lines) {}

  record ToldPart(
      @Nullable UUID line,
      @Nullable Integer packs,
      @Nullable String batch,
      @Nullable LocalDate printedExpiry,
      @Nullable BigDecimal price) {}

  /**
   * @param asked the order that was asked after
   * @param ours ids of its lines
   * @param today no day of it lies farther off than some years
   * @throws DeskProblem when something in it cannot be
   */
  Told checked(UUID asked, Set<UUID> ours, LocalDate today) {
    require(asked.equals(order), "another order");
    require(isText(number, MOST_TEXT) && !number.isBlank(), "no number");
    require(isDay(arrivesOn, today), "a day out of reach");
    return new Told(number.strip(), arrivesOn, confirmed(ours), deliveries(ours, today));
  }

  /** What is not ours is passed over: it may have been called off here. */
  private List<Confirmed> confirmed(Set<UUID> ours) {
    require(lines != null && lines.size() <= MOST_LINES, "no lines");
    Set<UUID> seen = new HashSet<>();
    List<Confirmed> confirmed = new ArrayList<>();
    for (ToldLine one : lines) {
      require(one != null && isCount(one.packs()) && seen.add(one.line()), "a line that is none");
      if (ours.contains(one.line())) {
        confirmed.add(new Confirmed(one.line(), one.packs()));
      }
    }
    return confirmed;
  }

  private List<Delivery> deliveries(Set<UUID> ours, LocalDate today) {
    if (deliveries == null) {
      return List.of();
    }
    require(deliveries.size() <= MOST_DELIVERIES, "too many deliveries");
    Set<String> notes = new HashSet<>();
    List<Delivery> told = new ArrayList<>();
    for (ToldDelivery one : deliveries) {
      require(
          one != null && isText(one.note(), MOST_TEXT) && notes.add(one.note()),
          "a delivery without a number of its own");
      require(one.on() != null && isDay(one.on(), today), "a day out of reach");
      require(one.lines() != null && one.lines().size() <= MOST_LINES, "no lines");
      told.add(delivery(one.note(), one.on(), one.lines(), ours, today));
    }
    return told;
  }

  private static Delivery delivery(
      String note, LocalDate on, List<@Nullable ToldPart> parts, Set<UUID> ours, LocalDate today) {
    List<Part> told = new ArrayList<>();
    int others = 0;
    for (ToldPart one : parts) {
      Part part = part(one, today);
      if (ours.contains(part.line())) {
        told.add(part);
      } else {
        others += part.packs();
      }
    }
    return new Delivery(note, on, told, others);
  }

  private static Part part(@Nullable ToldPart one, LocalDate today) {
    require(one != null && one.line() != null && isCount(one.packs()), "a count out of reach");
    require(one.batch() == null || isText(one.batch(), MOST_BATCH), "a batch that is none");
    require(isDay(one.printedExpiry(), today), "a day out of reach");
    require(isMoney(one.price()), "a price out of reach");
    return new Part(
        one.line(),
        one.packs(),
        one.batch() == null ? "" : one.batch().strip(),
        one.printedExpiry(),
        one.price());
  }

  private static boolean isCount(@Nullable Integer packs) {
    return packs != null && packs >= 0 && packs <= MOST_PACKS;
  }

  private static boolean isText(@Nullable String text, int most) {
    return text != null
        && text.length() <= most
        && text.chars()
            .noneMatch(one -> Character.isISOControl(one) || Character.isSurrogate((char) one));
  }

  private static boolean isDay(@Nullable LocalDate day, LocalDate today) {
    return day == null
        || (day.isAfter(today.minusYears(MOST_YEARS)) && day.isBefore(today.plusYears(MOST_YEARS)));
  }

  private static boolean isMoney(@Nullable BigDecimal price) {
    return price == null
        || (price.signum() >= 0
            && price.compareTo(MOST_MONEY) <= 0
            && price.scale() <= 2
            && price.scale() >= -6);
  }

  private static void require(boolean isSo, String what) {
    if (!isSo) {
      throw new DeskProblem(DeskProblem.Kind.NONSENSE, what);
    }
  }
}
