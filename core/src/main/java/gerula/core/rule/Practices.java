package gerula.core.rule;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Map;

/**
 * What a house does where artists disagree how it is done.
 *
 * @param palettes how palettes travel
 */
@RecordBuilder
public record Practices(PalettePractice palettes) {

  /** What most houses do. Common practice. */
  public static final Practices USUAL = new Practices(PalettePractice.KEEP_WHOLE);

  private static final String PALETTES = "palettes";

  /**
   * As they were written down: what nobody decided is done as most do it.
   *
   * @throws IllegalArgumentException when there is no such practice
   */
  public static Practices written(Map<String, String> codes) {
    return new Practices(
        codes.containsKey(PALETTES)
            ? Code.of(PalettePractice.class, codes.get(PALETTES))
            : USUAL.palettes);
  }

  /** To be written down: the code of each practice by its matter. */
  public Map<String, String> codes() {
    return Map.of(PALETTES, palettes.code());
  }
}
