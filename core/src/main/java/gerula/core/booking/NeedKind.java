package gerula.core.booking;

import static gerula.core.kit.product.ProductClass.*;

import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.rule.Code;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Set;
import java.util.stream.Collectors;

/** What can be needed, and which classes of things serve. */
public enum NeedKind implements Code {
  HAND_SANITISER(ProductClass.HAND_SANITISER),
  SURFACE_ALCOHOL(ALCOHOL_70),
  BIN_BAGS(ProductClass.BIN_BAGS),
  MAT(ProductClass.MAT),
  MIRROR(ProductClass.MIRROR, HAND_MIRROR),
  CLIENT_RECORD(ProductClass.CLIENT_RECORD),
  MOISTURISER(ProductClass.MOISTURISER),
  PRIMER(ProductClass.PRIMER),
  SUNSCREEN(ProductClass.SUNSCREEN),
  LIP_BALM(ProductClass.LIP_BALM),
  HAND_CREAM(ProductClass.HAND_CREAM),
  BASE(FOUNDATION),
  CONCEALER(ProductClass.CONCEALER),
  GREEN_CORRECTOR(CORRECTOR),
  PEACH_CORRECTOR(CORRECTOR),
  ORANGE_CORRECTOR(CORRECTOR),
  SETTING_SPRAY(ProductClass.SETTING_SPRAY),
  SEALING_MEDIUM(ProductClass.SEALING_MEDIUM),
  POWDER(FACE_POWDER),
  BROW_COLOUR(BROW_PENCIL, BROW_POWDER, BROW_GEL),
  EYE_COLOUR(EYE_SHADOW, CREAM_SHADOW),
  LINER(EYE_PENCIL, GEL_LINER, LIQUID_LINER),
  MASCARA(ProductClass.MASCARA),
  LASHES(STRIP_LASHES, CLUSTER_LASHES),
  LASH_ADHESIVE(ProductClass.LASH_ADHESIVE),
  LIP_COLOUR(ProductClass.LIP_COLOUR, LIP_GLOSS),
  BRUSH_SETS(BRUSH_SET),
  WANDS(WAND),
  LIP_APPLICATORS(LIP_APPLICATOR),
  LINER_APPLICATORS(LINER_APPLICATOR),
  COTTON_BUDS(COTTON_BUD),
  COTTON_ROUNDS(COTTON_ROUND),
  WEDGE_SPONGES(WEDGE_SPONGE),
  PUFFS(PUFF),
  TISSUES(FACE_TISSUE, PAPER_TOWEL),
  WIPES(REMOVER_WIPE, HAND_WIPE),
  BLOTTING_PAPERS(BLOTTING_PAPER),
  TOUCH_UP_JARS(TOUCH_UP_JAR),
  LABELS(LABEL),
  BATTERY_LIGHT(ProductClass.BATTERY_LIGHT),
  CLIP_LIGHT(ProductClass.CLIP_LIGHT, ProductClass.BATTERY_LIGHT),
  POWER_BANK(ProductClass.POWER_BANK),
  FAN(ProductClass.FAN),
  UMBRELLA(ProductClass.UMBRELLA),
  WATER_SPRAY(ProductClass.WATER_SPRAY),
  OVERSHOES(ProductClass.OVERSHOES),
  ZIP_BAGS(ProductClass.ZIP_BAGS),
  BAG_COVER(ProductClass.BAG_COVER),
  BRUSH_BELT(ProductClass.BRUSH_BELT),
  STAND(ProductClass.STAND),
  SNACKS(ProductClass.SNACKS),
  WATER(ProductClass.WATER);

  private final Set<ProductClass> classes;
  private final Section section;

  NeedKind(ProductClass... classes) {
    this.classes =
        Arrays.stream(classes)
            .flatMap(one -> one.servedBy().stream())
            .collect(Collectors.toUnmodifiableSet());
    this.section =
        this.classes.stream()
            .map(ProductClass::section)
            .min(Comparator.naturalOrder())
            .orElseThrow();
  }

  /** Any of these serves, and what has not been told apart from them yet. */
  public Set<ProductClass> classes() {
    return classes;
  }

  /** Where the need is told on the list. */
  public Section section() {
    return section;
  }
}
