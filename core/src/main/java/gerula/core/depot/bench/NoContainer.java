package gerula.core.depot.bench;

import gerula.core.depot.empties.ContainerFit;
import gerula.core.depot.empties.Empty;
import gerula.core.depot.empties.FitReason;
import gerula.core.depot.empties.FitReason.Verdict;
import gerula.core.rule.Code;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Why no container was found for a pack. */
final class NoContainer {

  private NoContainer() {}

  /**
   * @param portion one of what is wanted of the pack, null when no empty at hand suits it
   * @param fits how each of the empties suits it
   */
  static List<Code> why(
      Pack pack, @Nullable Portion portion, List<Empty> empties, ContainerFit[] fits) {
    Set<FitReason> against = EnumSet.noneOf(FitReason.class);
    boolean saves = false;
    boolean isSuitedByAny = false;
    for (int kind = 0; kind < empties.size(); kind++) {
      if (fits[kind].verdict() != Verdict.NO) {
        isSuitedByAny = true;
      } else if (empties.get(kind).count() > 0) {
        fits[kind].reasons().stream()
            .filter(reason -> reason.verdict() == Verdict.NO)
            .forEach(against::add);
      }
      if (portion != null && isSuitedAtHand(empties.get(kind), fits[kind])) {
        saves |= portion.saves(pack, empties.get(kind));
      }
    }
    if (portion != null) {
      return List.of(saves ? PlanReason.NO_EMPTY_AT_HAND : PlanReason.SAVES_NOTHING);
    }
    // What would suit is known and merely not there: that is what the artist can mend.
    return isSuitedByAny || against.isEmpty()
        ? List.of(PlanReason.NO_EMPTY_AT_HAND)
        : List.copyOf(against);
  }

  private static boolean isSuitedAtHand(Empty empty, ContainerFit fit) {
    return empty.count() > 0 && fit.verdict() != Verdict.NO;
  }
}
