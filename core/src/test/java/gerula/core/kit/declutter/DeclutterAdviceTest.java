package gerula.core.kit.declutter;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.declutter.DeclutterAdvice.Advice;
import gerula.core.kit.declutter.DeclutterAdvice.DeclutterReason;
import gerula.core.kit.declutter.DeclutterAdvice.UseFacts;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.SpoilageReport;
import gerula.core.kit.product.Finish;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class DeclutterAdviceTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);

  private final Map<UUID, UseFacts> facts = new HashMap<>();

  private Item known(Given.Thing thing, int uses, @Nullable LocalDate since) {
    return known(thing, new UseFacts(uses, since, false, false, null));
  }

  private Item known(Given.Thing thing, UseFacts told) {
    Item item = thing.item();
    facts.put(item.id(), told);
    return item;
  }

  private static Given.Thing lip(String shade) {
    return Given.thing(ProductClass.LIP_COLOUR, Form.CREAM).called("lip", shade);
  }

  private DeclutterAdvice advice(Item item, Item... others) {
    return DeclutterAdvice.of(List.of(item), List.of(others), facts, TODAY, HouseRules.USUAL)
        .get(item.id());
  }

  @Test
  void whatIsPastChangedOrUsedUpGoes() {
    PackDates old = new PackDates(null, null, TODAY.minusMonths(13), null, null);
    Item item =
        known(
            lip("rust")
                .dates(old)
                .left(Quantity.millilitres(0))
                .spoilage(new SpoilageReport(TODAY, Set.of(SpoilageReport.Sense.SMELL))),
            new UseFacts(9, null, true, true, null));
    DeclutterAdvice advice = advice(item, item);
    assertThat(advice.advice()).isEqualTo(Advice.DISCARD);
    assertThat(advice.reasons())
        .containsExactly(
            DeclutterReason.PAST_ITS_DATE, DeclutterReason.HAS_CHANGED, DeclutterReason.USED_UP);
    assertThat(advice.duplicates()).isEmpty();
  }

  @Test
  void whatLiesIdleForAYearOrDoesWhatOthersDoIsRetired() {
    LocalDate yearAgo = TODAY.minusYears(1);
    assertThat(advice(known(lip("rust"), 0, yearAgo)).reasons())
        .containsExactly(DeclutterReason.NOT_USED_IN_A_YEAR);
    DeclutterAdvice young = advice(known(lip("rust"), 0, yearAgo.plusDays(1)));
    assertThat(young.advice()).isEqualTo(Advice.KEEP);
    assertThat(young.reasons()).containsExactly(DeclutterReason.KNOWN_FOR_SHORT);
    Item idle = known(lip("rust"), 0, null);
    Item same = known(lip("rust"), 4, null);
    DeclutterAdvice advice = advice(idle, idle, same);
    assertThat(advice.advice()).isEqualTo(Advice.RETIRE);
    assertThat(advice.reasons()).containsExactly(DeclutterReason.HAS_DUPLICATES);
    assertThat(advice.duplicates()).containsExactly(same);
    assertThat(advice(same, idle, same).reasons()).containsExactly(DeclutterReason.IN_USE);
  }

  @Test
  void aDuplicateHasTheSameJobShadeAndFinish() {
    Item item = known(lip("rust"), new UseFacts(0, null, false, false, Finish.MATTE));
    Item glossy = known(lip("rust"), new UseFacts(0, null, false, false, Finish.GLOSS));
    Item other = known(lip("plum"), new UseFacts(0, null, false, false, Finish.MATTE));
    Item deep = known(lip("rust").depth(8.0), new UseFacts(0, null, false, false, Finish.MATTE));
    Item stick =
        known(
            Given.thing(ProductClass.LIP_COLOUR, Form.LIPSTICK_BULLET).called("lip", "rust"),
            new UseFacts(0, null, false, false, Finish.MATTE));
    assertThat(advice(item, item, glossy, other, deep, stick).duplicates()).isEmpty();
  }

  @Test
  void ofARangeWithMoreShadesThanTheHouseCarriesThoseBetweenCloseNeighboursGo() {
    Item[] range = new Item[8];
    double[] depths = {1, 2, 3, 3.5, 4, 6, 7.5, 10};
    for (int i = 0; i < range.length; i++) {
      Given.Thing shade =
          Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE)
              .called("line", "no. " + i)
              .depth(depths[i]);
      range[i] = known(shade, 3, null);
    }
    Item mixer =
        known(
            Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE)
                .called("line", "white")
                .depth(null),
            3,
            null);
    List<Item> kit = Stream.concat(Stream.of(range), Stream.of(mixer)).toList();
    Set<UUID> gone = new HashSet<>();
    DeclutterAdvice.of(kit, kit, facts, TODAY, HouseRules.USUAL)
        .forEach(
            (id, advice) -> {
              if (advice.reasons().contains(DeclutterReason.MORE_SHADES_THAN_CARRIED)) {
                assertThat(advice.advice()).isEqualTo(Advice.RETIRE);
                gone.add(id);
              }
            });
    // 3.5 lies between 3 and 4; without it 2 lies between 1 and 3, as 3 does between 2 and 4.
    assertThat(gone).containsExactlyInAnyOrder(range[3].id(), range[1].id());
  }

  @Test
  void whatIsRareOrAFavouriteStays() {
    LocalDate long_ = TODAY.minusYears(5);
    assertThat(advice(known(lip("a"), new UseFacts(0, long_, false, true, null))).reasons())
        .containsExactly(DeclutterReason.RARE_BUT_NEEDED);
    DeclutterAdvice favourite = advice(known(lip("b"), new UseFacts(0, long_, true, false, null)));
    assertThat(favourite.advice()).isEqualTo(Advice.KEEP);
    assertThat(favourite.reasons()).containsExactly(DeclutterReason.FAVOURITE);
  }
}
