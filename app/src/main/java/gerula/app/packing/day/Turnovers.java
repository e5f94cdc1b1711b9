package gerula.app.packing.day;

import gerula.app.packing.Packing;
import gerula.app.packing.day.ChairRecords.WorkedOutTurnover;
import gerula.core.cleandown.work.UsualTurnover;
import gerula.core.kit.item.Item;
import gerula.core.packing.PackingLine;
import gerula.core.packing.day.ChairPlan.ChairSlot;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How long lies between two faces by what is used on both. */
@Component
class Turnovers {

  private final Packing packing;
  private final Clock clock;

  Turnovers(Packing packing, Clock clock) {
    this.packing = packing;
    this.clock = clock;
  }

  /** Within a workspace. */
  Optional<WorkedOutTurnover> longest(UUID booking, List<ChairSlot> slots) {
    List<List<UUID>> pairs = following(slots);
    if (pairs.isEmpty()) {
      return Optional.empty();
    }
    Packing.Listed listed = packing.listed(booking);
    return pairs.stream()
        .map(pair -> between(pair.getFirst(), pair.getLast(), listed))
        .max(Comparator.comparingInt(WorkedOutTurnover::minutes));
  }

  /** Who sits after whom in the same chair. */
  private static List<List<UUID>> following(List<ChairSlot> slots) {
    Map<String, ChairSlot> before = new HashMap<>();
    List<List<UUID>> pairs = new ArrayList<>();
    for (ChairSlot slot : slots) {
      ChairSlot last = before.put(slot.artist(), slot);
      if (last != null) {
        pairs.add(List.of(UUID.fromString(last.face()), UUID.fromString(slot.face())));
      }
    }
    return pairs;
  }

  private WorkedOutTurnover between(UUID from, UUID to, Packing.Listed listed) {
    List<Item> both =
        listed.lines().stream()
            .filter(line -> line.faces().contains(from) && line.faces().contains(to))
            .map(PackingLine::item)
            .toList();
    int minutes = UsualTurnover.minutes(both, listed.facts().house().practices(), clock.instant());
    return new WorkedOutTurnover(minutes, from, to);
  }
}
