package gerula.app.booking;

import gerula.app.platform.web.Facts;
import gerula.core.booking.Concern;
import gerula.core.booking.Condition;
import gerula.core.booking.Face;
import gerula.core.booking.Hair;
import gerula.core.booking.Need;
import gerula.core.booking.NeedReason;
import gerula.core.booking.Needs;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.booking.Travel;
import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.Trait;
import gerula.core.rule.BrushPractice;
import gerula.core.rule.Reason;
import gerula.core.shade.Undertone;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The calculator of what a booking needs, whatever kit there is. */
@RestController
class NeedsController {

  /**
   * @param kind null as long as nobody said
   * @param callTime HH:MM; from before 06:00 on it counts as an early call
   * @param travel null as long as nobody said
   * @param house null: what most houses do
   */
  record AskNeeds(
      @Nullable KindOfWork kind,
      LocalDate firstDay,
      LocalDate lastDay,
      @Nullable String callTime,
      List<Condition> conditions,
      @Nullable Travel travel,
      List<ToldFace> faces,
      @Nullable ToldHouse house) {}

  /** A face; what is left out is not known. */
  record ToldFace(
      String id,
      @Nullable String name,
      BigDecimal depth,
      @Nullable Undertone undertone,
      @Nullable Hair hair,
      @Nullable SkinType skinType,
      @Nullable Map<String, SkinType> zones,
      List<Concern> concerns,
      @Nullable ToldSensitivities sensitivities,
      List<Service> services,
      @Nullable List<LocalDate> daysPresent,
      @Nullable Integer looksPerDay) {}

  /**
   * @param askedOn null: nobody has asked, and then none known says nothing
   */
  record ToldSensitivities(List<String> known, @Nullable LocalDate askedOn) {}

  /** Rules of the house that change the needs. */
  record ToldHouse(
      @Nullable Integer reservePercent,
      @Nullable BrushPractice brushes,
      @Nullable Integer wands,
      boolean liftsPowder,
      boolean restsHandOnPuff) {}

  /** In the order of the work. */
  record NeedsAnswer(List<NeedView> needs) {}

  /**
   * @param code a class, or a family and a role: "moisturiser", "eyes:matte-light"
   * @param face whose need it is; null where it is of several or shared
   * @param amount in the unit; of what is shared how many have to be there
   * @param unit ml, g, piece or shared
   * @param withReserve the amount with the house's reserve
   * @param because codes of what brought it, with the subject behind a colon
   */
  record NeedView(
      String code,
      @Nullable String face,
      BigDecimal amount,
      String unit,
      BigDecimal withReserve,
      List<Trait> must,
      List<Trait> should,
      List<Trait> mustNot,
      List<String> because) {}

  @PostMapping("/api/calc/needs")
  NeedsAnswer needs(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskNeeds.class)))
          @RequestBody
          JsonNode asked) {
    AskedNeeds all = Facts.read(asked, AskedNeeds::read);
    return new NeedsAnswer(
        Needs.of(all.booking(), all.house()).stream().map(need -> view(need, all.ids())).toList());
  }

  private static NeedView view(Need need, Map<UUID, String> ids) {
    Face face = need.face();
    return new NeedView(
        need.code().code(),
        face == null ? null : ids.get(face.id()),
        figure(need.amount()),
        unit(need.amount()),
        figure(need.withReserve()),
        need.must().stream().sorted().toList(),
        need.should().stream().sorted().toList(),
        need.mustNot().stream().sorted().toList(),
        need.reasons().stream().map(NeedsController::because).distinct().toList());
  }

  private static BigDecimal figure(Need.Amount amount) {
    return switch (amount) {
      case Need.Shared shared -> BigDecimal.valueOf(shared.pieces());
      case Need.Measured measured ->
          BigDecimal.valueOf(measured.thousandths(), 3).stripTrailingZeros();
      case Need.Counted counted -> BigDecimal.valueOf(counted.pieces());
    };
  }

  private static String unit(Need.Amount amount) {
    return switch (amount) {
      case Need.Shared _ -> "shared";
      case Need.Measured measured -> measured.unit().code();
      case Need.Counted _ -> "piece";
    };
  }

  private static String because(Reason reason) {
    return reason.code()
        + switch ((NeedReason) reason) {
          case NeedReason.ForService one -> ":" + one.service().code();
          case NeedReason.ToChooseFrom one -> ":" + one.service().code();
          case NeedReason.CountedForService one -> ":" + one.service().code();
          case NeedReason.InCondition one -> ":" + one.condition().code();
          case NeedReason.ForWork one -> ":" + one.kind().code();
          case NeedReason.ForTravel one -> ":" + one.travel().code();
          case NeedReason.ForSkin one -> ":" + one.skinType().code();
          case NeedReason.ForConcern one -> ":" + one.concern().code();
          case NeedReason.ForHair one -> ":" + one.hair().code();
          case NeedReason.InLook one -> one.isExact() ? ":exactly" : ":as-a-guide";
          case NeedReason.CountedPerFace _, NeedReason.EveryJob _, NeedReason.Reserve _ -> "";
        };
  }
}
