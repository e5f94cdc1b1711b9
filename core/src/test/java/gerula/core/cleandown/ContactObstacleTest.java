package gerula.core.cleandown;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.cleandown.work.UsedThing;
import gerula.core.kit.Given;
import gerula.core.kit.PersonRef;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Sensitivity;
import gerula.core.rule.Practices;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What may touch whom. */
class ContactObstacleTest {

  private static final PersonRef ISAURA = Given.person("Isaura");
  private static final PersonRef CORIN = Given.person("Corin");

  private static Given.Thing lipstick() {
    return Given.thing(ProductClass.LIP_COLOUR, Form.LIPSTICK_BULLET);
  }

  @Test
  void whatIsKeptForOnePersonTouchesNobodyElse() {
    Given.Thing hers = lipstick().forWhom(new ForWhom.Only(ISAURA));
    assertThat(ContactObstacle.to(hers.item(), ISAURA.id(), Set.of())).isEmpty();
    assertThat(ContactObstacle.to(hers.item(), CORIN.id(), Set.of()))
        .contains(ContactObstacle.FOR_SOMEBODY_ELSE);
    assertThat(
            ContactObstacle.to(
                lipstick().forWhom(new ForWhom.TheArtist()).item(), CORIN.id(), Set.of()))
        .contains(ContactObstacle.PERSONAL);
  }

  @Test
  void whatSheReactsToDoesNotTouchHerButOthers() {
    Given.Thing glue = lipstick().contains(Set.of(new Sensitivity("latex")));
    assertThat(ContactObstacle.to(glue.item(), CORIN.id(), Set.of(new Sensitivity("latex"))))
        .contains(ContactObstacle.REACTS);
    assertThat(ContactObstacle.to(glue.item(), null, Set.of(Sensitivity.FRAGRANCE))).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(Cleanliness.class)
  void onlyWhatIsStoppedTouchesNobody(Cleanliness state) {
    boolean isStopped = state == Cleanliness.CONTAMINATED || state == Cleanliness.QUARANTINED;
    assertThat(
            ContactObstacle.to(lipstick().cleanliness(state).item(), CORIN.id(), Set.of())
                .isPresent())
        .isEqualTo(isStopped);
  }

  /** Common practice: a felt tip cannot be cleaned, a pencil is sharpened. */
  @Test
  void whatTouchedAnotherAndCannotBeMadeCleanTouchesNobodyElse() {
    UsedThing felt =
        new UsedThing(
            Given.thing(ProductClass.LIQUID_LINER, Form.FELT_TIP_PEN).item(),
            Set.of(Contact.How.DIRECT),
            Set.of(),
            List.of());
    UsedThing pencil =
        new UsedThing(
            Given.thing(ProductClass.EYE_PENCIL, Form.SHARPENABLE_PENCIL).item(),
            Set.of(Contact.How.DIRECT),
            Set.of(),
            List.of());
    assertThat(ContactObstacle.after(felt, true, Practices.USUAL))
        .contains(ContactObstacle.TOUCHED_ANOTHER);
    assertThat(ContactObstacle.after(felt, false, Practices.USUAL)).isEmpty();
    assertThat(ContactObstacle.after(pencil, true, Practices.USUAL)).isEmpty();
  }
}
