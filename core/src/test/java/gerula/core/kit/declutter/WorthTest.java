package gerula.core.kit.declutter;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.dates.PackDates;
import gerula.core.kit.Changed;
import gerula.core.kit.Finish;
import gerula.core.kit.Form;
import gerula.core.kit.Given;
import gerula.core.kit.Item;
import gerula.core.kit.ProductClass;
import gerula.core.kit.declutter.Worth.Advice;
import gerula.core.kit.declutter.Worth.Facts;
import gerula.core.kit.declutter.Worth.Why;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class WorthTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);

  private final Map<UUID, Facts> facts = new HashMap<>();

  private Item known(Given.Thing thing, int uses, @Nullable LocalDate since) {
    return known(thing, new Facts(uses, since, false, false, null));
  }

  private Item known(Given.Thing thing, Facts told) {
    Item item = thing.item();
    facts.put(item.id(), told);
    return item;
  }

  private static Given.Thing lip(String shade) {
    return Given.thing(ProductClass.LIP_COLOUR, Form.CREAM).called("lip", shade);
  }

  private Worth worth(Item item, Item... others) {
    return Worth.of(List.of(item), List.of(others), facts, TODAY, HouseRules.USUAL).get(item.id());
  }

  @Test
  void whatIsPastChangedOrUsedUpGoes() {
    PackDates old = new PackDates(null, null, TODAY.minusMonths(13), null, null);
    Item item =
        known(
            lip("rust")
                .dates(old)
                .left(Quantity.millilitres(0))
                .changed(new Changed(TODAY, Set.of(Changed.Sense.SMELL))),
            new Facts(9, null, true, true, null));
    Worth worth = worth(item, item);
    assertThat(worth.advice()).isEqualTo(Advice.DISCARD);
    assertThat(worth.why()).containsExactly(Why.PAST_ITS_DATE, Why.HAS_CHANGED, Why.USED_UP);
    assertThat(worth.duplicates()).isEmpty();
  }

  @Test
  void whatLiesIdleForAYearOrDoesWhatOthersDoIsRetired() {
    LocalDate yearAgo = TODAY.minusYears(1);
    assertThat(worth(known(lip("rust"), 0, yearAgo)).why()).containsExactly(Why.NOT_USED_IN_A_YEAR);
    Worth young = worth(known(lip("rust"), 0, yearAgo.plusDays(1)));
    assertThat(young.advice()).isEqualTo(Advice.KEEP);
    assertThat(young.why()).containsExactly(Why.KNOWN_FOR_SHORT);
    Item idle = known(lip("rust"), 0, null);
    Item same = known(lip("rust"), 4, null);
    Worth worth = worth(idle, idle, same);
    assertThat(worth.advice()).isEqualTo(Advice.RETIRE);
    assertThat(worth.why()).containsExactly(Why.HAS_DUPLICATES);
    assertThat(worth.duplicates()).containsExactly(same);
    assertThat(worth(same, idle, same).why()).containsExactly(Why.IN_USE);
  }

  @Test
  void aDuplicateHasTheSameJobShadeAndFinish() {
    Item item = known(lip("rust"), new Facts(0, null, false, false, Finish.MATTE));
    Item glossy = known(lip("rust"), new Facts(0, null, false, false, Finish.GLOSS));
    Item other = known(lip("plum"), new Facts(0, null, false, false, Finish.MATTE));
    Item deep = known(lip("rust").depth(8.0), new Facts(0, null, false, false, Finish.MATTE));
    Item stick =
        known(
            Given.thing(ProductClass.LIP_COLOUR, Form.LIPSTICK_BULLET).called("lip", "rust"),
            new Facts(0, null, false, false, Finish.MATTE));
    assertThat(worth(item, item, glossy, other, deep, stick).duplicates()).isEmpty();
  }

  @Test
  void whatIsRareOrAFavouriteStays() {
    LocalDate long_ = TODAY.minusYears(5);
    assertThat(worth(known(lip("a"), new Facts(0, long_, false, true, null))).why())
        .containsExactly(Why.RARE_BUT_NEEDED);
    Worth favourite = worth(known(lip("b"), new Facts(0, long_, true, false, null)));
    assertThat(favourite.advice()).isEqualTo(Advice.KEEP);
    assertThat(favourite.why()).containsExactly(Why.FAVOURITE);
  }
}
