package gerula.app.archive;

import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Reading a workspace from a file over HTTP. */
@RestController
class ArchiveController {

  private final WorkspaceImport imports;

  ArchiveController(WorkspaceImport imports) {
    this.imports = imports;
  }

  /**
   * @param asIfToday whether every date is moved so that the archive was written today
   */
  record ReadArchive(
      @NotNull UUID actId, boolean asIfToday, @NotNull @Valid WorkspaceArchive archive) {}

  @PostMapping("/api/workspace/archive")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void read(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ReadArchive asked) {
    imports.read(who, asked.actId(), asked.archive(), asked.asIfToday());
  }
}
