package gerula.app.person;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.web.Visible;
import gerula.core.kit.product.Sensitivity;
import gerula.core.person.Person;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A person as somebody describes her.
 *
 * @param name by which she is told from everybody else
 * @param aliases other names she goes by
 * @param depth of the skin, 1 (lightest) to 10 (deepest), null when not known
 * @param sensitivities known codes or own words; empty says "none" only with a day she was asked
 * @param askedOn the day she was last asked about sensitivities, null when never
 */
public record PersonDraft(
    @Visible(message = "A person has a name.")
        @Size(max = 80, message = "A name has at most 80 characters.")
        String name,
    @NotNull @Size(max = 10, message = "A person has at most 10 other names.")
        List<
                @NotNull @Visible(message = "A name has characters to read.")
                @Size(max = 80, message = "A name has at most 80 characters.") String>
            aliases,
    @Nullable Double depth,
    @NotNull @Size(max = 30, message = "At most 30 sensitivities are noted.")
        List<@NotNull String> sensitivities,
    @Nullable LocalDate askedOn) {

  public static PersonDraft of(Person person) {
    return new PersonDraft(
        person.name(),
        person.aliases(),
        person.depth(),
        person.sensitivities().stream().sorted().map(Sensitivity::name).toList(),
        person.askedOn());
  }

  public Optional<Person> toPerson(UUID id, Faults faults, String path) {
    Optional<Set<Sensitivity>> known =
        faults.build(
            path + "sensitivities",
            () -> sensitivities.stream().map(Sensitivity::new).collect(Collectors.toSet()));
    return known.flatMap(
        borneBadly ->
            faults.build(
                path + "depth",
                () -> new Person(id, name, aliases, depth, borneBadly, askedOn, null)));
  }
}
