package gerula.core.restock;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.packing.PackingList;
import gerula.core.packing.RandomKits;
import gerula.core.restock.Expiring.Meets;
import gerula.core.restock.Expiring.When;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ExpiringTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);
  private static final LocalDate FIRST = LocalDate.of(2031, 4, 17);
  private static final LocalDate LAST = LocalDate.of(2031, 4, 25);

  private final Booking island =
      new Booking(
          UUID.randomUUID(),
          "Island",
          null,
          FIRST,
          LAST,
          Set.of(),
          null,
          List.of(Face.of(UUID.randomUUID(), "Lead", 5, SkinType.NORMAL, Set.of(Service.MASCARA))));

  @ParameterizedTest
  @CsvSource({
    "2031-04-16, BEFORE",
    "2031-04-17, DURING",
    "2031-04-24, DURING",
    "2031-04-25,",
    "2031-05-01,",
  })
  void whatEndsBeforeABookingIsOverIsToldOnIt(LocalDate lastDay, When when) {
    Item mascara = printed(ProductClass.MASCARA, lastDay);
    assertThat(by(LAST.plusYears(1), mascara).getFirst().meets())
        .isEqualTo(when == null ? List.of() : List.of(new Meets(island.id(), when)));
  }

  @Test
  void aBookingThatDoesNotNeedItsKindIsNotTroubled() {
    Item latex = printed(ProductClass.LIQUID_LATEX, FIRST);
    assertThat(by(LAST, latex).getFirst().meets()).isEmpty();
  }

  @Test
  void theFirstToEndIsUsedFirstAndOfTwoTheOpenOne() {
    Item sealed = printed(ProductClass.MASCARA, LAST);
    Item open =
        Given.thing(ProductClass.MASCARA, Form.MASCARA)
            .dates(new PackDates(null, null, LAST.minusMonths(3), null, null))
            .item();
    Item later = printed(ProductClass.MASCARA, LAST.plusDays(1));
    Item alone = printed(ProductClass.FOUNDATION, LAST);
    List<Expiring> told = by(LAST, later, sealed, alone, open);
    assertThat(told).extracting(Expiring::item).containsExactly(alone, open, sealed);
    assertThat(told).extracting(Expiring::isUseFirst).containsExactly(false, true, false);
  }

  @Test
  void whatIsPastIsNotUsedFirst() {
    Item past = printed(ProductClass.MASCARA, TODAY.minusDays(1));
    Item lastDay = printed(ProductClass.MASCARA, TODAY);
    Item later = printed(ProductClass.MASCARA, LAST);
    assertThat(by(LAST, later, past, lastDay))
        .extracting(Expiring::isUseFirst)
        .containsExactly(false, true, false);
    assertThat(by(LAST, past, later)).extracting(Expiring::isUseFirst).containsOnly(false);
  }

  @Test
  void whatTheArtistPutsFirstIsUsedFirstAsLongAsItIsGood() {
    Item past = printed(ProductClass.MASCARA, TODAY.minusDays(1));
    Item soon = printed(ProductClass.MASCARA, TODAY.plusDays(1));
    Item chosen =
        Given.thing(ProductClass.MASCARA, Form.MASCARA)
            .dates(new PackDates(null, null, null, LAST, null))
            .usedFirst()
            .item();
    List<Expiring> told = by(LAST, past, soon, chosen);
    assertThat(told).extracting(Expiring::item).containsExactly(chosen, past, soon);
    assertThat(told).extracting(Expiring::isUseFirst).containsExactly(true, false, false);
    assertThat(by(LAST, past, chosen)).extracting(Expiring::isUseFirst).containsOnly(false);
    Item gone =
        Given.thing(ProductClass.MASCARA, Form.MASCARA)
            .dates(new PackDates(null, null, null, TODAY.minusDays(2), null))
            .usedFirst()
            .item();
    assertThat(by(LAST, gone, soon, printed(ProductClass.MASCARA, LAST)))
        .extracting(Expiring::isUseFirst)
        .containsExactly(false, true, false);
  }

  private List<Expiring> by(LocalDate until, Item... kit) {
    return Expiring.by(TODAY, until, List.of(kit), List.of(island), HouseRules.USUAL);
  }

  private static Item printed(ProductClass productClass, LocalDate lastDay) {
    return Given.thing(productClass, Form.MASCARA)
        .dates(new PackDates(null, null, null, lastDay, null))
        .item();
  }

  static LongStream seeds() {
    return Seeds.upTo(30);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatIsToldEndsInTimeAndAStricterHouseThrowsOutMore(long seed) {
    PackingList.PackingFacts facts = new RandomKits(seed).facts(60, 3);
    LocalDate day = facts.booking().firstDay();
    List<Expiring> told =
        Expiring.by(day, day, facts.kit().all(), List.of(facts.booking()), HouseRules.USUAL);
    assertThat(told).allSatisfy(one -> assertThat(one.useBy().lastDay()).isBeforeOrEqualTo(day));
    long ending =
        facts.kit().all().stream()
            .filter(item -> !item.isDiscarded())
            .filter(item -> !item.useBy(HouseRules.USUAL).isGoodOn(day.plusDays(1)))
            .count();
    assertThat(told).hasSize((int) ending);
    HouseRules cautious = HouseRules.USUAL.cautious();
    List<Item> gone = Expiring.thrownOutBy(cautious, HouseRules.USUAL, facts.kit().all(), day);
    long stricter =
        Expiring.by(day, day.minusDays(1), facts.kit().all(), List.of(), cautious).size();
    long usual =
        Expiring.by(day, day.minusDays(1), facts.kit().all(), List.of(), HouseRules.USUAL).size();
    assertThat(gone).hasSize((int) (stricter - usual));
  }

  @Test
  void anOrderIsMadeSoManyDaysBeforeItIsNeeded() {
    assertThat(OrderBy.day(LocalDate.of(2031, 5, 5), List.of(), 7))
        .isEqualTo(LocalDate.of(2031, 4, 28));
  }
}
