package gerula.core.cleandown;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.Seeds;
import gerula.core.cleandown.Dilution.Finding;
import java.math.BigDecimal;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class DilutionTest {

  // 8333 ml of ethanol 96 % to 10 l give 80 %, 7515 ml of isopropyl 99.8 % to 10 l give 75 %: WHO,
  // "Guide to Local Production: WHO-recommended Handrub Formulations", 2010 (in whole millilitres).
  @ParameterizedTest
  @CsvSource({"96, 80, 10000, 8333", "99.8, 75, 10000, 7515"})
  void theHandrubOfTheGuideIsMixedAsTheGuideMixesIt(
      BigDecimal stock, BigDecimal target, BigDecimal total, long stockMl) {
    Dilution mixed = mix(stock, target, total);
    assertThat(Math.round(mixed.stockMl().doubleValue())).isEqualTo(stockMl);
    assertThat(mixed.stockMl().add(mixed.waterMl())).isEqualByComparingTo(total);
    assertThat(mixed.isInEffectiveRange()).isTrue();
    assertThat(mixed.findings()).isEmpty();
  }

  // C1 x V1 = C2 x V2, worked by hand.
  @Test
  void aLitreOfSeventyFromNinetyOneAndWhatThePopularRuleWouldGive() {
    Dilution mixed = mix(BigDecimal.valueOf(91), BigDecimal.valueOf(70), BigDecimal.valueOf(1000));
    assertThat(mixed.stockMl()).isEqualByComparingTo("769.2");
    assertThat(mixed.waterMl()).isEqualByComparingTo("230.8");
    assertThat(mixed.popularRulePercent()).isEqualByComparingTo("63.7");
  }

  // 60 to 90 %, both included: CDC, "Guideline for Disinfection and Sterilization in Healthcare
  // Facilities", 2008.
  @ParameterizedTest
  @CsvSource({"59.9, false", "60, true", "70, true", "90, true", "90.1, false", "50, false"})
  void onlySixtyToNinetyPercentDisinfects(BigDecimal target, boolean effective) {
    Dilution mixed = mix(BigDecimal.valueOf(99), target, BigDecimal.valueOf(100));
    assertThat(mixed.isInEffectiveRange()).isEqualTo(effective);
    assertThat(mixed.findings().contains(Finding.TOO_WEAK)).isEqualTo(target.doubleValue() < 60);
    assertThat(mixed.findings().contains(Finding.TOO_STRONG)).isEqualTo(target.doubleValue() > 90);
  }

  @Test
  void weakStockMakesThePopularRuleUseless() {
    Dilution mixed = mix(BigDecimal.valueOf(70), BigDecimal.valueOf(70), BigDecimal.valueOf(250));
    assertThat(mixed.findings())
        .containsExactly(Finding.POPULAR_RULE_TOO_WEAK, Finding.NO_WATER_NEEDED);
    assertThat(mixed.waterMl()).isEqualByComparingTo("0");
    assertThat(mixed.popularRulePercent()).isEqualByComparingTo("49");
  }

  private static Dilution mix(BigDecimal stock, BigDecimal target, BigDecimal total) {
    return Dilution.of(new Strength(stock), new Strength(target), total);
  }

  static LongStream seeds() {
    return Seeds.upTo(40);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatIsMixedHoldsTheAlcoholOfItsStock(long seed) {
    Random random = new Random(seed);
    BigDecimal stock = BigDecimal.valueOf(600 + random.nextInt(400), 1);
    BigDecimal target = stock.multiply(BigDecimal.valueOf(1 + random.nextInt(100), 2));
    BigDecimal total = BigDecimal.valueOf(1 + random.nextInt(99_999), 1);
    Dilution mixed = mix(stock, target, total);
    assertThat(mixed.stockMl().add(mixed.waterMl())).isEqualByComparingTo(total);
    assertThat(mixed.waterMl()).isGreaterThanOrEqualTo(BigDecimal.ZERO);
    double alcohol = mixed.stockMl().multiply(stock).doubleValue();
    double wanted = total.multiply(target).doubleValue();
    assertThat(Math.abs(alcohol - wanted)).isLessThanOrEqualTo(0.0501 * stock.doubleValue());
  }

  @ParameterizedTest
  @CsvSource({
    "70, 91, 100, stronger stock",
    "0, 0, 100, above 0 and up to 100",
    "101, 70, 100, 101",
    "91, -1, 100, -1",
    "91, 70, 0, 10",
    "91, 70, 10000.1, 10000.1",
  })
  void whatCannotBeMixedIsRefusedWithTheRuleAndTheValue(
      BigDecimal stock, BigDecimal target, BigDecimal total, String told) {
    assertThatThrownBy(() -> mix(stock, target, total))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(told);
  }
}
