package gerula.core.kit.item;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.quantity.Quantity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LevelTest {

  @ParameterizedTest
  @EnumSource(Level.class)
  void aLevelIsFoundAgainInWhatItLeaves(Level level) {
    Quantity size = Quantity.millilitres(30);
    assertThat(Level.nearest(level.of(size), size)).isEqualTo(level);
  }

  @Test
  void aRestIsNeverToldAsEmptyAndPiecesStayWhole() {
    assertThat(Level.nearest(Quantity.millilitres(0.01), Quantity.millilitres(30)))
        .isEqualTo(Level.LAST_OF_IT);
    assertThat(Level.LAST_OF_IT.of(Quantity.pieces(5))).isEqualTo(Quantity.pieces(1));
    assertThat(Level.QUARTER.of(Quantity.pieces(50))).isEqualTo(Quantity.pieces(13));
    assertThat(Level.EMPTY.of(Quantity.pieces(50)).isNone()).isTrue();
  }
}
