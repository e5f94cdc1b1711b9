package gerula.app.restock;

import static java.nio.charset.StandardCharsets.UTF_8;

import gerula.app.platform.web.CurrencyCode;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.restock.BuyingList.WantedView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The buying list over HTTP. */
@RestController
class BuyingController {

  private final BuyingList list;
  private final Orders orders;
  private final Sending sending;
  private final ToChoose toChoose;

  BuyingController(BuyingList list, ToChoose toChoose, Orders orders, Sending sending) {
    this.list = list;
    this.toChoose = toChoose;
    this.orders = orders;
    this.sending = sending;
  }

  /**
   * @param id of the entry, made by the client
   * @param neededOn the day it has to be there, null when any day will do
   * @param why a few words, may be empty
   */
  record WantIt(
      @NotNull UUID actId,
      @NotNull UUID id,
      @NotNull(message = "Say which product.") UUID product,
      @Min(value = 1, message = "Buy 1 to 999 packs.")
          @Max(value = 999, message = "Buy 1 to 999 packs.")
          int packs,
      @Nullable LocalDate neededOn,
      @NotNull @Size(max = 200, message = "A reason has at most 200 characters.") String why) {}

  /** It is not wanted any more. */
  record NoLongerWanted(@NotNull UUID actId) {}

  /**
   * @param newItems ids of the packs that came, made by the client
   * @param place where they go; null: where others of the product belong
   * @param restToCome whether the rest is still to come; else it is done with
   */
  record GotIt(
      @NotNull UUID actId,
      @NotEmpty(message = "Say how many came.")
          @Size(max = 200, message = "At most 200 packs come at once.")
          List<@NotNull UUID> newItems,
      @Nullable @Size(max = 40, message = "A batch has at most 40 characters.") String batch,
      @Nullable LocalDate printedExpiry,
      @Nullable
          @DecimalMin(value = "0", message = "A price is not negative.")
          @DecimalMax(value = "1000000", message = "A price is at most 1,000,000.")
          BigDecimal price,
      @Nullable @CurrencyCode String currency,
      @Nullable UUID place,
      @Nullable Boolean restToCome) {

    Orders.Came toCame() {
      return new CameDraft(batch, printedExpiry, price, currency, place)
          .toCame("", Boolean.TRUE.equals(restToCome));
    }
  }

  /**
   * An entry for which another product is bought that does for it.
   *
   * @param product of which the kit has or had an item
   */
  record Instead(@NotNull UUID entry, @NotNull UUID product) {}

  /**
   * @param instead entries for which another product is bought; null: none
   * @param shop null: from somebody who is not kept as a shop
   * @param thereBy null: as long as the shop usually takes, or the house's time
   * @param parcel id of the order, made by the client; null to have one made
   * @param shipping what sending it costs, in the currency; both null where nobody said it
   */
  record OrderThem(
      @NotNull UUID actId,
      @NotEmpty(message = "Say what is ordered.") @Size(max = 500) List<@NotNull UUID> entries,
      @Nullable @Size(max = 500) List<@NotNull @Valid Instead> instead,
      @Nullable UUID shop,
      @Nullable LocalDate thereBy,
      @Nullable UUID parcel,
      @Nullable
          @DecimalMin(value = "0", message = "An amount of money is 0 or more.")
          @DecimalMax(value = "1000000", message = "An amount of money is at most 1,000,000.")
          BigDecimal shipping,
      @Nullable @CurrencyCode String currency) {

    Orders.Ordering toOrdering() {
      return new Orders.Ordering(
          entries,
          instead == null
              ? Map.of()
              : instead.stream()
                  .collect(Collectors.toMap(Instead::entry, Instead::product, (one, _) -> one)),
          shop,
          thereBy,
          // Sent again it is the same order.
          parcel == null ? UUID.nameUUIDFromBytes(actId.toString().getBytes(UTF_8)) : parcel,
          shipping,
          currency,
          "");
    }
  }

  record CallOff(@NotNull UUID actId) {}

  @GetMapping("/api/buying")
  List<WantedView> all(@AuthenticationPrincipal SignedIn who) {
    return list.all(who);
  }

  /** What is bought for bookings ahead and no product is chosen for yet, the next first. */
  @GetMapping("/api/buying/to-choose")
  List<ToChoose.ToChooseView> toChoose(@AuthenticationPrincipal SignedIn who) {
    return toChoose.all(who);
  }

  @PostMapping("/api/buying")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody WantIt asked) {
    list.add(
        who,
        asked.actId(),
        asked.id(),
        new BuyingList.Wish(asked.product(), asked.packs(), asked.neededOn(), asked.why()));
  }

  @PostMapping("/api/buying/{id}/remove")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody NoLongerWanted asked) {
    list.remove(who, asked.actId(), id);
  }

  @PostMapping("/api/buying/{id}/got")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void got(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody GotIt asked) {
    orders.got(who, asked.actId(), id, asked.newItems(), asked.toCame());
  }

  @PostMapping("/api/buying/ordered")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void order(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody OrderThem asked) {
    orders.order(who, asked.actId(), asked.toOrdering());
  }

  /** Sends it to the desk of the shop, and keeps it as ordered once the shop took it. */
  @PostMapping("/api/buying/send")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void send(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody OrderThem asked) {
    sending.send(who, asked.actId(), asked.toOrdering());
  }

  @PostMapping("/api/buying/{id}/call-off")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void callOff(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody CallOff asked) {
    orders.callOff(who, asked.actId(), id);
  }
}
