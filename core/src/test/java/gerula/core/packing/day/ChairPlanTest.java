package gerula.core.packing.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.Seeds;
import gerula.core.packing.day.ChairPlan.ChairSlot;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Who sits when: against every order and every chair. */
class ChairPlanTest {

  private static ChairArtist artist(String id, String from, String until) {
    return new ChairArtist(id, LocalTime.parse(from), LocalTime.parse(until), List.of());
  }

  private static ChairFace face(String id, int minutes, String readyBy) {
    return new ChairFace(id, minutes, LocalTime.parse(readyBy), null, null);
  }

  private static int at(String time) {
    return ChairArtist.minute(LocalTime.parse(time));
  }

  @Test
  void oneArtistBeginsAsLateAsAllAreReadyInTime() {
    ChairPlan plan =
        ChairPlan.of(
            List.of(artist("a", "04:00", "20:00")),
            List.of(face("lead", 75, "08:00"), face("maid", 45, "09:00")),
            8);
    // Backwards: the maid from 8:15, her turnover before, the lead until 8:00.
    assertThat(plan.latestStart()).isEqualTo(at("06:45"));
    assertThat(plan.maxLatenessMinutes()).isZero();
    assertThat(plan.isOptimal()).isTrue();
    assertThat(plan.slots())
        .containsExactly(
            new ChairSlot("lead", "a", at("06:45"), at("08:00"), 0),
            new ChairSlot("maid", "a", at("08:08"), at("08:53"), 0));
  }

  @Test
  void aBreakAndABeginningAndAnOwnArtistHold() {
    ChairArtist noon =
        new ChairArtist(
            "a",
            LocalTime.of(8, 0),
            LocalTime.of(18, 0),
            List.of(new ChairArtist.Break(LocalTime.of(12, 0), LocalTime.of(12, 30))));
    ChairFace late = new ChairFace("late", 30, LocalTime.of(13, 30), LocalTime.of(11, 45), "a");
    ChairPlan plan = ChairPlan.of(List.of(noon), List.of(late), 0);
    assertThat(plan.slots().getFirst().start()).isEqualTo(at("13:00"));
    ChairPlan sooner =
        ChairPlan.of(
            List.of(noon),
            List.of(new ChairFace("soon", 30, LocalTime.of(12, 40), LocalTime.of(11, 45), null)),
            0);
    assertThat(sooner.slots().getFirst().start()).isEqualTo(at("12:30"));
    assertThat(sooner.maxLatenessMinutes()).isEqualTo(20);
    assertThat(sooner.latestStart()).isNull();
  }

  @Test
  void whatIsDoneAfterTheArtistHadToGoIsLate() {
    ChairPlan plan =
        ChairPlan.of(
            List.of(artist("a", "08:00", "09:00")),
            List.of(face("one", 40, "12:00"), face("two", 40, "12:00")),
            5);
    assertThat(plan.maxLatenessMinutes()).isEqualTo(25);
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> ChairPlan.of(List.of(), List.of(face("a", 5, "08:00")), 0))
        .hasMessageContaining("add an artist");
    assertThatThrownBy(() -> new ChairFace("a", 5, LocalTime.of(8, 0), LocalTime.of(9, 0), null))
        .hasMessageContaining("not there before");
    assertThatThrownBy(() -> face("a", 0, "08:00")).hasMessageContaining("1 to 600");
    assertThatThrownBy(() -> artist("a", "09:00", "09:00")).hasMessageContaining("earlier");
    assertThat(ChairPlan.of(List.of(artist("a", "08:00", "09:00")), List.of(), 0).slots())
        .isEmpty();
  }

  static LongStream rounds() {
    return Seeds.upTo(60);
  }

  @ParameterizedTest
  @MethodSource("rounds")
  void noOtherOrderIsLessLateOrBeginsLater(long seed) {
    Random random = new Random(seed);
    List<ChairArtist> artists = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(2); i++) {
      LocalTime from = LocalTime.of(5 + random.nextInt(3), 10 * random.nextInt(6));
      List<ChairArtist.Break> breaks =
          random.nextBoolean()
              ? List.of()
              : List.of(new ChairArtist.Break(LocalTime.of(8, 0), LocalTime.of(8, 30)));
      artists.add(new ChairArtist("A" + i, from, from.plusHours(3 + random.nextInt(6)), breaks));
    }
    List<ChairFace> faces = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(4); i++) {
      LocalTime ready = LocalTime.of(6 + random.nextInt(5), 5 * random.nextInt(12));
      LocalTime there = random.nextInt(3) == 0 ? ready.minusMinutes(random.nextInt(90)) : null;
      String own = random.nextInt(4) == 0 ? artists.getFirst().id() : null;
      faces.add(new ChairFace("F" + i, 10 + random.nextInt(80), ready, there, own));
    }
    int turnover = random.nextInt(12);
    ChairPlan plan = ChairPlan.of(artists, faces, turnover);
    assertValid(plan, artists, faces, turnover);
    EveryOrder every = new EveryOrder(artists, faces, turnover);
    assertThat(plan.maxLatenessMinutes()).isEqualTo(every.leastLate(0));
    int first = plan.slots().stream().mapToInt(ChairSlot::start).min().orElseThrow();
    int latest = 24 * 60;
    while (every.leastLate(latest) > plan.maxLatenessMinutes()) {
      latest--;
    }
    assertThat(first).isGreaterThanOrEqualTo(latest);
    ChairPlan many = new ManyChairs(artists, faces, turnover).good();
    assertValid(many, artists, faces, turnover);
    assertThat(many.maxLatenessMinutes()).isGreaterThanOrEqualTo(plan.maxLatenessMinutes());
  }

  @Test
  void aLongDayIsPlannedToo() {
    List<ChairArtist> artists =
        List.of(artist("a", "06:00", "18:00"), artist("b", "06:00", "18:00"));
    List<ChairFace> faces = new ArrayList<>();
    for (int i = 0; i < 32; i++) {
      faces.add(face("f%02d".formatted(i), 12, "%02d:00".formatted(8 + i / 8)));
    }
    ChairPlan plan = ChairPlan.of(artists, faces, 3);
    assertValid(plan, artists, faces, 3);
    assertThat(plan.maxLatenessMinutes()).isZero();
    assertThat(plan.isOptimal()).isFalse();
  }

  @Test
  void ofVeryManyTwoChangePlacesWhereThatMakesItLessLate() {
    // By due date all wait for whoever comes at seven; four of them can be done before.
    List<ChairFace> faces = new ArrayList<>();
    faces.add(new ChairFace("late", 30, LocalTime.of(7, 50), LocalTime.of(7, 0), null));
    for (int i = 0; i < 12; i++) {
      faces.add(face("f%02d".formatted(i), 15, i < 6 ? "08:00" : "12:00"));
    }
    List<ChairArtist> alone = List.of(artist("a", "06:00", "18:00"));
    ChairPlan plan = ChairPlan.of(alone, faces, 0);
    assertValid(plan, alone, faces, 0);
    assertThat(plan.maxLatenessMinutes()).isZero();
    assertThat(plan.isOptimal()).isFalse();
    assertThat(plan.latestStart()).isEqualTo(plan.slots().getFirst().start());
    ChairPlan kept = ChairPlan.inOrder(alone, faces, faces.stream().map(ChairFace::id).toList(), 0);
    assertThat(kept.maxLatenessMinutes()).isEqualTo(60);
    assertThat(kept.latestStart()).isNull();
    List<ChairArtist> two = List.of(artist("b", "06:00", "18:00"), artist("a", "06:00", "18:00"));
    assertThat(ChairPlan.of(two, faces, 0).latestStart()).isNull();
    // Who has an artist of her own sits in no other chair, however many there are.
    faces.add(new ChairFace("own", 10, LocalTime.of(12, 0), null, "b"));
    assertValid(ChairPlan.of(two, faces, 0), two, faces, 0);
  }

  @Test
  void upToTwelveFacesAndThreeArtistsItIsTheBest() {
    List<ChairFace> faces = new ArrayList<>();
    List<ChairArtist> artists = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      faces.add(face("f%02d".formatted(i), 5, "12:00"));
    }
    for (int i = 0; i < 3; i++) {
      artists.add(artist("a" + i, "06:00", "18:00"));
    }
    assertThat(ChairPlan.of(artists, faces, 0).isOptimal()).isTrue();
    artists.add(artist("a3", "06:00", "18:00"));
    assertThat(ChairPlan.of(artists, faces, 0).isOptimal()).isFalse();
    assertThat(face("a", 600, "18:00").minutes()).isEqualTo(600);
    assertThat(face("a", 1, "18:00").minutes()).isOne();
    assertThatThrownBy(() -> face("a", 601, "18:00")).hasMessageContaining("1 to 600");
  }

  private static void assertValid(
      ChairPlan plan, List<ChairArtist> artists, List<ChairFace> faces, int turnover) {
    assertThat(plan.slots())
        .extracting(ChairSlot::face)
        .hasSameSizeAs(faces)
        .doesNotHaveDuplicates();
    for (ChairArtist artist : artists) {
      List<ChairSlot> own =
          plan.slots().stream().filter(slot -> slot.artist().equals(artist.id())).toList();
      int free = ChairArtist.minute(artist.from());
      for (ChairSlot slot : own) {
        ChairFace face = face(faces, slot.face());
        assertThat(slot.start()).isGreaterThanOrEqualTo(Math.max(free, face.there()));
        assertThat(slot.end() - slot.start()).isEqualTo(face.minutes());
        assertThat(face.artist() == null || face.artist().equals(artist.id())).isTrue();
        for (ChairArtist.Break one : artist.breaks()) {
          assertThat(
                  slot.end() <= ChairArtist.minute(one.from())
                      || slot.start() >= ChairArtist.minute(one.until()))
              .isTrue();
        }
        assertThat(slot.lateMinutes())
            .isEqualTo(
                Math.max(0, slot.end() - Math.min(face.due(), ChairArtist.minute(artist.until()))));
        free = slot.end() + turnover;
      }
    }
  }

  private static ChairFace face(List<ChairFace> faces, String id) {
    return faces.stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
  }

  /** Tries every order and every chair, each face as early as it can. */
  private record EveryOrder(List<ChairArtist> artists, List<ChairFace> faces, int turnover) {

    /** The least lateness where nobody begins before a minute. */
    int leastLate(int notBefore) {
      return tried(new ArrayList<>(faces), 0, notBefore, Integer.MAX_VALUE);
    }

    private int tried(List<ChairFace> order, int at, int notBefore, int best) {
      if (at == order.size()) {
        return Math.min(best, seated(order, new int[order.size()], 0, notBefore));
      }
      int least = best;
      for (int i = at; i < order.size(); i++) {
        Collections.swap(order, at, i);
        least = tried(order, at + 1, notBefore, least);
        Collections.swap(order, at, i);
      }
      return least;
    }

    private int seated(List<ChairFace> order, int[] whose, int at, int notBefore) {
      if (at == order.size()) {
        return late(order, whose, notBefore);
      }
      int least = Integer.MAX_VALUE;
      for (int artist = 0; artist < artists.size(); artist++) {
        @Nullable String own = order.get(at).artist();
        if (own == null || own.equals(artists.get(artist).id())) {
          whose[at] = artist;
          least = Math.min(least, seated(order, whose, at + 1, notBefore));
        }
      }
      return least;
    }

    private int late(List<ChairFace> order, int[] whose, int notBefore) {
      int[] free = artists.stream().mapToInt(one -> ChairArtist.minute(one.from())).toArray();
      int late = 0;
      for (int i = 0; i < whose.length; i++) {
        ChairArtist who = artists.get(whose[i]);
        ChairFace whom = order.get(i);
        int start = Math.max(Math.max(free[whose[i]], whom.there()), notBefore);
        int end = start;
        while (isInABreak(who, end, end + whom.minutes())) {
          end++;
        }
        end += whom.minutes();
        free[whose[i]] = end + turnover;
        late = Math.max(late, end - Math.min(whom.due(), ChairArtist.minute(who.until())));
      }
      return late;
    }

    private static boolean isInABreak(ChairArtist who, int start, int end) {
      return who.breaks().stream()
          .anyMatch(
              one ->
                  start < ChairArtist.minute(one.until()) && end > ChairArtist.minute(one.from()));
    }
  }
}
