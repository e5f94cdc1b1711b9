package gerula.app.cleandown;

import gerula.app.cleandown.Deciding.Verdict;
import gerula.app.cleandown.RunEnds.RunEndView;
import gerula.app.platform.web.Visible;
import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Deciding about what is suspected, and about what was one face's, over HTTP. */
@RestController
class DecisionController {

  private final Deciding deciding;
  private final RunEnds runs;

  DecisionController(Deciding deciding, RunEnds runs) {
    this.deciding = deciding;
    this.runs = runs;
  }

  /**
   * What is decided, and why.
   *
   * @param reason stands in the history
   */
  record Decision(
      @NotNull UUID actId,
      @NotNull(message = "Say what is decided.") Verdict verdict,
      @NotEmpty(message = "Say about what.")
          @Size(max = 500, message = "At most 500 items at once.")
          List<@NotNull UUID> items,
      @Visible(message = "Say why: it stands in the history.")
          @Size(max = 200, message = "A reason has at most 200 characters.")
          String reason) {}

  @PostMapping("/api/items/decide")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void decide(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody Decision asked) {
    deciding.decide(who, asked.actId(), asked.verdict(), asked.items(), asked.reason());
  }

  /** What was kept for one face whose last booking is over, those first that ended first. */
  @GetMapping("/api/run-ends")
  List<RunEndView> runEnds(@AuthenticationPrincipal SignedIn who) {
    return runs.all(who);
  }
}
