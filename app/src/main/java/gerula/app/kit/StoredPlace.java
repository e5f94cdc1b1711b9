package gerula.app.kit;

import gerula.core.kit.Place;
import java.util.UUID;

/**
 * A place with what only people read.
 *
 * @param windowed whether one sees what is in it without opening it
 * @param worn whether it is worn on the body
 */
public record StoredPlace(
    Place place, String code, boolean windowed, boolean worn, String note, int version) {

  public UUID id() {
    return place.id();
  }
}
