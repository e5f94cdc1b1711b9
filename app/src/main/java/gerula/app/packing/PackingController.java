package gerula.app.packing;

import gerula.app.booking.BookingDraft;
import gerula.app.packing.PackingRecords.BagsView;
import gerula.app.packing.PackingRecords.PackingListView;
import gerula.app.packing.PackingRecords.PutBackResult;
import gerula.app.packing.PackingRecords.TriedList;
import gerula.app.packing.PackingRecords.WhyNotView;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.kit.item.Level;
import gerula.core.packing.Decided;
import gerula.core.packing.OtherService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The packing list over HTTP. */
@RestController
class PackingController {

  private final Packing packing;
  private final PackingActs acts;
  private final PuttingBack puttingBack;
  private final Choosing choosing;
  private final Ahead ahead;
  private final BrushRuns brushRuns;

  PackingController(
      Packing packing,
      PackingActs acts,
      PuttingBack puttingBack,
      Choosing choosing,
      Ahead ahead,
      BrushRuns brushRuns) {
    this.brushRuns = brushRuns;
    this.puttingBack = puttingBack;
    this.ahead = ahead;
    this.packing = packing;
    this.acts = acts;
    this.choosing = choosing;
  }

  /** What is decided about an item on a list, or on none. */
  record DecideItem(
      @NotNull UUID actId,
      @NotNull(message = "Say which item.") UUID item,
      @NotNull(message = "Say what is decided.") Choosing.ItemChoice choice) {}

  /**
   * @param need its code, with the role of a colour behind a colon
   * @param decided whether it is done without, borrowed for or to be bought; null: nothing any more
   * @param instead an item that is taken though it is not quite what is needed; null for none
   */
  record DecideNeed(
      @NotNull UUID actId,
      @NotNull
          @Pattern(
              regexp = "[a-z0-9-]{1,40}(:[a-z0-9-]{1,40})?",
              message = "A need is written like eyes:matte-light.")
          String need,
      @Nullable Decided decided,
      @Nullable UUID instead) {}

  /**
   * @param need its code
   * @param pieces 1 to 9999; null: as many as are worked out
   */
  record DecideAmount(
      @NotNull UUID actId,
      @NotNull
          @Pattern(
              regexp = "[a-z0-9-]{1,40}(:[a-z0-9-]{1,40})?",
              message = "A need is written like cotton-bud.")
          String need,
      @Nullable
          @Min(value = 1, message = "Take 1 to 9999 pieces.")
          @Max(value = 9999, message = "Take 1 to 9999 pieces.")
          Integer pieces) {}

  /** A booking as it might be. */
  record TryBooking(@NotNull @Valid BookingDraft booking) {}

  /** Things that went into the bag, or came out of it. */
  record Tick(
      @NotNull UUID actId,
      @NotEmpty(message = "Choose the items.") @Size(max = 2000) List<@NotNull UUID> items) {}

  /** The bags leave. */
  record Depart(@NotNull UUID actId) {}

  /**
   * Things that come back.
   *
   * @param items empty for everything that is out
   * @param fate what became of them; null: they are home
   * @param used whether they touched somebody; null: what is known of them stays
   * @param level how much of it is left, of one thing at a time; null: as it was
   * @param left the same exactly
   */
  record PutBack(
      @NotNull UUID actId,
      @NotNull @Size(max = 2000) List<@NotNull UUID> items,
      PuttingBack.@Nullable Fate fate,
      @Nullable Boolean used,
      @Nullable Level level,
      @Nullable BigDecimal left) {

    PuttingBack.CameBack toCameBack() {
      boolean isMeasured = level != null || left != null;
      new Faults()
          .unless(
              !isMeasured || items.size() == 1,
              "left",
              "rule",
              "How much is left is told of one item at a time.")
          .unless(
              fate == null || fate == PuttingBack.Fate.HOME || !items.isEmpty(),
              "items",
              "rule",
              "Say which items did not come back.")
          .refuseIfAny();
      return new PuttingBack.CameBack(
          items,
          fate == null ? PuttingBack.Fate.HOME : fate,
          Boolean.TRUE.equals(used),
          level,
          left);
    }
  }

  /** How the bookings that are still to leave stand, the next twelve. */
  @GetMapping("/api/bookings/readiness")
  List<Ahead.BookingAhead> readiness(@AuthenticationPrincipal SignedIn who) {
    return ahead.of(who);
  }

  @GetMapping("/api/bookings/{id}/packing-list")
  PackingListView list(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return packing.list(who, id);
  }

  /**
   * @param fingerprint of the list that was looked at
   */
  record LookedAt(@NotNull @Size(max = 64) String fingerprint) {}

  /** The list was looked at as it stands: from now on it is told what becomes of it. */
  @PostMapping("/api/bookings/{id}/packing-list/looked-at")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void lookedAt(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody LookedAt asked) {
    packing.lookedAt(who, id, asked.fingerprint());
  }

  /** Whether the brushes on the list last the days of the booking. */
  @GetMapping("/api/bookings/{id}/brushes")
  BrushRuns.BrushRunView brushes(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return brushRuns.of(who, id);
  }

  /** Why an item is not on the list. */
  @GetMapping("/api/bookings/{id}/why-not")
  WhyNotView whyNot(
      @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @RequestParam UUID item) {
    return packing.whyNot(who, id, item);
  }

  /**
   * Services that come near one booked and would close a gap: nothing else is missing for them.
   *
   * @param need the gap's, as eyes:matte-light
   */
  @GetMapping("/api/bookings/{id}/other-services")
  List<OtherService> otherServices(
      @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @RequestParam String need) {
    return packing.otherServices(who, id, need);
  }

  /** What the list of a booking would be, without keeping anything; it may be a new one. */
  @PostMapping("/api/bookings/{id}/try")
  TriedList tryOut(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody TryBooking asked) {
    return packing.tryOut(who, id, asked.booking());
  }

  @GetMapping("/api/bookings/{id}/bags")
  BagsView bags(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return packing.bags(who, id);
  }

  @PostMapping("/api/bookings/{id}/decide-item")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void decideItem(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody DecideItem asked) {
    choosing.item(who, asked.actId(), id, asked.item(), asked.choice());
  }

  @PostMapping("/api/bookings/{id}/decide-need")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void decideNeed(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody DecideNeed asked) {
    choosing.need(who, asked.actId(), id, asked.need(), asked.decided(), asked.instead());
  }

  @PostMapping("/api/bookings/{id}/decide-amount")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void decideAmount(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody DecideAmount asked) {
    choosing.amount(who, asked.actId(), id, asked.need(), asked.pieces());
  }

  @PostMapping("/api/bookings/{id}/pack")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void pack(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody Tick asked) {
    acts.pack(who, asked.actId(), id, asked.items());
  }

  @PostMapping("/api/bookings/{id}/take-out")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeOut(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody Tick asked) {
    acts.takeOut(who, asked.actId(), id, asked.items());
  }

  @PostMapping("/api/bookings/{id}/depart")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void depart(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody Depart asked) {
    acts.depart(who, asked.actId(), id);
  }

  @PostMapping("/api/bookings/{id}/put-back")
  PutBackResult putBack(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody PutBack asked) {
    return puttingBack.putBack(who, asked.actId(), id, asked.toCameBack());
  }
}
