package gerula.core.booking;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;

/** Bookings and faces for tests: ordinary ones, of which a test states only what it is about. */
final class GivenBooking {

  static final LocalDate FIRST = LocalDate.of(2031, 4, 17);

  private GivenBooking() {}

  static Booking booking(int days, Set<Condition> conditions, Face... faces) {
    return new Booking(
        UUID.randomUUID(),
        "job",
        null,
        FIRST,
        FIRST.plusDays(days - 1),
        conditions,
        null,
        List.of(faces));
  }

  static Face face(double depth, Service... services) {
    return Face.of(UUID.randomUUID(), "face", depth, SkinType.NORMAL, Set.of(services));
  }

  static Face[] faces(int many, Service... services) {
    return IntStream.range(0, many).mapToObj(i -> face(5, services)).toArray(Face[]::new);
  }
}
