package gerula.core.restock.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gerula.core.restock.RunOut;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The line that falls, its band, and what is advised to order. */
class OutlookTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);
  private static final int DAYS = 182;

  static LongStream seeds() {
    return LongStream.range(0, 120);
  }

  private static StockFacts drawn(Random chance, boolean isCounted) {
    List<StockPack> packs = new ArrayList<>();
    for (int at = chance.nextInt(4); at >= 0; at--) {
      LocalDate last = chance.nextInt(3) == 0 ? null : TODAY.plusDays(chance.nextInt(300) - 20);
      packs.add(new StockPack(new UUID(1, at), chance.nextInt(40), last));
    }
    List<BookingUse> bookings = new ArrayList<>();
    for (int at = chance.nextInt(4); at > 0; at--) {
      LocalDate first = TODAY.plusDays(chance.nextInt(150));
      double faces = 1 + chance.nextInt(30);
      bookings.add(
          new BookingUse(
              new UUID(2, at), first, first.plusDays(chance.nextInt(9)), faces * 0.6, faces));
    }
    FacePace pace = FacePace.of(0.6, chance.nextInt(20), chance.nextInt(30));
    return new StockFacts(packs, bookings, pace, Baseline.told(chance.nextInt(4)), isCounted);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void theBandLiesAroundALineThatNeverRises(long seed) {
    StockFacts facts = drawn(new Random(seed), seed % 2 == 0);
    Outlook outlook = Outlook.of(facts, TODAY, DAYS);
    double before = Double.MAX_VALUE;
    for (Outlook.Point point : outlook.line()) {
      assertThat(point.least()).isLessThanOrEqualTo(point.left() + 1e-9);
      assertThat(point.most()).isGreaterThanOrEqualTo(point.left() - 1e-9);
      assertThat(point.left()).isBetween(0.0, before);
      before = point.left();
    }
    if (outlook.runsOutOn() != null) {
      assertThat(outlook.mayRunOutOn()).isNotNull().isBeforeOrEqualTo(outlook.runsOutOn());
    }
    if (outlook.shortFor() != null) {
      assertThat(outlook.mayBeShortFor()).isNotNull();
    }
  }

  /**
   * The exact reckoning of one pack knows nothing of chance: the middle of the band is the same.
   */
  @ParameterizedTest
  @MethodSource("seeds")
  void theMiddleRunsOutWhenTheExactReckoningDoes(long seed) {
    Random chance = new Random(seed);
    int perWeek = chance.nextInt(5);
    LocalDate last = chance.nextBoolean() ? TODAY.plusDays(chance.nextInt(170)) : null;
    int left = 1 + chance.nextInt(60);
    List<BookingUse> bookings =
        IntStream.range(0, chance.nextInt(4))
            .mapToObj(
                at -> {
                  LocalDate day = TODAY.plusDays(chance.nextInt(170));
                  return new BookingUse(new UUID(2, at), day, day, 1 + chance.nextInt(20), 5);
                })
            .toList();
    RunOut exact =
        RunOut.of(
            BigDecimal.valueOf(left),
            TODAY,
            bookings.stream()
                .map(one -> new RunOut.Event(one.firstDay(), BigDecimal.valueOf(one.amount())))
                .toList(),
            BigDecimal.valueOf(perWeek),
            last);
    Outlook outlook =
        Outlook.of(
            new StockFacts(
                List.of(new StockPack(new UUID(1, 1), left, last)),
                bookings,
                FacePace.USUAL,
                Baseline.told(perWeek),
                false),
            TODAY,
            DAYS);
    boolean isSeen = exact.runsOutOn() != null && exact.runsOutOn().isBefore(TODAY.plusDays(DAYS));
    assertThat(outlook.runsOutOn()).isEqualTo(isSeen ? exact.runsOutOn() : null);
  }

  /** Drawn as the model says things are drawn, the band must hold four times out of five. */
  @Test
  void theBandHoldsFourTimesOutOfFive() {
    Random chance = new Random(11);
    for (boolean isCounted : new boolean[] {false, true}) {
      int held = 0;
      int rounds = 4000;
      for (int round = 0; round < rounds; round++) {
        double faces = 6 + chance.nextInt(25);
        double behind = FacePace.FACES_OF_THE_USUAL + chance.nextInt(40);
        StockFacts facts =
            new StockFacts(
                List.of(new StockPack(new UUID(1, 1), 1_000, null)),
                List.of(new BookingUse(new UUID(2, 1), TODAY, TODAY.plusDays(3), faces, faces)),
                new FacePace(1, behind),
                Baseline.NONE,
                isCounted);
        Outlook.Point end = Outlook.of(facts, TODAY, 15).line().getLast();
        double left = 1_000 - taken(chance, faces, behind, isCounted);
        // Of what is counted the edge itself is hit now and then.
        double slack = isCounted ? chance.nextDouble() - 0.5 : 0;
        held += left + slack >= end.least() && left + slack <= end.most() ? 1 : 0;
      }
      assertThat(held / (double) rounds).as("counted " + isCounted).isBetween(0.77, 0.83);
    }
  }

  /** What that many faces take if the pace is known from so many others only. */
  private static double taken(Random chance, double faces, double behind, boolean isCounted) {
    double spread = FacePace.FROM_FACE_TO_FACE;
    if (!isCounted) {
      double pace = 1 + chance.nextGaussian() * spread / Math.sqrt(behind);
      return faces * pace + chance.nextGaussian() * spread * Math.sqrt(faces);
    }
    return poisson(chance, faces * gamma(chance, behind) / behind);
  }

  /** A sum of exponentials: the shapes here are whole. */
  private static double gamma(Random chance, double shape) {
    double sum = 0;
    for (int at = 0; at < shape; at++) {
      sum -= Math.log(1 - chance.nextDouble());
    }
    return sum;
  }

  private static int poisson(Random chance, double mean) {
    double limit = Math.exp(-mean);
    double product = chance.nextDouble();
    int count = 0;
    while (product > limit) {
      product *= chance.nextDouble();
      count++;
    }
    return count;
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whatIsAdvisedLastsUntilOneLooksAgain(long seed) {
    StockFacts facts = drawn(new Random(seed), seed % 2 == 0);
    OrderTerms terms = new OrderTerms(List.of(), 7, seed % 3 == 0 ? 0.99 : 0.95, 10, 180);
    OrderAdvice advice = OrderAdvice.of(facts, terms, TODAY, 90);
    if (advice == null) {
      return;
    }
    assertThat(advice.packs()).isPositive();
    assertThat(advice.orderBy().getDayOfWeek()).isNotIn(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);
    assertThat(advice.orderBy()).isBeforeOrEqualTo(advice.neededOn().minusDays(7));
    List<StockPack> with = new ArrayList<>(facts.packs());
    with.add(new StockPack(new UUID(9, 9), advice.packs() * terms.pack(), null));
    OrderAdvice again =
        OrderAdvice.of(
            new StockFacts(
                with, facts.bookings(), facts.pace(), facts.baseline(), facts.isCounted()),
            terms,
            TODAY,
            90);
    LocalDate there = advice.isLate(TODAY) ? TODAY.plusDays(7) : advice.neededOn();
    if (again != null) {
      assertThat(again.neededOn()).isAfterOrEqualTo(there.plusDays(29));
    }
  }

  @Test
  void aBookingThatIsHitIsNamed() {
    UUID first = new UUID(2, 1);
    StockFacts facts =
        new StockFacts(
            List.of(
                new StockPack(new UUID(1, 1), 3, null),
                new StockPack(new UUID(1, 2), 50, TODAY.plusDays(2))),
            List.of(
                new BookingUse(first, TODAY.plusDays(30), TODAY.plusDays(31), 6, 10),
                new BookingUse(new UUID(2, 2), TODAY.plusDays(60), TODAY.plusDays(60), 6, 10)),
            FacePace.USUAL,
            Baseline.NONE,
            false);
    Outlook outlook = Outlook.of(facts, TODAY, DAYS);
    assertThat(outlook.left()).isEqualTo(53);
    assertThat(outlook.past()).isEqualTo(50);
    assertThat(outlook.shortFor()).isEqualTo(new Outlook.ShortFor(first, 3));
    OrderAdvice advice =
        OrderAdvice.of(facts, new OrderTerms(List.of(), 7, 0.95, 5, null), TODAY, DAYS);
    assertThat(advice).isNotNull();
    assertThat(advice.booking()).isEqualTo(first);
    assertThat(advice.why()).isEqualTo(OrderAdvice.Why.BOOKING);
    // The thirtieth day is a Wednesday; 14 May less a week.
    assertThat(advice.orderBy()).isEqualTo(LocalDate.of(2031, 5, 7));
  }

  @Test
  void whatNobodyUsesIsNotOrdered() {
    StockFacts facts =
        new StockFacts(
            List.of(new StockPack(new UUID(1, 1), 3, TODAY.plusDays(5))),
            List.of(),
            FacePace.USUAL,
            Baseline.NONE,
            false);
    assertThat(OrderAdvice.of(facts, new OrderTerms(List.of(), 7, 0.99, 5, null), TODAY, 90))
        .isNull();
    assertThat(Outlook.of(facts, TODAY, 90).runsOutOn()).isEqualTo(TODAY.plusDays(6));
  }

  @Test
  void aPaceIsLearntFromFacesAndTheUsualAmountStandsForFive() {
    assertThat(FacePace.of(0.6, 0, 0)).isEqualTo(FacePace.USUAL);
    // Fifteen faces took twice as much: (5 x 1 + 15 x 2) / 20.
    FacePace learnt = FacePace.of(0.6, 18, 15);
    assertThat(learnt.share()).isCloseTo(1.75, within(1e-12));
    assertThat(learnt.isLearnt()).isTrue();
  }

  @Test
  void aBaselineCountsWeeksWithoutAnyUse() {
    List<Baseline.Used> used =
        List.of(
            new Baseline.Used(TODAY.minusDays(3), 7),
            new Baseline.Used(TODAY.minusDays(20), 7),
            new Baseline.Used(TODAY.minusDays(400), 90));
    Baseline baseline = Baseline.of(used, TODAY.minusDays(28), TODAY);
    assertThat(baseline.perDay()).isCloseTo(0.5, within(1e-12));
    assertThat(baseline.deviation()).isPositive();
    assertThat(Baseline.of(List.of(), TODAY.minusDays(28), TODAY)).isEqualTo(Baseline.NONE);
  }

  /** Between two told points the line runs straight, as near as one sees. */
  @ParameterizedTest
  @MethodSource("seeds")
  void theToldPointsAreTheLine(long seed) {
    StockFacts facts = drawn(new Random(seed), seed % 2 == 0);
    Outlook outlook = Outlook.of(facts, TODAY, DAYS);
    double[] left = new Falling(facts.packs(), TODAY, new Demand(facts, TODAY, DAYS).at(0)).left;
    List<Outlook.Point> line = outlook.line();
    assertThat(line.getFirst().on()).isEqualTo(TODAY);
    assertThat(line.getLast().on()).isEqualTo(TODAY.plusDays(DAYS - 1L));
    double seen = Math.max(1, left[0]) * 0.0041;
    for (int at = 1; at < line.size(); at++) {
      int from = (int) (line.get(at - 1).on().toEpochDay() - TODAY.toEpochDay());
      int to = (int) (line.get(at).on().toEpochDay() - TODAY.toEpochDay());
      assertThat(line.get(at).left()).isEqualTo(left[to]);
      for (int day = from; day <= to; day++) {
        double share = (day - from) / (double) (to - from);
        double straight = left[from] + share * (left[to] - left[from]);
        assertThat(left[day]).isCloseTo(straight, within(seen));
      }
    }
  }

  /** What falls evenly and never runs out is two points; what is past its date is not there. */
  @Test
  void aStraightLineIsTwoPoints() {
    StockPack past = new StockPack(new UUID(1, 1), 50, TODAY.minusDays(1));
    StockPack good = new StockPack(new UUID(1, 2), 500, TODAY);
    StockPack endless = new StockPack(new UUID(1, 3), 1000, null);
    StockFacts facts =
        new StockFacts(
            List.of(past, endless), List.of(), FacePace.USUAL, new Baseline(1, 0, 182), true);
    Outlook outlook = Outlook.of(facts, TODAY, DAYS);
    assertThat(outlook.line()).hasSize(2);
    assertThat(outlook.left()).isEqualTo(1000);
    assertThat(outlook.past()).isEqualTo(50);
    assertThat(outlook.runsOutOn()).isNull();
    Outlook ends =
        Outlook.of(
            new StockFacts(List.of(good), List.of(), FacePace.USUAL, new Baseline(1, 0, 182), true),
            TODAY,
            DAYS);
    assertThat(ends.left()).isEqualTo(500);
    assertThat(ends.runsOutOn()).isEqualTo(TODAY.plusDays(1));
    Outlook empty =
        Outlook.of(
            new StockFacts(List.of(), List.of(), FacePace.USUAL, Baseline.NONE, true), TODAY, DAYS);
    assertThat(empty.runsOutOn()).isEqualTo(TODAY);
  }
}
