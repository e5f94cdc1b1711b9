package gerula.core.kit.intake.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.product.Section;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PlaceLineTest {

  @Test
  void aCaseWithItsTraysIsOneLine() {
    PlaceSketch box = one("rolling case, 3 trays 30x20x6, drawer below");
    assertThat(box.name()).isEqualTo("Rolling case");
    assertThat(box.kind()).isEqualTo(PlaceKind.CASE);
    assertThat(box.isPortable()).isTrue();
    assertThat(box.insides())
        .extracting(PlaceSketch::name, PlaceSketch::kind, one -> one.inside().widthMm())
        .containsExactly(
            tuple("Tray 1", PlaceKind.TRAY, 300),
            tuple("Tray 2", PlaceKind.TRAY, 300),
            tuple("Tray 3", PlaceKind.TRAY, 300),
            tuple("Drawer", PlaceKind.DRAWER, null));
    assertThat(box.insides().getFirst().inside().depthMm()).isEqualTo(200);
    assertThat(box.insides().getFirst().inside().heightMm()).isEqualTo(60);
    assertThat(box.all()).noneMatch(PlaceSketch::isEstimated);
  }

  @Test
  void whatLiesBelowIsReachedLastAndWhatLiesOnTopFirst() {
    assertThat(one("case, drawer below, two trays, lid pocket on top").insides())
        .extracting(PlaceSketch::name)
        .containsExactly("Lid pocket", "Tray 1", "Tray 2", "Drawer");
  }

  @Test
  void traysAreNamedAndLaidOutForWhatTheyAreNamedAfter() {
    assertThat(one("case with 4 trays (base, lip, odds and ends)").insides())
        .extracting(PlaceSketch::name, PlaceSketch::section)
        .containsExactly(
            tuple("Base", Section.BASE),
            tuple("Lip", Section.LIPS),
            tuple("Odds", null),
            tuple("Ends", null));
    assertThat(one("lip pouch").section()).isEqualTo(Section.LIPS);
    assertThat(one("pouch for brushes").section()).isEqualTo(Section.BRUSHES);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "tray 30 x 20 x 6 cm | 300 | 200 | 60",
        "tray 300x200x60 | 300 | 200 | 60",
        "tray 30,5x20.5x6 | 305 | 205 | 60",
        "tray 12x8x2.5 in | 305 | 203 | 64",
        "tray 120 × 80 × 25 mm | 120 | 80 | 25",
        "tray 30x20 | 300 | 200 |",
      })
  void measuresAreReadInAnyUnit(String line, Integer width, Integer depth, Integer height) {
    var inside = one(line).inside();
    assertThat(inside.widthMm()).isEqualTo(width);
    assertThat(inside.depthMm()).isEqualTo(depth);
    assertThat(inside.heightMm()).isEqualTo(height);
  }

  @Test
  void slotsMassesAndWhatItIsLikeAreRead() {
    PlaceSketch bag = one("Grey backpack 1.2 kg up to 23 kg");
    assertThat(bag.name()).isEqualTo("Grey backpack");
    assertThat(bag.ownMassG()).isEqualTo(1200);
    assertThat(bag.greatestMassG()).isEqualTo(23_000);
    PlaceSketch belt = one("brush belt 20 slots");
    assertThat(belt.inside().slots().count()).isEqualTo(20);
    assertThat(belt.isWorn()).isTrue();
    PlaceSketch pouch = one("clear pouch airtight about 24x7x17");
    assertThat(pouch.name()).isEqualTo("Clear pouch");
    assertThat(pouch.isWindowed()).isTrue();
    assertThat(pouch.inside().isSealed()).isTrue();
    assertThat(pouch.isEstimated()).isTrue();
  }

  @Test
  void severalThatNothingHoldsStandBesideEachOther() {
    assertThat(PlaceLine.read("5 drawers 36x46x16, shelf"))
        .extracting(PlaceSketch::name)
        .containsExactly("Drawer 1", "Drawer 2", "Drawer 3", "Drawer 4", "Drawer 5", "Shelf");
    assertThat(PlaceLine.read("  , ;")).isEmpty();
  }

  @Test
  void tooMuchIsRefused() {
    assertThatThrownBy(() -> PlaceLine.read("case, 40 trays, 40 drawers"))
        .hasMessage("One line makes at most 60 places. Write two lines.");
    assertThatThrownBy(() -> PlaceLine.read("x".repeat(301))).hasMessageContaining("300");
    assertThatThrownBy(() -> PlaceLine.read("y".repeat(90))).hasMessageContaining("80 characters");
    assertThat(one("\u200b\u200b case").name()).isEqualTo("\u200b\u200b case");
    assertThat(PlaceLine.read("\u200b, \u2800")).isEmpty();
    assertThatThrownBy(() -> PlaceLine.read("palette 600 slots")).hasMessageContaining("slots");
  }

  @ParameterizedTest
  @EnumSource
  void usualBagsAreReadAndTheirMeasuresAreEstimates(UsualBag bag) {
    PlaceSketch sketch = one(bag.line());
    assertThat(sketch.all())
        .allSatisfy(
            one ->
                assertThat(one.isEstimated())
                    .as(one.name())
                    .isEqualTo(one.inside().widthMm() != null));
    assertThat(sketch.all().map(PlaceSketch::kind)).doesNotContain(PlaceKind.UNKNOWN);
    // What lies in it fits into it, one on top of another at most.
    for (PlaceSketch inner : sketch.insides()) {
      assertThat(inner.inside().widthMm()).isLessThanOrEqualTo(sketch.inside().widthMm());
    }
  }

  /**
   * Whatever is typed: nothing but the words for measures, numbers and order ever leaves the name.
   */
  @RepeatedTest(80)
  void wordsThatMeanNothingStayInTheNames(RepetitionInfo repetition) {
    Random random = new Random(repetition.getCurrentRepetition());
    List<String> kinds = List.of("tray", "case", "pouch", "drawer 30x20x6", "3 trays", "");
    List<String> made =
        IntStream.range(0, random.nextInt(1, 5)).mapToObj(_ -> invented(random)).toList();
    String line =
        made.stream()
            .map(word -> word + " " + kinds.get(random.nextInt(kinds.size())))
            .collect(Collectors.joining(random.nextBoolean() ? ", " : " with "));
    String names =
        PlaceLine.read(line).stream()
            .flatMap(PlaceSketch::all)
            .map(PlaceSketch::name)
            .collect(Collectors.joining(" "))
            .toLowerCase();
    assertThat(made).as(line).allMatch(names::contains);
  }

  private static String invented(Random random) {
    return IntStream.range(0, 6)
        .mapToObj(_ -> "qzjkvw".charAt(random.nextInt(6)))
        .map(String::valueOf)
        .collect(Collectors.joining());
  }

  private static PlaceSketch one(String line) {
    List<PlaceSketch> read = PlaceLine.read(line);
    assertThat(read).hasSize(1);
    return read.getFirst();
  }
}
