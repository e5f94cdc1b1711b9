package gerula.app.kit.item;

import gerula.app.kit.Kit;
import gerula.app.kit.KitRecords.ItemSheet;
import gerula.app.kit.place.Whereabouts;
import gerula.app.kit.product.LabelLook;
import gerula.app.kit.product.ProductDraft;
import gerula.app.ledger.Answers;
import gerula.app.platform.web.Visible;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.item.Level;
import gerula.core.kit.item.SpoilageReport;
import gerula.core.kit.product.ProductClass;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Items over HTTP. Every act carries an id made by the client; sent again, it changes nothing. */
@RestController
class ItemController {

  private final Answers answers;
  private final Kit kit;
  private final Whereabouts whereabouts;
  private final Using using;
  private final Reports reports;
  private final Discarding discarding;

  ItemController(
      Kit kit,
      Whereabouts whereabouts,
      Using using,
      Reports reports,
      Discarding discarding,
      Answers answers) {
    this.answers = answers;
    this.kit = kit;
    this.whereabouts = whereabouts;
    this.using = using;
    this.reports = reports;
    this.discarding = discarding;
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

  /** One shade of a line, its id made by the client. */
  record AddShade(
      @NotNull UUID id,
      @NotNull @Size(max = 80, message = "A shade has at most 80 characters.") String shade,
      @Nullable @Pattern(regexp = "#[0-9a-fA-F]{6}", message = "A colour is written like #c49a78.")
          String colour,
      @Nullable Double depth) {}

  /** A line in many shades; what the product says of shade, colour and depth is passed over. */
  record AddShades(
      @NotNull UUID actId,
      @NotNull @Valid ProductDraft product,
      @NotNull @Valid ItemDraft item,
      @NotNull
          @NotEmpty(message = "Name at least one shade.")
          @Size(max = 100, message = "At most 100 shades are added at once.")
          List<@NotNull @Valid AddShade> shades) {}

  /** An item and its product as they shall be described, and the versions that were read. */
  record EditItem(
      @NotNull UUID actId,
      int version,
      int productVersion,
      @NotNull @Valid ProductDraft product,
      @NotNull @Valid ItemDescription item) {}

  /**
   * The day it was opened, as it really was.
   *
   * @param openedOn null when it is sealed after all
   */
  record OpenItem(@NotNull UUID actId, @Nullable LocalDate openedOn) {}

  /** How clean it is. */
  record CleanItem(
      @NotNull UUID actId, @NotNull(message = "Say how clean it is.") Cleanliness cleanliness) {}

  /**
   * @param to where it lies now, null when it is not where it should be and nobody knows
   */
  record MoveItem(@NotNull UUID actId, @Nullable UUID to) {}

  /** Several things to one place. */
  record MoveItems(
      @NotNull UUID actId,
      @NotEmpty(message = "Choose the items.") @Size(max = 2000) List<@NotNull UUID> items,
      @Nullable UUID to) {}

  /**
   * @param newPlace id of the person's place, made by the client, used when she has none yet
   * @param askBackOn the day to ask for it, null when none was agreed
   */
  record LendItems(
      @NotNull UUID actId,
      @NotEmpty(message = "Choose the items.") @Size(max = 2000) List<@NotNull UUID> items,
      @NotNull UUID newPlace,
      @Visible(message = "Say who has it.")
          @Size(max = 80, message = "A name has at most 80 characters.")
          String person,
      @Nullable LocalDate askBackOn) {}

  /** Things and places that go back where they belong. */
  record PutAway(
      @NotNull UUID actId,
      @NotNull @Size(max = 5000) List<@NotNull UUID> items,
      @NotNull @Size(max = 500) List<@NotNull UUID> places) {}

  /**
   * @param newItem id of the stock there, made by the client, used when there is none yet
   */
  record PartItem(
      @NotNull UUID actId, @NotNull UUID newItem, @NotNull UUID to, @Min(1) long pieces) {}

  /** Either a level or exactly how much, in the unit of the product. */
  record MeasureItem(@NotNull UUID actId, @Nullable Level level, @Nullable BigDecimal left) {}

  /**
   * @param openedOn the day it was opened, to be told when it was sealed until now; null otherwise
   * @param level what is left, null when nobody looked
   */
  record UseItem(@NotNull UUID actId, @Nullable LocalDate openedOn, @Nullable Level level) {}

  /**
   * @param what has changed; may be empty when only the pack is broken
   */
  record ReportItem(
      @NotNull UUID actId,
      @NotNull(message = "Say what has changed.") @Size(max = 3)
          List<SpoilageReport.@NotNull Sense> what,
      boolean packBroken) {}

  /** Whether it is taken before others of its class. */
  record PutFirst(@NotNull UUID actId, boolean first) {}

  /**
   * What somebody found when reading a label.
   *
   * @param found at least one
   */
  record ReadLabel(
      @NotNull UUID actId,
      @NotNull @Size(min = 1, max = 30, message = "Say what was found for 1 to 30 sensitivities.")
          List<@NotNull @Valid LabelLook> found) {}

  /** Which of the classes that its old one was parted into it is. */
  record ChooseClass(
      @NotNull UUID actId, @NotNull(message = "Choose what it is.") ProductClass productClass) {}

  /** It is as it should be after all. */
  record FoundFine(@NotNull UUID actId) {}

  /** Why it is discarded. */
  record DiscardItem(
      @NotNull UUID actId, @NotNull(message = "Say why it goes.") DiscardCause cause) {}

  @GetMapping("/api/items/{id}")
  ItemSheet sheet(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return kit.sheet(who, id);
  }

  @PostMapping("/api/items")
  @ResponseStatus(HttpStatus.CREATED)
  ItemSheet add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody AddItem asked) {
    return answers.once(
        who,
        asked.actId(),
        () ->
            kit.add(
                who, asked.actId(), asked.id(), asked.productId(), asked.product(), asked.item()),
        () -> kit.sheet(who, asked.id()));
  }

  @PostMapping("/api/items/shades")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void addShades(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody AddShades asked) {
    kit.addShades(
        who,
        asked.actId(),
        asked.product(),
        asked.item(),
        asked.shades().stream()
            .map(one -> new Kit.Shade(one.id(), one.shade(), one.colour(), one.depth()))
            .toList());
  }

  @PutMapping("/api/items/{id}")
  ItemSheet edit(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody EditItem asked) {
    return done(
        who,
        asked.actId(),
        id,
        () ->
            kit.edit(
                who,
                asked.actId(),
                id,
                asked.version(),
                asked.productVersion(),
                asked.product(),
                asked.item()));
  }

  @PostMapping("/api/items/{id}/move")
  ItemSheet move(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody MoveItem asked) {
    return done(
        who,
        asked.actId(),
        id,
        () -> whereabouts.move(who, asked.actId(), List.of(id), asked.to()));
  }

  @PostMapping("/api/kit/move")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void moveMany(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody MoveItems asked) {
    whereabouts.move(who, asked.actId(), asked.items(), asked.to());
  }

  @PostMapping("/api/kit/lend")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void lend(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody LendItems asked) {
    whereabouts.lend(
        who, asked.actId(), asked.items(), asked.newPlace(), asked.person(), asked.askBackOn());
  }

  @GetMapping("/api/kit/out-of-place")
  Whereabouts.OutOfPlace outOfPlace(@AuthenticationPrincipal SignedIn who) {
    return whereabouts.outOfPlace(who);
  }

  @PostMapping("/api/kit/put-away")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putAway(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody PutAway asked) {
    whereabouts.putAway(who, asked.actId(), asked.items(), asked.places());
  }

  @PostMapping("/api/items/{id}/part")
  ItemSheet part(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody PartItem asked) {
    return done(
        who,
        asked.actId(),
        id,
        () ->
            whereabouts.part(who, asked.actId(), id, asked.newItem(), asked.to(), asked.pieces()));
  }

  @PostMapping("/api/items/{id}/left")
  ItemSheet measure(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody MeasureItem asked) {
    return done(
        who,
        asked.actId(),
        id,
        () -> using.measure(who, asked.actId(), id, asked.level(), asked.left()));
  }

  @PostMapping("/api/items/{id}/opened")
  ItemSheet opened(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody OpenItem asked) {
    return done(
        who, asked.actId(), id, () -> using.opened(who, asked.actId(), id, asked.openedOn()));
  }

  @PostMapping("/api/items/{id}/cleanliness")
  ItemSheet cleanliness(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody CleanItem asked) {
    return done(
        who, asked.actId(), id, () -> using.clean(who, asked.actId(), id, asked.cleanliness()));
  }

  @PostMapping("/api/items/{id}/use")
  ItemSheet use(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody UseItem asked) {
    return done(
        who,
        asked.actId(),
        id,
        () -> using.use(who, asked.actId(), id, asked.openedOn(), asked.level()));
  }

  @PostMapping("/api/items/{id}/class")
  ItemSheet chooseClass(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody ChooseClass asked) {
    return done(
        who,
        asked.actId(),
        id,
        () -> kit.chooseClass(who, asked.actId(), id, asked.productClass()));
  }

  @PostMapping("/api/items/{id}/label")
  ItemSheet readLabel(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody ReadLabel asked) {
    return done(who, asked.actId(), id, () -> kit.readLabel(who, asked.actId(), id, asked.found()));
  }

  @PostMapping("/api/items/{id}/use-first")
  ItemSheet putFirst(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody PutFirst asked) {
    return done(
        who, asked.actId(), id, () -> using.putFirst(who, asked.actId(), id, asked.first()));
  }

  @PostMapping("/api/items/{id}/report")
  ItemSheet report(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody ReportItem asked) {
    return done(
        who,
        asked.actId(),
        id,
        () -> reports.report(who, asked.actId(), id, asked.what(), asked.packBroken()));
  }

  @PostMapping("/api/items/{id}/found-fine")
  ItemSheet foundFine(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody FoundFine asked) {
    return done(who, asked.actId(), id, () -> reports.withdraw(who, asked.actId(), id));
  }

  @PostMapping("/api/items/{id}/discard")
  ItemSheet discard(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody DiscardItem asked) {
    return done(
        who, asked.actId(), id, () -> discarding.discard(who, asked.actId(), id, asked.cause()));
  }

  /** Does it once, and tells of the item as it is then. */
  private ItemSheet done(SignedIn who, UUID act, UUID item, Runnable work) {
    return answers.once(who, act, work, () -> kit.sheet(who, item));
  }
}
