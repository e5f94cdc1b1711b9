package gerula.core.restock.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.dates.DateOrder;
import gerula.core.dates.TypedDates;
import gerula.core.restock.offer.DiscountKind;
import gerula.core.restock.offer.DiscountTerms;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Offers as one notes them in a line. */
class OfferLineTest {

  private static final TypedDates DATES =
      new TypedDates(LocalDate.of(2031, 4, 14), DateOrder.DAY_FIRST, TypedDates.Meant.DAY);

  private static OfferLine read(String line) {
    return OfferLine.read(line, DATES);
  }

  @Test
  void aWholeLineIsUnderstood() {
    OfferLine line = read("lash glue 3 for 2, 6.90, Brackwater Supplies, ships 3 days");
    assertThat(line.words()).isEqualTo("lash glue");
    assertThat(line.shop()).isEqualTo("Brackwater Supplies");
    assertThat(line.price()).isEqualByComparingTo("6.90");
    assertThat(line.discount()).isEqualTo(DiscountTerms.of(DiscountKind.THREE_FOR_TWO));
    assertThat(line.deliveryDays()).isEqualTo(3);
    assertThat(line.packs()).isEqualTo(1);
    assertThat(line.notUnderstood()).isEmpty();
  }

  @Test
  void everythingElseIsUnderstoodToo() {
    OfferLine line =
        read(
            "Cotton buds pack of 5, 12,50 €, Hollin & Daughters, shipping 4.90, free from 50,"
                + " 10 % off from 3, at most 6, until 30.6., a bit further");
    assertThat(line.packs()).isEqualTo(5);
    assertThat(line.price()).isEqualByComparingTo("12.50");
    assertThat(line.currency()).isEqualTo("EUR");
    assertThat(line.shipping()).isEqualByComparingTo("4.90");
    assertThat(line.freeFrom()).isEqualByComparingTo("50");
    assertThat(line.discount()).isEqualTo(DiscountTerms.from(new BigDecimal("10"), 3));
    assertThat(line.most()).isEqualTo(6);
    assertThat(line.until()).isEqualTo(LocalDate.of(2031, 6, 30));
    assertThat(line.notUnderstood()).isEqualTo(List.of("a bit further"));
  }

  /** Of a shop that is known a line changes nothing: what is otherwise there is told. */
  @Test
  void whatIsSaidOtherwiseOfAKnownShopIsTold() {
    Shop known =
        new Shop(
            new UUID(0, 1),
            "Quay",
            3,
            Shop.WEEKDAYS,
            new BigDecimal("4.90"),
            null,
            null,
            "EUR",
            null,
            null);
    OfferLine same = read("glue, 6.90 €, Quay, ships 3 days, shipping 4,90");
    assertThat(same.ofShop().otherThan(known)).isEqualTo(SaidOfShop.NOTHING);
    SaidOfShop other =
        read("glue, £6.90, Quay, ships 9 days, shipping 4, free from 30").ofShop().otherThan(known);
    assertThat(other)
        .isEqualTo(new SaidOfShop(9, new BigDecimal("4"), new BigDecimal("30"), "GBP"));
    assertThat(other.isOfTerms()).isTrue();
    assertThat(new SaidOfShop(null, null, null, "GBP").isOfTerms()).isFalse();
    known.requireOwnMoney(null);
    known.requireOwnMoney("EUR");
    assertThatThrownBy(() -> known.requireOwnMoney("GBP"))
        .hasMessage(
            "Quay sells in EUR, but this price is in GBP. Say it in EUR, or change the shop.");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "mascara, 10.99, second half price | SECOND_HALF_PRICE",
        "mascara second at half price, 10.99 | SECOND_HALF_PRICE",
        "mascara, 10.99, 15% off | PERCENT",
        "mascara, 10.99, 1.50 off | FIXED",
        "mascara, 10.99, three for two | THREE_FOR_TWO",
        "mascara, 10.99, 5 percent from 10 | FROM_AMOUNT"
      })
  void discountsAreCalledAsShopsCallThem(String line, DiscountKind kind) {
    OfferLine read = read(line);
    assertThat(read.discount().kind()).isEqualTo(kind);
    assertThat(read.words()).isEqualTo("mascara");
    assertThat(read.price()).isEqualByComparingTo("10.99");
    read.discount().toDiscount();
  }

  @Test
  void aCommaInANumberIsItsPoint() {
    assertThat(read("powder, 6,90, Shop").price()).isEqualByComparingTo("6.90");
    assertThat(read("powder, 6,90, Shop").shop()).isEqualTo("Shop");
    assertThat(read("powder, 1200, Shop").price()).isEqualByComparingTo("1200");
  }

  /** Whatever somebody types is read, or refused with words. */
  @Test
  void nothingTypedIsAFailureOfOurs() {
    Random chance = new Random(3);
    String[] parts = {
      "3 for 2", "6,90", ",", "%", "until", "pack of", "9999999", "€", ";", "a", "-"
    };
    for (int round = 0; round < 3000; round++) {
      StringBuilder line = new StringBuilder();
      for (int at = chance.nextInt(12); at > 0; at--) {
        line.append(parts[chance.nextInt(parts.length)]).append(chance.nextBoolean() ? " " : "");
      }
      assertThat(read(line.toString())).isNotNull();
    }
    assertThatThrownBy(() -> read("x".repeat(301))).isInstanceOf(IllegalArgumentException.class);
  }
}
