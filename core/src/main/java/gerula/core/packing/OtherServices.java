package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.booking.NeedCode;
import gerula.core.booking.NeedReason;
import gerula.core.booking.Needs;
import gerula.core.booking.Service;
import gerula.core.kit.item.Item;
import gerula.core.rule.Reason;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Finds services that would close a gap. */
final class OtherServices {

  private final PackingList.PackingFacts facts;
  private final Suitability suitability;
  private final List<Picks.Pick> picks;
  private final Map<Wanted, Long> wanted;

  /** A need apart from how much of it. */
  private record Wanted(NeedCode code, String variant, Set<UUID> faces) {
    static Wanted of(Need need) {
      return new Wanted(
          need.code(),
          need.variant(),
          need.faces().stream().map(Face::id).collect(Collectors.toSet()));
    }
  }

  /**
   * @param picks what the list takes for which need
   */
  OtherServices(PackingList.PackingFacts facts, Suitability suitability, List<Picks.Pick> picks) {
    this.facts = facts;
    this.suitability = suitability;
    this.picks = picks;
    wanted =
        picks.stream()
            .map(Picks.Pick::need)
            .collect(Collectors.toMap(Wanted::of, OtherServices::amount, Long::sum));
  }

  /** Those after which nobody needs what is missing, and for which nothing else is missing. */
  List<OtherService> closing(String gap) {
    List<Need> missing =
        picks.stream()
            .filter(pick -> pick.missing() > 0 && pick.need().code().code().equals(gap))
            .map(Picks.Pick::need)
            .toList();
    Set<UUID> faces =
        missing.stream()
            .flatMap(need -> need.faces().stream().map(Face::id))
            .collect(Collectors.toSet());
    return missing.stream()
        .flatMap(need -> need.reasons().stream())
        .flatMap(OtherServices::service)
        .distinct()
        .sorted()
        .flatMap(from -> from.instead().stream().map(to -> other(from, to, faces)))
        .filter(other -> !other.faces().isEmpty())
        .filter(other -> isPossible(other, gap, faces))
        .toList();
  }

  private static Stream<Service> service(Reason reason) {
    return reason instanceof NeedReason because
        ? Stream.ofNullable(because.service())
        : Stream.empty();
  }

  private OtherService other(Service from, Service to, Set<UUID> faces) {
    return new OtherService(
        from,
        to,
        facts.booking().faces().stream()
            .filter(face -> face.services().contains(from))
            .map(Face::id)
            .filter(id -> faces.isEmpty() || faces.contains(id))
            .toList());
  }

  private boolean isPossible(OtherService other, String gap, Set<UUID> faces) {
    List<Need> then =
        Needs.of(facts.booking().doing(other.faces(), other.from(), other.to()), facts.house());
    return then.stream().noneMatch(need -> isOf(need, gap, faces)) && isAllThere(then);
  }

  private static boolean isOf(Need need, String gap, Set<UUID> faces) {
    return need.code().code().equals(gap)
        && (faces.isEmpty() || need.faces().stream().map(Face::id).anyMatch(faces::contains));
  }

  /** Whether what the list does not take for the same needs is enough for the others. */
  private boolean isAllThere(List<Need> then) {
    Set<Wanted> stay = then.stream().map(Wanted::of).collect(Collectors.toSet());
    Map<UUID, Long> taken = new HashMap<>();
    picks.stream()
        .filter(pick -> stay.contains(Wanted.of(pick.need())))
        .forEach(pick -> pick.amounts().forEach((item, of) -> taken.merge(item, of, Long::sum)));
    for (Need need : then) {
      Long now = wanted.get(Wanted.of(need));
      long more = amount(need) - (now == null ? 0 : now);
      if ((now == null || more > 0) && !isThere(need, more, taken)) {
        return false;
      }
    }
    return true;
  }

  private static long amount(Need need) {
    return switch (need.withReserve()) {
      case Need.Shared _ -> 0;
      case Need.Measured measured -> measured.thousandths();
      case Need.Counted counted -> counted.pieces() * 1000;
    };
  }

  private boolean isThere(Need need, long more, Map<UUID, Long> taken) {
    boolean isFound = false;
    long open = more;
    for (Item item : suitability.inReach(need)) {
      if (suitability.refusal(need, item).isEmpty()) {
        isFound = true;
        long free = suitability.leftOf(item) - taken.getOrDefault(item.id(), 0L);
        long takes = Math.clamp(free, 0, open);
        taken.merge(item.id(), takes, Long::sum);
        open -= takes;
      }
    }
    return isFound && open == 0;
  }
}
