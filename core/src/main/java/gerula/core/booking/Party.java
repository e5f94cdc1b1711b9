package gerula.core.booking;

import gerula.core.kit.KindOfWork;
import gerula.core.rule.PreparationPractice;
import java.time.Duration;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;

/**
 * The faces of a booking over its days, as the rules count them.
 *
 * @param house rules that change the needs
 */
record Party(Booking booking, NeedRules house) {

  /** All that is done to a face: what was booked, and what the conditions make of it. */
  Set<Service> services(Face face) {
    Set<Service> all = EnumSet.noneOf(Service.class);
    all.addAll(face.services());
    if (is(Condition.LONG_DAY) && !all.isEmpty()) {
      all.add(isOnSet() ? Service.STAND_BY : Service.TOUCH_UP_KIT);
    }
    if (house.preparation() == PreparationPractice.CLIENT_PREPARED) {
      all.remove(Service.SKIN_PREPARATION);
    }
    if (is(Condition.CHILDREN)) {
      all.remove(Service.LASHES);
      all.remove(Service.CLUSTER_LASHES);
    }
    return all;
  }

  /** Whether somebody stands by to touch up: the faces stay where the artist is. */
  boolean isOnSet() {
    KindOfWork kind = booking.kind();
    return kind != KindOfWork.EVENT && kind != KindOfWork.PORTRAITS && kind != null;
  }

  boolean is(Condition condition) {
    return booking.conditions().contains(condition);
  }

  /** How often a face is made up: days times looks, and in a group all of its heads. */
  int times(Face face) {
    return days(face) * face.looksPerDay() * face.heads();
  }

  /** After so long on set one touches up anew. Common practice. */
  private static final long ROUND_HOURS = 6;

  /** How often a face is touched up while one stands by, in a group all of its heads. */
  int rounds(Face face) {
    return booking
            .firstDay()
            .datesUntil(booking.lastDay().plusDays(1))
            .filter(face::isThereOn)
            .mapToInt(this::roundsOn)
            .sum()
        * face.heads();
  }

  /** Of a day that is only said to be long two. */
  private int roundsOn(LocalDate day) {
    Duration known = booking.lasting().get(day);
    if (known == null) {
      return is(Condition.LONG_DAY) ? 2 : 1;
    }
    return (int) Math.max(1, Math.ceilDiv(known.toMinutes(), ROUND_HOURS * 60));
  }

  int days(Face face) {
    return face.daysIn(booking);
  }

  /** Faces with this service, in order of priority. */
  List<Face> with(Service service) {
    return those(face -> services(face).contains(service));
  }

  List<Face> those(Predicate<Face> wanted) {
    return booking.faces().stream().filter(wanted).toList();
  }

  boolean any(Service service) {
    return !with(service).isEmpty();
  }

  /** Faces times days. */
  int faceDays() {
    return booking.faceDays();
  }

  /** How many heads these are. */
  static int heads(List<Face> faces) {
    return faces.stream().mapToInt(Face::heads).sum();
  }

  /** Days on which anybody is made up. */
  int workingDays() {
    return Math.max(1, facesByDay().size());
  }

  /** How many faces the busiest day has. */
  int facesADay() {
    return facesByDay().values().stream().mapToInt(Integer::intValue).max().orElse(1);
  }

  private Map<LocalDate, Integer> facesByDay() {
    Map<LocalDate, Integer> byDay = new TreeMap<>();
    booking
        .firstDay()
        .datesUntil(booking.lastDay().plusDays(1))
        .forEach(
            day -> {
              int many = heads(those(face -> face.isThereOn(day)));
              if (many > 0) {
                byDay.put(day, many);
              }
            });
    return byDay;
  }
}
