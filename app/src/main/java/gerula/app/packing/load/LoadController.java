package gerula.app.packing.load;

import gerula.app.booking.LoadDraft;
import gerula.app.packing.load.LoadRecords.BagsNeeded;
import gerula.app.packing.load.LoadRecords.FitsThere;
import gerula.app.packing.load.LoadRecords.LoadView;
import gerula.app.packing.load.LoadRuns.LoadRun;
import gerula.app.platform.paper.PaperFormat;
import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The load plan of a booking over HTTP. */
@RestController
class LoadController {

  private final BookingLoads loads;
  private final LoadRuns runs;

  LoadController(BookingLoads loads, LoadRuns runs) {
    this.loads = loads;
    this.runs = runs;
  }

  /**
   * @param run by which one looks on; made by whoever asks
   */
  record PlanLoad(@NotNull UUID actId, @NotNull UUID run) {}

  /**
   * @param compartment null: anywhere
   */
  record PinPiece(
      @NotNull UUID actId,
      @NotNull(message = "Say which item.") UUID item,
      @Nullable @Pattern(regexp = LoadDraft.SPOT) String compartment) {}

  record MovePiece(
      @NotNull UUID actId,
      @NotNull(message = "Say which item.") UUID item,
      @NotNull(message = "Say where to.") @Pattern(regexp = LoadDraft.SPOT) String compartment) {}

  record CloseRoom(
      @NotNull UUID actId,
      @NotNull(message = "Say which compartment.") @Pattern(regexp = LoadDraft.SPOT)
          String compartment,
      boolean closed) {}

  record TakeBag(@NotNull UUID actId, @NotNull(message = "Say which bag.") UUID place) {}

  /**
   * @param into a place of another bag; null: back where it belongs
   */
  record CarryPart(
      @NotNull UUID actId, @NotNull(message = "Say which part.") UUID part, @Nullable UUID into) {}

  @GetMapping("/api/bookings/{id}/load")
  LoadView load(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return loads.view(who, id);
  }

  /** Plans it anew; the artist packs by it, nothing is moved in the kit. */
  @PostMapping("/api/bookings/{id}/load/plan")
  LoadView plan(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody PlanLoad asked) {
    return loads.plan(who, asked.actId(), id, asked.run());
  }

  @PostMapping("/api/bookings/{id}/load/pin")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void pin(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody PinPiece asked) {
    loads.pin(who, asked.actId(), id, asked.item(), asked.compartment());
  }

  @PostMapping("/api/bookings/{id}/load/move")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void move(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody MovePiece asked) {
    loads.move(who, asked.actId(), id, asked.item(), asked.compartment());
  }

  @PostMapping("/api/bookings/{id}/load/close")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void close(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody CloseRoom asked) {
    loads.close(who, asked.actId(), id, asked.compartment(), asked.closed());
  }

  @PostMapping("/api/bookings/{id}/load/take-bag")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeBag(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody TakeBag asked) {
    loads.take(who, asked.actId(), id, asked.place());
  }

  /** Takes a part off its bag, with all it holds, and puts it into another. */
  @PostMapping("/api/bookings/{id}/load/carry")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void carry(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody CarryPart asked) {
    loads.carry(who, asked.actId(), id, asked.part(), asked.into());
  }

  /** What speaks against an item somewhere else, as everything is planned. */
  @GetMapping("/api/bookings/{id}/load/fits")
  FitsThere fits(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @RequestParam UUID item,
      @RequestParam @Pattern(regexp = LoadDraft.SPOT) String compartment) {
    return new FitsThere(loads.obstacle(who, id, item, compartment).orElse(null));
  }

  /** The fewest bags that hold everything that has to come, of those the lightest. */
  @GetMapping("/api/bookings/{id}/load/bags-needed")
  BagsNeeded needed(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return loads.needed(who, id);
  }

  /** The plan on paper: a page for each bag. */
  @GetMapping(path = "/api/bookings/{id}/load/print", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> print(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @RequestParam(defaultValue = "a4") PaperFormat paper) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"gerula-bags.pdf\"")
        .body(loads.print(who, id, paper));
  }

  /** How far a search is. */
  @GetMapping("/api/load-runs/{run}")
  LoadRun run(@AuthenticationPrincipal SignedIn who, @PathVariable UUID run) {
    return runs.find(who.workspace(), run);
  }

  /** Ends a search: it answers with the best so far. */
  @DeleteMapping("/api/load-runs/{run}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void stop(@AuthenticationPrincipal SignedIn who, @PathVariable UUID run) {
    runs.stop(who.workspace(), run);
  }
}
