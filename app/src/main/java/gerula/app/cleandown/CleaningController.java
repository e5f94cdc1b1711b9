package gerula.app.cleandown;

import gerula.app.cleandown.CleaningActs.Movement;
import gerula.app.cleandown.CleaningRecords.CleaningView;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Outcome;
import gerula.core.cleandown.treatment.Step;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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

/** Cleaning, between two faces and after the job, over HTTP. */
@RestController
class CleaningController {

  private static final int MOST_AT_ONCE = 500;

  private final Cleaning cleaning;
  private final CleaningActs acts;
  private final BagActs bags;

  CleaningController(Cleaning cleaning, CleaningActs acts, BagActs bags) {
    this.cleaning = cleaning;
    this.acts = acts;
    this.bags = bags;
  }

  /**
   * Movements that were done, or a wait that is seen to be over.
   *
   * @param steps in order
   * @param items to which; none for worktop and hands
   * @param bags to which; left out: to none
   * @param booking at which, null at none
   * @param face after which, null after the job
   */
  record StepDone(
      @NotNull UUID actId,
      @NotNull(message = "Say whether it is between two faces or after the job.") Moment moment,
      @NotEmpty(message = "Say what was done.") @Size(max = 20, message = "At most 20 steps.")
          List<@NotNull Step> steps,
      @NotNull @Size(max = MOST_AT_ONCE, message = "At most 500 items at once.")
          List<@NotNull UUID> items,
      @Nullable @Size(max = MOST_AT_ONCE, message = "At most 500 bags at once.")
          List<@NotNull UUID> bags,
      @Nullable UUID booking,
      @Nullable UUID face) {}

  /**
   * What became of things that are not used on others again.
   *
   * @param outcome one-person, give-away, quarantine or discard
   */
  record Ended(
      @NotNull UUID actId,
      @NotNull(message = "Say what becomes of it.") Outcome outcome,
      @NotEmpty(message = "Say of what.")
          @Size(max = MOST_AT_ONCE, message = "At most 500 items at once.")
          List<@NotNull UUID> items) {}

  /** That a face is made up. */
  record FaceDone(@NotNull UUID actId) {}

  /**
   * What is to be cleaned between two faces.
   *
   * @param from the face that is done
   * @param next the face that comes; left out: nobody knows, and everything is cleaned
   * @param seconds there are for it, 0 to 86,400; left out: nobody knows
   */
  @GetMapping("/api/bookings/{booking}/turnover")
  CleaningView betweenFaces(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID booking,
      @RequestParam UUID from,
      @RequestParam @Nullable UUID next,
      @RequestParam @Nullable @Min(0) @Max(86_400) Integer seconds) {
    return cleaning.betweenFaces(who, booking, from, next, seconds);
  }

  /** Everything of the kit that is to be cleaned. */
  @GetMapping("/api/clean-down")
  CleaningView afterTheJob(@AuthenticationPrincipal SignedIn who) {
    return cleaning.afterTheJob(who);
  }

  @PostMapping("/api/treatments")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void step(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody StepDone done) {
    List<UUID> bags = done.bags() == null ? List.of() : done.bags();
    boolean isBeside = done.steps().stream().allMatch(Step::isBeside);
    new Faults()
        .unless(
            isBeside || !done.items().isEmpty() || !bags.isEmpty(),
            "items",
            "missing",
            "Say to what it was done.")
        .refuseIfAny();
    acts.step(
        who,
        done.actId(),
        new Movement(done.moment(), done.steps(), done.items(), bags, done.booking(), done.face()));
  }

  /** That a bag was used. */
  record BagUsed(@NotNull UUID actId) {}

  /** A bag is to be cleaned, though it was on no job. */
  @PostMapping("/api/places/{id}/used")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void bagUsed(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody BagUsed asked) {
    bags.isUsed(who, asked.actId(), id);
  }

  @PostMapping("/api/treatments/end")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody Ended ended) {
    new Faults()
        .unless(
            !ended.outcome().isReusable(),
            "outcome",
            "no-ending",
            "Say whether it is kept for one person, given away, quarantined or discarded.")
        .refuseIfAny();
    acts.end(who, ended.actId(), ended.outcome(), ended.items());
  }

  @PostMapping("/api/bookings/{booking}/faces/{face}/done")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void faceDone(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID booking,
      @PathVariable UUID face,
      @Valid @RequestBody FaceDone asked) {
    acts.faceDone(who, asked.actId(), booking, face);
  }
}
