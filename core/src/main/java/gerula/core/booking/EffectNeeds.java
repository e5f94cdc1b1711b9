package gerula.core.booking;

import static gerula.core.kit.product.ProductClass.*;

/**
 * What wounds, ageing and characters take, a face, day and look. Common practice; the amounts are
 * estimates from memory. Lenses are put in by a licensed fitter, who brings what they need beside.
 */
final class EffectNeeds {

  private EffectNeeds() {}

  static void add(Face face, Party party, NeedDrafts drafts) {
    int times = party.times(face);
    if (times == 0) {
      return;
    }
    for (Service service : party.services(face)) {
      if (service.isEffect()) {
        add(new FaceNeeds(face, service, times, drafts));
      }
    }
  }

  private static void add(FaceNeeds needs) {
    switch (needs.service()) {
      case FX_BRUISE -> {
        needs.g(CREAM_COLOUR, 0.5);
        needs.tool(STIPPLE_SPONGE);
      }
      case FX_BURN -> {
        needs.g(CREAM_COLOUR, 1);
        onSkin(needs);
        needs.g(WAX_OR_PUTTY, 8);
        needs.tool(STIPPLE_SPONGE);
      }
      case FX_DIRT -> {
        needs.g(CREAM_COLOUR, 1);
        needs.tool(STIPPLE_SPONGE);
      }
      case FX_GREY_HAIR -> needs.g(CREAM_COLOUR, 1);
      case FX_SWEAT_TEARS -> needs.tool(WATER_SPRAY);
      case FX_WOUND -> {
        onSkin(needs);
        needs.g(WAX_OR_PUTTY, 8);
        needs.g(CREAM_COLOUR, 0.5);
        needs.ml(BLOOD, 30);
        needs.tool(STIPPLE_SPONGE);
      }
      case FX_BLOOD -> needs.ml(BLOOD, 30);
      case FX_AGE -> {
        onSkin(needs);
        needs.ml(LIQUID_LATEX, 10);
        needs.g(CREAM_COLOUR, 1);
        needs.tool(STIPPLE_SPONGE);
      }
      case FX_BALD_CAP -> {
        onSkin(needs);
        needs.tool(BALD_CAP);
        needs.tool(WIG_CAP);
        needs.ml(SKIN_ADHESIVE, 2).withSpare();
        needs.g(CREAM_COLOUR, 1);
      }
      case FX_PIECE -> {
        onSkin(needs);
        needs.ml(SKIN_ADHESIVE, 2).withSpare();
        needs.g(WAX_OR_PUTTY, 1);
        needs.g(CREAM_COLOUR, 1);
      }
      case FX_HAIR -> {
        needs.tool(FACIAL_HAIR);
        needs.ml(HAIR_ADHESIVE_LACE, 2).withSpare();
        needs.ml(ADHESIVE_REMOVER, 15);
        needs.tool(SCISSORS);
        needs.tool(COMB);
      }
      case FX_TATTOO -> {
        needs.tool(TRANSFER);
        needs.ml(SEALING_MEDIUM, 2);
      }
      case FX_TEETH -> needs.ml(TOOTH_COLOUR, 1);
      case FX_LENSES -> {
        needs.tool(CONTACT_LENSES);
        needs.tool(EYE_DROPS);
      }
      default -> {}
    }
  }

  /** What goes below and what takes it off again. */
  private static void onSkin(FaceNeeds needs) {
    needs.ml(BARRIER, 2);
    needs.ml(SEALING_MEDIUM, 2);
    needs.ml(ADHESIVE_REMOVER, 15);
  }
}
