package gerula.app.kit.product;

import com.fasterxml.jackson.annotation.JsonCreator;
import gerula.app.platform.web.Visible;
import gerula.core.kit.product.Composition;
import gerula.core.kit.product.Sensitivity;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * One thing a label was read for.
 *
 * @param of a known sensitivity or the artist's own word
 * @param checkedOn the day it was read, null when nobody noted it
 */
public record LabelAnswer(
    @Visible(message = "Say what was looked for.")
        @Size(max = 60, message = "A sensitivity has at most 60 characters.")
        String of,
    @NotNull(message = "Say whether it contains it or is free of it.") Composition.Found found,
    @Nullable LocalDate checkedOn) {

  @JsonCreator
  public LabelAnswer {}

  /** Before version 7 an archive listed what a product contains, as words. */
  @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
  static LabelAnswer contained(String word) {
    return new LabelAnswer(word, Composition.Found.CONTAINS, null);
  }

  /**
   * @throws IllegalArgumentException for a word that is no sensitivity
   */
  static Composition composition(List<LabelAnswer> answers) {
    Map<Sensitivity, Composition.Answer> all = new TreeMap<>();
    answers.forEach(
        one ->
            all.put(
                new Sensitivity(one.of()), new Composition.Answer(one.found(), one.checkedOn())));
    return new Composition(all);
  }

  /** In alphabetical order. */
  public static List<LabelAnswer> of(Composition composition) {
    return composition.answers().entrySet().stream()
        .map(
            one ->
                new LabelAnswer(
                    one.getKey().name(), one.getValue().found(), one.getValue().checkedOn()))
        .sorted(Comparator.comparing(LabelAnswer::of))
        .toList();
  }
}
