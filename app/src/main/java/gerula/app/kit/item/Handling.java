package gerula.app.kit.item;

import gerula.app.kit.KitStore;
import gerula.app.kit.Release;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import gerula.app.rule.HouseStore;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.app.tables.tables.records.PlaceRecord;
import gerula.core.dates.UseBy;
import gerula.core.kit.item.Item;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Keeps what became of an item, as part of an act. The core says what moving, opening, measuring,
 * treating or lending makes of it; here what differs is written, and whatever goes along with it: a
 * palette's place, the last day, the dates of what was filled from it. No other class writes these
 * columns of an item that is there.
 */
@Component
public class Handling {

  private final KitStore store;
  private final PlaceStore places;
  private final InheritedDates inherited;
  private final HouseStore house;
  private final List<Release> releases;

  Handling(
      KitStore store,
      PlaceStore places,
      InheritedDates inherited,
      HouseStore house,
      List<Release> releases) {
    this.store = store;
    this.places = places;
    this.inherited = inherited;
    this.house = house;
    this.releases = releases;
  }

  public void became(Act act, StoredItem before, Item after) {
    became(act, before, after, new ItemRecord());
  }

  /**
   * @param besides what else changes that the core does not compute with
   */
  public void became(Act act, StoredItem before, Item after, ItemRecord besides) {
    keep(act, before, after, besides);
    if (!Objects.equals(before.item().dates(), after.dates())) {
      inherited.follow(act, before.id());
    }
  }

  /** Filled again: its dates are its own sources', and nothing filled from it before follows. */
  public void wasFilledAgain(Act act, StoredItem before, Item after, ItemRecord besides) {
    keep(act, before, after, besides);
  }

  private void keep(Act act, StoredItem before, Item after, ItemRecord besides) {
    ItemRows.writeChanges(besides, before.item(), after);
    if (!Objects.equals(before.item().dates(), after.dates())) {
      UseBy useBy = after.useBy(house.current());
      besides.setLastDay(useBy.lastDay());
      besides.setReplaceBy(useBy.replaceBy());
    }
    act.touch(ThingKind.ITEM_THING, before.id(), () -> store.change(before.id(), besides));
    if (!Objects.equals(before.item().now(), after.now())) {
      placeFollows(act, before.id(), after.now());
    }
  }

  /** A palette is a thing and a place: its place lies where it lies. */
  void placeFollows(Act act, UUID item, @Nullable UUID to) {
    places
        .being(item)
        .filter(place -> !Objects.equals(place.place().parent(), to))
        .ifPresent(
            place -> {
              PlaceRecord changed = new PlaceRecord();
              changed.setParentId(to);
              act.touch(
                  ThingKind.PLACE_THING, place.id(), () -> places.change(place.id(), changed));
            });
  }

  /** Lent, lost or sent away: nothing waits for it. */
  public void release(Act act, UUID item) {
    releases.forEach(release -> release.item(act, item));
  }
}
