package gerula.app.kit.place;

import gerula.core.kit.place.SetContent;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.Code;
import java.util.List;
import org.jooq.JSONB;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What a place is to hold, between its column and the core's records. */
final class SetContents {

  private static final JsonMapper JSON = JsonMapper.shared();
  private static final JSONB NONE = JSONB.valueOf("[]");
  private static final TypeReference<List<Held>> HELD = new TypeReference<>() {};

  private SetContents() {}

  /** As it is written: the class by its code. */
  private record Held(String productClass, int pieces) {}

  static List<SetContent> read(JSONB column) {
    return column.equals(NONE)
        ? List.of()
        : JSON.readValue(column.data(), HELD).stream()
            .map(
                one ->
                    new SetContent(Code.of(ProductClass.class, one.productClass()), one.pieces()))
            .toList();
  }

  static JSONB column(List<SetContent> contents) {
    return JSONB.valueOf(
        JSON.writeValueAsString(
            contents.stream()
                .map(one -> new Held(one.productClass().code(), one.pieces()))
                .toList()));
  }
}
