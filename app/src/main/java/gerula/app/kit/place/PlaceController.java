package gerula.app.kit.place;

import gerula.app.kit.KitRecords.OpenPlace;
import gerula.app.kit.KitRecords.PlaceSheet;
import gerula.app.kit.KitRecords.PlacesView;
import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Places over HTTP. */
@RestController
class PlaceController {

  private final Places places;
  private final Whereabouts whereabouts;

  PlaceController(Places places, Whereabouts whereabouts) {
    this.places = places;
    this.whereabouts = whereabouts;
  }

  /** A new place, its id made by the client. */
  record AddPlace(@NotNull UUID actId, @NotNull UUID id, @NotNull @Valid PlaceDraft place) {}

  /** A place as it shall be, and the version that was read. */
  record EditPlace(@NotNull UUID actId, int version, @NotNull @Valid PlaceDraft place) {}

  /**
   * @param to the place it lies in from now on, null when it stands alone
   */
  record MovePlace(@NotNull UUID actId, @Nullable UUID to) {}

  /** Takes an empty place away. */
  record RemovePlace(@NotNull UUID actId) {}

  @GetMapping("/api/places")
  PlacesView all(@AuthenticationPrincipal SignedIn who) {
    return places.all(who);
  }

  @GetMapping("/api/places/{id}")
  PlaceSheet sheet(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return places.sheet(who, id);
  }

  @GetMapping("/api/places/{id}/open")
  OpenPlace open(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return places.open(who, id);
  }

  @PostMapping("/api/places")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody AddPlace asked) {
    places.add(who, asked.actId(), asked.id(), asked.place());
  }

  @PutMapping("/api/places/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void edit(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody EditPlace asked) {
    places.edit(who, asked.actId(), id, asked.version(), asked.place());
  }

  @PostMapping("/api/places/{id}/move")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void move(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody MovePlace asked) {
    whereabouts.movePlace(who, asked.actId(), id, asked.to());
  }

  @PostMapping("/api/places/{id}/remove")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody RemovePlace asked) {
    places.remove(who, asked.actId(), id);
  }
}
