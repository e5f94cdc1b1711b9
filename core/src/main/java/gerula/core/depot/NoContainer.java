package gerula.core.depot;

import gerula.core.depot.FitReason.Verdict;
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
    for (int kind = 0; kind < empties.size(); kind++) {
      if (empties.get(kind).count() == 0) {
        continue;
      }
      if (fits[kind].verdict() == Verdict.NO) {
        fits[kind].reasons().stream()
            .filter(reason -> reason.verdict() == Verdict.NO)
            .forEach(against::add);
      } else if (portion != null) {
        saves |= portion.saves(pack, empties.get(kind));
      }
    }
    if (portion != null) {
      return List.of(saves ? PlanReason.NO_EMPTY_AT_HAND : PlanReason.SAVES_NOTHING);
    }
    return against.isEmpty() ? List.of(PlanReason.NO_EMPTY_AT_HAND) : List.copyOf(against);
  }
}
