package gerula.app.depot.lineage;

import gerula.app.kit.Kit;
import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.item.Discarding;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Ledger;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.depot.lineage.Lineage;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.DiscardCause;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Where everything is that came from a pack or a batch. */
@Component
class Recalls {

  private final Kit kit;
  private final Handling handling;
  private final Discarding discarding;
  private final KitStore store;
  private final FillingStore fillings;
  private final Views views;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  Recalls(
      Kit kit,
      Handling handling,
      Discarding discarding,
      KitStore store,
      FillingStore fillings,
      Views views,
      Ledger ledger,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.kit = kit;
    this.handling = handling;
    this.discarding = discarding;
    this.store = store;
    this.fillings = fillings;
    this.views = views;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.time = time;
  }

  /**
   * A thing and its kin.
   *
   * @param sources what is in it came directly from these
   * @param ancestors all it came from, nearest first
   * @param children what was filled directly from it
   * @param descendants all that holds something of it, nearest first
   */
  record LineageView(
      List<ItemView> sources,
      List<ItemView> ancestors,
      List<ItemView> children,
      List<ItemView> descendants) {}

  LineageView lineage(SignedIn who, UUID id) {
    return workspaces.read(
        who.workspace(),
        () -> {
          kit.existing(id);
          Lineage lineage = fillings.lineage();
          KitViews now = views.now();
          return new LineageView(
              views(now, lineage.sources(id)),
              views(now, lineage.ancestors(id)),
              views(now, lineage.children(id)),
              views(now, lineage.descendants(List.of(id))));
        });
  }

  /**
   * What a recall finds.
   *
   * @param recalled the packs themselves
   * @param holding everything that holds something of them, nearest first; discarded ones included
   */
  record RecallView(List<ItemView> recalled, List<ItemView> holding) {}

  /**
   * @param item a pack or container, null when a batch is recalled
   * @param product together with a batch
   */
  RecallView find(
      SignedIn who, @Nullable UUID item, @Nullable UUID product, @Nullable String batch) {
    return workspaces.read(
        who.workspace(),
        () -> {
          List<UUID> recalled = recalled(item, product, batch);
          KitViews now = views.now();
          return new RecallView(
              views(now, recalled), views(now, fillings.lineage().descendants(recalled)));
        });
  }

  private List<UUID> recalled(@Nullable UUID item, @Nullable UUID product, @Nullable String batch) {
    if (item != null) {
      return List.of(kit.existing(item).id());
    }
    if (product == null || batch == null || batch.isBlank()) {
      throw Refused.notNow("say-what", "Say which pack is recalled, or which batch of what.");
    }
    return store.ofBatch(product, batch.strip()).stream().map(StoredItem::id).toList();
  }

  private List<ItemView> views(KitViews now, Collection<UUID> ids) {
    Map<UUID, StoredItem> byId =
        store.itemsOf(ids).stream().collect(Collectors.toMap(StoredItem::id, Function.identity()));
    return ids.stream().map(byId::get).map(now::of).toList();
  }

  /**
   * Takes recalled things out of use, with all that holds something of them.
   *
   * @param discard whether they are discarded; otherwise they are marked contaminated and stay
   */
  void takeOut(SignedIn who, UUID actId, List<UUID> items, boolean discard) {
    ledger.perform(
        who,
        actId,
        "recalled",
        act -> {
          Set<UUID> all = new LinkedHashSet<>(items);
          all.addAll(fillings.lineage().descendants(items));
          List<UUID> inOrder = new ArrayList<>(all);
          inOrder.sort(null);
          for (UUID id : inOrder) {
            store.lock(id);
            StoredItem item = kit.existing(id);
            if (item.isDiscarded()) {
              continue;
            }
            if (discard) {
              discarding.discard(act, item, DiscardCause.CONTAMINATED);
            } else {
              handling.became(
                  act,
                  item,
                  item.item()
                      .treated(
                          new CleanState(
                              Cleanliness.CONTAMINATED, time.now(), CleanState.By.RECALLED, null)));
            }
          }
        });
  }
}
