package gerula.app.depot.lineage;

import gerula.app.depot.lineage.Recalls.LineageView;
import gerula.app.depot.lineage.Recalls.RecallView;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.dates.UseBy;
import gerula.core.depot.lineage.Refill;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What was filled from what, over HTTP. Amounts in the unit of the product. */
@RestController
class LineageController {

  private final Decants decants;
  private final Refills refills;
  private final Recalls recalls;

  LineageController(Decants decants, Refills refills, Recalls recalls) {
    this.decants = decants;
    this.refills = refills;
    this.recalls = recalls;
  }

  /**
   * @param newItem id of the filled container, made by the client
   * @param place where it belongs from now on, null for its source's home
   * @param slot one of the place's equal slots, from 1
   * @param sourceTo where the source goes, null to leave it
   * @param openedOn to be told when the source was sealed until now
   */
  record Decant(
      @NotNull UUID actId,
      @NotNull UUID newItem,
      @NotNull(message = "Say what it is filled with.") UUID source,
      @NotNull(message = "Say which empty is filled.") UUID empty,
      @NotNull(message = "Say how much goes in.") BigDecimal amount,
      @Nullable UUID place,
      @Nullable @Min(1) @Max(500) Integer slot,
      @Nullable UUID sourceTo,
      @Nullable LocalDate openedOn) {}

  /**
   * @param wash whether the container is emptied and washed first
   * @param openedOn to be told when the source was sealed until now
   */
  record FillAgain(
      @NotNull UUID actId,
      @NotNull(message = "Say what it is filled with.") UUID source,
      @NotNull(message = "Say how much goes in.") BigDecimal amount,
      boolean wash,
      @Nullable LocalDate openedOn) {}

  /** Emptied, washed, and back among the empties. */
  record WashOut(@NotNull UUID actId) {}

  /**
   * @param items what is recalled; what holds something of it goes along
   * @param discard whether all of it is discarded; otherwise it is marked contaminated
   */
  record TakeOut(
      @NotNull UUID actId,
      @NotEmpty(message = "Choose the items.") @Size(max = 2000) List<@NotNull UUID> items,
      boolean discard) {}

  /**
   * How a container is best filled again.
   *
   * @param source null when nothing can be filled from
   * @param sealed whether the source is opened by it
   * @param washFirst why it is washed first, empty when it may be topped up
   * @param lastDayToppedUp its last day when it is topped up
   * @param lastDayWashed its last day when it is washed and filled anew
   */
  record RefillView(
      @Nullable UUID source,
      boolean sealed,
      @Nullable BigDecimal amount,
      List<Refill.WashReason> washFirst,
      @Nullable LocalDate lastDayToppedUp,
      @Nullable LocalDate lastDayWashed) {

    static final RefillView NONE = new RefillView(null, false, null, List.of(), null, null);

    static RefillView of(Refill refill) {
      UseBy toppedUp = refill.toppedUp();
      return new RefillView(
          refill.source().id(),
          refill.source().isSealed(),
          refill.amount().amount(),
          refill.washFirst().stream().sorted().toList(),
          toppedUp.lastDay(),
          refill.washed().lastDay());
    }
  }

  @PostMapping("/api/decants")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void decant(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody Decant asked) {
    decants.decant(
        who,
        asked.actId(),
        new Decants.Decanting(
            asked.newItem(),
            asked.source(),
            asked.empty(),
            asked.amount(),
            asked.place(),
            asked.slot(),
            asked.sourceTo(),
            asked.openedOn()));
  }

  @GetMapping("/api/items/{id}/lineage")
  LineageView lineage(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return recalls.lineage(who, id);
  }

  @GetMapping("/api/items/{id}/refill")
  RefillView refill(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return refills.proposed(who, id).map(RefillView::of).orElse(RefillView.NONE);
  }

  @PostMapping("/api/items/{id}/refill")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void fillAgain(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody FillAgain asked) {
    refills.refill(
        who,
        asked.actId(),
        id,
        new Refills.Filling(asked.source(), asked.amount(), asked.wash(), asked.openedOn()));
  }

  @PostMapping("/api/items/{id}/wash-out")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void washOut(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody WashOut asked) {
    refills.washAway(who, asked.actId(), id);
  }

  @GetMapping("/api/recall")
  RecallView recall(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam(required = false) @Nullable UUID item,
      @RequestParam(required = false) @Nullable UUID product,
      @RequestParam(required = false) @Nullable String batch) {
    return recalls.find(who, item, product, batch);
  }

  @PostMapping("/api/recall")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeOut(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody TakeOut asked) {
    recalls.takeOut(who, asked.actId(), asked.items(), asked.discard());
  }
}
