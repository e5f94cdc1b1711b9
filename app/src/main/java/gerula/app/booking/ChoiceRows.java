package gerula.app.booking;

import gerula.app.tables.tables.records.BookingRecord;
import gerula.core.packing.Choices;
import gerula.core.packing.LoadChoices;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import org.jooq.JSONB;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What was decided about a list, between the columns of its booking and the core's record. */
final class ChoiceRows {

  private static final JsonMapper JSON = JsonMapper.shared();
  private static final JSONB NONE = JSONB.valueOf("{}");
  private static final TypeReference<Map<String, Long>> AMOUNTS = new TypeReference<>() {};

  private ChoiceRows() {}

  static Choices choices(BookingRecord row) {
    return new Choices(
        Set.of(row.getPinned()),
        Set.of(row.getLeftOut()),
        Set.of(row.getAdded()),
        row.getAmounts().equals(NONE) ? Map.of() : JSON.readValue(row.getAmounts().data(), AMOUNTS),
        new TreeSet<>(List.of(row.getWithout())),
        new TreeSet<>(List.of(row.getBorrowed())),
        new TreeSet<>(List.of(row.getToBuy())),
        row.getLoad().equals(NONE)
            ? LoadChoices.NONE
            : JSON.readValue(row.getLoad().data(), LoadDraft.class).toLoad());
  }

  static void write(BookingRecord row, Choices choices) {
    row.setPinned(sorted(choices.pinned()));
    row.setLeftOut(sorted(choices.leftOut()));
    row.setAdded(sorted(choices.added()));
    row.setAmounts(
        choices.amounts().isEmpty()
            ? NONE
            : JSONB.valueOf(JSON.writeValueAsString(new TreeMap<>(choices.amounts()))));
    row.setWithout(choices.without().toArray(String[]::new));
    row.setBorrowed(choices.borrowed().toArray(String[]::new));
    row.setToBuy(choices.toBuy().toArray(String[]::new));
    row.setLoad(
        choices.load().equals(LoadChoices.NONE)
            ? NONE
            : JSONB.valueOf(JSON.writeValueAsString(LoadDraft.of(choices.load()))));
  }

  private static UUID[] sorted(Set<UUID> ids) {
    return ids.stream().sorted().toArray(UUID[]::new);
  }
}
