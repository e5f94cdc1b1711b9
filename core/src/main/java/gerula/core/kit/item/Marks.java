package gerula.core.kit.item;

import gerula.core.dates.Clock;
import gerula.core.dates.UseBy;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.rule.HouseRules;
import gerula.core.rule.Reason;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The four marks of an item on one day, always told in this order. */
public record Marks(Mark place, Mark date, Mark clean, Mark amount) {

  /** From this many days before its use-by a thing is marked as running out soon. */
  public static final int SOON_DAYS = 30;

  /** At this share of a full pack and below, it is marked as low. Common practice. */
  public static final double LOW_SHARE = 0.25;

  /** What a mark can say. Closed: every one has its words on the screen. */
  public sealed interface MarkReason extends Reason {}

  /** It lies where it belongs. */
  public record AtHome(UUID place) implements MarkReason {}

  /** It lies somewhere else than it belongs. */
  public record Away(UUID now, @Nullable UUID home) implements MarkReason {}

  /** Nobody knows where it is. */
  public record LocationUnknown(@Nullable UUID home) implements MarkReason {}

  /**
   * Somebody else has it.
   *
   * @param askBackOn the day to ask for it, null when none was agreed
   */
  public record LentTo(UUID place, @Nullable LocalDate askBackOn) implements MarkReason {}

  /** It was looked for and given up. */
  public record GivenUp(UUID place) implements MarkReason {}

  /** No clock runs. */
  public record NoClock() implements MarkReason {}

  /** It may be used up to and including this day. */
  public record GoodUntil(LocalDate lastDay, Clock clock) implements MarkReason {}

  /** An eye product within its margin: replace it although the date has not come. */
  public record ReplaceBy(LocalDate replaceBy, LocalDate lastDay, Clock clock)
      implements MarkReason {}

  /** Its last day has passed. */
  public record PastDate(LocalDate lastDay, Clock clock) implements MarkReason {}

  /** Its look, smell or texture has changed, which overrides every date. */
  public record SpoilageReported(LocalDate on, Set<SpoilageReport.Sense> what)
      implements MarkReason {}

  /**
   * How clean it is.
   *
   * @param since null when nobody knows
   * @param until when it will be dry, null unless it dries
   */
  public record StateOfCleanliness(
      Cleanliness cleanliness, @Nullable Instant since, @Nullable Instant until)
      implements MarkReason {}

  /** What is left, as a share of a full pack. */
  public record Left(double share) implements MarkReason {}

  public static Marks of(Item item, PlaceTree places, LocalDate today, HouseRules house) {
    return new Marks(
        placeMark(item, places, today),
        dateMark(item, item.useBy(house), today),
        cleanMark(item),
        amountMark(item));
  }

  private static Mark placeMark(Item item, PlaceTree places, LocalDate today) {
    UUID now = item.now();
    if (now == null || places.find(now).isEmpty()) {
      return new Mark(Mark.State.STOP, new LocationUnknown(item.home()));
    }
    return places
        .elsewhere(now)
        .map(place -> elsewhereMark(item, place, today))
        .orElseGet(
            () ->
                Objects.equals(now, item.home())
                    ? new Mark(Mark.State.IN_ORDER, new AtHome(now))
                    : new Mark(Mark.State.SOON, new Away(now, item.home())));
  }

  private static Mark elsewhereMark(Item item, Place place, LocalDate today) {
    return switch (place.kind()) {
      case LENT -> {
        LocalDate ask = item.askBackOn();
        boolean isDue = ask != null && !ask.isAfter(today);
        yield new Mark(isDue ? Mark.State.STOP : Mark.State.SOON, new LentTo(place.id(), ask));
      }
      case LOST -> new Mark(Mark.State.STOP, new GivenUp(place.id()));
      case UNKNOWN -> new Mark(Mark.State.STOP, new LocationUnknown(item.home()));
      default -> new Mark(Mark.State.SOON, new Away(place.id(), item.home()));
    };
  }

  private static Mark dateMark(Item item, UseBy useBy, LocalDate today) {
    if (item.spoilage() != null) {
      return new Mark(
          Mark.State.STOP, new SpoilageReported(item.spoilage().on(), item.spoilage().what()));
    }
    if (useBy.lastDay() == null) {
      return new Mark(Mark.State.IN_ORDER, new NoClock());
    }
    Clock clock = useBy.clocks().getFirst().clock();
    if (!useBy.isGoodOn(today)) {
      return new Mark(Mark.State.STOP, new PastDate(useBy.lastDay(), clock));
    }
    if (useBy.isDueForReplacementOn(today)) {
      return new Mark(Mark.State.SOON, new ReplaceBy(useBy.replaceBy(), useBy.lastDay(), clock));
    }
    Mark.State state =
        useBy.isGoodOn(today.plusDays(SOON_DAYS + 1)) ? Mark.State.IN_ORDER : Mark.State.SOON;
    return new Mark(state, new GoodUntil(useBy.lastDay(), clock));
  }

  private static Mark cleanMark(Item item) {
    Mark.State state =
        switch (item.cleanliness()) {
          case CLEAN -> Mark.State.IN_ORDER;
          case IN_USE, USED, DRYING -> Mark.State.SOON;
          case QUARANTINED, CONTAMINATED -> Mark.State.STOP;
        };
    return new Mark(
        state,
        new StateOfCleanliness(item.cleanliness(), item.clean().since(), item.clean().until()));
  }

  private static Mark amountMark(Item item) {
    double share = item.left().shareOf(item.size());
    Mark.State state =
        item.left().isNone()
            ? Mark.State.STOP
            : share <= LOW_SHARE ? Mark.State.SOON : Mark.State.IN_ORDER;
    return new Mark(state, new Left(share));
  }
}
