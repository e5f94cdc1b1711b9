package gerula.app.archive;

import gerula.app.platform.limits.HeavyWork;
import gerula.app.platform.web.MadeFile;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A whole workspace as a file over HTTP. */
@RestController
class ArchiveController {

  private final WorkspaceImport imports;
  private final WorkspaceExport exports;
  private final HeavyWork heavy;
  private final WorkspaceTime time;

  ArchiveController(
      WorkspaceImport imports, WorkspaceExport exports, HeavyWork heavy, WorkspaceTime time) {
    this.heavy = heavy;
    this.imports = imports;
    this.exports = exports;
    this.time = time;
  }

  /** The file itself is the body, see docs/formats/workspace.md. */
  @PostMapping(path = "/api/workspace/archive", consumes = MediaType.APPLICATION_JSON_VALUE)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void read(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam UUID actId,
      @RequestParam(defaultValue = "false") boolean asIfToday,
      HttpServletRequest request)
      throws IOException {
    heavy.inTurn(
        who,
        HeavyWork.Length.LONG,
        () -> {
          imports.read(who, actId, request::getInputStream, asIfToday);
          return true;
        });
  }

  @GetMapping(path = "/api/workspace/archive", produces = MediaType.APPLICATION_JSON_VALUE)
  void write(@AuthenticationPrincipal SignedIn who, HttpServletResponse response)
      throws IOException {
    try (MadeFile file = heavy.inTurn(who, HeavyWork.Length.LONG, () -> exports.make(who))) {
      file.send(
          response,
          MediaType.APPLICATION_JSON_VALUE,
          "gerula-workspace-" + time.today(who) + ".json");
    }
  }
}
