package gerula.app.kit.item;

import gerula.app.kit.Kit;
import gerula.app.kit.Release;
import gerula.app.kit.find.KitLists;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.place.StoredPlace;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.ledger.Usage;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.kit.item.CostPerUse;
import gerula.core.kit.item.DiscardCause;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Throwing things out: nothing waits for them afterwards. */
@Component
public class Discarding {

  private final Kit kit;
  private final Handling handling;
  private final PlaceStore places;
  private final KitLists lists;
  private final Usage usage;
  private final Ledger ledger;
  private final List<Release> releases;
  private final WorkspaceTime time;

  Discarding(
      Kit kit,
      Handling handling,
      PlaceStore places,
      KitLists lists,
      Usage usage,
      Ledger ledger,
      List<Release> releases,
      WorkspaceTime time) {
    this.kit = kit;
    this.handling = handling;
    this.places = places;
    this.lists = lists;
    this.usage = usage;
    this.ledger = ledger;
    this.releases = releases;
    this.time = time;
  }

  void discard(SignedIn who, UUID actId, UUID id, DiscardCause cause) {
    ledger.perform(
        who,
        actId,
        "discarded",
        act -> {
          StoredItem item = kit.inKit(id);
          discardFacts(item, cause).forEach(act::tell);
          discard(act, item, cause);
        });
  }

  /** Several at once, for one cause. */
  void discardMany(SignedIn who, UUID actId, List<UUID> ids, DiscardCause cause) {
    ledger.perform(
        who,
        actId,
        "discarded",
        Map.of("cause", cause.code()),
        act -> {
          // A palette goes after what lies in it.
          List<StoredItem> items = kit.inKit(act, ids);
          Map<Boolean, List<StoredItem>> arePlaces =
              items.stream()
                  .collect(Collectors.partitioningBy(one -> places.being(one.id()).isPresent()));
          arePlaces.get(false).forEach(item -> discard(act, item, cause));
          arePlaces.get(true).forEach(item -> discard(act, item, cause));
        });
  }

  /** Why it went, and what each use of it has cost. */
  private Map<String, Object> discardFacts(StoredItem item, DiscardCause cause) {
    Map<String, Object> facts = new LinkedHashMap<>();
    facts.put("cause", cause.code());
    int uses =
        usage
            .wear(List.of(item.id()), time.today())
            .getOrDefault(item.id(), Usage.Wear.NONE)
            .uses();
    facts.put("uses", uses);
    if (item.details().price() != null) {
      facts.put("costPerUse", CostPerUse.of(item.details().price(), uses));
      facts.put("currency", item.details().currency());
    }
    return facts;
  }

  /**
   * Discards an item as part of an act.
   *
   * @throws Refused when it is a palette with something in it
   */
  public void discard(Act act, StoredItem item, DiscardCause cause) {
    handling.release(act, item.id());
    places.being(item.id()).ifPresent(place -> removeEmpty(act, item, place));
    ItemRecord changed = new ItemRecord();
    changed.setDiscardedOn(time.today());
    changed.setDiscardCause(cause.code());
    kit.touch(act, item, changed);
  }

  /** A palette is a thing and a place; both go. */
  private void removeEmpty(Act act, StoredItem item, StoredPlace place) {
    if (lists.isInUse(place.id())) {
      throw Refused.notNow(
          "holds-things",
          "Something lies in "
              + item.item().product().name()
              + " or belongs in it. Move that first; nothing was changed.");
    }
    releases.forEach(release -> release.place(act, place.id()));
    act.touch(ThingKind.PLACE_THING, place.id(), () -> places.remove(place.id()));
  }
}
