package gerula.app.depot.empties;

import gerula.app.depot.AskTraits;
import gerula.app.depot.ContentFacts;
import gerula.app.platform.web.Facts;
import gerula.core.depot.empties.ContainerFit;
import gerula.core.depot.empties.FitReason;
import gerula.core.depot.empties.Material;
import gerula.core.kit.item.Container;
import gerula.core.kit.product.Form;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The calculator of what may go into what. */
@RestController
class ContainerFitController {

  /**
   * @param material of the container; polyethylene when left out
   */
  record AskContainerFit(
      Form form, @Nullable AskTraits traits, Container container, @Nullable Material material) {}

  /**
   * @param reasons the worst first
   */
  record ContainerFitAnswer(FitReason.Verdict verdict, List<FitReason> reasons) {}

  @PostMapping("/api/calc/container-fit")
  ContainerFitAnswer containerFit(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskContainerFit.class)))
          @RequestBody
          JsonNode asked) {
    ContainerFit fit = Facts.read(asked, ContainerFitController::fit);
    return new ContainerFitAnswer(fit.verdict(), fit.reasons());
  }

  private static Optional<ContainerFit> fit(Facts facts) {
    Optional<gerula.core.depot.Content> content = ContentFacts.of(facts);
    Optional<Container> container =
        facts.required("container", name -> facts.code(name, Container.class));
    Optional<Material> material = facts.code("material", Material.class);
    return content.flatMap(
        what ->
            container.map(
                into -> ContainerFit.of(what, into, material.orElse(Material.POLYETHYLENE))));
  }
}
