package gerula.core.booking;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What no job goes without, once for everybody. */
final class SharedNeeds {

  private static final Set<Service> WITH_BRUSHES =
      EnumSet.of(Service.BASE, Service.POWDER, Service.BROWS, Service.EYES, Service.LIPS);

  /** Common practice: one set in use while the other dries. */
  private static final int BRUSH_SETS = 2;

  private SharedNeeds() {}

  static void add(Booking booking, NeedDrafts drafts) {
    NeedReason.EveryJob everyJob = new NeedReason.EveryJob();
    long turnovers = (long) booking.faces().size() * booking.days();
    drafts
        .of(NeedKind.HAND_SANITISER, null)
        .measured(AmountsPerFace.HAND_SANITISER * turnovers)
        .reasons(everyJob);
    drafts
        .of(NeedKind.SURFACE_ALCOHOL, null)
        .measured(AmountsPerFace.SURFACE_ALCOHOL * turnovers)
        .reasons(everyJob);
    for (NeedKind kind :
        List.of(NeedKind.BIN_BAGS, NeedKind.MAT, NeedKind.MIRROR, NeedKind.CLIENT_RECORD)) {
      drafts.of(kind, null).reasons(everyJob);
    }
    boolean brushes =
        booking.faces().stream()
            .flatMap(face -> face.services().stream())
            .anyMatch(WITH_BRUSHES::contains);
    if (brushes) {
      drafts.of(NeedKind.BRUSH_SETS, null).counted(BRUSH_SETS).reasons(everyJob);
    }
  }
}
