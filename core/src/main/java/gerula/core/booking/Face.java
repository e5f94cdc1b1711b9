package gerula.core.booking;

import gerula.core.booking.look.Look;
import gerula.core.kit.product.Sensitivity;
import gerula.core.shade.Lab;
import gerula.core.shade.Undertone;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One face made up on a booking.
 *
 * @param person who it is, null as long as nobody had to know
 * @param name hers, or what the face is called on this booking
 * @param depth skin depth, 1 (lightest) to 10 (deepest), half steps allowed
 * @param undertone to which side it leans, null as long as nobody said
 * @param zones where the skin behaves differently from the rest
 * @param askedOn when somebody asked what she reacts to; null: nobody has, and then no known
 *     sensitivity says nothing
 * @param services what is done to the face; may be empty while it is not known
 * @param daysPresent the days she is there, empty for all of them
 * @param looksPerDay how often she is made up on each of them, 1 to 9
 * @param colour what her skin was measured or picked as, null as long as only its depth is known
 * @param matches the product whose shade is hers, null where nobody said so
 * @param heads how many there are alike: more than one for a group in the background
 * @param depthTo the deepest of a group, whose lightest is the depth; null where all are alike
 * @param looks what was or will be done to her
 */
@RecordBuilder
public record Face(
    UUID id,
    @Nullable UUID person,
    String name,
    double depth,
    @Nullable Undertone undertone,
    Hair hair,
    SkinType skinType,
    Map<Zone, SkinType> zones,
    Set<Concern> concerns,
    Set<Sensitivity> sensitivities,
    @Nullable LocalDate askedOn,
    Set<Service> services,
    SortedSet<LocalDate> daysPresent,
    int looksPerDay,
    @Nullable Lab colour,
    @Nullable UUID matches,
    int heads,
    @Nullable Double depthTo,
    List<Look> looks) {

  /** More is no day's work any more. */
  public static final int MOST_LOOKS = 9;

  /** More are several bookings. */
  public static final int MOST_HEADS = 500;

  public Face {
    requireDepth(depth, name);
    if (looksPerDay < 1 || looksPerDay > MOST_LOOKS) {
      throw new IllegalArgumentException(
          "A face has 1 to 9 looks a day, but " + looksPerDay + " were given for " + name + ".");
    }
    requireHeads(heads, name);
    looks = List.copyOf(looks);
    if (depthTo != null && requireDepth(depthTo, name) < depth) {
      throw new IllegalArgumentException(
          "A group goes from its lightest to its deepest, but " + name + " is told the other way.");
    }
    zones = Collections.unmodifiableMap(new TreeMap<>(zones));
    concerns = Set.copyOf(concerns);
    sensitivities = Set.copyOf(sensitivities);
    services = Set.copyOf(services);
    daysPresent = Collections.unmodifiableSortedSet(new TreeSet<>(daysPresent));
  }

  /**
   * @throws IllegalArgumentException when no skin has this depth
   */
  public static double requireDepth(double depth, String name) {
    if (!(depth >= 1 && depth <= 10)) {
      throw new IllegalArgumentException(
          "A skin depth lies between 1 and 10, but " + depth + " was given for " + name + ".");
    }
    return depth;
  }

  /**
   * @throws IllegalArgumentException when no group has so many
   */
  public static int requireHeads(int heads, String name) {
    if (heads < 1 || heads > MOST_HEADS) {
      throw new IllegalArgumentException(
          "A group has 1 to 500 heads, but " + heads + " were given for " + name + ".");
    }
    return heads;
  }

  /** A face of which only this is known: there every day, with one look. */
  public static Face of(UUID id, String name, double depth, SkinType skin, Set<Service> services) {
    return new Face(
        id,
        null,
        name,
        depth,
        null,
        Hair.UNKNOWN,
        skin,
        Map.of(),
        Set.of(),
        Set.of(),
        null,
        services,
        Collections.emptySortedSet(),
        1,
        null,
        null,
        1,
        null,
        List.of());
  }

  /**
   * A group parted by depth, alike otherwise and under one id: as many parts as there are whole
   * steps of depth, the heads shared out evenly. A face by itself is its only part.
   */
  Stream<Face> parts() {
    if (depthTo == null || depthTo - depth < 1) {
      return Stream.of(this);
    }
    int parts = (int) Math.min(heads, Math.floor(depthTo - depth) + 1);
    return IntStream.range(0, parts)
        .mapToObj(
            part ->
                FaceBuilder.builder(this)
                    .depth(parts == 1 ? depth : depth + part * (depthTo - depth) / (parts - 1))
                    .depthTo(null)
                    .heads(heads / parts + (part < heads % parts ? 1 : 0))
                    .build());
  }

  /** The same face with what is known of the person besides what was said at the booking. */
  public Face knownAs(Set<Sensitivity> known) {
    Set<Sensitivity> all = new HashSet<>(sensitivities);
    all.addAll(known);
    return FaceBuilder.builder(this).sensitivities(all).build();
  }

  /** The same face with one service instead of another. */
  Face doing(Service from, Service to) {
    Set<Service> all = new HashSet<>(services);
    if (all.remove(from)) {
      all.add(to);
    }
    return FaceBuilder.builder(this).services(all).build();
  }

  /** What must not touch her: what she reacts to, and fragrance where the skin is sensitive. */
  public SortedSet<Sensitivity> reactsTo() {
    SortedSet<Sensitivity> all = new TreeSet<>(sensitivities);
    if (skinType == SkinType.SENSITIVE) {
      all.add(Sensitivity.FRAGRANCE);
    }
    return all;
  }

  public boolean isThereOn(LocalDate day) {
    return daysPresent.isEmpty() || daysPresent.contains(day);
  }

  /** On how many of a booking's days she is there. */
  int daysIn(Booking booking) {
    return daysPresent.isEmpty()
        ? booking.days()
        : (int) daysPresent.stream().filter(booking::isOn).count();
  }

  /** The last of a booking's days she is there; the booking's last when she is there on none. */
  public LocalDate lastDayIn(Booking booking) {
    return daysPresent.stream()
        .filter(booking::isOn)
        .max(LocalDate::compareTo)
        .orElse(booking.lastDay());
  }

  /** Whether her skin is like this, all of it or a part. */
  boolean isAnywhere(SkinType type) {
    return skinType == type || zones.containsValue(type);
  }
}
