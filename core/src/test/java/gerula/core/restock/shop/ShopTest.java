package gerula.core.restock.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.restock.offer.DiscountTerms;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShopTest {

  private static final LocalDate MONDAY = LocalDate.of(2031, 4, 14);

  private static Shop shop(int days, String shipping, String free, String least, String percent) {
    return new Shop(
        new UUID(0, 1),
        "Shop",
        days,
        Shop.WEEKDAYS,
        new BigDecimal(shipping),
        free == null ? null : new BigDecimal(free),
        least == null ? null : new BigDecimal(least),
        "EUR",
        percent == null ? null : new BigDecimal(percent),
        MONDAY);
  }

  @ParameterizedTest
  @CsvSource({"0, 0, 0, 0, 0", "120, 1000000, 1000000, 1000000, 100", "3, 4.9, , , "})
  void whatCanBeIsTaken(int days, String shipping, String free, String least, String percent) {
    assertThat(shop(days, shipping, free, least, percent).deliveryDays()).isEqualTo(days);
  }

  @ParameterizedTest
  @CsvSource({
    "-1, 0, , , ",
    "121, 0, , , ",
    "3, -0.01, , , ",
    "3, 1000000.01, , , ",
    "3, 0, -1, , ",
    "3, 0, , -1, ",
    "3, 0, , , -1",
    "3, 0, , , 100.1"
  })
  void whatCannotBeIsRefused(int days, String shipping, String free, String least, String percent) {
    assertThatThrownBy(() -> shop(days, shipping, free, least, percent))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void theTradeDiscountCountsAsLongAsItIsProven() {
    assertThat(shop(3, "0", null, null, "20").shareToPay(MONDAY)).isEqualByComparingTo("0.8");
    assertThat(shop(3, "0", null, null, "20").shareToPay(MONDAY.plusDays(1)))
        .isEqualByComparingTo("1");
    assertThat(shop(3, "0", null, null, null).shareToPay(MONDAY)).isEqualByComparingTo("1");
  }

  @Test
  void aShopWorksOnSomeDayAndHasAName() {
    assertThatThrownBy(
            () ->
                new Shop(
                    new UUID(0, 1),
                    " ",
                    1,
                    Shop.WEEKDAYS,
                    BigDecimal.ZERO,
                    null,
                    null,
                    "EUR",
                    null,
                    null))
        .hasMessageContaining("name");
    assertThatThrownBy(
            () ->
                new Shop(
                    new UUID(0, 1),
                    "Shop",
                    1,
                    Set.of(),
                    BigDecimal.ZERO,
                    null,
                    null,
                    "EUR",
                    null,
                    null))
        .hasMessageContaining("one day");
    Shop saturdays =
        new Shop(
            new UUID(0, 1),
            "Shop",
            1,
            Set.of(DayOfWeek.SATURDAY),
            BigDecimal.ZERO,
            null,
            null,
            "EUR",
            null,
            null);
    assertThat(saturdays.arrivesOn(MONDAY)).isEqualTo(MONDAY.plusDays(5));
    assertThat(saturdays.orderBy(MONDAY.plusDays(4))).isEqualTo(MONDAY.minusDays(3));
  }

  @Test
  void anOfferCountsUntilItsLastDayAndUntilAnotherDoes() {
    ShopOffer offer =
        new ShopOffer(
            new UUID(1, 1),
            new UUID(0, 1),
            new UUID(2, 2),
            1,
            BigDecimal.ONE,
            DiscountTerms.NONE,
            MONDAY,
            null,
            MONDAY.minusDays(9),
            null);
    assertThat(offer.countsOn(MONDAY)).isTrue();
    assertThat(offer.countsOn(MONDAY.plusDays(1))).isFalse();
    assertThat(offer.ended(MONDAY).countsOn(MONDAY.minusDays(1))).isFalse();
    assertThat(offer.ended(MONDAY).endedOn()).isEqualTo(MONDAY);
  }
}
