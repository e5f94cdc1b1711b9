package gerula.app.restock.money;

import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.item.StoredItem;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.ParcelStore;
import gerula.app.restock.ParcelStore.StoredParcel;
import gerula.app.restock.UseHistory;
import gerula.app.restock.money.MoneyViews.IdleMoneyView;
import gerula.app.restock.money.MoneyViews.LostView;
import gerula.app.restock.money.MoneyViews.MoneyView;
import gerula.app.restock.money.MoneyViews.MonthView;
import gerula.app.restock.money.MoneyViews.OfCause;
import gerula.app.restock.money.MoneyViews.OfClass;
import gerula.app.restock.money.MoneyViews.OfSection;
import gerula.app.restock.money.MoneyViews.ProductCostView;
import gerula.app.restock.money.MoneyViews.SectionSpendView;
import gerula.app.restock.money.MoneyViews.SmallerView;
import gerula.app.restock.money.MoneyViews.SpendView;
import gerula.app.restock.money.MoneyViews.ValueView;
import gerula.app.restock.money.MoneyViews.WasteView;
import gerula.app.restock.money.MoneyViews.WorthView;
import gerula.app.rule.HouseStore;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Money;
import gerula.core.restock.money.Bought;
import gerula.core.restock.money.ItemValue;
import gerula.core.restock.money.KitValue;
import gerula.core.restock.money.Prices;
import gerula.core.restock.money.ProductCost;
import gerula.core.restock.money.Spend;
import gerula.core.restock.money.Waste;
import gerula.core.restock.stock.FacePace;
import gerula.core.restock.stock.Stocks;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What the kit is worth and where the money goes. */
@Component
class KitMoney {

  private static final int MONTHS = 12;
  private static final int MOST_ROWS = 40;
  private static final int MOST_PRODUCTS = 60;
  private static final int FOUR_DECIMALS = 4;

  private final Books books;
  private final ParcelStore parcels;
  private final UseHistory history;
  private final Views views;
  private final HouseStore house;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  KitMoney(
      Books books,
      ParcelStore parcels,
      UseHistory history,
      Views views,
      HouseStore house,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.books = books;
    this.parcels = parcels;
    this.history = history;
    this.views = views;
    this.house = house;
    this.workspaces = workspaces;
    this.time = time;
  }

  MoneyView of(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () -> {
          Books.Open open = books.open();
          LocalDate today = time.today();
          KitViews now = views.now();
          KitValue value = KitValue.of(open.bought(), open.prices(), house.current(), today);
          return new MoneyView(
              open.currency().getCurrencyCode(),
              value(value),
              spend(open, today),
              waste(open, now, today),
              Stream.of(6, 12).map(months -> unused(value, months, open, now, today)).toList(),
              products(open, now, today));
        });
  }

  private static ValueView value(KitValue value) {
    return new ValueView(
        value.total().amount(),
        sections(value.bySection()),
        value.items().size(),
        value.without(Prices.Source.NOT_TOLD),
        value.without(Prices.Source.NO_RATE));
  }

  private static List<OfSection> sections(Map<Section, Money> sums) {
    return sums.entrySet().stream()
        .filter(one -> !one.getValue().isNone())
        .sorted(Map.Entry.comparingByKey())
        .map(one -> new OfSection(one.getKey(), one.getValue().amount()))
        .toList();
  }

  private SpendView spend(Books.Open open, LocalDate today) {
    YearMonth last = YearMonth.from(today);
    YearMonth first = last.minusMonths(MONTHS - 1L);
    List<StoredParcel> ordered = parcels.all();
    Spend spend = Spend.of(open.bought(), open.prices().rates(), first.atDay(1), today);
    List<MonthView> months =
        Stream.iterate(first, month -> !month.isAfter(last), month -> month.plusMonths(1))
            .map(month -> month(spend, month, open.shipping(orderedIn(month, ordered))))
            .toList();
    BigDecimal shipping = sum(months.stream().map(MonthView::shipping));
    return new SpendView(
        first.atDay(1),
        sum(months.stream().map(MonthView::total)),
        shipping,
        months,
        spend.withoutDay(),
        spend.withoutRate());
  }

  private static MonthView month(Spend spend, YearMonth month, Money shipping) {
    Map<Section, List<OfClass>> bought =
        spend.in(month).entrySet().stream()
            .collect(
                Collectors.groupingBy(
                    one -> one.getKey().section(),
                    TreeMap::new,
                    Collectors.mapping(
                        one -> new OfClass(one.getKey(), one.getValue().amount()),
                        Collectors.toList())));
    List<SectionSpendView> sections =
        bought.entrySet().stream()
            .map(one -> new SectionSpendView(one.getKey(), sum(one.getValue()), one.getValue()))
            .toList();
    return new MonthView(
        month,
        sections,
        shipping.amount(),
        sum(sections.stream().map(SectionSpendView::amount)).add(shipping.amount()));
  }

  private static BigDecimal sum(List<OfClass> classes) {
    return sum(classes.stream().map(OfClass::amount));
  }

  private static BigDecimal sum(Stream<BigDecimal> some) {
    return some.reduce(BigDecimal.ZERO, BigDecimal::add);
  }

  private static Stream<StoredParcel> orderedIn(YearMonth month, List<StoredParcel> ordered) {
    return ordered.stream().filter(one -> YearMonth.from(one.draft().orderedOn()).equals(month));
  }

  private static WasteView waste(Books.Open open, KitViews now, LocalDate today) {
    LocalDate from = YearMonth.from(today).minusMonths(MONTHS - 1L).atDay(1);
    Waste all = Waste.of(open.bought(), open.prices(), from, today);
    Waste thisYear = Waste.of(open.bought(), open.prices(), today.withDayOfYear(1), today);
    return new WasteView(
        all.total().amount(),
        thisYear.by(DiscardCause.DATE).amount(),
        Arrays.stream(DiscardCause.values())
            .map(cause -> new OfCause(cause, all.items(cause), all.by(cause).amount()))
            .filter(one -> one.items() > 0)
            .toList(),
        sections(all.bySection(item -> section(open, item))),
        all.saved().amount(),
        all.rows().stream()
            .sorted(Comparator.comparing(Waste.Row::lost).reversed())
            .limit(MOST_ROWS)
            .map(row -> lost(row, open, now))
            .toList(),
        all.unpriced());
  }

  private static Section section(Books.Open open, UUID item) {
    return Objects.requireNonNull(open.stored().get(item))
        .item()
        .product()
        .productClass()
        .section();
  }

  private static LostView lost(Waste.Row row, Books.Open open, KitViews now) {
    Waste.Smaller smaller = row.smaller();
    return new LostView(
        now.of(Objects.requireNonNull(open.stored().get(row.item()))),
        row.on(),
        row.cause(),
        row.lost().amount(),
        smaller == null ? null : new SmallerView(smaller.content(), smaller.saved().amount()));
  }

  private static IdleMoneyView unused(
      KitValue value, int months, Books.Open open, KitViews now, LocalDate today) {
    List<ItemValue> unused = value.unusedFor(months, today);
    return new IdleMoneyView(
        months,
        value.sum(unused).amount(),
        unused.size(),
        unused.stream()
            .limit(MOST_ROWS)
            .map(
                one ->
                    new WorthView(
                        now.of(Objects.requireNonNull(open.stored().get(one.bought().item().id()))),
                        Objects.requireNonNull(one.value()).amount(),
                        one.bought().lastUsed()))
            .toList());
  }

  private List<ProductCostView> products(Books.Open open, KitViews now, LocalDate today) {
    List<Item> items = open.bought().stream().map(Bought::item).toList();
    Map<UUID, UseHistory.OfProduct> used = history.of(items, today);
    return open.byProduct().values().stream()
        .map(packs -> product(packs, open, used, now))
        .flatMap(Optional::stream)
        .sorted(
            Comparator.comparing(
                    ProductCostView::perFace, Comparator.nullsFirst(Comparator.naturalOrder()))
                .reversed()
                .thenComparing(one -> one.like().id()))
        .limit(MOST_PRODUCTS)
        .toList();
  }

  private static Optional<ProductCostView> product(
      List<Bought> packs, Books.Open open, Map<UUID, UseHistory.OfProduct> used, KitViews now) {
    Product product = packs.getFirst().item().product();
    FacePace pace = used.getOrDefault(product.id(), UseHistory.OfProduct.NONE).pace(product);
    ProductCost cost = ProductCost.of(packs, open.prices(), Stocks.usual(product) * pace.share());
    StoredItem like =
        packs.stream()
            .min(Comparator.comparing(one -> one.item().isDiscarded()))
            .map(one -> open.stored().get(one.item().id()))
            .orElseThrow();
    return cost == null || (cost.perUse() == null && cost.perFace() == null)
        ? Optional.empty()
        : Optional.of(
            new ProductCostView(
                now.of(like),
                cost.perUnit().setScale(FOUR_DECIMALS, RoundingMode.HALF_EVEN),
                product.content().unit(),
                cost.uses(),
                cost.perUse() == null ? null : cost.perUse().amount(),
                cost.perFace() == null ? null : cost.perFace().amount()));
  }
}
