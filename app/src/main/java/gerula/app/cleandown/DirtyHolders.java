package gerula.app.cleandown;

import gerula.app.kit.WholeKit;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.Carriers;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.place.StoredPlace;
import gerula.app.ledger.Act;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.ProductClass;
import java.time.Clock;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Holders for used brushes that are places: what is put into one lies there, and dirties it. */
@Component
class DirtyHolders {

  private final WholeKit kit;
  private final PlaceStore places;
  private final Carriers carriers;
  private final Handling handling;
  private final Clock clock;

  DirtyHolders(WholeKit kit, PlaceStore places, Carriers carriers, Handling handling, Clock clock) {
    this.kit = kit;
    this.places = places;
    this.carriers = carriers;
    this.handling = handling;
    this.clock = clock;
  }

  /** Lays a brush into the holder that lies in the same bag; without one it stays where it is. */
  void take(Act act, StoredItem brush, Item after) {
    StoredPlace holder = near(brush.item()).orElse(null);
    if (holder == null) {
      handling.became(act, brush, after);
      return;
    }
    handling.became(act, brush, after.movedTo(holder.id()));
    if (holder.place().kind().isCarrier()) {
      carriers.became(act, holder, holder.place().carrier().usedAt(clock.instant()));
    }
  }

  private Optional<StoredPlace> near(Item brush) {
    PlaceTree tree = places.tree();
    Optional<Place> bag = tree.outermost(brush.now());
    return kit.now().items().stream()
        .filter(item -> item.product().classes().contains(ProductClass.DIRTY_HOLDER))
        .filter(item -> !item.isDiscarded() && !item.id().equals(brush.id()))
        .sorted(Item.BY_ID)
        .flatMap(item -> places.being(item.id()).stream())
        .filter(place -> bag.isPresent() && tree.outermost(place.id()).equals(bag))
        .findFirst();
  }
}
