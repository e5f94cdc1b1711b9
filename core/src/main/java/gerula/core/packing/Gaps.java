package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.booking.NeedCode;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Gathers unmet needs, those of one kind into one gap. */
final class Gaps {

  /** How far from serving something is that is refused, told once: hundreds are put in order. */
  private record Near(double distance, PackingFinding.Refused refused) implements Comparable<Near> {

    static Near of(PackingFinding.Refused refused) {
      return new Near(Gaps.distance(refused.reason()), refused);
    }

    /** What could still be made to serve before what never will. */
    @Override
    public int compareTo(Near other) {
      int order = Double.compare(distance, other.distance);
      return order == 0 ? refused.item().compareTo(other.refused.item()) : order;
    }
  }

  private static double distance(Refusal refusal) {
    return switch (refusal) {
      case Refusal.RunsOut _ -> 0;
      case Refusal.UsedUp _ -> 1;
      case Refusal.NotLocated _, Refusal.Elsewhere _, Refusal.OnAnotherBooking _ -> 2;
      case Refusal.LeftOut _, Refusal.RoleUnknown _ -> 3;
      case Refusal.WrongDepth(Double depth, double wanted) ->
          4 + (depth == null ? 0 : Math.abs(depth - wanted) / 10);
      case Refusal.WrongColour(double deltaE, double limit) -> 4 + Math.min(0.9, deltaE / 100);
      case Refusal.OtherProduct(String wanted, Double deltaE) ->
          deltaE == null ? 4.95 : 4 + Math.min(0.9, deltaE / 100);
      case Refusal.Lacks _, Refusal.KeptAway _, Refusal.OtherRole _ -> 5;
      case Refusal.Conflict _, Refusal.OnePersonOnly _, Refusal.StaysAtHome _ -> 6;
      case Refusal.Contaminated _, Refusal.Quarantined _, Refusal.Spoiled _ -> 7;
      case Refusal.Personal _, Refusal.ForSomebodyElse _ -> 8;
      case Refusal.OtherUnit _ -> 9;
    };
  }

  private final Map<NeedCode, Draft> drafts = new TreeMap<>();
  private final Choices choices;

  Gaps(Choices choices) {
    this.choices = choices;
  }

  private static final class Draft {
    private final List<UUID> faces = new ArrayList<>();
    private final TreeSet<Trait> wanted = new TreeSet<>();
    private final Map<UUID, PackingFinding.Refused> nearest = new LinkedHashMap<>();
    private @Nullable Double depth;
    private @Nullable Unit unit;
    private final Set<UUID> blocks = new LinkedHashSet<>();
    private boolean isAsked;
    private final SortedSet<String> reactTo = new TreeSet<>();
    private long missing;

    private void reactTo(List<Face> users) {
      users.forEach(face -> face.reactsTo().forEach(one -> reactTo.add(one.name())));
    }
  }

  /**
   * @param missing thousandths that could not be served, more than 0; 1000 a piece of what is
   *     shared
   * @param refused everything of the kind and why it is not taken; asked once of needs with one
   *     code
   */
  void add(Need need, long missing, Supplier<List<PackingFinding.Refused>> refused) {
    Draft draft = drafts.computeIfAbsent(need.code(), _ -> new Draft());
    need.faces().stream()
        .map(Face::id)
        .filter(face -> !draft.faces.contains(face))
        .forEach(draft.faces::add);
    if (draft.depth == null && need.depth() != null) {
      draft.depth = need.depth().depth();
    }
    draft.unit =
        switch (need.amount()) {
          case Need.Shared _ -> null;
          case Need.Measured measured -> measured.unit();
          case Need.Counted _ -> Unit.PIECE;
        };
    draft.missing += missing;
    draft.reactTo(need.faces());
    draft.wanted.addAll(need.must());
    if (!draft.isAsked) {
      draft.isAsked = true;
      refused.get().forEach(one -> draft.nearest.putIfAbsent(one.item(), one));
    }
  }

  /**
   * A companion that cannot be taken: what needs it is on the list, and useless.
   *
   * @param blocked what is useless without it
   * @param users on whom it would be used
   */
  void blocking(
      Companions.Group group,
      UUID blocked,
      List<Face> users,
      Stream<PackingFinding.Refused> refused) {
    Draft draft = drafts.computeIfAbsent(group.need(), _ -> new Draft());
    draft.blocks.add(blocked);
    draft.reactTo(users);
    refused.forEach(one -> draft.nearest.putIfAbsent(one.item(), one));
  }

  /**
   * All gaps: what others on the list are useless without first, then what faces miss, then what is
   * shared, each in the order in which a station is laid out; what is done without last.
   */
  List<PackingFinding.Gap> inOrder() {
    return drafts.entrySet().stream()
        .map(entry -> gap(entry.getKey(), entry.getValue()))
        .sorted(
            Comparator.comparing((PackingFinding.Gap gap) -> !gap.isOpen())
                .thenComparing(gap -> gap.blocks().isEmpty())
                .thenComparing(gap -> gap.faces().isEmpty()))
        .toList();
  }

  private PackingFinding.Gap gap(NeedCode need, Draft draft) {
    Decided decided = choices.decided(need.code());
    return new PackingFinding.Gap(
        need,
        List.copyOf(draft.faces),
        draft.depth,
        draft.unit == null ? null : draft.missing,
        draft.unit,
        draft.wanted,
        List.copyOf(draft.blocks),
        decided,
        decided == null || decided.isOpen(),
        need.kind().canBeBorrowed(),
        draft.reactTo,
        draft.nearest.values().stream()
            .map(Near::of)
            .sorted()
            .limit(PackingFinding.Gap.MOST_NEAREST)
            .map(Near::refused)
            .toList());
  }
}
