package gerula.core.booking;

import gerula.core.rule.HouseRules;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Derives what a booking needs from its faces, their services and the conditions. */
public final class Needs {

  private Needs() {}

  /**
   * All needs, those of the faces in the faces' order first, then what everybody shares.
   *
   * @return empty only for a booking without faces
   */
  public static List<Need> of(Booking booking, HouseRules house) {
    NeedDrafts drafts = new NeedDrafts();
    if (booking.faces().isEmpty()) {
      return List.of();
    }
    for (Face face : booking.faces()) {
      ServiceNeeds.add(face, booking.days(), drafts);
      CountedNeeds.add(face, booking, drafts);
      SkinNeeds.add(face, booking.days(), drafts);
    }
    SharedNeeds.add(booking, drafts);
    ConditionNeeds.add(booking, drafts);
    addReserves(house.reservePercent(), drafts);
    return drafts.all().stream().map(NeedDraft::done).toList();
  }

  /** Common practice: so much is dropped, bent or given away that a share is added to each kind. */
  private static void addReserves(int percent, NeedDrafts drafts) {
    Map<NeedKind, Long> counted = new EnumMap<>(NeedKind.class);
    drafts.all().stream()
        .filter(draft -> draft.pieces() > 0 && draft.kind() != NeedKind.BRUSH_SETS)
        .forEach(draft -> counted.merge(draft.kind(), draft.pieces(), Long::sum));
    counted.forEach(
        (kind, pieces) -> {
          long reserve = Math.ceilDiv(pieces * percent, 100L);
          if (reserve > 0) {
            drafts
                .of(kind, null)
                .counted(reserve)
                .reasons(new NeedReason.Reserve(percent, reserve, pieces));
          }
        });
  }
}
