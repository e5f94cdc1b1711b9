package gerula.app.restock.money;

import gerula.app.depot.lineage.FillingStore;
import gerula.app.kit.KitStore;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Usage;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.restock.ParcelStore.StoredParcel;
import gerula.core.quantity.Money;
import gerula.core.restock.money.Bought;
import gerula.core.restock.money.Prices;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Everything that was ever bought, with what was paid. Runs within a workspace. */
@Component
class Books {

  private final KitStore kit;
  private final FillingStore fillings;
  private final OwnMoney money;
  private final Usage usage;
  private final WorkspaceTime time;

  Books(KitStore kit, FillingStore fillings, OwnMoney money, Usage usage, WorkspaceTime time) {
    this.kit = kit;
    this.fillings = fillings;
    this.money = money;
    this.usage = usage;
    this.time = time;
  }

  /**
   * As they are now.
   *
   * @param stored all items, those that are gone with them, by id
   */
  record Open(Map<UUID, StoredItem> stored, List<Bought> bought, Prices prices) {

    Currency currency() {
      return prices.rates().own();
    }

    /** What it cost to send these, where somebody told it and it can be reckoned. */
    Money shipping(Stream<StoredParcel> parcels) {
      return Money.sum(
          parcels
              .map(StoredParcel::draft)
              .map(one -> Money.told(one.shipping(), one.currency()).flatMap(prices.rates()::inOwn))
              .flatMap(Optional::stream)
              .toList(),
          currency());
    }

    /** Of one product each. */
    Map<UUID, List<Bought>> byProduct() {
      return bought.stream().collect(Collectors.groupingBy(one -> one.item().product().id()));
    }
  }

  Open open() {
    Map<UUID, StoredItem> stored =
        kit.allItems().stream().collect(Collectors.toMap(StoredItem::id, Function.identity()));
    LocalDate today = time.today();
    Map<UUID, Usage.Wear> wear = usage.wear(stored.keySet(), today);
    Map<UUID, LocalDate> since = usage.knownSince(stored.keySet());
    List<Bought> bought =
        stored.values().stream()
            .sorted(Comparator.comparing(StoredItem::id))
            .map(
                one ->
                    bought(one, wear.getOrDefault(one.id(), Usage.Wear.NONE), since.get(one.id())))
            .toList();
    List<Prices.Filled> filled =
        fillings.all().stream()
            .filter(one -> one.washedOutOn() == null && one.amount().signum() > 0)
            .map(one -> new Prices.Filled(one.item(), one.source(), one.amount()))
            .toList();
    return new Open(stored, bought, new Prices(bought, filled, money.rates()));
  }

  private static Bought bought(StoredItem one, Usage.Wear wear, @Nullable LocalDate since) {
    StoredItem.ItemDetails details = one.details();
    return new Bought(
        one.item(),
        Money.told(details.price(), details.currency()).orElse(null),
        since,
        wear.last(),
        wear.uses(),
        details.discardedOn(),
        details.discardCause());
  }
}
