package gerula.core.depot.bench;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.depot.Content;
import gerula.core.depot.Contents;
import gerula.core.depot.Texture;
import gerula.core.depot.Thickness;
import gerula.core.depot.bench.Suggestion.SuggestionReason;
import gerula.core.kit.Given;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.item.Preference;
import gerula.core.kit.item.SpoilageReport;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.product.Finish;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.DipPractice;
import gerula.core.rule.HouseRules;
import gerula.core.rule.HouseRulesBuilder;
import gerula.core.rule.Practices;
import gerula.core.rule.PracticesBuilder;
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
        .measures(new Measures(Outline.ROUND, 40, 40, 120, Mass.ofGrams(massG)));
  }

  private static List<Suggestion> suggested(Set<UUID> broken, Item... kit) {
    return Suggestion.of(
        List.of(kit), broken, Set.of(ProductClass.FOUNDATION), TODAY, HouseRules.USUAL);
  }

  private static Set<SuggestionReason> reasons(Item item) {
    return suggested(Set.of(), item).stream().map(Suggestion::reasons).findFirst().orElse(Set.of());
  }

  @Test
  void heavyPacksDipApplicatorsAndWhatIsNeededSoon() {
    assertThat(reasons(base(100).item()))
        .containsExactly(SuggestionReason.HEAVY_PACK, SuggestionReason.NEEDED_SOON);
    assertThat(reasons(base(99).item())).containsExactly(SuggestionReason.NEEDED_SOON);
    assertThat(reasons(base(40).item())).containsExactly(SuggestionReason.NEEDED_SOON);
    assertThat(reasons(base(39).item())).isEmpty();
  }

  @Test
  void aTubeWithItsOwnApplicatorIsWorthItByItselfWhereTheHouseEmptiesThem() {
    Item tube = Given.thing(ProductClass.LIP_GLOSS, Form.LIQUID_DIP_APPLICATOR).item();
    Item broken = Given.thing(ProductClass.LIP_GLOSS, Form.LIQUID_DIP_APPLICATOR).item();
    assertThat(suggested(Set.of(broken.id()), tube, broken))
        .singleElement()
        .satisfies(
            one ->
                assertThat(one.reasons())
                    .containsExactly(
                        SuggestionReason.BROKEN_PACK, SuggestionReason.DIP_APPLICATOR));
    HouseRules empties =
        HouseRulesBuilder.builder(HouseRules.USUAL)
            .practices(
                PracticesBuilder.builder(Practices.USUAL)
                    .dips(DipPractice.INTO_SQUEEZE_BOTTLES)
                    .build())
            .build();
    assertThat(Suggestion.of(List.of(tube), Set.of(), Set.of(), TODAY, empties))
        .singleElement()
        .satisfies(
            one -> assertThat(one.reasons()).containsExactly(SuggestionReason.DIP_APPLICATOR));
  }

  @Test
  void brokenPacksAndTheBackStockOfWhatRunsLow() {
    Item cream = Given.thing(ProductClass.CONCEALER, Form.CREAM).item();
    Item small =
        ItemBuilder.stagedBuilder()
            .id(UUID.randomUUID())
            .product(cream.product())
            .dates(cream.dates())
            .left(Quantity.millilitres(1))
            .isLeftEstimated(false)
            .home(null)
            .now(null)
            .askBackOn(null)
            .clean(cream.clean())
            .forWhom(cream.forWhom())
            .vessel(new Vessel.Decant(Container.SCREW_JAR, Quantity.millilitres(4), null))
            .slot(null)
            .spoilage(null)
            .preference(Preference.NONE)
            .brushSet("")
            .isUsedFirst(false)
            .isDiscarded(false)
            .build();
    Suggestion first = suggested(Set.of(cream.id()), cream, small).getFirst();
    assertThat(first.item()).isEqualTo(cream);
    assertThat(first.reasons())
        .containsExactly(SuggestionReason.BROKEN_PACK, SuggestionReason.DECANT_IS_LOW);
    assertThat(suggested(Set.of(small.id()), small)).isEmpty();
  }

  @Test
  void whatMayNotOrCannotBeDecantedIsNotSuggested() {
    assertThat(reasons(base(200).left(Quantity.millilitres(0)).item())).isEmpty();
    assertThat(
            reasons(
                base(200)
                    .spoilage(new SpoilageReport(TODAY, Set.of(SpoilageReport.Sense.LOOK)))
                    .item()))
        .isEmpty();
    assertThat(reasons(Given.thing(ProductClass.SKIN_ADHESIVE, Form.ADHESIVE).item())).isEmpty();
    Item wands =
        Given.thing(ProductClass.WAND, Form.SINGLE_USE)
            .content(Quantity.pieces(200))
            .measures(new Measures(Outline.FLAT, 90, 90, 90, Mass.ofGrams(300)))
            .item();
    assertThat(reasons(wands)).isEmpty();
  }

  @Test
  void sunscreenStaysInItsPackAsLongAsThatIsWhole() {
    Item sunscreen = base(200).traits(Set.of(Trait.SPF)).item();
    assertThat(reasons(sunscreen)).isEmpty();
    assertThat(suggested(Set.of(sunscreen.id()), sunscreen).getFirst().reasons())
        .containsExactly(SuggestionReason.BROKEN_PACK);
  }

  @Test
  void theMostWorthComesFirst() {
    Item heavy = base(300).item();
    Item heavier = base(400).item();
    Item gloss =
        Given.thing(ProductClass.LIP_GLOSS, Form.LIQUID_PUMP_OR_SQUEEZE)
            .measures(new Measures(Outline.ROUND, 40, 40, 120, Mass.ofGrams(120)))
            .item();
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
    assertThat(Contents.density(Content.usual(Form.LOOSE_POWDER)).gramsPerMl()).isEqualTo(0.5);
    assertThat(Contents.density(Content.usual(Form.CREAM)).gramsPerMl()).isEqualTo(1);
    assertThat(Contents.density(content(ProductClass.ALCOHOL_99, Form.THIN_SPRAY)).gramsPerMl())
        .isEqualTo(0.85);
  }
}
