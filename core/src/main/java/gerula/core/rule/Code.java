package gerula.core.rule;

import java.util.Arrays;
import java.util.Optional;
import java.util.Set;

/** A word of the trade with a stable spelling for files, database and API. */
public interface Code {

  /** The constant's name in lower case, words joined by hyphens; never changes once published. */
  default String code() {
    return Spellings.code((Enum<?>) this);
  }

  /** How the constant was spelt before: still read, and never written. */
  default Set<String> formerly() {
    return Set.of();
  }

  /** Whether this is how it is or was spelt. */
  default boolean isSpelt(String spelling) {
    return code().equals(spelling) || formerly().contains(spelling);
  }

  /** The constant spelt this way, now or before, if the list has one. */
  static <E extends Enum<E> & Code> Optional<E> find(Class<E> list, String code) {
    return Optional.ofNullable(Spellings.word(list, code));
  }

  /**
   * The constant spelt this way.
   *
   * @throws IllegalArgumentException when the list has none
   */
  static <E extends Enum<E> & Code> E of(Class<E> list, String code) {
    return find(list, code)
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "There is no "
                        + list.getSimpleName()
                        + " \""
                        + code
                        + "\"; there are "
                        + Arrays.stream(list.getEnumConstants()).map(Code::code).toList()
                        + "."));
  }
}
