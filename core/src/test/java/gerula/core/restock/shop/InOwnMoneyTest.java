package gerula.core.restock.shop;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.quantity.Money;
import gerula.core.restock.money.Rates;
import gerula.core.restock.offer.DiscountTerms;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class InOwnMoneyTest {

  private static final UUID NORTH = new UUID(0, 1);
  private static final UUID HERE = new UUID(0, 2);
  private static final UUID FAR = new UUID(0, 3);
  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);

  private static final Rates RATES =
      new Rates(
          Money.currency("EUR"),
          Map.of(Money.currency("SEK"), new Rates.Rate(new BigDecimal("0.088"), TODAY)));

  private static Shop shop(UUID id, String currency) {
    return new Shop(
        id,
        "Shop",
        3,
        Shop.WEEKDAYS,
        new BigDecimal("50"),
        new BigDecimal("600"),
        null,
        currency,
        null,
        null);
  }

  private static ShopOffer offer(UUID shop, DiscountTerms terms) {
    return new ShopOffer(
        new UUID(1, shop.getLeastSignificantBits()),
        shop,
        new UUID(2, 2),
        2,
        new BigDecimal("99.9"),
        terms,
        null,
        null,
        TODAY,
        null);
  }

  @Test
  void whatAnotherCountryAsksIsComparedByItsRate() {
    InOwnMoney priced =
        InOwnMoney.of(
            List.of(shop(NORTH, "SEK"), shop(HERE, "EUR"), shop(FAR, "JPY")),
            List.of(
                offer(NORTH, DiscountTerms.fixed(new BigDecimal("10"))),
                offer(HERE, DiscountTerms.NONE),
                offer(FAR, DiscountTerms.NONE)),
            RATES);
    Shop north = priced.shops().getFirst();
    assertThat(north.currency()).isEqualTo("EUR");
    assertThat(north.shipping()).isEqualByComparingTo("4.4");
    assertThat(north.freeFrom()).isEqualByComparingTo("52.8");
    assertThat(north.leastOrder()).isNull();
    assertThat(priced.shops().subList(1, 3)).containsExactly(shop(HERE, "EUR"), shop(FAR, "JPY"));
    ShopOffer offered = priced.offers().getFirst();
    assertThat(offered.price()).isEqualByComparingTo("8.7912");
    assertThat(offered.discount().amount()).isEqualByComparingTo("0.88");
    assertThat(offered.packs()).isEqualTo(2);
    assertThat(priced.offers().subList(1, 3))
        .containsExactly(offer(HERE, DiscountTerms.NONE), offer(FAR, DiscountTerms.NONE));
    assertThat(priced.worth()).containsOnlyKeys(NORTH);
    assertThat(priced.worth().get(NORTH)).isEqualByComparingTo("0.088");
  }
}
