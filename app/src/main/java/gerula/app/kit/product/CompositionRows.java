package gerula.app.kit.product;

import gerula.core.kit.product.Composition;
import gerula.core.kit.product.Sensitivity;
import gerula.core.rule.Code;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What a label was found to say, between its column and the core's record. */
final class CompositionRows {

  private static final JsonMapper JSON = JsonMapper.shared();
  private static final JSONB NOTHING = JSONB.valueOf("{}");
  private static final TypeReference<Map<String, Entry>> ENTRIES = new TypeReference<>() {};

  private record Entry(String found, @Nullable String on) {}

  private CompositionRows() {}

  static Composition composition(JSONB column) {
    // Most labels are still to be read, and thousands of products are read at once.
    if (column.equals(NOTHING)) {
      return Composition.NOT_CHECKED;
    }
    Map<Sensitivity, Composition.Answer> answers = new TreeMap<>();
    JSON.readValue(column.data(), ENTRIES)
        .forEach(
            (name, one) ->
                answers.put(
                    new Sensitivity(name),
                    new Composition.Answer(
                        Code.of(Composition.Found.class, one.found()),
                        one.on() == null ? null : LocalDate.parse(one.on()))));
    return new Composition(answers);
  }

  static JSONB column(Composition composition) {
    Map<String, Entry> entries = new LinkedHashMap<>();
    composition
        .answers()
        .forEach(
            (one, answer) -> {
              LocalDate on = answer.checkedOn();
              entries.put(
                  one.name(), new Entry(answer.found().code(), on == null ? null : on.toString()));
            });
    return JSONB.valueOf(JSON.writeValueAsString(entries));
  }
}
