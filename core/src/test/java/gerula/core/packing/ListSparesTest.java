package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Face;
import gerula.core.booking.NeedCode;
import gerula.core.booking.Service;
import gerula.core.kit.Given;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Roles;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Seconds of what the job would stop without, and what goes along by the artist's own word. */
class ListSparesTest extends GivenList {

  ListSparesTest() {
    days = 1;
  }

  @Test
  void ofWhatTheJobWouldStopWithoutASecondComesAlongOrIsTold() {
    Face face = face(5, Set.of(), Service.LASHES);
    Item first = adhesive(1);
    NeedCode need = NeedCode.of(ProductClass.LASH_ADHESIVE);
    assertThat(list(face).findings()).contains(new PackingFinding.OnlyOneThere(first.id(), need));
    Item second = adhesive(2);
    adhesive(3);
    PackingList list = list(face);
    assertThat(line(list, second).reasons()).containsExactly(new TakenReason.Spare(first.id()));
    assertThat(list.lines())
        .filteredOn(line -> line.item().product().productClass() == ProductClass.LASH_ADHESIVE)
        .hasSize(2);
    assertThat(list.findings()).noneMatch(PackingFinding.OnlyOneThere.class::isInstance);
  }

  /** The lighter the better liked: by their numbers. */
  private Item adhesive(int number) {
    Item item =
        Given.thing(ProductClass.LASH_ADHESIVE, Form.ADHESIVE)
            .called("Adhesive " + number, "")
            .content(Quantity.millilitres(5))
            .in(store)
            .item();
    kit.add(item);
    return item;
  }

  @Test
  void whatIsAddedComesThoughNothingAsksForItAndWhatIsPinnedBeforeOthers() {
    Face face = face(5, Set.of(), Service.POWDER);
    Item liner = put(ProductClass.GEL_LINER, Form.CREAM, Quantity.millilitres(3));
    Item powder = put(ProductClass.FACE_POWDER, Form.PRESSED_POWDER, new Quantity(9000, Unit.G));
    Item other = put(ProductClass.FACE_POWDER, Form.PRESSED_POWDER, new Quantity(9000, Unit.G));
    for (Item pinned : List.of(powder, other)) {
      choices = Choices.NONE.adding(liner.id()).pinning(pinned.id());
      PackingList list = list(face);
      assertThat(line(list, liner).reasons()).containsExactly(new TakenReason.Added());
      assertThat(line(list, pinned).reasons()).contains(new TakenReason.Pinned());
      assertThat(list.lines())
          .filteredOn(line -> line.item().product().productClass() == ProductClass.FACE_POWDER)
          .hasSize(1);
    }
    choices = Choices.NONE;
    packed = Set.of(liner.id());
    assertThat(line(list(face), liner).reasons()).containsExactly(new TakenReason.AlreadyPacked());
  }

  /** Two there must be; as many as there are faces, if they are clean. */
  @Test
  void asManySetsOfBrushesComeAsAreOfUse() {
    Face[] three =
        IntStream.range(0, 3).mapToObj(_ -> face(5, Set.of(), Service.POWDER)).toArray(Face[]::new);
    List<Item> sets = IntStream.range(0, 4).mapToObj(_ -> brushes()).toList();
    assertThat(setsOn(list(three))).isEqualTo(3);
    // Two are clean: they are enough, and what is used is washed only where it has to be.
    used(sets.get(0));
    used(sets.get(1));
    assertThat(setsOn(list(three))).isEqualTo(2);
    used(sets.get(2));
    assertThat(setsOn(list(three))).isEqualTo(2);
    assertThat(list(three).findings())
        .filteredOn(PackingFinding.CleanFirst.class::isInstance)
        .first()
        .extracting(finding -> ((PackingFinding.CleanFirst) finding).readyAfterMinutes())
        .as("brushes lie flat overnight")
        .isEqualTo(480);
  }

  private Item brushes() {
    return put(ProductClass.BRUSH_SET, Form.BRUSH_SYNTHETIC, Quantity.pieces(1));
  }

  private void used(Item set) {
    Item now =
        ItemBuilder.builder(set)
            .clean(gerula.core.kit.item.CleanState.told(Cleanliness.USED))
            .build();
    kit.set(kit.indexOf(set), now);
  }

  private static long setsOn(PackingList list) {
    return list.lines().stream()
        .filter(line -> line.item().product().productClass() == ProductClass.BRUSH_SET)
        .count();
  }

  /** Enough for the day, and nothing of the reserve. */
  @Test
  void whatIsTakenToItsVeryEndIsTold() {
    Face face = face(5, Set.of(), Service.POWDER);
    Item powder = put(ProductClass.FACE_POWDER, Form.PRESSED_POWDER, new Quantity(300, Unit.G));
    NeedCode need = NeedCode.of(ProductClass.FACE_POWDER);
    assertThat(list(face).findings()).contains(new PackingFinding.LastOfIt(powder.id(), need));
    kit.set(0, ItemBuilder.builder(powder).left(new Quantity(299, Unit.G)).build());
    assertThat(gap(list(face), "face-powder").shortThousandths()).isEqualTo(1);
  }

  @Test
  void whatAColourIsForIsToldWithHowItIsKnown() {
    Item told =
        Given.thing(ProductClass.EYE_SHADOW, Form.PRESSED_POWDER)
            .called("Told", "")
            .content(new Quantity(4000, Unit.G))
            .roles(Role.EYES_SHIMMER)
            .in(store)
            .item();
    Item named =
        Given.thing(ProductClass.EYE_SHADOW, Form.PRESSED_POWDER)
            .called("Plain", "matte light")
            .content(new Quantity(4000, Unit.G))
            .in(store)
            .item();
    kit.addAll(List.of(told, named));
    PackingList list = list(face(5, Set.of(), Service.EYES));
    assertThat(line(list, told).reasons())
        .contains(new TakenReason.ServesRole(Role.EYES_SHIMMER, Roles.Source.TOLD));
    assertThat(line(list, named).reasons())
        .contains(new TakenReason.ServesRole(Role.EYES_MATTE_LIGHT, Roles.Source.WORDS));
    assertThat(list.findings())
        .contains(
            new PackingFinding.RoleGuessed(
                named.id(), new TreeSet<>(Set.of(Role.EYES_MATTE_LIGHT))))
        .filteredOn(PackingFinding.RoleGuessed.class::isInstance)
        .hasSize(1);
  }
}
