package gerula.core.booking;

import gerula.core.rule.HouseRules;
import java.util.Comparator;
import java.util.List;

/** Derives what a booking needs from its work, its faces, their services and the conditions. */
public final class Needs {

  private Needs() {}

  /**
   * All needs in the order of the work.
   *
   * @return empty only for a booking without faces
   */
  public static List<Need> of(Booking booking, HouseRules house) {
    return of(booking, NeedRules.of(house));
  }

  /** The same by these rules of the house. */
  public static List<Need> of(Booking booking, NeedRules house) {
    if (booking.faces().isEmpty()) {
      return List.of();
    }
    NeedDrafts drafts = new NeedDrafts();
    Booking parted = booking.with(booking.faces().stream().flatMap(Face::parts).toList());
    Party party = new Party(parted, house);
    for (Face face : parted.faces()) {
      ServiceNeeds.add(face, party, drafts);
      EffectNeeds.add(face, party, drafts);
      SkinNeeds.add(face, party, drafts);
    }
    CountedNeeds.add(party, drafts);
    RoleNeeds.add(party, drafts);
    LookNeeds.add(party, drafts);
    JobNeeds.add(party, drafts);
    WorkNeeds.add(party, drafts);
    ConditionNeeds.add(party, drafts);
    return drafts.all().stream()
        .map(draft -> draft.done(house.reservePercent()))
        .sorted(Comparator.comparing(Need::code))
        .toList();
  }
}
