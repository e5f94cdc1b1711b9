package gerula.app.cleandown;

import gerula.app.cleandown.Refilling.PouchesView;
import gerula.app.kit.place.SetContentDraft;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.kit.place.SetContent;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What pouches are to hold, and refilling them, over HTTP. */
@RestController
class RefillController {

  private final Refilling refilling;

  RefillController(Refilling refilling) {
    this.refilling = refilling;
  }

  /**
   * What a place is to hold from now on.
   *
   * @param setContents each kind of thing once, at most 40; none: nothing in particular
   */
  record ToHold(
      @NotNull UUID actId,
      @NotNull
          @Size(max = SetContent.MOST, message = "A place is to hold at most 40 kinds of items.")
          List<@NotNull @Valid SetContentDraft> setContents) {}

  /**
   * What to refill.
   *
   * @param places none: all that are to hold something
   */
  record RefillPouches(
      @NotNull UUID actId,
      @NotNull @Size(max = 200, message = "At most 200 pouches at once.")
          List<@NotNull UUID> places) {}

  /** All that are to hold something, and what they are short of. */
  @GetMapping("/api/pouches")
  PouchesView pouches(@AuthenticationPrincipal SignedIn who) {
    return refilling.pouches(who);
  }

  @PutMapping("/api/places/{id}/set-contents")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void toHold(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody ToHold asked) {
    new Faults()
        .unless(
            SetContentDraft.isClear(asked.setContents()),
            "setContents",
            "twice",
            "One kind of item stands there twice. Add the two numbers up.")
        .refuseIfAny();
    refilling.toHold(who, asked.actId(), id, SetContentDraft.contents(asked.setContents()));
  }

  @PostMapping("/api/pouches/refill")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void refillPouches(
      @AuthenticationPrincipal SignedIn who, @Valid @RequestBody RefillPouches asked) {
    refilling.refill(who, asked.actId(), asked.places());
  }
}
