package gerula.app.packing;

import gerula.app.ledger.Ledger;
import gerula.app.ledger.UntilNextAct;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.packing.Readiness;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How the bookings ahead stand: worked out again once anything was done, and on the next day. */
@Component
class Ahead {

  private static final int MOST_WORKSPACES = 200;

  private final ListsAhead lists;
  private final HouseStore house;
  private final Workspaces workspaces;
  private final WorkspaceTime time;
  private final UntilNextAct<List<BookingAhead>> known;

  Ahead(
      ListsAhead lists,
      HouseStore house,
      Workspaces workspaces,
      WorkspaceTime time,
      Ledger ledger) {
    this.lists = lists;
    this.house = house;
    this.workspaces = workspaces;
    this.time = time;
    this.known = new UntilNextAct<>(ledger, MOST_WORKSPACES);
  }

  /** How one booking stands. */
  record BookingAhead(UUID booking, Readiness readiness) {}

  /** Those that are still to leave, the next first. */
  List<BookingAhead> of(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () -> {
          LocalDate today = time.today();
          return known.get(who, today, () -> workedOut(who, today));
        });
  }

  private List<BookingAhead> workedOut(SignedIn who, LocalDate today) {
    HouseRules rules = house.current();
    return lists.all(who, today).stream()
        .filter(one -> one.stored().departedAt() == null)
        .map(
            one ->
                new BookingAhead(
                    one.booking().id(), Readiness.of(one.list(), one.booking(), rules, today)))
        .toList();
  }
}
