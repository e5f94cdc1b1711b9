package gerula.core.depot.bench;

import static gerula.core.depot.Bench.ml;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gerula.core.dates.PackDates;
import gerula.core.depot.Contents;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Density;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class ItemPackTest {

  private static Quantity grams(String amount) {
    return Quantity.of(new BigDecimal(amount), Unit.G);
  }

  @Test
  void aLoosePowdersGramsTakeTwiceTheRoom() {
    Item powder =
        Given.thing(ProductClass.FACE_POWDER, Form.LOOSE_POWDER)
            .content(grams("20"))
            .left(grams("10"))
            .measures(new Measures(Outline.ROUND, 60, 60, 40, Mass.ofGrams(70)))
            .dates(new PackDates(null, null, LocalDate.of(2031, 1, 1), null, null))
            .item();
    ItemPack bench = new ItemPack(powder, Contents.of(powder.product(), null));
    Pack pack = bench.pack(UseRate.told(grams("1")), HouseRules.USUAL);
    assertThat(pack.left()).isEqualTo(ml(20));
    assertThat(pack.usePerMonth()).isEqualTo(ml(2));
    assertThat(pack.density()).isEqualTo(new Density(0.5));
    // 70 g full, 60 g with half of it gone; less the 10 g that are left.
    assertThat(pack.tare()).isEqualTo(Mass.ofGrams(50));
    assertThat(pack.outer().ml()).isCloseTo(Math.PI / 4 * 6 * 6 * 4, within(1e-6));
    assertThat(pack.useBy()).isEqualTo(LocalDate.of(2033, 1, 1));
    assertThat(bench.amount(ml(6))).isEqualTo(grams("3"));
    assertThat(bench.amount(ml(50))).isEqualTo(grams("10"));
  }

  @Test
  void liquidsAreToldInMillilitresAsTheyAre() {
    Item base = Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE).item();
    ItemPack bench = new ItemPack(base, Contents.of(base.product(), null));
    assertThat(bench.volume(Quantity.millilitres(4))).isEqualTo(ml(4));
    assertThat(bench.amount(ml(4.25))).isEqualTo(Quantity.millilitres(4.25));
  }

  @Test
  void piecesAreNotPoured() {
    Item lashes =
        Given.thing(ProductClass.STRIP_LASHES, Form.LASHES).content(Quantity.pieces(2)).item();
    assertThatThrownBy(() -> new ItemPack(lashes, Contents.of(lashes.product(), null)))
        .hasMessageContaining("pieces");
  }
}
