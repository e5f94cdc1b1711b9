package gerula.app.restock;

import gerula.app.platform.workspace.SignedIn;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What runs short, over HTTP. */
@RestController
class RunningShortController {

  private final RunningShort running;

  RunningShortController(RunningShort running) {
    this.running = running;
  }

  /**
   * @param again a booking that comes once more, in thought only; null: as it is planned
   * @param from on which day it begins then; null: on the day after its last one
   */
  @GetMapping("/api/running-short")
  RunningShort.RunningShortView all(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam(required = false) @Nullable UUID again,
      @RequestParam(required = false) @Nullable LocalDate from) {
    return again == null ? running.of(who) : running.ifAgain(who, again, from);
  }
}
