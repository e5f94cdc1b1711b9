package gerula.core.packing;

import gerula.core.booking.Booking;
import gerula.core.rule.Code;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Whether a booking can go as it is planned.
 *
 * @param toDo what is to be cleaned or read before, and the bag that is to be chosen
 * @param toGet needs that the kit cannot meet and that are not done without
 * @param by the last day on which that can still be done: to order, where something is to be got;
 *     null when nothing is to be done
 */
public record Readiness(State state, int toDo, int toGet, @Nullable LocalDate by) {

  /** How it stands. */
  public enum State implements Code {
    READY,
    /** Once that is done. */
    WHEN_DONE,
    /** What is missing does not come in time if it is ordered: borrow it, or do without. */
    TOO_LATE_TO_ORDER
  }

  public static Readiness of(PackingList list, Booking booking, HouseRules house, LocalDate today) {
    int toDo = (int) list.findings().stream().filter(Readiness::isToBeDone).count();
    int toGet = (int) list.gaps().stream().filter(PackingFinding.Gap::isOpen).count();
    if (toGet > 0) {
      LocalDate by = booking.firstDay().minusDays(house.deliveryDays());
      boolean isLate = by.isBefore(today);
      return new Readiness(
          isLate ? State.TOO_LATE_TO_ORDER : State.WHEN_DONE,
          toDo,
          toGet,
          isLate ? booking.firstDay() : by);
    }
    return toDo > 0
        ? new Readiness(State.WHEN_DONE, toDo, 0, booking.firstDay())
        : new Readiness(State.READY, 0, 0, null);
  }

  private static boolean isToBeDone(PackingFinding finding) {
    return switch (finding) {
      case PackingFinding.CleanFirst _,
          PackingFinding.LabelNotChecked _,
          PackingFinding.NoBag _,
          PackingFinding.BagToClean _,
          PackingFinding.BagOverHeavy _ ->
          true;
      default -> false;
    };
  }
}
