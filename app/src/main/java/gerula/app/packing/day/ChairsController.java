package gerula.app.packing.day;

import static gerula.app.packing.day.MinuteWords.byTheClock;

import gerula.app.booking.ChairsDraft;
import gerula.app.packing.day.ChairRecords.ChairsView;
import gerula.app.packing.day.ChairRecords.SatFace;
import gerula.app.platform.limits.HeavyWork;
import gerula.app.platform.paper.Paper;
import gerula.app.platform.paper.Paper.Letters;
import gerula.app.platform.paper.PaperFormat;
import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The chair plan of a booking over HTTP. */
@RestController
class ChairsController {

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.UK);

  private final Chairs chairs;
  private final HeavyWork heavy;

  ChairsController(Chairs chairs, HeavyWork heavy) {
    this.chairs = chairs;
    this.heavy = heavy;
  }

  record ChangeChairs(@NotNull UUID actId, @NotNull @Valid ChairsDraft chairs) {}

  /**
   * A day as it might be.
   *
   * @param order face by face; null: the best one
   * @param chairs null: as they are kept
   */
  record TryChairs(
      @Nullable LocalDate day,
      @Nullable @Size(max = 100) List<@NotNull UUID> order,
      @Nullable @Valid ChairsDraft chairs) {}

  @GetMapping("/api/bookings/{id}/chairs")
  ChairsView chairs(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @RequestParam @Nullable LocalDate day) {
    return heavy.inTurn(who, HeavyWork.Length.SHORT, () -> chairs.view(who, id, day, null, null));
  }

  /** What would come of it; nothing is kept. */
  @PostMapping("/api/bookings/{id}/chairs/try")
  ChairsView tryOut(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody TryChairs asked) {
    return heavy.inTurn(
        who,
        HeavyWork.Length.SHORT,
        () -> chairs.view(who, id, asked.day(), asked.order(), asked.chairs()));
  }

  @PutMapping("/api/bookings/{id}/chairs")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void change(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody ChangeChairs asked) {
    chairs.change(who, asked.actId(), id, asked.chairs());
  }

  /** The morning's sheet: who sits down when, with whom. */
  @GetMapping(path = "/api/bookings/{id}/chairs/print", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> print(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @RequestParam @Nullable LocalDate day,
      @RequestParam(defaultValue = "a4") PaperFormat paper) {
    byte[] pdf =
        heavy.inTurn(
            who, HeavyWork.Length.SHORT, () -> sheet(chairs.view(who, id, day, null, null), paper));
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"gerula-chairs.pdf\"")
        .body(pdf);
  }

  /**
   * When faces arrive, for calendars.
   *
   * @param face only hers, to be sent to her: nobody else is named; null: all of the day
   */
  @GetMapping(path = "/api/bookings/{id}/chairs/arrivals.ics")
  ResponseEntity<String> arrivals(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @RequestParam @Nullable LocalDate day,
      @RequestParam @Nullable UUID face) {
    String file =
        heavy.inTurn(who, HeavyWork.Length.SHORT, () -> chairs.arrivals(who, id, day, face));
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_TYPE, "text/calendar;charset=UTF-8")
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"gerula-arrivals.ics\"")
        .body(file);
  }

  private static byte[] sheet(ChairsView view, PaperFormat format) {
    try (Paper paper = new Paper(format, "Chairs")) {
      paper.newPage();
      paper.text(Letters.TITLE, "Chairs, " + DAY.format(view.day()));
      for (SatFace face : view.faces()) {
        paper.row(
            true,
            byTheClock(face.start()) + "  " + (face.name().isBlank() ? "a face" : face.name()),
            "with " + face.artist() + ", ready " + byTheClock(face.end()),
            "to be ready by "
                + byTheClock(face.readyBy())
                + (face.lateMinutes() > 0 ? ", " + face.lateMinutes() + " min late" : ""));
      }
      return paper.done();
    }
  }
}
