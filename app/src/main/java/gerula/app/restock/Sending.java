package gerula.app.restock;

import gerula.app.kit.KitRecords.ProductView;
import gerula.app.ledger.Ledger;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.BuyingList.WantedView;
import gerula.app.restock.Orders.Ordering;
import gerula.app.restock.ParcelStore.StoredParcel;
import gerula.app.restock.WantedStore.StoredWanted;
import gerula.app.restock.desk.DeskProblem;
import gerula.app.restock.desk.OrderDesk;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Sends orders to the desk of a shop and asks after them. What it answers is told, never done: what
 * came is received by hand.
 */
@Component
class Sending {

  private final OrderDesk desk;
  private final Orders orders;
  private final BuyingList list;
  private final WantedStore store;
  private final ParcelStore parcels;
  private final ShopStore shops;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  Sending(
      OrderDesk desk,
      Orders orders,
      BuyingList list,
      WantedStore store,
      ParcelStore parcels,
      ShopStore shops,
      Ledger ledger,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.desk = desk;
    this.orders = orders;
    this.list = list;
    this.store = store;
    this.parcels = parcels;
    this.shops = shops;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.time = time;
  }

  /**
   * Sends an order and keeps it as ordered. What the shop does not sell stays on the buying list.
   *
   * @throws Refused when the shop did not take it, or nobody knows whether it did: then it can be
   *     sent again, and is still one order
   */
  void send(SignedIn who, UUID actId, Ordering asked) {
    LocalDate today = time.today(who);
    List<OrderDesk.Line> lines = workspaces.read(who.workspace(), () -> lines(actId, asked));
    if (lines.isEmpty()) {
      return;
    }
    OrderDesk.Told told = answered(() -> desk.send(asked.parcel(), today, lines));
    Set<UUID> taken =
        told.lines().stream()
            .filter(one -> one.packs() > 0)
            .map(OrderDesk.Confirmed::line)
            .collect(Collectors.toSet());
    if (taken.isEmpty()) {
      throw Refused.notNow("nothing-sold", "The shop sells nothing of this. Nothing was ordered.");
    }
    try {
      orders.order(
          who,
          actId,
          SentForGood.SENT,
          new Ordering(
              asked.entries().stream().filter(taken::contains).toList(),
              asked.instead(),
              asked.shop(),
              told.arrivesOn() != null && told.arrivesOn().isBefore(today)
                  ? today
                  : told.arrivesOn(),
              asked.parcel(),
              asked.shipping(),
              asked.currency(),
              told.number()));
    } catch (Refused refused) {
      throw calledOff(asked.parcel(), today, refused);
    }
  }

  /** What was refused here shall not come from there. */
  private Refused calledOff(UUID parcel, LocalDate today, Refused refused) {
    try {
      desk.callOff(parcel, today);
      return refused;
    } catch (DeskProblem _) {
      return Refused.notNow(
          "ordered-there",
          refused.getMessage() + " The shop has the order all the same: call it off there.");
    }
  }

  /**
   * Calls an order off at the shop, and here.
   *
   * @throws Refused when the shop does not call it off any more; then nothing is changed
   */
  void callOff(SignedIn who, UUID actId, UUID parcel) {
    LocalDate today = time.today(who);
    boolean isToDo =
        workspaces.read(
            who.workspace(),
            () -> {
              boolean isNew = !ledger.isDone(actId);
              if (isNew) {
                asked(parcel);
              }
              return isNew;
            });
    if (isToDo) {
      try {
        desk.callOff(parcel, today);
      } catch (DeskProblem problem) {
        refuseUnlessNotKnown(problem);
      }
    }
    orders.calledOffThere(who, actId, parcel);
  }

  /** What the shop does not know any more does not come. */
  private static void refuseUnlessNotKnown(DeskProblem problem) {
    switch (problem.kind()) {
      case NOT_KNOWN -> {
        // There is nothing to call off there.
      }
      case REFUSED ->
          throw Refused.notNow(
              "on-its-way",
              "It is on its way already. Nothing was changed; what you don't want you can send"
                  + " back.");
      default -> throw inWords(problem);
    }
  }

  /** None where it was sent before under this act. */
  private List<OrderDesk.Line> lines(UUID actId, Ordering asked) {
    if (ledger.isDone(actId)) {
      return List.of();
    }
    requireDesk(asked.shop());
    Map<UUID, WantedView> open =
        list.open().stream().collect(Collectors.toMap(WantedView::id, one -> one));
    List<OrderDesk.Line> lines = new ArrayList<>();
    for (UUID id : asked.entries().stream().distinct().toList()) {
      WantedView wanted = open.get(id);
      if (wanted == null) {
        throw Refused.notThere("entry of the buying list", id);
      }
      if (wanted.ordered() != null) {
        throw Orders.orderedAlready();
      }
      ProductView product = product(wanted, asked.instead().get(id));
      lines.add(
          new OrderDesk.Line(id, product.maker(), product.name(), product.shade(), wanted.packs()));
    }
    return lines;
  }

  private ProductView product(WantedView wanted, @Nullable UUID instead) {
    return instead == null ? wanted.like().product() : list.viewOf(instead).product();
  }

  private void requireDesk(@Nullable UUID shop) {
    boolean takes =
        desk.isThere()
            && shop != null
            && shops.find(shop).filter(ShopStore.StoredShop::takesOrders).isPresent();
    if (!takes) {
      throw Refused.notNow(
          "no-desk",
          "Orders cannot be sent to this shop from here. Write to it, and tick it as ordered.");
    }
  }

  /** What is asked of the desk in words an artist can use. */
  private static OrderDesk.Told answered(Supplier<OrderDesk.Told> question) {
    try {
      return question.get();
    } catch (DeskProblem problem) {
      throw inWords(problem);
    }
  }

  private static Refused inWords(DeskProblem problem) {
    return Refused.notNow(
        "shop-" + problem.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'),
        switch (problem.kind()) {
          case NOT_THERE -> "There is no shop here to which orders are sent.";
          case SILENT ->
              "The shop does not answer. Nothing was written down; send it again later, it is one"
                  + " order all the same.";
          case REFUSED -> "The shop did not take this. Nothing was written down.";
          case NOT_KNOWN ->
              "The shop does not know this order any more. Ask it by telephone; what comes can"
                  + " still be received.";
          case NONSENSE ->
              "The shop answered something that cannot be. Nothing was written down; ask it by"
                  + " telephone.";
        });
  }

  /**
   * A part of a delivery.
   *
   * @param still packs of it that are still to come by the buying list
   */
  record PartView(
      UUID entry,
      int packs,
      int still,
      String batch,
      @Nullable LocalDate printedExpiry,
      @Nullable BigDecimal price) {}

  /**
   * @param received whether it was received before
   * @param others packs in it that were not ordered from here, or were called off
   */
  record DeliveryView(
      String note, LocalDate on, boolean received, List<PartView> lines, int others) {}

  /**
   * How an order stands, as the shop tells it.
   *
   * @param arrivesOn when the next of it is to be there; null once all is
   */
  record ToldOrder(String number, @Nullable LocalDate arrivesOn, List<DeliveryView> deliveries) {}

  ToldOrder ask(SignedIn who, UUID parcel) {
    LocalDate today = time.today(who);
    Asked asked = workspaces.read(who.workspace(), () -> asked(parcel));
    OrderDesk.Told told = answered(() -> desk.ask(parcel, today, asked.still().keySet()));
    return new ToldOrder(
        told.number(),
        told.arrivesOn(),
        told.deliveries().stream()
            .map(
                one ->
                    new DeliveryView(
                        one.note(),
                        one.on(),
                        asked.received().contains(one.note()),
                        one.lines().stream().map(part -> part(part, asked)).toList(),
                        one.others()))
            .toList());
  }

  private record Asked(Map<UUID, Integer> still, Set<String> received) {}

  private Asked asked(UUID parcel) {
    StoredParcel known =
        parcels.those(List.of(parcel)).stream()
            .findFirst()
            .orElseThrow(() -> Refused.notThere("order", parcel));
    requireDesk(known.draft().shop());
    Map<UUID, Integer> still = new HashMap<>();
    for (StoredWanted one : store.ofParcel(parcel)) {
      still.put(one.id(), one.gotOn() == null ? one.packs() : 0);
    }
    return new Asked(still, Set.copyOf(known.draft().notes()));
  }

  private static PartView part(OrderDesk.Part part, Asked asked) {
    return new PartView(
        part.line(),
        part.packs(),
        asked.still().getOrDefault(part.line(), 0),
        part.batch(),
        part.printedExpiry(),
        part.price());
  }
}
