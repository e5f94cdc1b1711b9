package gerula.core.depot;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.depot.Suggestion.Why;
import gerula.core.kit.Changed;
import gerula.core.kit.Container;
import gerula.core.kit.Finish;
import gerula.core.kit.Form;
import gerula.core.kit.Given;
import gerula.core.kit.Item;
import gerula.core.kit.Measures;
import gerula.core.kit.Outline;
import gerula.core.kit.Product;
import gerula.core.kit.ProductClass;
import gerula.core.kit.Trait;
import gerula.core.kit.Vessel;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Limits of mass, strengths and densities: from memory. */
class SuggestionTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);

  private static Given.Thing base(int massG) {
    return Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE)
        .measures(new Measures(Outline.ROUND, 40, 40, 120, new Mass(massG)));
  }

  private static List<Suggestion> suggested(Set<UUID> broken, Item... kit) {
    return Suggestion.of(
        List.of(kit), broken, Set.of(ProductClass.FOUNDATION), TODAY, HouseRules.USUAL);
  }

  private static Set<Why> why(Item item) {
    return suggested(Set.of(), item).stream().map(Suggestion::why).findFirst().orElse(Set.of());
  }

  @Test
  void heavyPacksDipApplicatorsAndWhatIsNeededSoon() {
    assertThat(why(base(100).item())).containsExactly(Why.HEAVY_PACK, Why.NEEDED_SOON);
    assertThat(why(base(99).item())).containsExactly(Why.NEEDED_SOON);
    assertThat(why(base(40).item())).containsExactly(Why.NEEDED_SOON);
    assertThat(why(base(39).item())).isEmpty();
    assertThat(why(Given.thing(ProductClass.LIP_GLOSS, Form.LIQUID_DIP_APPLICATOR).item()))
        .containsExactly(Why.DIP_APPLICATOR);
  }

  @Test
  void brokenPacksAndTheBackStockOfWhatRunsLow() {
    Item cream = Given.thing(ProductClass.CONCEALER, Form.CREAM).item();
    Item small =
        new Item(
            UUID.randomUUID(),
            cream.product(),
            cream.dates(),
            Quantity.millilitres(1),
            null,
            null,
            null,
            cream.clean(),
            cream.forWhom(),
            new Vessel.Decant(Container.SCREW_JAR, Quantity.millilitres(4), null),
            null,
            null,
            false,
            false);
    Suggestion first = suggested(Set.of(cream.id()), cream, small).getFirst();
    assertThat(first.item()).isEqualTo(cream);
    assertThat(first.why()).containsExactly(Why.BROKEN_PACK, Why.DECANT_IS_LOW);
    assertThat(suggested(Set.of(small.id()), small)).isEmpty();
  }

  @Test
  void whatMayNotOrCannotBeDecantedIsNotSuggested() {
    assertThat(why(base(200).left(Quantity.millilitres(0)).item())).isEmpty();
    assertThat(why(base(200).changed(new Changed(TODAY, Set.of(Changed.Sense.LOOK))).item()))
        .isEmpty();
    assertThat(why(Given.thing(ProductClass.SKIN_ADHESIVE, Form.ADHESIVE).item())).isEmpty();
    Item wands =
        Given.thing(ProductClass.WAND, Form.SINGLE_USE)
            .content(Quantity.pieces(200))
            .measures(new Measures(Outline.FLAT, 90, 90, 90, new Mass(300)))
            .item();
    assertThat(why(wands)).isEmpty();
  }

  @Test
  void sunscreenStaysInItsPackAsLongAsThatIsWhole() {
    Item sunscreen = base(200).traits(Set.of(Trait.SPF)).item();
    assertThat(why(sunscreen)).isEmpty();
    assertThat(suggested(Set.of(sunscreen.id()), sunscreen).getFirst().why())
        .containsExactly(Why.BROKEN_PACK);
  }

  @Test
  void theMostWorthComesFirst() {
    Item heavy = base(300).item();
    Item heavier = base(400).item();
    Item gloss = Given.thing(ProductClass.LIP_GLOSS, Form.LIQUID_DIP_APPLICATOR).item();
    assertThat(suggested(Set.of(), gloss, heavy, heavier))
        .extracting(Suggestion::item)
        .containsExactly(heavier, heavy, gloss);
  }

  private static Content content(ProductClass what, Form form) {
    return Contents.of(Given.thing(what, form).product(), null);
  }

  @Test
  void aProductIsKnownAsContentByWhatItIsFor() {
    assertThat(content(ProductClass.ALCOHOL_99, Form.THIN_SPRAY).alcoholPercent()).isEqualTo(99);
    assertThat(content(ProductClass.ALCOHOL_70, Form.THIN_SPRAY).alcoholPercent()).isEqualTo(70);
    assertThat(content(ProductClass.BRUSH_CLEANER, Form.LIQUID_PUMP_OR_SQUEEZE).isSolvent())
        .isTrue();
    assertThat(content(ProductClass.EYE_DROPS, Form.LIQUID_PUMP_OR_SQUEEZE).isSterile()).isTrue();
    assertThat(content(ProductClass.GEL_LINER, Form.CREAM).texture()).isEqualTo(Texture.SETTING);
    assertThat(content(ProductClass.TONER, Form.LIQUID_PUMP_OR_SQUEEZE).thickness())
        .isEqualTo(Thickness.THIN);
    assertThat(content(ProductClass.BODY, Form.LIQUID_PUMP_OR_SQUEEZE).thickness())
        .isEqualTo(Thickness.THICK);
    assertThat(content(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE).thickness())
        .isEqualTo(Thickness.MEDIUM);
    Product spf = Given.thing(ProductClass.PRIMER, Form.CREAM).traits(Set.of(Trait.SPF)).product();
    assertThat(Contents.of(spf, Finish.GLITTER).isSunscreen()).isTrue();
    assertThat(Contents.of(spf, Finish.GLITTER).hasGlitter()).isTrue();
    assertThat(Contents.of(spf, null).hasGlitter()).isFalse();
    assertThat(content(ProductClass.SUNSCREEN, Form.CREAM).isSunscreen()).isTrue();
  }

  @Test
  void densitiesTurnMassIntoVolume() {
    assertThat(Contents.densityGPerMl(Content.usual(Form.LOOSE_POWDER))).isEqualTo(0.5);
    assertThat(Contents.densityGPerMl(Content.usual(Form.CREAM))).isEqualTo(1);
    assertThat(Contents.densityGPerMl(content(ProductClass.ALCOHOL_99, Form.THIN_SPRAY)))
        .isEqualTo(0.85);
  }
}
