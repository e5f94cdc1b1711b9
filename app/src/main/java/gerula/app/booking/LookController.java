package gerula.app.booking;

import gerula.app.booking.LookDraft.PartDraft;
import gerula.app.kit.picture.Uploads;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.picture.Jpeg;
import gerula.app.platform.workspace.SignedIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Looks over HTTP. */
@RestController
class LookController {

  private final Looks looks;
  private final LookSheet sheet;
  private final Uploads uploads;

  LookController(Looks looks, LookSheet sheet, Uploads uploads) {
    this.uploads = uploads;
    this.looks = looks;
    this.sheet = sheet;
  }

  /** A look; the one that is there for the same gives way to it. */
  record RecordLook(@NotNull UUID actId, @NotNull @Valid LookDraft look) {}

  /**
   * @param csv a table with a line of column names: product, and of maker, shade, class, colour,
   *     tenths, tool, where and note those that are known
   */
  record ReadLook(
      @NotBlank(message = "Paste the sheet, or choose its file.")
          @Size(max = 100_000, message = "A sheet has at most 100,000 characters.")
          String csv) {}

  /**
   * A sheet as it was read.
   *
   * @param parts with the kit's own products where they are known by name
   * @param owned how many of them the kit has
   * @param faults what could not be read, by its row
   */
  record LookRead(List<PartDraft> parts, int owned, List<FieldFault> faults) {}

  @PostMapping("/api/bookings/{id}/faces/{face}/look")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void record(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @PathVariable UUID face,
      @Valid @RequestBody RecordLook asked) {
    looks.record(who, asked.actId(), id, face, asked.look());
  }

  /**
   * A photograph of what was done.
   *
   * @param picture id it gets, made by the client
   * @param day on which
   */
  @PutMapping(
      path = "/api/bookings/{id}/faces/{face}/look/pictures/{picture}",
      consumes = "image/*")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void photograph(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @PathVariable UUID face,
      @PathVariable UUID picture,
      @RequestParam UUID actId,
      @RequestParam LocalDate day,
      HttpServletRequest request)
      throws IOException {
    Jpeg jpeg = uploads.picture(who, request);
    looks.picture(who, actId, id, face, day, picture, jpeg);
  }

  /** Takes a photograph away. */
  record RemovePhotograph(@NotNull UUID actId) {}

  @PostMapping("/api/bookings/{id}/faces/{face}/look/pictures/{picture}/remove")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @PathVariable UUID face,
      @PathVariable UUID picture,
      @Valid @RequestBody RemovePhotograph asked) {
    looks.removePicture(who, asked.actId(), id, face, picture);
  }

  /** What another artist's sheet says; nothing is kept. */
  @PostMapping("/api/looks/read")
  LookRead read(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ReadLook asked) {
    return sheet.read(who, asked.csv());
  }
}
