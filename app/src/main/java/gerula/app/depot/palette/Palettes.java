package gerula.app.depot.palette;

import gerula.app.kit.Kit;
import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.place.Slots;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.depot.palette.TrayOrder;
import gerula.core.kit.item.Item;
import gerula.core.kit.opencase.Box;
import gerula.core.kit.opencase.OpenCase;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceBuilder;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Palettes and trays: what lies in which of their equal slots. */
@Component
class Palettes {

  private final Kit kit;
  private final Handling handling;
  private final KitStore store;
  private final PlaceStore places;
  private final Slots slots;
  private final Views views;
  private final Ledger ledger;
  private final Workspaces workspaces;

  Palettes(
      Kit kit,
      Handling handling,
      KitStore store,
      PlaceStore places,
      Slots slots,
      Views views,
      Ledger ledger,
      Workspaces workspaces) {
    this.kit = kit;
    this.handling = handling;
    this.store = store;
    this.places = places;
    this.slots = slots;
    this.views = views;
    this.ledger = ledger;
    this.workspaces = workspaces;
  }

  /**
   * A palette at a glance.
   *
   * @param filled slots in which something lies
   * @param free slots in which nothing lies and that wait for nothing
   * @param nextFree the first of them that a pan can be laid into, null when there is none
   */
  record PaletteLine(
      UUID place,
      String name,
      PlaceKind kind,
      int slots,
      int filled,
      int free,
      @Nullable Integer nextFree) {}

  /**
   * One slot.
   *
   * @param number from 1
   * @param box where it is, in mm from the upper left corner of the slots
   * @param item what lies in it, null when it is free
   * @param belongs what belongs in it and is somewhere else, null for most
   */
  record SlotView(int number, Box box, @Nullable ItemView item, @Nullable ItemView belongs) {}

  /** A palette as it is. Lengths in mm. */
  record PaletteView(UUID place, String name, PlaceKind kind, Box size, List<SlotView> slots) {}

  List<PaletteLine> all(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () ->
            places.tree().inWalkingOrder().stream()
                .filter(place -> place.inside().slots() != null)
                .map(this::line)
                .toList());
  }

  private PaletteLine line(Place place) {
    int slots = Objects.requireNonNull(place.inside().slots()).count();
    List<StoredItem> inside = store.itemsIn(List.of(place.id()));
    Set<Integer> held = new HashSet<>(Slots.bySlot(place, inside).keySet());
    held.addAll(liftedOut(place.id()).keySet());
    List<Integer> free =
        IntStream.rangeClosed(1, slots).boxed().filter(slot -> !held.contains(slot)).toList();
    return new PaletteLine(
        place.id(),
        place.name(),
        place.kind(),
        slots,
        Math.min(slots, inside.size()),
        free.size(),
        place.takesPans() && !free.isEmpty() ? free.getFirst() : null);
  }

  PaletteView one(SignedIn who, UUID id) {
    return workspaces.read(who.workspace(), () -> view(id));
  }

  private PaletteView view(UUID id) {
    PlaceTree tree = places.tree();
    Place place = palette(tree, id);
    KitViews now = views.with(tree);
    List<StoredItem> inside = store.itemsIn(List.of(id));
    var tray =
        OpenCase.layOut(
            place,
            new PlaceTree(List.of(alone(place))),
            inside.stream().map(StoredItem::item).toList());
    Map<Integer, StoredItem> bySlot = Slots.bySlot(place, inside);
    Map<Integer, StoredItem> away = liftedOut(id);
    List<SlotView> slots = new ArrayList<>();
    for (int i = 0; i < tray.slots().size(); i++) {
      StoredItem item = bySlot.get(i + 1);
      StoredItem belongs = away.get(i + 1);
      slots.add(
          new SlotView(
              i + 1,
              tray.slots().get(i),
              item == null ? null : now.of(item),
              belongs == null ? null : now.of(belongs)));
    }
    return new PaletteView(id, place.name(), place.kind(), tray.box(), slots);
  }

  /** What belongs in a slot of it and is somewhere else. */
  private Map<Integer, StoredItem> liftedOut(UUID palette) {
    Map<Integer, StoredItem> away = new HashMap<>();
    store.atHomeIn(palette).stream()
        .filter(one -> one.item().slot() != null && !palette.equals(one.item().now()))
        .forEach(one -> away.put(one.item().slot(), one));
    return away;
  }

  /** The palette drawn by itself: what it lies in, and what lies in it as places, is left out. */
  private static Place alone(Place place) {
    return PlaceBuilder.builder(place).parent(null).home(null).build();
  }

  private static Place palette(PlaceTree tree, UUID id) {
    Place place = tree.find(id).orElseThrow(() -> Refused.notThere("place", id));
    if (place.inside().slots() == null) {
      throw Refused.notNow(
          "no-slots", place.name() + " has no slots. Say how many it has on its sheet.");
    }
    return place;
  }

  /** Puts a thing into a slot; what lies there changes places with it when both are in here. */
  void put(SignedIn who, UUID actId, UUID id, UUID itemId, int slot) {
    ledger.perform(
        who,
        actId,
        "put-into-palette",
        Map.of("slot", slot),
        act -> {
          Place place = palette(places.tree(), id);
          int count = Objects.requireNonNull(place.inside().slots()).count();
          new Faults()
              .unless(
                  slot >= 1 && slot <= count,
                  "slot",
                  "out-of-range",
                  place.name() + " has slots 1 to " + count + ", but this is " + slot + ".")
              .refuseIfAny();
          StoredItem item = kit.inKit(itemId);
          Map<Integer, StoredItem> before = Slots.bySlot(place, store.itemsIn(List.of(id)));
          makeRoom(act, place, before, item, slot);
          lay(act, item, id, slot);
        });
  }

  private void makeRoom(
      Act act, Place place, Map<Integer, StoredItem> before, StoredItem item, int slot) {
    StoredItem there = before.get(slot);
    if (there == null || there.id().equals(item.id())) {
      return;
    }
    Optional<Integer> own =
        before.entrySet().stream()
            .filter(one -> one.getValue().id().equals(item.id()))
            .map(Map.Entry::getKey)
            .findFirst();
    if (own.isEmpty()) {
      throw Refused.notNow(
          "taken",
          "Slot "
              + slot
              + " of "
              + place.name()
              + " is taken by "
              + there.item().product().name()
              + ". Choose a free one, or move that first.");
    }
    lay(act, kit.inKit(there.id()), place.id(), own.get());
  }

  private void lay(Act act, StoredItem item, UUID place, int slot) {
    vacate(act, item, place, slot);
    handling.became(act, item, item.item().laidInto(place, slot));
  }

  /** A slot that waits for something that is elsewhere waits no longer. */
  private void vacate(Act act, StoredItem item, UUID place, int slot) {
    store.atHomeIn(place).stream()
        .filter(other -> !other.id().equals(item.id()))
        .filter(other -> Integer.valueOf(slot).equals(other.item().slot()))
        .forEach(other -> handling.became(act, other, other.item().withoutSlot()));
  }

  /** Lifts a thing out for somebody; its slot waits for it. */
  void lift(SignedIn who, UUID actId, UUID itemId, UUID to, String person) {
    ledger.perform(
        who,
        actId,
        "lifted-out",
        person.isBlank() ? Map.of() : Map.of("for", person.strip()),
        act -> {
          if (places.place(to).isEmpty()) {
            throw Refused.notThere("place", to);
          }
          StoredItem item = kit.inKit(itemId);
          handling.became(act, item, item.item().liftedOutTo(to, slots.waitingFor(item)));
        });
  }

  /** Lays everything in it in order: lashes from natural to full, by their style. */
  void sort(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "sorted",
        act -> {
          palette(places.tree(), id);
          List<StoredItem> inside = store.itemsIn(List.of(id));
          Map<UUID, Integer> fullness = new HashMap<>();
          Map<UUID, StoredItem> byId = new HashMap<>();
          inside.forEach(
              one -> {
                byId.put(one.id(), one);
                if (one.of().coverage() != null) {
                  fullness.put(one.id(), one.of().coverage().ordinal());
                }
              });
          List<Item> inOrder =
              TrayOrder.naturalToFull(inside.stream().map(StoredItem::item).toList(), fullness);
          for (int i = 0; i < inOrder.size(); i++) {
            lay(act, byId.get(inOrder.get(i).id()), id, i + 1);
          }
        });
  }
}
