package gerula.app.invariant;

import gerula.app.invariant.KitCheck.Mended;
import gerula.app.ledger.Answers;
import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Looking a whole kit through for what cannot be, over HTTP. */
@RestController
class KitCheckController {

  private final KitCheck check;
  private final Answers answers;

  KitCheckController(KitCheck check, Answers answers) {
    this.check = check;
    this.answers = answers;
  }

  /** Looks through the whole kit. */
  record CheckKit(@NotNull UUID actId) {}

  /**
   * @param mended what was found and put right within the last two weeks, the newest first
   */
  record KitCheckView(List<Mended> mended) {}

  @GetMapping("/api/workspace/check")
  KitCheckView lately(@AuthenticationPrincipal SignedIn who) {
    return new KitCheckView(check.lately(who));
  }

  /** Looks through the whole kit and puts right what cannot be. */
  @PostMapping("/api/workspace/check")
  KitCheckView now(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody CheckKit asked) {
    return answers.once(
        who,
        asked.actId(),
        () -> check.now(who, asked.actId()),
        () -> new KitCheckView(check.lately(who)));
  }
}
