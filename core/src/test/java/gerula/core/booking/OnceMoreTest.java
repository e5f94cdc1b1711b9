package gerula.core.booking;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.look.Look;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The same work once more, at another time. */
class OnceMoreTest {

  /** Thursday 17 April 2031 is its first day. */
  @ParameterizedTest
  @CsvSource({
    "1, 2031-04-01, 2031-04-24",
    "7, 2031-04-01, 2031-04-24",
    "8, 2031-04-01, 2031-05-01",
    "1, 2031-04-24, 2031-04-24",
    "1, 2031-04-25, 2031-05-01",
    "1, 2032-01-01, 2032-01-01",
  })
  void itComesOnTheSameDayOfTheWeekAfterItselfAndToday(
      int days, LocalDate today, LocalDate expected) {
    Booking booking = GivenBooking.booking(days, Set.of());
    assertThat(booking.onceMoreFrom(today)).isEqualTo(expected);
  }

  @Test
  void itsDaysMoveWithIt() {
    LocalDate first = GivenBooking.FIRST;
    Face face =
        FaceBuilder.builder(GivenBooking.face(5, Service.BASE))
            .daysPresent(new TreeSet<>(List.of(first.plusDays(1))))
            .build();
    Booking booking =
        GivenBooking.booking(3, Set.of(Condition.WET), face)
            .lasting(Map.of(first.plusDays(2), Duration.ofHours(14)));
    UUID other = UUID.randomUUID();
    LocalDate then = LocalDate.of(2031, 4, 24);
    Booking again = booking.again(other, then);
    assertThat(again.id()).isEqualTo(other);
    assertThat(again.firstDay()).isEqualTo(then);
    assertThat(again.lastDay()).isEqualTo(then.plusDays(2));
    assertThat(again.conditions()).containsExactly(Condition.WET);
    assertThat(again.faces().getFirst().daysPresent()).containsExactly(then.plusDays(1));
    assertThat(again.lasting()).isEqualTo(Map.of(then.plusDays(2), Duration.ofHours(14)));
  }

  @Test
  void aCopyHasFacesOfItsOwnWithoutWhatWasDoneToThem() {
    Look done = new Look(Look.Purpose.DONE, GivenBooking.FIRST, "", "soft", List.of(), List.of());
    Face face =
        FaceBuilder.builder(GivenBooking.face(5, Service.BASE)).looks(List.of(done)).build();
    Booking booking = GivenBooking.booking(1, Set.of(), face);
    LocalDate then = GivenBooking.FIRST.plusWeeks(1);
    Face copied = booking.copied(UUID::randomUUID, then).faces().getFirst();
    assertThat(copied.id()).isNotEqualTo(face.id());
    assertThat(copied.looks()).isEmpty();
    assertThat(copied.services()).isEqualTo(face.services());
    assertThat(booking.again(UUID.randomUUID(), then).faces().getFirst())
        .as("once more it is the same face")
        .isEqualTo(face);
  }
}
