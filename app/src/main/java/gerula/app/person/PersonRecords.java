package gerula.app.person;

import gerula.app.ledger.HistoryPage;
import gerula.app.person.PersonStore.StoredPerson;
import gerula.core.kit.product.Sensitivity;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the addresses of people answer with. */
final class PersonRecords {

  private PersonRecords() {}

  /**
   * A person.
   *
   * @param askedOn the day she was last asked about sensitivities, null: never, so that none told
   *     does not mean none
   * @param erasedOn the day on which all that was known was erased, null as long as it is known
   */
  record PersonView(
      UUID id,
      String name,
      List<String> aliases,
      @Nullable Double depth,
      List<String> sensitivities,
      @Nullable LocalDate askedOn,
      @Nullable LocalDate erasedOn,
      int version) {}

  /**
   * A person in a list.
   *
   * @param bookings on how many bookings she is a face
   * @param lastBooked the first day of the latest of them, null without any
   * @param kept how many things are kept for her
   * @param borrowed how many things she has borrowed and not brought back
   */
  record PersonLine(
      PersonView person, int bookings, @Nullable LocalDate lastBooked, int kept, int borrowed) {}

  /** Everybody, by name. */
  record PeopleView(List<PersonLine> people) {}

  /** A booking she is a face of. */
  record BookedView(UUID booking, String title, LocalDate firstDay, LocalDate lastDay) {}

  /**
   * One person and all that refers to her.
   *
   * @param bookings the latest first
   * @param kept ids of things that are kept for her
   * @param places ids of her sections, and of the place of what she has borrowed
   * @param borrowed ids of things she has borrowed
   */
  record PersonSheet(
      PersonView person,
      List<BookedView> bookings,
      List<UUID> kept,
      List<UUID> places,
      List<UUID> borrowed,
      HistoryPage history) {}

  static PersonView view(StoredPerson stored) {
    return new PersonView(
        stored.person().id(),
        stored.person().name(),
        stored.person().aliases(),
        stored.person().depth(),
        stored.person().sensitivities().stream().sorted().map(Sensitivity::name).toList(),
        stored.person().askedOn(),
        stored.person().erasedOn(),
        stored.version());
  }
}
