package gerula.app.kit;

import gerula.app.rule.HouseStore;
import gerula.core.kit.PlaceTree;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.stereotype.Component;

/** Makes what the kit's addresses answer with, for the day and the places as they are now. */
@Component
public class Views {

  private final PlaceStore places;
  private final HouseStore house;
  private final Clock clock;

  Views(PlaceStore places, HouseStore house, Clock clock) {
    this.places = places;
    this.house = house;
    this.clock = clock;
  }

  /** To be called within the workspace. */
  public KitViews now() {
    return with(places.tree());
  }

  /** The same with places that have been read already. */
  public KitViews with(PlaceTree tree) {
    return new KitViews(tree, LocalDate.now(clock), house.current());
  }
}
