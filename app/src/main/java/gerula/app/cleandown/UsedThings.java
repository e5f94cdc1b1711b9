package gerula.app.cleandown;

import gerula.app.kit.item.StoredItem;
import gerula.core.cleandown.Contact;
import gerula.core.cleandown.ContactObstacle;
import gerula.core.cleandown.IncidentReport;
import gerula.core.cleandown.treatment.Incident;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.work.GivenTreatment;
import gerula.core.cleandown.work.UsedThing;
import gerula.core.rule.Practices;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is to be treated, with what it went through since it was last clean. */
@Component
class UsedThings {

  private final ContactStore contacts;
  private final IncidentStore incidents;
  private final TreatmentStore treatments;

  UsedThings(ContactStore contacts, IncidentStore incidents, TreatmentStore treatments) {
    this.contacts = contacts;
    this.incidents = incidents;
    this.treatments = treatments;
  }

  /**
   * A thing and what is known of it.
   *
   * @param contacts since it was last clean, the latest first
   * @param last when anything last touched it or happened to it, null when nobody knows
   * @param latest treatment that was begun since then, null when none was
   */
  record Traced(
      StoredItem stored,
      List<Contact> contacts,
      List<IncidentReport> incidents,
      @Nullable Instant last,
      @Nullable GivenTreatment latest) {

    UUID id() {
      return stored.id();
    }

    /** With what has been done of its treatment at this moment of the work. */
    UsedThing at(Moment moment) {
      return with(incidents.stream().map(IncidentReport::incident), moment);
    }

    /** As if this happened to it too: what was done before does not count any more. */
    UsedThing asIf(Incident incident) {
      return new Traced(stored, contacts, incidents, last, null)
          .with(
              Stream.concat(incidents.stream().map(IncidentReport::incident), Stream.of(incident)),
              Moment.BETWEEN_FACES);
    }

    private UsedThing with(Stream<Incident> happened, Moment moment) {
      return new UsedThing(
          stored.item(),
          contacts.stream().map(Contact::how).collect(Collectors.toSet()),
          happened.collect(Collectors.toSet()),
          latest == null || latest.moment() != moment ? List.of() : latest.steps());
    }

    /** Whether it touched anybody but this person since it was last clean. */
    boolean hasTouchedAnotherThan(@Nullable UUID person) {
      return contacts.stream().anyMatch(one -> !one.person().equals(person));
    }

    /** What stands in the way of using it on this person as it is. */
    Optional<ContactObstacle> obstacleTo(@Nullable UUID person, Practices house) {
      return ContactObstacle.after(at(Moment.BETWEEN_FACES), hasTouchedAnotherThan(person), house);
    }

    /** Whether what can be done to it between two faces has been done. */
    boolean isDoneBetweenFaces() {
      return latest != null && latest.moment() == Moment.BETWEEN_FACES && latest.doneAt() != null;
    }
  }

  /** Those of these that are to be treated. */
  Map<UUID, Traced> among(Collection<StoredItem> kit) {
    return of(kit.stream().filter(one -> one.item().clean().isToBeTreated()).toList());
  }

  /** These, whatever state they are in. */
  Map<UUID, Traced> of(Collection<StoredItem> some) {
    Set<UUID> ids = some.stream().map(StoredItem::id).collect(Collectors.toSet());
    if (ids.isEmpty()) {
      return Map.of();
    }
    Map<UUID, List<Contact>> touched =
        contacts.ofItems(ids).stream().collect(Collectors.groupingBy(Contact::item));
    Map<UUID, List<IncidentReport>> happened =
        incidents.ofItems(ids).stream().collect(Collectors.groupingBy(IncidentReport::item));
    Map<UUID, GivenTreatment> treated =
        treatments.latestOf(ids).stream()
            .collect(Collectors.toMap(GivenTreatment::item, one -> one));
    Map<UUID, Traced> all = new LinkedHashMap<>();
    for (StoredItem one : some) {
      UUID id = one.id();
      all.put(
          id,
          traced(
              one,
              touched.getOrDefault(id, List.of()),
              happened.getOrDefault(id, List.of()),
              treated.get(id)));
    }
    return all;
  }

  private static Traced traced(
      StoredItem stored,
      List<Contact> touched,
      List<IncidentReport> happened,
      @Nullable GivenTreatment treated) {
    boolean isToBeTreated = stored.item().clean().isToBeTreated();
    Instant since = stored.item().clean().since();
    List<Contact> contacts =
        touched.stream().filter(one -> isToBeTreated && isSince(since, one.at())).toList();
    List<IncidentReport> incidents =
        happened.stream().filter(one -> isToBeTreated && isSince(since, one.at())).toList();
    Instant last =
        Stream.concat(
                contacts.stream().map(Contact::at), incidents.stream().map(IncidentReport::at))
            .max(Instant::compareTo)
            .orElse(since);
    boolean isSinceThen = treated != null && isSince(last, treated.begunAt());
    return new Traced(stored, contacts, incidents, last, isSinceThen ? treated : null);
  }

  private static boolean isSince(@Nullable Instant since, Instant at) {
    return since == null || !at.isBefore(since);
  }
}
