package gerula.app.depot.palette;

import gerula.app.depot.palette.Palettes.PaletteLine;
import gerula.app.depot.palette.Palettes.PaletteView;
import gerula.app.ledger.Answers;
import gerula.app.platform.workspace.SignedIn;
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
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Palettes and trays over HTTP. Lengths mm. */
@RestController
class PaletteController {

  private final Answers answers;
  private final Palettes palettes;

  PaletteController(Palettes palettes, Answers answers) {
    this.answers = answers;
    this.palettes = palettes;
  }

  /**
   * @param slot from 1
   */
  record PutIntoSlot(
      @NotNull UUID actId, @NotNull(message = "Choose the item.") UUID item, int slot) {}

  /**
   * @param to where it lies meanwhile
   * @param person whom it is for, empty when that is nobody's business
   */
  record LiftOut(
      @NotNull UUID actId,
      @NotNull(message = "Say where it goes.") UUID to,
      @NotNull @Size(max = 80, message = "A name has at most 80 characters.") String person) {}

  /** Everything in order. */
  record SortTray(@NotNull UUID actId) {}

  @GetMapping("/api/palettes")
  List<PaletteLine> all(@AuthenticationPrincipal SignedIn who) {
    return palettes.all(who);
  }

  @GetMapping("/api/palettes/{place}")
  PaletteView one(@AuthenticationPrincipal SignedIn who, @PathVariable UUID place) {
    return palettes.one(who, place);
  }

  @PostMapping("/api/palettes/{place}/put")
  PaletteView put(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID place,
      @Valid @RequestBody PutIntoSlot asked) {
    return answers.once(
        who,
        asked.actId(),
        () -> palettes.put(who, asked.actId(), place, asked.item(), asked.slot()),
        () -> palettes.one(who, place));
  }

  @PostMapping("/api/palettes/{place}/sort")
  PaletteView sort(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID place,
      @Valid @RequestBody SortTray asked) {
    return answers.once(
        who,
        asked.actId(),
        () -> palettes.sort(who, asked.actId(), place),
        () -> palettes.one(who, place));
  }

  @PostMapping("/api/items/{id}/lift-out")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void lift(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody LiftOut asked) {
    palettes.lift(who, asked.actId(), id, asked.to(), asked.person());
  }
}
