package gerula.app.booking;

import gerula.core.packing.Choices;
import gerula.core.packing.LoadChoices;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the artist decided about a packing list.
 *
 * @param pinned items that go along wherever they serve
 * @param leftOut items that stay at home
 * @param added items that go along though nothing asks for them
 * @param amounts pieces of a counted need instead of those worked out, by the need's code
 * @param without codes of needs that are done without
 * @param borrowed codes of needs for which a colleague lends something; null for none
 * @param toBuy codes of needs for which something is bought; null for none
 * @param load where things are packed; null: nothing was decided or planned
 */
public record ListChoices(
    @NotNull @Size(max = 500) List<@NotNull UUID> pinned,
    @NotNull @Size(max = 500) List<@NotNull UUID> leftOut,
    @NotNull @Size(max = 500) List<@NotNull UUID> added,
    @NotNull @Size(max = 200)
        Map<
                @Pattern(regexp = CODE) String,
                @NotNull @Min(value = 0, message = "At least none.")
                @Max(value = 100_000, message = "At most 100,000.") Long>
            amounts,
    @NotNull @Size(max = 200) List<@NotNull @Pattern(regexp = CODE) String> without,
    @Nullable @Size(max = 200) List<@NotNull @Pattern(regexp = CODE) String> borrowed,
    @Nullable @Size(max = 200) List<@NotNull @Pattern(regexp = CODE) String> toBuy,
    @Nullable @Valid LoadDraft load) {

  private static final String CODE = "[a-z0-9-]{1,40}(:[a-z0-9-]{1,40})?";

  public static ListChoices of(Choices choices) {
    return new ListChoices(
        choices.pinned().stream().sorted().toList(),
        choices.leftOut().stream().sorted().toList(),
        choices.added().stream().sorted().toList(),
        new TreeMap<>(choices.amounts()),
        List.copyOf(choices.without()),
        List.copyOf(choices.borrowed()),
        List.copyOf(choices.toBuy()),
        choices.load().equals(LoadChoices.NONE) ? null : LoadDraft.of(choices.load()));
  }

  Choices toChoices() {
    return new Choices(
        new HashSet<>(pinned),
        new HashSet<>(leftOut),
        new HashSet<>(added),
        amounts,
        new TreeSet<>(without),
        borrowed == null ? new TreeSet<>() : new TreeSet<>(borrowed),
        toBuy == null ? new TreeSet<>() : new TreeSet<>(toBuy),
        load == null ? LoadChoices.NONE : load.toLoad());
  }
}
