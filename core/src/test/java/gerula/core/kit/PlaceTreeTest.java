package gerula.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.quantity.Mass;
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

  private static Place place(UUID id, @Nullable UUID parent, int reach, String name) {
    return new Place(
        id, parent, name, PlaceKind.DRAWER, false, reach, null, null, null, Mass.NONE, null, null);
  }
}
