package gerula.core.cleandown;

import gerula.core.booking.Booking;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * A thing kept for one person whose last booking is over: it is given to her, discarded, or kept
 * for another time.
 *
 * @param endedOn the last day of that booking
 */
public record RunEnd(UUID item, UUID person, UUID booking, LocalDate endedOn) {

  /**
   * All of them, those first that ended first.
   *
   * @param bookings with everybody known in them
   * @param keptOn the day somebody last decided to keep each item; what was never kept is missing
   */
  public static List<RunEnd> of(
      Collection<Item> kit,
      Collection<Booking> bookings,
      Map<UUID, LocalDate> keptOn,
      LocalDate today) {
    Map<UUID, Booking> last =
        bookings.stream()
            .flatMap(
                booking ->
                    booking.faces().stream()
                        .filter(face -> face.person() != null)
                        .map(face -> Map.entry(face.person(), booking)))
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, RunEnd::later));
    return kit.stream()
        .filter(item -> !item.isDiscarded())
        .flatMap(item -> of(item, last).stream())
        .filter(one -> one.endedOn().isBefore(today))
        .filter(
            one -> {
              LocalDate kept = keptOn.get(one.item());
              return kept == null || !kept.isAfter(one.endedOn());
            })
        .sorted(Comparator.comparing(RunEnd::endedOn).thenComparing(RunEnd::item))
        .toList();
  }

  private static Booking later(Booking one, Booking other) {
    return one.lastDay().isBefore(other.lastDay()) ? other : one;
  }

  private static List<RunEnd> of(Item item, Map<UUID, Booking> last) {
    if (!(item.forWhom() instanceof ForWhom.Only only)) {
      return List.of();
    }
    Booking booking = last.get(only.person().id());
    return booking == null
        ? List.of()
        : List.of(new RunEnd(item.id(), only.person().id(), booking.id(), booking.lastDay()));
  }
}
