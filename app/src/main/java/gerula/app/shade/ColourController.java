package gerula.app.shade;

import static gerula.app.shade.ToldColour.rounded;

import com.fasterxml.jackson.annotation.JsonProperty;
import gerula.app.platform.web.Facts;
import gerula.app.shade.ToldColour.LabView;
import gerula.core.shade.ColourDifference;
import gerula.core.shade.Lab;
import gerula.core.shade.Mixing;
import gerula.core.shade.SkinClass;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The calculators of a colour, of two, and of what comes of mixing them. */
@RestController
class ColourController {

  /** Two colours. */
  record AskDifference(ToldColour a, ToldColour b) {}

  /**
   * @param deltaE by CIEDE2000 with all weights 1, to four decimals
   */
  record DifferenceAnswer(BigDecimal deltaE, LabView a, LabView b) {}

  /** A colour of skin. */
  record AskSkinClass(ToldColour colour) {}

  /**
   * @param itaDegrees the individual typology angle, to two decimals
   */
  record SkinClassAnswer(BigDecimal itaDegrees, @JsonProperty("class") SkinClass skinClass) {}

  /**
   * @param parts two or three, ten tenths together; one has all ten
   */
  record AskMix(List<MixPart> parts) {}

  /**
   * @param tenths 1 to 10
   */
  record MixPart(ToldColour colour, int tenths) {}

  /**
   * @param srgb as a screen shows it, #rrggbb
   * @param estimate always true: the eye decides at the jaw
   */
  record MixAnswer(LabView lab, String srgb, boolean estimate) {}

  private record Two(Lab a, Lab b) {}

  @PostMapping("/api/calc/colour-difference")
  DifferenceAnswer difference(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskDifference.class)))
          @RequestBody
          JsonNode asked) {
    Two two =
        Facts.read(
            asked,
            facts -> {
              Optional<Lab> a = ToldColour.in(facts, "a");
              Optional<Lab> b = ToldColour.in(facts, "b");
              return a.flatMap(one -> b.map(other -> new Two(one, other)));
            });
    return new DifferenceAnswer(
        rounded(ColourDifference.between(two.a(), two.b()), 4),
        LabView.of(two.a()),
        LabView.of(two.b()));
  }

  @PostMapping("/api/calc/skin-class")
  SkinClassAnswer skinClass(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskSkinClass.class)))
          @RequestBody
          JsonNode asked) {
    Lab colour = Facts.read(asked, ColourController::skin);
    return new SkinClassAnswer(rounded(SkinClass.angleOf(colour), 2), SkinClass.of(colour));
  }

  private static Optional<Lab> skin(Facts facts) {
    Optional<Lab> colour = ToldColour.in(facts, "colour");
    colour.ifPresent(
        lab ->
            facts
                .faults()
                .unless(
                    lab.b() > 0,
                    "colour",
                    "not-a-skin-colour",
                    "No skin has this colour: it is blue or grey. Measure it again."));
    return colour;
  }

  @PostMapping("/api/calc/mix")
  MixAnswer mix(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskMix.class)))
          @RequestBody
          JsonNode asked) {
    Lab mixed = Facts.read(asked, ColourController::mixed);
    return new MixAnswer(LabView.of(mixed), mixed.toSrgb(), true);
  }

  private static Optional<Lab> mixed(Facts facts) {
    facts.required("parts", name -> Optional.of(name));
    List<Mixing.Part> parts = facts.list("parts", 3, ColourController::part);
    return facts.faults().found().isEmpty()
        ? facts.faults().build("parts", () -> Mixing.of(parts))
        : Optional.empty();
  }

  private static Optional<Mixing.Part> part(Facts facts) {
    Optional<Lab> colour = ToldColour.in(facts, "colour");
    Optional<Integer> tenths = facts.required("tenths", facts::whole);
    return colour.flatMap(
        lab ->
            tenths.flatMap(
                many ->
                    facts.faults().build(facts.at("tenths"), () -> new Mixing.Part(lab, many))));
  }
}
