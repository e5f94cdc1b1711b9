package gerula.core.booking;

import gerula.core.kit.product.Trait;

/** What a service takes of the products themselves. */
final class ServiceNeeds {

  /** A base one step off still blends at the jaw; beyond that it is the wrong base. */
  private static final double BASE_REACH = 1;

  private static final double CONCEALER_REACH = 1.5;
  private static final double POWDER_REACH = 2.5;

  private ServiceNeeds() {}

  static void add(Face face, int days, NeedDrafts drafts) {
    for (Service service : Service.values()) {
      if (face.services().contains(service)) {
        add(face, service, days, drafts);
      }
    }
  }

  private static void add(Face face, Service service, int days, NeedDrafts drafts) {
    FaceNeeds needs =
        new FaceNeeds(face, new NeedReason.ForService(face.id(), service), days, drafts);
    switch (service) {
      case SKIN_PREPARATION -> {
        needs.measured(NeedKind.MOISTURISER, AmountsPerFace.MOISTURISER);
        needs.measured(NeedKind.PRIMER, AmountsPerFace.PRIMER);
      }
      case BASE -> {
        needs.measured(NeedKind.BASE, AmountsPerFace.FOUNDATION).suiting(face.depth(), BASE_REACH);
        needs
            .measured(NeedKind.CONCEALER, AmountsPerFace.CONCEALER)
            .suiting(face.depth(), CONCEALER_REACH);
        needs.measured(NeedKind.SETTING_SPRAY, AmountsPerFace.SETTING_SPRAY);
      }
      case POWDER ->
          needs
              .measured(NeedKind.POWDER, AmountsPerFace.POWDER)
              .suiting(face.depth(), POWDER_REACH);
      case BROWS -> needs.measured(NeedKind.BROW_COLOUR, AmountsPerFace.COLOUR);
      case EYES -> {
        needs.measured(NeedKind.EYE_COLOUR, AmountsPerFace.COLOUR);
        needs.measured(NeedKind.LINER, AmountsPerFace.LINER);
      }
      case MASCARA -> needs.measured(NeedKind.MASCARA, AmountsPerFace.MASCARA);
      case LASHES -> {
        needs.counted(NeedKind.LASHES, 1);
        needs.measured(NeedKind.LASH_ADHESIVE, AmountsPerFace.LASH_ADHESIVE);
      }
      case LIPS -> {
        NeedDraft lips = needs.measured(NeedKind.LIP_COLOUR, AmountsPerFace.LIP);
        if (face.concerns().contains(Concern.BEARD_SHADOW)) {
          lips.prefer(Trait.NATURAL_LOOK);
        }
      }
    }
  }
}
