package gerula.app.restock;

import gerula.app.kit.KitStore;
import gerula.app.kit.item.StoredItem;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.restock.BuyingList.WantedView;
import gerula.app.rule.HouseStore;
import gerula.core.kit.product.Product;
import gerula.core.restock.shop.Substitute;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What does for what, of all that is offered. Runs within a workspace. */
@Component
class Substitutes {

  private final ShopStore shops;
  private final KitStore kit;
  private final HouseStore house;
  private final WorkspaceTime time;

  Substitutes(ShopStore shops, KitStore kit, HouseStore house, WorkspaceTime time) {
    this.shops = shops;
    this.kit = kit;
    this.house = house;
    this.time = time;
  }

  /** Products by the wanted one for which they do; within the house's shade distance. */
  Map<UUID, Set<UUID>> of(List<WantedView> wanted) {
    double limit = house.current().shadeLimit();
    Map<UUID, Product> offered = products(shops.sellers(time.today()).keySet());
    Map<UUID, Product> asked =
        products(wanted.stream().map(one -> one.like().product().id()).collect(Collectors.toSet()));
    Map<UUID, Set<UUID>> instead = new HashMap<>();
    asked.forEach(
        (id, product) -> {
          Set<UUID> does = new HashSet<>();
          offered.forEach(
              (other, one) -> {
                if (Substitute.distance(product, one, limit).isPresent()) {
                  does.add(other);
                }
              });
          instead.put(id, does);
        });
    return instead;
  }

  private Map<UUID, Product> products(Set<UUID> ids) {
    return kit.ofProducts(ids).stream()
        .map(StoredItem::item)
        .map(item -> item.product())
        .collect(Collectors.toMap(Product::id, one -> one, (one, _) -> one));
  }
}
