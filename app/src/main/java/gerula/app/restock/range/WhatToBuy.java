package gerula.app.restock.range;

import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.item.StoredItem;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.restock.ShopStore;
import gerula.app.restock.ShopStore.StoredShop;
import gerula.app.restock.money.OwnMoney;
import gerula.app.restock.range.RangeViews.RangeBuyView;
import gerula.core.kit.item.Item;
import gerula.core.quantity.Money;
import gerula.core.restock.money.Rates;
import gerula.core.restock.range.BuyingOrder;
import gerula.core.restock.range.Hole;
import gerula.core.restock.shop.ShopOffer;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What of all that is offered fills the holes of the kit. Runs within a workspace. */
@Component
class WhatToBuy {

  private final ShopStore shops;
  private final KitStore kit;
  private final OwnMoney money;
  private final WorkspaceTime time;

  WhatToBuy(ShopStore shops, KitStore kit, OwnMoney money, WorkspaceTime time) {
    this.shops = shops;
    this.kit = kit;
    this.money = money;
    this.time = time;
  }

  /**
   * @param like an item of each product that is offered
   * @param shopOf name of the shop of each offer
   */
  record Plan(
      String currency, BuyingOrder order, Map<UUID, StoredItem> like, Map<UUID, String> shopOf) {

    List<RangeBuyView> views(KitViews now) {
      return order.buys().stream()
          .map(
              buy ->
                  new RangeBuyView(
                      now.of(like(buy.candidate().product().id())),
                      buy.candidate().offer(),
                      shopOf.getOrDefault(buy.candidate().offer(), ""),
                      buy.candidate().price().rounded().amount(),
                      buy.fills(),
                      buy.trial(),
                      buy.after() == null ? null : like(buy.after()).item().product().called()))
          .toList();
    }

    private StoredItem like(UUID product) {
      return Objects.requireNonNull(like.get(product));
    }
  }

  Plan of(List<Hole> holes, Collection<Item> items) {
    Rates rates = money.rates();
    Map<UUID, StoredShop> byId = shops.byId();
    List<ShopOffer> offers =
        shops.open(shops.sellers(time.today()).keySet()).stream()
            .filter(one -> one.countsOn(time.today()) && byId.containsKey(one.shop()))
            .toList();
    Set<UUID> offered = new HashSet<>();
    offers.forEach(one -> offered.add(one.product()));
    Map<UUID, StoredItem> like =
        kit.ofProducts(offered).stream()
            .filter(one -> one.of().discontinuedOn() == null)
            .collect(
                Collectors.toMap(
                    one -> one.item().product().id(), Function.identity(), (one, _) -> one));
    Map<UUID, String> shopOf = new HashMap<>();
    List<BuyingOrder.Candidate> candidates = new ArrayList<>();
    for (ShopOffer one : offers) {
      StoredShop shop = Objects.requireNonNull(byId.get(one.shop()));
      StoredItem item = like.get(one.product());
      Optional<Money> price = price(one, shop, rates);
      if (item != null && price.isPresent()) {
        shopOf.put(one.id(), shop.shop().name());
        candidates.add(new BuyingOrder.Candidate(one.id(), item.item().product(), price.get()));
      }
    }
    return new Plan(
        rates.own().getCurrencyCode(),
        BuyingOrder.of(holes, candidates, items.stream().map(Item::product).toList()),
        like,
        shopOf);
  }

  /** Of one pack, as part of however many are sold together. */
  private Optional<Money> price(ShopOffer one, StoredShop shop, Rates rates) {
    BigDecimal each =
        one.price()
            .multiply(shop.shop().shareToPay(time.today()))
            .divide(BigDecimal.valueOf(one.packs()), MathContext.DECIMAL64);
    return Money.told(each, shop.shop().currency()).flatMap(rates::inOwn);
  }
}
