package gerula.app.kit.intake;

import gerula.core.kit.product.ProductClass;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A class that was guessed for rows of a table.
 *
 * @param words of their names that mean it; of names without any such words all of them
 * @param sure false where the words may mean something else too, or nothing
 * @param chosen whether it was told with the question rather than guessed
 * @param rows how many of them
 * @param examples the first few names
 */
record GuessTold(
    String words,
    ProductClass productClass,
    boolean sure,
    boolean chosen,
    int rows,
    List<String> examples) {

  private static final int EXAMPLES = 3;

  private static final Comparator<GuessTold> LEAST_SURE_FIRST =
      Comparator.<GuessTold, Boolean>comparing(one -> one.chosen() || one.sure())
          .thenComparing(one -> -one.rows());

  /** One for all rows whose names have the same words, the least sure first. */
  static List<GuessTold> of(Collection<KitReader.Read> rows) {
    Map<String, List<KitReader.Read>> byWords =
        rows.stream()
            .filter(row -> row.guessedClass() != null)
            .collect(
                Collectors.groupingBy(
                    row -> row.guessedClass().words(), LinkedHashMap::new, Collectors.toList()));
    return byWords.entrySet().stream()
        .map(entry -> ofAlike(entry.getKey(), entry.getValue()))
        .sorted(LEAST_SURE_FIRST)
        .toList();
  }

  private static GuessTold ofAlike(String words, List<KitReader.Read> rows) {
    KitReader.Read first = rows.getFirst();
    return new GuessTold(
        words,
        first.product().productClass(),
        rows.stream().allMatch(row -> row.guessedClass().isSure()),
        first.guessedClass().isChosen(),
        rows.size(),
        rows.stream().map(row -> row.product().name()).distinct().limit(EXAMPLES).toList());
  }
}
