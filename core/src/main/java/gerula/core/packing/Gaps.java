package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.booking.NeedKind;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Gathers unmet needs, those of one kind into one gap. */
final class Gaps {

  /** What could still be made to serve before what never will. */
  private static final Comparator<PackingFinding.Refused> NEAREST_FIRST =
      Comparator.<PackingFinding.Refused>comparingDouble(one -> distance(one.reason()))
          .thenComparing(PackingFinding.Refused::item);

  private static double distance(Refusal refusal) {
    return switch (refusal) {
      case Refusal.RunsOut _ -> 0;
      case Refusal.UsedUp _ -> 1;
      case Refusal.NotLocated _, Refusal.Elsewhere _ -> 2;
      case Refusal.WithoutCompanion _ -> 3;
      case Refusal.WrongDepth(Double depth, double wanted) ->
          4 + (depth == null ? 0 : Math.abs(depth - wanted) / 10);
      case Refusal.Lacks _, Refusal.KeptAway _ -> 5;
      case Refusal.Conflict _ -> 6;
      case Refusal.Contaminated _, Refusal.Quarantined _, Refusal.Spoiled _ -> 7;
      case Refusal.Personal _, Refusal.ForSomebodyElse _ -> 8;
      case Refusal.OtherUnit _ -> 9;
    };
  }

  private final Map<NeedKind, Draft> drafts = new EnumMap<>(NeedKind.class);

  private static final class Draft {
    private final List<UUID> faces = new ArrayList<>();
    private final TreeSet<Trait> wanted = new TreeSet<>();
    private final Map<UUID, PackingFinding.Refused> nearest = new LinkedHashMap<>();
    private @Nullable Double depth;
    private @Nullable Unit unit;
    private long missing;
  }

  /**
   * @param missing thousandths that could not be served, 0 for a shared thing
   * @param refused everything of the class and why it is not taken
   */
  void add(Need need, long missing, Stream<PackingFinding.Refused> refused) {
    Draft draft = drafts.computeIfAbsent(need.kind(), _ -> new Draft());
    Face face = need.face();
    if (face != null) {
      draft.faces.add(face.id());
    }
    if (draft.depth == null && need.depth() != null) {
      draft.depth = need.depth().depth();
    }
    draft.unit =
        switch (need.amount()) {
          case Need.Shared() -> null;
          case Need.Measured _ -> Unit.ML;
          case Need.Counted _ -> Unit.PIECE;
        };
    draft.missing += missing;
    draft.wanted.addAll(need.must());
    refused.forEach(one -> draft.nearest.putIfAbsent(one.item(), one));
  }

  /** All gaps, in the order in which a station is laid out. */
  Collection<PackingFinding.Gap> inOrderOfWork() {
    return drafts.entrySet().stream().map(entry -> gap(entry.getKey(), entry.getValue())).toList();
  }

  private static PackingFinding.Gap gap(NeedKind kind, Draft draft) {
    return new PackingFinding.Gap(
        kind,
        List.copyOf(draft.faces),
        draft.depth,
        draft.unit == null ? null : draft.missing,
        draft.unit,
        draft.wanted,
        draft.nearest.values().stream()
            .sorted(NEAREST_FIRST)
            .limit(PackingFinding.Gap.MOST_NEAREST)
            .toList());
  }
}
