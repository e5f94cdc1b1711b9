package gerula.app.kit.count;

import gerula.app.kit.Release;
import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Counts of a place go with the place. */
@Component
class CountedPlaces implements Release {

  private final CountStore store;

  CountedPlaces(CountStore store) {
    this.store = store;
  }

  @Override
  public void place(Act act, UUID place) {
    store
        .of(place)
        .forEach(count -> act.touch(ThingKind.STOCKTAKE_THING, count, () -> store.giveUp(count)));
  }
}
