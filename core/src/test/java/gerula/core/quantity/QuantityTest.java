package gerula.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class QuantityTest {

  @ParameterizedTest
  @ValueSource(strings = {"0", "0.001", "12.5", "500", "1000000", "1E+2"})
  void whatIsWrittenIsWhatIsRead(String written) {
    BigDecimal amount = new BigDecimal(written);
    Quantity read = Quantity.of(amount, Unit.ML);
    assertThat(read.amount()).isEqualByComparingTo(amount);
    assertThat(read.amount().scale()).isNotNegative();
  }

  @ParameterizedTest
  @ValueSource(strings = {"-0.001", "0.0001", "1000000.001", "1E+400", "-1E+9"})
  void whatIsNegativeTooFineOrTooLargeIsRefused(String written) {
    BigDecimal amount = new BigDecimal(written);
    assertThatThrownBy(() -> Quantity.of(amount, Unit.G))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void unitsNeverMix() {
    Quantity liquid = Quantity.millilitres(5);
    Quantity pieces = Quantity.pieces(5);
    assertThatThrownBy(() -> liquid.plus(pieces))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContainingAll("ml", "piece");
    assertThatThrownBy(() -> liquid.compareTo(pieces)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> liquid.shareOf(pieces)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void roundingGoesWhereItIsTold() {
    Quantity some = Quantity.of(new BigDecimal("2.4"), Unit.PIECE);
    assertThat(some.rounded(RoundingMode.UP)).isEqualTo(Quantity.pieces(3));
    assertThat(some.rounded(RoundingMode.DOWN)).isEqualTo(Quantity.pieces(2));
  }

  @Test
  void theShareOfNothingIsNothing() {
    assertThat(Quantity.none(Unit.ML).shareOf(Quantity.none(Unit.ML))).isZero();
    assertThat(Quantity.millilitres(5).shareOf(Quantity.millilitres(20))).isEqualTo(0.25);
  }

  @Test
  void whatIsTakenAwayIsGoneAndNeverMoreThanThereIs() {
    assertThat(Quantity.pieces(10).minus(Quantity.pieces(3))).isEqualTo(Quantity.pieces(7));
    assertThatThrownBy(() -> Quantity.pieces(3).minus(Quantity.pieces(4)))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> Quantity.pieces(3).minus(Quantity.millilitres(1)))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("do not add up");
  }

  @Test
  void aShareOfPiecesIsWholePiecesAndOfContentExactToAThousandth() {
    assertThat(Quantity.pieces(5).times(new BigDecimal("0.5"))).isEqualTo(Quantity.pieces(3));
    assertThat(Quantity.millilitres(10).times(new BigDecimal("0.3333")))
        .isEqualTo(Quantity.millilitres(3.333));
    assertThat(Quantity.millilitres(10).times(BigDecimal.ZERO).isNone()).isTrue();
  }
}
