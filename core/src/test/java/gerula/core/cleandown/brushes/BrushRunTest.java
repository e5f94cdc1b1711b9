package gerula.core.cleandown.brushes;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.Given;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductBuilder;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class BrushRunTest {

  private static final LocalDate DAY = LocalDate.of(2031, 4, 17);

  @Test
  void wholeSetsAndSinglesOfOneNameAreSets() {
    Item whole = brush(ProductClass.BRUSH_SET, "");
    Item one = brush(ProductClass.EYE_BRUSH, "night");
    Item other = brush(ProductClass.LIP_BRUSH, "night");
    Item loose = brush(ProductClass.LIP_BRUSH, "");
    Item powder =
        Given.thing(ProductClass.FACE_POWDER, Form.PRESSED_POWDER).in(UUID.randomUUID()).item();
    assertThat(BrushRun.sets(List.of(whole, one, other, loose, powder)))
        .containsExactly(
            new BrushSet(whole.id().toString(), BrushRun.USUAL_BRUSHES, false),
            new BrushSet("night", 2, false));
  }

  @Test
  void aSetHasTheBrushesItWasSaidToHaveAndIsDenseWhereOneOfThemIs() {
    Item seven =
        ItemBuilder.builder(brush(ProductClass.BRUSH_SET, ""))
            .product(
                ProductBuilder.builder(
                        Given.thing(ProductClass.BRUSH_SET, Form.BRUSH_SYNTHETIC).product())
                    .brushes(7)
                    .build())
            .build();
    Item dense =
        ItemBuilder.builder(brush(ProductClass.POWDER_BRUSH, "night"))
            .product(
                Given.thing(ProductClass.POWDER_BRUSH, Form.BRUSH_NATURAL)
                    .traits(Set.of(Trait.DENSE))
                    .product())
            .build();
    assertThat(BrushRun.sets(List.of(seven, dense, brush(ProductClass.LIP_BRUSH, "night"))))
        .containsExactly(
            new BrushSet(seven.id().toString(), 7, false), new BrushSet("night", 2, true));
  }

  @Test
  void theNextSetIsCleanSharedAndFirstByItsName() {
    Item later = named("B");
    Item first = named("A");
    Item used = ItemBuilder.builder(named("0")).clean(CleanState.told(Cleanliness.USED)).build();
    Item hers = named("1").keptFor(new ForWhom.Only(Given.person("Isaura")));
    Item single = brush(ProductClass.LIP_BRUSH, "");
    List<Item> kit = List.of(later, used, hers, single, first);
    assertThat(BrushRun.nextSet(kit)).contains(first);
    assertThat(BrushRun.nextSet(List.of(used, hers, single))).isEmpty();
  }

  private static Item named(String name) {
    return Given.thing(ProductClass.BRUSH_SET, Form.BRUSH_SYNTHETIC)
        .called(name, "")
        .in(UUID.randomUUID())
        .item();
  }

  @Test
  void whatNobodySaidOfADayIsAsUsual() {
    BrushDay bare = BrushRun.day(DAY, null, null, 3);
    assertThat(bare.call()).isEqualTo(LocalTime.of(8, 0));
    assertThat(bare.ends()).isEqualTo(DAY.atTime(18, 0));
    BrushDay late = BrushRun.day(DAY, LocalTime.of(17, 30), null, 300);
    assertThat(late.ends()).isEqualTo(DAY.plusDays(1).atTime(3, 30));
    assertThat(late.faces()).isEqualTo(100);
    assertThat(BrushRun.day(DAY, null, LocalTime.of(20, 0), 1).ends()).isEqualTo(DAY.atTime(20, 0));
  }

  private static Item brush(ProductClass productClass, String set) {
    return ItemBuilder.builder(
            Given.thing(productClass, Form.BRUSH_SYNTHETIC).in(UUID.randomUUID()).item())
        .brushSet(set)
        .build();
  }
}
