package gerula.core.kit.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class PlaceTreeTest {

  private final UUID store = new UUID(0, 1);
  private final UUID drawer = new UUID(0, 2);
  private final UUID pouch = new UUID(0, 3);
  private final PlaceTree tree =
      new PlaceTree(
          List.of(
              place(pouch, drawer, 1, "pouch"),
              place(store, null, 1, "store"),
              place(new UUID(0, 4), store, 1, "first drawer"),
              place(drawer, store, 2, "drawer")));

  @Test
  void aPathLeadsFromTheOutermostPlaceDown() {
    assertThat(tree.path(pouch))
        .extracting(Place::name)
        .containsExactly("store", "drawer", "pouch");
  }

  @Test
  void neighboursAreToldInOrderOfReach() {
    assertThat(tree.inside(store))
        .extracting(Place::name)
        .containsExactly("first drawer", "drawer");
    assertThat(tree.roots()).extracting(Place::id).containsExactly(store);
  }

  @Test
  void whatLiesInAPlaceLiesInEverythingAroundIt() {
    assertThat(tree.liesIn(pouch, store)).isTrue();
    assertThat(tree.liesIn(store, pouch)).isFalse();
    assertThat(tree.liesIn(null, store)).isFalse();
    assertThat(tree.withAllInside(drawer)).containsExactlyInAnyOrder(drawer, pouch);
  }

  /** On a hook or in a room; of a case its tiers and what is a bag by itself, and no pouches. */
  @Test
  void whatIsPortableCanBeTakenUnlessItIsOnlyAPartOfABag() {
    Place room = kept(PlaceKind.STORE, null);
    Place hung = kept(PlaceKind.SET_BAG, room);
    Place bigCase = kept(PlaceKind.CASE, null);
    Place tier = kept(PlaceKind.TRAY, bigCase);
    Place inTheCase = kept(PlaceKind.POUCH, bigCase);
    Place loosePouch = kept(PlaceKind.POUCH, room);
    Place palette = kept(PlaceKind.PALETTE, null);
    PlaceTree all =
        new PlaceTree(List.of(room, hung, bigCase, tier, inTheCase, loosePouch, palette));
    assertThat(List.of(hung, bigCase, tier, loosePouch)).allMatch(all::canBeTaken);
    assertThat(List.of(room, inTheCase, palette)).noneMatch(all::canBeTaken);
  }

  private static Place kept(PlaceKind kind, @Nullable Place in) {
    UUID parent = in == null ? null : in.id();
    return PlaceBuilder.builder(Place.bare(UUID.randomUUID(), parent, "place", kind, 1))
        .isPortable(kind != PlaceKind.STORE)
        .build();
  }

  @Test
  void aPlaceCannotLieInItself() {
    List<Place> circle = List.of(place(store, pouch, 1, "store"), place(pouch, store, 1, "pouch"));
    assertThatThrownBy(() -> new PlaceTree(circle))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("lies in itself");
  }

  @Test
  void aPlaceCannotLieInOneThatIsNotThere() {
    List<Place> orphan = List.of(place(pouch, store, 1, "pouch"));
    assertThatThrownBy(() -> new PlaceTree(orphan))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("pouch");
  }

  @Test
  void nestingIsBounded() {
    List<Place> deep = new ArrayList<>();
    for (int i = 0; i <= PlaceTree.DEEPEST; i++) {
      deep.add(place(new UUID(1, i), i == 0 ? null : new UUID(1, i - 1), 1, "box " + i));
    }
    assertThat(new PlaceTree(deep.subList(0, PlaceTree.DEEPEST)).roots()).hasSize(1);
    assertThatThrownBy(() -> new PlaceTree(deep)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void oneWalksThroughAPlaceBeforeTheNext() {
    UUID store = new UUID(2, 1);
    UUID drawer = new UUID(2, 2);
    PlaceTree tree =
        new PlaceTree(
            List.of(
                place(new UUID(2, 4), null, 2, "bag"),
                place(new UUID(2, 3), store, 2, "shelf"),
                place(drawer, store, 1, "drawer"),
                place(new UUID(2, 5), drawer, 1, "tray"),
                place(store, null, 1, "store")));
    assertThat(tree.inWalkingOrder())
        .extracting(Place::name)
        .containsExactly("store", "drawer", "tray", "shelf", "bag");
    assertThat(tree.outermost(new UUID(2, 5))).contains(tree.find(store).orElseThrow());
  }

  @Test
  void whatLiesInALentBagIsLentToo() {
    UUID odile = new UUID(3, 1);
    UUID bag = new UUID(3, 2);
    PlaceTree tree =
        new PlaceTree(
            List.of(
                Place.bare(odile, null, "Odile", PlaceKind.LENT, 1),
                Place.bare(bag, odile, "bag", PlaceKind.SET_BAG, 1),
                Place.bare(new UUID(3, 3), null, "store", PlaceKind.STORE, 1)));
    assertThat(tree.isElsewhere(bag)).isTrue();
    assertThat(tree.elsewhere(bag)).map(Place::name).contains("Odile");
    assertThat(tree.isElsewhere(new UUID(3, 3))).isFalse();
    assertThat(tree.isElsewhere(null)).isTrue();
  }

  private static Place place(UUID id, @Nullable UUID parent, int reach, String name) {
    return Place.bare(id, parent, name, PlaceKind.DRAWER, reach);
  }
}
