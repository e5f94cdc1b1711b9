package gerula.app.kit.label;

import gerula.app.platform.limits.HeavyWork;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.kit.label.LabelSheet;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Labels over HTTP. */
@RestController
class LabelController {

  private final Labels labels;
  private final HeavyWork heavy;

  LabelController(Labels labels, HeavyWork heavy) {
    this.heavy = heavy;
    this.labels = labels;
  }

  /**
   * @param items things that get a label, in this order; the same thing may stand there twice
   * @param places after them
   * @param skip used labels of the first sheet that stay empty, 0 for a fresh one
   */
  record PrintLabels(
      @NotNull @Size(max = 2000, message = "At most 2000 labels are printed at once.")
          List<@NotNull UUID> items,
      @NotNull @Size(max = 500) List<@NotNull UUID> places,
      @NotNull(message = "Say which sheet or tape.") LabelSheet sheet,
      @Min(value = 0, message = "The first label is number 0.")
          @Max(value = 188, message = "No sheet has more than 189 labels.")
          int skip,
      @Nullable @Valid PrinterOffset offset) {}

  /**
   * How far everything is moved so that it lies right on paper, as the trial page tells.
   *
   * @param rightMm -10 to 10, negative: to the left
   * @param downMm -10 to 10, negative: up
   */
  record PrinterOffset(
      @NotNull(message = NEEDED)
          @DecimalMin(value = "-10", message = OFFSET)
          @DecimalMax(value = "10", message = OFFSET)
          BigDecimal rightMm,
      @NotNull(message = NEEDED)
          @DecimalMin(value = "-10", message = OFFSET)
          @DecimalMax(value = "10", message = OFFSET)
          BigDecimal downMm) {

    private static final String NEEDED = "Say how far, 0 for not at all.";

    private static final String OFFSET = "A printer is off by at most 10 mm.";

    LabelPdf.Offset inMm() {
      return new LabelPdf.Offset(rightMm.doubleValue(), downMm.doubleValue());
    }
  }

  @PostMapping(path = "/api/labels", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> print(
      @AuthenticationPrincipal SignedIn who, @Valid @RequestBody PrintLabels asked) {
    byte[] pdf =
        heavy.inTurn(
            who,
            HeavyWork.Length.SHORT,
            () ->
                labels.print(
                    who,
                    asked.items(),
                    asked.places(),
                    asked.sheet(),
                    asked.skip(),
                    offset(asked.offset())));
    return file(pdf, "gerula-labels.pdf");
  }

  /** Frames and crosses to hold against a sheet of labels. */
  @GetMapping(path = "/api/labels/trial", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> trial(
      @RequestParam LabelSheet sheet,
      @RequestParam(defaultValue = "0") @DecimalMin("-10") @DecimalMax("10") BigDecimal rightMm,
      @RequestParam(defaultValue = "0") @DecimalMin("-10") @DecimalMax("10") BigDecimal downMm) {
    PrinterOffset offset = new PrinterOffset(rightMm, downMm);
    return file(new LabelPdf(sheet, 0, offset.inMm()).trial(), "gerula-trial-page.pdf");
  }

  private static LabelPdf.Offset offset(@Nullable PrinterOffset asked) {
    return asked == null ? new LabelPdf.Offset(0, 0) : asked.inMm();
  }

  private static ResponseEntity<byte[]> file(byte[] pdf, String name) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + "\"")
        .body(pdf);
  }
}
