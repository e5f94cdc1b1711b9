package gerula.app.depot.lineage;

import gerula.app.kit.KitStore;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Usage;
import gerula.core.depot.bench.UseRate;
import gerula.core.kit.product.Product;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** How much is used of a product, as the ledger says. Everything here runs within a workspace. */
@Component
public class UsePace {

  private static final int DAYS = 190;

  private final KitStore kit;
  private final Usage usage;

  UsePace(KitStore kit, Usage usage) {
    this.kit = kit;
    this.usage = usage;
  }

  /** Of one product, in its unit a month. */
  public UseRate of(Product product, LocalDate today) {
    return of(List.of(product), today).get(product.id());
  }

  /** Of several products, each in its unit a month. */
  public Map<UUID, UseRate> of(Collection<Product> products, LocalDate today) {
    Map<UUID, UUID> productOf =
        kit.ofProducts(products.stream().map(Product::id).distinct().toList()).stream()
            .collect(Collectors.toMap(StoredItem::id, stored -> stored.item().product().id()));
    Map<UUID, List<UseRate.Used>> used =
        usage.usedUp(productOf.keySet(), today.minusDays(DAYS)).stream()
            .collect(
                Collectors.groupingBy(
                    one -> productOf.get(one.item()),
                    Collectors.mapping(UsePace::used, Collectors.toList())));
    return products.stream()
        .distinct()
        .collect(
            Collectors.toMap(
                Product::id,
                product ->
                    UseRate.of(
                        used.getOrDefault(product.id(), List.of()), product.content(), today),
                (one, _) -> one));
  }

  private static UseRate.Used used(Usage.UsedUp one) {
    return new UseRate.Used(
        one.on(), one.times(), one.amount().multiply(BigDecimal.valueOf(1000)).longValue());
  }
}
