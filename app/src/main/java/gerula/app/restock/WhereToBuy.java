package gerula.app.restock;

import gerula.app.kit.KitRecords.ItemView;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.BuyingList.WantedView;
import gerula.app.restock.RunningShort.OrderAdviceView;
import gerula.app.restock.RunningShort.StockView;
import gerula.app.restock.ShopStore.StoredShop;
import gerula.app.restock.money.OwnMoney;
import gerula.core.restock.offer.CheapestCover;
import gerula.core.restock.offer.Offer;
import gerula.core.restock.shop.BuyingPlan;
import gerula.core.restock.shop.BuyingPlan.PlannedNeed;
import gerula.core.restock.shop.InOwnMoney;
import gerula.core.restock.shop.Shop;
import gerula.core.restock.shop.ShopOffer;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The cheapest way to have what is on the buying list in time. */
@Component
class WhereToBuy {

  private final BuyingList list;
  private final RunningShort running;
  private final ShopStore store;
  private final Substitutes substitutes;
  private final OwnMoney money;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  WhereToBuy(
      BuyingList list,
      RunningShort running,
      ShopStore store,
      Substitutes substitutes,
      OwnMoney money,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.list = list;
    this.running = running;
    this.store = store;
    this.substitutes = substitutes;
    this.money = money;
    this.workspaces = workspaces;
    this.time = time;
  }

  /**
   * So many of an offer, for an entry of the buying list.
   *
   * @param instead an item of the product that is bought in its place; null: it is bought itself
   */
  record BuyView(
      UUID offer, UUID wanted, int times, int packs, BigDecimal cost, @Nullable ItemView instead) {}

  /**
   * All from one shop.
   *
   * @param belowLeast the shop sends nothing for so little
   * @param worth what one of the shop's money is worth in which all is told; null: it is the same
   */
  record PlannedParcelView(
      UUID shop,
      BigDecimal goods,
      BigDecimal shipping,
      boolean belowLeast,
      @Nullable BigDecimal worth,
      List<BuyView> buys) {}

  record OneParcelView(UUID shop, BigDecimal total) {}

  record NotTakenView(BigDecimal saving, int past) {}

  /**
   * @param unmet packs by entry of the buying list that are not bought: nobody offers them, or the
   *     budget does not reach
   * @param late entries that no shop brings in time
   * @param notOffered entries that no shop offers
   * @param otherCurrency shops whose prices are in money without a rate and not compared
   * @param oneParcel what all of it costs in one parcel; null where it is one, or none has all
   * @param notTaken larger packs that save something, and so many packs of them would pass their
   *     date; null where there are none
   * @param isOptimal nothing cheaper exists; false: the search was cut short
   */
  record BuyingPlanView(
      String currency,
      BigDecimal total,
      List<PlannedParcelView> parcels,
      Map<UUID, Integer> unmet,
      List<UUID> late,
      List<UUID> notOffered,
      List<UUID> otherCurrency,
      @Nullable OneParcelView oneParcel,
      @Nullable NotTakenView notTaken,
      boolean isOptimal) {}

  /**
   * How to plan.
   *
   * @param budget with shipping; null: open
   * @param substitutes whether other products that do for one may be bought in its place
   */
  record Terms(@Nullable BigDecimal budget, boolean substitutes) {}

  BuyingPlanView of(SignedIn who, Terms terms) {
    Map<UUID, StockView> stocks =
        running.of(who).stocks().stream()
            .collect(Collectors.toMap(one -> one.like().product().id(), one -> one, (a, _) -> a));
    return workspaces.read(
        who.workspace(),
        () -> {
          Map<UUID, Set<UUID>> instead =
              terms.substitutes() ? substitutes.of(list.open()) : Map.of();
          List<PlannedNeed> needs =
              list.open().stream()
                  .filter(one -> one.ordered() == null)
                  .map(one -> need(one, stocks, instead))
                  .toList();
          List<ShopOffer> told =
              store.open(
                  needs.stream()
                      .flatMap(
                          one -> Stream.concat(Stream.of(one.product()), one.instead().stream()))
                      .collect(Collectors.toSet()));
          InOwnMoney priced =
              InOwnMoney.of(
                  store.shops().stream().map(StoredShop::shop).toList(), told, money.rates());
          String currency = money.rates().own().getCurrencyCode();
          BuyingPlan plan =
              BuyingPlan.of(
                  needs, priced.shops(), priced.offers(), currency, time.today(), terms.budget());
          return view(plan, needs, priced, currency);
        });
  }

  /** What to write to one of the shops of the plan. */
  OrderText orderText(SignedIn who, UUID shop, Terms terms) {
    BuyingPlanView plan = of(who, terms);
    PlannedParcelView parcel =
        plan.parcels().stream()
            .filter(one -> one.shop().equals(shop))
            .findFirst()
            .orElseThrow(
                () ->
                    Refused.notNow(
                        "nothing-there",
                        "The plan buys nothing from this shop. Look at the buying list."));
    return workspaces.read(
        who.workspace(),
        () -> {
          Map<UUID, WantedView> wanted =
              list.open().stream().collect(Collectors.toMap(WantedView::id, one -> one));
          Shop from =
              store
                  .find(shop)
                  .map(StoredShop::shop)
                  .orElseThrow(() -> Refused.notThere("shop", shop));
          return new OrderText(
              from.name(),
              time.today(),
              parcel.buys().stream()
                  .filter(buy -> wanted.containsKey(buy.wanted()))
                  .map(
                      buy ->
                          new OrderText.OrderLine(
                              buy.packs(),
                              buy.instead() == null
                                  ? wanted.get(buy.wanted()).like().product()
                                  : buy.instead().product(),
                              buy.cost()))
                  .toList(),
              parcel.goods(),
              parcel.shipping(),
              plan.currency(),
              rate(parcel, from, plan.currency()));
        });
  }

  private static String rate(PlannedParcelView parcel, Shop from, String own) {
    return parcel.worth() == null
        ? ""
        : "One %s at %s %s."
            .formatted(from.currency(), parcel.worth().stripTrailingZeros().toPlainString(), own);
  }

  private static PlannedNeed need(
      WantedView one, Map<UUID, StockView> stocks, Map<UUID, Set<UUID>> instead) {
    UUID product = one.like().product().id();
    StockView stock = stocks.get(product);
    int usable = stock == null ? Offer.MOST_PIECES : stock.advice().usablePacks();
    return new PlannedNeed(
        one.id(),
        product,
        one.packs(),
        usable,
        priority(stock),
        one.neededOn(),
        instead.getOrDefault(product, Set.of()));
  }

  /** 1 stops a job, 2 a booking needs it, 3 it runs out, 4 it is a wish. */
  private static int priority(@Nullable StockView stock) {
    if (stock == null) {
      return 4;
    }
    OrderAdviceView advice = stock.advice();
    if (advice.booking() == null) {
      return 3;
    }
    return stock.stopsAJob() ? 1 : 2;
  }

  private BuyingPlanView view(
      BuyingPlan plan, List<PlannedNeed> needs, InOwnMoney priced, String currency) {
    CheapestCover cover = plan.cover();
    Map<UUID, UUID> shopOf = new HashMap<>();
    Map<UUID, Integer> packsOf = new HashMap<>();
    Map<UUID, UUID> productOf = new HashMap<>();
    Map<UUID, UUID> wantedOf = new HashMap<>();
    needs.forEach(one -> wantedOf.put(one.id(), one.product()));
    for (ShopOffer one : priced.offers()) {
      productOf.put(one.id(), one.product());
      shopOf.put(one.id(), one.shop());
      packsOf.put(one.id(), one.packs());
    }
    List<BuyView> buys =
        cover.buy().stream()
            .map(
                one -> {
                  String[] ids = one.offer().split("/");
                  UUID offer = UUID.fromString(ids[0]);
                  UUID wanted = UUID.fromString(ids[1]);
                  UUID product = productOf.get(offer);
                  return new BuyView(
                      offer,
                      wanted,
                      one.packs(),
                      one.packs() * packsOf.get(offer),
                      one.cost(),
                      product.equals(wantedOf.get(wanted)) ? null : list.viewOf(product));
                })
            .toList();
    List<PlannedParcelView> parcels =
        cover.parcels().stream()
            .map(
                one -> {
                  UUID shop = UUID.fromString(one.shop());
                  return new PlannedParcelView(
                      shop,
                      one.goods(),
                      one.shipping(),
                      plan.belowLeast().contains(shop),
                      priced.worth().get(shop),
                      buys.stream().filter(buy -> shopOf.get(buy.offer()).equals(shop)).toList());
                })
            .toList();
    return new BuyingPlanView(
        currency,
        cover.total(),
        parcels,
        cover.unmet().entrySet().stream()
            .collect(Collectors.toMap(one -> UUID.fromString(one.getKey()), Map.Entry::getValue)),
        plan.late().stream().sorted().toList(),
        plan.notOffered().stream().sorted().toList(),
        plan.otherCurrency().stream().sorted().toList(),
        plan.oneParcel() == null
            ? null
            : new OneParcelView(plan.oneParcel().shop(), plan.oneParcel().total()),
        plan.notTaken() == null
            ? null
            : new NotTakenView(plan.notTaken().saving(), plan.notTaken().past()),
        cover.isProved());
  }
}
