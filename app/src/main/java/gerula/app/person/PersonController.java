package gerula.app.person;

import gerula.app.person.PersonRecords.PeopleView;
import gerula.app.person.PersonRecords.PersonSheet;
import gerula.app.platform.workspace.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** People over HTTP. */
@RestController
class PersonController {

  private final People people;

  PersonController(People people) {
    this.people = people;
  }

  /** A new person. */
  record AddPerson(@NotNull UUID actId, @NotNull UUID id, @NotNull @Valid PersonDraft person) {}

  /** A person described otherwise, as of the version that was looked at. */
  record EditPerson(@NotNull UUID actId, int version, @NotNull @Valid PersonDraft person) {}

  /**
   * Two that are one.
   *
   * @param into the one who stays
   */
  record MergePerson(@NotNull UUID actId, @NotNull UUID into) {}

  /** Everything known of a person, gone for good. */
  record ErasePerson(@NotNull UUID actId) {}

  @GetMapping("/api/people")
  PeopleView all(@AuthenticationPrincipal SignedIn who) {
    return people.all(who);
  }

  @GetMapping("/api/people/{id}")
  PersonSheet sheet(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return people.sheet(who, id);
  }

  @PostMapping("/api/people")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody AddPerson asked) {
    people.add(who, asked.actId(), asked.id(), asked.person());
  }

  @PutMapping("/api/people/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void edit(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody EditPerson asked) {
    people.edit(who, asked.actId(), id, asked.version(), asked.person());
  }

  @PostMapping("/api/people/{id}/merge")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void merge(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody MergePerson asked) {
    people.merge(who, asked.actId(), id, asked.into());
  }

  /** The one act that cannot be undone. */
  @PostMapping("/api/people/{id}/erase")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void erase(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody ErasePerson asked) {
    people.erase(who, asked.actId(), id);
  }
}
