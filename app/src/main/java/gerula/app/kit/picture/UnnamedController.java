package gerula.app.kit.picture;

import gerula.app.kit.picture.UnnamedStore.UnnamedPicture;
import gerula.app.platform.picture.Jpeg;
import gerula.app.platform.workspace.SignedIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pictures that are still to be named, over HTTP. Naming one is adding a line: see there. */
@RestController
class UnnamedController {

  private final UnnamedPictures pictures;
  private final Uploads uploads;

  UnnamedController(UnnamedPictures pictures, Uploads uploads) {
    this.pictures = pictures;
    this.uploads = uploads;
  }

  /** Takes it away without a name. */
  record RemoveUnnamed(@NotNull UUID actId) {}

  /** The oldest first. */
  @GetMapping("/api/kit/unnamed")
  List<UnnamedPicture> all(@AuthenticationPrincipal SignedIn who) {
    return pictures.all(who);
  }

  /**
   * @param id it gets, made by the client
   * @param place where one stands, null when nobody says
   */
  @PutMapping(path = "/api/kit/unnamed/{id}", consumes = "image/*")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void take(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @RequestParam UUID actId,
      @RequestParam @Nullable UUID place,
      HttpServletRequest request)
      throws IOException {
    Jpeg jpeg = uploads.picture(who, request);
    pictures.take(who, actId, id, place, jpeg);
  }

  @PostMapping("/api/kit/unnamed/{id}/remove")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody RemoveUnnamed asked) {
    pictures.remove(who, asked.actId(), id);
  }
}
