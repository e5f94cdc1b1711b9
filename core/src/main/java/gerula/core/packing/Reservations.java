package gerula.core.packing;

import gerula.core.booking.Booking;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * What bookings that come before another take from it: of what is used up the amount they are
 * expected to use; of everything on their lists the item itself as long as both go on.
 */
public final class Reservations {

  /**
   * A booking that comes before.
   *
   * @param isPackedOnly whether nothing but what is in its bags counts: they have left, or it is
   *     not its turn yet
   */
  public record Earlier(
      Booking booking, List<UUID> bags, Set<UUID> packed, Choices choices, boolean isPackedOnly) {}

  private Reservations() {}

  /**
   * @param facts of the booking that comes after, without any claims
   * @param earlier in the order in which they are served: those that have left first, then by when
   *     they begin; each sees what those before it take
   */
  public static Claims before(PackingList.PackingFacts facts, List<Earlier> earlier) {
    Map<UUID, Long> usedUp = new HashMap<>();
    Map<UUID, Claims.Claim> away = new HashMap<>();
    for (Earlier one : earlier) {
      PackingList list = listOf(facts, one, new Claims(usedUp, Map.of()));
      for (PackingLine line : list.lines()) {
        if (one.isPackedOnly() && !one.packed().contains(line.item().id())) {
          continue;
        }
        if (line.thousandths() > 0) {
          usedUp.merge(line.item().id(), line.thousandths(), Long::sum);
        }
        if (one.booking().overlaps(facts.booking())) {
          away.putIfAbsent(
              line.item().id(), new Claims.Claim(one.booking().id(), one.booking().title()));
        }
      }
    }
    return new Claims(usedUp, away);
  }

  private static PackingList listOf(PackingList.PackingFacts facts, Earlier one, Claims claims) {
    return PackingList.of(
        new PackingList.PackingFacts(
            one.booking(),
            facts.kit(),
            facts.places(),
            one.bags(),
            one.packed(),
            facts.house(),
            one.choices(),
            claims));
  }
}
