package gerula.core.shade.carry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gerula.core.shade.ColourDifference;
import gerula.core.shade.Colours;
import gerula.core.shade.Lab;
import gerula.core.shade.Mixing;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class ShadesToCarryTest {

  private static final Lab LIGHT = Lab.ofSrgb("#e6bfa3");
  private static final Lab DEEP = Lab.ofSrgb("#8a5a3c");

  @Test
  void oneShadeThatMeetsAllIsEnough() {
    ShadesToCarry answer =
        ShadesToCarry.of(
            List.of(new Shade("deep", DEEP, 30, false), new Shade("light", LIGHT, 30, false)),
            List.of(new FaceColour("a", LIGHT), new FaceColour("b", LIGHT)),
            2);
    assertThat(answer.carry()).containsExactly("light");
    assertThat(answer.recipes()).allMatch(one -> one.parts().getFirst().tenths() == 10);
    assertThat(answer.holes()).isEmpty();
    assertThat(answer.isOptimal()).isTrue();
  }

  @Test
  void twoMakeWhatLiesBetweenThem() {
    Lab between = Mixing.of(List.of(new Mixing.Part(LIGHT, 7), new Mixing.Part(DEEP, 3)));
    ShadesToCarry answer =
        ShadesToCarry.of(
            List.of(new Shade("deep", DEEP, 30, false), new Shade("light", LIGHT, 30, false)),
            List.of(new FaceColour("between", between)),
            0.001);
    assertThat(answer.recipes().getFirst().parts())
        .containsExactly(new Recipe.RecipePart("light", 7), new Recipe.RecipePart("deep", 3));
  }

  @Test
  void aMixerNeverGoesAloneAndIsAtMostThreeTenths() {
    ShadesToCarry alone =
        ShadesToCarry.of(
            List.of(new Shade("white", LIGHT, 10, true)), List.of(new FaceColour("a", LIGHT)), 2);
    assertThat(alone.carry()).isEmpty();
    assertThat(alone.holes().getFirst().parts()).isEmpty();
    Lab half = Mixing.of(List.of(new Mixing.Part(LIGHT, 5), new Mixing.Part(DEEP, 5)));
    ShadesToCarry shifted =
        ShadesToCarry.of(
            List.of(new Shade("white", LIGHT, 10, true), new Shade("deep", DEEP, 30, false)),
            List.of(new FaceColour("a", half)),
            0.5);
    assertThat(shifted.holes().getFirst().parts())
        .containsExactly(new Recipe.RecipePart("deep", 7), new Recipe.RecipePart("white", 3));
  }

  @Test
  void theLimitIsInclusive() {
    double difference = ColourDifference.between(LIGHT, DEEP);
    List<Shade> light = List.of(new Shade("light", LIGHT, 30, false));
    List<FaceColour> deep = List.of(new FaceColour("deep", DEEP));
    assertThat(ShadesToCarry.of(light, deep, difference).holes()).isEmpty();
    assertThat(ShadesToCarry.of(light, deep, Math.nextDown(difference)).holes()).hasSize(1);
  }

  @Test
  void ofEquallyFewTheLightestGoesThenTheNearest() {
    List<FaceColour> faces = List.of(new FaceColour("a", LIGHT));
    Lab near = new Lab(LIGHT.l() + 0.5, LIGHT.a(), LIGHT.b());
    assertThat(
            ShadesToCarry.of(
                    List.of(new Shade("a", LIGHT, 31, false), new Shade("b", near, 30, false)),
                    faces,
                    2)
                .carry())
        .containsExactly("b");
    assertThat(
            ShadesToCarry.of(
                    List.of(new Shade("a", near, 30, false), new Shade("b", LIGHT, 30, false)),
                    faces,
                    2)
                .carry())
        .containsExactly("b");
  }

  /** All subsets, weighed one by one as the objective is written. */
  @RepeatedTest(40)
  void nothingIsBetterThanWhatIsFound(RepetitionInfo repetition) {
    Random random = new Random(repetition.getCurrentRepetition());
    Colours colours = new Colours(repetition.getCurrentRepetition());
    List<Shade> shades =
        IntStream.range(0, 3 + random.nextInt(5))
            .mapToObj(i -> new Shade("s" + i, colours.skin(), random.nextInt(1, 5), i == 0))
            .toList();
    List<FaceColour> faces =
        IntStream.range(0, 1 + random.nextInt(5))
            .mapToObj(i -> new FaceColour("f" + i, colours.skin()))
            .toList();
    double limit = random.nextDouble(3, 12);
    ShadesToCarry answer = ShadesToCarry.of(shades, faces, limit);
    Weighed found =
        weigh(answer.carry().stream().map(id -> byId(shades, id)).toList(), faces, limit);
    assertThat(answer.isOptimal()).isTrue();
    assertThat(answer.recipes().size() + answer.holes().size()).isEqualTo(faces.size());
    assertThat(answer.recipes().stream().mapToDouble(Recipe::deltaE).sum())
        .isCloseTo(found.difference(), within(1e-6));
    for (int set = 0; set < 1 << shades.size(); set++) {
      List<Shade> some = new ArrayList<>();
      for (int i = 0; i < shades.size(); i++) {
        if ((set >> i & 1) != 0) {
          some.add(shades.get(i));
        }
      }
      assertThat(weigh(some, faces, limit).isBetterThan(found)).as("%s", some).isFalse();
    }
  }

  /** As many as an artist may have of one line, and a portrait day. */
  @Test
  void aWholeRangeAndFortyFacesAreWeighedToTheEnd() {
    Colours colours = new Colours(4);
    List<Shade> shades =
        IntStream.range(0, 60)
            .mapToObj(i -> new Shade("s" + i, colours.skin(), 30, i < 5))
            .toList();
    List<FaceColour> faces =
        IntStream.range(0, 40).mapToObj(i -> new FaceColour("f" + i, colours.skin())).toList();
    ShadesToCarry answer = ShadesToCarry.of(shades, faces, 2);
    assertThat(answer.recipes().size() + answer.holes().size()).isEqualTo(40);
    assertThat(answer.recipes()).allMatch(one -> one.deltaE() <= 2);
    assertThat(answer.holes()).allMatch(one -> one.deltaE() > 2);
    assertThat(answer.isOptimal()).isTrue();
  }

  private static Shade byId(List<Shade> shades, String id) {
    return shades.stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
  }

  private record Weighed(int unmet, int shades, double mass, double difference) {
    boolean isBetterThan(Weighed other) {
      if (unmet != other.unmet) {
        return unmet < other.unmet;
      }
      if (shades != other.shades) {
        return shades < other.shades;
      }
      return Math.abs(mass - other.mass) > 1e-6
          ? mass < other.mass
          : difference < other.difference - 1e-6;
    }
  }

  private static Weighed weigh(List<Shade> some, List<FaceColour> faces, double limit) {
    int unmet = 0;
    double difference = 0;
    for (FaceColour face : faces) {
      double best = Double.POSITIVE_INFINITY;
      for (Shade one : some) {
        if (!one.isMixer()) {
          best = Math.min(best, ColourDifference.between(one.colour(), face.colour()));
        }
        for (Shade other : some) {
          for (int tenths = 1; tenths < 10; tenths++) {
            boolean isAllowed =
                one != other
                    && (!one.isMixer() || tenths <= 3)
                    && (!other.isMixer() || 10 - tenths <= 3);
            if (isAllowed) {
              Lab mixed =
                  Mixing.of(
                      List.of(
                          new Mixing.Part(one.colour(), tenths),
                          new Mixing.Part(other.colour(), 10 - tenths)));
              best = Math.min(best, ColourDifference.between(mixed, face.colour()));
            }
          }
        }
      }
      if (best <= limit) {
        difference += best;
      } else {
        unmet++;
      }
    }
    return new Weighed(
        unmet, some.size(), some.stream().mapToDouble(Shade::massG).sum(), difference);
  }
}
