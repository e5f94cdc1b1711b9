package gerula.app.shade;

import static gerula.app.shade.ToldColour.rounded;

import gerula.app.platform.web.Facts;
import gerula.core.shade.Lab;
import gerula.core.shade.carry.FaceColour;
import gerula.core.shade.carry.Recipe;
import gerula.core.shade.carry.Shade;
import gerula.core.shade.carry.ShadesToCarry;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The calculator of the fewest shades that meet every face. */
@RestController
class CarryController {

  /**
   * @param shades at most 64
   * @param faces at most 200
   * @param limit greatest difference at which a face is met, inclusive; 2 where it is left out
   */
  record AskCarry(List<ToldShade> shades, List<ToldFace> faces, @Nullable BigDecimal limit) {}

  /**
   * @param massG 0 or more
   * @param mixer whether it only shifts others: never alone, at most three tenths
   */
  record ToldShade(String id, ToldColour colour, BigDecimal massG, boolean mixer) {}

  /** A face to be met. */
  record ToldFace(String id, ToldColour colour) {}

  /**
   * @param carry ids of the shades, in the order in which they were told
   * @param recipes a mix of those for each face that can be met
   * @param holes the other faces, each with the nearest mix of all shades
   * @param optimal whether nothing better exists
   */
  record CarryAnswer(
      List<String> carry, List<RecipeView> recipes, List<RecipeView> holes, boolean optimal) {}

  /**
   * @param deltaE to four decimals; null where there are no shades at all
   */
  record RecipeView(String face, List<Recipe.RecipePart> parts, @Nullable BigDecimal deltaE) {
    static RecipeView of(Recipe recipe) {
      return new RecipeView(
          recipe.face(),
          recipe.parts(),
          Double.isInfinite(recipe.deltaE()) ? null : rounded(recipe.deltaE(), 4));
    }
  }

  private record Asked(List<Shade> shades, List<FaceColour> faces, double limit) {}

  @PostMapping("/api/calc/shades-to-carry")
  CarryAnswer carry(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskCarry.class)))
          @RequestBody
          JsonNode asked) {
    Asked all = Facts.read(asked, CarryController::read);
    ShadesToCarry answer = ShadesToCarry.of(all.shades(), all.faces(), all.limit());
    return new CarryAnswer(
        answer.carry(),
        answer.recipes().stream().map(RecipeView::of).toList(),
        answer.holes().stream().map(RecipeView::of).toList(),
        answer.isOptimal());
  }

  private static Optional<Asked> read(Facts facts) {
    facts.required("shades", Optional::of);
    facts.required("faces", Optional::of);
    Set<String> ids = new HashSet<>();
    List<Shade> shades = facts.list("shades", ShadesToCarry.MOST_SHADES, part -> shade(part, ids));
    Set<String> faceIds = new HashSet<>();
    List<FaceColour> faces =
        facts.list("faces", ShadesToCarry.MOST_FACES, part -> face(part, faceIds));
    double limit =
        facts.number("limit").map(BigDecimal::doubleValue).orElse(ShadesToCarry.USUAL_LIMIT);
    facts
        .faults()
        .unless(limit >= 0, "limit", "out-of-range", "A limit is 0 or more. Send such a one.");
    return Optional.of(new Asked(shades, faces, limit));
  }

  private static Optional<Shade> shade(Facts facts, Set<String> known) {
    Optional<String> id = facts.ownId(known);
    Optional<Lab> colour = ToldColour.in(facts, "colour");
    Optional<BigDecimal> mass = facts.required("massG", facts::number);
    boolean isMixer = facts.flag("mixer");
    if (id.isEmpty() || colour.isEmpty()) {
      return Optional.empty();
    }
    return mass.flatMap(
        grams ->
            facts
                .faults()
                .build(
                    facts.at("massG"),
                    () -> new Shade(id.get(), colour.get(), grams.doubleValue(), isMixer)));
  }

  private static Optional<FaceColour> face(Facts facts, Set<String> known) {
    Optional<String> id = facts.ownId(known);
    Optional<Lab> colour = ToldColour.in(facts, "colour");
    return id.flatMap(name -> colour.map(lab -> new FaceColour(name, lab)));
  }
}
