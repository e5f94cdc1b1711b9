package gerula.core.person;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.kit.product.Sensitivity;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** People are told apart by their names. */
class PersonTest {

  private static final LocalDate SPRING = LocalDate.of(2031, 3, 1);
  private static final LocalDate AUTUMN = LocalDate.of(2031, 10, 1);
  private static final Sensitivity LATEX = new Sensitivity("latex");
  private static final Sensitivity NICKEL = new Sensitivity("nickel");

  private static Person person(String name, String... aliases) {
    return known(name, null, null, Set.of(), aliases);
  }

  private static Person known(
      String name,
      @Nullable Double depth,
      @Nullable LocalDate askedOn,
      Set<Sensitivity> sensitivities,
      String... aliases) {
    return new Person(
        UUID.randomUUID(), name, List.of(aliases), depth, sensitivities, askedOn, null);
  }

  @ParameterizedTest
  @CsvSource({
    "Isaura, true",
    "isaura, true",
    "' ISAURA ', true",
    "Isa, false",
    "'', false",
    "Lady Moor, true"
  })
  void oneIsKnownByEachOfHerNamesWithoutRegardToCase(String asked, boolean known) {
    assertThat(person(" Isaura ", "lady moor").isCalled(asked)).isEqualTo(known);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "  "})
  void everybodyHasAName(String nobody) {
    assertThatThrownBy(() -> person(nobody)).hasMessageContaining("1 to 80");
    assertThatThrownBy(() -> person("Isaura", nobody)).hasMessageContaining("1 to 80");
    assertThatThrownBy(() -> person("x".repeat(81))).hasMessageContaining("81");
  }

  @Test
  void noTwoGoByTheSameName() {
    Person isaura = person("Isaura", "Lady Moor");
    assertThat(new People(List.of(isaura, person("Corin"))).clash()).isEmpty();
    assertThat(new People(List.of(isaura, person("lady moor"))).clash()).contains("lady moor");
    // Her own name among her aliases is nobody else's.
    assertThat(new People(List.of(person("Isaura", "isaura"))).clash()).isEmpty();
    Person erased =
        new Person(UUID.randomUUID(), "Isaura", List.of(), null, Set.of(), null, SPRING);
    assertThat(new People(List.of(isaura, erased)).clash()).isEmpty();
    assertThat(new People(List.of(erased)).called("Isaura")).isEmpty();
  }

  @Test
  void aFreeNameIsToldApart() {
    People none = new People(List.of());
    assertThat(none.free("Bride", "Pier wedding")).isEqualTo("Bride");
    People one = new People(List.of(person("Bride")));
    assertThat(one.free("bride", "Pier wedding")).isEqualTo("bride (Pier wedding)");
    People two = new People(List.of(person("Bride"), person("Bride (Pier wedding)")));
    assertThat(two.free("Bride", "Pier wedding")).isEqualTo("Bride (Pier wedding 2)");
    String longest = "x".repeat(80);
    String free = new People(List.of(person(longest))).free(longest, "y".repeat(200));
    assertThat(free).hasSizeLessThanOrEqualTo(80).isNotEqualTo(longest);
  }

  @Test
  void whatIsToldAtABookingIsAddedAndNothingIsForgotten() {
    Person known = known("Isaura", null, SPRING, Set.of(LATEX));
    Person told = known.told(6.5, Set.of(NICKEL), AUTUMN);
    assertThat(told.depth()).isEqualTo(6.5);
    assertThat(told.sensitivities()).containsExactlyInAnyOrder(LATEX, NICKEL);
    assertThat(told.askedOn()).isEqualTo(AUTUMN);
    Person again = told.told(3, Set.of(), AUTUMN.plusDays(9));
    assertThat(again).isEqualTo(told);
  }

  @Test
  void mergedOnesKeepEveryNameAndEverySensitivity() {
    Person one = known("Isaura", 6.0, SPRING, Set.of(LATEX), "Lady Moor");
    Person other = known("I. Vance", 5.0, AUTUMN, Set.of(NICKEL), "lady moor", "Isa");
    Person merged = one.mergedWith(other);
    assertThat(merged.id()).isEqualTo(one.id());
    assertThat(merged.aliases()).containsExactly("Lady Moor", "I. Vance", "Isa");
    assertThat(merged.depth()).isEqualTo(6.0);
    assertThat(merged.sensitivities()).containsExactlyInAnyOrder(LATEX, NICKEL);
    assertThat(merged.askedOn()).isEqualTo(AUTUMN);
  }
}
