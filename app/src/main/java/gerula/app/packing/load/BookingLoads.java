package gerula.app.packing.load;

import gerula.app.booking.BookingStore;
import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.place.Whereabouts;
import gerula.app.ledger.Answers;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.packing.Packing;
import gerula.app.packing.Packing.Listed;
import gerula.app.packing.load.LoadRecords.BagWay;
import gerula.app.packing.load.LoadRecords.BagsNeeded;
import gerula.app.packing.load.LoadRecords.LoadView;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.HeavyWork;
import gerula.app.platform.paper.PaperFormat;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.kit.place.PlaceTree;
import gerula.core.packing.ListLoad;
import gerula.core.packing.LoadChoices;
import gerula.core.packing.PortablePart;
import gerula.core.packing.load.Load;
import gerula.core.packing.load.LoadEffort;
import gerula.core.packing.load.LoadObstacle;
import gerula.core.packing.load.LoadPieceBuilder;
import gerula.core.packing.load.LoadPlan;
import gerula.core.packing.load.LoadPlan.LeftPiece;
import gerula.core.packing.load.LoadPlan.PlacedPiece;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The plan of a booking's bags: made, looked at, changed by hand. */
@Component
class BookingLoads {

  private static final int MILLIS = 4_000;
  private static final int SEED = 1;

  private final Packing packing;
  private final LoadViews views;
  private final LoadRuns runs;
  private final Bookings bookings;
  private final BookingStore store;
  private final Whereabouts whereabouts;
  private final Workspaces workspaces;
  private final Ledger ledger;
  private final Answers answers;
  private final HeavyWork heavy;

  BookingLoads(
      Packing packing,
      LoadViews views,
      LoadRuns runs,
      Bookings bookings,
      BookingStore store,
      Whereabouts whereabouts,
      Workspaces workspaces,
      Ledger ledger,
      Answers answers,
      HeavyWork heavy) {
    this.packing = packing;
    this.views = views;
    this.runs = runs;
    this.bookings = bookings;
    this.store = store;
    this.whereabouts = whereabouts;
    this.workspaces = workspaces;
    this.ledger = ledger;
    this.answers = answers;
    this.heavy = heavy;
  }

  LoadView view(SignedIn who, UUID booking) {
    return workspaces.read(who.workspace(), () -> views.of(packing.listed(booking)));
  }

  /** A page for each bag. */
  byte[] print(SignedIn who, UUID booking, PaperFormat format) {
    return heavy.inTurn(
        who,
        HeavyWork.Length.SHORT,
        () ->
            workspaces.read(
                who.workspace(),
                () -> {
                  Listed listed = packing.listed(booking);
                  String title = listed.facts().booking().booking().title();
                  return LoadPrints.print(title, views.of(listed), format);
                }));
  }

  /**
   * Plans it anew, from where everything lies or was planned last.
   *
   * @param run by which others look on, and stop it
   */
  LoadView plan(SignedIn who, UUID actId, UUID booking, UUID run) {
    Load load = workspaces.read(who.workspace(), () -> load(packing.listed(booking)).load());
    LoadPlan plan =
        heavy.inTurn(
            who,
            HeavyWork.Length.SHORT,
            () ->
                runs.during(
                    who.workspace(), run, watch -> load.plan(new LoadEffort(MILLIS, SEED, watch))));
    return answers.once(
        who,
        actId,
        () ->
            change(
                who,
                actId,
                booking,
                "load-planned",
                Map.of(),
                now -> now.planned(plan.placed(), plan.left())),
        () -> views.of(packing.listed(booking)));
  }

  private static ListLoad load(Listed listed) {
    if (listed.known().bags().isEmpty()) {
      throw Refused.notNow(
          "no-bag", "No bag is chosen yet. Choose one for the booking, then plan it.");
    }
    return ListLoad.of(listed.list(), listed.known());
  }

  private void change(
      SignedIn who,
      UUID actId,
      UUID booking,
      String act,
      Map<String, ?> details,
      UnaryOperator<LoadChoices> how) {
    Map<String, Object> told = new java.util.HashMap<>(details);
    told.put("booking", booking);
    ledger.perform(
        who,
        actId,
        act,
        told,
        doing -> {
          store.lock(booking);
          StoredBooking now = bookings.existing(booking);
          requireStillHere(now);
          LoadChoices after = how.apply(now.choices().load());
          doing.touch(
              ThingKind.BOOKING_THING,
              booking,
              () -> store.setChoices(booking, now.choices().loading(after)));
        });
  }

  /** Has an item lie in a compartment from now on; null: anywhere. */
  void pin(SignedIn who, UUID actId, UUID booking, UUID item, @Nullable String compartment) {
    change(
        who,
        actId,
        booking,
        "load-pinned",
        Map.of("item", item),
        now -> {
          if (compartment != null) {
            requireThere(booking, item, compartment);
          }
          return now.pinning(item, compartment);
        });
  }

  private void requireThere(UUID booking, UUID item, String compartment) {
    ListLoad load = load(packing.listed(booking));
    boolean isThere =
        load.bags().stream()
            .flatMap(bag -> bag.rooms().stream())
            .anyMatch(room -> room.id().equals(compartment));
    boolean isOnTheList =
        load.load().pieces().stream().anyMatch(one -> one.id().equals(item.toString()));
    if (!isThere || !isOnTheList) {
      throw Refused.notNow(
          "not-there",
          "This is not on the list, or the compartment is in no bag that comes. Look at the plan"
              + " again.");
    }
  }

  /** Leaves a compartment alone, or not any more. */
  void close(SignedIn who, UUID actId, UUID booking, String compartment, boolean isClosed) {
    change(who, actId, booking, "load-closed", Map.of(), now -> now.closing(compartment, isClosed));
  }

  /** What speaks against an item somewhere else, as everything is planned; empty: nothing. */
  Optional<LoadObstacle> obstacle(SignedIn who, UUID booking, UUID item, String compartment) {
    return workspaces.read(
        who.workspace(),
        () -> {
          requireThere(booking, item, compartment);
          Listed listed = packing.listed(booking);
          Load load = free(listed, item);
          return load.obstacle(planned(listed, load), item.toString(), compartment);
        });
  }

  /** Lays an item elsewhere, and has it lie there from now on. */
  void move(SignedIn who, UUID actId, UUID booking, UUID item, String compartment) {
    change(
        who,
        actId,
        booking,
        "load-moved",
        Map.of("item", item),
        now -> {
          requireThere(booking, item, compartment);
          Listed listed = packing.listed(booking);
          Load load = free(listed, item);
          LoadPlan plan = planned(listed, load);
          load.obstacle(plan, item.toString(), compartment)
              .ifPresent(
                  obstacle -> {
                    throw Refused.notNow(obstacle.code(), LoadWords.of(obstacle));
                  });
          List<PlacedPiece> after = load.moved(plan, item.toString(), compartment);
          List<LeftPiece> left =
              now.left().stream().filter(one -> !one.piece().equals(item.toString())).toList();
          return now.planned(after, left).pinning(item, compartment);
        });
  }

  /** Whoever lays a thing elsewhere unpins it; what is ticked off lies where it was put. */
  private static Load free(Listed listed, UUID item) {
    Load load = load(listed).load();
    if (listed.facts().packed().contains(item)) {
      return load;
    }
    String id = item.toString();
    return new Load(
        load.bags(),
        load.pieces().stream()
            .map(
                one ->
                    one.id().equals(id) ? LoadPieceBuilder.builder(one).pinned(null).build() : one)
            .toList());
  }

  /** What was planned, as far as it still holds. */
  private static LoadPlan planned(Listed listed, Load load) {
    Set<String> pieces = new HashSet<>();
    load.pieces().forEach(piece -> pieces.add(piece.id()));
    Set<String> rooms = new HashSet<>();
    load.bags().forEach(bag -> bag.compartments().forEach(room -> rooms.add(room.id())));
    List<PlacedPiece> placed =
        listed.known().choices().load().placed().stream()
            .filter(one -> pieces.contains(one.piece()) && rooms.contains(one.compartment()))
            .toList();
    return LoadPlan.asTold(placed);
  }

  /** Takes a part off its bag, with all it holds, into another; null: back where it belongs. */
  void carry(SignedIn who, UUID actId, UUID booking, UUID part, @Nullable UUID into) {
    ledger.perform(
        who,
        actId,
        "part-moved",
        Map.of("booking", booking, "place", part),
        act -> {
          store.lock(booking);
          requireStillHere(bookings.existing(booking));
          Listed listed = packing.listed(booking);
          PortablePart found =
              PortablePart.of(listed.list(), listed.known(), load(listed)).stream()
                  .filter(one -> one.place().equals(part))
                  .findFirst()
                  .orElseThrow(BookingLoads::notThere);
          PlaceTree before = listed.known().places();
          whereabouts.carry(act, before, part, into == null ? homeOf(found) : free(found, into));
        });
  }

  private static UUID homeOf(PortablePart part) {
    UUID home = part.home();
    if (home == null) {
      throw notThere();
    }
    return home;
  }

  private static UUID free(PortablePart part, UUID into) {
    PortablePart.WholeWay way = part.into(into).findFirst().orElseThrow(BookingLoads::notThere);
    if (way.obstacle() != null) {
      throw Refused.notNow(way.obstacle().code(), LoadWords.of(way.obstacle()));
    }
    return into;
  }

  private static Refused notThere() {
    return Refused.notNow(
        "not-there",
        "It does not come off, or goes into no bag that comes. Look at the plan again.");
  }

  private static void requireStillHere(StoredBooking booking) {
    if (booking.departedAt() != null) {
      throw Refused.notNow("departed", "The bags have left already. Nothing is planned any more.");
    }
  }

  /** A bag more for the booking. */
  void take(SignedIn who, UUID actId, UUID booking, UUID place) {
    bookings.takeBag(who, actId, booking, place);
  }

  BagsNeeded needed(SignedIn who, UUID booking) {
    Listed listed = workspaces.read(who.workspace(), () -> packing.listed(booking));
    return heavy.inTurn(
        who,
        HeavyWork.Length.SHORT,
        () ->
            new BagsNeeded(
                WaysOutOf.needed(listed).orElse(List.of()).stream()
                    .map(one -> new BagWay(one.id(), one.name(), one.ownMass().grams()))
                    .toList()));
  }
}
