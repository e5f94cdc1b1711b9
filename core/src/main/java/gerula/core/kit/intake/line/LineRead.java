package gerula.core.kit.intake.line;

import java.util.List;

/**
 * A line, read.
 *
 * @param items one, or one for each shade of a range
 * @param tokens in their order; they cover every character but spaces
 */
public record LineRead(List<LineItem> items, List<LineToken> tokens) {

  public LineRead {
    items = List.copyOf(items);
    tokens = List.copyOf(tokens);
  }
}
