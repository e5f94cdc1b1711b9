package gerula.app.depot.bench;

import gerula.app.depot.bench.BenchRecords.BenchView;
import gerula.app.depot.bench.BenchRecords.SessionView;
import gerula.app.depot.bench.SessionStore.Mishap;
import gerula.app.ledger.Answers;
import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
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
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Sessions at the bench over HTTP. Every act carries an id made by the client. */
@RestController
class BenchController {

  private final Answers answers;
  private final Sessions sessions;
  private final SessionSteps steps;
  private final Working working;

  BenchController(Sessions sessions, SessionSteps steps, Working working, Answers answers) {
    this.answers = answers;
    this.sessions = sessions;
    this.steps = steps;
    this.working = working;
  }

  /**
   * @param id of the session, made by the client
   * @param wantedMonths between two refills, above 0 and up to 120
   * @param backStock the place packs go to once they are decanted, null to leave them
   * @param chosen at most 200 packs
   */
  record PlanSession(
      @NotNull UUID actId,
      @NotNull UUID id,
      @NotNull(message = "Say how many months between two refills.") BigDecimal wantedMonths,
      @Nullable UUID backStock,
      @NotNull @Size(max = 200, message = "At most 200 packs are planned at once.")
          List<@NotNull @Valid Chosen> chosen) {}

  /** The same changed, and the version that was read. */
  record ChangeSession(
      @NotNull UUID actId,
      int version,
      @NotNull(message = "Say how many months between two refills.") BigDecimal wantedMonths,
      @Nullable UUID backStock,
      @NotNull @Size(max = 200, message = "At most 200 packs are planned at once.")
          List<@NotNull @Valid Chosen> chosen) {}

  /** An act that needs nothing to be said. */
  record BenchAct(@NotNull UUID actId) {}

  /**
   * @param newItem id of the filled container, made by the client
   * @param amount that went in, in the unit of the product
   * @param openedOn to be told when the source was sealed until now
   */
  record FillPiece(
      @NotNull UUID actId,
      @NotNull UUID newItem,
      @NotNull(message = "Say how much went in.") BigDecimal amount,
      @Nullable UUID place,
      @Nullable @Min(1) @Max(500) Integer slot,
      @Nullable LocalDate openedOn) {}

  /**
   * @param lost what was spilt of the source, null for nothing
   */
  record TellMishap(
      @NotNull UUID actId,
      @NotNull(message = "Say what happened.") Mishap what,
      @Nullable BigDecimal lost) {}

  @GetMapping("/api/bench")
  BenchView bench(@AuthenticationPrincipal SignedIn who) {
    return sessions.bench(who);
  }

  @GetMapping("/api/bench/sessions")
  List<BenchRecords.SessionLine> lines(@AuthenticationPrincipal SignedIn who) {
    return sessions.lines(who);
  }

  @GetMapping("/api/bench/sessions/{id}")
  SessionView one(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return sessions.one(who, id);
  }

  @PostMapping("/api/bench/sessions")
  @ResponseStatus(HttpStatus.CREATED)
  SessionView plan(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody PlanSession asked) {
    return answers.once(
        who,
        asked.actId(),
        () ->
            sessions.add(
                who,
                asked.actId(),
                asked.id(),
                new Sessions.Draft(asked.wantedMonths(), asked.backStock(), asked.chosen())),
        () -> sessions.one(who, asked.id()));
  }

  @PutMapping("/api/bench/sessions/{id}")
  SessionView change(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody ChangeSession asked) {
    return done(
        who,
        asked.actId(),
        id,
        () ->
            sessions.change(
                who,
                asked.actId(),
                id,
                asked.version(),
                new Sessions.Draft(asked.wantedMonths(), asked.backStock(), asked.chosen())));
  }

  @PostMapping("/api/bench/sessions/{id}/give-up")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void giveUp(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody BenchAct asked) {
    sessions.giveUp(who, asked.actId(), id);
  }

  @PostMapping("/api/bench/sessions/{id}/begin")
  SessionView begin(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody BenchAct asked) {
    return done(who, asked.actId(), id, () -> steps.begin(who, asked.actId(), id));
  }

  @PostMapping("/api/bench/sessions/{id}/pause")
  SessionView pause(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody BenchAct asked) {
    return done(who, asked.actId(), id, () -> steps.pause(who, asked.actId(), id));
  }

  @PostMapping("/api/bench/sessions/{id}/resume")
  SessionView resume(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody BenchAct asked) {
    return done(who, asked.actId(), id, () -> steps.resume(who, asked.actId(), id));
  }

  @PostMapping("/api/bench/sessions/{id}/finish")
  SessionView finish(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody BenchAct asked) {
    return done(who, asked.actId(), id, () -> steps.finish(who, asked.actId(), id));
  }

  @PostMapping("/api/bench/sessions/{id}/pieces/{piece}/pick-up")
  SessionView pickUp(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @PathVariable UUID piece,
      @Valid @RequestBody BenchAct asked) {
    return done(who, asked.actId(), id, () -> working.pickUp(who, asked.actId(), id, piece));
  }

  @PostMapping("/api/bench/sessions/{id}/pieces/{piece}/fill")
  SessionView fill(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @PathVariable UUID piece,
      @Valid @RequestBody FillPiece asked) {
    return done(
        who,
        asked.actId(),
        id,
        () ->
            working.fill(
                who,
                asked.actId(),
                id,
                piece,
                new Working.Filled(
                    asked.newItem(),
                    asked.amount(),
                    asked.place(),
                    asked.slot(),
                    asked.openedOn())));
  }

  @PostMapping("/api/bench/sessions/{id}/pieces/{piece}/leave-out")
  SessionView leaveOut(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @PathVariable UUID piece,
      @Valid @RequestBody BenchAct asked) {
    return done(who, asked.actId(), id, () -> working.leaveOut(who, asked.actId(), id, piece));
  }

  @PostMapping("/api/bench/sessions/{id}/pieces/{piece}/mishap")
  SessionView mishap(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @PathVariable UUID piece,
      @Valid @RequestBody TellMishap asked) {
    return done(
        who,
        asked.actId(),
        id,
        () -> working.mishap(who, asked.actId(), id, piece, asked.what(), asked.lost()));
  }

  /** Does it once, and tells how the session stands. */
  private SessionView done(SignedIn who, UUID act, UUID session, Runnable work) {
    return answers.once(who, act, work, () -> sessions.one(who, session));
  }
}
