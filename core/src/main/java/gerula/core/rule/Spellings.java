package gerula.core.rule;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** How the words of each list are spelt, worked out once: rows are read by the thousand. */
final class Spellings {

  private static final ClassValue<String[]> CODES =
      new ClassValue<>() {
        @Override
        protected String[] computeValue(Class<?> list) {
          return Arrays.stream(list.getEnumConstants())
              .map(word -> ((Enum<?>) word).name().toLowerCase(Locale.ROOT).replace('_', '-'))
              .toArray(String[]::new);
        }
      };

  /** By every way of spelling it, now or before; where two share one, the earlier has it. */
  private static final ClassValue<Map<String, Object>> WORDS =
      new ClassValue<>() {
        @Override
        protected Map<String, Object> computeValue(Class<?> list) {
          Map<String, Object> words = new HashMap<>();
          for (Object word : list.getEnumConstants()) {
            words.putIfAbsent(((Code) word).code(), word);
          }
          for (Object word : list.getEnumConstants()) {
            ((Code) word).formerly().forEach(spelling -> words.putIfAbsent(spelling, word));
          }
          return words;
        }
      };

  private Spellings() {}

  static String code(Enum<?> word) {
    return CODES.get(word.getDeclaringClass())[word.ordinal()];
  }

  /** Null when the list has none of this spelling. */
  static <E extends Enum<E>> @Nullable E word(Class<E> list, String spelling) {
    return list.cast(WORDS.get(list).get(spelling));
  }
}
