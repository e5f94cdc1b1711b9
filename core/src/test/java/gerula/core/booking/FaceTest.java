package gerula.core.booking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.kit.product.Sensitivity;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Faces, and groups of faces that are alike. */
class FaceTest {

  private static final LocalDate DAY = LocalDate.of(2031, 4, 17);

  private static Face face() {
    return Face.of(new UUID(0, 1), "Villagers", 2, SkinType.NORMAL, Set.of(Service.POWDER));
  }

  /** Heads, lightest and deepest; then the depths of its parts and how many are in each. */
  @ParameterizedTest
  @CsvSource({
    "60, 2, 9, '2.0 3.0 4.0 5.0 6.0 7.0 8.0 9.0', '8 8 8 8 7 7 7 7'",
    "5, 2, 8, '2.0 3.5 5.0 6.5 8.0', '1 1 1 1 1'",
    "7, 3, 4, '3.0 4.0', '4 3'",
    "1, 2, 8, 2.0, 1",
    "9, 4, 4.9, 4.0, 9"
  })
  void aGroupIsPartedByDepth(int heads, double from, double to, String depths, String each) {
    Face group = FaceBuilder.builder(face()).depth(from).depthTo(to).heads(heads).build();
    List<Face> parts = group.parts().toList();
    assertThat(String.join(" ", parts.stream().map(one -> "" + one.depth()).toList()))
        .isEqualTo(depths);
    assertThat(String.join(" ", parts.stream().map(one -> "" + one.heads()).toList()))
        .isEqualTo(each);
    assertThat(parts).allMatch(one -> one.id().equals(group.id()));
  }

  @Test
  void itsNumbersHaveBounds() {
    FaceBuilder.builder(face()).heads(500).looksPerDay(9).depthTo(2.0).build();
    assertThat(Face.requireHeads(500, "x")).isEqualTo(500);
    assertThatThrownBy(() -> FaceBuilder.builder(face()).heads(501).build())
        .hasMessageContaining("1 to 500");
    assertThatThrownBy(() -> FaceBuilder.builder(face()).heads(0).build())
        .hasMessageContaining("Villagers");
    assertThatThrownBy(() -> FaceBuilder.builder(face()).looksPerDay(10).build())
        .hasMessageContaining("1 to 9");
    assertThatThrownBy(() -> FaceBuilder.builder(face()).depthTo(1.5).build())
        .hasMessageContaining("lightest to its deepest");
  }

  @Test
  void whatIsKnownOfAPersonIsKnownOfHerFace() {
    Sensitivity latex = new Sensitivity("latex");
    Sensitivity talc = new Sensitivity("talc");
    Face told = FaceBuilder.builder(face()).sensitivities(Set.of(talc)).build();
    assertThat(told.knownAs(Set.of(latex)).sensitivities()).containsExactlyInAnyOrder(latex, talc);
  }

  @Test
  void sheIsThereOnHerDaysAndElseOnAll() {
    Booking booking =
        new Booking(
            new UUID(0, 2), "job", null, DAY, DAY.plusDays(4), Set.of(), null, List.of(face()));
    assertThat(face().isThereOn(DAY)).isTrue();
    assertThat(face().lastDayIn(booking)).isEqualTo(DAY.plusDays(4));
    Face some =
        FaceBuilder.builder(face())
            .daysPresent(new TreeSet<>(Set.of(DAY.plusDays(1), DAY.plusDays(2))))
            .build();
    assertThat(some.isThereOn(DAY)).isFalse();
    assertThat(some.isThereOn(DAY.plusDays(2))).isTrue();
    assertThat(some.lastDayIn(booking)).isEqualTo(DAY.plusDays(2));
  }
}
