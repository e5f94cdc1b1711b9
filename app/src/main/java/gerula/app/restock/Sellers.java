package gerula.app.restock;

import gerula.core.restock.shop.Shop;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Which shops offer what. Everything here runs within a workspace. */
@Component
class Sellers {

  private final ShopStore store;

  Sellers(ShopStore store) {
    this.store = store;
  }

  /** Shops by the products they offer on that day. */
  Map<UUID, List<Shop>> on(LocalDate day) {
    Map<UUID, Shop> byId =
        store.shops().stream()
            .map(ShopStore.StoredShop::shop)
            .collect(Collectors.toMap(Shop::id, shop -> shop));
    Map<UUID, List<Shop>> sellers = new HashMap<>();
    store
        .sellers(day)
        .forEach((product, some) -> sellers.put(product, some.stream().map(byId::get).toList()));
    return sellers;
  }

  /** Those that offer one of these. */
  static List<Shop> ofAny(Collection<UUID> products, Map<UUID, List<Shop>> sellers) {
    return products.stream().flatMap(one -> sellers.getOrDefault(one, List.of()).stream()).toList();
  }
}
