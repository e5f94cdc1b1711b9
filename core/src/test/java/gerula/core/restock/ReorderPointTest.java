package gerula.core.restock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.data.Offset.offset;

import org.apache.commons.statistics.distribution.NormalDistribution;
import org.junit.jupiter.api.Test;

/** At which stock one orders anew, and the quantiles it stands on. */
class ReorderPointTest {

  /** Against Apache Commons Statistics, over the whole range. */
  @Test
  void quantilesAreThoseOfTheNormalDistribution() {
    NormalDistribution normal = NormalDistribution.of(0, 1);
    for (int i = 1; i < 10_000; i++) {
      double share = i / 10_000.0;
      assertThat(NormalQuantile.of(share))
          .isCloseTo(normal.inverseCumulativeProbability(share), offset(1e-9));
    }
    for (double share = 1e-12; share < 1e-3; share *= 3) {
      assertThat(NormalQuantile.of(share))
          .isCloseTo(normal.inverseCumulativeProbability(share), offset(1e-7));
      assertThat(NormalQuantile.of(share)).isNegative();
    }
    assertThat(NormalQuantile.of(0.5)).isZero();
  }

  /** z(0.95) = 1.6449 in every table of it. */
  @Test
  void whatIsUsedWhileOneWaitsAndWhatKeepsOneSafe() {
    ReorderPoint point = ReorderPoint.of(2, 1.5, 9, 0.95);
    assertThat(point.z()).isCloseTo(1.6449, offset(0.00005));
    assertThat(point.safetyStock()).isCloseTo(1.6449 * 1.5 * 3, offset(0.001));
    assertThat(point.reorderPoint()).isCloseTo(18 + 7.402, offset(0.001));
    assertThat(ReorderPoint.of(2, 0, 9, 0.99).reorderPoint()).isEqualTo(18);
    assertThat(ReorderPoint.of(2, 1, 0, 0.99).reorderPoint()).isZero();
    assertThat(ReorderPoint.of(0, 1, 4, 0.3).safetyStock()).isNegative();
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> ReorderPoint.of(-1, 0, 1, 0.9)).hasMessageContaining("mean");
    assertThatThrownBy(() -> ReorderPoint.of(1, -1, 1, 0.9)).hasMessageContaining("deviation");
    assertThatThrownBy(() -> ReorderPoint.of(1, 1, -1, 0.9)).hasMessageContaining("lead time");
    assertThatThrownBy(() -> ReorderPoint.of(1, 1, 1, 0)).hasMessageContaining("service level");
    assertThatThrownBy(() -> ReorderPoint.of(1, 1, 1, 1)).hasMessageContaining("service level");
    assertThatThrownBy(() -> ReorderPoint.of(1, 1, 1, Double.NaN))
        .hasMessageContaining("service level");
  }
}
