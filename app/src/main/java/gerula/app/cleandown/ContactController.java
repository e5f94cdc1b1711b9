package gerula.app.cleandown;

import gerula.app.cleandown.CleaningRecords.UsableView;
import gerula.app.cleandown.Traces.ReachView;
import gerula.app.cleandown.Traces.TouchedView;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.booking.look.LookPart;
import gerula.core.cleandown.Contact;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
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

/** What touched whom, over HTTP. */
@RestController
class ContactController {

  private final Contacts contacts;
  private final UsableThings usable;
  private final Traces traces;

  ContactController(Contacts contacts, UsableThings usable, Traces traces) {
    this.contacts = contacts;
    this.traces = traces;
    this.usable = usable;
  }

  /**
   * A thing and how it touches.
   *
   * @param id of the contact, made by the client
   * @param tenths how much of a mix it is; left out: all of it
   */
  record ThingUsed(
      @NotNull UUID id,
      @NotNull UUID item,
      @NotNull Contact.How how,
      @Nullable @Min(1) @Max(LookPart.ALL) Integer tenths) {}

  /**
   * Things that touch a face.
   *
   * @param day whose look they are a part of; left out: no look is written down
   * @param at when it was, not after now; left out: now
   */
  record UseOnFace(
      @NotNull UUID actId,
      @Nullable LocalDate day,
      @Nullable Instant at,
      @NotEmpty(message = "Say what is used.")
          @Size(max = 200, message = "At most 200 items at once.")
          @Valid
          List<@NotNull ThingUsed> things) {}

  /** Whom or what, the latest first; of very many the latest 500. */
  record ContactsView(List<Contact> contacts) {}

  @PostMapping("/api/bookings/{booking}/faces/{face}/use")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void use(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID booking,
      @PathVariable UUID face,
      @Valid @RequestBody UseOnFace asked) {
    contacts.use(
        who,
        asked.actId(),
        booking,
        face,
        asked.day(),
        asked.at(),
        asked.things().stream()
            .map(
                one ->
                    new Contacts.Touching(
                        one.id(),
                        one.item(),
                        one.how(),
                        Objects.requireNonNullElse(one.tenths(), LookPart.ALL)))
            .toList());
  }

  /** What goes along and may touch a face, and why the rest must not. */
  @GetMapping("/api/bookings/{booking}/faces/{face}/usable")
  List<UsableView> usable(
      @AuthenticationPrincipal SignedIn who, @PathVariable UUID booking, @PathVariable UUID face) {
    return usable.on(who, booking, face);
  }

  /**
   * Whom a thing reached, itself or through what was filled from it or touched the same face.
   *
   * @param since from which moment on
   */
  @GetMapping("/api/items/{id}/reach")
  ReachView reach(
      @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @RequestParam Instant since) {
    return traces.reach(who, id, since);
  }

  /**
   * What touched somebody, where it is now, and what was done to it since.
   *
   * @param since from which moment on
   */
  @GetMapping("/api/people/{id}/touched")
  TouchedView touched(
      @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @RequestParam Instant since) {
    return traces.touched(who, id, since);
  }

  @GetMapping("/api/items/{id}/contacts")
  ContactsView ofItem(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return new ContactsView(contacts.ofItem(who, id));
  }

  @GetMapping("/api/people/{id}/contacts")
  ContactsView ofPerson(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return new ContactsView(contacts.ofPerson(who, id));
  }
}
