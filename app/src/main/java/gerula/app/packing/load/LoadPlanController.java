package gerula.app.packing.load;

import gerula.app.platform.limits.HeavyWork;
import gerula.app.platform.web.Facts;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.packing.load.Load;
import gerula.core.packing.load.LoadEffort;
import gerula.core.packing.load.LoadLevels;
import gerula.core.packing.load.LoadObstacle;
import gerula.core.packing.load.LoadPlan;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The calculator of load plans. */
@RestController
class LoadPlanController {

  private final HeavyWork heavy;

  LoadPlanController(HeavyWork heavy) {
    this.heavy = heavy;
  }

  /**
   * Lengths in mm from inside, 1 to 10,000.
   *
   * @param usableShare of the volume, above 0 and up to 1; null: 0.85
   * @param allowed sections that may lie here; none: any
   * @param reach when it is opened, 1 first
   * @param person whose things alone may lie here; null: anybody's
   */
  record AskedCompartment(
      String id,
      int widthMm,
      int depthMm,
      int heightMm,
      @Nullable BigDecimal usableShare,
      @Nullable List<String> allowed,
      @Nullable Boolean sealed,
      @Nullable Integer reach,
      @Nullable String person) {}

  /**
   * @param greatestMassG with all it holds; null: without a limit
   * @param compartments at most 300 in all bags
   */
  record AskedBag(
      String id,
      @Nullable BigDecimal ownMassG,
      @Nullable BigDecimal greatestMassG,
      List<AskedCompartment> compartments) {}

  /**
   * Lengths in mm from outside, 1 to 10,000.
   *
   * @param value of one that is not required
   * @param orientation any, upright, flat or long; null: any
   * @param rigid null: yes
   * @param usual the compartment it usually lies in
   * @param companionOf the piece without which it is useless
   * @param openedFirst its rank when things are set up, 1 first
   * @param pinned the compartment it has to lie in
   */
  record AskedPiece(
      String id,
      int widthMm,
      int depthMm,
      int heightMm,
      BigDecimal massG,
      @Nullable String section,
      @Nullable Boolean required,
      @Nullable BigDecimal value,
      @Nullable String orientation,
      @Nullable Boolean rigid,
      @Nullable Boolean wet,
      @Nullable String group,
      @Nullable String usual,
      @Nullable String companionOf,
      @Nullable Integer openedFirst,
      @Nullable String person,
      @Nullable String pinned) {}

  /**
   * @param pieces at most 2,000
   * @param timeLimitMs 1 to 60,000; null: 2,000
   * @param seed of what is drawn by chance; null: 1
   */
  record AskLoad(
      List<AskedBag> bags,
      List<AskedPiece> pieces,
      @Nullable Integer timeLimitMs,
      @Nullable Integer seed) {}

  /** Where a piece lies, in mm from the left front lower corner; measures as it lies. */
  record PlacedAnswer(
      String piece,
      String compartment,
      @Schema(name = "xMm") int xMm,
      @Schema(name = "yMm") int yMm,
      @Schema(name = "zMm") int zMm,
      int widthMm,
      int depthMm,
      int heightMm) {}

  record LeftAnswer(String piece, LoadObstacle because) {}

  /**
   * @param requiredLeft so many stay at least
   * @param value so much comes at most
   * @param splitCompanions so many are parted at least
   */
  record BoundsAnswer(int requiredLeft, double value, int splitCompanions) {}

  /**
   * @param optimal whether it is proved that no plan is better
   * @param stopped whether the time was over before the search had ended
   */
  record LoadAnswer(
      List<PlacedAnswer> placed,
      List<LeftAnswer> left,
      LoadLevels levels,
      BoundsAnswer bounds,
      boolean optimal,
      boolean stopped) {

    static LoadAnswer of(LoadPlan plan) {
      return new LoadAnswer(
          plan.placed().stream()
              .map(
                  one ->
                      new PlacedAnswer(
                          one.piece(),
                          one.compartment(),
                          one.xMm(),
                          one.yMm(),
                          one.zMm(),
                          one.widthMm(),
                          one.depthMm(),
                          one.heightMm()))
              .toList(),
          plan.left().stream().map(one -> new LeftAnswer(one.piece(), one.because())).toList(),
          plan.levels(),
          new BoundsAnswer(
              plan.bounds().requiredLeft(), plan.bounds().value(), plan.bounds().splitCompanions()),
          plan.isOptimal(),
          plan.isStopped());
    }
  }

  /** What is planned, and what may be spent on it. */
  record Asked(Load load, LoadEffort effort) {}

  @PostMapping("/api/calc/load-plan")
  LoadAnswer plan(
      @AuthenticationPrincipal SignedIn who,
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskLoad.class)))
          @RequestBody
          JsonNode told) {
    Asked asked = Facts.read(told, facts -> AskedLoad.read(facts, told));
    return LoadAnswer.of(
        heavy.inTurn(who, HeavyWork.Length.SHORT, () -> asked.load().plan(asked.effort())));
  }
}
