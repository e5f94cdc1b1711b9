package gerula.core.booking;

import static gerula.core.kit.product.ProductClass.*;

import gerula.core.kit.product.Trait;
import gerula.core.rule.SunPractice;

/**
 * What a service takes of the products themselves, a face, day and look. Common practice, usual
 * amounts; those in hundredths are estimates from memory. Colours to choose from are {@link
 * RoleNeeds}, what is counted {@link CountedNeeds}.
 */
final class ServiceNeeds {

  /** A base one step off still blends at the jaw; beyond that it is the wrong base. */
  private static final double BASE_REACH = 1;

  private static final double CONCEALER_REACH = 1.5;
  private static final double POWDER_REACH = 2.5;

  private ServiceNeeds() {}

  static void add(Face face, Party party, NeedDrafts drafts) {
    int times = party.times(face);
    if (times == 0) {
      return;
    }
    for (Service service : party.services(face)) {
      int often = service == Service.STAND_BY ? party.rounds(face) : times;
      add(party, new FaceNeeds(face, service, often, drafts));
    }
  }

  private static void add(Party party, FaceNeeds needs) {
    Face face = needs.face();
    switch (needs.service()) {
      case SKIN_PREPARATION -> {
        needs.ml(CLEANSER, 3);
        needs.ml(TONER, 1);
        needs.ml(EYE_CREAM, 0.1);
        needs.ml(MOISTURISER, 1);
        needs.ml(PRIMER, 0.3);
        needs.g(LIP_BALM, 0.1);
      }
      case GROOMING -> {
        needs.ml(SHAVING_FOAM, 5);
        needs.ml(AFTER_SHAVE, 1);
        needs.g(LIP_BALM, 0.1).should(Trait.MATTE);
        needs.tool(SCISSORS);
        needs.tool(COMB);
        needs.tool(SHARPS_BOX);
      }
      case BASE -> {
        needs.usual(FOUNDATION).suiting(face.depth(), BASE_REACH);
        if (party.house().sunFilter() == SunPractice.ALWAYS_UNDER_BASE
            && !party.is(Condition.FLASH)) {
          needs.ml(SUNSCREEN, 1);
        }
        needs
            .ml(CONCEALER, "under-eyes", 0.1)
            .suiting(face.depth(), CONCEALER_REACH)
            .should(Trait.THIN);
        needs
            .ml(CONCEALER, "spots", 0.1)
            .suiting(face.depth(), CONCEALER_REACH)
            .should(Trait.FULL_COVER);
        needs.ml(SETTING_SPRAY, 1);
      }
      case POWDER -> needs.usual(FACE_POWDER).suiting(face.depth(), POWDER_REACH);
      case BROWS -> {
        needs.ml(BROW_GEL, 0.1);
        needs.tool(TWEEZERS);
      }
      case EYES -> needs.ml(EYE_PRIMER, 0.05);
      case MASCARA -> {
        needs.ml(MASCARA, 0.1);
        needs.tool(LASH_COMB);
      }
      case LASHES, CLUSTER_LASHES -> {
        needs.ml(LASH_ADHESIVE, 0.05).withSpare();
        needs.tool(LASH_CURLER);
        needs.tool(TWEEZERS);
      }
      case LIPS -> needs.g(LIP_BALM, 0.1);
      case AIRBRUSH -> {
        needs.usual(AIRBRUSH_COLOUR).suiting(face.depth(), BASE_REACH);
        needs.ml(AIRBRUSH_CLEANER, 5);
        needs.tool(AIRBRUSH_GUN);
        needs.tool(COMPRESSOR);
        needs.tool(AIRBRUSH_HOSE);
        needs.tool(MAINS_LEAD).withSpare();
      }
      case BODY -> {
        needs.ml(BODY_MAKE_UP, 6).suiting(face.depth(), POWDER_REACH);
        needs.tool(SEALING_MEDIUM);
      }
      case HAIR_TIDY -> {
        needs.ml(HAIR_SPRAY, 5);
        needs.tool(COMB);
        needs.tool(HAIR_BRUSH);
        needs.tool(DRY_SHAMPOO);
      }
      case HAIR_STYLING -> {
        needs.ml(HAIR_SPRAY, 15);
        needs.tool(CURLING_IRON);
        needs.tool(HAIR_DRYER);
        needs.tool(HEAT_MAT);
        needs.tool(HAIR_BRUSH);
        needs.tool(COMB).shared(1, party.facesADay());
        needs.tool(MAINS_LEAD).withSpare();
      }
      case STAND_BY -> needs.g(FACE_POWDER, 0.5).suiting(face.depth(), POWDER_REACH);
      case TOUCH_UP_KIT -> {
        // Once a face, not a day.
        new FaceNeeds(face, Service.TOUCH_UP_KIT, 1, needs.drafts())
            .usual(FACE_POWDER)
            .suiting(face.depth(), POWDER_REACH);
      }
      case TAKE_OFF -> {
        needs.ml(REMOVER, 6);
        needs.ml(EYE_REMOVER, 2);
        needs.ml(CLEANSER, 3);
        needs.ml(MOISTURISER, 1);
        if (usesAdhesive(party, face)) {
          needs.ml(ADHESIVE_REMOVER, 2);
        }
      }
      // Colours to choose from, correctors by concern, effects: rules of their own.
      default -> {}
    }
  }

  private static boolean usesAdhesive(Party party, Face face) {
    return party.services(face).stream()
        .anyMatch(
            one ->
                switch (one) {
                  case LASHES, CLUSTER_LASHES, FX_BALD_CAP, FX_PIECE, FX_HAIR -> true;
                  default -> false;
                });
  }
}
