package gerula.core.kit.label;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LabelSheetTest {

  @ParameterizedTest
  @EnumSource(LabelSheet.class)
  void labelsLieOnThePageAndNeverOnOneAnother(LabelSheet sheet) {
    for (int one = 0; one < sheet.perPage(); one++) {
      LabelSheet.Spot spot = sheet.spot(one);
      assertThat(spot.page()).isZero();
      assertThat(spot.leftMm()).isNotNegative();
      assertThat(spot.topMm()).isNotNegative();
      assertThat(spot.leftMm() + sheet.widthMm()).isLessThanOrEqualTo(sheet.pageWidthMm() + 1e-9);
      assertThat(spot.topMm() + sheet.heightMm()).isLessThanOrEqualTo(sheet.pageHeightMm() + 1e-9);
      for (int other = 0; other < one; other++) {
        LabelSheet.Spot before = sheet.spot(other);
        boolean apart =
            Math.abs(before.leftMm() - spot.leftMm()) >= sheet.widthMm() - 1e-9
                || Math.abs(before.topMm() - spot.topMm()) >= sheet.heightMm() - 1e-9;
        assertThat(apart).as(one + " and " + other).isTrue();
      }
    }
  }

  /** What printers leave white, and how far off they feed a sheet, is common practice. */
  @ParameterizedTest
  @EnumSource(LabelSheet.class)
  void whatIsPrintedKeepsClearOfTheEdges(LabelSheet sheet) {
    for (int one = 0; one < sheet.perPage(); one++) {
      LabelSheet.Spot spot = sheet.spot(one);
      LabelSheet.Area area = sheet.inside(one);
      double clear = sheet.heightMm() > 25 ? 4 : 1;
      assertThat(area.leftMm()).isGreaterThanOrEqualTo(spot.leftMm() + clear);
      assertThat(area.topMm()).isGreaterThanOrEqualTo(spot.topMm() + clear);
      assertThat(area.rightMm()).isLessThanOrEqualTo(spot.leftMm() + sheet.widthMm() - clear);
      assertThat(area.bottomMm()).isLessThanOrEqualTo(spot.topMm() + sheet.heightMm() - clear);
      if (!sheet.isTape()) {
        assertThat(Math.min(area.leftMm(), area.topMm())).isGreaterThanOrEqualTo(4);
        assertThat(area.rightMm()).isLessThanOrEqualTo(206);
        assertThat(area.bottomMm()).isLessThanOrEqualTo(293);
      }
      assertThat(Math.min(area.widthMm(), area.heightMm())).isGreaterThan(6);
    }
  }

  @Test
  void theLabelAfterTheLastBeginsANewPage() {
    assertThat(LabelSheet.A4_24.spot(24)).isEqualTo(new LabelSheet.Spot(1, 0, 0.5));
    assertThat(LabelSheet.TAPE_9.spot(3).page()).isEqualTo(3);
  }
}
