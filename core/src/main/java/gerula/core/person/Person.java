package gerula.core.person;

import gerula.core.kit.product.Sensitivity;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Somebody who is one wherever he turns up: a face of bookings, whom things are kept for, a
 * borrower.
 *
 * @param name by which he is told from all others
 * @param aliases other names he goes by, as of a part he plays
 * @param depth of the skin, 1 (lightest) to 10 (deepest), null when not known
 * @param sensitivities as far as they are known: none is not "none", unless he was asked
 * @param askedOn the day he was last asked about sensitivities, null when never
 * @param erasedOn the day on which all that was known of him was erased, null as long as it is
 *     known
 */
public record Person(
    UUID id,
    String name,
    List<String> aliases,
    @Nullable Double depth,
    Set<Sensitivity> sensitivities,
    @Nullable LocalDate askedOn,
    @Nullable LocalDate erasedOn) {

  public static final int LONGEST_NAME = 80;

  /** More names than anybody goes by. */
  public static final int MOST_ALIASES = 10;

  public Person {
    name = name.strip();
    aliases = aliases.stream().map(String::strip).distinct().toList();
    sensitivities = Set.copyOf(sensitivities);
    Stream.concat(Stream.of(name), aliases.stream()).forEach(Person::requireName);
    if (aliases.size() > MOST_ALIASES) {
      throw new IllegalArgumentException(
          "A person has at most " + MOST_ALIASES + " other names, not " + aliases.size() + ".");
    }
    if (depth != null && !(depth >= 1 && depth <= 10)) {
      throw new IllegalArgumentException(
          "A skin depth lies between 1 and 10, but " + depth + " was given for " + name + ".");
    }
  }

  /** One of whom nothing but the name is known. */
  public static Person named(UUID id, String name) {
    return new Person(id, name, List.of(), null, Set.of(), null, null);
  }

  private static void requireName(String name) {
    if (name.isEmpty() || name.length() > LONGEST_NAME) {
      throw new IllegalArgumentException(
          "A name has 1 to "
              + LONGEST_NAME
              + " characters, but \""
              + name
              + "\" has "
              + name.length()
              + ".");
    }
  }

  /** Whether she goes by this name. */
  public boolean isCalled(String asked) {
    return erasedOn == null && names().anyMatch(own -> own.equalsIgnoreCase(asked.strip()));
  }

  /** The name and all others. */
  public Stream<String> names() {
    return Stream.concat(Stream.of(name), aliases.stream());
  }

  /** Said at a booking: what is not known yet is known from now on; nothing is forgotten. */
  public Person told(double ofDepth, Set<Sensitivity> also, LocalDate day) {
    boolean isNew = !sensitivities.containsAll(also);
    return new Person(
        id,
        name,
        aliases,
        depth == null ? Double.valueOf(ofDepth) : depth,
        all(sensitivities, also),
        isNew ? day : askedOn,
        erasedOn);
  }

  /**
   * Two that turned out to be one: the other one's names are aliases, and what either reacts to
   * counts. Of facts that differ this one's stay.
   */
  public Person mergedWith(Person other) {
    List<String> also = new ArrayList<>(aliases);
    other.names().filter(one -> !isCalled(one)).forEach(also::add);
    return new Person(
        id,
        name,
        also.stream().limit(MOST_ALIASES).toList(),
        depth == null ? other.depth : depth,
        all(sensitivities, other.sensitivities),
        latest(askedOn, other.askedOn),
        erasedOn);
  }

  private static Set<Sensitivity> all(Set<Sensitivity> some, Set<Sensitivity> others) {
    return Stream.concat(some.stream(), others.stream()).collect(Collectors.toSet());
  }

  private static @Nullable LocalDate latest(@Nullable LocalDate one, @Nullable LocalDate other) {
    return Stream.of(one, other)
        .filter(Objects::nonNull)
        .map(Objects::requireNonNull)
        .max(LocalDate::compareTo)
        .orElse(null);
  }
}
