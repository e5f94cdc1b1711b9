package gerula.app.kit.place;

import gerula.core.kit.PersonRef;
import gerula.core.kit.place.Place;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A place with what only people read.
 *
 * @param windowed whether one sees what is in it without opening it
 * @param worn whether it is worn on the body
 * @param estimated whether its measures are a rough size that nobody took with a ruler
 * @param person whose section it is, or who has borrowed what lies there; null for nobody
 */
public record StoredPlace(
    Place place,
    String code,
    boolean windowed,
    boolean worn,
    String note,
    boolean estimated,
    @Nullable PersonRef person,
    int version) {

  public UUID id() {
    return place.id();
  }
}
