package gerula.app.kit.label;

import gerula.app.kit.KitStore;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.place.StoredPlace;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.kit.label.Label;
import gerula.core.kit.label.LabelSheet;
import gerula.core.kit.place.PlaceTree;
import gerula.core.rule.HouseRules;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Which labels are printed, and what they say. */
@Component
class Labels {

  private final KitStore kit;
  private final PlaceStore places;
  private final HouseStore house;
  private final Workspaces workspaces;

  Labels(KitStore kit, PlaceStore places, HouseStore house, Workspaces workspaces) {
    this.kit = kit;
    this.places = places;
    this.house = house;
    this.workspaces = workspaces;
  }

  byte[] print(
      SignedIn who,
      List<UUID> items,
      List<UUID> placeIds,
      LabelSheet sheet,
      int skip,
      LabelPdf.Offset offset) {
    new Faults()
        .unless(
            skip < sheet.perPage(),
            "skip",
            "out-of-range",
            "This sheet has " + sheet.perPage() + " labels; skip fewer than that.")
        .unless(
            items.size() + placeIds.size() > 0,
            "items",
            "rule",
            "Choose at least one item or place to label.")
        .refuseIfAny();
    List<Label> labels =
        workspaces.read(
            who.workspace(),
            () -> Stream.concat(ofItems(items).stream(), ofPlaces(placeIds).stream()).toList());
    return new LabelPdf(sheet, skip, offset).print(labels);
  }

  private List<Label> ofItems(List<UUID> ids) {
    HouseRules rules = house.current();
    Map<UUID, StoredItem> found =
        kit.itemsOf(ids).stream().collect(Collectors.toMap(StoredItem::id, Function.identity()));
    return ids.stream()
        .map(
            id -> {
              StoredItem item = found.get(id);
              if (item == null) {
                throw Refused.notThere("item", id);
              }
              return Label.of(item.item(), item.details().code(), item.details().batch(), rules);
            })
        .toList();
  }

  private List<Label> ofPlaces(List<UUID> ids) {
    List<StoredPlace> all = places.places();
    PlaceTree tree = new PlaceTree(all.stream().map(StoredPlace::place).toList());
    return ids.stream()
        .map(
            id -> {
              StoredPlace place =
                  all.stream()
                      .filter(one -> one.id().equals(id))
                      .findFirst()
                      .orElseThrow(() -> Refused.notThere("place", id));
              String within = tree.told(place.place().parent());
              return Label.ofPlace(place.place().name(), within, place.code());
            })
        .toList();
  }
}
