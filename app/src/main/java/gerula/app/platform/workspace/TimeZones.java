package gerula.app.platform.workspace;

import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import java.time.ZoneId;
import java.util.List;

/** Time zones as they are named around the world, like Europe/London. */
public final class TimeZones {

  private TimeZones() {}

  /**
   * @throws Refused when there is none of this name
   */
  public static ZoneId known(String name) {
    if (!ZoneId.getAvailableZoneIds().contains(name)) {
      throw Refused.faulty(
          List.of(
              new FieldFault(
                  "zone",
                  "unknown",
                  "There is no time zone of this name. Write one like Europe/London.")));
    }
    return ZoneId.of(name);
  }
}
