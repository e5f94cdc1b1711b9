package gerula.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.Currency;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MoneyTest {

  private static final Currency EUR = Currency.getInstance("EUR");

  private static Money euros(String amount) {
    return new Money(new BigDecimal(amount), EUR);
  }

  /** Smallest coins by ISO 4217; ties go to the even neighbour, as banks round. */
  @ParameterizedTest
  @CsvSource({
    "EUR, 16.485, 16.48",
    "EUR, 16.475, 16.48",
    "EUR, 0.005, 0.00",
    "EUR, -0.015, -0.02",
    "JPY, 1234.5, 1234",
    "JPY, 1235.5, 1236",
    "BHD, 1.23450, 1.234",
    "XXX, 2.345, 2.34"
  })
  void itIsRoundedToTheCoinsOfItsCountry(String code, BigDecimal told, BigDecimal rounded) {
    assertThat(new Money(told, Money.currency(code)).rounded().amount()).isEqualTo(rounded);
  }

  @Test
  void whatIsShownAddsUp() {
    assertThat(Money.sum(List.of(euros("0.005"), euros("0.005"), euros("1.015")), EUR))
        .isEqualTo(euros("1.02"));
    assertThat(Money.sum(List.of(), EUR)).isEqualTo(euros("0.00"));
    assertThat(euros("3").minus(euros("4.5"))).isEqualTo(euros("-1.5"));
    assertThat(euros("2").times(new BigDecimal("0.25"))).isEqualTo(euros("0.50"));
    assertThat(euros("0.00").isNone()).isTrue();
    assertThat(euros("0.01").isNone()).isFalse();
    assertThat(euros("2")).isGreaterThan(euros("1.99"));
  }

  @Test
  void moneyOfTwoCountriesDoesNotAddUp() {
    Money krona = new Money(BigDecimal.ONE, Money.currency("SEK"));
    assertThatThrownBy(() -> euros("1").plus(krona)).hasMessageContainingAll("EUR", "SEK");
    assertThatThrownBy(() -> euros("1").minus(krona)).hasMessageContaining("convert");
    assertThatThrownBy(() -> euros("1").compareTo(krona)).hasMessageContaining("convert");
    assertThatThrownBy(() -> Money.currency("QQQ")).hasMessageContaining("three letters");
    assertThat(Money.currencyOf("QQQ")).isEmpty();
    assertThat(Money.currencyOf(null)).isEmpty();
    assertThat(Money.currencyOf("EUR")).contains(EUR);
  }
}
