package gerula.core.restock.range;

import gerula.core.booking.Booking;
import gerula.core.booking.NeedCode;
import gerula.core.kit.KindOfWork;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Trait;
import gerula.core.packing.Choices;
import gerula.core.packing.Claims;
import gerula.core.packing.KitInOrder;
import gerula.core.packing.PackingFinding;
import gerula.core.packing.PackingList;
import gerula.core.packing.Refusal;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;

/**
 * The holes of a kit: gaps in the lists of usual days of its work. What is there and only runs
 * short is no hole.
 */
public final class Holes {

  private static final int MOST_NEAREST = 3;

  /** What of one need is missing, gathered over the days. */
  private static final class Missing {
    private final SortedSet<Double> depths = new TreeSet<>();
    private final SortedSet<KindOfWork> kinds = new TreeSet<>();
    private final SortedSet<Trait> wanted = new TreeSet<>();
    private final Set<UUID> nearest = new LinkedHashSet<>();

    void add(Booking day, PackingFinding.Gap gap) {
      kinds.add(Objects.requireNonNull(day.kind()));
      wanted.addAll(gap.wanted());
      if (gap.depth() != null) {
        day.faces().stream()
            .filter(face -> gap.faces().contains(face.id()))
            .forEach(face -> depths.add(face.depth()));
      }
      gap.nearest().stream().limit(MOST_NEAREST).forEach(one -> nearest.add(one.item()));
    }

    Hole hole(NeedCode need) {
      return new Hole(need, depths, kinds, wanted, nearest.stream().limit(MOST_NEAREST).toList());
    }
  }

  private Holes() {}

  /** In the order of the work. */
  public static List<Hole> of(
      KitPurpose purpose, KitInOrder kit, PlaceTree places, HouseRules house, LocalDate today) {
    Map<NeedCode, Missing> missing = new TreeMap<>();
    for (Booking day : purpose.days(today)) {
      PackingList list =
          PackingList.of(
              new PackingList.PackingFacts(
                  day, kit, places, List.of(), Set.of(), house, Choices.NONE, Claims.NONE));
      list.gaps().stream()
          .filter(gap -> !runsShort(gap))
          .forEach(gap -> missing.computeIfAbsent(gap.need(), _ -> new Missing()).add(day, gap));
    }
    return missing.entrySet().stream().map(one -> one.getValue().hole(one.getKey())).toList();
  }

  private static boolean runsShort(PackingFinding.Gap gap) {
    return gap.nearest().stream()
        .map(PackingFinding.Refused::reason)
        .anyMatch(why -> why instanceof Refusal.UsedUp || why instanceof Refusal.RunsOut);
  }
}
