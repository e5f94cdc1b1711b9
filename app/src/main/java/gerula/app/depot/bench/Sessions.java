package gerula.app.depot.bench;

import gerula.app.depot.bench.BenchRecords.BenchView;
import gerula.app.depot.bench.BenchRecords.SessionLine;
import gerula.app.depot.bench.BenchRecords.SessionView;
import gerula.app.depot.bench.BenchRecords.SuggestionView;
import gerula.app.depot.bench.SessionStore.PieceState;
import gerula.app.depot.bench.SessionStore.State;
import gerula.app.depot.bench.SessionStore.StoredPiece;
import gerula.app.depot.bench.SessionStore.StoredSession;
import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.WholeKit;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.depot.bench.SessionPlanner;
import gerula.core.depot.bench.Suggestion;
import gerula.core.kit.item.Item;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Planning sessions, and showing how they stand. */
@Component
class Sessions {

  private static final int MOST_SUGGESTED = 60;
  private static final int MOST_SHOWN = 20;

  private final SessionStore store;
  private final Planning planning;
  private final PlanViews plans;
  private final KitStore kit;
  private final PlaceStore places;
  private final PieceViews pieces;
  private final WholeKit whole;
  private final Views views;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final Clock clock;

  Sessions(
      SessionStore store,
      Planning planning,
      PlanViews plans,
      KitStore kit,
      PlaceStore places,
      PieceViews pieces,
      WholeKit whole,
      Views views,
      Ledger ledger,
      Workspaces workspaces,
      Clock clock) {
    this.store = store;
    this.planning = planning;
    this.plans = plans;
    this.kit = kit;
    this.places = places;
    this.pieces = pieces;
    this.whole = whole;
    this.views = views;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.clock = clock;
  }

  BenchView bench(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () -> {
          WholeKit.Things things = whole.now();
          KitViews now = views.now();
          List<Suggestion> suggested = planning.suggestions(things);
          return new BenchView(
              suggested.stream()
                  .limit(MOST_SUGGESTED)
                  .map(
                      one ->
                          new SuggestionView(
                              now.of(things.byId().get(one.item().id())),
                              one.reasons().stream().sorted().toList()))
                  .toList(),
              newest());
        });
  }

  /** The newest sessions at a glance. */
  List<SessionLine> lines(SignedIn who) {
    return workspaces.read(who.workspace(), this::newest);
  }

  private List<SessionLine> newest() {
    return store.all().stream().limit(MOST_SHOWN).map(this::line).toList();
  }

  private SessionLine line(StoredSession session) {
    List<StoredPiece> work = store.pieces(session.id());
    return new SessionLine(
        session.id(),
        session.state(),
        session.madeAt(),
        session.chosen().size(),
        work.size(),
        (int) work.stream().filter(one -> one.state() == PieceState.DONE).count());
  }

  SessionView one(SignedIn who, UUID id) {
    return workspaces.read(who.workspace(), () -> view(existing(id)));
  }

  private SessionView view(StoredSession session) {
    return new SessionView(
        session.id(),
        session.version(),
        session.state(),
        session.wantedMonths(),
        session.backStock(),
        session.state() == State.PLANNED ? plans.of(planning.plan(session)) : null,
        pieces.of(session.id()),
        clock.instant());
  }

  /** What is chosen for a session. */
  record Draft(BigDecimal wantedMonths, @Nullable UUID backStock, List<Chosen> chosen) {}

  void add(SignedIn who, UUID actId, UUID id, Draft draft) {
    ledger.perform(
        who,
        actId,
        "planned",
        act -> {
          if (store.locked(id).isPresent()) {
            throw Refused.notNow("there-already", "This session is there already. Open it.");
          }
          check(draft);
          StoredSession session =
              new StoredSession(
                  id,
                  clock.instant(),
                  draft.wantedMonths(),
                  draft.backStock(),
                  draft.chosen(),
                  State.PLANNED,
                  null,
                  null,
                  0);
          act.touch(ThingKind.BENCH_SESSION_THING, id, () -> store.save(session));
        });
  }

  void change(SignedIn who, UUID actId, UUID id, int version, Draft draft) {
    ledger.perform(
        who,
        actId,
        "planned",
        act -> {
          StoredSession before = locked(id);
          Refused.unlessUnchanged(version, before.version(), "session", () -> view(before));
          refuseUnlessPlanned(before);
          check(draft);
          act.touch(
              ThingKind.BENCH_SESSION_THING,
              id,
              () ->
                  store.save(
                      before.planned(draft.wantedMonths(), draft.backStock(), draft.chosen())));
        });
  }

  static void refuseUnlessPlanned(StoredSession session) {
    if (session.state() != State.PLANNED) {
      throw Refused.notNow(
          "begun", "The work of this session has begun. Plan another one for what is new.");
    }
  }

  private void check(Draft draft) {
    Faults faults = new Faults();
    faults.build("wantedMonths", () -> SessionPlanner.months(draft.wantedMonths().doubleValue()));
    faults.unless(
        draft.wantedMonths().scale() <= 2,
        "wantedMonths",
        "out-of-range",
        "Months are told to the hundredth.");
    faults.unless(
        draft.backStock() == null || places.place(draft.backStock()).isPresent(),
        "backStock",
        "not-there",
        "There is no such place in this workspace. Choose one from the list.");
    faults.unless(
        draft.chosen().stream().map(Chosen::item).distinct().count() == draft.chosen().size(),
        "chosen",
        "twice",
        "The same pack is chosen twice.");
    Map<UUID, Item> known =
        kit.itemsOf(draft.chosen().stream().map(Chosen::item).distinct().toList()).stream()
            .collect(Collectors.toMap(StoredItem::id, StoredItem::item));
    for (int i = 0; i < draft.chosen().size(); i++) {
      Item item = known.get(draft.chosen().get(i).item());
      String path = "chosen[" + i + "].item";
      faults.unless(item != null, path, "not-there", "There is no such item in this workspace.");
      faults.unless(
          item == null || item.left().unit() != Unit.PIECE,
          path,
          "pieces",
          "It is counted in pieces, which are not decanted. Move some of them instead.");
    }
    faults.refuseIfAny();
  }

  /** Takes a session that has not begun off the bench. */
  void giveUp(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "given-up",
        act -> {
          refuseUnlessPlanned(locked(id));
          act.touch(ThingKind.BENCH_SESSION_THING, id, () -> store.remove(id));
        });
  }

  StoredSession existing(UUID id) {
    return store.find(id).orElseThrow(() -> Refused.notThere("session", id));
  }

  StoredSession locked(UUID id) {
    return store.locked(id).orElseThrow(() -> Refused.notThere("session", id));
  }
}
