package gerula.core.cleandown.work;

import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Step;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.rule.Practices;
import java.time.Instant;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** How long it takes, as a rule, until what was used on one face may be used on the next. */
public final class UsualTurnover {

  /** Where there are several of these, the next face has another. */
  private static final Set<Section> TAKEN_IN_TURN = EnumSet.of(Section.BRUSHES, Section.TOOLS);

  private static final Set<Step> BESIDE = EnumSet.of(Step.SURFACES, Step.HANDS);

  private UsualTurnover() {}

  /**
   * @param both what is used on the one and on the other
   * @return whole minutes, rounded up, with worktop and hands
   */
  public static int minutes(Collection<Item> both, Practices house, Instant now) {
    Map<ProductClass, Long> many =
        both.stream()
            .map(UsualTurnover::classOf)
            .collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
    List<UsedThing> waitedFor =
        both.stream()
            .filter(
                item ->
                    many.get(classOf(item)) == 1
                        || !TAKEN_IN_TURN.contains(classOf(item).section()))
            .map(item -> new UsedThing(item, Set.of(), Set.of(), List.of()))
            .toList();
    int seconds = CleaningWork.of(waitedFor, Moment.BETWEEN_FACES, BESIDE, house, now).seconds();
    return Math.ceilDiv(seconds, 60);
  }

  private static ProductClass classOf(Item item) {
    return item.product().productClass();
  }
}
