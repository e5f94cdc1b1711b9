package gerula.app.cleandown;

import gerula.app.cleandown.CleaningRecord.Asked;
import gerula.app.platform.limits.HeavyWork;
import gerula.app.platform.paper.PaperFormat;
import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The record of cleaning, over HTTP. */
@RestController
class RecordController {

  private final RecordPrints prints;
  private final ClientCards cards;
  private final HeavyWork heavy;

  RecordController(RecordPrints prints, ClientCards cards, HeavyWork heavy) {
    this.prints = prints;
    this.cards = cards;
    this.heavy = heavy;
  }

  /**
   * What was recorded, as PDF.
   *
   * @param booking of which; left out: of all
   * @param item of which; left out: of all
   * @param from first day
   * @param until last day
   */
  @GetMapping(path = "/api/cleaning-record", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> print(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam @Nullable UUID booking,
      @RequestParam @Nullable UUID item,
      @RequestParam @Nullable LocalDate from,
      @RequestParam @Nullable LocalDate until,
      @RequestParam(defaultValue = "a4") PaperFormat paper) {
    Asked asked = new Asked(booking, item, from, until);
    return answer(
        "inline; filename=\"gerula-cleaning-record.pdf\"",
        heavy.inTurn(who, HeavyWork.Length.SHORT, () -> prints.print(who, asked, paper)));
  }

  /** The same as a table. */
  @GetMapping(path = "/api/cleaning-record/csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<byte[]> table(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam @Nullable UUID booking,
      @RequestParam @Nullable UUID item,
      @RequestParam @Nullable LocalDate from,
      @RequestParam @Nullable LocalDate until) {
    Asked asked = new Asked(booking, item, from, until);
    return answer(
        "attachment; filename=\"gerula-cleaning-record.csv\"",
        heavy.inTurn(who, HeavyWork.Length.SHORT, () -> prints.table(who, asked)));
  }

  /**
   * A notice for one person, which names nobody else, as PDF.
   *
   * @param item that was used on her
   * @param since from which moment on
   * @param words what there is to say of it
   */
  @GetMapping(path = "/api/people/{id}/notice", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> notice(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @RequestParam UUID item,
      @RequestParam Instant since,
      @RequestParam(defaultValue = "") @Size(max = 2000, message = "At most 2,000 characters.")
          String words,
      @RequestParam(defaultValue = "a4") PaperFormat paper) {
    return answer(
        "inline; filename=\"gerula-notice.pdf\"",
        heavy.inTurn(
            who, HeavyWork.Length.SHORT, () -> prints.notice(who, id, item, since, words, paper)));
  }

  /** A short card that tells a client what she will see done, as PDF. */
  @GetMapping(path = "/api/client-card", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> clientCard(
      @AuthenticationPrincipal SignedIn who, @RequestParam(defaultValue = "a4") PaperFormat paper) {
    return answer(
        "inline; filename=\"gerula-client-card.pdf\"",
        heavy.inTurn(who, HeavyWork.Length.SHORT, () -> cards.print(who, paper)));
  }

  private static ResponseEntity<byte[]> answer(String disposition, byte[] body) {
    return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, disposition).body(body);
  }
}
