package gerula.core.packing;

import gerula.core.kit.item.Item;
import gerula.core.quantity.Unit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Holds a list against the one that was looked at before, the gravest first. */
final class ListChanges {

  private final SeenList before;
  private final SeenList now;
  private final Map<UUID, Item> kit;
  private final Function<UUID, WhyNot> whyNot;
  private final Map<UUID, SeenList.SeenLine> earlier;
  private final Map<UUID, SeenList.SeenLine> lines;
  private final Set<UUID> toldAsInstead = new HashSet<>();

  /**
   * @param kit without what was discarded
   * @param whyNot why an item of it is not on the list of now
   */
  ListChanges(SeenList before, SeenList now, Map<UUID, Item> kit, Function<UUID, WhyNot> whyNot) {
    this.before = before;
    this.now = now;
    this.kit = kit;
    this.whyNot = whyNot;
    earlier = byItem(before);
    lines = byItem(now);
  }

  private static Map<UUID, SeenList.SeenLine> byItem(SeenList list) {
    return list.lines().stream()
        .collect(
            Collectors.toMap(
                SeenList.SeenLine::item, Function.identity(), (a, _) -> a, LinkedHashMap::new));
  }

  List<ListChange> all() {
    List<ListChange> all = new ArrayList<>();
    less(now.gaps(), before.gaps()).forEach(need -> all.add(new ListChange.NewlyMissing(need)));
    earlier.values().stream()
        .filter(line -> !lines.containsKey(line.item()))
        .forEach(line -> all.add(wentOff(line)));
    lines.values().stream()
        .filter(line -> !earlier.containsKey(line.item()) && !toldAsInstead.contains(line.item()))
        .forEach(line -> all.add(new ListChange.CameOn(line.item(), line.needs())));
    lines.values().forEach(line -> number(line, all));
    less(before.gaps(), now.gaps()).forEach(need -> all.add(new ListChange.NoLongerMissing(need)));
    return all;
  }

  private static List<String> less(List<String> needs, List<String> others) {
    return needs.stream().filter(need -> !others.contains(need)).toList();
  }

  private ListChange wentOff(SeenList.SeenLine line) {
    List<UUID> instead =
        lines.values().stream()
            .filter(one -> !earlier.containsKey(one.item()))
            .filter(one -> !Collections.disjoint(one.needs(), line.needs()))
            .map(SeenList.SeenLine::item)
            .toList();
    toldAsInstead.addAll(instead);
    if (!kit.containsKey(line.item())) {
      return new ListChange.WentOff(
          line.item(), line.called(), line.needs(), false, true, null, null, instead);
    }
    List<WhyNot.NeedAnswer> answers =
        whyNot.apply(line.item()).answers().stream()
            .filter(answer -> line.needs().contains(answer.need().code()))
            .toList();
    Refusal refusal = firstOf(answers, WhyNot.NeedAnswer::refusal);
    Preferred because = firstOf(answers, WhyNot.NeedAnswer::because);
    return new ListChange.WentOff(
        line.item(),
        line.called(),
        line.needs(),
        true,
        !answers.isEmpty(),
        refusal,
        refusal == null ? because : null,
        instead);
  }

  private static <T> T firstOf(
      List<WhyNot.NeedAnswer> answers, Function<WhyNot.NeedAnswer, T> what) {
    return answers.stream().map(what).filter(one -> one != null).findFirst().orElse(null);
  }

  private void number(SeenList.SeenLine line, List<ListChange> all) {
    SeenList.SeenLine seen = earlier.get(line.item());
    Item item = kit.get(line.item());
    if (seen != null
        && item != null
        && item.left().unit() == Unit.PIECE
        && seen.thousandths() != line.thousandths()) {
      all.add(
          new ListChange.OtherNumber(
              line.item(),
              Math.ceilDiv(seen.thousandths(), 1000L),
              Math.ceilDiv(line.thousandths(), 1000L)));
    }
  }
}
