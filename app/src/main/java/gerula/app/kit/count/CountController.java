package gerula.app.kit.count;

import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Counting over HTTP. Ticks of a count are kept at once, so that it can be gone on with later. */
@RestController
class CountController {

  private final Counts counts;

  CountController(Counts counts) {
    this.counts = counts;
  }

  /**
   * @param id the count gets when none is open for the place, made by the client
   */
  record BeginCount(@NotNull UUID id) {}

  /**
   * @param seen whether it is there
   * @param counted how many or how much, null when it was only ticked
   */
  record SeeItem(@NotNull UUID item, boolean seen, @Nullable BigDecimal counted) {}

  /** Makes what was found the truth. */
  record SettleCount(@NotNull UUID actId) {}

  @PostMapping("/api/places/{place}/counts")
  Counts.CountView begin(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID place,
      @Valid @RequestBody BeginCount asked) {
    return counts.begin(who, place, asked.id());
  }

  @GetMapping("/api/counts/{id}")
  Counts.CountView view(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return counts.view(who, id);
  }

  @PostMapping("/api/counts/{id}/seen")
  Counts.CountView see(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody SeeItem asked) {
    return counts.see(who, id, asked.item(), asked.seen(), asked.counted());
  }

  @PostMapping("/api/counts/{id}/settle")
  Counts.CountView settle(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody SettleCount asked) {
    counts.settle(who, asked.actId(), id);
    return counts.view(who, id);
  }

  @DeleteMapping("/api/counts/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void giveUp(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    counts.giveUp(who, id);
  }
}
