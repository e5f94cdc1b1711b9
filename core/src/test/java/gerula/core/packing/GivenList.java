package gerula.core.packing;

import gerula.core.booking.Booking;
import gerula.core.booking.Condition;
import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.kit.product.Sensitivity;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/** A kit in a store, a bag with a pouch for the base, and a booking of six days: to be filled. */
abstract class GivenList {

  static final LocalDate TODAY = LocalDate.of(2031, 4, 14);
  final UUID store = UUID.randomUUID();
  final UUID bag = UUID.randomUUID();
  final UUID friend = UUID.randomUUID();
  final UUID basePouch = UUID.randomUUID();
  final List<Item> kit = new ArrayList<>();
  final List<Place> morePlaces = new ArrayList<>();
  Set<UUID> packed = Set.of();
  Set<Condition> conditions = Set.of();
  List<UUID> bags = List.of(bag);
  PlaceKind bagKind = PlaceKind.BACKPACK;
  Choices choices = Choices.NONE;
  HouseRules house = HouseRules.USUAL;
  int days = 6;

  PackingList list(Face... faces) {
    return PackingList.of(facts(faces));
  }

  PackingList.PackingFacts facts(Face... faces) {
    Booking booking =
        new Booking(
            new UUID(0, 9),
            "job",
            null,
            TODAY,
            TODAY.plusDays(days - 1),
            conditions,
            null,
            Arrays.asList(faces));
    List<Place> places =
        new ArrayList<>(
            List.of(
                place(store, null, null, PlaceKind.STORE),
                place(friend, null, null, PlaceKind.LENT),
                place(bag, null, null, bagKind),
                place(basePouch, bag, Section.BASE, PlaceKind.POUCH)));
    places.addAll(morePlaces);
    return new PackingList.PackingFacts(
        booking, kit, new PlaceTree(places), bags, packed, house, choices, Claims.NONE);
  }

  static Place place(UUID id, UUID parent, Section section, PlaceKind kind) {
    return Given.place(kind, "place")
        .id(id)
        .in(parent)
        .weighing(500, Mass.ofGrams(3000))
        .forSection(section)
        .place();
  }

  static Face face(double depth, Set<String> sensitivities, Service... services) {
    return FaceBuilder.builder(
            Face.of(UUID.randomUUID(), "face", depth, SkinType.NORMAL, Set.of(services)))
        .sensitivities(contains(sensitivities.toArray(String[]::new)))
        .build();
  }

  static Set<Sensitivity> contains(String... names) {
    return Arrays.stream(names).map(Sensitivity::new).collect(Collectors.toSet());
  }

  void palette() {
    put(ProductClass.WORKING_PALETTE, Form.METAL_TOOL, Quantity.pieces(1));
    put(ProductClass.SPATULA, Form.METAL_TOOL, Quantity.pieces(1));
  }

  Item base(double depth, double millilitres) {
    return put(
        ProductClass.FOUNDATION, Form.CREAM, Quantity.millilitres(millilitres), Set.of(), depth);
  }

  Item put(ProductClass productClass, Form form, Quantity content) {
    return put(productClass, form, content, Set.of());
  }

  Item put(ProductClass productClass, Form form, Quantity content, Set<Sensitivity> contains) {
    return put(productClass, form, content, contains, null);
  }

  Item put(
      ProductClass productClass,
      Form form,
      Quantity content,
      Set<Sensitivity> contains,
      Double depth) {
    Item item =
        Given.thing(productClass, form)
            .content(content)
            .contains(contains)
            .depth(depth)
            .in(store)
            .item();
    kit.add(item);
    return item;
  }

  static PackingFinding.Gap gap(PackingList list, String need) {
    return list.gaps().stream()
        .filter(gap -> gap.need().code().equals(need))
        .findFirst()
        .orElseThrow();
  }

  static PackingLine line(PackingList list, Item item) {
    return list.lines().stream()
        .filter(line -> line.item().id().equals(item.id()))
        .findFirst()
        .orElseThrow();
  }

  static Item printed(Item item, LocalDate expiry) {
    return ItemBuilder.builder(item)
        .dates(new PackDates(null, null, null, expiry, null))
        .askBackOn(null)
        .slot(null)
        .spoilage(null)
        .isUsedFirst(false)
        .isDiscarded(false)
        .build();
  }
}
