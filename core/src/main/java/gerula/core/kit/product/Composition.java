package gerula.core.kit.product;

import gerula.core.rule.Code;
import java.time.LocalDate;
import java.util.Collections;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * What somebody found on a product's label. What has no answer was not checked, which is not the
 * same as free of it.
 *
 * @param answers by what was looked for
 */
public record Composition(SortedMap<Sensitivity, Answer> answers) {

  /** Nobody has read the label yet. */
  public static final Composition NOT_CHECKED = new Composition(Map.of());

  /** What the label said. */
  public enum Found implements Code {
    CONTAINS,
    FREE_OF
  }

  /**
   * One answer.
   *
   * @param checkedOn the day somebody read the label, null when nobody noted it
   */
  public record Answer(Found found, @Nullable LocalDate checkedOn) {}

  public Composition(Map<Sensitivity, Answer> answers) {
    this(new TreeMap<>(answers));
  }

  public Composition {
    answers = Collections.unmodifiableSortedMap(new TreeMap<>(answers));
  }

  /** Whether the label names it. */
  public boolean contains(Sensitivity one) {
    return has(one, Found.CONTAINS);
  }

  /** Whether somebody looked for it and it is not in there. */
  public boolean isFreeOf(Sensitivity one) {
    return has(one, Found.FREE_OF);
  }

  /** Whether somebody looked for it. */
  public boolean isChecked(Sensitivity one) {
    return answers.containsKey(one);
  }

  /** Everything the label names, in alphabetical order. */
  public SortedSet<Sensitivity> contained() {
    SortedSet<Sensitivity> all = new TreeSet<>();
    answers.forEach(
        (one, answer) -> {
          if (answer.found() == Found.CONTAINS) {
            all.add(one);
          }
        });
    return all;
  }

  /** The same with these answers too; a newer answer takes the place of an older one. */
  public Composition checked(Map<Sensitivity, Found> found, LocalDate day) {
    Map<Sensitivity, Answer> all = new TreeMap<>(answers);
    found.forEach((one, told) -> all.put(one, new Answer(told, day)));
    return new Composition(all);
  }

  /** The same with the answers to these taken back. */
  public Composition without(Set<Sensitivity> some) {
    Map<Sensitivity, Answer> all = new TreeMap<>(answers);
    some.forEach(all::remove);
    return new Composition(all);
  }

  private boolean has(Sensitivity one, Found found) {
    Answer answer = answers.get(one);
    return answer != null && answer.found() == found;
  }
}
