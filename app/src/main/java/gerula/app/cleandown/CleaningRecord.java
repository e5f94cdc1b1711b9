package gerula.app.cleandown;

import static gerula.app.tables.Tables.ACTOR;
import static gerula.app.tables.Tables.CONTACT;
import static gerula.app.tables.Tables.INCIDENT;
import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.LEDGER_THING;
import static gerula.app.tables.Tables.PLACE;
import static gerula.app.tables.Tables.TREATMENT;

import gerula.app.kit.KitStore;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.ThingKind;
import gerula.app.person.PersonNames;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.core.cleandown.Contact;
import gerula.core.cleandown.IncidentReport;
import gerula.core.cleandown.treatment.Step;
import gerula.core.cleandown.work.DoneStep;
import gerula.core.cleandown.work.GivenTreatment;
import gerula.core.kit.PersonRef;
import gerula.core.rule.Code;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What was written down of uses, treatments and incidents, line by line. */
@Component
class CleaningRecord {

  private final DSLContext sql;
  private final ContactStore contacts;
  private final TreatmentStore treatments;
  private final IncidentStore incidents;
  private final KitStore kit;
  private final PersonNames people;
  private final WorkspaceTime time;

  CleaningRecord(
      DSLContext sql,
      ContactStore contacts,
      TreatmentStore treatments,
      IncidentStore incidents,
      KitStore kit,
      PersonNames people,
      WorkspaceTime time) {
    this.sql = sql;
    this.contacts = contacts;
    this.treatments = treatments;
    this.incidents = incidents;
    this.kit = kit;
    this.people = people;
    this.time = time;
  }

  /**
   * Of what it is asked for: all that is told has to hold.
   *
   * @param from first day
   * @param until last day
   */
  record Asked(
      @Nullable UUID booking,
      @Nullable UUID item,
      @Nullable LocalDate from,
      @Nullable LocalDate until) {}

  /** What a line tells. */
  enum Kind implements Code {
    USED,
    CLEANED,
    HAPPENED
  }

  /**
   * @param thing its full name, empty for worktop and hands
   * @param what how it was used, what was done or what happened
   * @param whom initials of the face, empty where none is known
   * @param by who wrote it down, empty where nobody knows
   * @param percent strength of the alcohol, % by volume; null where none was used
   * @param agent the bottle it came from with its batch, empty where nobody knows
   */
  record Line(
      Instant at,
      Kind kind,
      String thing,
      String what,
      String whom,
      String by,
      @Nullable Integer percent,
      String agent) {}

  /** To be called within the workspace. */
  List<Line> lines(Asked asked) {
    List<Contact> uses =
        contacts.some(which(asked, CONTACT.BOOKING_ID, CONTACT.ITEM_ID, CONTACT.AT));
    List<GivenTreatment> done =
        treatments.some(which(asked, TREATMENT.BOOKING_ID, TREATMENT.ITEM_ID, TREATMENT.BEGUN_AT));
    List<IncidentReport> reports =
        incidents.some(which(asked, INCIDENT.BOOKING_ID, INCIDENT.ITEM_ID, INCIDENT.AT));
    Set<UUID> items = new HashSet<>();
    Set<UUID> written = new HashSet<>();
    Map<UUID, UUID> persons = new HashMap<>();
    for (Contact one : uses) {
      items.add(one.item());
      written.add(one.id());
      if (one.face() != null) {
        persons.put(one.face(), one.person());
      }
    }
    for (GivenTreatment one : done) {
      written.add(one.id());
      Stream.of(one.item(), one.agent()).filter(Objects::nonNull).forEach(items::add);
    }
    for (IncidentReport one : reports) {
      items.add(one.item());
      written.add(one.id());
    }
    Named named = new Named(stored(items), bags(done), persons, writers(written));
    List<Line> lines = new ArrayList<>();
    uses.forEach(one -> lines.add(line(one, named)));
    done.forEach(one -> lines.add(line(one, named)));
    reports.forEach(one -> lines.add(line(one, named)));
    lines.sort(Comparator.comparing(Line::at).thenComparing(Line::kind).thenComparing(Line::thing));
    return lines;
  }

  private record Named(
      Map<UUID, StoredItem> items,
      Map<UUID, String> bags,
      Map<UUID, UUID> persons,
      Map<UUID, String> by) {

    String item(@Nullable UUID id) {
      StoredItem there = id == null ? null : items.get(id);
      return there == null ? "" : there.item().product().fullName();
    }

    String bag(@Nullable UUID id) {
      return id == null ? "" : bags.getOrDefault(id, "");
    }

    String agent(@Nullable UUID id) {
      StoredItem there = id == null ? null : items.get(id);
      String batch = there == null ? "" : there.details().batch();
      return batch.isBlank() ? item(id) : item(id) + ", batch " + batch;
    }

    String by(UUID id) {
      return by.getOrDefault(id, "");
    }
  }

  private Line line(Contact one, Named named) {
    return new Line(
        one.at(),
        Kind.USED,
        named.item(one.item()),
        words(one.how()),
        initials(one.person()),
        named.by(one.id()),
        null,
        "");
  }

  private Line line(GivenTreatment one, Named named) {
    boolean isAlcohol = one.steps().stream().map(DoneStep::step).anyMatch(Step::takesAlcohol);
    String steps =
        one.steps().stream()
            .map(DoneStep::step)
            .map(CleaningRecord::words)
            .collect(Collectors.joining(", "));
    return new Line(
        one.begunAt(),
        Kind.CLEANED,
        one.place() == null ? named.item(one.item()) : named.bag(one.place()),
        one.doneAt() == null ? steps + " (not finished)" : steps,
        one.face() == null ? "" : initials(named.persons().get(one.face())),
        named.by(one.id()),
        isAlcohol ? one.sprayPercent() : null,
        isAlcohol ? named.agent(one.agent()) : "");
  }

  private Line line(IncidentReport one, Named named) {
    return new Line(
        one.at(),
        Kind.HAPPENED,
        named.item(one.item()),
        words(one.incident()),
        one.face() == null ? "" : initials(named.persons().get(one.face())),
        named.by(one.id()),
        null,
        "");
  }

  private Condition which(
      Asked asked,
      TableField<?, UUID> booking,
      TableField<?, UUID> item,
      TableField<?, Instant> at) {
    Condition which = DSL.noCondition();
    if (asked.booking() != null) {
      which = which.and(booking.eq(asked.booking()));
    }
    if (asked.item() != null) {
      which = which.and(item.eq(asked.item()));
    }
    if (asked.from() != null) {
      which = which.and(at.ge(time.startOf(asked.from())));
    }
    if (asked.until() != null) {
      which = which.and(at.lt(time.startOf(asked.until().plusDays(1))));
    }
    return which;
  }

  private Map<UUID, StoredItem> stored(Collection<UUID> items) {
    return kit.itemsOf(items).stream().collect(Collectors.toMap(StoredItem::id, one -> one));
  }

  private Map<UUID, String> bags(List<GivenTreatment> done) {
    Set<UUID> ids =
        done.stream()
            .map(GivenTreatment::place)
            .filter(Objects::nonNull)
            .collect(Collectors.toSet());
    return sql.select(PLACE.ID, PLACE.NAME)
        .from(PLACE)
        .where(PLACE.ID.eq(DSL.any(ids.toArray(UUID[]::new))))
        .fetchMap(PLACE.ID, PLACE.NAME);
  }

  /** Who wrote them down. */
  private Map<UUID, String> writers(Collection<UUID> things) {
    return sql
        .select(LEDGER_THING.THING_ID, ACTOR.NAME)
        .from(LEDGER_THING)
        .join(LEDGER)
        .on(LEDGER.ID.eq(LEDGER_THING.LEDGER_ID))
        .join(ACTOR)
        .on(ACTOR.ID.eq(LEDGER.WHO))
        .where(
            LEDGER_THING.THING_ID.eq(DSL.any(things.toArray(UUID[]::new))),
            LEDGER_THING.KIND.in(
                ThingKind.CONTACT_THING.code(),
                ThingKind.TREATMENT_THING.code(),
                ThingKind.INCIDENT_THING.code()))
        .orderBy(LEDGER_THING.SEQ)
        .fetch()
        .stream()
        .collect(Collectors.toMap(row -> row.value1(), row -> row.value2(), (one, _) -> one));
  }

  /** Whoever reads a record learns no names of others. */
  private String initials(@Nullable UUID id) {
    PersonRef person = people.ref(id);
    return person == null
        ? ""
        : Arrays.stream(person.name().strip().split("[\\s-]+"))
            .filter(word -> !word.isEmpty())
            .map(word -> word.substring(0, word.offsetByCodePoints(0, 1)) + ".")
            .collect(Collectors.joining(" "));
  }

  static String words(Code code) {
    return code.code().replace('-', ' ');
  }
}
