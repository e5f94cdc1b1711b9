package gerula.app.kit.declutter;

import gerula.app.kit.Kit;
import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitRecords.WearView;
import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.Usage;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.kit.declutter.DeclutterAdvice;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceTree;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Going through a place once a season. */
@Component
class Declutter {

  private final Kit kit;
  private final Handling handling;
  private final KitStore store;
  private final PlaceStore places;
  private final Usage usage;
  private final Views views;
  private final HouseStore house;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  Declutter(
      Kit kit,
      Handling handling,
      KitStore store,
      PlaceStore places,
      Usage usage,
      Views views,
      HouseStore house,
      Ledger ledger,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.kit = kit;
    this.handling = handling;
    this.store = store;
    this.places = places;
    this.usage = usage;
    this.views = views;
    this.house = house;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.time = time;
  }

  /**
   * A thing with the facts to decide on.
   *
   * @param duplicates ids of things with the same job, depth and finish
   */
  record AdviceView(
      ItemView item,
      WearView wear,
      DeclutterAdvice.Advice advice,
      List<DeclutterAdvice.DeclutterReason> reasons,
      List<ItemView> duplicates) {}

  /**
   * The walk through a place, in the order of its compartments.
   *
   * @param total how many things lie in it
   * @param kept how many of them were kept within the last half year and are passed over
   * @param left the first of those to look at
   */
  record WalkView(int total, int kept, List<AdviceView> left) {}

  private static final int MONTHS_A_SEASON = 6;

  /** One decides on one thing at a time; the next ones are fetched on the way. */
  private static final int MOST_SHOWN = 50;

  private static final int MOST_DUPLICATES = 8;

  WalkView walk(SignedIn who, UUID place) {
    return workspaces.read(who.workspace(), () -> walk(place));
  }

  /** The whole kit and what the ledger says of it. */
  private record WholeKit(
      List<StoredItem> all,
      Map<UUID, StoredItem> byId,
      Map<UUID, Usage.Wear> uses,
      Map<UUID, LocalDate> since,
      LocalDate today) {

    WearView wear(StoredItem one) {
      return WearView.of(one, uses.getOrDefault(one.id(), Usage.Wear.NONE));
    }
  }

  private WalkView walk(UUID place) {
    PlaceTree tree = places.tree();
    tree.find(place).orElseThrow(() -> Refused.notThere("place", place));
    WholeKit known = known();
    LocalDate season = known.today().minusMonths(MONTHS_A_SEASON);
    List<StoredItem> here = asOneWalks(known.all(), tree, place);
    List<StoredItem> left = here.stream().filter(one -> !isKept(one, season)).toList();
    List<StoredItem> shown = left.stream().limit(MOST_SHOWN).toList();
    Map<UUID, DeclutterAdvice> advice =
        DeclutterAdvice.of(
            shown.stream().map(StoredItem::item).toList(),
            known.all().stream().map(StoredItem::item).toList(),
            facts(known),
            known.today(),
            house.current());
    KitViews now = views.with(tree);
    return new WalkView(
        here.size(),
        here.size() - left.size(),
        shown.stream()
            .map(one -> view(now, one, known.wear(one), advice.get(one.id()), known.byId()))
            .toList());
  }

  private WholeKit known() {
    List<StoredItem> all = store.items();
    Map<UUID, StoredItem> byId =
        all.stream().collect(Collectors.toMap(StoredItem::id, Function.identity()));
    return new WholeKit(
        all,
        byId,
        usage.wear(byId.keySet(), time.today()),
        usage.knownSince(byId.keySet()),
        time.today());
  }

  /** What lies in a place, compartment by compartment, like beside like. */
  private static List<StoredItem> asOneWalks(List<StoredItem> all, PlaceTree tree, UUID place) {
    Map<UUID, Integer> way = new HashMap<>();
    tree.inWalkingOrder().forEach(one -> way.put(one.id(), way.size()));
    Set<UUID> inside = tree.withAllInside(place);
    return all.stream()
        .filter(one -> inside.contains(one.item().now()))
        .sorted(
            Comparator.<StoredItem>comparingInt(one -> way.get(one.item().now()))
                .thenComparing(one -> one.item().product().productClass())
                .thenComparing(StoredItem::id))
        .toList();
  }

  private static AdviceView view(
      KitViews now,
      StoredItem one,
      WearView wear,
      DeclutterAdvice advice,
      Map<UUID, StoredItem> byId) {
    return new AdviceView(
        now.of(one),
        wear,
        advice.advice(),
        advice.reasons().stream().sorted().toList(),
        advice.duplicates().stream()
            .limit(MOST_DUPLICATES)
            .map(Item::id)
            .map(byId::get)
            .map(now::of)
            .toList());
  }

  private static boolean isKept(StoredItem one, LocalDate season) {
    LocalDate kept = one.details().keptOn();
    return kept != null && kept.isAfter(season);
  }

  private static Map<UUID, DeclutterAdvice.UseFacts> facts(WholeKit known) {
    Map<UUID, DeclutterAdvice.UseFacts> facts = new HashMap<>();
    for (StoredItem one : known.all()) {
      facts.put(
          one.id(),
          new DeclutterAdvice.UseFacts(
              known.wear(one).usesInAYear(),
              knownSince(one, known.since()),
              one.details().favourite(),
              one.details().rare(),
              one.of().finish()));
    }
    return facts;
  }

  private static @Nullable LocalDate knownSince(StoredItem one, Map<UUID, LocalDate> since) {
    LocalDate bought = one.item().dates().boughtOn();
    LocalDate opened = one.item().dates().openedOn();
    if (bought != null) {
      return bought;
    }
    if (opened != null) {
      return opened;
    }
    return since.get(one.id());
  }

  /** It stays where it is, and is not asked about again this season. */
  void keep(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "kept",
        act -> {
          ItemRecord changed = new ItemRecord();
          changed.setKeptOn(time.today());
          kit.touch(act, kit.inKit(id), changed);
        });
  }

  /** Out of the bags: it belongs in the store from now on, and lies there. */
  void retire(SignedIn who, UUID actId, UUID id, UUID to) {
    ledger.perform(
        who,
        actId,
        "retired",
        act -> {
          if (places.place(to).isEmpty()) {
            throw Refused.notThere("place", to);
          }
          ItemRecord besides = new ItemRecord();
          besides.setKeptOn(time.today());
          StoredItem item = kit.inKit(id);
          handling.became(act, item, item.item().settledAt(to), besides);
        });
  }
}
