package gerula.core.depot.lineage;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.dates.PackDates;
import gerula.core.depot.bench.UseRate;
import gerula.core.depot.empties.Empty;
import gerula.core.kit.Given;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.item.Preference;
import gerula.core.kit.item.SpoilageReport;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every refill there could be. */
class RefillPropertyTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);
  private static final Product BASE =
      Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE)
          .content(Quantity.millilitres(30))
          .product();

  static LongStream seeds() {
    return Seeds.upTo(150);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void aRefillKeepsToItsContainerItsSourceAndItsDates(long seed) {
    Random random = new Random(seed);
    Item container = bottle(random);
    List<Item> kit = new ArrayList<>(List.of(container));
    for (int i = 0; i < 1 + random.nextInt(4); i++) {
      kit.add(pack(random));
    }
    Refill.RefillFacts facts =
        new Refill.RefillFacts(
            container,
            random.nextInt(5),
            UseRate.told(Quantity.millilitres(random.nextInt(6))),
            TODAY,
            HouseRules.USUAL);
    Optional<Refill> proposed = Refill.of(facts, kit);
    boolean hasSource = kit.stream().anyMatch(one -> Refill.isSource(one, facts));
    assertThat(proposed.isPresent()).isEqualTo(hasSource);
    proposed.ifPresent(refill -> assertKeeps(refill, container));
  }

  private static void assertKeeps(Refill refill, Item container) {
    assertThat(refill.source().isGoodOn(TODAY, HouseRules.USUAL)).isTrue();
    assertThat(refill.amount().compareTo(refill.source().left())).isLessThanOrEqualTo(0);
    double rest = refill.washFirst().isEmpty() ? container.left().amount().doubleValue() : 0;
    double room = container.size().amount().doubleValue() * Empty.FILLED;
    assertThat(refill.amount().amount().doubleValue())
        .isLessThanOrEqualTo(Math.max(0, room - rest));
    // Topping up never makes anything last longer than washing does.
    assertThat(refill.toppedUp().lastDay()).isBeforeOrEqualTo(refill.washed().lastDay());
    boolean isRestBad =
        !container.left().isNone()
            && (!container.isGoodOn(TODAY, HouseRules.USUAL)
                || container.cleanliness() == Cleanliness.CONTAMINATED);
    if (isRestBad || container.left().isNone()) {
      assertThat(refill.washFirst()).isNotEmpty();
    }
    if (refill.washFirst().isEmpty()) {
      assertThat(refill.toppedUp().lastDay())
          .isAfterOrEqualTo(refill.washed().lastDay().minusDays(31));
    }
  }

  private static Item bottle(Random random) {
    Vessel bottle =
        new Vessel.Decant(Container.POINTED_SQUEEZE_BOTTLE, Quantity.millilitres(10), null);
    return item(random, bottle, random.nextInt(11));
  }

  private static Item pack(Random random) {
    return item(random, Vessel.PACK, random.nextInt(31));
  }

  private static Item item(Random random, Vessel vessel, double left) {
    LocalDate opened = TODAY.minusDays(random.nextInt(500));
    boolean isSealed = vessel == Vessel.PACK && random.nextInt(4) == 0;
    return ItemBuilder.stagedBuilder()
        .id(UUID.randomUUID())
        .product(BASE)
        .dates(dates(isSealed ? null : opened))
        .left(Quantity.millilitres(left))
        .isLeftEstimated(false)
        .home(null)
        .now(null)
        .askBackOn(null)
        .clean(
            CleanState.told(random.nextInt(6) == 0 ? Cleanliness.CONTAMINATED : Cleanliness.CLEAN))
        .forWhom(ForWhom.EVERYBODY)
        .vessel(vessel)
        .slot(null)
        .spoilage(
            random.nextInt(8) == 0
                ? new SpoilageReport(TODAY, Set.of(SpoilageReport.Sense.LOOK))
                : null)
        .preference(Preference.NONE)
        .brushSet("")
        .isUsedFirst(false)
        .isDiscarded(random.nextInt(8) == 0)
        .build();
  }

  private static PackDates dates(@Nullable LocalDate opened) {
    return new PackDates(null, TODAY.minusDays(600), opened, null, null);
  }
}
