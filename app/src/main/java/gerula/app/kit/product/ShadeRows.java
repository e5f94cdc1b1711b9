package gerula.app.kit.product;

import gerula.core.kit.product.ProductShade;
import java.util.List;
import org.jooq.JSONB;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The shades of one pack, between their column and the core's records. */
final class ShadeRows {

  private static final JsonMapper JSON = JsonMapper.shared();
  private static final JSONB NONE = JSONB.valueOf("[]");
  private static final TypeReference<List<ProductShade>> SHADES = new TypeReference<>() {};

  private ShadeRows() {}

  static List<ProductShade> shades(JSONB column) {
    // Most products are of one shade, and thousands are read at once.
    return column.equals(NONE) ? List.of() : JSON.readValue(column.data(), SHADES);
  }

  static JSONB column(List<ProductShade> shades) {
    return shades.isEmpty() ? NONE : JSONB.valueOf(JSON.writeValueAsString(shades));
  }
}
