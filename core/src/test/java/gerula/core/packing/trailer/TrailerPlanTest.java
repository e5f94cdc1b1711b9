package gerula.core.packing.trailer;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.packing.trailer.TrailerDay.Brought;
import gerula.core.packing.trailer.TrailerDay.GoesHome;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is in the trailer on which day, and in which order it is moved. */
class TrailerPlanTest {

  private static final LocalDate FIRST = LocalDate.of(2031, 5, 5);
  private static final UUID LEFT = new UUID(1, 1);
  private static final UUID RIGHT = new UUID(1, 2);
  private static final UUID BAG = new UUID(2, 1);

  private static TrailerPieceBuilder piece(int id, UUID station, Integer... days) {
    TreeSet<LocalDate> needed = new TreeSet<>();
    for (int day : days) {
      needed.add(FIRST.plusDays(day));
    }
    return TrailerPieceBuilder.builder()
        .item(new UUID(3, id))
        .days(needed)
        .bag(BAG)
        .station(station);
  }

  private static TrailerPlan plan(LocalDate today, int days, TrailerPiece... pieces) {
    return TrailerPlan.of(
        List.of(pieces), List.of(LEFT, RIGHT), FIRST, FIRST.plusDays(days - 1), today);
  }

  private static List<Brought> once(TrailerPiece... pieces) {
    return List.of(pieces).stream().map(one -> new Brought(one.item(), false)).toList();
  }

  @Test
  void itComesOnItsFirstDayStaysAndGoesHomeAfterItsLast() {
    TrailerPiece all = piece(1, LEFT, 0, 1, 2, 3).build();
    TrailerPiece once = piece(2, LEFT, 1).build();
    TrailerPiece twice = piece(3, LEFT, 1, 3).build();
    List<TrailerDay> days = plan(FIRST.minusDays(3), 4, all, once, twice).days();
    assertThat(days).extracting(TrailerDay::day).hasSize(4).startsWith(FIRST);
    assertThat(days.get(0).bring()).isEqualTo(once(all));
    assertThat(days.get(1).bring()).isEqualTo(once(once, twice));
    assertThat(days.get(1).goesHome()).containsExactly(new GoesHome(once.item(), false));
    assertThat(days.get(1).staying()).isEqualTo(2);
    assertThat(days.get(2).bring()).isEmpty();
    assertThat(days.get(3).goesHome())
        .containsExactly(new GoesHome(all.item(), false), new GoesHome(twice.item(), false));
    assertThat(days.get(3).staying()).isZero();
  }

  /** Common practice: what melts or freezes is not left in a closed vehicle. */
  @Test
  void whatFrostSpoilsGoesHomeForTheNightAndComesAgain() {
    TrailerPiece cream = piece(1, LEFT, 0, 1, 3).spoilsOvernight(true).build();
    List<TrailerDay> days = plan(FIRST, 4, cream).days();
    assertThat(days).extracting(TrailerDay::staying).containsOnly(0);
    assertThat(days.get(0).goesHome()).containsExactly(new GoesHome(cream.item(), true));
    assertThat(days.get(1).bring()).containsExactly(new Brought(cream.item(), true));
    assertThat(days.get(2).bring()).isEmpty();
    assertThat(days.get(2).goesHome()).isEmpty();
    assertThat(days.get(3).goesHome()).containsExactly(new GoesHome(cream.item(), false));
  }

  @Test
  void whatLivesThereStaysAndIsNeitherBroughtNorTakenHome() {
    TrailerPiece mirror = piece(1, LEFT, 0, 1).isThere(true).livesThere(true).build();
    TrailerPlan plan = plan(FIRST, 2, mirror);
    assertThat(plan.movingIn()).isEmpty();
    assertThat(plan.movingOut()).isEmpty();
    assertThat(plan.days()).allSatisfy(day -> assertThat(day.bring()).isEmpty());
    assertThat(plan.days()).allSatisfy(day -> assertThat(day.goesHome()).isEmpty());
    assertThat(plan.days().getLast().staying()).isOne();
  }

  /** In the middle of a job: what is missing still is brought today, what is over goes home. */
  @Test
  void fromTodayOnItTellsWhatIsLeftToDo() {
    TrailerPiece missing = piece(1, LEFT, 0, 3).build();
    TrailerPiece over = piece(2, LEFT, 0).isThere(true).build();
    TrailerPiece neverCame = piece(3, LEFT, 0).build();
    List<TrailerDay> days = plan(FIRST.plusDays(2), 4, missing, over, neverCame).days();
    assertThat(days).hasSize(2);
    assertThat(days.getFirst().bring()).isEmpty();
    assertThat(days.getLast().bring()).isEqualTo(once(missing));
    assertThat(days.getFirst().goesHome()).containsExactly(new GoesHome(over.item(), false));
    assertThat(days.getFirst().staying()).isZero();
    assertThat(plan(FIRST.plusDays(9), 4, missing).days()).isEmpty();
  }

  @Test
  void aLongRunIsToldForTwoMonths() {
    TrailerPiece always = piece(1, LEFT, 0, 299).build();
    assertThat(plan(FIRST, 300, always).days()).hasSize(TrailerPlan.MOST_DAYS);
  }

  @Test
  void itIsSetUpFromLeftToRightAndPackedUpTheOtherWayRound() {
    TrailerPiece lips = piece(1, RIGHT, 0).setUpRank(8).build();
    TrailerPiece skin = piece(2, LEFT, 0).setUpRank(1).build();
    TrailerPiece base = piece(3, LEFT, 0).setUpRank(2).bag(null).build();
    TrailerPiece there = piece(4, RIGHT, 0).setUpRank(9).isThere(true).build();
    TrailerPlan plan = plan(FIRST, 1, lips, base, there, skin);
    assertThat(plan.movingIn())
        .containsExactly(
            new TrailerPlan.Carry(skin.item(), BAG, LEFT),
            new TrailerPlan.Carry(base.item(), null, LEFT),
            new TrailerPlan.Carry(lips.item(), BAG, RIGHT));
    assertThat(plan.movingOut())
        .extracting(TrailerPlan.Carry::item)
        .containsExactly(there.item(), lips.item(), base.item(), skin.item());
  }

  static LongStream seeds() {
    return Seeds.upTo(200);
  }

  /**
   * Followed day by day, everything is there when it is needed, once, and in the end all is home.
   */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whoFollowsItHasEverythingWhenItIsNeeded(long seed) {
    Random random = new Random(seed);
    int length = 1 + random.nextInt(9);
    LocalDate today = FIRST.plusDays(random.nextInt(length + 3) - 3L);
    LocalDate from = today.isAfter(FIRST) ? today : FIRST;
    List<TrailerPiece> pieces = new ArrayList<>();
    for (int id = 0; id < 30; id++) {
      pieces.add(randomPiece(random, id, length));
    }
    Set<UUID> there = new HashSet<>();
    pieces.stream().filter(TrailerPiece::isThere).map(TrailerPiece::item).forEach(there::add);
    TrailerPlan plan = plan(today, length, pieces.toArray(TrailerPiece[]::new));
    for (TrailerDay day : plan.days()) {
      day.bring().forEach(one -> assertThat(there.add(one.item())).isTrue());
      assertThat(there)
          .containsAll(
              pieces.stream()
                  .filter(piece -> piece.days().contains(day.day()))
                  .map(TrailerPiece::item)
                  .toList());
      day.goesHome().forEach(one -> assertThat(there.remove(one.item())).isTrue());
      assertThat(day.staying()).isEqualTo(there.size());
      pieces.stream()
          .filter(piece -> piece.spoilsOvernight() && !piece.livesThere())
          .filter(piece -> piece.days().contains(day.day()))
          .forEach(piece -> assertThat(there).doesNotContain(piece.item()));
    }
    if (!from.isAfter(FIRST.plusDays(length - 1L))) {
      assertThat(there)
          .isSubsetOf(
              pieces.stream().filter(TrailerPiece::livesThere).map(TrailerPiece::item).toList());
    }
  }

  private static TrailerPiece randomPiece(Random random, int id, int length) {
    TreeSet<LocalDate> days = new TreeSet<>();
    do {
      days.add(FIRST.plusDays(random.nextInt(length)));
    } while (random.nextBoolean());
    boolean lives = random.nextInt(6) == 0;
    return piece(id, random.nextBoolean() ? LEFT : RIGHT)
        .days(days)
        .setUpRank(random.nextInt(12))
        .isThere(lives || random.nextInt(4) == 0)
        .livesThere(lives)
        .spoilsOvernight(random.nextInt(3) == 0)
        .build();
  }
}
