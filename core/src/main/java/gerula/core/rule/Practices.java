package gerula.core.rule;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashMap;
import java.util.Map;

/**
 * What a house does where artists disagree how it is done.
 *
 * @param palettes how palettes travel
 * @param sprayPercent how strong the alcohol is that one sprays, % by volume, above 0, at most 100
 */
@RecordBuilder
public record Practices(
    PalettePractice palettes,
    PowderPractice powder,
    PencilPractice pencil,
    SoftPencilPractice softTwistUp,
    FeltPractice felt,
    BulletPractice bullet,
    SpongePractice sponge,
    BrushPractice brushes,
    WashingPractice washing,
    DipPractice dips,
    HandPractice hand,
    SunPractice sunFilter,
    PreparationPractice preparation,
    TouchUpPractice touchUp,
    RefillPractice refill,
    RangePractice range,
    WandPractice wands,
    int sprayPercent) {

  /** What most houses do. Common practice. */
  public static final Practices USUAL =
      new Practices(
          PalettePractice.KEEP_WHOLE,
          PowderPractice.SPRAY_70,
          PencilPractice.SPRAY_SHARPEN_SPRAY,
          SoftPencilPractice.NOT_SHARED,
          FeltPractice.NOT_SHARED,
          BulletPractice.SCRAPE_ONLY,
          SpongePractice.SINGLE_USE,
          BrushPractice.SECOND_SET,
          WashingPractice.SOAP_THEN_ALCOHOL,
          DipPractice.SCRAPE_OR_DISPOSABLE,
          HandPractice.NEVER,
          SunPractice.NOT_IN_FLASH,
          PreparationPractice.BY_THE_ARTIST,
          TouchUpPractice.LABELLED_JAR,
          RefillPractice.SMALL,
          RangePractice.SIX,
          WandPractice.THREE,
          70);

  public Practices {
    spray(sprayPercent);
  }

  /**
   * @return the strength itself
   * @throws IllegalArgumentException when there is no such strength
   */
  public static int spray(int percent) {
    if (percent < 1 || percent > 100) {
      throw new IllegalArgumentException(
          "A strength lies between 1 and 100 %, but this is " + percent + ".");
    }
    return percent;
  }

  /**
   * As they were written down: what nobody decided is done as most do it.
   *
   * @throws IllegalArgumentException when there is no such practice
   */
  public static Practices written(Map<String, String> codes) {
    return new Practices(
        word(codes, "palettes", USUAL.palettes),
        word(codes, "powder", USUAL.powder),
        word(codes, "pencil", USUAL.pencil),
        word(codes, "softTwistUp", USUAL.softTwistUp),
        word(codes, "felt", USUAL.felt),
        word(codes, "bullet", USUAL.bullet),
        word(codes, "sponge", USUAL.sponge),
        word(codes, "brushes", USUAL.brushes),
        word(codes, "washing", USUAL.washing),
        word(codes, "dips", USUAL.dips),
        word(codes, "hand", USUAL.hand),
        word(codes, "sunFilter", USUAL.sunFilter),
        word(codes, "preparation", USUAL.preparation),
        word(codes, "touchUp", USUAL.touchUp),
        word(codes, "refill", USUAL.refill),
        word(codes, "range", USUAL.range),
        word(codes, "wands", USUAL.wands),
        codes.containsKey("sprayPercent")
            ? Integer.parseInt(codes.get("sprayPercent"))
            : USUAL.sprayPercent);
  }

  private static <E extends Enum<E> & Code> E word(
      Map<String, String> codes, String matter, E usual) {
    return codes.containsKey(matter)
        ? Code.of(usual.getDeclaringClass(), codes.get(matter))
        : usual;
  }

  /** To be written down: the code of each practice by its matter. */
  public Map<String, String> codes() {
    Map<String, String> codes = new HashMap<>();
    codes.put("palettes", palettes.code());
    codes.put("powder", powder.code());
    codes.put("pencil", pencil.code());
    codes.put("softTwistUp", softTwistUp.code());
    codes.put("felt", felt.code());
    codes.put("bullet", bullet.code());
    codes.put("sponge", sponge.code());
    codes.put("brushes", brushes.code());
    codes.put("washing", washing.code());
    codes.put("dips", dips.code());
    codes.put("hand", hand.code());
    codes.put("sunFilter", sunFilter.code());
    codes.put("preparation", preparation.code());
    codes.put("touchUp", touchUp.code());
    codes.put("refill", refill.code());
    codes.put("range", range.code());
    codes.put("wands", wands.code());
    codes.put("sprayPercent", Integer.toString(sprayPercent));
    return codes;
  }
}
