package gerula.app.cleandown;

import gerula.app.cleandown.Incidents.WouldBe;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.cleandown.treatment.Incident;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What happens to things beside their usual use, over HTTP. */
@RestController
class IncidentController {

  private static final int MOST_AT_ONCE = 500;

  private final Incidents incidents;

  IncidentController(Incidents incidents) {
    this.incidents = incidents;
  }

  /** What might have happened to things. */
  record TryIncident(
      @NotNull(message = "Say what happened.") Incident incident,
      @NotEmpty(message = "Say to what it happened.")
          @Size(max = MOST_AT_ONCE, message = "At most 500 items at once.")
          List<@NotNull UUID> items) {}

  /**
   * What happened to things.
   *
   * @param booking at which, null at none
   * @param face on whom, null where nobody was there
   */
  record ReportIncident(
      @NotNull UUID actId,
      @NotNull(message = "Say what happened.") Incident incident,
      @NotEmpty(message = "Say to what it happened.")
          @Size(max = MOST_AT_ONCE, message = "At most 500 items at once.")
          List<@NotNull UUID> items,
      @Nullable UUID booking,
      @Nullable UUID face) {}

  /** What would become of things; nothing is kept. */
  @PostMapping("/api/incidents/try")
  List<WouldBe> tryOut(
      @AuthenticationPrincipal SignedIn who, @Valid @RequestBody TryIncident asked) {
    return incidents.tryOut(who, asked.incident(), asked.items());
  }

  @PostMapping("/api/incidents")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void report(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ReportIncident asked) {
    incidents.report(
        who, asked.actId(), asked.incident(), asked.items(), asked.booking(), asked.face());
  }
}
