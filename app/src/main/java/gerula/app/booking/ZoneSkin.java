package gerula.app.booking;

import gerula.core.booking.SkinType;
import gerula.core.booking.Zone;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** A part of a face and how its skin behaves. */
public record ZoneSkin(@NotNull Zone zone, @NotNull SkinType skinType) {

  static List<ZoneSkin> of(Map<Zone, SkinType> zones) {
    return zones.entrySet().stream()
        .map(entry -> new ZoneSkin(entry.getKey(), entry.getValue()))
        .toList();
  }

  /** Of two for one zone the last counts. */
  static Map<Zone, SkinType> toMap(List<ZoneSkin> zones) {
    Map<Zone, SkinType> map = new TreeMap<>();
    zones.forEach(one -> map.put(one.zone(), one.skinType()));
    return map;
  }
}
