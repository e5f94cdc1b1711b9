package gerula.app.person;

import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.person.PersonRecords.PeopleView;
import gerula.app.person.PersonRecords.PersonLine;
import gerula.app.person.PersonRecords.PersonSheet;
import gerula.app.person.PersonStore.StoredPerson;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.person.Person;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** What can be done with people. */
@Component
class People {

  private final DSLContext sql;
  private final PersonStore store;
  private final PersonNames names;
  private final PersonTies ties;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  People(
      DSLContext sql,
      PersonStore store,
      PersonNames names,
      PersonTies ties,
      Ledger ledger,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.sql = sql;
    this.store = store;
    this.names = names;
    this.ties = ties;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.time = time;
  }

  PeopleView all(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () -> {
          Map<UUID, PersonTies.Booked> booked = ties.booked();
          Map<UUID, Integer> kept = ties.kept();
          Map<UUID, Integer> borrowed = ties.borrowed();
          return new PeopleView(
              store.all().stream()
                  .map(
                      one -> {
                        UUID id = one.person().id();
                        PersonTies.Booked bookings =
                            booked.getOrDefault(id, PersonTies.Booked.NEVER);
                        return new PersonLine(
                            PersonRecords.view(one),
                            bookings.bookings(),
                            bookings.last(),
                            kept.getOrDefault(id, 0),
                            borrowed.getOrDefault(id, 0));
                      })
                  .toList());
        });
  }

  PersonSheet sheet(SignedIn who, UUID id) {
    return workspaces.read(
        who.workspace(),
        () ->
            new PersonSheet(
                PersonRecords.view(existing(id)),
                ties.bookings(id),
                ties.kept(id),
                ties.places(id),
                ties.borrowed(id),
                ledger.historyOf(id)));
  }

  void add(SignedIn who, UUID actId, UUID id, PersonDraft draft) {
    ledger.perform(
        who,
        actId,
        "added",
        act -> {
          Person person = checked(id, draft);
          act.touch(ThingKind.PERSON_THING, id, () -> store.insert(person, 0));
        });
  }

  void edit(SignedIn who, UUID actId, UUID id, int version, PersonDraft draft) {
    ledger.perform(
        who,
        actId,
        "changed",
        act -> {
          StoredPerson before = known(id);
          Refused.unlessUnchanged(
              version, before.version(), "person", () -> PersonRecords.view(before));
          Person person = checked(id, draft);
          act.touch(ThingKind.PERSON_THING, id, () -> store.update(person));
        });
  }

  /** Two that turned out to be one: everything that referred to the one refers to the other. */
  void merge(SignedIn who, UUID actId, UUID id, UUID into) {
    ledger.perform(
        who,
        actId,
        "merged",
        act -> {
          Person gone = known(id).person();
          Person stays = known(into).person();
          new Faults()
              .unless(
                  !id.equals(into), "into", "the-same", "This is the same person. Choose another.")
              .refuseIfAny();
          ties.move(act, id, into);
          act.touch(ThingKind.PERSON_THING, id, () -> store.delete(id));
          act.touch(ThingKind.PERSON_THING, into, () -> store.update(stays.mergedWith(gone)));
        });
  }

  /**
   * Removes the name and everything known of a person, in the history too, for good. What was done
   * stands there without saying for whom.
   *
   * @throws Refused as long as she is booked or has borrowed something
   */
  void erase(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        ErasedForGood.ERASED,
        Map.of(),
        act -> {
          if (existing(id).person().erasedOn() != null) {
            return;
          }
          // Sensitivities would be gone as well, and she would be made up without them.
          refuseWhen(
              ties.isBookedFrom(id, time.today()),
              "still-booked",
              "This person is a face of a booking that is not over. Remove the face there first, or"
                  + " erase the person after it.");
          refuseWhen(
              !ties.borrowed(id).isEmpty(),
              "has-borrowed",
              "This person has borrowed something. Put it back first.");
          sql.execute("select gerula.erase_person(?, ?)", id, time.today());
          names.forget();
        });
  }

  private static void refuseWhen(boolean isSo, String code, String why) {
    if (isSo) {
      throw Refused.notNow(code, why + " Nothing was changed.");
    }
  }

  private StoredPerson existing(UUID id) {
    return store.find(id).orElseThrow(() -> Refused.notThere("person", id));
  }

  /** Somebody of whom anything is known. */
  private StoredPerson known(UUID id) {
    StoredPerson person = existing(id);
    refuseWhen(
        person.person().erasedOn() != null,
        "erased",
        "All that was known of this person was erased.");
    return person;
  }

  private Person checked(UUID id, PersonDraft draft) {
    Faults faults = new Faults();
    Person person = draft.toPerson(id, faults, "person.").orElse(null);
    faults.refuseIfAny();
    if (person == null || (draft.askedOn() != null && draft.askedOn().isAfter(time.today()))) {
      throw Refused.faulty(
          List.of(
              new FieldFault(
                  "person.askedOn",
                  "in-the-future",
                  "Today is " + time.today() + ". Write the day it was asked.")));
    }
    return person;
  }
}
