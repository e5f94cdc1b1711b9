package gerula.app.packing.travel;

import gerula.app.platform.web.Facts;
import gerula.core.packing.travel.TravelCheck;
import gerula.core.packing.travel.TravelKind;
import gerula.core.packing.travel.TravelPiece;
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

/** What may go by air; the carrier decides. */
@RestController
class TravelController {

  private static final int MOST_PIECES = 5000;

  /**
   * @param containerMl what its container holds when it is full: of liquids, creams, aerosols,
   *     powders and toiletries
   * @param leftMl what is in it; counts for nothing
   * @param massG with its container: of toiletries
   * @param wattHours of batteries
   * @param bladeMm from the pivot: of scissors
   * @param toiletry whether it is a medicinal or toiletry article; null: no
   */
  record AskedPiece(
      String id,
      TravelKind kind,
      @Nullable BigDecimal containerMl,
      @Nullable BigDecimal leftMl,
      @Nullable BigDecimal massG,
      @Nullable BigDecimal wattHours,
      @Nullable BigDecimal bladeMm,
      @Nullable Boolean toiletry) {}

  /**
   * @param pieces at most 5,000
   */
  record AskTravel(List<AskedPiece> pieces) {}

  /**
   * The one bag of liquids in the cabin.
   *
   * @param ml of all containers of at most 100 ml
   */
  record Lags(double ml, int limitMl, boolean fits) {}

  record TravelAnswer(
      List<TravelCheck.PieceCheck> pieces,
      Lags lags,
      TravelCheck.Toiletries toiletries,
      TravelCheck.SpareBatteries spareBatteries) {}

  @PostMapping("/api/calc/travel")
  TravelAnswer travel(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskTravel.class)))
          @RequestBody
          JsonNode asked) {
    TravelCheck check = Facts.read(asked, TravelController::read);
    return new TravelAnswer(
        check.pieces(),
        new Lags(check.liquids().ml(), TravelCheck.LIQUIDS_ML, check.liquids().fits()),
        check.toiletries(),
        check.spares());
  }

  private static Optional<TravelCheck> read(Facts facts) {
    facts.required("pieces", Optional::of);
    Set<String> known = new HashSet<>();
    List<TravelPiece> pieces = facts.list("pieces", MOST_PIECES, part -> piece(part, known));
    return facts.faults().found().isEmpty()
        ? Optional.of(TravelCheck.of(pieces))
        : Optional.empty();
  }

  private static Optional<TravelPiece> piece(Facts facts, Set<String> known) {
    Optional<String> id = facts.ownId(known);
    Optional<TravelKind> kind = facts.required("kind", name -> facts.code(name, TravelKind.class));
    @Nullable Double container = measure(facts, "containerMl");
    measure(facts, "leftMl");
    @Nullable Double mass = measure(facts, "massG");
    @Nullable Double power = measure(facts, "wattHours");
    @Nullable Double blade = measure(facts, "bladeMm");
    boolean isToiletry = facts.flag("toiletry");
    if (id.isEmpty() || kind.isEmpty()) {
      return Optional.empty();
    }
    TravelPiece piece =
        new TravelPiece(id.get(), kind.get(), container, mass, power, blade, isToiletry);
    piece
        .missing()
        .forEach(
            one ->
                facts
                    .faults()
                    .unless(
                        false,
                        facts.at(one.field()),
                        "missing",
                        "Such a piece cannot be judged without this. Measure it."));
    return Optional.of(piece);
  }

  private static @Nullable Double measure(Facts facts, String name) {
    Optional<BigDecimal> told = facts.number(name);
    boolean isFine =
        told.isEmpty()
            || (told.get().signum() >= 0
                && told.get().compareTo(BigDecimal.valueOf(1_000_000)) <= 0);
    facts
        .faults()
        .unless(isFine, facts.at(name), "out-of-range", "This lies between 0 and 1,000,000.");
    return isFine ? told.map(BigDecimal::doubleValue).orElse(null) : null;
  }
}
