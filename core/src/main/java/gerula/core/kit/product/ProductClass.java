package gerula.core.kit.product;

import gerula.core.dates.DateClass;
import gerula.core.rule.Code;
import java.util.EnumSet;
import java.util.Set;

/** What a thing is for. Needs ask for a class; the class also says how long it keeps. */
public enum ProductClass implements Code {
  CLEANSER(Section.SKIN, DateClass.BODY),
  MICELLAR(Section.SKIN, DateClass.BODY),
  REMOVER(Section.SKIN, DateClass.BODY),
  EYE_REMOVER(Section.SKIN, DateClass.BODY),
  TONER(Section.SKIN, DateClass.BODY),
  EYE_CREAM(Section.SKIN, DateClass.EYE_CREAM),
  MOISTURISER(Section.SKIN, DateClass.MOISTURISER),
  SUNSCREEN(Section.SKIN, DateClass.SUNSCREEN),
  PRIMER(Section.SKIN, DateClass.PRIMER),
  LIP_BALM(Section.SKIN, DateClass.LIP_BALM),
  AFTER_SHAVE(Section.SKIN, DateClass.BODY),
  HAND_CREAM(Section.SKIN, DateClass.BODY),
  BODY(Section.SKIN, DateClass.BODY),
  BARRIER(Section.SKIN, DateClass.BODY),
  FOUNDATION(Section.BASE, DateClass.FOUNDATION),
  MIXER(Section.BASE, DateClass.FOUNDATION),
  MIXING_MEDIUM(Section.BASE, DateClass.BODY),
  CONCEALER(Section.BASE, DateClass.CONCEALER),
  CORRECTOR(Section.BASE, DateClass.CREAM_COLOUR),
  TATTOO_COVER(Section.BASE, DateClass.CREAM_COLOUR),
  BODY_MAKE_UP(Section.BASE, DateClass.BODY),
  AIRBRUSH_COLOUR(Section.BASE, DateClass.FOUNDATION),
  BLUSH(Section.BASE, DateClass.PRESSED_POWDER),
  CONTOUR(Section.BASE, DateClass.PRESSED_POWDER),
  BRONZER(Section.BASE, DateClass.PRESSED_POWDER),
  HIGHLIGHTER(Section.BASE, DateClass.PRESSED_POWDER),
  CREAM_COLOUR(Section.BASE, DateClass.CREAM_COLOUR),
  POWDER_COLOUR(Section.BASE, DateClass.PRESSED_POWDER),
  SETTING_SPRAY(Section.BASE, DateClass.BODY),
  SEALING_MEDIUM(Section.BASE, DateClass.BODY),
  FACE_POWDER(Section.POWDER, DateClass.LOOSE_POWDER),
  BROW_PENCIL(Section.BROWS, DateClass.PENCIL),
  BROW_GEL(Section.BROWS, DateClass.BROW_GEL),
  BROW_POWDER(Section.BROWS, DateClass.PRESSED_POWDER),
  EYE_PRIMER(Section.EYES, DateClass.CREAM_SHADOW),
  EYE_SHADOW(Section.EYES, DateClass.PRESSED_POWDER),
  CREAM_SHADOW(Section.EYES, DateClass.CREAM_SHADOW),
  JEWELS_OR_GLITTER(Section.EYES, DateClass.UNDATED),
  EYE_PENCIL(Section.EYES, DateClass.PENCIL),
  GEL_LINER(Section.EYES, DateClass.GEL_LINER),
  LIQUID_LINER(Section.EYES, DateClass.LIQUID_LINER),
  LASH_PRIMER(Section.MASCARA, DateClass.MASCARA),
  MASCARA(Section.MASCARA, DateClass.MASCARA),
  STRIP_LASHES(Section.LASHES, DateClass.UNDATED),
  CLUSTER_LASHES(Section.LASHES, DateClass.UNDATED),
  LASH_ADHESIVE(Section.LASHES, DateClass.ADHESIVE),
  SKIN_ADHESIVE(Section.LASHES, DateClass.ADHESIVE),
  ADHESIVE_REMOVER(Section.LASHES, DateClass.BODY),
  LIP_PENCIL(Section.LIPS, DateClass.PENCIL),
  LIP_COLOUR(Section.LIPS, DateClass.LIP_COLOUR),
  LIP_GLOSS(Section.LIPS, DateClass.LIP_COLOUR),
  BRUSH_SET(Section.BRUSHES, DateClass.UNDATED),
  POWDER_BRUSH(Section.BRUSHES, DateClass.UNDATED),
  BASE_BRUSH(Section.BRUSHES, DateClass.UNDATED),
  CONCEALER_BRUSH(Section.BRUSHES, DateClass.UNDATED),
  BLUSH_BRUSH(Section.BRUSHES, DateClass.UNDATED),
  EYE_BRUSH(Section.BRUSHES, DateClass.UNDATED),
  CREASE_BRUSH(Section.BRUSHES, DateClass.UNDATED),
  SHADER_BRUSH(Section.BRUSHES, DateClass.UNDATED),
  LINER_BRUSH(Section.BRUSHES, DateClass.UNDATED),
  BROW_BRUSH(Section.BRUSHES, DateClass.UNDATED),
  LIP_BRUSH(Section.BRUSHES, DateClass.UNDATED),
  FAN_BRUSH(Section.BRUSHES, DateClass.UNDATED),
  BRUSH(Section.BRUSHES, DateClass.UNDATED),
  CLEAN_HOLDER(Section.BRUSHES, DateClass.UNDATED),
  DIRTY_HOLDER(Section.BRUSHES, DateClass.UNDATED),
  BRUSH_CLEANER(Section.BRUSHES, DateClass.UNDATED),
  COLOUR_CHANGE_SPONGE(Section.BRUSHES, DateClass.UNDATED),
  WASHABLE_SPONGE(Section.BRUSHES, DateClass.UNDATED),
  TWEEZERS(Section.TOOLS, DateClass.UNDATED),
  SCISSORS(Section.TOOLS, DateClass.UNDATED),
  LASH_CURLER(Section.TOOLS, DateClass.UNDATED),
  CURLER_PADS(Section.TOOLS, DateClass.UNDATED),
  LASH_COMB(Section.TOOLS, DateClass.UNDATED),
  SHARPENER(Section.TOOLS, DateClass.UNDATED),
  WORKING_PALETTE(Section.TOOLS, DateClass.UNDATED),
  PALETTE(Section.TOOLS, DateClass.UNDATED),
  SPATULA(Section.TOOLS, DateClass.UNDATED),
  HAND_MIRROR(Section.TOOLS, DateClass.UNDATED),
  RAZOR(Section.TOOLS, DateClass.UNDATED),
  TRIMMER(Section.TOOLS, DateClass.UNDATED),
  SHAVING_FOAM(Section.TOOLS, DateClass.BODY),
  SHARPS_BOX(Section.TOOLS, DateClass.UNDATED),
  AIRBRUSH(Section.TOOLS, DateClass.UNDATED),
  AIRBRUSH_GUN(Section.TOOLS, DateClass.UNDATED),
  COMPRESSOR(Section.TOOLS, DateClass.UNDATED),
  AIRBRUSH_HOSE(Section.TOOLS, DateClass.UNDATED),
  AIRBRUSH_CLEANER(Section.TOOLS, DateClass.UNDATED),
  NAIL_BASICS(Section.TOOLS, DateClass.UNDATED),
  TAPE(Section.TOOLS, DateClass.UNDATED),
  COMB(Section.TOOLS, DateClass.UNDATED),
  HAIR_BRUSH(Section.TOOLS, DateClass.UNDATED),
  HAIR_CLIPS(Section.TOOLS, DateClass.UNDATED),
  SECTION_CLIPS(Section.TOOLS, DateClass.UNDATED),
  HAIR_PINS(Section.TOOLS, DateClass.UNDATED),
  HAIR_ELASTICS(Section.TOOLS, DateClass.UNDATED),
  HAIR_SPRAY(Section.TOOLS, DateClass.UNDATED),
  DRY_SHAMPOO(Section.TOOLS, DateClass.UNDATED),
  HAIR_DRYER(Section.TOOLS, DateClass.UNDATED),
  CURLING_IRON(Section.TOOLS, DateClass.UNDATED),
  HEAT_MAT(Section.TOOLS, DateClass.UNDATED),
  WIG_CAP(Section.TOOLS, DateClass.UNDATED),
  WAX_OR_PUTTY(Section.TOOLS, DateClass.BODY),
  GELATINE(Section.TOOLS, DateClass.BODY),
  LIQUID_LATEX(Section.TOOLS, DateClass.LIQUID_LATEX),
  BLOOD(Section.TOOLS, DateClass.BODY),
  STIPPLE_SPONGE(Section.TOOLS, DateClass.UNDATED),
  BALD_CAP(Section.TOOLS, DateClass.UNDATED),
  FACIAL_HAIR(Section.TOOLS, DateClass.UNDATED),
  HAIR_ADHESIVE_LACE(Section.TOOLS, DateClass.ADHESIVE),
  TRANSFER(Section.TOOLS, DateClass.UNDATED),
  TOOTH_COLOUR(Section.TOOLS, DateClass.BODY),
  CONTACT_LENSES(Section.TOOLS, DateClass.UNDATED),
  EYE_DROPS(Section.COMFORT, DateClass.EYE_DROPS),
  WAND(Section.DISPOSABLES, DateClass.UNDATED),
  SMALL_WAND(Section.DISPOSABLES, DateClass.UNDATED),
  LIP_APPLICATOR(Section.DISPOSABLES, DateClass.UNDATED),
  LINER_APPLICATOR(Section.DISPOSABLES, DateClass.UNDATED),
  COTTON_BUD(Section.DISPOSABLES, DateClass.UNDATED),
  COTTON_ROUND(Section.DISPOSABLES, DateClass.UNDATED),
  WEDGE_SPONGE(Section.DISPOSABLES, DateClass.UNDATED),
  PUFF(Section.DISPOSABLES, DateClass.UNDATED),
  FACE_TISSUE(Section.DISPOSABLES, DateClass.UNDATED),
  PAPER_TOWEL(Section.DISPOSABLES, DateClass.UNDATED),
  TISSUE(Section.DISPOSABLES, DateClass.UNDATED),
  REMOVER_WIPE(Section.DISPOSABLES, DateClass.UNDATED),
  HAND_WIPE(Section.DISPOSABLES, DateClass.UNDATED),
  SURFACE_WIPE(Section.DISPOSABLES, DateClass.UNDATED),
  WIPE(Section.DISPOSABLES, DateClass.UNDATED),
  BLOTTING_PAPER(Section.DISPOSABLES, DateClass.UNDATED),
  STRAW(Section.DISPOSABLES, DateClass.UNDATED),
  GLOVES(Section.DISPOSABLES, DateClass.UNDATED),
  TOUCH_UP_JAR(Section.DISPOSABLES, DateClass.UNDATED),
  LABEL(Section.DISPOSABLES, DateClass.UNDATED),
  HAND_SANITISER(Section.SET_UP, DateClass.UNDATED),
  ALCOHOL_70(Section.SET_UP, DateClass.UNDATED),
  ALCOHOL_99(Section.SET_UP, DateClass.UNDATED),
  BIN_BAGS(Section.SET_UP, DateClass.UNDATED),
  MAT(Section.SET_UP, DateClass.UNDATED),
  MIRROR(Section.SET_UP, DateClass.UNDATED),
  TOWEL(Section.SET_UP, DateClass.UNDATED),
  CAPE(Section.SET_UP, DateClass.UNDATED),
  DRAPE(Section.SET_UP, DateClass.UNDATED),
  CLIENT_RECORD(Section.SET_UP, DateClass.UNDATED),
  CONTRACT(Section.SET_UP, DateClass.UNDATED),
  CARD(Section.SET_UP, DateClass.UNDATED),
  MARKER(Section.SET_UP, DateClass.UNDATED),
  EXTENSION_LEAD(Section.SET_UP, DateClass.UNDATED),
  MAINS_LEAD(Section.SET_UP, DateClass.UNDATED),
  BATTERY_LIGHT(Section.COMFORT, DateClass.UNDATED),
  CLIP_LIGHT(Section.COMFORT, DateClass.UNDATED),
  PLUG_LIGHT(Section.COMFORT, DateClass.UNDATED),
  POWER_BANK(Section.COMFORT, DateClass.UNDATED),
  PHONE_CHARGER(Section.COMFORT, DateClass.UNDATED),
  CHARGER(Section.COMFORT, DateClass.UNDATED),
  FAN(Section.COMFORT, DateClass.UNDATED),
  UMBRELLA(Section.COMFORT, DateClass.UNDATED),
  HAND_WARMER(Section.COMFORT, DateClass.UNDATED),
  SNACKS(Section.COMFORT, DateClass.UNDATED),
  WATER(Section.COMFORT, DateClass.UNDATED),
  WATER_SPRAY(Section.COMFORT, DateClass.UNDATED),
  LINT_ROLLER(Section.COMFORT, DateClass.UNDATED),
  OVERSHOES(Section.COMFORT, DateClass.UNDATED),
  ZIP_BAGS(Section.COMFORT, DateClass.UNDATED),
  BAG_COVER(Section.COMFORT, DateClass.UNDATED),
  BRUSH_BELT(Section.COMFORT, DateClass.UNDATED),
  STAND(Section.COMFORT, DateClass.UNDATED),
  EMERGENCY_POUCH(Section.COMFORT, DateClass.UNDATED),
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

  /** What decides how long it keeps once open, in the form it usually comes in. */
  public DateClass dateClass() {
    return dateClass;
  }

  /**
   * What decides how long it keeps once open: colour for the cheeks keeps as what it is made of.
   */
  public DateClass dateClass(Form form) {
    return switch (this) {
      case BLUSH, CONTOUR, BRONZER, HIGHLIGHTER ->
          form.isPowder() ? dateClass : DateClass.CREAM_COLOUR;
      default -> dateClass;
    };
  }

  /**
   * The classes this one was parted into since, empty for all that are clear. A thing of such a
   * class serves whatever one of them would serve, until somebody says which it is.
   */
  public Set<ProductClass> successors() {
    return switch (this) {
      case POWDER_COLOUR, CREAM_COLOUR -> EnumSet.of(BLUSH, CONTOUR, BRONZER, HIGHLIGHTER);
      case WIPE -> EnumSet.of(REMOVER_WIPE, HAND_WIPE, SURFACE_WIPE);
      case TISSUE -> EnumSet.of(FACE_TISSUE, PAPER_TOWEL);
      case BRUSH ->
          EnumSet.of(
              POWDER_BRUSH,
              BASE_BRUSH,
              CONCEALER_BRUSH,
              BLUSH_BRUSH,
              EYE_BRUSH,
              CREASE_BRUSH,
              SHADER_BRUSH,
              LINER_BRUSH,
              BROW_BRUSH,
              LIP_BRUSH,
              FAN_BRUSH);
      case CHARGER -> EnumSet.of(PHONE_CHARGER);
      case AIRBRUSH -> EnumSet.of(AIRBRUSH_GUN);
      default -> EnumSet.noneOf(ProductClass.class);
    };
  }

  /** Whether it is there to touch a face, rather than to hold, clean or drive what does. */
  public boolean touchesFaces() {
    return switch (this) {
      case HAND_CREAM,
          CLEAN_HOLDER,
          DIRTY_HOLDER,
          BRUSH_CLEANER,
          CURLER_PADS,
          PALETTE,
          HAND_MIRROR,
          SHARPS_BOX,
          COMPRESSOR,
          AIRBRUSH_HOSE,
          AIRBRUSH_CLEANER,
          NAIL_BASICS,
          TAPE,
          HAND_WIPE,
          SURFACE_WIPE,
          GLOVES,
          TOUCH_UP_JAR,
          LABEL ->
          false;
      case EYE_DROPS, TOWEL, CAPE, DRAPE -> true;
      default -> section != Section.SET_UP && section != Section.COMFORT;
    };
  }

  /** Whether it is there to leave its colour on a face: its colour is its shade, not its pack's. */
  public boolean leavesColour() {
    return switch (this) {
      case MIXING_MEDIUM, SETTING_SPRAY, SEALING_MEDIUM, EYE_PRIMER, LASH_PRIMER -> false;
      case BLOOD, TOOTH_COLOUR -> true;
      default ->
          switch (section) {
            case BASE, POWDER, BROWS, EYES, MASCARA, LIPS -> true;
            case SET_UP, SKIN, LASHES, BRUSHES, TOOLS, DISPOSABLES, COMFORT -> false;
          };
    };
  }

  /** A brush by itself, not a set of them, nor what brushes stand in. */
  public boolean isSingleBrush() {
    return EnumSet.range(POWDER_BRUSH, BRUSH).contains(this);
  }

  /** It and every older class that may be it. */
  public Set<ProductClass> servedBy() {
    Set<ProductClass> serving = EnumSet.of(this);
    for (ProductClass older : values()) {
      if (older.successors().contains(this)) {
        serving.add(older);
      }
    }
    return serving;
  }
}
