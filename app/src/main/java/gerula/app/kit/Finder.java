package gerula.app.kit;

import gerula.core.kit.Spelling;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
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
  List<UUID> ids(String sought, int most) {
    String[] words = words(sought);
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

  /**
   * In short words one slip leaves too little alike: then the kit's own words are looked through.
   */
  private List<UUID> foundAsMeant(String[] words, int most) {
    Set<String> known = words();
    String[] meant =
        Arrays.stream(words)
            .map(word -> Spelling.meant(word, known).orElse(word))
            .toArray(String[]::new);
    return Arrays.equals(meant, words) ? List.of() : found(meant, most);
  }

  private Set<String> words() {
    return Set.copyOf(
        sql.resultQuery(
                """
                select word from (
                  select distinct unnest(string_to_array(sought, ' ')) from gerula.product
                  union
                  select distinct unnest(string_to_array(sought, ' ')) from gerula.place
                ) as known (word)
                where length(word) > 2
                """)
            .fetch(0, String.class));
  }

  /** Small letters, parted at everything that is neither letter nor figure. */
  static String[] words(String sought) {
    return Arrays.stream(sought.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}%#]+"))
        .filter(word -> !word.isEmpty())
        .distinct()
        .limit(MOST_WORDS)
        .toArray(String[]::new);
  }
}
