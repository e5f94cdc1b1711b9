package gerula.app.kit.declutter;

import gerula.app.kit.declutter.Declutter.WalkView;
import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Going through a place, over HTTP. */
@RestController
class DeclutterController {

  private final Declutter declutter;

  DeclutterController(Declutter declutter) {
    this.declutter = declutter;
  }

  /** It stays. */
  record Keep(@NotNull UUID actId) {}

  /**
   * @param to the store it goes to
   */
  record Retire(@NotNull UUID actId, @NotNull(message = "Say where it goes.") UUID to) {}

  @GetMapping("/api/places/{id}/walk")
  WalkView walk(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return declutter.walk(who, id);
  }

  @PostMapping("/api/items/{id}/keep")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keep(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody Keep asked) {
    declutter.keep(who, asked.actId(), id);
  }

  @PostMapping("/api/items/{id}/retire")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void retire(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody Retire asked) {
    declutter.retire(who, asked.actId(), id, asked.to());
  }
}
