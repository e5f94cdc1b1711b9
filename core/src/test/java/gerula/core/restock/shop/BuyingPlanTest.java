package gerula.core.restock.shop;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.restock.offer.DiscountTerms;
import gerula.core.restock.shop.BuyingPlan.PlannedNeed;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Where to buy, in time, and what was thought of. */
class BuyingPlanTest {

  /** A Monday. */
  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);

  private static final UUID GLUE = new UUID(1, 1);
  private static final UUID BUDS = new UUID(1, 2);
  private static final UUID HARBOUR = new UUID(2, 1);
  private static final UUID HILL = new UUID(2, 2);

  private static Shop shop(UUID id, int days, String shipping, @Nullable String percent) {
    return new Shop(
        id,
        "Shop " + id,
        days,
        Shop.WEEKDAYS,
        new BigDecimal(shipping),
        null,
        null,
        "EUR",
        percent == null ? null : new BigDecimal(percent),
        LocalDate.of(2031, 12, 31));
  }

  private static ShopOffer offer(int id, UUID shop, UUID product, int packs, String price) {
    return new ShopOffer(
        new UUID(3, id),
        shop,
        product,
        packs,
        new BigDecimal(price),
        DiscountTerms.NONE,
        null,
        null,
        TODAY,
        null);
  }

  private static PlannedNeed need(UUID product, int packs, int usable, int inDays) {
    return new PlannedNeed(product, product, packs, usable, 2, TODAY.plusDays(inDays), Set.of());
  }

  private static BuyingPlan plan(
      List<PlannedNeed> needs, List<Shop> shops, List<ShopOffer> offers) {
    return BuyingPlan.of(needs, shops, offers, "EUR", TODAY, null);
  }

  @Test
  void whatComesTooLateIsNotBoughtWhereAnythingComesInTime() {
    List<Shop> shops = List.of(shop(HARBOUR, 2, "5.00", null), shop(HILL, 9, "0", null));
    List<ShopOffer> offers =
        List.of(offer(1, HARBOUR, GLUE, 1, "8.00"), offer(2, HILL, GLUE, 1, "4.00"));
    assertThat(plan(List.of(need(GLUE, 1, 9, 4)), shops, offers).cover().total())
        .isEqualByComparingTo("13.00");
    assertThat(plan(List.of(need(GLUE, 1, 9, 30)), shops, offers).cover().total())
        .isEqualByComparingTo("4.00");
    BuyingPlan late = plan(List.of(need(GLUE, 1, 9, 1)), shops, offers);
    assertThat(late.late()).containsExactly(GLUE);
    assertThat(late.cover().total()).isEqualByComparingTo("4.00");
  }

  @Test
  void twoParcelsAreHeldAgainstOne() {
    List<Shop> shops = List.of(shop(HARBOUR, 2, "3.00", null), shop(HILL, 2, "3.00", null));
    List<ShopOffer> offers =
        List.of(
            offer(1, HARBOUR, GLUE, 1, "8.00"),
            offer(2, HILL, GLUE, 1, "20.00"),
            offer(3, HARBOUR, BUDS, 1, "16.00"),
            offer(4, HILL, BUDS, 1, "5.00"));
    BuyingPlan plan = plan(List.of(need(GLUE, 1, 9, 9), need(BUDS, 1, 9, 9)), shops, offers);
    assertThat(plan.cover().parcels()).hasSize(2);
    assertThat(plan.cover().total()).isEqualByComparingTo("19.00");
    assertThat(plan.oneParcel())
        .isEqualTo(new BuyingPlan.OneParcel(HARBOUR, new BigDecimal("27.00")));
  }

  @Test
  void aLargePackWhoseRestPassesItsDateIsToldAndNotTaken() {
    List<Shop> shops = List.of(shop(HARBOUR, 2, "0", null));
    List<ShopOffer> offers =
        List.of(offer(1, HARBOUR, GLUE, 1, "20.00"), offer(2, HARBOUR, GLUE, 10, "100.00"));
    BuyingPlan plan = plan(List.of(need(GLUE, 6, 6, 9)), shops, offers);
    assertThat(plan.cover().total()).isEqualByComparingTo("120.00");
    assertThat(plan.notTaken()).isEqualTo(new BuyingPlan.NotTaken(new BigDecimal("20.00"), 4));
    assertThat(plan(List.of(need(GLUE, 6, 12, 9)), shops, offers).cover().total())
        .isEqualByComparingTo("100.00");
  }

  @Test
  void aProfessionalDiscountCountsAsLongAsItsProofDoes() {
    List<ShopOffer> offers = List.of(offer(1, HARBOUR, GLUE, 1, "8.00"));
    List<PlannedNeed> needs = List.of(need(GLUE, 2, 9, 9));
    assertThat(plan(needs, List.of(shop(HARBOUR, 2, "0", "25")), offers).cover().total())
        .isEqualByComparingTo("12.00");
    Shop ended =
        new Shop(
            HARBOUR,
            "Harbour",
            2,
            Shop.WEEKDAYS,
            BigDecimal.ZERO,
            null,
            new BigDecimal("50"),
            "EUR",
            new BigDecimal("25"),
            TODAY.minusDays(1));
    BuyingPlan plan = plan(needs, List.of(ended), offers);
    assertThat(plan.cover().total()).isEqualByComparingTo("16.00");
    assertThat(plan.belowLeast()).containsExactly(HARBOUR);
  }

  @Test
  void whatNobodyOffersAndPricesInOtherMoneyAreTold() {
    Shop abroad =
        new Shop(HILL, "Hill", 2, Shop.WEEKDAYS, BigDecimal.ZERO, null, null, "USD", null, null);
    BuyingPlan plan =
        plan(
            List.of(need(GLUE, 1, 9, 9)),
            List.of(abroad),
            List.of(offer(1, HILL, GLUE, 1, "8.00")));
    assertThat(plan.notOffered()).containsExactly(GLUE);
    assertThat(plan.otherCurrency()).containsExactly(HILL);
    assertThat(plan.cover().unmet()).containsEntry(GLUE.toString(), 1);
  }

  @Test
  void anOrderTakesWorkingDaysOnly() {
    Shop shop = shop(HARBOUR, 3, "0", null);
    // Friday: Monday, Tuesday, Wednesday.
    assertThat(shop.arrivesOn(LocalDate.of(2031, 4, 18))).isEqualTo(LocalDate.of(2031, 4, 23));
    for (int day = 0; day < 60; day++) {
      LocalDate needed = TODAY.plusDays(day);
      LocalDate order = shop.orderBy(needed);
      assertThat(shop.arrivesOn(order)).isBeforeOrEqualTo(needed);
      assertThat(shop.arrivesOn(order.plusDays(1))).isAfter(needed);
    }
    Shop seldom =
        new Shop(
            HARBOUR,
            "Harbour",
            1,
            Set.of(DayOfWeek.THURSDAY),
            BigDecimal.ZERO,
            null,
            null,
            "EUR",
            null,
            null);
    assertThat(seldom.arrivesOn(TODAY)).isEqualTo(LocalDate.of(2031, 4, 17));
  }
}
