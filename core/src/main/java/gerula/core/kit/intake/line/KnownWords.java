package gerula.core.kit.intake.line;

import java.util.List;

/**
 * The kit's own words.
 *
 * @param makers as the kit spells them
 * @param names of products
 */
public record KnownWords(List<String> makers, List<String> names) {

  public static final KnownWords NONE = new KnownWords(List.of(), List.of());

  public KnownWords {
    makers = List.copyOf(makers);
    names = List.copyOf(names);
  }
}
