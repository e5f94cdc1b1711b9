package gerula.app.kit.intake;

import gerula.app.kit.product.ShadeDraft;
import gerula.core.kit.intake.KitColumn;
import gerula.core.kit.intake.Written;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The shades of one pack as one cell: "fair, #f2d6c0, 2; tan, , 6". */
final class ShadeCells {

  private ShadeCells() {}

  static @Nullable String told(@Nullable List<ShadeDraft> shades) {
    if (shades == null || shades.isEmpty()) {
      return null;
    }
    return shades.stream().map(ShadeCells::one).collect(Collectors.joining("; "));
  }

  private static String one(ShadeDraft shade) {
    return Stream.of(shade.name(), shade.colour(), shade.depth())
        .map(part -> Objects.toString(part, ""))
        .collect(Collectors.joining(", "))
        .replaceFirst("(, )+$", "");
  }

  static List<ShadeDraft> read(Cells cells) {
    List<ShadeDraft> shades =
        cells.read(
            KitColumn.SHADES_IN_PACK,
            ShadeCells::parsed,
            "shades, each as name, #colour, depth, with semicolons between");
    return shades == null ? List.of() : shades;
  }

  private static Optional<List<ShadeDraft>> parsed(String cell) {
    List<ShadeDraft> shades = new ArrayList<>();
    for (String text : cell.split(";")) {
      List<String> parts =
          Arrays.stream(text.split(",", -1)).map(String::strip).collect(Collectors.toList());
      String name = parts.removeFirst();
      parts.removeIf(String::isEmpty);
      String colour =
          parts.stream().filter(part -> part.matches("#[0-9a-fA-F]{6}")).findFirst().orElse(null);
      parts.remove(colour);
      Optional<BigDecimal> depth =
          parts.isEmpty() ? Optional.empty() : Written.number(parts.removeFirst());
      if (name.isEmpty() || !parts.isEmpty()) {
        return Optional.empty();
      }
      shades.add(new ShadeDraft(name, colour, depth.map(BigDecimal::doubleValue).orElse(null)));
    }
    return Optional.of(shades);
  }
}
