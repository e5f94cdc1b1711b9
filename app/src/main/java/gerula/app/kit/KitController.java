package gerula.app.kit;

import gerula.app.kit.KitRecords.ItemSheet;
import gerula.app.kit.KitRecords.KitView;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.kit.DiscardCause;
import gerula.core.kit.opencase.Tray;
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

/**
 * The kit over HTTP. Every act carries an id made by the client; sent again, it changes nothing.
 */
@RestController
class KitController {

  private final Kit kit;
  private final Places places;

  KitController(Kit kit, Places places) {
    this.kit = kit;
    this.places = places;
  }

  /**
   * @param id the new item's id, made by the client
   * @param productId a product of the kit, or null when the product is described here
   */
  record AddItem(
      @NotNull UUID actId,
      @NotNull UUID id,
      @Nullable UUID productId,
      @Nullable @Valid ProductDraft product,
      @NotNull @Valid ItemDraft item) {}

  /** An item and its product as they shall be, and the versions that were read. */
  record EditItem(
      @NotNull UUID actId,
      int version,
      int productVersion,
      @NotNull @Valid ProductDraft product,
      @NotNull @Valid ItemDraft item) {}

  /**
   * @param to where it lies now, null when it is not where it should be and nobody knows
   */
  record MoveItem(@NotNull UUID actId, @Nullable UUID to) {}

  /** Why it is thrown out. */
  record DiscardItem(
      @NotNull UUID actId, @NotNull(message = "Say why it goes.") DiscardCause cause) {}

  /** A new place, its id made by the client. */
  record AddPlace(@NotNull UUID actId, @NotNull UUID id, @NotNull @Valid PlaceDraft place) {}

  /** A place as it shall be, and the version that was read. */
  record EditPlace(@NotNull UUID actId, int version, @NotNull @Valid PlaceDraft place) {}

  @GetMapping("/api/kit")
  KitView all(@AuthenticationPrincipal SignedIn who) {
    return kit.all(who);
  }

  @GetMapping("/api/items/{id}")
  ItemSheet sheet(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return kit.sheet(who, id);
  }

  @PostMapping("/api/items")
  @ResponseStatus(HttpStatus.CREATED)
  ItemSheet add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody AddItem asked) {
    kit.add(who, asked.actId(), asked.id(), asked.productId(), asked.product(), asked.item());
    return kit.sheet(who, asked.id());
  }

  @PutMapping("/api/items/{id}")
  ItemSheet edit(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody EditItem asked) {
    kit.edit(
        who,
        asked.actId(),
        id,
        asked.version(),
        asked.productVersion(),
        asked.product(),
        asked.item());
    return kit.sheet(who, id);
  }

  @PostMapping("/api/items/{id}/move")
  ItemSheet move(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody MoveItem asked) {
    kit.move(who, asked.actId(), id, asked.to());
    return kit.sheet(who, id);
  }

  @PostMapping("/api/items/{id}/discard")
  ItemSheet discard(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody DiscardItem asked) {
    kit.discard(who, asked.actId(), id, asked.cause());
    return kit.sheet(who, id);
  }

  @GetMapping("/api/places/{id}/open")
  Tray open(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return places.open(who, id);
  }

  @PostMapping("/api/places")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void addPlace(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody AddPlace asked) {
    places.add(who, asked.actId(), asked.id(), asked.place());
  }

  @PutMapping("/api/places/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void editPlace(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody EditPlace asked) {
    places.edit(who, asked.actId(), id, asked.version(), asked.place());
  }
}
