package gerula.core.restock.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gerula.core.kit.product.ProductClass;
import gerula.core.restock.shop.Shop;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When to order how much, worked out by hand. At an even chance only what is expected counts. */
class OrderAdviceTest {

  private static final LocalDate MONDAY = LocalDate.of(2031, 4, 14);
  private static final UUID BOOKING = new UUID(3, 3);
  private static final double EVEN = 0.5;
  private static final int DAYS = 100;

  /** So much a day, evenly. */
  private static Baseline daily(double amount) {
    return new Baseline(amount, 0, 182);
  }

  private static StockPack pack(double amount, LocalDate last) {
    return new StockPack(new UUID(1, 1), amount, last);
  }

  private static StockFacts plain(double perDay, StockPack... packs) {
    return new StockFacts(List.of(packs), List.of(), FacePace.USUAL, daily(perDay), true);
  }

  private static OrderTerms terms(double pack, Integer onceOpen, Shop... shops) {
    return new OrderTerms(List.of(shops), 3, EVEN, pack, onceOpen);
  }

  private static Shop shop(int days) {
    return new Shop(
        new UUID(4, days),
        "Shop",
        days,
        Shop.WEEKDAYS,
        BigDecimal.ZERO,
        null,
        null,
        "EUR",
        null,
        null);
  }

  /** Ten are there and one goes a day: on the eleventh day one is missing, thirty in the month. */
  @Test
  void whatIsUsedEvenlyRunsOutOnItsDay() {
    OrderAdvice advice = OrderAdvice.of(plain(1, pack(10, null)), terms(12, 6), MONDAY, DAYS);
    assertThat(advice.neededOn()).isEqualTo(MONDAY.plusDays(10));
    assertThat(advice.orderBy()).isEqualTo(MONDAY.plusDays(7));
    assertThat(advice.packs()).isEqualTo(3);
    assertThat(advice.usablePacks()).isEqualTo(60);
    assertThat(advice.pastShare()).isCloseTo(0.5, within(1e-9));
    assertThat(advice.why()).isEqualTo(OrderAdvice.Why.PLAIN_USE);
    assertThat(advice.booking()).isNull();
    assertThat(advice.isLate(MONDAY.plusDays(7))).isFalse();
    assertThat(advice.isLate(MONDAY.plusDays(8))).isTrue();
  }

  /** Nothing is there and it takes a week: what is missing until a month after that is ordered. */
  @Test
  void whatTakesLongToComeIsOrderedForLonger() {
    OrderAdvice advice = OrderAdvice.of(plain(1), terms(1, null, shop(5)), MONDAY, DAYS);
    assertThat(advice.neededOn()).isEqualTo(MONDAY);
    assertThat(advice.packs()).isEqualTo(37);
    assertThat(advice.isLate(MONDAY)).isTrue();
    OrderAdvice nobody = OrderAdvice.of(plain(1), terms(1, null), MONDAY, DAYS);
    assertThat(nobody.packs()).isEqualTo(33);
    assertThat(nobody.pastShare()).isZero();
  }

  @Test
  void whatLastsIsNotOrderedAndNeverMoreThanAList() {
    assertThat(OrderAdvice.of(plain(1, pack(100, null)), terms(5, null), MONDAY, DAYS)).isNull();
    assertThat(OrderAdvice.of(plain(1, pack(99, null)), terms(5, null), MONDAY, DAYS)).isNotNull();
    assertThat(OrderAdvice.of(plain(500), terms(1, null), MONDAY, DAYS).packs()).isEqualTo(999);
    assertThat(OrderAdvice.of(plain(500), terms(1, null), MONDAY, DAYS).usablePacks())
        .isEqualTo(999);
    assertThat(OrderAdvice.of(plain(0.01), terms(50, 400), MONDAY, DAYS))
        .satisfies(
            advice -> {
              assertThat(advice.packs()).isEqualTo(1);
              assertThat(advice.usablePacks()).isEqualTo(1);
              assertThat(advice.pastShare()).isCloseTo(0.92, within(1e-9));
            });
    assertThat(OrderAdvice.of(plain(1), terms(5, 30), MONDAY, DAYS).pastShare()).isZero();
  }

  @Test
  void whatPassesItsDateIsOrderedForThat() {
    OrderAdvice advice =
        OrderAdvice.of(plain(1, pack(50, MONDAY.plusDays(4))), terms(12, null), MONDAY, DAYS);
    assertThat(advice.neededOn()).isEqualTo(MONDAY.plusDays(5));
    assertThat(advice.why()).isEqualTo(OrderAdvice.Why.DATE);
    OrderAdvice empty =
        OrderAdvice.of(plain(1, pack(0, MONDAY.minusDays(1))), terms(12, null), MONDAY, DAYS);
    assertThat(empty.why()).isEqualTo(OrderAdvice.Why.PLAIN_USE);
  }

  @Test
  void theBookingThatIsHitFirstIsNamed() {
    BookingUse early = new BookingUse(new UUID(5, 5), MONDAY.plusDays(1), MONDAY.plusDays(1), 6, 6);
    BookingUse late = new BookingUse(BOOKING, MONDAY.plusDays(8), MONDAY.plusDays(9), 10, 10);
    StockFacts facts =
        new StockFacts(
            List.of(pack(12, null)), List.of(early, late), FacePace.USUAL, Baseline.NONE, true);
    OrderAdvice advice = OrderAdvice.of(facts, terms(2, null), MONDAY, DAYS);
    // Six and five are there; of the last five one is.
    assertThat(advice.neededOn()).isEqualTo(MONDAY.plusDays(9));
    assertThat(advice.packs()).isEqualTo(2);
    assertThat(advice.booking()).isEqualTo(BOOKING);
    assertThat(advice.why()).isEqualTo(OrderAdvice.Why.BOOKING);
  }

  /** The surer one wants to be, the earlier it is needed. */
  @Test
  void aHigherLevelOrdersEarlier() {
    StockFacts facts =
        new StockFacts(
            List.of(pack(30, null)), List.of(), FacePace.USUAL, new Baseline(1, 1, 182), true);
    LocalDate even = OrderAdvice.of(facts, terms(5, null), MONDAY, DAYS).neededOn();
    LocalDate sure =
        OrderAdvice.of(facts, new OrderTerms(List.of(), 3, 0.99, 5, null), MONDAY, DAYS).neededOn();
    assertThat(even).isEqualTo(MONDAY.plusDays(30));
    assertThat(sure).isBefore(even);
  }

  @Test
  void aPackHoldsSomething() {
    assertThatThrownBy(() -> terms(0, null)).hasMessageContaining("holds something");
    assertThatThrownBy(() -> new OrderTerms(List.of(), -1, EVEN, 1, null))
        .hasMessageContaining("0 days or more");
    assertThat(new OrderTerms(List.of(), 0, EVEN, 1, null).deliveryDays()).isZero();
    assertThatThrownBy(() -> new BookingUse(BOOKING, MONDAY, MONDAY.minusDays(1), 1, 1))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new BookingUse(BOOKING, MONDAY, MONDAY, 0, 1))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new BookingUse(BOOKING, MONDAY, MONDAY, 1, 0))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest
  @CsvSource({"FOUNDATION, 0.99", "WAND, 0.99", "ALCOHOL_70, 0.99", "BLUSH, 0.95", "MAT, 0.95"})
  void whatStopsAJobIsWatchedMoreClosely(ProductClass one, double level) {
    assertThat(ServiceLevel.of(one)).isEqualTo(level);
    assertThat(ServiceLevel.stopsAJob(one)).isEqualTo(level > 0.95);
  }

  private static Baseline.Used used(int daysAgo, double amount) {
    return new Baseline.Used(MONDAY.minusDays(daysAgo), amount);
  }

  /** Four weeks of 7, 0, 0 and 1: two a week; what is older or not yet done does not count. */
  @Test
  void whatIsUsedBesideBookingsIsCountedByTheWeek() {
    Baseline baseline =
        Baseline.of(
            List.of(used(0, 3), used(6, 4), used(27, 1), used(28, 100), used(-1, 100)),
            MONDAY.minusDays(20),
            MONDAY);
    assertThat(baseline.days()).isEqualTo(28);
    assertThat(baseline.perDay()).isCloseTo(8 / 28.0, within(1e-9));
    // Squares of 5, -2, -2, -1 are 34; over three, the root, by the root of seven.
    assertThat(baseline.deviation()).isCloseTo(Math.sqrt(34 / 3.0) / Math.sqrt(7), within(1e-9));
    assertThat(Baseline.of(List.of(used(181, 1)), MONDAY.minusDays(999), MONDAY).days())
        .isEqualTo(182);
    assertThat(Baseline.of(List.of(used(181, 1)), MONDAY.minusDays(999), MONDAY).perDay())
        .isCloseTo(1 / 182.0, within(1e-9));
    assertThat(Baseline.of(List.of(), MONDAY, MONDAY)).isEqualTo(Baseline.NONE);
    assertThat(Baseline.of(List.of(used(1, -1)), MONDAY, MONDAY)).isEqualTo(Baseline.NONE);
    assertThatThrownBy(() -> new Baseline(-1, 0, 1)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Baseline(0, -1, 1)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Baseline(0, 0, 0.9)).isInstanceOf(IllegalArgumentException.class);
    assertThat(Baseline.told(14).perDay()).isEqualTo(2);
  }

  /**
   * The usual amount counts as five faces: five more that took twice as much make it one and a
   * half.
   */
  @Test
  void thePaceIsLearntFromFaceToFace() {
    assertThat(FacePace.of(0.6, 6, 5).share()).isCloseTo(1.5, within(1e-9));
    assertThat(FacePace.of(0.6, 6, 5).faces()).isEqualTo(10);
    assertThat(FacePace.of(0.6, 6, 5).isLearnt()).isTrue();
    assertThat(FacePace.USUAL.isLearnt()).isFalse();
    assertThat(FacePace.of(0.6, -4, 1000).share()).isCloseTo(0.05, within(1e-9));
    assertThatThrownBy(() -> new FacePace(0, 1)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new FacePace(1, 0)).isInstanceOf(IllegalArgumentException.class);
  }

  /**
   * By hand: what is counted varies by itself (Poisson) and by the unsure pace; what is measured by
   * half of itself from face to face.
   */
  @Test
  void theBandWidensWithWhatIsNotKnown() {
    BookingUse booked = new BookingUse(BOOKING, MONDAY, MONDAY, 12, 4);
    FacePace pace = new FacePace(0.5, 8);
    Demand counted =
        new Demand(new StockFacts(List.of(), List.of(booked), pace, daily(2), true), MONDAY, 3);
    assertThat(counted.mean(0)).isCloseTo(6 + 2, within(1e-9));
    assertThat(counted.mean(2)).isCloseTo(6 + 6, within(1e-9));
    // Six by themselves; six squared by one over eight faces of one and a half.
    assertThat(counted.variance(0)).isCloseTo(6 + 36.0 / 12, within(1e-9));
    Demand measured =
        new Demand(
            new StockFacts(List.of(), List.of(booked), pace, new Baseline(2, 3, 10), false),
            MONDAY,
            3);
    // Six by six, by a quarter, over four faces; six squared by a quarter over eight; the rest.
    assertThat(measured.variance(1))
        .isCloseTo(6 * 6 * 0.25 / 4 + 36 * 0.25 / 8 + 9 * 2 * (1 + 2 / 10.0), within(1e-9));
    assertThat(measured.days()).isEqualTo(3);
    assertThat(measured.at(1)[1]).isCloseTo(10 + Math.sqrt(measured.variance(1)), within(1e-9));
    // Less than before is never used up.
    assertThat(measured.at(-100)).containsExactly(0, 0, 0);
  }
}
