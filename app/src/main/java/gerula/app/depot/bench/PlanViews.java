package gerula.app.depot.bench;

import gerula.app.depot.bench.BenchRecords.CarriedView;
import gerula.app.depot.bench.BenchRecords.CaseView;
import gerula.app.depot.bench.BenchRecords.FitView;
import gerula.app.depot.bench.BenchRecords.MinutesView;
import gerula.app.depot.bench.BenchRecords.NeededEmpties;
import gerula.app.depot.bench.BenchRecords.PlanRow;
import gerula.app.depot.bench.BenchRecords.PlanView;
import gerula.app.depot.bench.BenchRecords.PlannedPiece;
import gerula.app.depot.bench.Planning.OnTheBench;
import gerula.app.depot.bench.Planning.Planned;
import gerula.app.depot.empties.EmptyStore.StoredEmpty;
import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.core.depot.bench.Carried;
import gerula.core.depot.bench.CaseChange;
import gerula.core.depot.bench.DepotPlan;
import gerula.core.depot.bench.Handling;
import gerula.core.depot.empties.ContainerFit;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceTree;
import gerula.core.rule.Code;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** From the core's plan to what is answered. Runs within a workspace. */
@Component
class PlanViews {

  private final KitStore kit;
  private final PlaceStore places;
  private final Views views;

  PlanViews(KitStore kit, PlaceStore places, Views views) {
    this.kit = kit;
    this.places = places;
    this.views = views;
  }

  PlanView of(Planned planned) {
    PlaceTree tree = places.tree();
    KitViews now = views.with(tree);
    DepotPlan plan = planned.plan();
    return new PlanView(
        planned.packs().stream().map(one -> row(one, planned, now)).toList(),
        carried(plan.before()),
        carried(plan.after()),
        cases(planned, tree),
        new MinutesView(
            plan.minutes().total(),
            plan.minutes().setUp(),
            plan.minutes().filling(),
            plan.minutes().labels()),
        plan.labels(),
        empties(planned),
        plan.order().stream().map(UUID::fromString).toList());
  }

  private static PlanRow row(OnTheBench one, Planned planned, KitViews now) {
    String id = one.pack().id();
    boolean isTold = one.chosen().usePerMonth() != null;
    return new PlanRow(
        now.of(one.stored()),
        one.chosen(),
        isTold ? one.chosen().usePerMonth() : rounded(one.use().perMonth()),
        one.use().basis(),
        planned.plan().pieces().stream()
            .filter(piece -> piece.pack().equals(id))
            .map(piece -> piece(piece, one, planned.empties().get(piece.empty())))
            .toList(),
        planned.plan().notDecanted().stream()
            .filter(stays -> stays.pack().equals(id))
            .map(DepotPlan.KeptInPack::reasons)
            .findFirst()
            .orElse(List.<Code>of()),
        Handling.cautions(one.pack().content()).stream().sorted().toList(),
        planned.empties().stream().map(empty -> fit(one, empty)).toList(),
        one.fault());
  }

  private static FitView fit(OnTheBench one, StoredEmpty empty) {
    ContainerFit fit =
        ContainerFit.of(one.pack().content(), empty.draft().container(), empty.draft().material());
    return new FitView(empty.id(), fit.verdict(), fit.reasons());
  }

  private static PlannedPiece piece(
      DepotPlan.PlannedPiece piece, OnTheBench one, StoredEmpty empty) {
    return new PlannedPiece(
        empty.id(),
        empty.draft().name(),
        piece.container(),
        empty.draft().sizeMl(),
        piece.count(),
        one.bench().amount(piece.fill()).amount(),
        rounded(piece.fill().ml()),
        months(piece.refillInMonths()),
        piece.verdict(),
        piece.reasons());
  }

  private static @Nullable BigDecimal months(double refillInMonths) {
    return Double.isFinite(refillInMonths) ? rounded(refillInMonths) : null;
  }

  private List<CaseView> cases(Planned planned, PlaceTree tree) {
    List<Item> packs = planned.packs().stream().map(one -> one.stored().item()).toList();
    Set<UUID> inside =
        CaseChange.cases(tree, packs).stream()
            .flatMap(place -> tree.withAllInside(place.id()).stream())
            .collect(Collectors.toSet());
    return CaseChange.of(
            tree,
            kit.itemsIn(inside).stream().map(StoredItem::item).toList(),
            packs,
            planned.plan(),
            planned.empties().stream().map(one -> one.draft().toEmpty()).toList())
        .stream()
        .map(
            one ->
                new CaseView(
                    one.place().id(),
                    one.place().name(),
                    carried(one.before()),
                    carried(one.after())))
        .toList();
  }

  private static List<NeededEmpties> empties(Planned planned) {
    return IntStream.range(0, planned.empties().size())
        .mapToObj(kind -> needed(planned, kind))
        .filter(one -> one.needed() > 0 || one.missing() > 0)
        .toList();
  }

  private static NeededEmpties needed(Planned planned, int kind) {
    StoredEmpty empty = planned.empties().get(kind);
    return new NeededEmpties(
        empty.id(),
        empty.draft().name(),
        planned.plan().pieces().stream()
            .filter(piece -> piece.empty() == kind)
            .mapToInt(DepotPlan.PlannedPiece::count)
            .sum(),
        empty.draft().stock(),
        planned.plan().missing().stream()
            .filter(one -> one.empty() == kind)
            .mapToInt(DepotPlan.Missing::count)
            .sum());
  }

  private static CarriedView carried(Carried carried) {
    return new CarriedView(rounded(carried.mass().exactGrams()), rounded(carried.volume().ml()));
  }

  /** To a tenth: finer than an estimate deserves. */
  private static BigDecimal rounded(double amount) {
    BigDecimal exact = BigDecimal.valueOf(amount).setScale(1, RoundingMode.HALF_EVEN);
    return exact.signum() == 0
        ? BigDecimal.ZERO
        : new BigDecimal(exact.stripTrailingZeros().toPlainString());
  }
}
