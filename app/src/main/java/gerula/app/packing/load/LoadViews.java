package gerula.app.packing.load;

import gerula.app.kit.DrawnItem;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.packing.Packing.Listed;
import gerula.app.packing.load.LoadRecords.HomeOfPart;
import gerula.app.packing.load.LoadRecords.LoadView;
import gerula.app.packing.load.LoadRecords.LoadedBag;
import gerula.app.packing.load.LoadRecords.LoadedPiece;
import gerula.app.packing.load.LoadRecords.LoadedRoom;
import gerula.app.packing.load.LoadRecords.PortableView;
import gerula.app.packing.load.LoadRecords.WholeWayView;
import gerula.app.packing.load.LoadRecords.WithoutPlace;
import gerula.core.kit.place.Place;
import gerula.core.packing.BagRooms;
import gerula.core.packing.ListLoad;
import gerula.core.packing.LoadChoices;
import gerula.core.packing.PackingLine;
import gerula.core.packing.PortablePart;
import gerula.core.packing.lift.BagLift;
import gerula.core.packing.load.LoadObstacle;
import gerula.core.packing.load.LoadPiece;
import gerula.core.packing.load.LoadPlan.LeftPiece;
import gerula.core.packing.load.LoadPlan.PlacedPiece;
import gerula.core.packing.load.LoadReason;
import gerula.core.packing.load.PackingOrder;
import gerula.core.quantity.Mass;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** A plan as it is told. Everything here runs within a workspace. */
@Component
class LoadViews {

  private final Views views;
  private final WaysOutOf waysOut;

  LoadViews(Views views, WaysOutOf waysOut) {
    this.views = views;
    this.waysOut = waysOut;
  }

  LoadView of(Listed listed) {
    return new Telling(listed, ListLoad.of(listed.list(), listed.known())).view();
  }

  /** Tells one plan. */
  private final class Telling {

    private final Listed listed;
    private final ListLoad load;
    private final LoadChoices choices;
    private final Map<String, LoadPiece> pieces;
    private final Map<String, PlacedPiece> placed = new HashMap<>();
    private final Map<String, Integer> order;
    private final Map<String, Set<LoadReason>> reasons;
    private final KitViews now;

    Telling(Listed listed, ListLoad load) {
      this.listed = listed;
      this.load = load;
      this.choices = listed.known().choices().load();
      this.now = views.with(listed.facts().places());
      pieces =
          load.load().pieces().stream()
              .collect(Collectors.toMap(LoadPiece::id, Function.identity()));
      Set<String> rooms =
          load.bags().stream()
              .flatMap(bag -> bag.rooms().stream())
              .map(BagRooms.Room::id)
              .collect(Collectors.toSet());
      // What left the list, or lay in a bag that stays, has no place any more.
      choices.placed().stream()
          .filter(one -> pieces.containsKey(one.piece()) && rooms.contains(one.compartment()))
          .forEach(one -> placed.put(one.piece(), one));
      order = PackingOrder.of(load.load().bags(), placed.values());
      reasons = LoadReason.of(load.load(), List.copyOf(placed.values()));
    }

    LoadView view() {
      List<PackingLine> lines =
          listed.lines().stream()
              .filter(line -> pieces.containsKey(line.item().id().toString()))
              .toList();
      List<PackingLine> without =
          lines.stream().filter(line -> !placed.containsKey(line.item().id().toString())).toList();
      return new LoadView(
          choices.isPlanned(),
          load.bags().stream().map(this::bag).toList(),
          lines.stream().map(this::piece).toList(),
          choices.isPlanned() ? left(without) : List.of(),
          load.isLeakProof(),
          PortablePart.of(listed.list(), listed.known(), load).stream()
              .map(this::portable)
              .toList());
    }

    private PortableView portable(PortablePart part) {
      UUID home = part.home();
      return new PortableView(
          part.place(),
          nameOf(part.place()),
          part.bag(),
          part.mass().grams(),
          home == null ? null : new HomeOfPart(home, nameOf(home)),
          part.ways().stream()
              .map(
                  way -> new WholeWayView(way.bag(), nameOf(way.bag()), way.into(), way.obstacle()))
              .toList());
    }

    private String nameOf(UUID place) {
      return listed.facts().places().find(place).map(Place::name).orElseThrow();
    }

    private List<WithoutPlace> left(List<PackingLine> without) {
      Map<UUID, LoadRecords.WaysOut> ways = waysOut.of(listed, without);
      Map<String, LoadObstacle> why =
          choices.left().stream().collect(Collectors.toMap(LeftPiece::piece, LeftPiece::because));
      return without.stream()
          .map(
              line -> {
                String id = line.item().id().toString();
                return new WithoutPlace(
                    line.item().id(),
                    pieces.get(id).isRequired(),
                    why.get(id),
                    ways.get(line.item().id()));
              })
          .toList();
    }

    private LoadedPiece piece(PackingLine line) {
      String id = line.item().id().toString();
      PlacedPiece at = placed.get(id);
      LoadPiece piece = pieces.get(id);
      return new LoadedPiece(
          DrawnItem.of(line.item(), now),
          line.mass().grams(),
          line.item().isEstimated(),
          listed.facts().packed().contains(line.item().id()),
          choices.pinned().containsKey(line.item().id()),
          at == null ? null : at.compartment(),
          load.homes().get(id),
          at == null ? 0 : at.xMm(),
          at == null ? 0 : at.yMm(),
          at == null ? 0 : at.zMm(),
          at == null ? piece.measures().widthMm() : at.widthMm(),
          at == null ? piece.measures().depthMm() : at.depthMm(),
          at == null ? piece.measures().heightMm() : at.heightMm(),
          order.get(id),
          reasons.getOrDefault(id, Set.of()));
    }

    private LoadedBag bag(BagRooms bag) {
      Place place = listed.facts().places().find(bag.bag()).orElseThrow();
      Set<String> rooms = bag.rooms().stream().map(BagRooms.Room::id).collect(Collectors.toSet());
      Mass inIt =
          Mass.sum(
              placed.values().stream()
                  .filter(one -> rooms.contains(one.compartment()))
                  .map(one -> pieces.get(one.piece()).mass()));
      Mass whole = bag.ownMass().plus(inIt);
      BagLift lift =
          BagLift.of(
              place.kind(),
              whole,
              ListLoad.isCarried(listed.known()),
              listed.known().house().load());
      return new LoadedBag(
          bag.bag(),
          place.name(),
          place.kind(),
          bag.ownMass().grams(),
          whole.grams(),
          bag.greatestMass() == null ? null : bag.greatestMass().grams(),
          lift.how(),
          lift.limit().grams(),
          lift.over().grams(),
          bag.rooms().stream().map(this::room).toList());
    }

    private LoadedRoom room(BagRooms.Room room) {
      double all =
          (double) room.compartment().widthMm()
              * room.compartment().depthMm()
              * room.compartment().heightMm();
      double taken =
          placed.values().stream()
              .filter(one -> one.compartment().equals(room.id()))
              .mapToDouble(one -> pieces.get(one.piece()).taken())
              .sum();
      return new LoadedRoom(
          room.id(),
          room.place(),
          room.slot(),
          room.name(),
          room.compartment().widthMm(),
          room.compartment().depthMm(),
          room.compartment().heightMm(),
          room.isLoose(),
          room.isGuessed(),
          room.isClosed(),
          room.compartment().reach(),
          taken / all);
    }
  }
}
