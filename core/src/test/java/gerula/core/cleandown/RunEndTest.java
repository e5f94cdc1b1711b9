package gerula.core.cleandown;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.SkinType;
import gerula.core.kit.Given;
import gerula.core.kit.PersonRef;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** When a run is over, somebody decides about what was kept for one of its faces. */
class RunEndTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 17);
  private static final PersonRef ISAURA = Given.person("Isaura");
  private static final PersonRef CORIN = Given.person("Corin");

  private static Item hers(PersonRef person) {
    return Given.thing(ProductClass.MASCARA, Form.MASCARA).forWhom(new ForWhom.Only(person)).item();
  }

  private static Booking until(LocalDate last, PersonRef person) {
    Face face =
        FaceBuilder.builder(Face.of(UUID.randomUUID(), person.name(), 5, SkinType.NORMAL, Set.of()))
            .person(person.id())
            .build();
    return new Booking(
        UUID.randomUUID(), "run", null, last.minusDays(3), last, Set.of(), null, List.of(face));
  }

  @Test
  void whatIsOneFacesIsToldOnceHerLastBookingIsOver() {
    Item mascara = hers(ISAURA);
    Booking first = until(TODAY.minusDays(20), ISAURA);
    Booking second = until(TODAY.minusDays(1), ISAURA);
    assertThat(RunEnd.of(List.of(mascara), List.of(second, first), Map.of(), TODAY))
        .containsExactly(new RunEnd(mascara.id(), ISAURA.id(), second.id(), TODAY.minusDays(1)));
    assertThat(RunEnd.of(List.of(mascara), List.of(first, until(TODAY, ISAURA)), Map.of(), TODAY))
        .isEmpty();
    assertThat(RunEnd.of(List.of(hers(CORIN)), List.of(first), Map.of(), TODAY)).isEmpty();
    Item gone =
        Given.thing(ProductClass.MASCARA, Form.MASCARA)
            .forWhom(new ForWhom.Only(ISAURA))
            .discarded(true)
            .item();
    assertThat(RunEnd.of(List.of(gone), List.of(first), Map.of(), TODAY)).isEmpty();
    Item shared = Given.thing(ProductClass.MASCARA, Form.MASCARA).item();
    assertThat(RunEnd.of(List.of(shared), List.of(first), Map.of(), TODAY)).isEmpty();
  }

  @Test
  void whatWasKeptSinceIsNotAskedAboutAgain() {
    Item mascara = hers(ISAURA);
    Booking over = until(TODAY.minusDays(5), ISAURA);
    Map<UUID, LocalDate> before = Map.of(mascara.id(), TODAY.minusDays(5));
    Map<UUID, LocalDate> since = Map.of(mascara.id(), TODAY.minusDays(4));
    assertThat(RunEnd.of(List.of(mascara), List.of(over), before, TODAY)).hasSize(1);
    assertThat(RunEnd.of(List.of(mascara), List.of(over), since, TODAY)).isEmpty();
  }
}
