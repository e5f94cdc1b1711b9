package gerula.core.kit.product;

import static gerula.core.kit.product.ProductClass.*;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/**
 * Which kinds of things can contain what a skin reacts to, so that nobody is asked whether there is
 * latex in a comb. Common practice, from memory; where it errs it asks once too often.
 */
final class MayContain {

  private static final Set<ProductClass> CARE =
      EnumSet.of(
          CLEANSER,
          MICELLAR,
          REMOVER,
          EYE_REMOVER,
          TONER,
          EYE_CREAM,
          MOISTURISER,
          SUNSCREEN,
          PRIMER,
          LIP_BALM,
          AFTER_SHAVE,
          SHAVING_FOAM,
          HAND_CREAM,
          BODY,
          BARRIER);

  private static final Set<ProductClass> COLOUR =
      EnumSet.of(
          FOUNDATION,
          MIXER,
          MIXING_MEDIUM,
          CONCEALER,
          CORRECTOR,
          TATTOO_COVER,
          BODY_MAKE_UP,
          AIRBRUSH_COLOUR,
          BLUSH,
          CONTOUR,
          BRONZER,
          HIGHLIGHTER,
          CREAM_COLOUR,
          POWDER_COLOUR,
          FACE_POWDER,
          BROW_PENCIL,
          BROW_GEL,
          BROW_POWDER,
          EYE_PRIMER,
          EYE_SHADOW,
          CREAM_SHADOW,
          EYE_PENCIL,
          GEL_LINER,
          LIQUID_LINER,
          LASH_PRIMER,
          MASCARA,
          LIP_PENCIL,
          LIP_COLOUR,
          LIP_GLOSS,
          BLOOD,
          TOOTH_COLOUR);

  private static final Set<ProductClass> ADHESIVES =
      EnumSet.of(LASH_ADHESIVE, SKIN_ADHESIVE, HAIR_ADHESIVE_LACE);

  private static final Set<ProductClass> SEALERS_AND_SPRAYS =
      EnumSet.of(SETTING_SPRAY, SEALING_MEDIUM, HAIR_SPRAY, DRY_SHAMPOO);

  private static final Set<ProductClass> WIPES =
      EnumSet.of(REMOVER_WIPE, HAND_WIPE, WIPE, HAND_SANITISER);

  /** Everything that is put on skin, hair or lashes as a substance. */
  private static final Set<ProductClass> ON_THE_SKIN =
      all(
          CARE,
          COLOUR,
          ADHESIVES,
          SEALERS_AND_SPRAYS,
          WIPES,
          EnumSet.of(
              ADHESIVE_REMOVER,
              AIRBRUSH_CLEANER,
              WAX_OR_PUTTY,
              GELATINE,
              LIQUID_LATEX,
              JEWELS_OR_GLITTER,
              TRANSFER,
              NAIL_BASICS));

  private static final Map<String, Set<ProductClass>> BY_SENSITIVITY =
      Map.of(
          "latex",
          all(
              ADHESIVES,
              EnumSet.of(
                  LIQUID_LATEX,
                  WEDGE_SPONGE,
                  WASHABLE_SPONGE,
                  STIPPLE_SPONGE,
                  COLOUR_CHANGE_SPONGE,
                  PUFF,
                  GLOVES,
                  BALD_CAP,
                  WIG_CAP,
                  FACIAL_HAIR,
                  TAPE,
                  TRANSFER,
                  HAIR_ELASTICS,
                  BARRIER)),
          "fragrance",
          ON_THE_SKIN,
          "nut-oil",
          all(
              CARE,
              EnumSet.of(
                  FOUNDATION,
                  CONCEALER,
                  CREAM_COLOUR,
                  BLUSH,
                  HIGHLIGHTER,
                  TATTOO_COVER,
                  BODY_MAKE_UP,
                  MIXING_MEDIUM,
                  LIP_PENCIL,
                  LIP_COLOUR,
                  LIP_GLOSS,
                  REMOVER_WIPE,
                  WIPE,
                  ADHESIVE_REMOVER)),
          "lanolin",
          all(
              CARE,
              EnumSet.of(
                  FOUNDATION,
                  CONCEALER,
                  CREAM_COLOUR,
                  CREAM_SHADOW,
                  TATTOO_COVER,
                  EYE_PENCIL,
                  BROW_PENCIL,
                  MASCARA,
                  LIP_PENCIL,
                  LIP_COLOUR,
                  LIP_GLOSS,
                  WAX_OR_PUTTY,
                  ADHESIVE_REMOVER,
                  REMOVER_WIPE,
                  WIPE)),
          "carmine",
          all(COLOUR, EnumSet.of(LIP_BALM, JEWELS_OR_GLITTER)),
          "nickel",
          EnumSet.of(
              TWEEZERS,
              SCISSORS,
              LASH_CURLER,
              LASH_COMB,
              RAZOR,
              TRIMMER,
              SPATULA,
              WORKING_PALETTE,
              HAIR_PINS,
              HAIR_CLIPS,
              SECTION_CLIPS,
              EYE_SHADOW,
              JEWELS_OR_GLITTER),
          "acrylate",
          all(
              ADHESIVES,
              SEALERS_AND_SPRAYS,
              EnumSet.of(
                  MASCARA,
                  LASH_PRIMER,
                  BROW_GEL,
                  LIQUID_LINER,
                  GEL_LINER,
                  EYE_PRIMER,
                  AIRBRUSH_COLOUR,
                  TATTOO_COVER,
                  BODY_MAKE_UP,
                  TOOTH_COLOUR,
                  TRANSFER,
                  TAPE,
                  BALD_CAP,
                  NAIL_BASICS)),
          "skin-alcohol",
          all(
              ADHESIVES,
              SEALERS_AND_SPRAYS,
              WIPES,
              EnumSet.of(
                  TONER,
                  AFTER_SHAVE,
                  PRIMER,
                  SUNSCREEN,
                  MICELLAR,
                  CLEANSER,
                  BODY,
                  MIXING_MEDIUM,
                  AIRBRUSH_COLOUR,
                  TATTOO_COVER,
                  LIQUID_LINER,
                  BROW_GEL,
                  BLOOD,
                  TOOTH_COLOUR,
                  ADHESIVE_REMOVER,
                  ALCOHOL_70,
                  ALCOHOL_99)),
          "gluten",
          all(CARE, COLOUR, EnumSet.of(WAX_OR_PUTTY, GELATINE)));

  /** What a thing of this class is made of, whatever its label leaves out. */
  private static final Map<String, Set<ProductClass>> ALWAYS =
      Map.of("latex", EnumSet.of(LIQUID_LATEX), "skin-alcohol", EnumSet.of(ALCOHOL_70, ALCOHOL_99));

  private MayContain() {}

  /** An artist's own word may be in whatever is put on skin. */
  static boolean any(Set<ProductClass> classes, Sensitivity one) {
    return intersects(classes, BY_SENSITIVITY.getOrDefault(one.name(), ON_THE_SKIN));
  }

  static boolean always(Set<ProductClass> classes, Sensitivity one) {
    return intersects(classes, ALWAYS.getOrDefault(one.name(), Set.of()));
  }

  private static boolean intersects(Set<ProductClass> some, Set<ProductClass> others) {
    return !Collections.disjoint(some, others);
  }

  @SafeVarargs
  private static Set<ProductClass> all(Set<ProductClass>... some) {
    Set<ProductClass> all = EnumSet.noneOf(ProductClass.class);
    for (Set<ProductClass> one : some) {
      all.addAll(one);
    }
    return all;
  }
}
