package gerula.app.kit.intake;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PlacePathsTest {

  private final UUID loft = UUID.randomUUID();
  private final UUID drawer = UUID.randomUUID();
  private final UUID other = UUID.randomUUID();
  private final PlacePaths paths =
      new PlacePaths(
          new PlaceTree(
              List.of(
                  Place.bare(loft, null, "Harbour loft", PlaceKind.STORE, 1),
                  Place.bare(drawer, loft, "Drawer 1", PlaceKind.DRAWER, 1),
                  Place.bare(other, null, "Case", PlaceKind.CASE, 2),
                  Place.bare(UUID.randomUUID(), other, "skin", PlaceKind.TRAY, 1),
                  Place.bare(UUID.randomUUID(), loft, "skin", PlaceKind.DRAWER, 2))));

  @ParameterizedTest
  @ValueSource(
      strings = {
        "Harbour loft > Drawer 1",
        "harbour loft>drawer 1",
        " Harbour loft / Drawer 1 ",
        "Drawer 1",
        "DRAWER 1",
      })
  void aPlaceIsKnownByItsPathOrByANameOnlyItBears(String written) {
    assertThat(paths.find(written)).isEqualTo(drawer);
    assertThat(paths.made()).isEmpty();
  }

  @Test
  void aNameThatTwoPlacesBearIsAPlaceOfItsOwn() {
    UUID skin = paths.find("skin");
    assertThat(paths.made()).extracting(PlacePaths.NewPlace::path).containsExactly("skin");
    assertThat(paths.find("Skin")).isEqualTo(skin);
  }

  @Test
  void whatIsNotThereIsMadeOnceOuterPlacesFirst() {
    UUID tray = paths.find("Trailer > Station 2 > Top");
    assertThat(paths.find("trailer > station 2 > top")).isEqualTo(tray);
    UUID beside = paths.find("Trailer > Station 2 > Below");
    assertThat(beside).isNotEqualTo(tray);
    assertThat(paths.made())
        .extracting(PlacePaths.NewPlace::path)
        .containsExactly(
            "Trailer",
            "Trailer > Station 2",
            "Trailer > Station 2 > Top",
            "Trailer > Station 2 > Below");
    assertThat(paths.find("Harbour loft > Cellar")).isNotNull();
    assertThat(paths.made())
        .filteredOn(one -> one.name().equals("Cellar"))
        .extracting(PlacePaths.NewPlace::parent)
        .containsExactly(loft);
  }

  @Test
  void aNameMayHoldWhatSetsPlacesApartAndAnIdMeansOnlyItself() {
    UUID brow = UUID.randomUUID();
    UUID twin = UUID.randomUUID();
    PlacePaths known =
        new PlacePaths(
            new PlaceTree(
                List.of(
                    Place.bare(brow, null, "Brow/Lip > 2", PlaceKind.DRAWER, 1),
                    Place.bare(twin, null, "Brow/Lip > 2", PlaceKind.DRAWER, 2))));
    assertThat(known.find("brow/lip > 2")).isEqualTo(brow);
    assertThat(known.find(PlacePaths.cell(twin))).isEqualTo(twin);
    assertThat(known.made()).isEmpty();
  }

  @Test
  void anEmptyPathIsNowhere() {
    assertThat(paths.find("")).isNull();
    assertThat(paths.find("   ")).isNull();
  }
}
