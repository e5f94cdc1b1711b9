package gerula.core.kit.intake.line;

import gerula.core.kit.intake.PlainWords;
import gerula.core.kit.intake.line.LineWords.Plain;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * One of the kit's own makers or names, found in a line.
 *
 * @param spelt as the kit has it
 * @param at where its words stand
 */
record OwnWord(String spelt, Set<Integer> at) {

  /** The longest of these that stands among the words nobody has taken yet. */
  static Optional<OwnWord> longest(List<String> own, LineWords words) {
    List<Plain> plain = words.plain(words.free());
    return own.stream()
        .sorted(Comparator.comparingInt((String one) -> -one.length()))
        .map(one -> new OwnWord(one, standing(PlainWords.of(one), plain)))
        .filter(one -> !one.at().isEmpty())
        .findFirst();
  }

  private static Set<Integer> standing(List<String> wanted, List<Plain> line) {
    for (int from = 0; !wanted.isEmpty() && from + wanted.size() <= line.size(); from++) {
      List<Plain> here = line.subList(from, from + wanted.size());
      if (here.stream().map(Plain::word).toList().equals(wanted)) {
        // What stands between them, like an ampersand, belongs to them.
        return IntStream.rangeClosed(here.getFirst().at(), here.getLast().at())
            .boxed()
            .collect(Collectors.toSet());
      }
    }
    return Set.of();
  }
}
