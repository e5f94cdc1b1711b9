package gerula.app.kit.item;

import gerula.app.platform.workspace.SignedIn;
import gerula.core.kit.item.DiscardCause;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One act for several items: all of them or none. */
@RestController
class ManyItemsController {

  private static final int MOST = 2000;

  private final Using using;
  private final Discarding discarding;

  ManyItemsController(Using using, Discarding discarding) {
    this.using = using;
    this.discarding = discarding;
  }

  /**
   * @param items 1 to 2000, none of them open yet
   * @param openedOn the day they were opened, as it really was; not in the future
   */
  record OpenItems(
      @NotNull UUID actId,
      @NotEmpty(message = "Choose at least one item.") @Size(max = MOST) List<@NotNull UUID> items,
      @NotNull(message = "Say on which day they were opened.") LocalDate openedOn) {}

  /**
   * @param items 1 to 2000
   */
  record DiscardItems(
      @NotNull UUID actId,
      @NotEmpty(message = "Choose at least one item.") @Size(max = MOST) List<@NotNull UUID> items,
      @NotNull(message = "Say why they go.") DiscardCause cause) {}

  /**
   * @param items 1 to 2000, single brushes
   * @param brushSet the name of the set they make; empty takes them out of the sets they are of
   */
  record MakeBrushSet(
      @NotNull UUID actId,
      @NotEmpty(message = "Choose at least one item.") @Size(max = MOST) List<@NotNull UUID> items,
      @NotNull(message = "Say what the set is called, or leave it empty.")
          @Size(max = 40, message = "A set's name has at most 40 characters.")
          String brushSet) {}

  @PostMapping("/api/kit/brush-set")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void makeBrushSet(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody MakeBrushSet asked) {
    using.makeBrushSet(who, asked.actId(), asked.items(), asked.brushSet().strip());
  }

  @PostMapping("/api/kit/opened")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void opened(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody OpenItems asked) {
    using.openedMany(who, asked.actId(), asked.items(), asked.openedOn());
  }

  @PostMapping("/api/kit/discard")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void discard(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody DiscardItems asked) {
    discarding.discardMany(who, asked.actId(), asked.items(), asked.cause());
  }
}
