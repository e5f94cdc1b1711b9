package gerula.shop;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.shop.Order.Asked;
import gerula.shop.Order.Delivery;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CounterTest {

  private static final LocalDate MONDAY = LocalDate.of(2031, 4, 14);
  private static final LocalDate LATE = MONDAY.plusMonths(2);

  private static Asked tissues(int packs) {
    return new Asked(new UUID(0, 1), "marrowby ", "Tissues", "", packs);
  }

  private static final Asked NOT_SOLD = new Asked(new UUID(0, 2), "Nobody", "Nothing", "", 2);

  private static Counter counter(long seed) {
    return new Counter(Catalogue.shipped(), seed);
  }

  static LongStream seeds() {
    return LongStream.range(0, 200);
  }

  /** Sometimes short, sometimes late: in the end everything that was confirmed has come, once. */
  @ParameterizedTest
  @MethodSource("seeds")
  void whatWasConfirmedComesInTheEnd(long seed) {
    Counter counter = counter(seed);
    Order order = counter.take(new UUID(7, seed), MONDAY, List.of(tissues(6), NOT_SOLD));
    assertThat(order.lines()).extracting(Order.Confirmed::packs).containsExactly(6, 0);
    assertThat(order.stateOn(MONDAY)).isEqualTo("confirmed");
    assertThat(order.arrivedBy(MONDAY)).isEmpty();
    assertThat(order.arrivedBy(LATE).stream().flatMap(one -> one.lines().stream()).toList())
        .allMatch(part -> part.line().equals(new UUID(0, 1)) && part.packs() > 0)
        .extracting(Order.Part::packs)
        .satisfies(
            packs -> assertThat(packs.stream().mapToInt(Integer::intValue).sum()).isEqualTo(6));
    assertThat(order.stateOn(LATE)).isEqualTo("delivered");
    assertThat(order.nextAfter(LATE)).isNull();
    assertThat(order.deliveries()).extracting(Delivery::note).doesNotHaveDuplicates();
    // A Monday, and three working days at least.
    assertThat(order.nextAfter(MONDAY)).isAfterOrEqualTo(MONDAY.plusDays(3));
    assertThat(counter(seed).take(new UUID(7, seed), MONDAY, List.of(tissues(6), NOT_SOLD)))
        .isEqualTo(order);
  }

  @Test
  void nowAndThenItIsShortOrLate() {
    long inParts = 0;
    long late = 0;
    for (long seed = 0; seed < 200; seed++) {
      Order order = counter(seed).take(new UUID(7, seed), MONDAY, List.of(tissues(6)));
      inParts += order.deliveries().size() > 1 ? 1 : 0;
      late += order.deliveries().getFirst().on().isAfter(MONDAY.plusDays(3)) ? 1 : 0;
    }
    assertThat(inParts).isBetween(10L, 90L);
    assertThat(late).isBetween(10L, 90L);
  }

  @Test
  void theSameOrderIsOneOrderAndIsCalledOffAsLongAsNothingWasSent() {
    Counter counter = counter(1);
    UUID id = new UUID(7, 7);
    Order order = counter.take(id, MONDAY, List.of(tissues(6)));
    assertThat(counter.take(id, MONDAY.plusDays(1), List.of(tissues(1)))).isSameAs(order);
    assertThat(counter.callOff(id, LATE)).isFalse();
    assertThat(counter.callOff(id, MONDAY)).isTrue();
    assertThat(counter.find(id)).isEmpty();
    assertThat(counter.callOff(id, MONDAY)).isFalse();
  }

  @Test
  void workingDaysLeaveOutTheWeekend() {
    assertThat(Order.workingDays(LocalDate.of(2031, 4, 18), 1))
        .isEqualTo(LocalDate.of(2031, 4, 21));
    assertThat(Order.workingDays(MONDAY, 0)).isEqualTo(MONDAY);
  }
}
