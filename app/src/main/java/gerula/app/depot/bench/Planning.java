package gerula.app.depot.bench;

import gerula.app.booking.Bookings;
import gerula.app.depot.bench.SessionStore.StoredSession;
import gerula.app.depot.empties.EmptyStore;
import gerula.app.depot.empties.EmptyStore.StoredEmpty;
import gerula.app.depot.lineage.UsePace;
import gerula.app.kit.KitStore;
import gerula.app.kit.WholeKit;
import gerula.app.kit.item.StoredItem;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.rule.HouseStore;
import gerula.core.booking.Needs;
import gerula.core.depot.Content;
import gerula.core.depot.Contents;
import gerula.core.depot.bench.Choice;
import gerula.core.depot.bench.DepotPlan;
import gerula.core.depot.bench.ItemPack;
import gerula.core.depot.bench.Pack;
import gerula.core.depot.bench.SessionPlanner;
import gerula.core.depot.bench.Suggestion;
import gerula.core.depot.bench.UseRate;
import gerula.core.depot.empties.Empty;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts chosen packs and the empties at hand before the core's planner. Runs within a workspace. */
@Component
class Planning {

  /** Bookings further off are not packed for yet. */
  private static final int WEEKS_AHEAD = 8;

  private final KitStore kit;
  private final EmptyStore empties;
  private final SessionStore sessions;
  private final UsePace uses;
  private final Bookings bookings;
  private final HouseStore house;
  private final WorkspaceTime time;

  Planning(
      KitStore kit,
      EmptyStore empties,
      SessionStore sessions,
      UsePace uses,
      Bookings bookings,
      HouseStore house,
      WorkspaceTime time) {
    this.kit = kit;
    this.empties = empties;
    this.sessions = sessions;
    this.uses = uses;
    this.bookings = bookings;
    this.house = house;
    this.time = time;
  }

  /** One pack on the bench, as the core and the reader need it. */
  record OnTheBench(
      StoredItem stored,
      Chosen chosen,
      ItemPack bench,
      Pack pack,
      UseRate use,
      @Nullable Choice choice,
      @Nullable String fault) {}

  /** A plan and what it was made of. */
  record Planned(DepotPlan plan, List<OnTheBench> packs, List<StoredEmpty> empties) {}

  /** Packs worth taking to the bench. */
  List<Suggestion> suggestions(WholeKit.Things kit) {
    LocalDate today = time.today();
    HouseRules rules = house.current();
    Set<ProductClass> wanted =
        bookings.ahead(today).stream()
            .filter(one -> !one.booking().firstDay().isAfter(today.plusWeeks(WEEKS_AHEAD)))
            .flatMap(one -> Needs.of(one.booking(), rules).stream())
            .flatMap(need -> need.code().kind().classes().stream())
            .collect(Collectors.toSet());
    return Suggestion.of(
        kit.items(),
        kit.stored().stream()
            .filter(one -> one.details().brokenPackOn() != null)
            .map(StoredItem::id)
            .collect(Collectors.toSet()),
        wanted,
        today,
        rules);
  }

  Planned plan(StoredSession session) {
    LocalDate today = time.today();
    List<StoredEmpty> kinds = empties.all();
    List<Empty> atHand = kinds.stream().map(one -> one.draft().toEmpty()).toList();
    List<OnTheBench> packs = onTheBench(session.chosen(), kinds, atHand, today);
    Map<String, Choice> choices = new HashMap<>();
    packs.stream()
        .filter(one -> one.choice() != null)
        .forEach(one -> choices.put(one.pack().id(), one.choice()));
    DepotPlan plan =
        SessionPlanner.plan(
            today,
            session.wantedMonths().doubleValue(),
            atHand,
            packs.stream().map(OnTheBench::pack).toList(),
            choices,
            sessions.pace(),
            house.current().practices().refill());
    return new Planned(plan, packs, kinds);
  }

  private List<OnTheBench> onTheBench(
      List<Chosen> chosen, List<StoredEmpty> kinds, List<Empty> atHand, LocalDate today) {
    Map<UUID, StoredItem> byId = new LinkedHashMap<>();
    kit.itemsOf(chosen.stream().map(Chosen::item).toList()).forEach(one -> byId.put(one.id(), one));
    Map<UUID, UseRate> rates =
        uses.of(byId.values().stream().map(one -> one.item().product()).toList(), today);
    HouseRules rules = house.current();
    List<OnTheBench> packs = new ArrayList<>();
    for (Chosen one : chosen) {
      StoredItem stored = byId.get(one.item());
      // What was discarded or used up since it was chosen is no longer on the bench.
      if (stored != null && isStillThere(stored)) {
        UseRate rate = rates.get(stored.item().product().id());
        packs.add(onTheBench(stored, one, rate, kinds, atHand, rules));
      }
    }
    return packs;
  }

  private static boolean isStillThere(StoredItem stored) {
    Item item = stored.item();
    return item.isDecantable();
  }

  private static OnTheBench onTheBench(
      StoredItem stored,
      Chosen chosen,
      UseRate rate,
      List<StoredEmpty> kinds,
      List<Empty> atHand,
      HouseRules rules) {
    Content content = content(stored);
    ItemPack bench = new ItemPack(stored.item(), content);
    UseRate use = chosen.usePerMonth() == null ? rate : told(chosen.usePerMonth(), stored.item());
    Pack pack = bench.pack(use, rules);
    Choice choice = null;
    String fault = null;
    try {
      choice = choice(chosen, stored.item(), bench, kinds);
      SessionPlanner.possible(pack, choice, atHand);
    } catch (IllegalArgumentException impossible) {
      choice = null;
      fault = impossible.getMessage();
    }
    return new OnTheBench(stored, chosen, bench, pack, use, choice, fault);
  }

  private static UseRate told(BigDecimal perMonth, Item item) {
    return UseRate.told(amount(perMonth, item));
  }

  private static Quantity amount(BigDecimal told, Item item) {
    return Quantity.of(told.setScale(3, RoundingMode.HALF_EVEN), item.left().unit());
  }

  static Content content(StoredItem stored) {
    return Contents.of(stored.item().product(), stored.of().finish());
  }

  private static @Nullable Choice choice(
      Chosen chosen, Item item, ItemPack bench, List<StoredEmpty> kinds) {
    if (chosen.stays()) {
      return new Choice.Stays();
    }
    if (chosen.empty() == null) {
      return null;
    }
    int kind =
        IntStream.range(0, kinds.size())
            .filter(i -> kinds.get(i).id().equals(chosen.empty()))
            .findFirst()
            .orElse(-1);
    BigDecimal amount = chosen.amount();
    return new Choice.Into(
        kind,
        chosen.count() == null ? 1 : chosen.count(),
        amount == null ? null : bench.volume(amount(amount, item)));
  }
}
