package gerula.core.kit.code;

import java.util.Locale;
import java.util.random.RandomGenerator;

/**
 * The short code of an item or a place, as it stands on its label: six characters, the last a
 * check.
 *
 * <p>The alphabet has 23 characters of which no two are taken for one another: no B beside 8, no S
 * beside 5, no O, I, L or Z beside figures, no U beside V, no G beside 6. 23 is a prime, so the
 * check character (weighted sum modulo 23) tells every single wrong character and every two
 * neighbours changed over; a check digit modulo a composite number misses some. Codes of places
 * begin with P, codes of items never do.
 *
 * @param text six characters of the alphabet in capitals
 */
public record ShortCode(String text) implements Comparable<ShortCode> {

  static final String ALPHABET = "34679ACDEFHJKMNPQRTVWXY";
  private static final int LENGTH = 6;
  private static final char PLACE = 'P';

  public ShortCode {
    if (text.length() != LENGTH || !text.chars().allMatch(c -> ALPHABET.indexOf(c) >= 0)) {
      throw new IllegalArgumentException(
          "A code has six of the characters " + ALPHABET + ", but this is \"" + text + "\".");
    }
    if (text.charAt(LENGTH - 1) != check(text)) {
      throw new IllegalArgumentException(
          "The code \""
              + text
              + "\" does not check out: one character is wrong or two are changed"
              + " over. Look at the label again.");
    }
  }

  /**
   * What was typed or scanned: small letters, spaces and hyphens do not matter.
   *
   * @throws IllegalArgumentException when it is not a code, or one character of it is wrong
   */
  public static ShortCode read(String typed) {
    return new ShortCode(bare(typed));
  }

  /** Whether it has the length and the characters of a code, checked or not. */
  public static boolean looksLike(String typed) {
    String bare = bare(typed);
    return bare.length() == LENGTH && bare.chars().allMatch(c -> ALPHABET.indexOf(c) >= 0);
  }

  private static String bare(String typed) {
    return typed.replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT);
  }

  /** Draws the code of an item; whether it is free the caller has to look up. */
  public static ShortCode ofItem(RandomGenerator random) {
    char first;
    do {
      first = any(random);
    } while (first == PLACE);
    return drawn(first, random);
  }

  /** Draws the code of a place; whether it is free the caller has to look up. */
  public static ShortCode ofPlace(RandomGenerator random) {
    return drawn(PLACE, random);
  }

  private static ShortCode drawn(char first, RandomGenerator random) {
    StringBuilder text = new StringBuilder().append(first);
    while (text.length() < LENGTH - 1) {
      text.append(any(random));
    }
    return new ShortCode(text.append(check(text)).toString());
  }

  private static char any(RandomGenerator random) {
    return ALPHABET.charAt(random.nextInt(ALPHABET.length()));
  }

  public boolean isOfPlace() {
    return text.charAt(0) == PLACE;
  }

  /** As it is read out: two groups of three. */
  public String spaced() {
    return text.substring(0, 3) + " " + text.substring(3);
  }

  /** The sum of position (from 1) times value over the first five, modulo 23. */
  private static char check(CharSequence text) {
    int sum = 0;
    for (int i = 0; i < LENGTH - 1; i++) {
      sum += (i + 1) * ALPHABET.indexOf(text.charAt(i));
    }
    return ALPHABET.charAt(sum % ALPHABET.length());
  }

  @Override
  public int compareTo(ShortCode other) {
    return text.compareTo(other.text);
  }

  @Override
  public String toString() {
    return text;
  }
}
