package gerula.app.ledger;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What differs between two states of a thing. */
final class Changes {

  private static final TypeReference<Map<String, Object>> FIELDS = new TypeReference<>() {};

  private Changes() {}

  static Map<String, Object> facts(JsonMapper json, JSONB facts) {
    return json.readValue(facts.data(), FIELDS);
  }

  /** Empty when the thing came or went: the act itself says that. */
  static List<LedgerEntry.Change> between(
      JsonMapper json, String kind, @Nullable JSONB before, @Nullable JSONB after) {
    if (before == null || after == null) {
      return List.of();
    }
    Map<String, Object> from = facts(json, before);
    Map<String, Object> to = facts(json, after);
    Set<String> fields = new TreeSet<>(from.keySet());
    fields.addAll(to.keySet());
    fields.removeIf(field -> !FieldCodes.isTold(kind, field));
    List<LedgerEntry.Change> changes = new ArrayList<>();
    for (String field : fields) {
      if (!Objects.equals(from.get(field), to.get(field))) {
        changes.add(
            new LedgerEntry.Change(FieldCodes.of(kind, field), from.get(field), to.get(field)));
      }
    }
    return changes;
  }
}
