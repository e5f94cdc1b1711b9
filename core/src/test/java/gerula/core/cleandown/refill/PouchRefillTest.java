package gerula.core.cleandown.refill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.Seeds;
import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceBuilder;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.place.SetContent;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a ready pouch is to hold comes from stock, never from another pouch. */
class PouchRefillTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 17);

  private final Place store = Given.place(PlaceKind.STORE, "loft").place();
  private final Place lost = Given.place(PlaceKind.LOST, "lost").place();
  private final Place pouch =
      holding(Given.place(PlaceKind.POUCH, "disposables").place(), ProductClass.WAND, 40);

  private static Place holding(Place place, ProductClass what, int pieces) {
    return PlaceBuilder.builder(place).setContents(List.of(new SetContent(what, pieces))).build();
  }

  private static Given.Thing wands(int pieces, Place at) {
    return Given.thing(ProductClass.WAND, Form.SINGLE_USE)
        .content(Quantity.pieces(100))
        .left(Quantity.pieces(pieces))
        .now(at.id());
  }

  private PouchRefill.Line line(Item... kit) {
    return PouchRefill.of(
            new PlaceTree(List.of(store, lost, pouch)), List.of(kit), HouseRules.USUAL, TODAY)
        .getFirst()
        .lines()
        .getFirst();
  }

  @Test
  void whatIsWantingIsTakenFromStockAndTheRestIsTold() {
    Item here = wands(12, pouch).item();
    Item stock = wands(20, store).item();
    PouchRefill.Line line = line(here, stock);
    assertThat(line.there()).isEqualTo(12);
    assertThat(line.from()).containsExactly(new PouchRefill.FromStock(stock.id(), 20));
    assertThat(line.missing()).isEqualTo(8);
    assertThat(line(here, wands(500, store).item()).missing()).isZero();
    assertThat(line(wands(55, pouch).item(), stock).from()).isEmpty();
  }

  @Test
  void onlyWhatMayBeUsedCountsAndIsTaken() {
    Item past =
        wands(9, store).dates(new PackDates(null, null, null, TODAY.minusDays(1), null)).item();
    assertThat(
            line(
                    wands(9, store).discarded(true).item(),
                    wands(9, store).cleanliness(Cleanliness.CONTAMINATED).item(),
                    wands(9, store).forWhom(new ForWhom.TheArtist()).item(),
                    wands(9, lost).item(),
                    wands(9, store).now(null).item(),
                    past,
                    Given.thing(ProductClass.SMALL_WAND, Form.SINGLE_USE)
                        .content(Quantity.pieces(9))
                        .now(store.id())
                        .item())
                .from())
        .isEmpty();
    assertThat(line(wands(9, pouch).cleanliness(Cleanliness.USED).item()).there()).isZero();
  }

  @Test
  void anotherBagIsLeftAsItIs() {
    Place bag = Given.place(PlaceKind.CASE, "case").in(store.id()).place();
    Place within = Given.place(PlaceKind.COMPARTMENT, "back").in(bag.id()).place();
    Place other = Given.place(PlaceKind.BACKPACK, "other").in(store.id()).place();
    Place inBag = PlaceBuilder.builder(pouch).parent(bag.id()).build();
    Item beside = wands(5, within).item();
    Item elsewhere = wands(90, other).item();
    assertThat(
            PouchRefill.of(
                    new PlaceTree(List.of(store, bag, within, other, inBag)),
                    List.of(beside, elsewhere),
                    HouseRules.USUAL,
                    TODAY)
                .getFirst()
                .lines()
                .getFirst()
                .from())
        .containsExactly(new PouchRefill.FromStock(beside.id(), 5));
    Place second =
        holding(
            Given.place(PlaceKind.POUCH, "second").in(store.id()).place(), ProductClass.WAND, 9);
    Place puffs =
        holding(Given.place(PlaceKind.POUCH, "puffs").in(store.id()).place(), ProductClass.PUFF, 9);
    Item kept = wands(9, second).item();
    assertThat(
            PouchRefill.of(
                    new PlaceTree(List.of(store, second, puffs, pouch)),
                    List.of(kept),
                    HouseRules.USUAL,
                    TODAY)
                .stream()
                .flatMap(one -> one.lines().stream()))
        .allSatisfy(line -> assertThat(line.from()).isEmpty());
  }

  /** What is open goes first, then what is past soonest; what is measured is no stock. */
  @Test
  void itIsTakenInTheOrderInWhichItIsToBeUsedUp() {
    Item late =
        wands(10, store)
            .called("a", "")
            .dates(new PackDates(null, null, null, TODAY.plusDays(90), null))
            .item();
    Item soon =
        wands(10, store)
            .called("z", "")
            .dates(new PackDates(null, null, null, TODAY.plusDays(9), null))
            .item();
    Item undated = wands(10, store).called("a", "").item();
    Item alike = wands(10, store).called("b", "").item();
    Item jar =
        Given.thing(ProductClass.WAND, Form.CREAM)
            .content(Quantity.millilitres(50))
            .now(store.id())
            .item();
    assertThat(line(alike, undated, late, jar, soon).from())
        .extracting(PouchRefill.FromStock::item)
        .containsExactly(soon.id(), late.id(), undated.id(), alike.id());
    assertThat(line(wands(40, pouch).item(), soon).from()).isEmpty();
    assertThat(line(wands(39, pouch).item(), soon).from())
        .containsExactly(new PouchRefill.FromStock(soon.id(), 1));
  }

  @Test
  void aPlaceIsToHoldAtLeastOne() {
    assertThatThrownBy(() -> new SetContent(ProductClass.WAND, 0))
        .hasMessageContaining("1 to 9,999");
    assertThatThrownBy(() -> new SetContent(ProductClass.WAND, 10_000))
        .hasMessageContaining("1 to 9,999");
    assertThat(new SetContent(ProductClass.WAND, 9999).pieces()).isEqualTo(9999);
  }

  static LongStream rounds() {
    return Seeds.upTo(100);
  }

  /** Nothing is taken twice, more than there is, or out of a pouch that needs it itself. */
  @ParameterizedTest
  @MethodSource("rounds")
  void noPieceIsTakenTwice(long seed) {
    Random random = new Random(seed);
    List<Place> places = new ArrayList<>(List.of(store));
    for (int i = 0; i < 1 + random.nextInt(4); i++) {
      ProductClass what = random.nextBoolean() ? ProductClass.WAND : ProductClass.PUFF;
      places.add(
          holding(Given.place(PlaceKind.POUCH, "p" + i).place(), what, 1 + random.nextInt(30)));
    }
    List<Item> kit = new ArrayList<>();
    for (int i = 0; i < random.nextInt(8); i++) {
      Place at = places.get(random.nextInt(places.size()));
      Given.Thing thing =
          random.nextBoolean()
              ? wands(random.nextInt(25), at)
              : Given.thing(ProductClass.PUFF, Form.SINGLE_USE)
                  .content(Quantity.pieces(100))
                  .left(Quantity.pieces(random.nextInt(25)))
                  .now(at.id());
      kit.add(thing.item());
    }
    List<PouchRefill> all = PouchRefill.of(new PlaceTree(places), kit, HouseRules.USUAL, TODAY);
    assertThat(all).hasSize(places.size() - 1);
    Map<UUID, Integer> taken = new HashMap<>();
    for (PouchRefill one : all) {
      for (PouchRefill.Line line : one.lines()) {
        int some = line.from().stream().mapToInt(PouchRefill.FromStock::pieces).sum();
        assertThat(line.there() + some + line.missing()).isGreaterThanOrEqualTo(line.pieces());
        assertThat(some + line.missing()).isEqualTo(Math.max(0, line.pieces() - line.there()));
        line.from().forEach(from -> taken.merge(from.item(), from.pieces(), Integer::sum));
      }
      assertThat(one.isFull())
          .isEqualTo(one.lines().stream().allMatch(line -> line.there() >= line.pieces()));
    }
    taken.forEach(
        (id, some) -> {
          Item from = kit.stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
          assertThat(some).isLessThanOrEqualTo(from.left().amount().intValue());
          Place at =
              places.stream().filter(one -> one.id().equals(from.now())).findFirst().orElseThrow();
          assertThat(at.setContents())
              .noneMatch(one -> one.productClass() == from.product().productClass());
        });
  }
}
