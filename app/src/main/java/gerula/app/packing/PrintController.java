package gerula.app.packing;

import gerula.app.platform.limits.HeavyWork;
import gerula.app.platform.paper.PaperFormat;
import gerula.app.platform.workspace.SignedIn;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Bookings on paper, over HTTP. */
@RestController
class PrintController {

  private final Prints prints;
  private final HeavyWork heavy;

  PrintController(Prints prints, HeavyWork heavy) {
    this.prints = prints;
    this.heavy = heavy;
  }

  @GetMapping(path = "/api/bookings/{id}/print", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> print(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @RequestParam Prints.Print what,
      @RequestParam(defaultValue = "a4") PaperFormat paper) {
    byte[] pdf =
        heavy.inTurn(who, HeavyWork.Length.SHORT, () -> prints.print(who, id, what, paper));
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"gerula-" + what.code() + ".pdf\"")
        .body(pdf);
  }
}
