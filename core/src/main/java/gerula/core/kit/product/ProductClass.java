package gerula.core.kit.product;

import gerula.core.dates.DateClass;
import gerula.core.rule.Code;

/** What a thing is for. Needs ask for a class; the class also says how long it keeps. */
public enum ProductClass implements Code {
  MOISTURISER(Section.SKIN, DateClass.MOISTURISER),
  EYE_CREAM(Section.SKIN, DateClass.EYE_CREAM),
  TONER(Section.SKIN, DateClass.BODY),
  REMOVER(Section.SKIN, DateClass.BODY),
  SUNSCREEN(Section.SKIN, DateClass.SUNSCREEN),
  LIP_BALM(Section.SKIN, DateClass.LIP_BALM),
  HAND_CREAM(Section.SKIN, DateClass.BODY),
  BODY(Section.SKIN, DateClass.BODY),
  PRIMER(Section.SKIN, DateClass.PRIMER),
  FOUNDATION(Section.BASE, DateClass.FOUNDATION),
  CONCEALER(Section.BASE, DateClass.CONCEALER),
  CORRECTOR(Section.BASE, DateClass.CREAM_COLOUR),
  MIXER(Section.BASE, DateClass.FOUNDATION),
  CREAM_COLOUR(Section.BASE, DateClass.CREAM_COLOUR),
  SETTING_SPRAY(Section.BASE, DateClass.BODY),
  SEALING_MEDIUM(Section.BASE, DateClass.BODY),
  MIXING_MEDIUM(Section.BASE, DateClass.BODY),
  FACE_POWDER(Section.POWDER, DateClass.LOOSE_POWDER),
  POWDER_COLOUR(Section.POWDER, DateClass.PRESSED_POWDER),
  BROW_PENCIL(Section.BROWS, DateClass.PENCIL),
  BROW_GEL(Section.BROWS, DateClass.BROW_GEL),
  BROW_POWDER(Section.BROWS, DateClass.PRESSED_POWDER),
  EYE_SHADOW(Section.EYES, DateClass.PRESSED_POWDER),
  CREAM_SHADOW(Section.EYES, DateClass.CREAM_SHADOW),
  EYE_PENCIL(Section.EYES, DateClass.PENCIL),
  GEL_LINER(Section.EYES, DateClass.GEL_LINER),
  LIQUID_LINER(Section.EYES, DateClass.LIQUID_LINER),
  MASCARA(Section.MASCARA, DateClass.MASCARA),
  STRIP_LASHES(Section.LASHES, DateClass.UNDATED),
  CLUSTER_LASHES(Section.LASHES, DateClass.UNDATED),
  LASH_ADHESIVE(Section.LASHES, DateClass.ADHESIVE),
  SKIN_ADHESIVE(Section.LASHES, DateClass.ADHESIVE),
  ADHESIVE_REMOVER(Section.LASHES, DateClass.BODY),
  LIQUID_LATEX(Section.TOOLS, DateClass.LIQUID_LATEX),
  LIP_COLOUR(Section.LIPS, DateClass.LIP_COLOUR),
  LIP_GLOSS(Section.LIPS, DateClass.LIP_COLOUR),
  LIP_PENCIL(Section.LIPS, DateClass.PENCIL),
  BRUSH_SET(Section.BRUSHES, DateClass.UNDATED),
  LINER_BRUSH(Section.BRUSHES, DateClass.UNDATED),
  BRUSH(Section.BRUSHES, DateClass.UNDATED),
  CLEAN_HOLDER(Section.BRUSHES, DateClass.UNDATED),
  DIRTY_HOLDER(Section.BRUSHES, DateClass.UNDATED),
  BRUSH_CLEANER(Section.BRUSHES, DateClass.UNDATED),
  TWEEZERS(Section.TOOLS, DateClass.UNDATED),
  SCISSORS(Section.TOOLS, DateClass.UNDATED),
  LASH_CURLER(Section.TOOLS, DateClass.UNDATED),
  CURLER_PADS(Section.TOOLS, DateClass.UNDATED),
  SHARPENER(Section.TOOLS, DateClass.UNDATED),
  WORKING_PALETTE(Section.TOOLS, DateClass.UNDATED),
  PALETTE(Section.TOOLS, DateClass.UNDATED),
  SPATULA(Section.TOOLS, DateClass.UNDATED),
  RAZOR(Section.TOOLS, DateClass.UNDATED),
  SHARPS_BOX(Section.TOOLS, DateClass.UNDATED),
  HAND_MIRROR(Section.TOOLS, DateClass.UNDATED),
  AIRBRUSH(Section.TOOLS, DateClass.UNDATED),
  SHAVING_FOAM(Section.TOOLS, DateClass.BODY),
  EYE_DROPS(Section.COMFORT, DateClass.EYE_DROPS),
  WAND(Section.DISPOSABLES, DateClass.UNDATED),
  LIP_APPLICATOR(Section.DISPOSABLES, DateClass.UNDATED),
  LINER_APPLICATOR(Section.DISPOSABLES, DateClass.UNDATED),
  COTTON_BUD(Section.DISPOSABLES, DateClass.UNDATED),
  COTTON_ROUND(Section.DISPOSABLES, DateClass.UNDATED),
  WEDGE_SPONGE(Section.DISPOSABLES, DateClass.UNDATED),
  PUFF(Section.DISPOSABLES, DateClass.UNDATED),
  TISSUE(Section.DISPOSABLES, DateClass.UNDATED),
  WIPE(Section.DISPOSABLES, DateClass.UNDATED),
  BLOTTING_PAPER(Section.DISPOSABLES, DateClass.UNDATED),
  TOUCH_UP_JAR(Section.DISPOSABLES, DateClass.UNDATED),
  LABEL(Section.DISPOSABLES, DateClass.UNDATED),
  HAND_SANITISER(Section.SET_UP, DateClass.UNDATED),
  ALCOHOL_70(Section.SET_UP, DateClass.UNDATED),
  ALCOHOL_99(Section.SET_UP, DateClass.UNDATED),
  BIN_BAGS(Section.SET_UP, DateClass.UNDATED),
  MAT(Section.SET_UP, DateClass.UNDATED),
  MIRROR(Section.SET_UP, DateClass.UNDATED),
  CLIENT_RECORD(Section.SET_UP, DateClass.UNDATED),
  DRAPE(Section.SET_UP, DateClass.UNDATED),
  BATTERY_LIGHT(Section.COMFORT, DateClass.UNDATED),
  CLIP_LIGHT(Section.COMFORT, DateClass.UNDATED),
  PLUG_LIGHT(Section.COMFORT, DateClass.UNDATED),
  POWER_BANK(Section.COMFORT, DateClass.UNDATED),
  CHARGER(Section.COMFORT, DateClass.UNDATED),
  FAN(Section.COMFORT, DateClass.UNDATED),
  UMBRELLA(Section.COMFORT, DateClass.UNDATED),
  SNACKS(Section.COMFORT, DateClass.UNDATED),
  WATER(Section.COMFORT, DateClass.UNDATED),
  WATER_SPRAY(Section.COMFORT, DateClass.UNDATED),
  OVERSHOES(Section.COMFORT, DateClass.UNDATED),
  ZIP_BAGS(Section.COMFORT, DateClass.UNDATED),
  BAG_COVER(Section.COMFORT, DateClass.UNDATED),
  BRUSH_BELT(Section.COMFORT, DateClass.UNDATED),
  STAND(Section.COMFORT, DateClass.UNDATED),
  EMERGENCY_POUCH(Section.COMFORT, DateClass.UNDATED),
  HAIR_CLIPS(Section.TOOLS, DateClass.UNDATED),
  TAPE(Section.TOOLS, DateClass.UNDATED),
  CLOTHING(Section.COMFORT, DateClass.UNDATED),
  PAPERS(Section.COMFORT, DateClass.UNDATED),
  OTHER(Section.COMFORT, DateClass.UNDATED);

  private final Section section;
  private final DateClass dateClass;

  ProductClass(Section section, DateClass dateClass) {
    this.section = section;
    this.dateClass = dateClass;
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
