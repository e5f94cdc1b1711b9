package gerula.core.kit.item;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.code.ShortCode;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Spelling;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What a thing or a place may be asked, and the bounds of its measures. */
class ItemKindsTest {

  private static Given.Thing base() {
    return Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE);
  }

  @Test
  void whatIsPouredCanBeDecantedWhileThereIsSomeOfIt() {
    assertThat(base().item().isDecantable()).isTrue();
    assertThat(base().left(Quantity.millilitres(0)).item().isDecantable()).isFalse();
    assertThat(base().discarded(true).item().isDecantable()).isFalse();
    assertThat(
            Given.thing(ProductClass.WAND, Form.SINGLE_USE)
                .content(Quantity.pieces(50))
                .item()
                .isDecantable())
        .isFalse();
  }

  @Test
  void sealedIsWhatNobodyOpenedAndOpeningWouldAge() {
    assertThat(base().item().isSealed()).isTrue();
    LocalDate day = LocalDate.of(2031, 4, 14);
    assertThat(base().dates(PackDates.UNKNOWN.openedOn(day)).item().isSealed()).isFalse();
    Given.Thing tweezers = Given.thing(ProductClass.TWEEZERS, Form.METAL_TOOL);
    assertThat(tweezers.item().isSealed()).isFalse();
    PackDates printed = new PackDates(null, null, null, null, 6);
    assertThat(tweezers.dates(printed).item().isSealed()).isTrue();
  }

  @Test
  void measuresAreEstimatedUntilARulerWasThere() {
    Measures own = new Measures(Outline.ROUND, 20, 20, 50, Mass.ofGrams(30));
    assertThat(base().item().isEstimated()).isTrue();
    assertThat(base().measures(own).item().isEstimated()).isFalse();
    Quantity ten = Quantity.millilitres(10);
    Vessel unmeasured = new Vessel.Decant(Container.SCREW_JAR, ten, null);
    Vessel measured = new Vessel.Decant(Container.SCREW_JAR, ten, own);
    // What counts is what it is in now.
    assertThat(base().measures(own).vessel(unmeasured).item().isEstimated()).isTrue();
    assertThat(base().vessel(measured).item().isEstimated()).isFalse();
  }

  @Test
  void whatIsPutAwayElsewhereForGoodBelongsThere() {
    UUID drawer = UUID.randomUUID();
    Item settled = base().in(UUID.randomUUID()).slot(3).item().settledAt(drawer);
    assertThat(settled.home()).isEqualTo(drawer);
    assertThat(settled.now()).isEqualTo(drawer);
    assertThat(settled.slot()).isNull();
  }

  @Test
  void pansGoIntoSlotsButNotIntoThoseOfABelt() {
    Inside.Slots slots = new Inside.Slots(6, null, null, null);
    assertThat(Given.place(PlaceKind.PALETTE, "p").slots(slots).place().takesPans()).isTrue();
    assertThat(Given.place(PlaceKind.BELT, "b").slots(slots).place().takesPans()).isFalse();
    assertThat(Given.place(PlaceKind.DRAWER, "d").place().takesPans()).isFalse();
    Place bare = Place.bare(UUID.randomUUID(), null, "shelf", PlaceKind.SHELF, 4);
    assertThat(bare.takesPans()).isFalse();
    assertThat(bare.isPortable()).isFalse();
  }

  @Test
  void lengthsKeepToTheirBounds() {
    for (int wrong : new int[] {0, 3001}) {
      assertThatThrownBy(() -> measures(wrong, 1, 1)).hasMessageContaining("width");
      assertThatThrownBy(() -> measures(1, wrong, 1)).hasMessageContaining("depth");
      assertThatThrownBy(() -> measures(1, 1, wrong)).hasMessageContaining("height");
    }
    assertThat(measures(1, 3000, 1).depthMm()).isEqualTo(3000);
    for (Integer wrong : List.of(0, 10_001)) {
      assertThatThrownBy(() -> inside(wrong, 1, 1, null)).hasMessageContaining("inner width");
      assertThatThrownBy(() -> inside(1, wrong, 1, null)).hasMessageContaining("inner depth");
      assertThatThrownBy(() -> inside(1, 1, wrong, null)).hasMessageContaining("inner height");
      assertThatThrownBy(() -> new Inside.Slots(1, wrong, 1, 1)).hasMessageContaining("width");
      assertThatThrownBy(() -> new Inside.Slots(1, 1, wrong, 1)).hasMessageContaining("depth");
      assertThatThrownBy(() -> new Inside.Slots(1, 1, 1, wrong)).hasMessageContaining("height");
    }
    for (int wrong : new int[] {0, 501}) {
      assertThatThrownBy(() -> new Inside.Slots(wrong, 1, 1, 1)).hasMessageContaining("1 to 500");
    }
    Inside.Slots most = new Inside.Slots(500, 1, 10_000, 7);
    assertThat(inside(1, 10_000, 9, most).clearHeightMm()).isEqualTo(7);
    assertThat(inside(1, 1, 9, new Inside.Slots(1, 1, 1, null)).clearHeightMm()).isEqualTo(9);
  }

  private static Measures measures(int width, int depth, int height) {
    return new Measures(Outline.FLAT, width, depth, height, Mass.NONE);
  }

  private static Inside inside(Integer width, Integer depth, Integer height, Inside.Slots slots) {
    return new Inside(width, depth, height, slots, false);
  }

  @Test
  void codesAreReadHoweverTheyAreSpacedAndStandInTheirOrder() {
    ShortCode code = ShortCode.ofPlace(new java.util.Random(5));
    assertThat(ShortCode.looksLike(code.spaced().toLowerCase(java.util.Locale.ROOT))).isTrue();
    assertThat(ShortCode.looksLike("33333")).isFalse();
    // 3 is the first character of the alphabet, 0 is none of it.
    assertThat(ShortCode.looksLike("333333")).isTrue();
    assertThat(ShortCode.looksLike("033333")).isFalse();
    assertThat(code).hasToString(code.text());
    assertThat(new ShortCode("333333")).isLessThan(ShortCode.ofPlace(new java.util.Random(5)));
    assertThatThrownBy(() -> new ShortCode("333330")).hasMessageContaining("six of the characters");
  }

  @Test
  void aWordIsMeantOneSlipAway() {
    List<String> known = List.of("mascara", "mascaras", "primer", "cream");
    assertThat(Spelling.meant("masc", known)).contains("masc");
    assertThat(Spelling.meant("mascra", known)).contains("mascara");
    // Of two the one as long as what was typed.
    assertThat(Spelling.meant("pat", List.of("past", "cat", "pest"))).contains("cat");
    assertThat(Spelling.meant("craem", known)).contains("cream");
    assertThat(Spelling.meant("zzz", known)).isEmpty();
    assertThat(Spelling.isOneSlip("ab", "ba", 2)).isTrue();
    assertThat(Spelling.isOneSlip("abc", "abd", 4)).isFalse();
    assertThat(Spelling.isOneSlip("abcd", "abcd", 9)).isTrue();
    assertThat(Spelling.isOneSlip("abcd", "badc", 2)).isFalse();
    assertThat(Spelling.isOneSlip("abcd", "abcde", 2)).isTrue();
    assertThat(Spelling.isOneSlip("abcd", "abcdef", 2)).isFalse();
  }
}
