package gerula.core.packing;

import gerula.core.booking.NeedCode;
import java.util.List;
import java.util.UUID;

/**
 * A list as it was looked at: enough to tell later what has become of it.
 *
 * @param lines in their order
 * @param gaps codes of the needs that nothing met, each once
 */
public record SeenList(List<SeenLine> lines, List<String> gaps) {

  /**
   * @param called as it was called then: by now it may be gone
   * @param needs codes of what it was taken for
   * @param thousandths how much of it the booking was expected to use
   */
  public record SeenLine(UUID item, String called, List<String> needs, long thousandths) {

    public SeenLine {
      needs = List.copyOf(needs);
    }

    static SeenLine of(PackingLine line) {
      return new SeenLine(
          line.item().id(),
          line.item().product().called(),
          line.needs().stream().map(NeedCode::code).toList(),
          line.thousandths());
    }
  }

  public SeenList {
    lines = List.copyOf(lines);
    gaps = List.copyOf(gaps);
  }

  public static SeenList of(PackingList list) {
    return new SeenList(
        list.lines().stream().map(SeenLine::of).toList(),
        list.gaps().stream().map(gap -> gap.need().code()).distinct().toList());
  }
}
