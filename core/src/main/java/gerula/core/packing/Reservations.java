package gerula.core.packing;

import gerula.core.booking.Booking;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * What bookings take from each other: of what is used up the amount they are expected to use; of
 * everything on their lists the item itself as long as both go on. Each list is made once.
 */
public final class Reservations {

  /**
   * One of the bookings.
   *
   * @param hasLeft whether its bags are out: then it has what is in them, and nothing else
   */
  public record Planned(
      Booking booking, List<UUID> bags, Set<UUID> packed, Choices choices, boolean hasLeft) {}

  private final PackingList.PackingFacts facts;
  private final List<Planned> inOrder;
  private final Map<Planned, PackingList> lists = new IdentityHashMap<>();

  /**
   * @param facts of the kit; whose booking it is does not matter
   * @param inOrder in which they are served: those that have left first, then by when they begin
   */
  public Reservations(PackingList.PackingFacts facts, List<Planned> inOrder) {
    this.facts = facts;
    this.inOrder = List.copyOf(inOrder);
  }

  /** What is taken from one of them before it gets anything. */
  public Claims from(UUID booking) {
    return from(position(booking));
  }

  /** The list of one of them. */
  public PackingList listOf(UUID booking) {
    return list(position(booking));
  }

  private int position(UUID booking) {
    for (int at = 0; at < inOrder.size(); at++) {
      if (inOrder.get(at).booking().id().equals(booking)) {
        return at;
      }
    }
    throw new IllegalArgumentException("It is none of these bookings: " + booking);
  }

  private PackingList list(int at) {
    Planned one = inOrder.get(at);
    PackingList list = lists.get(one);
    if (list == null) {
      list = made(one, one.hasLeft() ? Claims.NONE : from(at));
      lists.put(one, list);
    }
    return list;
  }

  private PackingList made(Planned one, Claims claims) {
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

  private Claims from(int at) {
    Booking asking = inOrder.get(at).booking();
    Map<UUID, Long> usedUp = new HashMap<>();
    Map<UUID, Claims.Claim> away = new HashMap<>();
    for (int before = 0; before < at; before++) {
      Planned one = inOrder.get(before);
      for (PackingLine line : list(before).lines()) {
        UUID item = line.item().id();
        boolean isTaken = !one.hasLeft() || one.packed().contains(item);
        if (isTaken) {
          line.uses().forEach(use -> usedUp.merge(use.item().id(), use.thousandths(), Long::sum));
          claim(item, one.booking(), asking, away);
        }
      }
    }
    // Of those that come later only what is in their bags already counts.
    for (Planned one : inOrder.subList(at + 1, inOrder.size())) {
      one.packed().forEach(item -> claim(item, one.booking(), asking, away));
    }
    return new Claims(usedUp, away);
  }

  private static void claim(UUID item, Booking by, Booking asking, Map<UUID, Claims.Claim> away) {
    if (by.overlaps(asking)) {
      away.putIfAbsent(item, new Claims.Claim(by.id(), by.title()));
    }
  }
}
