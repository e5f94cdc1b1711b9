package gerula.app.depot.lineage;

import gerula.app.depot.lineage.FillingStore.StoredFilling;
import gerula.app.kit.KitStore;
import gerula.app.kit.item.InheritedDates;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.dates.PackDates;
import gerula.core.depot.lineage.Lineage;
import gerula.core.kit.item.Item;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Has the dates of containers follow those of the packs they were filled from. */
@Component
class Inheriting implements InheritedDates {

  private final FillingStore fillings;
  private final KitStore kit;

  Inheriting(FillingStore fillings, KitStore kit) {
    this.fillings = fillings;
    this.kit = kit;
  }

  @Override
  public boolean has(UUID item) {
    return !fillings.in(item).isEmpty();
  }

  @Override
  public Set<UUID> follow(Act act, UUID source) {
    Lineage lineage = fillings.lineage();
    Set<UUID> changed = new HashSet<>();
    // Nearest first: each follows what its own sources have become.
    for (UUID id : lineage.descendants(List.of(source))) {
      if (has(id)) {
        StoredItem item = kit.item(id).orElseThrow();
        PackDates dates = inherited(item.item());
        if (!dates.equals(item.item().dates())) {
          act.touch(ThingKind.ITEM_THING, id, () -> kit.date(id, dates, new ItemRecord()));
          changed.add(id);
        }
      }
    }
    return changed;
  }

  /** What a container has from what is in it; a rest of unknown origin keeps its say. */
  private PackDates inherited(Item container) {
    List<StoredFilling> in = fillings.in(container.id());
    Map<UUID, PackDates> known = new HashMap<>();
    kit.itemsOf(in.stream().map(StoredFilling::source).distinct().toList())
        .forEach(source -> known.put(source.id(), source.item().dates()));
    List<PackDates> sources = new ArrayList<>(known.values());
    if (in.stream().anyMatch(StoredFilling::onARest)) {
      sources.add(container.dates());
    }
    return PackDates.inherited(sources);
  }
}
