package gerula.core.booking;

import gerula.core.kit.product.Trait;
import java.util.function.Consumer;

/** What a face's skin and concerns ask for, beyond its services. */
final class SkinNeeds {

  /** From this depth on, dark circles are lifted with orange rather than peach. */
  private static final double DEEP = 6.5;

  private SkinNeeds() {}

  static void add(Face face, int days, NeedDrafts drafts) {
    switch (face.skinType()) {
      case OILY -> {
        prefer(NeedKind.PRIMER, Trait.OIL_CONTROL, face, drafts);
        prefer(NeedKind.POWDER, Trait.MATTE, face, drafts);
      }
      case DRY -> {
        prefer(NeedKind.PRIMER, Trait.HYDRATING, face, drafts);
        prefer(NeedKind.MOISTURISER, Trait.RICH, face, drafts);
      }
      case MATURE -> {
        prefer(NeedKind.PRIMER, Trait.HYDRATING, face, drafts);
        prefer(NeedKind.POWDER, Trait.FINE, face, drafts);
      }
      case SENSITIVE -> prefer(NeedKind.MOISTURISER, Trait.FRAGRANCE_FREE, face, drafts);
      case COMBINATION -> prefer(NeedKind.PRIMER, Trait.OIL_CONTROL, face, drafts);
      case NORMAL -> {}
    }
    if (face.services().contains(Service.BASE)) {
      correctors(face, days, drafts);
    }
  }

  private static void correctors(Face face, int days, NeedDrafts drafts) {
    for (Concern concern : Concern.values()) {
      if (face.concerns().contains(concern)) {
        FaceNeeds needs =
            new FaceNeeds(face, new NeedReason.ForConcern(face.id(), concern), days, drafts);
        corrector(concern, face, needs);
      }
    }
  }

  private static void corrector(Concern concern, Face face, FaceNeeds needs) {
    switch (concern) {
      case REDNESS ->
          needs
              .measured(NeedKind.GREEN_CORRECTOR, AmountsPerFace.CORRECTOR)
              .must(Trait.GREEN_CORRECTOR);
      case DARK_CIRCLES -> {
        if (face.depth() < DEEP) {
          needs
              .measured(NeedKind.PEACH_CORRECTOR, AmountsPerFace.CORRECTOR)
              .must(Trait.PEACH_CORRECTOR);
        } else {
          orange(needs);
        }
      }
      case BEARD_SHADOW -> {
        orange(needs);
        needs.measured(NeedKind.LIP_BALM, AmountsPerFace.LIP).prefer(Trait.MATTE);
      }
    }
  }

  private static void orange(FaceNeeds needs) {
    needs
        .measured(NeedKind.ORANGE_CORRECTOR, AmountsPerFace.CORRECTOR)
        .must(Trait.ORANGE_CORRECTOR);
  }

  private static void prefer(NeedKind kind, Trait trait, Face face, NeedDrafts drafts) {
    Consumer<NeedDraft> preferIt =
        draft -> draft.prefer(trait).reasons(new NeedReason.ForSkin(face.id(), face.skinType()));
    drafts.existing(kind, face).ifPresent(preferIt);
  }
}
