package gerula.app.archive;

import static gerula.app.tables.Tables.ACTOR;
import static gerula.app.tables.Tables.BOOKING;
import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.LEDGER_THING;
import static gerula.app.tables.Tables.PACKED;
import static gerula.app.tables.Tables.PICTURE;
import static gerula.app.tables.Tables.PLACE;
import static gerula.app.tables.Tables.PRODUCT;
import static gerula.app.tables.Tables.STOCKTAKE;
import static gerula.app.tables.Tables.STOCKTAKE_SEEN;

import gerula.app.cleandown.ContactStore;
import gerula.app.cleandown.IncidentStore;
import gerula.app.cleandown.TreatmentStore;
import gerula.app.person.PersonStore;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.picture.Jpeg;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.cleandown.Contact;
import gerula.core.cleandown.IncidentReport;
import gerula.core.cleandown.work.DoneStep;
import gerula.core.cleandown.work.GivenTreatment;
import gerula.core.kit.item.CleanState;
import gerula.core.person.Person;
import gerula.core.rule.Code;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Query;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * What an archive keeps beyond what somebody can type: versions, ticks, counts, pictures, the
 * ledger. Everything here runs within a workspace.
 */
@Component
class ArchiveStore {

  private final DSLContext sql;
  private final PersonStore people;
  private final ContactStore contacts;
  private final TreatmentStore treatments;
  private final IncidentStore incidents;
  private final JsonMapper json;

  ArchiveStore(
      DSLContext sql,
      PersonStore people,
      ContactStore contacts,
      TreatmentStore treatments,
      IncidentStore incidents,
      JsonMapper json) {
    this.sql = sql;
    this.people = people;
    this.contacts = contacts;
    this.treatments = treatments;
    this.incidents = incidents;
    this.json = json;
  }

  void setPlaceVersions(List<Archived.OfPlace> places) {
    sql.batch(
            places.stream()
                .map(
                    one ->
                        sql.update(PLACE)
                            .set(PLACE.VERSION, one.version())
                            .set(PLACE.USED_SINCE, one.usedSince())
                            .set(PLACE.WET_UNTIL, one.wetUntil())
                            .where(PLACE.ID.eq(one.id())))
                .toList())
        .execute();
  }

  void setProductVersions(List<Archived.OfProduct> products) {
    sql.batch(
            products.stream()
                .filter(one -> one.version() != 0 || one.discontinuedOn() != null)
                .map(
                    one ->
                        sql.update(PRODUCT)
                            .set(PRODUCT.VERSION, one.version())
                            .set(PRODUCT.DISCONTINUED_ON, one.discontinuedOn())
                            .where(PRODUCT.ID.eq(one.id())))
                .toList())
        .execute();
  }

  void setItemStates(List<Archived.OfItem> items) {
    sql.batch(
            items.stream()
                .filter(
                    one ->
                        one.version() != 0
                            || one.discardedOn() != null
                            || one.picture() != null
                            || one.besides() != null)
                .map(this::itemState)
                .toList())
        .execute();
  }

  private Query itemState(Archived.OfItem one) {
    ItemRecord row = new ItemRecord();
    row.setVersion(one.version());
    row.setPictureId(one.picture());
    row.setDiscardedOn(one.discardedOn());
    row.setDiscardCause(one.discardCause() == null ? null : one.discardCause().code());
    Archived.Besides besides = one.besides();
    if (besides != null) {
      row.setSpoilageOn(besides.spoilageOn());
      row.setSpoilageWhat(
          besides.spoilageOn() == null
              ? null
              : besides.spoilageWhat().stream()
                  .distinct()
                  .sorted()
                  .map(Code::code)
                  .collect(Collectors.joining(" ")));
      row.setBrokenPackOn(besides.brokenPackOn());
      row.setSlot(besides.slot());
      row.setEmptyId(besides.empty());
      row.setWashedOn(besides.washedOn());
      row.setUseFirstOn(besides.useFirstOn());
      row.setKeptOn(besides.keptOn());
      row.setTrialUntil(besides.trialUntil());
      row.setCleanSince(besides.cleanSince());
      row.setCleanBy((besides.cleanBy() == null ? CleanState.By.TOLD : besides.cleanBy()).code());
      row.setCleanUntil(besides.cleanUntil());
      row.setLeftEstimated(Boolean.TRUE.equals(besides.leftEstimated()));
    }
    return sql.update(ITEM).set(row).where(ITEM.ID.eq(one.id()));
  }

  void setBookingStates(List<Archived.OfBooking> bookings) {
    sql.batch(
            bookings.stream()
                .map(
                    one ->
                        sql.update(BOOKING)
                            .set(BOOKING.VERSION, one.version())
                            .set(BOOKING.DEPARTED_AT, one.departedAt())
                            .set(BOOKING.BACK_AT, one.backAt())
                            .where(BOOKING.ID.eq(one.id())))
                .toList())
        .execute();
  }

  void insertPicture(Archived.Picture one) {
    Jpeg jpeg = Jpeg.kept(one.jpeg());
    sql.insertInto(PICTURE)
        .set(PICTURE.ID, one.id())
        .set(PICTURE.JPEG, jpeg.bytes())
        .set(PICTURE.WIDTH, jpeg.width())
        .set(PICTURE.HEIGHT, jpeg.height())
        .execute();
  }

  void insertTicks(List<Archived.OfTick> ticks) {
    sql.batch(
            ticks.stream()
                .map(
                    one ->
                        sql.insertInto(PACKED)
                            .set(PACKED.BOOKING_ID, one.booking())
                            .set(PACKED.ITEM_ID, one.item())
                            .set(PACKED.PACKED_AT, one.packedAt()))
                .toList())
        .execute();
  }

  void insertCount(Archived.Count one) {
    sql.insertInto(STOCKTAKE)
        .set(STOCKTAKE.ID, one.id())
        .set(STOCKTAKE.PLACE_ID, one.place())
        .set(STOCKTAKE.STARTED_AT, one.startedAt())
        .set(STOCKTAKE.SETTLED_AT, one.settledAt())
        .set(STOCKTAKE.VERSION, one.version())
        .execute();
    sql.batch(
            one.seen().stream()
                .map(
                    seen ->
                        sql.insertInto(STOCKTAKE_SEEN)
                            .set(STOCKTAKE_SEEN.STOCKTAKE_ID, one.id())
                            .set(STOCKTAKE_SEEN.ITEM_ID, seen.item())
                            .set(STOCKTAKE_SEEN.COUNTED, seen.counted()))
                .toList())
        .execute();
  }

  /** Whoever reads his own archive is there already. */
  void insertActor(Archived.OfActor one) {
    sql.insertInto(ACTOR)
        .set(ACTOR.ID, one.id())
        .set(ACTOR.NAME, one.name())
        .set(ACTOR.ROLE, one.role().code())
        .onConflictDoNothing()
        .execute();
  }

  void insertContact(Archived.OfContact one) {
    contacts.insert(
        new Contact(
            one.id(), one.item(), one.person(), one.booking(), one.face(), one.how(), one.at()));
  }

  void insertTreatment(Archived.OfTreatment one) {
    treatments.save(
        new GivenTreatment(
            one.id(),
            one.item(),
            one.place(),
            one.booking(),
            one.face(),
            one.moment(),
            one.begunAt(),
            one.doneAt(),
            one.sprayPercent(),
            one.agent(),
            one.steps().stream().map(step -> new DoneStep(step.step(), step.at())).toList()));
  }

  void insertIncident(Archived.OfIncident one) {
    incidents.insert(
        new IncidentReport(
            one.id(), one.item(), one.booking(), one.face(), one.incident(), one.at()));
  }

  void insertPerson(Archived.OfPerson one) {
    Person told =
        one.person()
            .toPerson(one.id(), new Faults(), "")
            .orElseThrow(() -> new IllegalStateException("It was checked before."));
    people.insert(
        new Person(
            told.id(),
            told.name(),
            told.aliases(),
            told.depth(),
            told.sensitivities(),
            told.askedOn(),
            one.erasedOn()),
        one.version());
  }

  Query act(Archived.OfAct one, UUID reader) {
    return sql.insertInto(LEDGER)
        .set(LEDGER.ID, one.id())
        .set(LEDGER.ACT, one.act())
        .set(LEDGER.AT, one.at())
        .set(LEDGER.WHO, one.who() == null ? reader : one.who())
        .set(LEDGER.FACTS, jsonb(one.facts()))
        .set(LEDGER.UNDOES, one.undoes())
        // Worked out when the whole history is there.
        .set(LEDGER.IN_EFFECT, one.undoes() == null);
  }

  Query thing(UUID act, Archived.OfThing thing) {
    return sql.insertInto(LEDGER_THING)
        .set(LEDGER_THING.LEDGER_ID, act)
        .set(
            LEDGER_THING.SEQ,
            DSL.field(DSL.select(LEDGER.SEQ).from(LEDGER).where(LEDGER.ID.eq(act))))
        .set(LEDGER_THING.KIND, thing.kind().code())
        .set(LEDGER_THING.THING_ID, thing.id())
        // Before version 3 archives did not say: what is missing is brought up from the first.
        .set(LEDGER_THING.LEVEL, thing.level() == null ? 1 : thing.level())
        .set(LEDGER_THING.BEFORE, jsonb(thing.before()))
        .set(LEDGER_THING.AFTER, jsonb(thing.after()));
  }

  void write(List<Query> some) {
    sql.batch(some).execute();
  }

  /** References between things are checked at the end of a transaction; here they are asked now. */
  void checkReferences() {
    sql.execute("set constraints all immediate");
  }

  private @Nullable JSONB jsonb(@Nullable Map<String, Object> facts) {
    return facts == null ? null : JSONB.valueOf(json.writeValueAsString(facts));
  }
}
