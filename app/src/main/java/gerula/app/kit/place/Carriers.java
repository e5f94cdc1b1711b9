package gerula.app.kit.place;

import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import gerula.app.tables.tables.records.PlaceRecord;
import gerula.core.kit.place.CarrierState;
import gerula.core.kit.place.PlaceTree;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How clean bags, cases and pouches are. */
@Component
public class Carriers {

  private final PlaceStore places;
  private final Clock clock;

  Carriers(PlaceStore places, Clock clock) {
    this.places = places;
    this.clock = clock;
  }

  /** Back from a job, with every pouch in them. */
  public void cameBack(Act act, PlaceTree tree, Collection<UUID> bags) {
    Instant now = clock.instant();
    bags.stream()
        .filter(bag -> tree.find(bag).isPresent())
        .flatMap(bag -> tree.withAllInside(bag).stream())
        .distinct()
        .sorted()
        .map(id -> places.place(id).orElseThrow())
        .filter(one -> one.place().kind().isCarrier())
        .forEach(one -> became(act, one, one.place().carrier().usedAt(now)));
  }

  /** Those that are to be emptied and wiped, in order of reach. */
  public List<StoredPlace> used() {
    return places.places().stream()
        .filter(one -> one.place().carrier().usedSince() != null)
        .toList();
  }

  /** Those that stand open to dry, in order of reach. */
  public List<StoredPlace> drying() {
    Instant now = clock.instant();
    return places.places().stream()
        .filter(one -> one.place().carrier().usedSince() == null)
        .filter(one -> one.place().carrier().wetUntil() != null)
        .filter(one -> one.place().carrier().wetUntil().isAfter(now))
        .toList();
  }

  /** Writes what differs. */
  public void became(Act act, StoredPlace before, CarrierState after) {
    if (after.equals(before.place().carrier())) {
      return;
    }
    PlaceRecord changed = new PlaceRecord();
    changed.setUsedSince(after.usedSince());
    changed.setWetUntil(after.wetUntil());
    act.touch(ThingKind.PLACE_THING, before.id(), () -> places.change(before.id(), changed));
  }
}
