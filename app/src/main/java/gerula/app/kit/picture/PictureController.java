package gerula.app.kit.picture;

import gerula.app.kit.Kit;
import gerula.app.kit.KitRecords.ItemSheet;
import gerula.app.ledger.Answers;
import gerula.app.platform.picture.Jpeg;
import gerula.app.platform.workspace.SignedIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.time.Duration;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pictures over HTTP. What is sent is a JPEG or PNG of at most 5 MB; what is kept is small. */
@RestController
class PictureController {

  private final Answers answers;
  private final Pictures pictures;
  private final Kit kit;
  private final Uploads uploads;

  PictureController(Pictures pictures, Kit kit, Answers answers, Uploads uploads) {
    this.uploads = uploads;
    this.answers = answers;
    this.pictures = pictures;
    this.kit = kit;
  }

  /**
   * @param id the picture gets, made by the client
   */
  @PutMapping(path = "/api/items/{item}/picture/{id}", consumes = "image/*")
  ItemSheet put(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID item,
      @PathVariable UUID id,
      @RequestParam UUID actId,
      HttpServletRequest request)
      throws IOException {
    Jpeg jpeg = uploads.picture(who, request);
    return answers.once(
        who, actId, () -> pictures.put(who, actId, item, id, jpeg), () -> kit.sheet(who, item));
  }

  /** Takes the picture away. */
  record RemovePicture(@NotNull UUID actId) {}

  @PostMapping("/api/items/{item}/picture/remove")
  ItemSheet remove(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID item,
      @Valid @RequestBody RemovePicture asked) {
    return answers.once(
        who,
        asked.actId(),
        () -> pictures.remove(who, asked.actId(), item),
        () -> kit.sheet(who, item));
  }

  @GetMapping(path = "/api/pictures/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> jpeg(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
        .body(pictures.jpeg(who, id));
  }
}
