package gerula.app.cleandown;

import gerula.app.booking.Bookings;
import gerula.app.cleandown.CleaningRecords.UsableView;
import gerula.app.cleandown.UsedThings.Traced;
import gerula.app.kit.DrawnItem;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.WholeKit;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.place.StoredPlace;
import gerula.app.packing.TakenAlong;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.booking.Face;
import gerula.core.cleandown.ContactObstacle;
import gerula.core.cleandown.HowUsed;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.rule.Practices;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What goes along and may touch a face, pan by pan, and why the rest must not. */
@Component
class UsableThings {

  private static final Comparator<StoredItem> IN_ORDER_OF_THE_WORK =
      Comparator.<StoredItem, Section>comparing(
              one -> one.item().product().productClass().section())
          .thenComparing(one -> one.item().product().name())
          .thenComparing(one -> one.item().product().shade())
          .thenComparing(StoredItem::id);

  private final WholeKit kit;
  private final PlaceStore places;
  private final Bookings bookings;
  private final TakenAlong along;
  private final UsedThings used;
  private final HouseStore house;
  private final Views views;
  private final Workspaces workspaces;

  UsableThings(
      WholeKit kit,
      PlaceStore places,
      Bookings bookings,
      TakenAlong along,
      UsedThings used,
      HouseStore house,
      Views views,
      Workspaces workspaces) {
    this.kit = kit;
    this.places = places;
    this.bookings = bookings;
    this.along = along;
    this.used = used;
    this.house = house;
    this.views = views;
    this.workspaces = workspaces;
  }

  List<UsableView> on(SignedIn who, UUID booking, UUID face) {
    return workspaces.read(
        who.workspace(),
        () -> {
          Face her =
              bookings.asKnown(bookings.existing(booking)).faces().stream()
                  .filter(one -> one.id().equals(face))
                  .findFirst()
                  .orElseThrow(() -> Refused.notThere("face", face));
          Map<UUID, List<UUID>> faces = along.faces(who, booking);
          Map<UUID, List<UUID>> whose = new LinkedHashMap<>();
          Map<UUID, StoredItem> things = things(faces, whose);
          Map<UUID, Traced> traced = used.among(things.values());
          Practices practices = house.current().practices();
          Map<UUID, ContactObstacle> obstacles = new LinkedHashMap<>();
          things.forEach(
              (id, one) ->
                  ContactObstacle.to(one.item(), her.person(), her.reactsTo())
                      .or(
                          () ->
                              Optional.ofNullable(traced.get(id))
                                  .flatMap(it -> it.obstacleTo(her.person(), practices)))
                      .ifPresent(obstacle -> obstacles.put(id, obstacle)));
          KitViews now = views.now();
          return things.values().stream()
              .sorted(IN_ORDER_OF_THE_WORK)
              .map(
                  one ->
                      view(
                          one.item(),
                          her,
                          whose.getOrDefault(one.id(), List.of()),
                          Optional.ofNullable(traced.get(one.id())),
                          obstacles,
                          things,
                          now))
              .toList();
        });
  }

  /**
   * What lies in a palette stands for it.
   *
   * @param faces whom what goes along is for
   * @param whose the same of what stands for it, told here
   */
  private Map<UUID, StoredItem> things(Map<UUID, List<UUID>> faces, Map<UUID, List<UUID>> whose) {
    Map<UUID, UUID> insides =
        faces.keySet().stream()
            .flatMap(
                id -> places.being(id).stream().map(StoredPlace::id).map(at -> Map.entry(at, id)))
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    Map<UUID, List<StoredItem>> inside =
        kit.now().stored().stream()
            .filter(one -> one.item().now() != null && insides.containsKey(one.item().now()))
            .collect(Collectors.groupingBy(one -> insides.get(one.item().now())));
    Map<UUID, StoredItem> all = new LinkedHashMap<>();
    faces.forEach(
        (id, whom) ->
            inside
                .getOrDefault(id, Optional.ofNullable(kit.now().byId().get(id)).stream().toList())
                .stream()
                .filter(one -> one.item().product().productClass().touchesFaces())
                .forEach(
                    one -> {
                      all.put(one.id(), one);
                      whose.put(one.id(), whom);
                    }));
    return all;
  }

  private static UsableView view(
      Item item,
      Face her,
      List<UUID> whom,
      Optional<Traced> traced,
      Map<UUID, ContactObstacle> obstacles,
      Map<UUID, StoredItem> things,
      KitViews now) {
    ContactObstacle obstacle = obstacles.get(item.id());
    return new UsableView(
        DrawnItem.of(item, now),
        item.product().productClass().section(),
        whom.isEmpty() || whom.contains(her.id()),
        HowUsed.ways(item.product().form()),
        item.cleanliness(),
        traced
            .filter(
                one -> one.contacts().stream().anyMatch(contact -> her.id().equals(contact.face())))
            .isPresent(),
        obstacle == null ? null : obstacle.code(),
        obstacle == null ? null : ObstacleWords.of(obstacle, item),
        obstacle == null
            ? List.of()
            : things.values().stream()
                .filter(other -> !obstacles.containsKey(other.id()))
                .filter(other -> isAlike(other.item(), item))
                .map(StoredItem::id)
                .toList(),
        item.isUsedByThePiece());
  }

  private static boolean isAlike(Item one, Item other) {
    Set<ProductClass> classes = one.product().classes();
    return other.product().classes().stream().anyMatch(classes::contains);
  }
}
