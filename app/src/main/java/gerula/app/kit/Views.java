package gerula.app.kit;

import gerula.app.kit.place.PlaceStore;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.rule.HouseStore;
import gerula.core.kit.place.PlaceTree;
import org.springframework.stereotype.Component;

/** Makes what the kit's addresses answer with, for the day and the places as they are now. */
@Component
public class Views {

  private final PlaceStore places;
  private final HouseStore house;
  private final WorkspaceTime time;

  Views(PlaceStore places, HouseStore house, WorkspaceTime time) {
    this.places = places;
    this.house = house;
    this.time = time;
  }

  /** To be called within the workspace. */
  public KitViews now() {
    return with(places.tree());
  }

  /** The same with places that have been read already. */
  public KitViews with(PlaceTree tree) {
    return new KitViews(tree, time.today(), house.current());
  }
}
