package gerula.core.kit.opencase;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Mass;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for any case, however it is built and whatever lies in it. Each seed is one case. */
class OpenCasePropertyTest {

  static LongStream seeds() {
    return Seeds.upTo(40);
  }

  /**
   * A case of trays within trays, some with slots, some never measured, and things in all of them.
   */
  private record AnyCase(Place outer, PlaceTree places, List<Item> items) {
    static AnyCase of(long seed) {
      Random random = new Random(seed);
      Place outer = Given.place(PlaceKind.CASE, "case").weighing(2000, Mass.ofGrams(9000)).place();
      List<Place> all = new ArrayList<>(List.of(outer));
      for (int i = 0; i < 1 + random.nextInt(14); i++) {
        UUID parent = all.get(random.nextInt(all.size())).id();
        all.add(tray(parent, i + 1, random));
      }
      List<Item> items = new ArrayList<>();
      for (int i = 0; i < random.nextInt(120); i++) {
        items.add(thing(all.get(random.nextInt(all.size())).id(), random));
      }
      return new AnyCase(outer, new PlaceTree(all), items);
    }

    private static Place tray(UUID parent, int reach, Random random) {
      Given.Where tray =
          Given.place(PlaceKind.values()[random.nextInt(PlaceKind.values().length)], "t" + reach)
              .in(parent)
              .reach(reach)
              .weighing(random.nextInt(300), random.nextBoolean() ? Mass.ofGrams(500) : null);
      if (random.nextInt(4) > 0) {
        tray.inside(40 + random.nextInt(300), 30 + random.nextInt(200), 5 + random.nextInt(120));
      }
      if (random.nextInt(4) == 0) {
        boolean measured = random.nextBoolean();
        tray.slots(
            new Inside.Slots(
                1 + random.nextInt(24),
                measured ? 15 + random.nextInt(30) : null,
                measured ? 15 + random.nextInt(30) : null,
                null));
      }
      return tray.place();
    }

    private static Item thing(UUID place, Random random) {
      Outline outline = Outline.values()[random.nextInt(3)];
      int width = 6 + random.nextInt(60);
      int depth = outline == Outline.ROUND ? width : 6 + random.nextInt(120);
      return Given.thing(
              ProductClass.values()[random.nextInt(ProductClass.values().length)],
              Form.values()[random.nextInt(Form.values().length)])
          .measures(new Measures(outline, width, depth, 4 + random.nextInt(160), Mass.ofGrams(30)))
          .in(place)
          .item();
    }

    Tray open() {
      return OpenCase.layOut(outer, places, items);
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void everyThingIsDrawnOnceAndCounted(long seed) {
    AnyCase any = AnyCase.of(seed);
    Tray open = any.open();
    assertThat(open.allPieces().map(Piece::item))
        .containsExactlyInAnyOrderElementsOf(any.items().stream().map(Item::id).toList());
    assertThat(open.count()).isEqualTo(any.items().size());
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void compartmentsLieInTheirCaseAndNeverOnOneAnother(long seed) {
    assertTidy(AnyCase.of(seed).open());
  }

  private static void assertTidy(Tray tray) {
    for (int one = 0; one < tray.trays().size(); one++) {
      Box box = tray.trays().get(one).box();
      assertThat(Boxes.holds(tray.box(), box)).as("%s in %s", box, tray.box()).isTrue();
      for (int other = 0; other < one; other++) {
        assertThat(Boxes.overlap(box, tray.trays().get(other).box())).isFalse();
      }
    }
    tray.trays().forEach(OpenCasePropertyTest::assertTidy);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void theMassIsTheSumOfAllPlacesAndThings(long seed) {
    AnyCase any = AnyCase.of(seed);
    long places =
        any.places().inWalkingOrder().stream().mapToLong(place -> place.ownMass().grams()).sum();
    long things = any.items().stream().mapToLong(item -> item.mass().grams()).sum();
    assertThat(any.open().mass().grams()).isEqualTo(places + things);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void theSameCaseIsDrawnTheSameInWhateverOrderItIsTold(long seed) {
    AnyCase any = AnyCase.of(seed);
    List<Item> shuffled = new ArrayList<>(any.items());
    Collections.shuffle(shuffled, new Random(seed + 1));
    assertThat(OpenCase.layOut(any.outer(), any.places(), shuffled)).isEqualTo(any.open());
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatIsTooTallIsToldExactlyWhereTheLidDoesNotClose(long seed) {
    AnyCase any = AnyCase.of(seed);
    HashSet<UUID> told = new HashSet<>();
    any.open()
        .allFindings()
        .forEach(
            finding -> {
              if (finding instanceof CaseFinding.TooTall tall) {
                told.add(tall.item());
              }
            });
    for (Item item : any.items()) {
      Place place = any.places().find(item.now()).orElseThrow();
      Integer clear = place.inside().clearHeightMm();
      Measures measures = item.measures();
      boolean lies =
          measures.outline() == Outline.ROUND && clear != null && measures.widthMm() <= clear;
      boolean fits = clear == null || measures.heightMm() <= clear || lies;
      assertThat(told.contains(item.id())).as("%s in %s", measures, clear).isEqualTo(!fits);
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void oneMoreThingNeverMakesAPlaceEmptierOrLighter(long seed) {
    AnyCase any = AnyCase.of(seed);
    Place place = any.places().inWalkingOrder().getLast();
    List<Item> more = new ArrayList<>(any.items());
    more.add(AnyCase.thing(place.id(), new Random(seed)));
    Tray before = find(any.open(), place.id());
    Tray after = find(OpenCase.layOut(any.outer(), any.places(), more), place.id());
    assertThat(after.mass().grams()).isGreaterThan(before.mass().grams());
    if (before.fill() != null) {
      assertThat(after.fill()).isGreaterThan(before.fill());
    }
  }

  private static Tray find(Tray tray, UUID place) {
    if (tray.place().equals(place)) {
      return tray;
    }
    return tray.trays().stream()
        .map(inner -> find(inner, place))
        .filter(java.util.Objects::nonNull)
        .findFirst()
        .orElse(null);
  }
}
