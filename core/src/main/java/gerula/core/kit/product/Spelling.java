package gerula.core.kit.product;

import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;

/** Words that are nearly another word. */
public final class Spelling {

  private static final int SHORTEST = 3;

  private Spelling() {}

  /**
   * Whether one letter is more, less or other, or two neighbours are changed over; the same word is
   * not a slip away from itself but counts too.
   *
   * @param longEnough shorter words have to be the same
   */
  public static boolean isOneSlip(String one, String other, int longEnough) {
    if (Math.min(one.length(), other.length()) < longEnough) {
      return one.equals(other);
    }
    int start = 0;
    while (start < Math.min(one.length(), other.length())
        && one.charAt(start) == other.charAt(start)) {
      start++;
    }
    String a = one.substring(start);
    String b = other.substring(start);
    return from(a, 1).equals(from(b, 1))
        || from(a, 1).equals(b)
        || a.equals(from(b, 1))
        || isChangedOver(a, b);
  }

  private static boolean isChangedOver(String a, String b) {
    return a.length() > 1
        && b.length() > 1
        && a.charAt(0) == b.charAt(1)
        && a.charAt(1) == b.charAt(0)
        && from(a, 2).equals(from(b, 2));
  }

  private static String from(String text, int start) {
    return text.length() < start ? "" : text.substring(start);
  }

  /**
   * The word that was meant: itself when it is known or begins one that is, else the only kind of
   * word one slip away; of several the most alike in length, then the first by letters.
   */
  public static Optional<String> meant(String typed, Collection<String> known) {
    if (known.stream().anyMatch(word -> word.startsWith(typed))) {
      return Optional.of(typed);
    }
    return known.stream()
        .filter(word -> isOneSlip(typed, word, SHORTEST))
        .min(
            Comparator.<String>comparingInt(word -> Math.abs(word.length() - typed.length()))
                .thenComparing(Comparator.naturalOrder()));
  }
}
