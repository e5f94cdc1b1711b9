package gerula.app.kit.product;

import gerula.app.platform.web.Visible;
import gerula.core.kit.product.Composition;
import gerula.core.kit.product.Sensitivity;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * What somebody found when reading a label for one thing.
 *
 * @param of a known sensitivity or the artist's own word
 * @param found null takes an earlier answer back: not checked after all
 */
public record LabelLook(
    @Visible(message = "Say what was looked for.")
        @Size(max = 60, message = "A sensitivity has at most 60 characters.")
        String of,
    Composition.@Nullable Found found) {

  /**
   * What is known after these looks; the last one of a word stands.
   *
   * @throws IllegalArgumentException for a word that is no sensitivity
   */
  public static Composition over(Composition before, List<LabelLook> looks, LocalDate day) {
    Map<Sensitivity, Composition.Found> found = new TreeMap<>();
    Set<Sensitivity> open = new HashSet<>();
    for (LabelLook look : looks) {
      Sensitivity one = new Sensitivity(look.of());
      open.remove(one);
      found.remove(one);
      if (look.found() == null) {
        open.add(one);
      } else {
        found.put(one, look.found());
      }
    }
    return before.checked(found, day).without(open);
  }
}
