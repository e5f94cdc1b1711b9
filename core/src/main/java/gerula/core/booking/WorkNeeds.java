package gerula.core.booking;

import static gerula.core.kit.product.ProductClass.*;

import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;

/** What a sort of job brings with it. Common practice. */
final class WorkNeeds {

  /** From so many faces on a second mascara comes along. */
  private static final int SECOND_MASCARA_FROM = 5;

  private final Party party;
  private final NeedDrafts drafts;

  private WorkNeeds(Party party, NeedDrafts drafts) {
    this.party = party;
    this.drafts = drafts;
  }

  static void add(Party party, NeedDrafts drafts) {
    WorkNeeds needs = new WorkNeeds(party, drafts);
    KindOfWork kind = party.booking().kind();
    if (kind != null) {
      needs.add(kind, new NeedReason.ForWork(kind));
    }
    if (party.booking().travel() != null) {
      needs.add(party.booking().travel());
    }
    needs.spares();
  }

  private void add(KindOfWork kind, NeedReason why) {
    switch (kind) {
      case SCREEN_DRAMA -> shared(why, TOWEL);
      case NEWS_AND_TALK -> {
        should(PRIMER, Trait.OIL_CONTROL, why);
        should(FACE_POWDER, Trait.FINE, why);
        shared(why, LINT_ROLLER, HAIR_SPRAY, COMB, HAND_WIPE);
      }
      case STAGE_AND_DANCE -> {
        should(FOUNDATION, Trait.LONG_WEAR, why);
        shared(why, SEALING_MEDIUM);
        drafts.shared(PUFF).counted(party.faceDays()).because(why);
      }
      case PORTRAITS -> {
        must(FACE_POWDER, Trait.NO_FLASHBACK, why);
        mustNot(FACE_POWDER, Trait.FLASHBACK, why);
      }
      case EDITORIAL -> {
        should(FACE_POWDER, Trait.FINE, why);
        shared(why, LIP_GLOSS, NAIL_BASICS);
        if (party.any(Service.BODY)) {
          drafts.shared(HIGHLIGHTER).measured(1000, Unit.G).because(why);
        }
      }
      case EVENT -> {
        should(FOUNDATION, Trait.LONG_WEAR, why);
        must(MASCARA, Trait.WATERPROOF, why);
        if (party.any(Service.LIPS)) {
          drafts.shared(STRAW).counted(Party.heads(party.with(Service.LIPS))).because(why);
        }
        shared(why, CARD, CONTRACT);
      }
      case TRAINING -> {
        shared(why, MARKER);
        drafts.shared(LABEL).counted(Party.heads(party.booking().faces())).because(why);
        drafts.shared(HAND_SANITISER).measured(6000L * party.faceDays(), Unit.ML).because(why);
      }
      case EFFECTS -> {
        shared(why, BARRIER, ADHESIVE_REMOVER, FACE_POWDER);
        drafts.shared(PAPER_TOWEL).counted(5L * party.faceDays()).because(why);
      }
    }
  }

  private void add(Travel travel) {
    if (travel.isByAir()) {
      shared(new NeedReason.ForTravel(travel), ZIP_BAGS);
    }
  }

  /** Where the only one would stop the job a second comes along, or it is told. */
  private void spares() {
    if (Party.heads(party.with(Service.MASCARA)) >= SECOND_MASCARA_FROM) {
      drafts.onEach(NeedKind.of(MASCARA), draft -> draft.withSpare());
    }
    if (party.is(Condition.NO_POWER) || party.is(Condition.DIM)) {
      drafts.onEach(NeedKind.of(CLIP_LIGHT), draft -> draft.withSpare());
    }
    if (!party.booking().faces().isEmpty()) {
      Face lead = party.booking().faces().getFirst();
      drafts.onEach(
          NeedKind.of(FOUNDATION),
          draft -> {
            if (draft.faces().contains(lead) && party.booking().days() > 1) {
              draft.withSpare();
            }
          });
    }
  }

  private void shared(NeedReason why, ProductClass... classes) {
    for (ProductClass one : classes) {
      drafts.shared(one).because(why);
    }
  }

  private void should(ProductClass one, Trait trait, NeedReason why) {
    drafts.onEach(NeedKind.of(one), draft -> draft.should(trait).because(why));
  }

  private void must(ProductClass one, Trait trait, NeedReason why) {
    drafts.onEach(NeedKind.of(one), draft -> draft.must(trait).because(why));
  }

  private void mustNot(ProductClass one, Trait trait, NeedReason why) {
    drafts.onEach(NeedKind.of(one), draft -> draft.mustNot(trait).because(why));
  }
}
