package gerula.app.cleandown;

import gerula.app.platform.workspace.SignedIn;
import gerula.core.cleandown.Contact;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What touched whom, over HTTP. */
@RestController
class ContactController {

  private final Contacts contacts;

  ContactController(Contacts contacts) {
    this.contacts = contacts;
  }

  /**
   * A thing and how it touches.
   *
   * @param id of the contact, made by the client
   */
  record ThingUsed(@NotNull UUID id, @NotNull UUID item, @NotNull Contact.How how) {}

  /** Things that touch a face. */
  record UseOnFace(
      @NotNull UUID actId,
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
        asked.things().stream()
            .map(one -> new Contacts.Touching(one.id(), one.item(), one.how()))
            .toList());
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
