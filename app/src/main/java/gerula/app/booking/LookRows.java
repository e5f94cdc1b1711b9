package gerula.app.booking;

import gerula.core.booking.look.Look;
import gerula.core.booking.look.LookPart;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.Code;
import gerula.core.shade.Lab;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The looks of a face, between their column and the core's words. */
final class LookRows {

  private static final JsonMapper JSON = JsonMapper.shared();
  private static final JSONB NONE = JSONB.valueOf("[]");
  private static final TypeReference<List<Row>> ROWS = new TypeReference<>() {};

  private record Row(
      String purpose,
      @Nullable LocalDate day,
      String from,
      String note,
      List<Part> parts,
      @Nullable List<UUID> pictures) {}

  private record Part(
      @Nullable UUID product,
      String told,
      String productClass,
      @Nullable String colour,
      int tenths,
      String tool,
      String where,
      String note) {}

  private LookRows() {}

  static List<Look> looks(JSONB column) {
    return column.equals(NONE)
        ? List.of()
        : JSON.readValue(column.data(), ROWS).stream().map(LookRows::look).toList();
  }

  static JSONB column(List<Look> looks) {
    return looks.isEmpty()
        ? NONE
        : JSONB.valueOf(JSON.writeValueAsString(looks.stream().map(LookRows::row).toList()));
  }

  private static Look look(Row row) {
    return new Look(
        Code.of(Look.Purpose.class, row.purpose),
        row.day,
        row.from,
        row.note,
        row.parts.stream()
            .map(
                part ->
                    new LookPart(
                        part.product,
                        part.told,
                        Code.of(ProductClass.class, part.productClass),
                        part.colour == null ? null : Lab.read(part.colour),
                        part.tenths,
                        part.tool,
                        part.where,
                        part.note))
            .toList(),
        row.pictures == null ? List.of() : row.pictures);
  }

  private static Row row(Look look) {
    return new Row(
        look.purpose().code(),
        look.day(),
        look.from(),
        look.note(),
        look.parts().stream()
            .map(
                part ->
                    new Part(
                        part.product(),
                        part.told(),
                        part.productClass().code(),
                        part.colour() == null ? null : part.colour().told(),
                        part.tenths(),
                        part.tool(),
                        part.where(),
                        part.note()))
            .toList(),
        look.pictures());
  }
}
