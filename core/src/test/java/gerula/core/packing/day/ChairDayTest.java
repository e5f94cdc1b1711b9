package gerula.core.packing.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.packing.day.ChairDay.ChairFinding;
import gerula.core.packing.day.ChairPlan.ChairSlot;
import gerula.core.packing.day.ChairWishes.ArtistHours;
import gerula.core.packing.day.ChairWishes.FaceWish;
import gerula.core.rule.Code;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The chairs of a day, from its faces and what was told of them. */
class ChairDayTest {

  private static final LocalTime CALL = LocalTime.of(6, 0);

  private static Face face(int id, Service... services) {
    return Face.of(new UUID(0, id), "face " + id, 5, SkinType.NORMAL, Set.of(services));
  }

  private static final Face SIMPLE = face(1, Service.BASE, Service.POWDER);

  /** Common practice; from memory. */
  @ParameterizedTest
  @CsvSource({
    "base powder, 30, 35",
    "base eyes, 45, 50",
    "base liner lashes, 55, 65",
    "base airbrush, 35, 40",
    "grooming powder, 15, 20",
    "skin-preparation, 15, 20",
    "touch-up-kit, 5, 10",
    "touch-up-kit stand-by, 5, 10",
    "base eyes hair-styling, 90, 100",
    "base fx-wound, 90, 100",
    "lips, 30, 35"
  })
  void aFaceTakesAsLongAsItsServicesUsuallyDoAndATenthMore(String told, int usual, int planned) {
    Service[] services =
        Arrays.stream(told.split(" "))
            .map(code -> Code.of(Service.class, code))
            .toArray(Service[]::new);
    assertThat(ChairMinutes.usual(face(1, services))).isEqualTo(usual);
    assertThat(ChairMinutes.planned(face(1, services))).isEqualTo(planned);
  }

  @Test
  void aGroupTakesTenMinutesAHead() {
    Face group = FaceBuilder.builder(SIMPLE).heads(12).build();
    assertThat(ChairMinutes.usual(group)).isEqualTo(120);
  }

  private static ChairDay day(ChairWishes wishes, @Nullable List<String> order, Face... faces) {
    return ChairDay.of(List.of(faces), wishes, CALL, order);
  }

  private static ChairWishes wishes(@Nullable String readyBy, Map<UUID, FaceWish> faces) {
    return new ChairWishes(List.of(), 10, readyBy == null ? null : LocalTime.parse(readyBy), faces);
  }

  private static ArtistHours artist(String id, String from, String until, ChairHours... breaks) {
    return new ArtistHours(id, hours(from, until), List.of(breaks));
  }

  private static ChairHours hours(String from, String until) {
    return new ChairHours(LocalTime.parse(from), LocalTime.parse(until));
  }

  private static FaceWish lead() {
    return new FaceWish(null, null, null, null, true);
  }

  @Test
  void nothingToldIsOneArtistFromTheCallOn() {
    ChairDay day = day(ChairWishes.NONE, null, SIMPLE, face(2, Service.BASE, Service.EYES));
    assertThat(day.artists()).extracting(ChairArtist::id).containsExactly("you");
    assertThat(day.plan().slots().getFirst().start()).isGreaterThanOrEqualTo(6 * 60);
    assertThat(day.plan().maxLatenessMinutes()).isZero();
    assertThat(day.findings()).isEmpty();
    assertThat(day.leastArtists()).isOne();
    assertThat(day.setsAtOnce()).isOne();
    assertThat(day.faces()).extracting(ChairFace::minutes).containsExactly(35, 50);
  }

  @Test
  void whatIsToldOfAFaceHoldsAndALeadIsReadyHalfAnHourEarly() {
    Face second = face(2, Service.BASE);
    Face third = face(3, Service.BASE);
    ChairDay day =
        day(
            wishes(
                "09:00",
                Map.of(
                    SIMPLE.id(),
                    lead(),
                    second.id(),
                    new FaceWish(60, LocalTime.of(8, 0), LocalTime.of(6, 30), "nobody", false),
                    third.id(),
                    new FaceWish(null, LocalTime.of(7, 0), LocalTime.of(8, 0), null, true))),
            null,
            SIMPLE,
            second,
            third);
    assertThat(day.faces())
        .extracting(ChairFace::minutes, ChairFace::readyBy, ChairFace::notBefore, ChairFace::artist)
        .containsExactly(
            tuple(35, LocalTime.of(8, 30), null, null),
            tuple(60, LocalTime.of(8, 0), LocalTime.of(6, 30), null),
            // Ready before she is there: as soon as she is.
            tuple(35, LocalTime.of(8, 0), LocalTime.of(8, 0), null));
  }

  @Test
  void tooManyForOneSayHowManyItTakes() {
    Face[] six = {face(1, Service.BASE), face(2, Service.BASE), face(3, Service.BASE)};
    ChairDay late = day(wishes("07:00", Map.of()), null, six);
    // 35 minutes each from six on: the second is ready at 7:20, the third at 8:05.
    assertThat(late.plan().maxLatenessMinutes()).isEqualTo(65);
    assertThat(late.findings()).containsExactly(ChairFinding.LATE);
    assertThat(late.leastArtists()).isEqualTo(3);
    assertThat(day(wishes("06:30", Map.of()), null, six).leastArtists()).isNull();
    ChairWishes two =
        new ChairWishes(
            List.of(artist("a", "06:00", "12:00"), artist("b", "06:00", "12:00")),
            10,
            LocalTime.of(9, 0),
            Map.of());
    assertThat(day(two, null, six).setsAtOnce()).isEqualTo(2);
  }

  /** A night shoot: whoever is to be ready at half past twelve is made up before, not after. */
  @Test
  void afterMidnightTheDayGoesOn() {
    ChairDay night =
        ChairDay.of(
            List.of(SIMPLE, face(2, Service.BASE)),
            wishes("00:30", Map.of()),
            LocalTime.of(22, 0),
            null);
    assertThat(night.plan().maxLatenessMinutes()).isZero();
    // 35 minutes each and 10 between, the last ready at half past midnight.
    assertThat(night.plan().latestStart()).isEqualTo(23 * 60 + 10);
    assertThat(night.plan().slots().getLast().end()).isEqualTo(24 * 60 + 30);
    assertThat(night.faces())
        .allSatisfy(face -> assertThat(night.clock().told(face.readyBy())).isEqualTo(24 * 60 + 30));
  }

  @Test
  void hoursPastMidnightAreKeptAndSoAreTheirBreaks() {
    ChairWishes wishes =
        new ChairWishes(
            List.of(artist("a", "23:00", "05:00", hours("23:20", "00:20"))),
            10,
            LocalTime.of(1, 0),
            Map.of());
    ChairDay day = ChairDay.of(List.of(SIMPLE), wishes, null, null);
    assertThat(day.plan().slots())
        .extracting(ChairSlot::start, ChairSlot::end, ChairSlot::lateMinutes)
        .containsExactly(tuple(24 * 60 + 25, 25 * 60, 0));
    assertThat(day.clock().told(day.artists().getFirst().until())).isEqualTo(29 * 60);
  }

  /** However late a day begins: what is told by the clock is as far from its call as before. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18})
  void aDayThatBeginsLaterIsTheSameDayLater(long hours) {
    ChairDay early = eightHoursFrom(CALL);
    ChairDay late = eightHoursFrom(CALL.plusHours(hours));
    int by = (int) (hours * 60) - (hours < 18 ? 0 : 24 * 60);
    assertThat(late.plan().slots())
        .extracting(ChairSlot::face, ChairSlot::start, ChairSlot::end, ChairSlot::lateMinutes)
        .isEqualTo(
            early.plan().slots().stream()
                .map(one -> tuple(one.face(), one.start() + by, one.end() + by, one.lateMinutes()))
                .toList());
  }

  private static ChairDay eightHoursFrom(LocalTime call) {
    Face second = face(2, Service.BASE);
    Face third = face(3, Service.BASE);
    Map<UUID, FaceWish> faces =
        Map.of(
            SIMPLE.id(), lead(),
            second.id(), new FaceWish(60, call.plusMinutes(50), call.plusMinutes(5), null, false),
            third.id(), new FaceWish(null, call.plusHours(8), call.plusHours(7), null, false));
    ChairWishes wishes = new ChairWishes(List.of(), 10, call.plusHours(4), faces);
    return ChairDay.of(List.of(SIMPLE, second, third), wishes, call, null);
  }

  @Test
  void hoursTheWrongWayRoundOrWithoutAnEndAreRefused() {
    assertThatThrownBy(() -> hours("09:00", "08:30")).hasMessageContaining("earlier to later");
    assertThatThrownBy(() -> hours("09:00", "09:00")).hasMessageContaining("earlier to later");
    assertThat(hours("14:00", "06:00")).isNotNull();
    assertThatThrownBy(() -> hours("14:00", "06:01")).hasMessageContaining("earlier to later");
    List<ArtistHours> round =
        List.of(
            artist("a", "22:00", "10:00"),
            artist("b", "08:00", "20:00"),
            artist("c", "19:00", "23:00"));
    assertThatThrownBy(() -> new ChairWishes(round, 0, null, Map.of()))
        .hasMessageContaining("round the clock");
  }

  @Test
  void aLeadThatSitsFirstOrLastIsTold() {
    Face one = face(1, Service.BASE);
    Face two = face(2, Service.BASE);
    Face three = face(3, Service.BASE);
    ChairWishes wishes = wishes(null, Map.of(one.id(), lead()));
    assertThat(order(wishes, one, two, three)).containsExactly(ChairFinding.LEAD_FIRST);
    assertThat(order(wishes, two, one, three)).isEmpty();
    assertThat(order(wishes, two, three, one)).containsExactly(ChairFinding.LEAD_LAST);
  }

  /** Where that makes nobody later; one who has to be ready first sits first all the same. */
  @Test
  void aLeadIsSeatedBetweenTheOthers() {
    Face one = face(1, Service.BASE);
    Face two = face(2, Service.BASE);
    Face three = face(3, Service.BASE);
    ChairDay free = day(wishes("10:00", Map.of(one.id(), lead())), null, one, two, three);
    assertThat(free.findings()).isEmpty();
    assertThat(free.plan().slots().get(1).face()).isEqualTo(one.id().toString());
    assertThat(free.plan().maxLatenessMinutes()).isZero();
    assertThat(free.plan().isOptimal()).isTrue();
    // 35 minutes and 10 between: the lead is ready at 9:15, half an hour before she must be, and
    // the
    // last at ten.
    assertThat(free.plan().latestStart()).isEqualTo(7 * 60 + 55);
    FaceWish first = new FaceWish(null, LocalTime.of(6, 40), null, null, true);
    ChairDay early = day(wishes("10:00", Map.of(one.id(), first)), null, one, two, three);
    assertThat(early.findings()).containsExactly(ChairFinding.LEAD_FIRST);
    assertThat(early.plan().maxLatenessMinutes()).isZero();
  }

  private static Set<ChairFinding> order(ChairWishes wishes, Face... faces) {
    List<String> order = Arrays.stream(faces).map(face -> face.id().toString()).toList();
    return day(wishes, order, faces).findings();
  }

  @Test
  void anOrderIsKeptAndItsConsequenceTold() {
    Face one = face(1, Service.BASE);
    Face two = face(2, Service.BASE);
    Map<UUID, FaceWish> soon =
        Map.of(one.id(), new FaceWish(30, LocalTime.of(6, 30), null, null, false));
    ChairDay best = day(wishes("12:00", soon), null, one, two);
    assertThat(best.plan().maxLatenessMinutes()).isZero();
    ChairDay asked =
        day(wishes("12:00", soon), List.of(two.id().toString(), one.id().toString()), one, two);
    assertThat(asked.plan().slots())
        .extracting(ChairSlot::face)
        .containsExactly(two.id().toString(), one.id().toString());
    // 35 minutes and the turnover, then hers.
    assertThat(asked.plan().maxLatenessMinutes()).isEqualTo(45);
    assertThat(asked.plan().isOptimal()).isFalse();
    assertThat(day(wishes("12:00", soon), List.of("unknown"), one, two).plan().slots()).hasSize(2);
  }
}
