package gerula.core.restock.offer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CheapestCoverTest {

  private static BigDecimal money(String told) {
    return new BigDecimal(told);
  }

  private static Offer offer(String id, String shop, String need, int pack, String price) {
    return new Offer(id, shop, need, pack, money(price), new Discount.None(), null);
  }

  /** Common practice: what the bills of shops come to. */
  @Test
  void billsComeToWhatShopsCharge() {
    assertThat(new Discount.SecondHalfPrice().lineCents(money("10.99"), 2)).isEqualTo(1648);
    assertThat(new Discount.SecondHalfPrice().lineCents(money("10.99"), 4)).isEqualTo(3297);
    assertThat(new Discount.SecondHalfPrice().lineCents(money("10.99"), 1)).isEqualTo(1099);
    assertThat(new Discount.ThreeForTwo().lineCents(money("6.90"), 3)).isEqualTo(1380);
    assertThat(new Discount.ThreeForTwo().lineCents(money("6.90"), 5)).isEqualTo(2760);
    assertThat(new Discount.Fixed(money("1.50")).lineCents(money("1.00"), 3)).isZero();
    assertThat(new Discount.FromAmount(money("20"), 3).lineCents(money("5"), 2)).isEqualTo(1000);
    assertThat(new Discount.FromAmount(money("20"), 3).lineCents(money("5"), 3)).isEqualTo(1200);
    assertThat(new Discount.Percent(money("15")).lineCents(money("0.10"), 1)).isEqualTo(8);
    assertThat(new Discount.Percent(money("25")).lineCents(money("0.10"), 1)).isEqualTo(8);
    assertThatThrownBy(() -> new Discount.Percent(money("101")))
        .hasMessage("A discount lies between 0 and 100 percent, but this is 101.");
  }

  /** Up to its limits a number is one, and past them it is refused. */
  @Test
  void numbersThatCannotBeAreRefused() {
    offer("most", "quay", "glue", Offer.MOST_PIECES, "1000000");
    new Offer("none", "quay", "glue", 1, money("0"), new Discount.Percent(money("100")), 0);
    new OfferShop("quay", money("1000000"), money("0"));
    new OfferNeed("glue", Offer.MOST_PIECES, 0, OfferNeed.LAST_PRIORITY);
    new Discount.FromAmount(money("0"), 1);
    new Discount.Fixed(money("0"));
    List<Runnable> wrong =
        List.of(
            () -> offer("one", "quay", "glue", 0, "1"),
            () -> offer("one", "quay", "glue", 10_001, "1"),
            () -> offer("one", "quay", "glue", 1, "-0.01"),
            () -> offer("one", "quay", "glue", 1, "1000000.01"),
            () -> new Offer("one", "quay", "glue", 1, money("1"), new Discount.None(), -1),
            () -> new OfferShop("quay", money("-0.01"), null),
            () -> new OfferShop("quay", money("0"), money("1000000.01")),
            () -> new OfferNeed("glue", -1, 1, 1),
            () -> new OfferNeed("glue", 10_001, 1, 1),
            () -> new OfferNeed("glue", 1, -1, 1),
            () -> new OfferNeed("glue", 1, 1, 0),
            () -> new OfferNeed("glue", 1, 1, 5),
            () -> new Discount.FromAmount(money("-1"), 1),
            () -> new Discount.FromAmount(money("1"), 0),
            () -> new Discount.Fixed(money("-0.01")));
    for (Runnable one : wrong) {
      assertThatThrownBy(one::run).isInstanceOf(IllegalArgumentException.class);
    }
  }

  @Test
  void aTenPackIsTakenWhereAllOfItCanBeUsed() {
    List<OfferShop> shops = List.of(new OfferShop("quay", money("0"), null));
    List<Offer> offers =
        List.of(
            offer("single", "quay", "palette", 1, "20"),
            offer("ten", "quay", "palette", 10, "125"));

    CheapestCover all =
        CheapestCover.of(List.of(new OfferNeed("palette", 10, 10, 1)), shops, offers, null);
    CheapestCover few =
        CheapestCover.of(List.of(new OfferNeed("palette", 7, 9, 1)), shops, offers, null);

    assertThat(all.total()).isEqualTo("125.00");
    assertThat(few.total()).as("three of ten would be past their date").isEqualTo("140.00");
    assertThat(few.waste()).isEqualTo(Map.of("palette", 0));
  }

  @Test
  void moreThanCanBeUsedIsBoughtOnlyWhereTheNeedWouldElseNotBeMet() {
    CheapestCover cover =
        CheapestCover.of(
            List.of(new OfferNeed("wands", 30, 40, 1)),
            List.of(new OfferShop("quay", money("4"), null)),
            List.of(offer("box", "quay", "wands", 200, "5.99")),
            null);

    assertThat(cover.pieces()).isEqualTo(Map.of("wands", 200));
    assertThat(cover.waste()).isEqualTo(Map.of("wands", 160));
    assertThat(cover.parcels())
        .containsExactly(new CheapestCover.Parcel("quay", money("5.99"), money("4.00")));
    assertThat(cover.isProved()).isTrue();
  }

  @Test
  void aDearerOfferIsTakenWhereItsParcelIsFree() {
    CheapestCover cover =
        CheapestCover.of(
            List.of(new OfferNeed("base", 1, 1, 1), new OfferNeed("glue", 1, 1, 1)),
            List.of(
                new OfferShop("quay", money("6"), money("40")),
                new OfferShop("hill", money("5"), null)),
            List.of(
                offer("base", "quay", "base", 1, "33"),
                offer("dear", "quay", "glue", 1, "7"),
                offer("cheap", "hill", "glue", 1, "3")),
            null);

    assertThat(cover.total()).isEqualTo("40.00");
    assertThat(cover.parcels()).hasSize(1);
  }

  @Test
  void aPackMoreIsBoughtWhereTheParcelIsFreeThenAndItCanBeUsed() {
    List<OfferShop> shops = List.of(new OfferShop("quay", money("6"), money("10")));
    List<Offer> offers = List.of(offer("glue", "quay", "glue", 1, "5"));

    CheapestCover two =
        CheapestCover.of(List.of(new OfferNeed("glue", 1, 2, 1)), shops, offers, null);
    CheapestCover one =
        CheapestCover.of(List.of(new OfferNeed("glue", 1, 1, 1)), shops, offers, null);

    assertThat(two.total()).isEqualTo("10.00");
    assertThat(two.pieces()).isEqualTo(Map.of("glue", 2));
    assertThat(one.total()).isEqualTo("11.00");
  }

  /** Every choice of shops is looked at: of more than fourteen those that have most stay. */
  @Test
  void ofVeryManyShopsThoseThatHaveMostAreLookedAtAndItIsTold() {
    List<OfferShop> shops =
        IntStream.range(0, 16)
            .mapToObj(at -> new OfferShop("shop" + at, money(at < 2 ? "9" : "1"), null))
            .toList();
    List<Offer> offers =
        Stream.concat(
                IntStream.range(0, 16)
                    .mapToObj(
                        at -> offer("glue" + at, "shop" + at, "glue", 1, at < 2 ? "1" : "15")),
                Stream.of(
                    offer("base14", "shop14", "base", 1, "20"),
                    offer("base15", "shop15", "base", 1, "22")))
            .toList();

    CheapestCover cover =
        CheapestCover.of(
            List.of(new OfferNeed("glue", 1, 1, 1), new OfferNeed("base", 1, 1, 1)),
            shops,
            offers,
            null);

    assertThat(cover.buy())
        .extracting(CheapestCover.Bought::offer)
        .containsExactlyInAnyOrder("glue14", "base14");
    assertThat(cover.isProved()).as("two shops were not looked at").isFalse();
  }

  @Test
  void aBudgetGoesToWhatStopsAJobFirst() {
    List<OfferNeed> needs =
        List.of(
            new OfferNeed("gloss", 3, 3, 4),
            new OfferNeed("adhesive", 2, 2, 1),
            new OfferNeed("base", 1, 2, 2));
    List<OfferShop> shops = List.of(new OfferShop("quay", money("4"), null));
    List<Offer> offers =
        List.of(
            offer("gloss", "quay", "gloss", 1, "1"),
            offer("adhesive", "quay", "adhesive", 1, "7"),
            offer("base", "quay", "base", 1, "30"));

    CheapestCover cover = CheapestCover.of(needs, shops, offers, money("20"));
    CheapestCover nothing = CheapestCover.of(needs, shops, offers, money("4.99"));

    assertThat(cover.unmet()).isEqualTo(Map.of("base", 1, "gloss", 1));
    assertThat(cover.total()).isEqualTo("20.00");
    assertThat(nothing.buy()).isEmpty();
    assertThat(nothing.total()).isEqualTo("0.00");
  }

  @Test
  void whatNobodySellsIsUnmetAndTheRestIsBought() {
    CheapestCover cover =
        CheapestCover.of(
            List.of(new OfferNeed("rare", 2, 2, 1), new OfferNeed("glue", 3, 3, 1)),
            List.of(new OfferShop("quay", money("4"), null)),
            List.of(
                new Offer("glue", "quay", "glue", 1, money("2"), new Discount.None(), 2),
                new Offer("none", "quay", "rare", 1, money("2"), new Discount.None(), 0)),
            null);

    assertThat(cover.unmet()).isEqualTo(Map.of("rare", 2, "glue", 1));
    assertThat(cover.total()).isEqualTo("8.00");
  }

  static Stream<Long> seeds() {
    return IntStream.range(0, 250).mapToObj(Long::valueOf);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void smallCoversEqualTheBestOfAll(long seed) {
    RandomOffers drawn = RandomOffers.of(seed, 1 + (int) (seed % 3), 3, 5, 4);
    BigDecimal budget =
        seed % 3 == 0 ? BigDecimal.valueOf(new Random(seed).nextInt(5_000), 2) : null;

    CheapestCover cover = CheapestCover.of(drawn.needs(), drawn.shops(), drawn.offers(), budget);

    assertThat(EveryCover.worthOf(cover, drawn.needs()))
        .isEqualTo(EveryCover.best(drawn.needs(), drawn.shops(), drawn.offers(), budget));
    assertThat(cover.isProved()).isTrue();
  }

  /** What is told adds up, for as much as an artist ever buys at once. */
  @ParameterizedTest
  @MethodSource("seeds")
  void whatIsToldAddsUp(long seed) {
    RandomOffers drawn = RandomOffers.of(seed, 12, 6, 40, 6);
    BigDecimal budget = seed % 2 == 0 ? null : BigDecimal.valueOf(60);

    CheapestCover cover = CheapestCover.of(drawn.needs(), drawn.shops(), drawn.offers(), budget);

    BigDecimal goods =
        cover.buy().stream()
            .map(CheapestCover.Bought::cost)
            .reduce(BigDecimal.ZERO, BigDecimal::add);
    BigDecimal parcels =
        cover.parcels().stream()
            .map(one -> one.goods().add(one.shipping()))
            .reduce(BigDecimal.ZERO, BigDecimal::add);
    BigDecimal shipping =
        cover.parcels().stream()
            .map(CheapestCover.Parcel::shipping)
            .reduce(BigDecimal.ZERO, BigDecimal::add);
    assertThat(cover.total()).isEqualByComparingTo(parcels);
    assertThat(goods.add(shipping)).isEqualByComparingTo(cover.total());
    assertThat(budget == null || cover.total().compareTo(budget) <= 0).isTrue();
    for (OfferNeed need : drawn.needs()) {
      int bought = cover.pieces().get(need.id());
      assertThat(cover.unmet().getOrDefault(need.id(), 0))
          .isEqualTo(Math.max(0, need.pieces() - bought));
    }
  }

  @Test
  void veryManyOffersOfOneNeedAreNarrowedAndTold() {
    RandomOffers drawn = RandomOffers.of(5, 1, 9, 4_000, 6);
    CheapestCover cover = CheapestCover.of(drawn.needs(), drawn.shops(), drawn.offers(), null);
    assertThat(cover.unmet()).isEmpty();
    assertThat(cover.isProved()).isFalse();
  }
}
