package gerula.app.packing.trailer;

import gerula.app.kit.DrawnItem;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.packing.Packing;
import gerula.app.packing.Packing.Listed;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.place.PlaceUse;
import gerula.core.packing.ListTrailer;
import gerula.core.packing.trailer.TrailerPlan;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Working from a trailer: its stations, its days, moving in and out. */
@RestController
class TrailerController {

  private final Packing packing;
  private final Workspaces workspaces;
  private final WorkspaceTime time;
  private final Views views;

  TrailerController(Packing packing, Workspaces workspaces, WorkspaceTime time, Views views) {
    this.packing = packing;
    this.workspaces = workspaces;
    this.time = time;
    this.views = views;
  }

  /**
   * A place of the trailer.
   *
   * @param name as one finds it within the trailer
   * @param use what it serves for, null for the working kit
   * @param standsThere what is to stand there at work
   * @param liesThere what lies there now, asked for or not
   */
  record TrailerStation(
      UUID place,
      String name,
      @Nullable PlaceUse use,
      List<UUID> standsThere,
      List<UUID> liesThere) {}

  /**
   * @param hasLeft whether the bags are out: before, nothing can be set up
   * @param stations in the order in which one walks through the trailer, those with something to
   *     stand or lie there
   * @param bags the names of places things travel in, by place
   * @param aboard what lies in the trailer now and is on the list
   * @param items what is spoken of
   */
  record TrailerView(
      UUID trailer,
      String name,
      boolean hasLeft,
      List<TrailerStation> stations,
      Map<UUID, String> bags,
      Set<UUID> aboard,
      TrailerPlan plan,
      List<DrawnItem> items) {}

  /** What is set up where in the first trailer among a booking's bags, and the days it stands. */
  @GetMapping("/api/bookings/{id}/trailer")
  TrailerView trailer(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return workspaces.read(who.workspace(), () -> view(packing.listed(id)));
  }

  private TrailerView view(Listed listed) {
    ListTrailer trailer =
        ListTrailer.of(listed.lines(), listed.known(), time.today())
            .orElseThrow(
                () ->
                    Refused.notNow(
                        "no-trailer",
                        "No trailer is among the bags of this booking. Choose one there first."));
    PlaceTree tree = listed.facts().places();
    List<TrailerStation> stations = stations(trailer, listed, tree);
    Set<UUID> spokenOf =
        stations.stream()
            .flatMap(one -> Stream.concat(one.standsThere().stream(), one.liesThere().stream()))
            .collect(Collectors.toSet());
    Set<UUID> aboard = new HashSet<>();
    stations.forEach(one -> aboard.addAll(one.liesThere()));
    aboard.retainAll(
        listed.lines().stream().map(line -> line.item().id()).collect(Collectors.toSet()));
    return new TrailerView(
        trailer.trailer().id(),
        trailer.trailer().name(),
        listed.facts().booking().departedAt() != null,
        stations,
        bags(trailer.plan(), tree),
        aboard,
        trailer.plan(),
        items(listed, spokenOf));
  }

  private static List<TrailerStation> stations(ListTrailer trailer, Listed listed, PlaceTree tree) {
    Map<UUID, List<UUID>> standing =
        listed.lines().stream()
            .filter(line -> line.atWork() != null)
            .collect(
                Collectors.groupingBy(
                    line -> line.atWork().station(),
                    Collectors.mapping(line -> line.item().id(), Collectors.toList())));
    Map<UUID, List<UUID>> lying =
        listed.facts().kit().stored().stream()
            .map(stored -> stored.item())
            .filter(item -> item.now() != null && !item.isDiscarded())
            .collect(
                Collectors.groupingBy(
                    Item::now, Collectors.mapping(Item::id, Collectors.toList())));
    int above = tree.path(trailer.trailer().id()).size();
    return trailer.places().stream()
        // Pans lie in their palette, which is set up itself.
        .filter(place -> place.thing() == null)
        .map(
            place ->
                new TrailerStation(
                    place.id(),
                    within(tree.path(place.id()), above),
                    place.purpose().use(),
                    standing.getOrDefault(place.id(), List.of()),
                    lying.getOrDefault(place.id(), List.of())))
        .filter(one -> !one.standsThere().isEmpty() || !one.liesThere().isEmpty())
        .toList();
  }

  private static String within(List<Place> path, int above) {
    List<Place> inside = path.subList(Math.min(above, path.size() - 1), path.size());
    return inside.stream().map(Place::name).collect(Collectors.joining(", "));
  }

  private static Map<UUID, String> bags(TrailerPlan plan, PlaceTree tree) {
    Map<UUID, String> names = new HashMap<>();
    Stream.concat(plan.movingIn().stream(), plan.movingOut().stream())
        .map(TrailerPlan.Carry::bag)
        .filter(bag -> bag != null)
        .forEach(
            bag ->
                names.computeIfAbsent(
                    bag,
                    id ->
                        tree.path(id).stream().map(Place::name).collect(Collectors.joining(", "))));
    return names;
  }

  private List<DrawnItem> items(Listed listed, Set<UUID> wanted) {
    KitViews now = views.with(listed.facts().places());
    return listed.facts().kit().stored().stream()
        .filter(item -> wanted.contains(item.id()))
        .map(item -> DrawnItem.of(item.item(), now))
        .toList();
  }
}
