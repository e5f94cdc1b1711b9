package gerula.core.kit.intake.place;

import gerula.core.rule.Text;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Reads a place with all its parts from one line: "rolling case, 3 trays 30x20x6, drawer below".
 *
 * <p>What stands before the first comma is the place itself, the rest lies in it. Lengths without a
 * unit are centimetres. What is not understood stays in the name.
 */
public final class PlaceLine {

  /** Longer lines are not read. */
  public static final int LONGEST = 300;

  /** More places are not made of one line. */
  public static final int MOST_PLACES = 60;

  private static final String BETWEEN =
      "(?:,(?!\\d)|;|\\+|\\bwith\\b|\\band\\b|\\bplus\\b)(?![^(]*\\))";

  private PlaceLine() {}

  /**
   * @return the places in the order in which they are told of, empty for an empty line
   * @throws IllegalArgumentException when it is too long or tells of too much
   */
  public static List<PlaceSketch> read(String line) {
    if (line.length() > LONGEST) {
      throw new IllegalArgumentException(
          "A line has at most " + LONGEST + " characters, but this has " + line.length() + ".");
    }
    List<PlacePart> parts =
        Arrays.stream(line.replaceAll("\\s+", " ").split(BETWEEN, -1))
            .map(String::strip)
            .filter(Text::isVisible)
            .map(PlacePart::of)
            .toList();
    if (parts.stream().mapToInt(PlacePart::count).sum() > MOST_PLACES) {
      throw new IllegalArgumentException(
          "One line makes at most " + MOST_PLACES + " places. Write two lines.");
    }
    return sketches(parts);
  }

  private static List<PlaceSketch> sketches(List<PlacePart> parts) {
    if (parts.isEmpty()) {
      return List.of();
    }
    PlacePart first = parts.getFirst();
    List<PlaceSketch> others =
        parts.stream()
            .skip(1)
            .sorted(Comparator.comparing(PlacePart::reach))
            .flatMap(part -> part.sketches(List.of()).stream())
            .toList();
    if (first.count() == 1) {
      return first.sketches(others);
    }
    // "5 drawers, a shelf": nothing holds them but the place where one stands.
    return Stream.concat(first.sketches(List.of()).stream(), others.stream()).toList();
  }
}
