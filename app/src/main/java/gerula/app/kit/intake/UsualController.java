package gerula.app.kit.intake;

import gerula.app.kit.intake.UsualRecords.AddUsual;
import gerula.app.kit.intake.UsualRecords.UsualAdded;
import gerula.app.kit.intake.UsualRecords.UsualList;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.kit.KindOfWork;
import jakarta.validation.Valid;
import java.util.Set;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The usual kit, to tick what one has. */
@RestController
class UsualController {

  private final Usuals usuals;

  UsualController(Usuals usuals) {
    this.usuals = usuals;
  }

  /** What is usual for any of these kinds of work; for all of them where none is named. */
  @GetMapping("/api/kit/usual")
  UsualList usual(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam(defaultValue = "") Set<KindOfWork> work) {
    return usuals.of(who, work);
  }

  /** Adds what was ticked, all of it or nothing, as one act. */
  @PostMapping("/api/kit/usual")
  UsualAdded add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody AddUsual asked) {
    return usuals.add(who, asked);
  }
}
