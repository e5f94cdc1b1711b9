package gerula.core.kit;

import gerula.core.dates.DateClass;
import gerula.core.rule.Code;

/** What a thing is for. Needs ask for a class; the class also says how long it keeps. */
public enum ProductClass implements Code {
  MOISTURISER("moisturiser", Section.SKIN, DateClass.MOISTURISER),
  EYE_CREAM("eye-cream", Section.SKIN, DateClass.EYE_CREAM),
  TONER("toner", Section.SKIN, DateClass.BODY),
  REMOVER("remover", Section.SKIN, DateClass.BODY),
  SUNSCREEN("sunscreen", Section.SKIN, DateClass.SUNSCREEN),
  LIP_BALM("lip-balm", Section.SKIN, DateClass.LIP_BALM),
  HAND_CREAM("hand-cream", Section.SKIN, DateClass.BODY),
  BODY("body", Section.SKIN, DateClass.BODY),
  PRIMER("primer", Section.SKIN, DateClass.PRIMER),
  FOUNDATION("foundation", Section.BASE, DateClass.FOUNDATION),
  CONCEALER("concealer", Section.BASE, DateClass.CONCEALER),
  CORRECTOR("corrector", Section.BASE, DateClass.CREAM_COLOUR),
  MIXER("mixer", Section.BASE, DateClass.FOUNDATION),
  CREAM_COLOUR("cream-colour", Section.BASE, DateClass.CREAM_COLOUR),
  SETTING_SPRAY("setting-spray", Section.BASE, DateClass.BODY),
  SEALING_MEDIUM("sealing-medium", Section.BASE, DateClass.BODY),
  MIXING_MEDIUM("mixing-medium", Section.BASE, DateClass.BODY),
  FACE_POWDER("face-powder", Section.POWDER, DateClass.LOOSE_POWDER),
  POWDER_COLOUR("powder-colour", Section.POWDER, DateClass.PRESSED_POWDER),
  BROW_PENCIL("brow-pencil", Section.BROWS, DateClass.PENCIL),
  BROW_GEL("brow-gel", Section.BROWS, DateClass.BROW_GEL),
  BROW_POWDER("brow-powder", Section.BROWS, DateClass.PRESSED_POWDER),
  EYE_SHADOW("eye-shadow", Section.EYES, DateClass.PRESSED_POWDER),
  CREAM_SHADOW("cream-shadow", Section.EYES, DateClass.CREAM_SHADOW),
  EYE_PENCIL("eye-pencil", Section.EYES, DateClass.PENCIL),
  GEL_LINER("gel-liner", Section.EYES, DateClass.GEL_LINER),
  LIQUID_LINER("liquid-liner", Section.EYES, DateClass.LIQUID_LINER),
  MASCARA("mascara", Section.MASCARA, DateClass.MASCARA),
  STRIP_LASHES("strip-lashes", Section.LASHES, DateClass.UNDATED),
  CLUSTER_LASHES("cluster-lashes", Section.LASHES, DateClass.UNDATED),
  LASH_ADHESIVE("lash-adhesive", Section.LASHES, DateClass.ADHESIVE),
  SKIN_ADHESIVE("skin-adhesive", Section.LASHES, DateClass.ADHESIVE),
  ADHESIVE_REMOVER("adhesive-remover", Section.LASHES, DateClass.BODY),
  LIQUID_LATEX("liquid-latex", Section.TOOLS, DateClass.LIQUID_LATEX),
  LIP_COLOUR("lip-colour", Section.LIPS, DateClass.LIP_COLOUR),
  LIP_GLOSS("lip-gloss", Section.LIPS, DateClass.LIP_COLOUR),
  LIP_PENCIL("lip-pencil", Section.LIPS, DateClass.PENCIL),
  BRUSH_SET("brush-set", Section.BRUSHES, DateClass.UNDATED),
  LINER_BRUSH("liner-brush", Section.BRUSHES, DateClass.UNDATED),
  CLEAN_HOLDER("clean-holder", Section.BRUSHES, DateClass.UNDATED),
  DIRTY_HOLDER("dirty-holder", Section.BRUSHES, DateClass.UNDATED),
  BRUSH_CLEANER("brush-cleaner", Section.BRUSHES, DateClass.UNDATED),
  TWEEZERS("tweezers", Section.TOOLS, DateClass.UNDATED),
  SCISSORS("scissors", Section.TOOLS, DateClass.UNDATED),
  LASH_CURLER("lash-curler", Section.TOOLS, DateClass.UNDATED),
  CURLER_PADS("curler-pads", Section.TOOLS, DateClass.UNDATED),
  SHARPENER("sharpener", Section.TOOLS, DateClass.UNDATED),
  WORKING_PALETTE("working-palette", Section.TOOLS, DateClass.UNDATED),
  SPATULA("spatula", Section.TOOLS, DateClass.UNDATED),
  RAZOR("razor", Section.TOOLS, DateClass.UNDATED),
  SHARPS_BOX("sharps-box", Section.TOOLS, DateClass.UNDATED),
  HAND_MIRROR("hand-mirror", Section.TOOLS, DateClass.UNDATED),
  AIRBRUSH("airbrush", Section.TOOLS, DateClass.UNDATED),
  SHAVING_FOAM("shaving-foam", Section.TOOLS, DateClass.BODY),
  EYE_DROPS("eye-drops", Section.COMFORT, DateClass.EYE_DROPS),
  WAND("wand", Section.DISPOSABLES, DateClass.UNDATED),
  LIP_APPLICATOR("lip-applicator", Section.DISPOSABLES, DateClass.UNDATED),
  LINER_APPLICATOR("liner-applicator", Section.DISPOSABLES, DateClass.UNDATED),
  COTTON_BUD("cotton-bud", Section.DISPOSABLES, DateClass.UNDATED),
  COTTON_ROUND("cotton-round", Section.DISPOSABLES, DateClass.UNDATED),
  WEDGE_SPONGE("wedge-sponge", Section.DISPOSABLES, DateClass.UNDATED),
  PUFF("puff", Section.DISPOSABLES, DateClass.UNDATED),
  TISSUE("tissue", Section.DISPOSABLES, DateClass.UNDATED),
  WIPE("wipe", Section.DISPOSABLES, DateClass.UNDATED),
  BLOTTING_PAPER("blotting-paper", Section.DISPOSABLES, DateClass.UNDATED),
  TOUCH_UP_JAR("touch-up-jar", Section.DISPOSABLES, DateClass.UNDATED),
  LABEL("label", Section.DISPOSABLES, DateClass.UNDATED),
  HAND_SANITISER("hand-sanitiser", Section.SET_UP, DateClass.UNDATED),
  ALCOHOL_70("alcohol-70", Section.SET_UP, DateClass.UNDATED),
  ALCOHOL_99("alcohol-99", Section.SET_UP, DateClass.UNDATED),
  BIN_BAGS("bin-bags", Section.SET_UP, DateClass.UNDATED),
  MAT("mat", Section.SET_UP, DateClass.UNDATED),
  MIRROR("mirror", Section.SET_UP, DateClass.UNDATED),
  CLIENT_RECORD("client-record", Section.SET_UP, DateClass.UNDATED),
  DRAPE("drape", Section.SET_UP, DateClass.UNDATED),
  BATTERY_LIGHT("battery-light", Section.COMFORT, DateClass.UNDATED),
  CLIP_LIGHT("clip-light", Section.COMFORT, DateClass.UNDATED),
  PLUG_LIGHT("plug-light", Section.COMFORT, DateClass.UNDATED),
  POWER_BANK("power-bank", Section.COMFORT, DateClass.UNDATED),
  CHARGER("charger", Section.COMFORT, DateClass.UNDATED),
  FAN("fan", Section.COMFORT, DateClass.UNDATED),
  UMBRELLA("umbrella", Section.COMFORT, DateClass.UNDATED),
  SNACKS("snacks", Section.COMFORT, DateClass.UNDATED),
  WATER("water", Section.COMFORT, DateClass.UNDATED),
  WATER_SPRAY("water-spray", Section.COMFORT, DateClass.UNDATED),
  OVERSHOES("overshoes", Section.COMFORT, DateClass.UNDATED),
  ZIP_BAGS("zip-bags", Section.COMFORT, DateClass.UNDATED),
  BAG_COVER("bag-cover", Section.COMFORT, DateClass.UNDATED),
  BRUSH_BELT("brush-belt", Section.COMFORT, DateClass.UNDATED),
  STAND("stand", Section.COMFORT, DateClass.UNDATED),
  EMERGENCY_POUCH("emergency-pouch", Section.COMFORT, DateClass.UNDATED);

  private final String code;
  private final Section section;
  private final DateClass dateClass;

  ProductClass(String code, Section section, DateClass dateClass) {
    this.code = code;
    this.section = section;
    this.dateClass = dateClass;
  }

  @Override
  public String code() {
    return code;
  }

  /** Where it is laid out. */
  public Section section() {
    return section;
  }

  /** What decides how long it keeps once open. */
  public DateClass dateClass() {
    return dateClass;
  }
}
