package gerula.app.ledger;

import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Undoing any act. */
@RestController
class UndoController {

  private final Ledger ledger;

  UndoController(Ledger ledger) {
    this.ledger = ledger;
  }

  /** An act that needs nothing but its own id. */
  record JustDo(@NotNull UUID actId) {}

  @PostMapping("/api/ledger/{undone}/undo")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void undo(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID undone,
      @Valid @RequestBody JustDo asked) {
    ledger.undo(who, undone, asked.actId());
  }
}
