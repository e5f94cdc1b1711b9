package gerula.core.depot.empties;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.depot.Content;
import gerula.core.depot.Thickness;
import gerula.core.depot.palette.TrayOrder;
import gerula.core.kit.Given;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Mass;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TrayAndEmptiesTest {

  private static Item lashes(String style) {
    return Given.thing(ProductClass.STRIP_LASHES, Form.LASHES).called("lashes", style).item();
  }

  @Test
  void lashesLieFromNaturalToFull() {
    Item full = lashes("F 3");
    Item natural = lashes("N 2");
    Item alsoNatural = lashes("N 1");
    Item unknown = lashes("A 1");
    assertThat(
            TrayOrder.naturalToFull(
                List.of(unknown, full, natural, alsoNatural),
                Map.of(full.id(), 3, natural.id(), 0, alsoNatural.id(), 0)))
        .containsExactly(alsoNatural, natural, full, unknown);
  }

  /** The table of usual containers; weights and outer measures are estimates. */
  @ParameterizedTest
  @EnumSource(Container.class)
  void everyContainerHasItsUsualSizes(Container container) {
    List<UsualEmpties.EmptyKind> kinds =
        UsualEmpties.all().stream().filter(kind -> kind.container() == container).toList();
    assertThat(kinds).isNotEmpty();
    for (UsualEmpties.EmptyKind kind : kinds) {
      assertThat(kind.tare()).isGreaterThan(Mass.NONE);
      double outerMl =
          kind.outer().widthMm() * kind.outer().depthMm() * kind.outer().heightMm() / 1000.0;
      assertThat(outerMl).isGreaterThan(kind.size().ml());
    }
    assertThat(kinds).extracting(UsualEmpties.EmptyKind::size).isSorted();
  }

  @Test
  void strongAlcoholFindsAUsualContainerAndAcrylicIsNoneOfThem() {
    Content strong =
        new Content(Form.THIN_SPRAY, Thickness.THIN, false, false, false, false, false, 99.0);
    List<UsualEmpties.EmptyKind> suited =
        UsualEmpties.all().stream()
            .filter(
                kind ->
                    ContainerFit.of(strong, kind.container(), kind.material()).verdict()
                        != FitReason.Verdict.NO)
            .toList();
    assertThat(suited).isNotEmpty();
    assertThat(suited)
        .extracting(UsualEmpties.EmptyKind::material)
        .doesNotContain(Material.ACRYLIC);
  }
}
