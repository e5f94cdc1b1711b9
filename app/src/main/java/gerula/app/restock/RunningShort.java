package gerula.app.restock;

import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.WholeKit;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.UntilNextAct;
import gerula.app.packing.ListsAhead;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.WantedStore.StoredWanted;
import gerula.app.rule.HouseStore;
import gerula.core.booking.Booking;
import gerula.core.dates.PackDates;
import gerula.core.dates.UseBy;
import gerula.core.kit.product.Product;
import gerula.core.quantity.Unit;
import gerula.core.restock.shop.Shop;
import gerula.core.restock.stock.Baseline;
import gerula.core.restock.stock.OrderAdvice;
import gerula.core.restock.stock.OrderTerms;
import gerula.core.restock.stock.Outlook;
import gerula.core.restock.stock.ServiceLevel;
import gerula.core.restock.stock.StockFacts;
import gerula.core.restock.stock.Stocks;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What runs short when, and by when it has to be ordered. */
@Component
class RunningShort {

  /** So far one looks ahead. */
  static final int DAYS = 26 * 7;

  private static final double DAYS_A_WEEK = 7;
  private static final int MOST_WORKSPACES = 200;

  private static final Comparator<OfProduct> MOST_PRESSING =
      Comparator.<OfProduct, LocalDate>comparing(one -> one.advice().orderBy())
          .thenComparing(one -> one.advice().neededOn())
          .thenComparing(one -> one.product().id());

  private final ListsAhead lists;
  private final Bookings bookings;
  private final WholeKit kit;
  private final PlaceStore places;
  private final UseHistory history;
  private final WantedStore wanted;
  private final Sellers sellers;
  private final Views views;
  private final HouseStore house;
  private final Workspaces workspaces;
  private final WorkspaceTime time;
  private final UntilNextAct<Found> known;

  RunningShort(
      ListsAhead lists,
      Bookings bookings,
      WholeKit kit,
      PlaceStore places,
      UseHistory history,
      WantedStore wanted,
      Sellers sellers,
      Views views,
      HouseStore house,
      Workspaces workspaces,
      WorkspaceTime time,
      Ledger ledger) {
    this.lists = lists;
    this.bookings = bookings;
    this.kit = kit;
    this.places = places;
    this.history = history;
    this.wanted = wanted;
    this.sellers = sellers;
    this.views = views;
    this.house = house;
    this.workspaces = workspaces;
    this.time = time;
    this.known = new UntilNextAct<>(ledger, MOST_WORKSPACES);
  }

  private record OfProduct(
      Stocks.Stock stock, StockFacts facts, Outlook outlook, OrderAdvice advice, boolean isLearnt) {

    Product product() {
      return stock.product();
    }
  }

  private record Found(int watched, List<OfProduct> shortOnes) {}

  /**
   * @param until the last day looked at
   * @param watched products that are used and of which more is looked after
   * @param stocks those that run short by then, what is to be ordered first in front
   * @param imagined the one that was asked for to come once more; null where none was
   */
  record RunningShortView(
      LocalDate until, int watched, List<StockView> stocks, @Nullable ImaginedView imagined) {}

  /**
   * A booking that came once more in thought.
   *
   * @param id by which it is told of, of no booking there is
   */
  record ImaginedView(UUID id, LocalDate firstDay, LocalDate lastDay) {}

  /** On a day so much is left: as expected, and between which four times out of five. */
  record PointView(LocalDate on, double left, double least, double most) {}

  /** A booking does not get all it takes. */
  record ShortForView(UUID booking, double missing) {}

  /**
   * @param neededOn from which day it may be short
   * @param usablePacks how many can be used up before their date
   * @param pastShare of an opened pack, what would pass its date unused
   * @param booking that is hit first, null where none is
   * @param isLate it does not come in time any more
   */
  record OrderAdviceView(
      LocalDate neededOn,
      LocalDate orderBy,
      int packs,
      int usablePacks,
      double pastShare,
      @Nullable UUID booking,
      OrderAdvice.Why why,
      boolean isLate) {}

  /**
   * All packs of one product, or of several that serve for the same.
   *
   * @param like one of them
   * @param left of all of them, in the unit
   * @param products how many serve for the same, of one maker or several
   * @param packs how many there are
   * @param perWeek used beside bookings
   * @param pace what a face takes as a share of the usual amount
   * @param isPaceLearnt whether that follows from what was done
   * @param isLeftEstimated whether somebody should count it
   * @param past what will pass its date unused
   * @param wanted packs that are on the buying list already
   * @param stopsAJob whether a job cannot go on without it
   */
  record StockView(
      ItemView like,
      Unit unit,
      double left,
      int products,
      int packs,
      double perWeek,
      double pace,
      boolean isPaceLearnt,
      boolean isLeftEstimated,
      @Nullable LocalDate runsOutOn,
      @Nullable LocalDate mayRunOutOn,
      @Nullable ShortForView shortFor,
      @Nullable ShortForView mayBeShortFor,
      double past,
      List<PointView> line,
      OrderAdviceView advice,
      int wanted,
      boolean stopsAJob) {}

  RunningShortView of(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () -> {
          LocalDate today = time.today();
          return view(
              known.get(who, today, () -> workedOut(today, lists.all(who, today))), today, null);
        });
  }

  /**
   * The same if a booking came once more; nothing is kept of it.
   *
   * @param from the first day; null: the day after its last one
   */
  RunningShortView ifAgain(SignedIn who, UUID booking, @Nullable LocalDate from) {
    return workspaces.read(
        who.workspace(),
        () -> {
          LocalDate today = time.today();
          StoredBooking known = bookings.existing(booking);
          LocalDate first = from == null ? known.booking().lastDay().plusDays(1) : from;
          new Faults()
              .unless(
                  !first.isBefore(today) && first.isBefore(today.plusDays(DAYS)),
                  "from",
                  "out-of-range",
                  "Say a day between today and half a year ahead.")
              .refuseIfAny();
          StoredBooking then = known.again(UUID.randomUUID(), first);
          return view(workedOut(today, lists.with(then)), today, then.booking());
        });
  }

  private Found workedOut(LocalDate today, List<ListsAhead.Listed> ahead) {
    HouseRules rules = house.current();
    WholeKit.Things things = kit.now();
    Stocks stocks =
        new Stocks(
            things.items(),
            places.tree(),
            ahead.stream().map(one -> new Stocks.Planned(one.booking(), one.list())).toList(),
            rules);
    Map<UUID, UseHistory.OfProduct> used = history.of(things.items(), today);
    List<OfProduct> found = new ArrayList<>();
    Map<UUID, List<Shop>> sellers = this.sellers.on(today);
    int watched = 0;
    for (Stocks.Stock stock : stocks.all()) {
      Product product = stock.product();
      UseHistory.OfProduct of =
          stock.products().stream()
              .map(used::get)
              .reduce(UseHistory.OfProduct.NONE, UseHistory.OfProduct::with);
      StockFacts facts = stocks.of(stock, of.pace(product), of.baseline(today));
      if (facts.bookings().isEmpty() && facts.baseline().equals(Baseline.NONE)) {
        continue;
      }
      watched++;
      OrderAdvice advice = OrderAdvice.of(facts, terms(stock, sellers, rules, today), today, DAYS);
      if (advice != null) {
        Outlook outlook = Outlook.of(facts, today, DAYS);
        found.add(new OfProduct(stock, facts, outlook, advice, facts.pace().isLearnt()));
      }
    }
    return new Found(watched, found.stream().sorted(MOST_PRESSING).toList());
  }

  private static OrderTerms terms(
      Stocks.Stock stock, Map<UUID, List<Shop>> sellers, HouseRules rules, LocalDate today) {
    Product product = stock.product();
    LocalDate last =
        UseBy.of(product.dateClasses(), PackDates.UNKNOWN.openedOn(today), rules).lastDay();
    return new OrderTerms(
        Sellers.ofAny(stock.products(), sellers),
        rules.deliveryDays(),
        ServiceLevel.of(product.productClass()),
        product.content().amount().doubleValue(),
        last == null ? null : (int) ChronoUnit.DAYS.between(today, last));
  }

  private RunningShortView view(Found found, LocalDate today, @Nullable Booking imagined) {
    Map<UUID, List<StoredItem>> ofProduct =
        kit.now().stored().stream()
            .collect(Collectors.groupingBy(one -> one.item().product().id()));
    Map<UUID, Integer> onTheList =
        wanted.open().stream()
            .collect(Collectors.toMap(StoredWanted::product, StoredWanted::packs, Integer::sum));
    KitViews now = views.now();
    return new RunningShortView(
        today.plusDays(DAYS - 1),
        found.watched(),
        found.shortOnes().stream()
            .filter(one -> ofProduct.containsKey(one.product().id()))
            .map(
                one ->
                    view(
                        one,
                        ofProduct.get(one.product().id()),
                        one.stock().products().stream()
                            .mapToInt(product -> onTheList.getOrDefault(product, 0))
                            .sum(),
                        now,
                        today))
            .toList(),
        imagined == null
            ? null
            : new ImaginedView(imagined.id(), imagined.firstDay(), imagined.lastDay()));
  }

  private static StockView view(
      OfProduct one, List<StoredItem> items, int wanted, KitViews now, LocalDate today) {
    Outlook outlook = one.outlook();
    return new StockView(
        now.of(items.getFirst()),
        one.product().content().unit(),
        rounded(outlook.left()),
        one.stock().products().size(),
        one.facts().packs().size(),
        rounded(one.facts().baseline().perDay() * DAYS_A_WEEK),
        rounded(one.facts().pace().share()),
        one.isLearnt(),
        items.stream().anyMatch(item -> item.item().isLeftEstimated()),
        outlook.runsOutOn(),
        outlook.mayRunOutOn(),
        view(outlook.shortFor()),
        view(outlook.mayBeShortFor()),
        rounded(outlook.past()),
        outlook.line().stream()
            .map(
                point ->
                    new PointView(
                        point.on(),
                        rounded(point.left()),
                        rounded(point.least()),
                        rounded(point.most())))
            .toList(),
        view(one.advice(), today),
        wanted,
        ServiceLevel.stopsAJob(one.product().productClass()));
  }

  private static @Nullable ShortForView view(Outlook.@Nullable ShortFor one) {
    return one == null ? null : new ShortForView(one.booking(), rounded(one.missing()));
  }

  private static OrderAdviceView view(OrderAdvice advice, LocalDate today) {
    return new OrderAdviceView(
        advice.neededOn(),
        advice.orderBy(),
        advice.packs(),
        advice.usablePacks(),
        rounded(advice.pastShare()),
        advice.booking(),
        advice.why(),
        advice.isLate(today));
  }

  private static double rounded(double value) {
    return Math.round(value * 1000) / 1000.0;
  }
}
