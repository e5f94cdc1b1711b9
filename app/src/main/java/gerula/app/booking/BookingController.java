package gerula.app.booking;

import gerula.app.booking.BookingRecords.BookingView;
import gerula.app.ledger.Answers;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.booking.Condition;
import gerula.core.booking.Proposal;
import gerula.core.booking.Service;
import gerula.core.kit.KindOfWork;
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
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Bookings over HTTP. */
@RestController
class BookingController {

  private final Answers answers;
  private final Bookings bookings;
  private final ServiceChanges services;

  BookingController(Bookings bookings, ServiceChanges services, Answers answers) {
    this.answers = answers;
    this.bookings = bookings;
    this.services = services;
  }

  /** A new booking, its id made by the client. */
  record AddBooking(@NotNull UUID actId, @NotNull UUID id, @NotNull @Valid BookingDraft booking) {}

  /** A booking as it shall be, and the version that was read. */
  record EditBooking(@NotNull UUID actId, int version, @NotNull @Valid BookingDraft booking) {}

  /** Taking it off the books. */
  record CallOff(@NotNull UUID actId) {}

  @GetMapping("/api/bookings")
  List<BookingView> all(@AuthenticationPrincipal SignedIn who) {
    return bookings.all(who);
  }

  /** What a kind of work usually asks for. */
  record ProposalView(List<Service> services, List<Condition> conditions) {}

  @GetMapping("/api/bookings/proposal")
  ProposalView proposal(@RequestParam KindOfWork kind) {
    Proposal proposal = Proposal.of(kind);
    return new ProposalView(List.copyOf(proposal.services()), List.copyOf(proposal.conditions()));
  }

  @GetMapping("/api/bookings/{id}")
  BookingView one(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return bookings.one(who, id);
  }

  /**
   * A booking to be made of another: the same work on the same days of the week, after its last day
   * and today. Its id and those of its faces are new, and no looks come along; nothing is kept
   * until it is added.
   */
  @GetMapping("/api/bookings/{id}/copy")
  BookingView copy(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return bookings.copied(who, id);
  }

  @PostMapping("/api/bookings")
  @ResponseStatus(HttpStatus.CREATED)
  BookingView add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody AddBooking asked) {
    return answers.once(
        who,
        asked.actId(),
        () -> bookings.add(who, asked.actId(), asked.id(), asked.booking()),
        () -> bookings.one(who, asked.id()));
  }

  @PutMapping("/api/bookings/{id}")
  BookingView edit(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody EditBooking asked) {
    return answers.once(
        who,
        asked.actId(),
        () -> bookings.edit(who, asked.actId(), id, asked.version(), asked.booking()),
        () -> bookings.one(who, id));
  }

  /**
   * Another service than was booked.
   *
   * @param faces on whom it is done
   * @param from what was booked; faces without it stay as they are
   * @param to one that comes near it
   */
  record DoInstead(
      @NotNull UUID actId,
      @NotEmpty(message = "Say for which faces.")
          @Size(max = 100, message = "A booking has at most 100 faces.")
          List<@NotNull UUID> faces,
      @NotNull(message = "Say instead of which service.") Service from,
      @NotNull(message = "Say which service is done.") Service to) {}

  @PostMapping("/api/bookings/{id}/do-instead")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void doInstead(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody DoInstead asked) {
    services.doing(who, asked.actId(), id, asked.faces(), asked.from(), asked.to());
  }

  @PostMapping("/api/bookings/{id}/call-off")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void callOff(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody CallOff asked) {
    bookings.callOff(who, asked.actId(), id);
  }
}
