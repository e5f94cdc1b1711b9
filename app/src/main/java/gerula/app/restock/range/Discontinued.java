package gerula.app.restock.range;

import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.item.StoredItem;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.restock.ShopStore;
import gerula.app.restock.UseHistory;
import gerula.app.restock.range.RangeViews.DiscontinuedView;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.quantity.Unit;
import gerula.core.restock.shop.Substitute;
import gerula.core.restock.stock.Stocks;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is no longer made: for how many faces it is enough, and what comes nearest. */
@Component
class Discontinued {

  /** Every two colours lie nearer than this. */
  private static final double ANY = 200;

  private final KitStore kit;
  private final ShopStore shops;
  private final UseHistory history;
  private final WorkspaceTime time;

  Discontinued(KitStore kit, ShopStore shops, UseHistory history, WorkspaceTime time) {
    this.kit = kit;
    this.shops = shops;
    this.history = history;
    this.time = time;
  }

  /** Runs within a workspace. */
  List<DiscontinuedView> of(Collection<StoredItem> stored, KitViews now) {
    Map<UUID, List<StoredItem>> gone =
        stored.stream()
            .filter(one -> one.of().discontinuedOn() != null)
            .collect(Collectors.groupingBy(one -> one.item().product().id()));
    if (gone.isEmpty()) {
      return List.of();
    }
    List<Item> items = gone.values().stream().flatMap(List::stream).map(StoredItem::item).toList();
    Map<UUID, UseHistory.OfProduct> used = history.of(items, time.today());
    List<StoredItem> offered =
        kit.ofProducts(shops.sellers(time.today()).keySet()).stream()
            .filter(one -> one.of().discontinuedOn() == null)
            .toList();
    return gone.values().stream()
        .map(
            packs ->
                view(
                    packs,
                    used.getOrDefault(
                        packs.getFirst().item().product().id(), UseHistory.OfProduct.NONE),
                    offered,
                    now))
        .sorted(Comparator.comparing(one -> one.like().id()))
        .toList();
  }

  private record Near(StoredItem item, double distance) {}

  private static DiscontinuedView view(
      List<StoredItem> packs, UseHistory.OfProduct used, List<StoredItem> offered, KitViews now) {
    Product product = packs.getFirst().item().product();
    BigDecimal left =
        packs.stream()
            .map(one -> one.item().left().amount())
            .reduce(BigDecimal.ZERO, BigDecimal::add);
    Near near = nearest(product, offered);
    return new DiscontinuedView(
        now.of(packs.getFirst()),
        left,
        product.content().unit(),
        faces(product, left, used),
        near == null ? null : now.of(near.item()),
        near == null || product.colour() == null ? null : Math.round(near.distance() * 10) / 10.0);
  }

  private static @Nullable Integer faces(
      Product product, BigDecimal left, UseHistory.OfProduct used) {
    double ofAFace = Stocks.usual(product) * used.pace(product).share();
    return product.content().unit() == Unit.PIECE || ofAFace <= 0
        ? null
        : (int) (left.doubleValue() / ofAFace);
  }

  private static @Nullable Near nearest(Product product, List<StoredItem> offered) {
    List<Near> all = new ArrayList<>();
    for (StoredItem one : offered) {
      OptionalDouble distance = Substitute.distance(product, one.item().product(), ANY);
      distance.ifPresent(known -> all.add(new Near(one, known)));
    }
    return all.stream()
        .min(Comparator.comparingDouble(Near::distance).thenComparing(near -> near.item().id()))
        .orElse(null);
  }
}
