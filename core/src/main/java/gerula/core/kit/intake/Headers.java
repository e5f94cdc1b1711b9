package gerula.core.kit.intake;

import gerula.core.kit.product.Spelling;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Which column of somebody's table means what.
 *
 * @param header as it stands in the file
 * @param columns one for each header, null where none is recognised
 */
public record Headers(List<String> header, List<@Nullable KitColumn> columns) {

  /** One letter wrong in a word of this length and more is still read. */
  private static final int LONG_ENOUGH = 5;

  public Headers {
    header = List.copyOf(header);
    columns = java.util.Collections.unmodifiableList(new ArrayList<>(columns));
  }

  /** Recognises each header by its name, then by what else it is called, then with one slip. */
  public static Headers match(List<String> header) {
    Set<KitColumn> taken = new HashSet<>();
    List<@Nullable KitColumn> columns = new ArrayList<>();
    header.forEach(_ -> columns.add(null));
    for (int slips = 0; slips <= 2; slips++) {
      for (int i = 0; i < header.size(); i++) {
        if (columns.get(i) == null) {
          KitColumn found = find(bare(header.get(i)), slips, taken).orElse(null);
          if (found != null && taken.add(found)) {
            columns.set(i, found);
          }
        }
      }
    }
    return new Headers(header, columns);
  }

  /** First its own name, then a synonym, then either with one letter wrong. */
  private static Optional<KitColumn> find(String bare, int slips, Set<KitColumn> taken) {
    for (KitColumn column : KitColumn.values()) {
      if (taken.contains(column)) {
        continue;
      }
      String own = column.header().replace('-', ' ');
      boolean fits =
          switch (slips) {
            case 0 -> bare.equals(own);
            case 1 -> column.synonyms().contains(bare);
            default ->
                Spelling.isOneSlip(bare, own, LONG_ENOUGH)
                    || column.synonyms().stream()
                        .anyMatch(one -> Spelling.isOneSlip(bare, one, LONG_ENOUGH));
          };
      if (fits) {
        return Optional.of(column);
      }
    }
    return Optional.empty();
  }

  static String bare(String header) {
    return header
        .toLowerCase(Locale.ROOT)
        .replaceAll("\\(.*?\\)", " ")
        .replaceAll("[^\\p{L}\\p{N}]+", " ")
        .strip();
  }
}
