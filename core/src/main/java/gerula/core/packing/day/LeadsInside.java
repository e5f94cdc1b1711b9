package gerula.core.packing.day;

import gerula.core.packing.day.ChairPlan.ChairSlot;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A lead sits neither first nor last where that makes nobody later: she changes places with
 * another, the nearest first. Who works alone begins as late as that allows.
 */
record LeadsInside(List<ChairArtist> artists, List<ChairFace> faces, ChairWishes wishes) {

  /**
   * @param best without this rule
   * @return as late as that by the latest face; proved where that was
   */
  ChairPlan of(ChairPlan best) {
    ChairPlan plan = best;
    int last = best.slots().size() - 1;
    for (int edge : last < 2 ? List.<Integer>of() : List.of(0, last)) {
      if (ChairDay.isLead(plan.slots().get(edge), wishes)) {
        plan = better(plan, edge, best).orElse(plan);
      }
    }
    return plan;
  }

  private Optional<ChairPlan> better(ChairPlan plan, int edge, ChairPlan best) {
    int last = plan.slots().size() - 1;
    return IntStream.rangeClosed(1, last)
        .map(by -> edge == 0 ? by : last - by)
        .mapToObj(other -> exchanged(plan, edge, other, best))
        .flatMap(Optional::stream)
        .filter(tried -> leadsAtTheEdge(tried) < leadsAtTheEdge(plan))
        .findFirst();
  }

  private Optional<ChairPlan> exchanged(ChairPlan plan, int one, int other, ChairPlan best) {
    List<String> order = new ArrayList<>(plan.slots().stream().map(ChairSlot::face).toList());
    Collections.swap(order, one, other);
    Integer latest = best.latestStart();
    int earliest = ChairArtist.minute(artists.getFirst().from());
    for (int start = latest == null ? earliest : latest; start >= earliest; start--) {
      ChairPlan tried = from(latest == null ? null : start, order);
      if (tried.maxLatenessMinutes() <= best.maxLatenessMinutes()) {
        return Optional.of(
            new ChairPlan(
                tried.slots(),
                latest == null ? null : tried.slots().getFirst().start(),
                tried.maxLatenessMinutes(),
                best.isOptimal()));
      }
    }
    return Optional.empty();
  }

  /**
   * @param start null: as early as everybody is there
   */
  private ChairPlan from(@Nullable Integer start, List<String> order) {
    List<ChairArtist> there =
        start == null
            ? artists
            : artists.stream()
                .map(
                    one ->
                        new ChairArtist(
                            one.id(),
                            LocalTime.of(start / 60, start % 60),
                            one.until(),
                            one.breaks()))
                .toList();
    return ChairPlan.inOrder(there, faces, order, wishes.turnoverMinutes());
  }

  private int leadsAtTheEdge(ChairPlan plan) {
    return (ChairDay.isLead(plan.slots().getFirst(), wishes) ? 1 : 0)
        + (ChairDay.isLead(plan.slots().getLast(), wishes) ? 1 : 0);
  }
}
