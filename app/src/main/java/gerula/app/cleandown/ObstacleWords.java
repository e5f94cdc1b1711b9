package gerula.app.cleandown;

import gerula.core.cleandown.ContactObstacle;
import gerula.core.kit.item.Item;

/** Says why a thing must not touch somebody. */
final class ObstacleWords {

  private ObstacleWords() {}

  static String of(ContactObstacle obstacle, Item item) {
    String name = item.product().name();
    return switch (obstacle) {
      case PERSONAL -> name + " is your own. Choose one for others.";
      case FOR_SOMEBODY_ELSE -> name + " is kept for somebody else. Choose another one.";
      case REACTS -> name + " contains what she reacts to. Choose another one.";
      case TOUCHED_ANOTHER ->
          name
              + " touched somebody else and cannot be made clean for another face. Choose another"
              + " one; keep it for her, or discard it.";
      case STOPPED ->
          name
              + " is "
              + item.cleanliness().code()
              + ". Choose another one, or decide about it first.";
    };
  }
}
