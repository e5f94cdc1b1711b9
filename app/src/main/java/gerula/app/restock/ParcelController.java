package gerula.app.restock;

import gerula.app.kit.picture.Pictures;
import gerula.app.kit.picture.Uploads;
import gerula.app.ledger.Answers;
import gerula.app.platform.picture.Jpeg;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.restock.Parcels.OrderedParcelView;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
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

/** Orders and what comes of them, over HTTP. */
@RestController
class ParcelController {

  private final Parcels parcels;
  private final Orders orders;
  private final Sending sending;
  private final Pictures pictures;
  private final Answers answers;
  private final Uploads uploads;

  ParcelController(
      Parcels parcels,
      Orders orders,
      Sending sending,
      Pictures pictures,
      Answers answers,
      Uploads uploads) {
    this.parcels = parcels;
    this.orders = orders;
    this.sending = sending;
    this.pictures = pictures;
    this.answers = answers;
    this.uploads = uploads;
  }

  /**
   * @param newItems ids of the packs that came, made by the client; none where none did
   */
  record DeliveredLine(
      @NotNull UUID entry,
      @NotNull @Size(max = 200, message = "At most 200 packs come at once.")
          List<@NotNull UUID> newItems,
      @Nullable @Valid CameDraft came) {

    Orders.Delivered toDelivered(int at) {
      CameDraft told = came == null ? new CameDraft(null, null, null, null, null) : came;
      return new Orders.Delivered(entry, newItems, told.toCame("lines[" + at + "].came.", false));
    }
  }

  /**
   * @param note the number of the delivery note
   */
  record ReceiveIt(
      @NotNull UUID actId,
      @NotNull @Size(min = 1, max = 100, message = "A delivery note has 1 to 100 characters.")
          String note,
      @NotEmpty(message = "Say what came.") @Size(max = 500)
          List<@NotNull @Valid DeliveredLine> lines) {}

  record RemovePaper(@NotNull UUID actId) {}

  record CallOffThere(@NotNull UUID actId) {}

  /** Those of which something is to come, and those of the last half year. */
  @GetMapping("/api/buying/parcels")
  List<OrderedParcelView> all(@AuthenticationPrincipal SignedIn who) {
    return parcels.recent(who);
  }

  /** Asks the shop how an order stands today. Nothing is changed by it. */
  @GetMapping("/api/buying/parcels/{id}/told")
  Sending.ToldOrder ask(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return sending.ask(who, id);
  }

  @PostMapping("/api/buying/parcels/{id}/received")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void receive(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody ReceiveIt asked) {
    List<Orders.Delivered> lines =
        IntStream.range(0, asked.lines().size())
            .mapToObj(at -> asked.lines().get(at).toDelivered(at))
            .toList();
    orders.receive(who, asked.actId(), id, asked.note().strip(), lines);
  }

  /** Calls it off at the shop, and here. */
  @PostMapping("/api/buying/parcels/{id}/call-off")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void callOff(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody CallOffThere asked) {
    sending.callOff(who, asked.actId(), id);
  }

  /** A photograph of the delivery note. */
  @PutMapping(path = "/api/buying/parcels/{id}/picture/{picture}", consumes = "image/*")
  List<OrderedParcelView> show(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @PathVariable UUID picture,
      @RequestParam UUID actId,
      HttpServletRequest request)
      throws IOException {
    Jpeg jpeg = uploads.picture(who, request);
    return answers.once(
        who,
        actId,
        () -> orders.show(who, actId, id, picture, () -> pictures.keep(picture, jpeg)),
        () -> parcels.recent(who));
  }

  @PostMapping("/api/buying/parcels/{id}/picture/remove")
  List<OrderedParcelView> removePicture(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody RemovePaper asked) {
    return answers.once(
        who,
        asked.actId(),
        () ->
            orders.show(
                who,
                asked.actId(),
                id,
                null,
                () -> {
                  // Its row stays for whoever undoes this.
                }),
        () -> parcels.recent(who));
  }
}
