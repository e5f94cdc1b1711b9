package gerula.core.packing.travel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Liquids and blades: Regulation (EU) 2015/1998. Toiletries, batteries and powders: ICAO, IATA and
 * TSA, from memory.
 */
class TravelCheckTest {

  private static TravelPiece piece(
      TravelKind kind,
      @Nullable Double ml,
      @Nullable Double grams,
      @Nullable Double wh,
      @Nullable Double blade,
      boolean isToiletry) {
    return new TravelPiece("a", kind, ml, grams, wh, blade, isToiletry);
  }

  @ParameterizedTest
  @CsvSource({
    "LIQUID, 100, , , , false, YES, YES",
    "LIQUID, 101, , , , false, NO, YES",
    "CREAM, 100, 120, , , true, YES, YES",
    "CREAM, 500, 500, , , true, NO, YES",
    "CREAM, 501, 500, , , true, NO, NO",
    "LIQUID, 400, 501, , , true, NO, NO",
    "LIQUID, 700, , , , false, NO, YES",
    "AEROSOL, 75, 90, , , true, YES, YES",
    "AEROSOL, 75, , , , false, NO, ASK",
    "FLAMMABLE_LIQUID, 50, , , , false, NO, NO",
    "FLAMMABLE_LIQUID, 50, 60, , , true, YES, YES",
    "POWDER, 350, , , , false, YES, YES",
    "POWDER, 351, , , , false, YES, YES",
    "LITHIUM_SPARE, , , 74, , false, YES, NO",
    "LITHIUM_SPARE, , , 100, , false, YES, NO",
    "LITHIUM_SPARE, , , 100.1, , false, ASK, NO",
    "LITHIUM_SPARE, , , 160, , false, ASK, NO",
    "LITHIUM_SPARE, , , 161, , false, NO, NO",
    "LITHIUM_INSTALLED, , , 100, , false, YES, YES",
    "LITHIUM_INSTALLED, , , 150, , false, ASK, ASK",
    "LITHIUM_INSTALLED, , , 161, , false, NO, NO",
    "SCISSORS, , , , 60, false, YES, YES",
    "SCISSORS, , , , 61, false, NO, YES",
    "BLADE, , , , , false, NO, YES",
    "TOOL, , , , , false, YES, YES",
    "TOOL, , , , 90, false, NO, YES",
    "OTHER, , , , , false, YES, YES"
  })
  void eachThingGoesWhereItMay(
      TravelKind kind,
      @Nullable Double ml,
      @Nullable Double grams,
      @Nullable Double wh,
      @Nullable Double blade,
      boolean isToiletry,
      Verdict cabin,
      Verdict hold) {
    TravelPiece piece = piece(kind, ml, grams, wh, blade, isToiletry);
    assertThat(piece.missing()).isEmpty();
    TravelCheck.PieceCheck told = TravelCheck.of(List.of(piece)).pieces().getFirst();
    assertThat(told.cabin()).isEqualTo(cabin);
    assertThat(told.hold()).isEqualTo(hold);
    // Whatever is not simply fine says why.
    boolean isFine = cabin == Verdict.YES && hold == Verdict.YES;
    assertThat(isFine || !told.reasons().isEmpty()).isTrue();
  }

  @ParameterizedTest
  @CsvSource({
    "CREAM, 100, 500, , true, IN_THE_LIQUIDS_BAG",
    "CREAM, 501, 500, , true, CONTAINER_OVER_100_ML TOILETRY_TOO_LARGE",
    "POWDER, 350, , , false, ''",
    "POWDER, 351, , , false, MAY_BE_INSPECTED",
    "POWDER, 501, 400, , true, MAY_BE_INSPECTED TOILETRY_TOO_LARGE",
    "POWDER, 300, 501, , true, TOILETRY_TOO_LARGE",
    "LITHIUM_SPARE, , , 100, false, SPARE_IN_CABIN_ONLY COVER_TERMINALS",
    "LITHIUM_SPARE, , , 161, false, SPARE_IN_CABIN_ONLY OVER_160_WH"
  })
  void whyIsToldInFull(
      TravelKind kind,
      @Nullable Double ml,
      @Nullable Double grams,
      @Nullable Double wh,
      boolean isToiletry,
      String reasons) {
    TravelPiece piece = piece(kind, ml, grams, wh, null, isToiletry);
    List<TravelReason> told = TravelCheck.of(List.of(piece)).pieces().getFirst().reasons();
    assertThat(String.join(" ", told.stream().map(Enum::name).toList())).isEqualTo(reasons);
  }

  /** A half-full bottle of 150 ml is one of 150 ml. */
  @Test
  void onlySmallContainersGoIntoTheBagOfALitre() {
    TravelCheck nine =
        TravelCheck.of(
            java.util.Collections.nCopies(
                10, piece(TravelKind.LIQUID, 100.0, null, null, null, false)));
    assertThat(nine.liquids()).isEqualTo(new TravelCheck.LiquidsBag(1000, true));
    TravelCheck more =
        TravelCheck.of(
            List.of(
                piece(TravelKind.LIQUID, 100.0, null, null, null, false),
                piece(TravelKind.FLAMMABLE_LIQUID, 40.0, null, null, null, false),
                piece(TravelKind.CREAM, 150.0, null, null, null, false),
                piece(TravelKind.POWDER, 90.0, null, null, null, false)));
    assertThat(more.liquids().ml()).isEqualTo(140);
    assertThat(
            TravelCheck.of(
                    java.util.Collections.nCopies(
                        11, piece(TravelKind.AEROSOL, 91.0, null, null, null, false)))
                .liquids()
                .fits())
        .isFalse();
  }

  @Test
  void toiletriesAndSparesAreCountedTogether() {
    TravelPiece toiletry = piece(TravelKind.CREAM, 400.0, 500.0, null, null, true);
    assertThat(TravelCheck.of(List.of(toiletry, toiletry, toiletry, toiletry)).toiletries())
        .isEqualTo(new TravelCheck.Toiletries(2000, 1600, true));
    assertThat(TravelCheck.of(java.util.Collections.nCopies(5, toiletry)).toiletries().fits())
        .isFalse();
    TravelPiece large = piece(TravelKind.LITHIUM_SPARE, null, null, 120.0, null, false);
    TravelPiece huge = piece(TravelKind.LITHIUM_SPARE, null, null, 200.0, null, false);
    assertThat(TravelCheck.of(List.of(large, large)).spares())
        .isEqualTo(new TravelCheck.SpareBatteries(2, true));
    assertThat(TravelCheck.of(List.of(large, large, large)).spares())
        .isEqualTo(new TravelCheck.SpareBatteries(3, false));
    assertThat(TravelCheck.of(List.of(huge)).spares())
        .isEqualTo(new TravelCheck.SpareBatteries(0, false));
    TravelPiece free = piece(TravelKind.LITHIUM_SPARE, null, null, 100.0, null, false);
    TravelPiece most = piece(TravelKind.LITHIUM_SPARE, null, null, 160.0, null, false);
    TravelPiece light = piece(TravelKind.LITHIUM_INSTALLED, null, null, 150.0, null, false);
    assertThat(TravelCheck.of(List.of(free, free, free, most, light)).spares())
        .isEqualTo(new TravelCheck.SpareBatteries(1, true));
  }

  @Test
  void whatItsKindNeedsIsAskedFor() {
    assertThat(piece(TravelKind.CREAM, null, null, null, null, true).missing())
        .containsExactly(TravelPiece.Measure.CONTAINER_ML, TravelPiece.Measure.MASS_G);
    assertThat(piece(TravelKind.LITHIUM_SPARE, null, null, null, null, false).missing())
        .containsExactly(TravelPiece.Measure.WATT_HOURS);
    assertThat(piece(TravelKind.SCISSORS, null, null, null, null, false).missing())
        .containsExactly(TravelPiece.Measure.BLADE_MM);
    assertThat(piece(TravelKind.TOOL, null, null, null, null, false).missing()).isEmpty();
    assertThat(piece(TravelKind.OTHER, null, null, null, null, true).missing())
        .containsExactly(TravelPiece.Measure.CONTAINER_ML, TravelPiece.Measure.MASS_G);
    for (double wrong : new double[] {-1, 1_000_001, Double.NaN}) {
      assertThatThrownBy(() -> piece(TravelKind.LIQUID, wrong, null, null, null, false))
          .hasMessageContaining("0 or more");
      assertThatThrownBy(() -> piece(TravelKind.LIQUID, null, wrong, null, null, false))
          .hasMessageContaining("0 or more");
      assertThatThrownBy(() -> piece(TravelKind.LIQUID, null, null, wrong, null, false))
          .hasMessageContaining("0 or more");
      assertThatThrownBy(() -> piece(TravelKind.LIQUID, null, null, null, wrong, false))
          .hasMessageContaining("0 or more");
    }
    assertThat(piece(TravelKind.LIQUID, 0.0, 1_000_000.0, null, null, false).missing()).isEmpty();
  }
}
