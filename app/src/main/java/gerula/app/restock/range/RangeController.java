package gerula.app.restock.range;

import gerula.app.kit.Kit;
import gerula.app.kit.KitRecords.ItemSheet;
import gerula.app.ledger.Answers;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.restock.range.RangeViews.RangeView;
import gerula.app.restock.range.RangeViews.TrialView;
import gerula.app.restock.range.Trials.Verdict;
import gerula.core.kit.KindOfWork;
import gerula.core.restock.range.KitPurpose;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the kit lacks for its work, and what it has twice, over HTTP. */
@RestController
class RangeController {

  private final KitRange range;
  private final Trials trials;
  private final Kit kit;
  private final Answers answers;

  RangeController(KitRange range, Trials trials, Kit kit, Answers answers) {
    this.range = range;
    this.trials = trials;
    this.kit = kit;
    this.answers = answers;
  }

  /**
   * @param until the last day of it; null: a month
   */
  record BeginTrial(@NotNull UUID actId, @Nullable LocalDate until) {}

  record EndTrial(
      @NotNull UUID actId, @NotNull(message = "Say whether it is good.") Verdict verdict) {}

  /**
   * @param discontinued whether it is no longer made
   */
  record Discontinue(@NotNull UUID actId, boolean discontinued) {}

  /**
   * @param work kinds of work the kit is there for; none: those of the bookings
   * @param lightest skin depth it is there for, 1 to 10; null: that of the bookings
   * @param deepest skin depth it is there for, 1 to 10; null: that of the bookings
   */
  @GetMapping("/api/range")
  RangeView range(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam(required = false) @Nullable List<KindOfWork> work,
      @RequestParam(required = false) @Nullable Double lightest,
      @RequestParam(required = false) @Nullable Double deepest) {
    KitPurpose usual = range.usual(who);
    KitPurpose purpose =
        Faults.built(
            "deepest",
            () ->
                new KitPurpose(
                    work == null || work.isEmpty() ? usual.kinds() : Set.copyOf(work),
                    lightest == null ? usual.lightest() : lightest,
                    deepest == null ? usual.deepest() : deepest));
    return range.of(who, purpose);
  }

  /** What is on trial, what ends first in front. */
  @GetMapping("/api/trials")
  List<TrialView> trials(@AuthenticationPrincipal SignedIn who) {
    return range.trials(who);
  }

  @PostMapping("/api/items/{id}/trial")
  ItemSheet begin(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody BeginTrial asked) {
    return done(who, asked.actId(), id, () -> trials.begin(who, asked.actId(), id, asked.until()));
  }

  @PostMapping("/api/items/{id}/trial/end")
  ItemSheet end(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody EndTrial asked) {
    return done(who, asked.actId(), id, () -> trials.end(who, asked.actId(), id, asked.verdict()));
  }

  @PostMapping("/api/items/{id}/discontinued")
  ItemSheet discontinue(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody Discontinue asked) {
    return done(
        who,
        asked.actId(),
        id,
        () -> trials.discontinue(who, asked.actId(), id, asked.discontinued()));
  }

  private ItemSheet done(SignedIn who, UUID act, UUID item, Runnable work) {
    return answers.once(who, act, work, () -> kit.sheet(who, item));
  }
}
