package gerula.app.kit.find;

import gerula.core.kit.product.Spelling;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Finds things by words in any order, nearly spelt. Everything here runs within a workspace. */
@Component
class Finder {

  /** Nobody reads further. */
  static final int MOST = 500;

  private static final int MOST_WORDS = 8;

  private final DSLContext sql;

  Finder(DSLContext sql) {
    this.sql = sql;
  }

  /** Ids of the best matches, the best first. */
  List<UUID> ids(String text, int most) {
    String[] words = words(text);
    if (words.length == 0) {
      return List.of();
    }
    List<UUID> found = found(words, most);
    return found.isEmpty() ? foundAsMeant(words, most) : found;
  }

  private List<UUID> found(String[] words, int most) {
    return sql.resultQuery(
            "select thing_id from gerula.find_things({0}, {1})", DSL.val(words), DSL.val(most))
        .fetch(0, UUID.class);
  }

  /** In short words one slip leaves too little alike: then words as long as them are tried. */
  private List<UUID> foundAsMeant(String[] words, int most) {
    String[] meant =
        Arrays.stream(words)
            .map(word -> Spelling.meant(word, wordsLike(word)).orElse(word))
            .toArray(String[]::new);
    return Arrays.equals(meant, words) ? List.of() : found(meant, most);
  }

  /** Words of the kit that one slip could have made of it: of its length, with an end in common. */
  private List<String> wordsLike(String word) {
    return sql.resultQuery(
            """
            select word from gerula.search_word
            where length(word) between length({0}) - 1 and length({0}) + 1
              and (left(word, 1) = left({0}, 1) or right(word, 1) = right({0}, 1))
            """,
            DSL.val(word))
        .fetch(0, String.class);
  }

  /** Small letters, parted at everything that is neither letter nor figure. */
  static String[] words(String text) {
    return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}%#]+"))
        .filter(word -> !word.isEmpty())
        .distinct()
        .limit(MOST_WORDS)
        .toArray(String[]::new);
  }
}
