package gerula.core.cleandown.brushes;

import gerula.core.rule.BrushPractice;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;

/**
 * Which set is used when, and when each is ready again.
 *
 * @param days in their order
 * @param washes in their order
 * @param isFewest whether it is known that no other plan leaves fewer faces without a clean set
 */
public record BrushRotation(
    List<DayOfRotation> days, List<SetReady> sets, List<Wash> washes, boolean isFewest) {

  /**
   * @param used ids of the sets that are used
   * @param unserved faces for whom no set is clean and dry
   */
  public record DayOfRotation(LocalDate date, List<String> used, int unserved) {
    public DayOfRotation {
      used = List.copyOf(used);
    }
  }

  /**
   * @param readyAt when it is clean and dry after the last day; the first call where it was never
   *     used
   */
  public record SetReady(String id, LocalDateTime readyAt) {}

  /** A set that is washed, and then dries. */
  public record Wash(
      String id, LocalDateTime begins, LocalDateTime washed, LocalDateTime readyAt) {}

  public BrushRotation {
    days = List.copyOf(days);
    washes = List.copyOf(washes);
    sets = List.copyOf(sets);
  }

  /**
   * The plan that leaves the fewest faces without a clean set. All sets are clean and dry at the
   * first call; after each wrap the used ones are washed one after the other, in the order that
   * serves best; a washing that is not finished at the next call goes on.
   *
   * @param days in their order, none beginning before the one before has ended
   */
  public static BrushRotation of(
      List<BrushSet> sets, List<BrushDay> days, BrushPractice practice, BrushTimes times) {
    return new RotationSearch(sets, days, practice, times).best();
  }

  public int unserved() {
    return days.stream().mapToInt(DayOfRotation::unserved).sum();
  }
}
