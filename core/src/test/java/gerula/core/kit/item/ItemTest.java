package gerula.core.kit.item;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.booking.UsualAmounts;
import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.PersonRef;
import gerula.core.kit.place.Inside;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ItemTest {

  private static final Instant NOW = Instant.parse("2031-04-14T10:00:00Z");

  private static final UUID HERE = new UUID(0, 1);
  private static final UUID THERE = new UUID(0, 2);

  @Test
  void amountsAreToldInTheUnitOfTheProduct() {
    Given.Thing primer = Given.thing(ProductClass.PRIMER, Form.CREAM);
    assertThatThrownBy(() -> primer.left(Quantity.pieces(1)).item())
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContainingAll("ml", "piece");
    Vessel wrong = new Vessel.Decant(Container.SCREW_JAR, Quantity.pieces(1), null);
    assertThatThrownBy(() -> primer.left(Quantity.millilitres(1)).vessel(wrong).item())
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Vessel.Decant(Container.SCREW_JAR, Quantity.millilitres(0), null))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("more than nothing");
  }

  @Test
  void whoeverMovesAThingHasGotItBack() {
    Item lent =
        Given.thing(ProductClass.PRIMER, Form.CREAM)
            .in(HERE)
            .now(THERE)
            .askBackOn(LocalDate.of(2031, 5, 1))
            .item();
    Item back = lent.movedTo(HERE);
    assertThat(back.now()).isEqualTo(HERE);
    assertThat(back.askBackOn()).isNull();
    assertThat(back.home()).isEqualTo(HERE);
    assertThat(back.id()).isEqualTo(lent.id());
  }

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);

  private static Given.Thing powder() {
    return Given.thing(ProductClass.FACE_POWDER, Form.PRESSED_POWDER)
        .content(Quantity.millilitres(30))
        .left(Quantity.millilitres(12));
  }

  @Test
  void aLentThingIsAskedBackAndAPanHasItsSlot() {
    Item lent = powder().in(HERE).item().lentTo(THERE, TODAY);
    assertThat(lent.now()).isEqualTo(THERE);
    assertThat(lent.askBackOn()).isEqualTo(TODAY);
    Item laid = lent.laidInto(HERE, 3);
    assertThat(laid.askBackOn()).isNull();
    assertThat(laid.slotItLiesIn()).isEqualTo(3);
    assertThat(laid.movedTo(THERE).slot()).as("it waits").isEqualTo(3);
    assertThat(laid.liftedOutTo(THERE, 3).home()).isEqualTo(HERE);
    assertThat(laid.withoutSlot().slot()).isNull();
    assertThat(laid.settledAt(THERE)).isEqualTo(laid.withoutSlot().settledAt(THERE));
  }

  @Test
  void whatIsInItChangesAndNothingElse() {
    Item full = powder().in(HERE).item();
    assertThat(full.less(Quantity.millilitres(2)).left()).isEqualTo(Quantity.millilitres(10));
    assertThatThrownBy(() -> full.less(Quantity.millilitres(13)))
        .isInstanceOf(IllegalArgumentException.class);
    assertThat(full.openedOn(TODAY).dates().openedOn()).isEqualTo(TODAY);
    Item spoilt =
        full.treated(CleanState.told(Cleanliness.CONTAMINATED))
            .reported(new SpoilageReport(TODAY, Set.of(SpoilageReport.Sense.SMELL)));
    assertThat(spoilt.washed(NOW).clean())
        .isEqualTo(new CleanState(Cleanliness.CLEAN, NOW, CleanState.By.WASHED, null));
    assertThat(spoilt.washed(NOW).spoilage()).isNull();
    assertThat(spoilt.filledAgain(full.left(), PackDates.UNKNOWN).spoilage())
        .as("topped up without washing it is as it was")
        .isNotNull();
    assertThat(spoilt.washed(NOW)).isEqualTo(full.treated(spoilt.washed(NOW).clean()));
  }

  @Test
  void aDecantIsAsFullAsItsContainerNotAsItsPack() {
    Item decant =
        Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE)
            .content(Quantity.millilitres(30))
            .left(Quantity.millilitres(5))
            .vessel(
                new Vessel.Decant(Container.POINTED_SQUEEZE_BOTTLE, Quantity.millilitres(5), null))
            .item();
    assertThat(decant.left().shareOf(decant.size())).isEqualTo(1);
    assertThat(Level.nearest(decant.left(), decant.size())).isEqualTo(Level.FULL);
  }

  @Test
  void aOnePersonThingIsForThatPersonAndForNobodyElse() {
    PersonRef isaura = Given.person("Isaura");
    assertThat(new ForWhom.Only(isaura).allows(isaura.id())).isTrue();
    assertThat(new ForWhom.Only(isaura).allows(Given.person("Isa").id())).isFalse();
    // Somebody nobody has asked about is not taken for her.
    assertThat(new ForWhom.Only(isaura).allows(null)).isFalse();
    assertThat(ForWhom.EVERYBODY.allows(null)).isTrue();
    assertThat(new ForWhom.TheArtist().allows(isaura.id())).isFalse();
  }

  @ParameterizedTest
  @CsvSource({"0", "-1", "10001"})
  void innerMeasuresHaveBounds(int length) {
    assertThatThrownBy(() -> new Inside(length, null, null, null, false))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContainingAll("inner width", String.valueOf(length));
    assertThatThrownBy(() -> new Inside.Slots(3, null, length, null))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("depth of a slot");
  }

  @Test
  void aPlaceHasOneToFiveHundredSlotsAndTheirHeightCounts() {
    assertThatThrownBy(() -> new Inside.Slots(0, null, null, null))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Inside.Slots(501, null, null, null))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("501");
    Inside.Slots low = new Inside.Slots(4, null, null, 9);
    assertThat(new Inside(100, 100, 30, low, false).clearHeightMm()).isEqualTo(9);
    assertThat(new Inside(100, 100, 30, null, false).clearHeightMm()).isEqualTo(30);
    assertThat(Inside.UNMEASURED.clearHeightMm()).isNull();
  }

  @Test
  void onlyWhatIsDryingIsDryAtSomeTime() {
    CleanState used = CleanState.CLEAN.usedAt(NOW);
    assertThat(used)
        .isEqualTo(new CleanState(Cleanliness.IN_USE, NOW, CleanState.By.CONTACT, null));
    assertThat(used.usedAt(NOW.plusSeconds(9))).isEqualTo(used);
    assertThat(used.laidDown())
        .isEqualTo(new CleanState(Cleanliness.USED, NOW, CleanState.By.CONTACT, null));
    assertThat(CleanState.CLEAN.laidDown()).isEqualTo(CleanState.CLEAN);
    assertThatThrownBy(
            () -> new CleanState(Cleanliness.CLEAN, NOW, CleanState.By.WASHED, NOW.plusSeconds(60)))
        .hasMessageContaining("clean");
    assertThat(
            new CleanState(Cleanliness.DRYING, NOW, CleanState.By.WASHED, NOW.plusSeconds(60))
                .until())
        .isAfter(NOW);
  }

  @Test
  void whatIsToldLaterCountsUnlessItWasTreatedSince() {
    Instant before = NOW.minusSeconds(600);
    CleanState treated = CleanState.treated(NOW, null);
    assertThat(treated.wasUsedAt(before)).isEqualTo(treated);
    assertThat(treated.wasUsedAt(NOW.plusSeconds(5)))
        .isEqualTo(
            new CleanState(Cleanliness.USED, NOW.plusSeconds(5), CleanState.By.CONTACT, null));
    assertThat(CleanState.CLEAN.wasUsedAt(before).is()).isEqualTo(Cleanliness.USED);
    CleanState onHer = CleanState.CLEAN.usedAt(NOW);
    assertThat(onHer.wasUsedAt(before))
        .isEqualTo(new CleanState(Cleanliness.IN_USE, before, CleanState.By.CONTACT, null));
    assertThat(onHer.wasUsedAt(NOW.plusSeconds(5)).since()).isEqualTo(NOW);
    CleanState stopped = CleanState.told(Cleanliness.CONTAMINATED);
    assertThat(stopped.wasUsedAt(NOW)).isEqualTo(stopped);
  }

  @Test
  void whatOneFaceTakesIsGoneUntilSomebodyMeasures() {
    Item tube =
        Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE)
            .content(Quantity.millilitres(30))
            .left(Quantity.millilitres(1))
            .item();
    Item once = tube.usedUp(UsualAmounts.aUse(tube, 10));
    assertThat(once.left()).isEqualTo(Quantity.millilitres(0.4));
    assertThat(once.isLeftEstimated()).isTrue();
    assertThat(once.usedUp(UsualAmounts.aUse(once, 10)).left().isNone()).isTrue();
    assertThat(tube.usedUp(UsualAmounts.aUse(tube, 3)).left())
        .isEqualTo(Quantity.millilitres(0.82));
    assertThat(once.less(Quantity.millilitres(0.1)).isLeftEstimated()).isTrue();
    assertThat(once.measured(Quantity.millilitres(2)).isLeftEstimated()).isFalse();
    Item box = Given.thing(ProductClass.WAND, Form.SINGLE_USE).content(Quantity.pieces(50)).item();
    assertThat(box.usedUp(UsualAmounts.aUse(box, 10))).isEqualTo(box);
  }
}
