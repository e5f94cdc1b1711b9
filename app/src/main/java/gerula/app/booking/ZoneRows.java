package gerula.app.booking;

import gerula.core.booking.SkinType;
import gerula.core.booking.Zone;
import gerula.core.rule.Code;
import java.util.Map;
import java.util.TreeMap;
import org.jooq.JSONB;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The zones of a face, between their column and the core's words. */
final class ZoneRows {

  private static final JsonMapper JSON = JsonMapper.shared();
  private static final JSONB NONE = JSONB.valueOf("{}");
  private static final TypeReference<Map<String, String>> ZONES = new TypeReference<>() {};

  private ZoneRows() {}

  static Map<Zone, SkinType> zones(JSONB column) {
    if (column.equals(NONE)) {
      return Map.of();
    }
    Map<Zone, SkinType> zones = new TreeMap<>();
    JSON.readValue(column.data(), ZONES)
        .forEach(
            (zone, skin) -> zones.put(Code.of(Zone.class, zone), Code.of(SkinType.class, skin)));
    return zones;
  }

  static JSONB column(Map<Zone, SkinType> zones) {
    Map<String, String> codes = new TreeMap<>();
    zones.forEach((zone, skin) -> codes.put(zone.code(), skin.code()));
    return codes.isEmpty() ? NONE : JSONB.valueOf(JSON.writeValueAsString(codes));
  }
}
