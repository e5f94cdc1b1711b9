package gerula.core.booking;

import static gerula.core.kit.product.ProductClass.*;

import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import java.util.List;
import java.util.Set;

/** What a face's skin and concerns ask for, beyond its services. Common practice. */
final class SkinNeeds {

  /** Up to here dark circles are lifted with peach; the bounds lie between the steps named. */
  private static final double PEACH_TO = 6.25;

  private static final double RED_FROM = 8.75;
  private static final double BEARD_PEACH_TO = 4.25;
  private static final long CORRECTOR = 100;
  private static final double FULL_COVER_REACH = 1.5;

  private final Face face;
  private final Party party;
  private final NeedDrafts drafts;

  private SkinNeeds(Face face, Party party, NeedDrafts drafts) {
    this.face = face;
    this.party = party;
    this.drafts = drafts;
  }

  static void add(Face face, Party party, NeedDrafts drafts) {
    if (party.times(face) == 0) {
      return;
    }
    SkinNeeds needs = new SkinNeeds(face, party, drafts);
    for (SkinType type : SkinType.values()) {
      if (face.isAnywhere(type)) {
        needs.prefer(type);
      }
    }
    Set<Service> services = party.services(face);
    if (services.contains(Service.BASE)
        || services.contains(Service.CORRECT)
        || services.contains(Service.AIRBRUSH)) {
      for (Concern concern : Concern.values()) {
        if (face.concerns().contains(concern)) {
          needs.even(concern);
        }
      }
    }
  }

  private void prefer(SkinType type) {
    switch (type) {
      case OILY, COMBINATION -> {
        should(PRIMER, Trait.OIL_CONTROL, type);
        should(FOUNDATION, Trait.MATTE, type);
        should(FACE_POWDER, Trait.MATTE, type);
        should(MASCARA, Trait.TUBING, type);
      }
      case DRY -> {
        should(PRIMER, Trait.HYDRATING, type);
        should(MOISTURISER, Trait.RICH, type);
        should(FOUNDATION, Trait.DEWY, type);
      }
      case MATURE -> {
        should(PRIMER, Trait.HYDRATING, type);
        should(FOUNDATION, Trait.SATIN, type);
        should(FACE_POWDER, Trait.FINE, type);
      }
      case SENSITIVE -> {
        should(CLEANSER, Trait.FRAGRANCE_FREE, type);
        should(MOISTURISER, Trait.FRAGRANCE_FREE, type);
      }
      case NORMAL -> {}
    }
  }

  private void should(ProductClass one, Trait trait, SkinType type) {
    drafts.onEach(
        NeedKind.of(one),
        draft -> {
          if (draft.faces().equals(List.of(face))) {
            draft.should(trait).because(new NeedReason.ForSkin(face.id(), type));
          }
        });
  }

  private void even(Concern concern) {
    NeedReason why = new NeedReason.ForConcern(face.id(), concern);
    switch (concern) {
      case REDNESS -> corrector(Role.CORRECT_GREEN, why);
      case DARK_CIRCLES -> corrector(forCircles(), why);
      case DARK_PATCHES -> corrector(Role.CORRECT_RED, why);
      case BEARD_SHADOW -> {
        corrector(face.depth() <= BEARD_PEACH_TO ? Role.CORRECT_PEACH : Role.CORRECT_ORANGE, why);
        drafts.of(LIP_BALM, face).measured(100, Unit.G).should(Trait.MATTE).because(why);
      }
      case SALLOW -> corrector(Role.CORRECT_LAVENDER, why);
      case BRUISE -> corrector(Role.CORRECT_YELLOW, why);
      case SCARS ->
          drafts
              .of(NeedCode.of(CONCEALER), "scars", List.of(face))
              .measured(200L * party.times(face), Unit.ML)
              .must(Trait.FULL_COVER)
              .suiting(face.depth(), FULL_COVER_REACH)
              .because(why);
      case TATTOO -> {
        drafts
            .of(TATTOO_COVER, face)
            .measured(3000L * party.times(face), Unit.ML)
            .suiting(face.depth(), FULL_COVER_REACH)
            .because(why);
        drafts.of(FACE_POWDER, face).measured(1000L * party.times(face), Unit.G).because(why);
      }
    }
  }

  private Role forCircles() {
    if (face.depth() >= RED_FROM) {
      return Role.CORRECT_RED;
    }
    return face.depth() > PEACH_TO ? Role.CORRECT_ORANGE : Role.CORRECT_PEACH;
  }

  private void corrector(Role role, NeedReason why) {
    NeedDraft draft = drafts.of(NeedCode.of(role), "", List.of(face));
    draft.measured(CORRECTOR * party.times(face), Unit.G).because(why);
  }
}
