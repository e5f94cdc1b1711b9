package gerula.app.restock.money;

import gerula.app.booking.BookingStore;
import gerula.app.booking.BookingStore.DaysOut;
import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.ledger.Usage;
import gerula.app.packing.ListsAhead;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.ParcelStore;
import gerula.app.restock.money.MoneyViews.BookingCostView;
import gerula.app.restock.money.MoneyViews.CostLineView;
import gerula.app.restock.money.MoneyViews.CostPartView;
import gerula.app.rule.HouseStore;
import gerula.core.booking.Booking;
import gerula.core.kit.item.DiscardCause;
import gerula.core.packing.PackingList;
import gerula.core.quantity.Money;
import gerula.core.restock.money.BookingCost;
import gerula.core.restock.money.BookingCost.Besides;
import gerula.core.restock.money.BookingCost.Taken;
import gerula.core.restock.money.GivenAway;
import gerula.core.restock.money.Spend;
import gerula.core.restock.money.Waste;
import gerula.core.restock.stock.ListedUse;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * What a booking costs: ahead by its list, afterwards by what was used, given away and written off
 * on its days.
 */
@Component
class BookingCosts {

  private static final int MOST_LINES = 40;

  private final Books books;
  private final Bookings bookings;
  private final BookingStore store;
  private final ListsAhead lists;
  private final ParcelStore parcels;
  private final Usage usage;
  private final HouseStore house;
  private final Views views;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  BookingCosts(
      Books books,
      Bookings bookings,
      BookingStore store,
      ListsAhead lists,
      ParcelStore parcels,
      Usage usage,
      HouseStore house,
      Views views,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.books = books;
    this.bookings = bookings;
    this.store = store;
    this.lists = lists;
    this.parcels = parcels;
    this.usage = usage;
    this.house = house;
    this.views = views;
    this.workspaces = workspaces;
    this.time = time;
  }

  BookingCostView of(SignedIn who, UUID id) {
    return workspaces.read(
        who.workspace(),
        () -> {
          StoredBooking stored = bookings.existing(id);
          Books.Open open = books.open();
          return stored.backAt() == null ? ahead(who, stored, open) : done(stored, open);
        });
  }

  private BookingCostView ahead(SignedIn who, StoredBooking stored, Books.Open open) {
    Booking booking = stored.booking();
    PackingList list =
        lists.all(who, time.today()).stream()
            .filter(one -> one.booking().id().equals(booking.id()))
            .findFirst()
            .or(
                () ->
                    lists.with(stored).stream()
                        .filter(one -> one.booking().id().equals(booking.id()))
                        .findFirst())
            .map(ListsAhead.Listed::list)
            .orElseThrow();
    List<Taken> taken =
        ListedUse.of(list, house.current()).stream()
            .map(one -> new Taken(one.item(), one.amount()))
            .toList();
    Money none = Money.none(open.currency());
    Besides besides = new Besides(none, usuallyWrittenOff(booking, open), shippingShare(open));
    return view(BookingCost.of(taken, besides, open.prices()), open, booking, true, 0);
  }

  /** By what was written off on each day that was worked in the last year. */
  private Money usuallyWrittenOff(Booking booking, Books.Open open) {
    LocalDate today = time.today();
    LocalDate from = today.minusYears(1);
    Money lost = writtenOff(Waste.of(open.bought(), open.prices(), from, today), open);
    long days =
        store.daysOut(from, time::dayOf).stream()
            .filter(out -> !out.lastDay().isAfter(today))
            .mapToLong(out -> ChronoUnit.DAYS.between(out.firstDay(), out.lastDay()) + 1)
            .sum();
    return days == 0
        ? Money.none(open.currency())
        : lost.times(
            BigDecimal.valueOf(booking.days())
                .divide(BigDecimal.valueOf(days), MathContext.DECIMAL64));
  }

  /** What passed its date did so whatever was booked. */
  private static Money writtenOff(Waste all, Books.Open open) {
    return Money.sum(
        all.rows().stream()
            .filter(row -> row.cause() != DiscardCause.DATE)
            .map(Waste.Row::lost)
            .toList(),
        open.currency());
  }

  /** What sending cost by the price of goods in the last year. */
  private BigDecimal shippingShare(Books.Open open) {
    LocalDate today = time.today();
    LocalDate from = today.minusYears(1);
    Money goods = Spend.of(open.bought(), open.prices().rates(), from, today).total();
    Money shipping =
        open.shipping(
            parcels.all().stream().filter(one -> !one.draft().orderedOn().isBefore(from)));
    return goods.isNone()
        ? BigDecimal.ZERO
        : shipping.amount().divide(goods.amount(), MathContext.DECIMAL64);
  }

  private BookingCostView done(StoredBooking stored, Books.Open open) {
    Booking booking = stored.booking();
    LocalDate last = time.dayOf(Objects.requireNonNull(stored.backAt()));
    LocalDate end = last.isAfter(booking.lastDay()) ? last : booking.lastDay();
    List<DaysOut> out = store.daysOut(booking.firstDay(), time::dayOf);
    Map<UUID, BigDecimal> used = new HashMap<>();
    int others = 0;
    for (Usage.UsedUp one : usage.usedUp(open.stored().keySet(), booking.firstDay())) {
      if (!one.on().isAfter(end)) {
        int bookings = (int) out.stream().filter(days -> days.isOn(one.on())).count();
        others = Math.max(others, bookings - 1);
        used.merge(
            one.item(),
            one.amount().divide(BigDecimal.valueOf(Math.max(1, bookings)), MathContext.DECIMAL64),
            BigDecimal::add);
      }
    }
    List<Taken> taken =
        used.entrySet().stream()
            .map(
                one ->
                    new Taken(
                        Objects.requireNonNull(open.stored().get(one.getKey())).item(),
                        one.getValue()))
            .toList();
    Besides besides =
        new Besides(
            GivenAway.of(open.bought(), open.prices(), booking.firstDay(), end),
            writtenOff(Waste.of(open.bought(), open.prices(), booking.firstDay(), end), open),
            shippingShare(open));
    return view(BookingCost.of(taken, besides, open.prices()), open, booking, false, others);
  }

  private BookingCostView view(
      BookingCost cost, Books.Open open, Booking booking, boolean expected, int others) {
    KitViews now = views.now();
    int faces = booking.faceDays();
    Money perFace = cost.perFace(faces);
    return new BookingCostView(
        open.currency().getCurrencyCode(),
        expected,
        others,
        cost.parts().entrySet().stream()
            .sorted(Map.Entry.comparingByKey())
            .map(one -> new CostPartView(one.getKey(), one.getValue().amount()))
            .toList(),
        cost.total().amount(),
        faces,
        perFace == null ? null : perFace.amount(),
        cost.lines().stream()
            .limit(MOST_LINES)
            .map(
                line ->
                    new CostLineView(
                        now.of(Objects.requireNonNull(open.stored().get(line.item().id()))),
                        line.amount().stripTrailingZeros(),
                        line.cost().amount()))
            .toList(),
        cost.unpriced());
  }
}
