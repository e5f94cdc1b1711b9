package gerula.core.booking;

import static gerula.core.kit.product.ProductClass.*;

import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Unit;
import gerula.core.rule.HandPractice;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What no job goes without, once for everybody. Common practice. */
final class JobNeeds {

  private static final NeedReason EVERY_JOB = new NeedReason.EveryJob();

  private static final List<ProductClass> ALWAYS =
      List.of(
          BIN_BAGS,
          MAT,
          MIRROR,
          GLOVES,
          CLIENT_RECORD,
          MARKER,
          LABEL,
          TAPE,
          CLIP_LIGHT,
          PHONE_CHARGER,
          EMERGENCY_POUCH,
          SCISSORS,
          TWEEZERS,
          LASH_CURLER,
          CURLER_PADS);

  private static final Set<Service> WITHOUT_BRUSHES =
      EnumSet.of(
          Service.SKIN_PREPARATION,
          Service.GROOMING,
          Service.HAIR_TIDY,
          Service.HAIR_STYLING,
          Service.TAKE_OFF,
          Service.STAND_BY,
          Service.TOUCH_UP_KIT,
          Service.LASHES,
          Service.CLUSTER_LASHES,
          Service.FX_LENSES);

  private static final Set<Service> PLUGGED_IN = EnumSet.of(Service.AIRBRUSH, Service.HAIR_STYLING);

  /** Done with a pencil, as a rule. */
  private static final Set<Service> PENCILLED =
      EnumSet.of(Service.BROWS, Service.LINER, Service.LIPS);

  /** From so many faces on one palette dries while the other works. */
  private static final int TWO_PALETTES_FROM = 3;

  private static final int THIRD_SET_FROM = 7;
  private static final long ML = 1000;

  private final Party party;
  private final NeedDrafts drafts;

  private JobNeeds(Party party, NeedDrafts drafts) {
    this.party = party;
    this.drafts = drafts;
  }

  static void add(Party party, NeedDrafts drafts) {
    new JobNeeds(party, drafts).add();
  }

  private void add() {
    long faceDays = party.faceDays();
    ALWAYS.forEach(this::always);
    always(HAND_SANITISER).measured(Math.max(1, 6 * faceDays) * ML, Unit.ML);
    always(ALCOHOL_70).measured((8 * faceDays + 30L * party.workingDays()) * ML, Unit.ML);
    int palettes = party.facesADay() >= TWO_PALETTES_FROM ? 2 : 1;
    // The back of a washed hand does for the second one.
    int plates = party.house().hand() == HandPractice.AFTER_WASHING ? 1 : palettes;
    always(WORKING_PALETTE).shared(plates, plates);
    always(SPATULA).shared(palettes, palettes);
    always(CAPE).shared(1, party.facesADay());
    always(HAIR_CLIPS).counted(4);
    drafts.shared(HAIR_CLIPS).withoutReserve();
    brushes();
    if (party.any(Service.BASE)) {
      drafts
          .shared(WATER_SPRAY)
          .because(NeedReason.ToChooseFrom.of(Service.BASE, party.with(Service.BASE)));
    }
    for (Service service : PENCILLED) {
      if (party.any(service)) {
        drafts.shared(SHARPENER).because(NeedReason.ToChooseFrom.of(service, party.with(service)));
      }
    }
    for (Service service : PLUGGED_IN) {
      if (party.any(service) && !party.is(Condition.NO_POWER)) {
        drafts
            .shared(EXTENSION_LEAD)
            .because(NeedReason.ToChooseFrom.of(service, party.with(service)));
      }
    }
  }

  private NeedDraft always(ProductClass one) {
    return drafts.shared(one).because(EVERY_JOB);
  }

  private void brushes() {
    List<Face> brushed =
        party.those(
            face -> party.services(face).stream().anyMatch(one -> !WITHOUT_BRUSHES.contains(one)));
    if (brushed.isEmpty()) {
      return;
    }
    int faces = party.facesADay();
    NeedDraft sets = always(BRUSH_SET).withSpare();
    switch (party.house().brushes()) {
      // So many as there are faces, of those the kit has; with two one dries while one works.
      case SECOND_SET -> sets.shared(2, Math.max(2, faces));
      case QUICK_DRY -> {
        int many = faces >= THIRD_SET_FROM ? 3 : 2;
        sets.shared(many, many);
      }
    }
    always(CLEAN_HOLDER);
    always(DIRTY_HOLDER);
    always(COLOUR_CHANGE_SPONGE);
    if (faces > 1) {
      long turnovers = Math.max(1, party.faceDays() - party.workingDays());
      always(BRUSH_CLEANER).measured(5 * turnovers * ML, Unit.ML);
    }
  }
}
