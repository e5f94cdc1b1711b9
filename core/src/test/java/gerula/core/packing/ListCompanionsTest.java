package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Face;
import gerula.core.booking.Service;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What comes along with what is on the list, and what is missing beside it. */
class ListCompanionsTest extends GivenList {

  /** What is missing beside it is a gap of its own; the pencil stays on the list. */
  @Test
  void aPencilWithoutASharpenerStaysAndTheSharpenerIsAGap() {
    Item pencil =
        Given.thing(ProductClass.EYE_PENCIL, Form.SHARPENABLE_PENCIL)
            .called("Pencil", "black")
            .content(Quantity.millilitres(1))
            .in(store)
            .item();
    kit.add(pencil);
    Face face = face(5, Set.of(), Service.LINER);
    PackingList without = list(face);
    assertThat(line(without, pencil).faces()).containsExactly(face.id());
    assertThat(without.gaps()).noneMatch(gap -> gap.need().code().equals("liner:black"));
    assertThat(gap(without, "sharpener").blocks()).containsExactly(pencil.id());
    Item sharpener = put(ProductClass.SHARPENER, Form.SHARPENER, Quantity.pieces(1));
    PackingList list = list(face);
    assertThat(line(list, sharpener).reasons()).contains(new TakenReason.CompanionOf(pencil.id()));
    assertThat(list.gaps()).noneMatch(gap -> gap.need().code().equals("sharpener"));
    // The sharpener is needed wherever there is liner, and the pencil is of use again.
    assertThat(list.unmet()).isEqualTo(without.unmet() - 2);
  }

  /** Of two that would do, one is complete: that one is taken, though the other is lighter. */
  @Test
  void whatHasAllItNeedsBesideItComesFirst() {
    Item pencil =
        Given.thing(ProductClass.EYE_PENCIL, Form.SHARPENABLE_PENCIL)
            .called("Pencil", "black")
            .content(Quantity.millilitres(1))
            .in(store)
            .item();
    Item twist =
        Given.thing(ProductClass.EYE_PENCIL, Form.TWIST_UP_PENCIL)
            .called("Twist", "black")
            .content(Quantity.millilitres(3))
            .in(store)
            .item();
    kit.add(pencil);
    kit.add(twist);
    assertThat(list(face(5, Set.of(), Service.LINER)).lines())
        .extracting(PackingLine::item)
        .contains(twist)
        .doesNotContain(pencil);
  }

  @Test
  void aCompanionOfACompanionComesAlongForEveryFaceThatUsesIt() {
    Item brushes = put(ProductClass.BRUSH_SET, Form.BRUSH_SYNTHETIC, Quantity.pieces(1));
    Item clean = put(ProductClass.CLEAN_HOLDER, Form.OTHER, Quantity.pieces(1));
    Item dirty = put(ProductClass.DIRTY_HOLDER, Form.OTHER, Quantity.pieces(1));
    Item lashes =
        Given.thing(ProductClass.STRIP_LASHES, Form.LASHES)
            .content(Quantity.pieces(20))
            .roles(Role.LASHES_NATURAL, Role.LASHES_FULL)
            .in(store)
            .item();
    kit.add(lashes);
    put(ProductClass.LASH_ADHESIVE, Form.ADHESIVE, Quantity.millilitres(5));
    Item tweezers = put(ProductClass.TWEEZERS, Form.METAL_TOOL, Quantity.pieces(1));
    Item scissors = put(ProductClass.SCISSORS, Form.METAL_TOOL, Quantity.pieces(1));
    Face one = face(5, Set.of(), Service.LASHES, Service.POWDER);
    Face two = face(6, Set.of(), Service.LASHES, Service.POWDER);
    PackingList list = list(one, two);
    assertThat(line(list, tweezers).faces()).containsExactly(one.id(), two.id());
    assertThat(line(list, scissors).reasons()).contains(new TakenReason.CompanionOf(lashes.id()));
    // A pair a day and face, and one spare for all.
    assertThat(line(list, lashes).thousandths()).isEqualTo(13_000);
    assertThat(line(list(one), lashes).thousandths()).isEqualTo(7_000);
    for (Item holder : List.of(clean, dirty)) {
      assertThat(line(list, holder).reasons()).contains(new TakenReason.CompanionOf(brushes.id()));
      assertThat(line(list, holder).faces()).isEqualTo(line(list, brushes).faces());
    }
  }

  /** A set may be made of single brushes; with too few kinds it is none. */
  @Test
  void singleBrushesOfOneNameAreASet() {
    List<ProductClass> kinds =
        List.of(
            ProductClass.POWDER_BRUSH,
            ProductClass.BASE_BRUSH,
            ProductClass.EYE_BRUSH,
            ProductClass.LIP_BRUSH);
    List<Item> brushes = new ArrayList<>();
    for (ProductClass kind : kinds) {
      Item brush =
          Given.thing(kind, Form.BRUSH_SYNTHETIC)
              .content(Quantity.pieces(1))
              .ofSet("A")
              .in(store)
              .item();
      kit.add(brush);
      brushes.add(brush);
    }
    put(ProductClass.BRUSH_SET, Form.BRUSH_SYNTHETIC, Quantity.pieces(1));
    Face face = face(5, Set.of(), Service.POWDER);
    PackingList list = list(face);
    assertThat(list.gaps()).noneMatch(gap -> gap.need().code().equals("brush-set"));
    for (Item brush : brushes) {
      assertThat(line(list, brush).reasons()).contains(new TakenReason.OfSet("A"));
    }
    kit.remove(brushes.getFirst());
    assertThat(gap(list(face), "brush-set").shortThousandths()).isNull();
  }
}
