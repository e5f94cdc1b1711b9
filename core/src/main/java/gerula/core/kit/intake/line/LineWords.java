package gerula.core.kit.intake.line;

import gerula.core.kit.intake.PlainWords;
import gerula.core.kit.intake.line.LineToken.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** The words of a line, and what each of them has been taken for so far. */
final class LineWords {

  private static final Pattern WORD = Pattern.compile("[^\\s\\h]+");

  /** Stands at the edge of a word and tells nothing. */
  private static final Pattern EDGES = Pattern.compile("^[,;:(\\[]+|[,;:)\\].]+$");

  /**
   * @param text without what stands at its edges
   * @param written as it stands in the line
   */
  private record Word(int from, int to, String text, String written) {}

  private final List<Word> words = new ArrayList<>();
  private final @Nullable Part[] parts;

  LineWords(String line) {
    Matcher found = WORD.matcher(line);
    while (found.find()) {
      String text = EDGES.matcher(found.group()).replaceAll("");
      words.add(new Word(found.start(), found.end(), text, found.group()));
    }
    parts = new Part[words.size()];
  }

  int count() {
    return words.size();
  }

  /** Without commas and brackets at its edges. */
  String text(int at) {
    return words.get(at).text();
  }

  String lower(int at) {
    return text(at).toLowerCase(java.util.Locale.ROOT);
  }

  /** As it stands in the line. */
  String written(int at) {
    return words.get(at).written();
  }

  /** Several words beside each other, in small letters. */
  String lower(int from, int to) {
    return IntStream.range(from, to).mapToObj(this::lower).collect(Collectors.joining(" "));
  }

  boolean isFree(int at) {
    return parts[at] == null;
  }

  /** Whether there are so many and none of them has been taken yet. */
  boolean areFree(int from, int to) {
    return to <= count() && IntStream.range(from, to).allMatch(this::isFree);
  }

  void take(int from, int to, Part as) {
    Arrays.fill(parts, from, to, as);
  }

  List<Integer> free() {
    return IntStream.range(0, count()).filter(this::isFree).boxed().toList();
  }

  List<Integer> taken(Part as) {
    return IntStream.range(0, count()).filter(at -> parts[at] == as).boxed().toList();
  }

  /** The words at these positions, as they were typed; nothing when there are none. */
  Optional<String> joined(List<Integer> at) {
    String text =
        at.stream().map(this::text).filter(one -> !one.isEmpty()).collect(Collectors.joining(" "));
    return text.isEmpty() ? Optional.empty() : Optional.of(text);
  }

  /** Plain words of those at these positions, each with the position it comes from. */
  record Plain(String word, int at) {}

  List<Plain> plain(List<Integer> positions) {
    return positions.stream()
        .flatMap(at -> PlainWords.of(text(at)).stream().map(word -> new Plain(word, at)))
        .toList();
  }

  /** Neighbours of one kind are one part; what nobody took is part of the name. */
  List<LineToken> tokens() {
    List<LineToken> tokens = new ArrayList<>();
    for (int at = 0; at < count(); at++) {
      Part as = parts[at] == null ? Part.NAME : parts[at];
      Word word = words.get(at);
      LineToken last = tokens.isEmpty() ? null : tokens.getLast();
      if (last != null && last.as() == as) {
        tokens.set(tokens.size() - 1, new LineToken(last.from(), word.to(), as));
      } else {
        tokens.add(new LineToken(word.from(), word.to(), as));
      }
    }
    return tokens;
  }
}
