package gerula.app.cleandown;

import gerula.app.platform.web.Facts;
import gerula.core.cleandown.Dilution;
import gerula.core.cleandown.Strength;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The calculator of dilutions. */
@RestController
class DilutionController {

  /**
   * @param stockPercent by volume, above 0, at most 100
   * @param targetPercent at most the stock's
   * @param finalMl above 0, at most 10,000
   */
  record AskDilution(BigDecimal stockPercent, BigDecimal targetPercent, BigDecimal finalMl) {}

  /**
   * @param stockMl to a tenth
   * @param waterMl the rest of the wanted amount
   * @param inEffectiveRange whether the target is 60 to 90 %
   * @param popularRulePercent what "70 parts and 30 parts of water" gives with this stock
   */
  record DilutionAnswer(
      BigDecimal stockMl,
      BigDecimal waterMl,
      boolean inEffectiveRange,
      BigDecimal popularRulePercent,
      List<Dilution.Finding> findings) {}

  @PostMapping("/api/calc/dilution")
  DilutionAnswer dilution(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskDilution.class)))
          @RequestBody
          JsonNode asked) {
    Dilution mixed = Facts.read(asked, DilutionController::mixed);
    return new DilutionAnswer(
        mixed.stockMl(),
        mixed.waterMl(),
        mixed.isInEffectiveRange(),
        mixed.popularRulePercent(),
        mixed.findings());
  }

  private static Optional<Dilution> mixed(Facts facts) {
    Optional<Strength> stock = strength(facts, "stockPercent");
    Optional<Strength> target = strength(facts, "targetPercent");
    Optional<BigDecimal> total =
        facts
            .required("finalMl", facts::number)
            .flatMap(
                ml -> facts.faults().build(facts.at("finalMl"), () -> Dilution.requireAmount(ml)));
    if (stock.isEmpty() || target.isEmpty()) {
      return Optional.empty();
    }
    Optional<Boolean> weaker =
        facts
            .faults()
            .build(
                facts.at("targetPercent"),
                () -> {
                  Dilution.requireWeaker(stock.get(), target.get());
                  return true;
                });
    return weaker.flatMap(_ -> total).map(ml -> Dilution.of(stock.get(), target.get(), ml));
  }

  private static Optional<Strength> strength(Facts facts, String name) {
    return facts
        .required(name, facts::number)
        .flatMap(percent -> facts.faults().build(facts.at(name), () -> new Strength(percent)));
  }
}
