package gerula.core.depot.lineage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.Seeds;
import gerula.core.depot.lineage.Lineage.Filling;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LineageTest {

  private static final LocalDate DAY = LocalDate.of(2031, 4, 14);

  private final List<UUID> things = IntStream.range(0, 8).mapToObj(_ -> UUID.randomUUID()).toList();
  private final List<Filling> fillings = new ArrayList<>();

  private void filled(int item, int source, int day, @Nullable Integer washed) {
    fillings.add(
        new Filling(
            UUID.randomUUID(),
            things.get(item),
            things.get(source),
            DAY.plusDays(day),
            washed == null ? null : DAY.plusDays(washed)));
  }

  private List<Integer> found(List<UUID> ids) {
    return ids.stream().map(things::indexOf).toList();
  }

  private List<Integer> descendants(int of) {
    return found(new Lineage(fillings).descendants(List.of(things.get(of))));
  }

  @Test
  void aRecallFindsEveryDescendantInAChainOfFive() {
    for (int link = 1; link <= 5; link++) {
      filled(link, link - 1, link, null);
    }
    filled(6, 2, 9, null);
    filled(7, 6, 10, null);
    assertThat(descendants(0)).containsExactly(1, 2, 3, 6, 4, 7, 5);
    assertThat(descendants(3)).containsExactly(4, 5);
    assertThat(descendants(7)).isEmpty();
    Lineage lineage = new Lineage(fillings);
    assertThat(found(lineage.ancestors(things.get(5)))).containsExactly(4, 3, 2, 1, 0);
    assertThat(found(lineage.children(things.get(2)))).containsExactly(3, 6);
  }

  @Test
  void whatWasFilledOnBeforeTheWashingIsFoundThroughTheWashedOne() {
    filled(1, 0, 0, 10);
    filled(2, 1, 5, null);
    filled(1, 3, 10, null);
    filled(4, 1, 12, null);
    assertThat(descendants(0)).containsExactly(2);
    assertThat(descendants(3)).containsExactly(1, 4);
    Lineage lineage = new Lineage(fillings);
    assertThat(found(lineage.sources(things.get(1)))).containsExactly(3);
    assertThat(found(lineage.ancestors(things.get(2)))).containsExactly(1, 0);
    assertThat(found(lineage.ancestors(things.get(4)))).containsExactly(1, 3);
    assertThat(found(lineage.children(things.get(0)))).isEmpty();
  }

  @Test
  void whatWasTakenBeforeTheSourceWasToppedUpHoldsNothingOfIt() {
    filled(1, 0, 3, null);
    filled(2, 1, 1, null);
    filled(3, 1, 3, null);
    assertThat(descendants(0)).containsExactly(1, 3);
  }

  @Test
  void aToppedUpContainerComesFromAllItsPacks() {
    filled(2, 0, 0, null);
    filled(2, 1, 4, null);
    filled(2, 0, 6, null);
    assertThat(found(new Lineage(fillings).sources(things.get(2)))).containsExactly(0, 1);
    assertThat(found(new Lineage(fillings).descendants(List.of(things.get(0), things.get(1)))))
        .containsExactly(2);
  }

  @Test
  void nothingComesFromItself() {
    filled(1, 0, 0, null);
    filled(2, 1, 1, null);
    Lineage lineage = new Lineage(fillings);
    assertThat(lineage.wouldRunInCircles(things.get(0), things.get(2))).isTrue();
    assertThat(lineage.wouldRunInCircles(things.get(2), things.get(2))).isTrue();
    assertThat(lineage.wouldRunInCircles(things.get(2), things.get(0))).isFalse();
    assertThatThrownBy(() -> filled(1, 1, 0, null)).hasMessageContaining("itself");
    filled(0, 2, 2, null);
    assertThat(descendants(0)).containsExactly(1, 2);
    assertThat(found(new Lineage(fillings).ancestors(things.get(0)))).containsExactly(2, 1);
  }

  static LongStream seeds() {
    return Seeds.upTo(60);
  }

  /** Who comes from whom, and who is in whom, are the same told from the other end. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void descendantsAndAncestorsAreEachOthersMirror(long seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 14; i++) {
      int item = random.nextInt(8);
      int source = (item + 1 + random.nextInt(7)) % 8;
      int day = random.nextInt(30);
      filled(item, source, day, random.nextInt(3) == 0 ? day + random.nextInt(10) : null);
    }
    Lineage lineage = new Lineage(fillings);
    for (UUID source : things) {
      Set<UUID> mirrored = new HashSet<>();
      things.stream()
          .filter(item -> !item.equals(source))
          .filter(item -> lineage.ancestors(item).contains(source))
          .forEach(mirrored::add);
      assertThat(lineage.descendants(List.of(source)))
          .containsExactlyInAnyOrderElementsOf(mirrored);
    }
  }
}
