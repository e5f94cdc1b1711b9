package gerula.app.dates;

import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.dates.TypedDates;
import gerula.core.dates.TypedDates.Meant;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Dates as people type them, over HTTP. */
@RestController
class TypedDateController {

  private final Workspaces workspaces;
  private final WorkspaceTime time;

  TypedDateController(Workspaces workspaces, WorkspaceTime time) {
    this.workspaces = workspaces;
    this.time = time;
  }

  /**
   * @param date the day that is meant, null when what was typed is no date
   */
  record ReadDate(@Nullable LocalDate date) {}

  /**
   * Reads a date in the order of the workspace: 3/26, mar 26, 12.3.26, last month, sat, in 3 days.
   *
   * @param meant a month began on its first day and ends on its last; a day of work is never a
   *     month
   */
  @GetMapping("/api/read-date")
  ReadDate read(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam @Size(max = 60) String text,
      @RequestParam Meant meant) {
    return workspaces.read(
        who.workspace(),
        () ->
            new ReadDate(
                new TypedDates(time.today(), time.dateOrder(), meant)
                    .readAlone(text)
                    .orElse(null)));
  }
}
