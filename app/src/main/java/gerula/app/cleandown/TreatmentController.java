package gerula.app.cleandown;

import gerula.app.platform.web.Facts;
import gerula.core.cleandown.Contact;
import gerula.core.cleandown.treatment.Caution;
import gerula.core.cleandown.treatment.Incident;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Outcome;
import gerula.core.cleandown.treatment.Step;
import gerula.core.cleandown.treatment.Treated;
import gerula.core.cleandown.treatment.Treatment;
import gerula.core.cleandown.treatment.TreatmentFinding;
import gerula.core.kit.product.Form;
import gerula.core.rule.BrushPractice;
import gerula.core.rule.BulletPractice;
import gerula.core.rule.FeltPractice;
import gerula.core.rule.PencilPractice;
import gerula.core.rule.PowderPractice;
import gerula.core.rule.Practices;
import gerula.core.rule.PracticesBuilder;
import gerula.core.rule.SoftPencilPractice;
import gerula.core.rule.SpongePractice;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The calculator of treatments. */
@RestController
class TreatmentController {

  /**
   * A house's practices; those that are missing are the usual ones.
   *
   * @param sprayPercent % by volume, 1 to 100
   */
  record AskedPractices(
      @Nullable PowderPractice powder,
      @Nullable PencilPractice pencil,
      @Nullable SoftPencilPractice softTwistUp,
      @Nullable FeltPractice felt,
      @Nullable BulletPractice bullet,
      @Nullable SpongePractice sponge,
      @Nullable BrushPractice brushes,
      @Nullable Integer sprayPercent) {}

  /**
   * @param event what happened beside, null for nothing
   * @param hard of a twist-up pencil
   * @param dense of a brush
   * @param lipProduct whether it is for lips
   * @param gun of an electrical tool: an airbrush
   */
  record AskTreatment(
      Form form,
      Contact.How how,
      Moment moment,
      @Nullable Incident event,
      @Nullable Boolean hard,
      @Nullable Boolean dense,
      @Nullable Boolean lipProduct,
      @Nullable Boolean gun,
      @Nullable AskedPractices house) {}

  /**
   * @param readyAfterMinutes waits added up, handwork not counted; null where it is not used again
   */
  record TreatmentAnswer(
      Outcome outcome,
      List<Step> steps,
      @Nullable Integer readyAfterMinutes,
      List<TreatmentFinding> findings,
      List<Caution> cautions) {}

  @PostMapping("/api/calc/treatment")
  TreatmentAnswer treatment(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskTreatment.class)))
          @RequestBody
          JsonNode asked) {
    Treatment found = Facts.read(asked, TreatmentController::found);
    return new TreatmentAnswer(
        found.outcome(),
        found.steps(),
        found.readyAfterMinutes(),
        found.findings(),
        found.cautions());
  }

  private static Optional<Treatment> found(Facts facts) {
    Optional<Form> form = facts.required("form", name -> facts.code(name, Form.class));
    Optional<Contact.How> how = facts.required("how", name -> facts.code(name, Contact.How.class));
    Optional<Moment> moment = facts.required("moment", name -> facts.code(name, Moment.class));
    Optional<Incident> incident = facts.code("event", Incident.class);
    boolean isHard = facts.flag("hard");
    boolean isDense = facts.flag("dense");
    boolean isForLips = facts.flag("lipProduct");
    boolean isGun = facts.flag("gun");
    Optional<Practices> house =
        facts.isTold("house")
            ? facts.object("house", TreatmentController::house)
            : Optional.of(Practices.USUAL);
    if (form.isEmpty() || how.isEmpty() || moment.isEmpty() || house.isEmpty()) {
      return Optional.empty();
    }
    Optional<Treatment> treatment =
        Treatment.of(
            new Treated(
                form.get(),
                how.get(),
                moment.get(),
                incident.orElse(null),
                isHard,
                isDense,
                isForLips,
                isGun,
                house.get()));
    facts
        .faults()
        .unless(
            treatment.isPresent(),
            "how",
            "no-such-use",
            "Nothing of this form is used in this way. Say how it was used, or of what form it is.");
    return treatment;
  }

  private static Optional<Practices> house(Facts facts) {
    Practices usual = Practices.USUAL;
    PowderPractice powder = facts.code("powder", PowderPractice.class).orElse(usual.powder());
    PencilPractice pencil = facts.code("pencil", PencilPractice.class).orElse(usual.pencil());
    SoftPencilPractice soft =
        facts.code("softTwistUp", SoftPencilPractice.class).orElse(usual.softTwistUp());
    FeltPractice felt = facts.code("felt", FeltPractice.class).orElse(usual.felt());
    BulletPractice bullet = facts.code("bullet", BulletPractice.class).orElse(usual.bullet());
    SpongePractice sponge = facts.code("sponge", SpongePractice.class).orElse(usual.sponge());
    BrushPractice brushes = facts.code("brushes", BrushPractice.class).orElse(usual.brushes());
    int spray = facts.whole("sprayPercent").orElse(usual.sprayPercent());
    return facts
        .faults()
        .build(
            facts.at("sprayPercent"),
            () ->
                PracticesBuilder.builder(usual)
                    .powder(powder)
                    .pencil(pencil)
                    .softTwistUp(soft)
                    .felt(felt)
                    .bullet(bullet)
                    .sponge(sponge)
                    .brushes(brushes)
                    .sprayPercent(spray)
                    .build());
  }
}
