package gerula.app.restock;

import gerula.app.packing.ListsAhead;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.kit.product.ProductClass;
import gerula.core.packing.Decided;
import gerula.core.packing.PackingFinding;
import gerula.core.restock.OrderBy;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * What is bought for a booking and no product is chosen for yet: the kit never had such a thing.
 */
@Component
class ToChoose {

  private final ListsAhead lists;
  private final HouseStore house;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  ToChoose(ListsAhead lists, HouseStore house, Workspaces workspaces, WorkspaceTime time) {
    this.lists = lists;
    this.house = house;
    this.workspaces = workspaces;
    this.time = time;
  }

  /**
   * A need of a booking.
   *
   * @param need its code, with the role of a colour behind a colon
   * @param productClass the one that is asked for
   * @param neededOn the first day of the booking
   * @param orderBy the last day to order it
   * @param late whether that has passed
   */
  record ToChooseView(
      UUID booking,
      String title,
      String need,
      ProductClass productClass,
      LocalDate neededOn,
      LocalDate orderBy,
      boolean late) {}

  List<ToChooseView> all(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () ->
            lists.all(who, time.today()).stream()
                .flatMap(this::of)
                .sorted(
                    Comparator.comparing(ToChooseView::neededOn)
                        .thenComparing(ToChooseView::need)
                        .thenComparing(ToChooseView::booking))
                .toList());
  }

  private Stream<ToChooseView> of(ListsAhead.Listed one) {
    LocalDate needed = one.booking().firstDay();
    LocalDate orderBy = OrderBy.day(needed, List.of(), house.current().deliveryDays());
    return one.list().gaps().stream()
        .filter(gap -> gap.decided() == Decided.TO_BUY)
        .map(PackingFinding.Gap::need)
        .map(
            need ->
                new ToChooseView(
                    one.booking().id(),
                    one.booking().title(),
                    need.code(),
                    need.kind().asked(),
                    needed,
                    orderBy,
                    orderBy.isBefore(time.today())));
  }
}
