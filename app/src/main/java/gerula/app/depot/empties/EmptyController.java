package gerula.app.depot.empties;

import gerula.app.depot.empties.EmptyStore.StoredEmpty;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.depot.empties.UsualEmpties;
import gerula.core.kit.item.Container;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
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

/** Empties over HTTP. Volumes ml, masses g, lengths mm. */
@RestController
class EmptyController {

  private final Empties empties;

  EmptyController(Empties empties) {
    this.empties = empties;
  }

  /** A kind of empties. */
  record EmptyView(UUID id, int version, EmptyDraft empty) {

    static EmptyView of(StoredEmpty stored) {
      return new EmptyView(stored.id(), stored.version(), stored.draft());
    }
  }

  /**
   * @param kinds of which there are or were some
   * @param usual kinds of the trade of which there never were any; weights and measures estimated
   */
  record EmptyList(List<EmptyView> kinds, List<EmptyDraft> usual) {}

  /** A new kind, its id made by the client. */
  record AddEmpty(@NotNull UUID actId, @NotNull UUID id, @NotNull @Valid EmptyDraft empty) {}

  /** A kind as it shall be, and the version that was read. */
  record EditEmpty(@NotNull UUID actId, int version, @NotNull @Valid EmptyDraft empty) {}

  /** How many there are. */
  record CountEmpty(
      @NotNull UUID actId,
      @Min(value = 0, message = "There are 0 to 9999 of them.")
          @Max(value = 9999, message = "There are 0 to 9999 of them.")
          int stock) {}

  @GetMapping("/api/empties")
  EmptyList all(@AuthenticationPrincipal SignedIn who) {
    List<StoredEmpty> kinds = empties.all(who);
    return new EmptyList(
        kinds.stream().map(EmptyView::of).toList(),
        UsualEmpties.all().stream()
            .map(EmptyController::draft)
            .filter(usual -> kinds.stream().noneMatch(kind -> isSameKind(kind.draft(), usual)))
            .toList());
  }

  private static boolean isSameKind(EmptyDraft one, EmptyDraft other) {
    return one.container() == other.container() && one.sizeMl().compareTo(other.sizeMl()) == 0;
  }

  private static EmptyDraft draft(UsualEmpties.EmptyKind kind) {
    BigDecimal size = BigDecimal.valueOf(kind.size().ml()).stripTrailingZeros();
    return new EmptyDraft(
        name(kind.container(), size),
        kind.container(),
        kind.material(),
        new BigDecimal(size.toPlainString()),
        BigDecimal.valueOf(kind.tare().grams()),
        kind.outer().widthMm(),
        kind.outer().depthMm(),
        kind.outer().heightMm(),
        0);
  }

  private static String name(Container container, BigDecimal size) {
    String word = container.code().replace('-', ' ');
    return Character.toUpperCase(word.charAt(0))
        + word.substring(1)
        + " "
        + size.toPlainString()
        + " ml";
  }

  @PostMapping("/api/empties")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody AddEmpty asked) {
    empties.add(who, asked.actId(), asked.id(), asked.empty());
  }

  @PutMapping("/api/empties/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void edit(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody EditEmpty asked) {
    empties.edit(who, asked.actId(), id, asked.version(), asked.empty());
  }

  @PostMapping("/api/empties/{id}/count")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void count(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody CountEmpty asked) {
    empties.count(who, asked.actId(), id, asked.stock());
  }
}
