package gerula.core.depot.empties;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.depot.Content;
import gerula.core.depot.Thickness;
import gerula.core.depot.empties.FitReason.Verdict;
import gerula.core.kit.item.Container;
import gerula.core.kit.product.Form;
import gerula.core.rule.Code;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class ContainerFitTest {

  /**
   * Every form as it usually is in every container, of polyethylene: common practice. F fits, c
   * with caution, - not. Columns: squeeze bottle, dropper, pump, fine spray; screw jar, clam; loose
   * pan, magnetic palette, open wells; tilt-spout bottle, sifter jar; divided tray.
   */
  private static final String CELLS =
      """
      pressed-powder             ---- -- FF- -- -
      loose-powder               ---- c- --- FF -
      cream                      ---- FF FFF -- -
      setting-cream              ---- FF --- -- -
      liquid-pump-or-squeeze     FFF- c- --- -- -
      liquid-dip-applicator      FFF- c- --- -- -
      mascara                    ---- -- --- -- -
      lipstick-bullet            ---- FF FFF -- -
      stick                      ---- FF FFF -- -
      sharpenable-pencil         ---- -- --- -- -
      twist-up-pencil            ---- -- --- -- -
      felt-tip-pen               ---- -- --- -- -
      balm                       ---- FF FF- -- -
      thin-spray                 cccF -- --- -- -
      sticky-spray               ---c -- --- -- -
      aerosol                    ---- -- --- -- -
      alcohol-activated-palette  ---- -- ccF -- -
      water-activated-paint      ---- -- ccF -- -
      adhesive                   ---- -- --- -- -
      latex-or-silicone          ---- -- --- -- -
      lashes                     ---- -- --- -- F
      brush-synthetic            ---- -- --- -- -
      brush-natural              ---- -- --- -- -
      brush-duo-fibre            ---- -- --- -- -
      foam-sponge                ---- -- --- -- -
      single-use                 ---- -- --- -- F
      fabric-puff                ---- -- --- -- -
      metal-tool                 ---- -- --- -- -
      sharpener                  ---- -- --- -- -
      electrical-tool            ---- -- --- -- -
      textile                    ---- -- --- -- -
      medicated-drops            ---- -- --- -- -
      other                      cccc cc ccc cc c
      """;

  static Stream<Arguments> cells() {
    Map<String, String> rows =
        CELLS
            .lines()
            .collect(
                Collectors.toMap(
                    row -> row.split(" ")[0],
                    row -> row.replaceFirst("\\S+", "").replace(" ", "")));
    assertThat(rows).hasSize(Form.values().length);
    return Arrays.stream(Form.values()).map(form -> Arguments.of(form, rows.get(form.code())));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("cells")
  void everyFormGoesWhereTheTradePutsIt(Form form, String row) {
    String told =
        Arrays.stream(Container.values())
            .map(container -> fit(Content.usual(form), container).verdict())
            .map(
                verdict ->
                    Map.of(Verdict.FITS, "F", Verdict.CAUTION, "c").getOrDefault(verdict, "-"))
            .collect(Collectors.joining());
    assertThat(told).isEqualTo(row);
  }

  @ParameterizedTest
  @CsvSource({
    // thickness decides which bottle a liquid goes into
    "liquid-pump-or-squeeze, thin, dropper-bottle, fits, seals",
    "liquid-pump-or-squeeze, thick, dropper-bottle, no, too-thick",
    "liquid-pump-or-squeeze, thick, pointed-squeeze-bottle, caution, slow-to-fill",
    "liquid-pump-or-squeeze, thick, pump-bottle, caution, thick-for-the-nozzle",
    "liquid-pump-or-squeeze, thin, pump-bottle, fits, made-for-it",
    "liquid-pump-or-squeeze, thin, screw-jar, no, too-thin",
    "liquid-dip-applicator, thick, screw-jar, fits, seals",
    "liquid-dip-applicator, medium, open-well-palette, no, not-leak-proof",
    "cream, thin, open-well-palette, no, too-thin",
    "cream, thick, open-well-palette, fits, holds-its-shape",
    "cream, thick, pump-bottle, no, too-thick",
    "balm, thick, open-well-palette, no, melts-and-runs",
    "sticky-spray, thin, fine-spray-bottle, caution, clogs-the-nozzle",
    "sticky-spray, thin, pointed-squeeze-bottle, no, sticks",
    "loose-powder, medium, open-well-palette, no, spills-loose-powder",
    "setting-cream, thick, open-well-palette, no, dries-out",
    "aerosol, thin, fine-spray-bottle, no, never-decanted",
  })
  void theReasonIsTold(
      String form, String thickness, String container, String verdict, String reason) {
    ContainerFit fit = fit(content(form, thickness, "", null), Code.of(Container.class, container));
    assertThat(fit.verdict().code()).isEqualTo(verdict);
    assertThat(fit.reasons()).extracting(FitReason::code).contains(reason);
  }

  @ParameterizedTest
  @CsvSource({
    "cream, glitter, loose-magnetic-pan, no, glitter-escapes",
    "cream, glitter, screw-jar, fits, seals",
    "loose-powder, glitter, sifter-jar, no, glitter-escapes",
    "cream, setting, magnetic-palette, no, dries-out",
    "cream, setting, sealed-clam, fits, seals",
    "liquid-pump-or-squeeze, setting, pump-bottle, no, dries-out",
    "liquid-pump-or-squeeze, setting, dropper-bottle, fits, seals",
    "liquid-pump-or-squeeze, sunscreen, pump-bottle, caution, sunscreen-is-better-in-its-pack",
    "liquid-pump-or-squeeze, sterile, dropper-bottle, no, sterile",
    "cream, solvent, loose-magnetic-pan, no, evaporates",
  })
  void whatTheProductIsLikeCounts(
      String form, String trait, String container, String verdict, String reason) {
    ContainerFit fit =
        fit(content(form, "medium", trait, null), Code.of(Container.class, container));
    assertThat(fit.verdict().code()).isEqualTo(verdict);
    assertThat(fit.reasons()).extracting(FitReason::code).contains(reason);
  }

  @ParameterizedTest
  @CsvSource({
    "70, acrylic, fits",
    "90, acrylic, fits",
    "90.1, acrylic, no",
    "99, metal, no",
    "99, glass, caution",
    "99, polyethylene, caution",
  })
  void strongAlcoholCloudsAcrylicAndIsLabelled(double percent, String material, String verdict) {
    Content alcohol = content("thin-spray", "thin", "", percent);
    ContainerFit fit =
        ContainerFit.of(alcohol, Container.FINE_SPRAY_BOTTLE, Code.of(Material.class, material));
    assertThat(fit.verdict().code()).isEqualTo(verdict);
    assertThat(fit.reasons().contains(FitReason.LABEL_AS_FLAMMABLE)).isEqualTo(percent > 90);
    assertThat(fit.reasons().contains(FitReason.EVAPORATES_SLOWLY)).isEqualTo(percent > 90);
  }

  @Test
  void weakAlcoholEvaporatesFromWhatDoesNotSeal() {
    Content toner = content("liquid-pump-or-squeeze", "thin", "", 40.0);
    assertThat(fit(toner, Container.PUMP_BOTTLE).reasons())
        .containsExactly(FitReason.EVAPORATES_SLOWLY);
    assertThat(fit(toner, Container.DROPPER_BOTTLE).verdict()).isEqualTo(Verdict.FITS);
    Content weaker = content("liquid-pump-or-squeeze", "thin", "", 39.9);
    assertThat(fit(weaker, Container.PUMP_BOTTLE).verdict()).isEqualTo(Verdict.FITS);
  }

  @ParameterizedTest
  @EnumSource(Form.class)
  void everyVerdictIsThatOfItsWorstReason(Form form) {
    for (Container container : Container.values()) {
      for (String trait : List.of("", "setting", "glitter", "sunscreen", "solvent", "sterile")) {
        ContainerFit plain = fit(content(form.code(), "medium", "", null), container);
        ContainerFit fit = fit(content(form.code(), "medium", trait, null), container);
        assertThat(fit.reasons()).isNotEmpty().doesNotHaveDuplicates();
        assertThat(fit.verdict()).isEqualTo(fit.reasons().getFirst().verdict());
        assertThat(fit.verdict()).isGreaterThanOrEqualTo(plain.verdict());
        assertThat(fit.reasons()).isSortedAccordingTo((a, b) -> b.verdict().compareTo(a.verdict()));
      }
    }
  }

  @Test
  void alcoholBeyondAHundredPercentIsRefused() {
    assertThatThrownBy(() -> content("thin-spray", "thin", "", 100.5))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("100.5");
  }

  private static ContainerFit fit(Content content, Container container) {
    return ContainerFit.of(content, container, Material.POLYETHYLENE);
  }

  private static Content content(
      String form, String thickness, String trait, @Nullable Double alcohol) {
    return new Content(
        Code.of(Form.class, form),
        Code.of(Thickness.class, thickness),
        trait.equals("setting"),
        trait.equals("glitter"),
        trait.equals("sunscreen"),
        trait.equals("solvent"),
        trait.equals("sterile"),
        alcohol);
  }
}
