package gerula.core.booking;

import static gerula.core.booking.GivenBooking.FIRST;
import static gerula.core.booking.GivenBooking.face;
import static gerula.core.booking.GivenBooking.faces;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.Trait;
import gerula.core.rule.Code;
import gerula.core.rule.HouseRules;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a kind of work proposes, and what it brings with it. Common practice. */
class WorkTest {

  /** Beside skin, base and powder. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "screen-drama | brows stand-by take-off | close-up long-day",
        "news-and-talk | brows hair-tidy |",
        "stage-and-dance | contour blush brows eyes liner mascara lips take-off | sweat heat",
        "portraits | brows lips hair-tidy | flash",
        "editorial | contour blush brows eyes liner mascara lips highlight stand-by | close-up",
        "event | contour blush brows eyes liner mascara lips lashes touch-up-kit |",
        "training | contour blush brows eyes liner mascara lips |",
        "effects | fx-wound take-off |"
      })
  void aKindOfWorkProposesWhatItUsuallyAsksFor(
      String kind, String services, @Nullable String conditions) {
    Proposal proposal = Proposal.of(Code.of(KindOfWork.class, kind));
    assertThat(proposal.services().stream().map(Service::code))
        .containsExactlyInAnyOrder(("skin-preparation base powder " + services).split(" "));
    assertThat(proposal.conditions().stream().map(Condition::code))
        .containsExactlyInAnyOrder(conditions == null ? new String[0] : conditions.split(" "));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "screen-drama | towel",
        "news-and-talk | lint-roller hair-spray comb hand-wipe",
        "stage-and-dance | sealing-medium puff",
        "editorial | lip-gloss nail-basics eyes:bold",
        "event | straw card contract",
        "training | marker label hand-sanitiser",
        "effects | barrier adhesive-remover face-powder paper-towel"
      })
  void aKindOfWorkBrings(String kind, String brought) {
    assertThat(codes(needs(kind, face(5, Service.EYES, Service.LIPS))))
        .contains(brought.split(" "));
  }

  @Test
  void giftsAreForEventsAlone() {
    assertThat(codes(needs("screen-drama", face(5, Service.MASCARA, Service.LIPS))))
        .doesNotContain("card", "contract", "straw", "touch-up-jar");
  }

  /** "+" must be, "~" should be, "-" must not be. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "news-and-talk | primer ~oil-control, face-powder ~fine",
        "stage-and-dance | foundation ~long-wear",
        "portraits | face-powder +no-flashback, face-powder -flashback",
        "editorial | face-powder ~fine",
        "event | foundation ~long-wear, mascara +waterproof"
      })
  void aKindOfWorkWantsWhatItsLightAndItsHoursAskFor(String kind, String wanted) {
    Face face = face(5, Service.SKIN_PREPARATION, Service.BASE, Service.POWDER, Service.MASCARA);
    List<Need> with = needs(kind, face);
    List<Need> without = needs("training", face);
    for (String one : wanted.split(", ")) {
      String code = one.split(" ")[0];
      char how = one.split(" ")[1].charAt(0);
      Trait trait = Code.of(Trait.class, one.split(" ")[1].substring(1));
      assertThat(traits(with, code, how)).as(one).contains(trait);
      assertThat(traits(without, code, how)).as(one).doesNotContain(trait);
    }
  }

  private static Set<Trait> traits(List<Need> needs, String code, char how) {
    Need need = one(needs, code);
    return switch (how) {
      case '+' -> need.must();
      case '~' -> need.should();
      default -> need.mustNot();
    };
  }

  /** A label a learner, two rubs of sanitiser more a face and day; a puff more for every dancer. */
  @Test
  void whatAKindOfWorkTakesMoreOfGrowsWithTheFaces() {
    assertThat(amount(needs("training", faces(4, Service.BASE)), "label"))
        .isEqualTo(new Need.Counted(4));
    assertThat(measured("training") - measured("event")).isEqualTo(4 * 6_000);
    assertThat(counted("stage-and-dance", "puff") - counted("event", "puff")).isEqualTo(4);
    assertThat(counted("effects", "paper-towel")).isEqualTo(4 * 5);
  }

  private static long measured(String kind) {
    return ((Need.Measured) amount(needs(kind, faces(4, Service.POWDER)), "hand-sanitiser"))
        .thousandths();
  }

  private static long counted(String kind, String code) {
    return ((Need.Counted) amount(needs(kind, faces(4, Service.POWDER)), code)).pieces();
  }

  private static Need.Amount amount(List<Need> needs, String code) {
    return one(needs, code).amount();
  }

  /** Skin that is shown shines a little. */
  @Test
  void aBodyInAMagazineIsHighlighted() {
    assertThat(codes(needs("editorial", face(5, Service.BODY)))).contains("highlighter");
    assertThat(codes(needs("editorial", face(5, Service.BASE)))).doesNotContain("highlighter");
  }

  private static List<Need> needs(String kind, Face... faces) {
    Booking booking =
        new Booking(
            UUID.randomUUID(),
            "job",
            Code.of(KindOfWork.class, kind),
            FIRST,
            FIRST,
            Set.of(),
            null,
            List.of(faces));
    return Needs.of(booking, HouseRules.USUAL);
  }

  private static Need one(List<Need> needs, String code) {
    return needs.stream().filter(need -> need.code().code().equals(code)).findFirst().orElseThrow();
  }

  private static Set<String> codes(List<Need> needs) {
    return needs.stream().map(need -> need.code().code()).collect(Collectors.toSet());
  }
}
