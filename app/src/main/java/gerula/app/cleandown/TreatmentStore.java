package gerula.app.cleandown;

import static gerula.app.tables.Tables.CONTACT;
import static gerula.app.tables.Tables.TREATMENT;

import gerula.app.tables.tables.records.TreatmentRecord;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.work.DoneStep;
import gerula.core.cleandown.work.GivenTreatment;
import gerula.core.rule.Code;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Treatments in the database. Everything here runs within a workspace. */
@Component
public class TreatmentStore {

  private final DSLContext sql;
  private final JsonMapper json;

  TreatmentStore(DSLContext sql, JsonMapper json) {
    this.sql = sql;
    this.json = json;
  }

  /** Writes it, be it new or gone on with. */
  public void save(GivenTreatment one) {
    TreatmentRecord row = sql.newRecord(TREATMENT);
    row.setId(one.id());
    row.setItemId(one.item());
    row.setPlaceId(one.place());
    row.setAgentId(one.agent());
    row.setBookingId(one.booking());
    row.setFaceId(one.face());
    row.setMoment(one.moment().code());
    row.setBegunAt(one.begunAt());
    row.setDoneAt(one.doneAt());
    row.setSprayPercent((short) one.sprayPercent());
    row.setSteps(JSONB.valueOf(json.writeValueAsString(one.steps())));
    sql.insertInto(TREATMENT)
        .set(row)
        .onConflict(TREATMENT.WORKSPACE_ID, TREATMENT.ID)
        .doUpdate()
        .set(TREATMENT.DONE_AT, row.getDoneAt())
        .set(TREATMENT.AGENT_ID, row.getAgentId())
        .set(TREATMENT.STEPS, row.getSteps())
        .execute();
  }

  /** The latest of each of these items. */
  List<GivenTreatment> latestOf(Collection<UUID> items) {
    return sql.select(TREATMENT.fields())
        .distinctOn(TREATMENT.ITEM_ID)
        .from(TREATMENT)
        .where(TREATMENT.ITEM_ID.in(items))
        .orderBy(TREATMENT.ITEM_ID, TREATMENT.BEGUN_AT.desc(), TREATMENT.ID)
        .fetch(row -> treatment(row.into(TREATMENT)));
  }

  /** The latest of each of these bags. */
  List<GivenTreatment> latestOfBags(Collection<UUID> places) {
    return sql.select(TREATMENT.fields())
        .distinctOn(TREATMENT.PLACE_ID)
        .from(TREATMENT)
        .where(TREATMENT.PLACE_ID.in(places))
        .orderBy(TREATMENT.PLACE_ID, TREATMENT.BEGUN_AT.desc(), TREATMENT.ID)
        .fetch(row -> treatment(row.into(TREATMENT)));
  }

  /** What was done beside, between the faces of a booking. */
  List<GivenTreatment> beside(UUID booking) {
    return some(
        TREATMENT
            .BOOKING_ID
            .eq(booking)
            .and(TREATMENT.ITEM_ID.isNull())
            .and(TREATMENT.PLACE_ID.isNull()));
  }

  /** Those of these items that were done, from a moment on. */
  List<GivenTreatment> doneSince(Collection<UUID> items, Instant since) {
    return some(
        TREATMENT
            .ITEM_ID
            .eq(DSL.any(items.stream().distinct().toArray(UUID[]::new)))
            .and(TREATMENT.DONE_AT.ge(since)));
  }

  /** Of each of these contacts the first treatment of its thing that was begun after it. */
  Map<UUID, GivenTreatment> firstAfter(Condition which) {
    var after =
        DSL.lateral(
                DSL.selectFrom(TREATMENT)
                    .where(TREATMENT.ITEM_ID.eq(CONTACT.ITEM_ID))
                    .and(TREATMENT.BEGUN_AT.ge(CONTACT.AT))
                    .and(TREATMENT.DONE_AT.isNotNull())
                    .orderBy(TREATMENT.BEGUN_AT, TREATMENT.ID)
                    .limit(1))
            .as(TREATMENT.getName());
    return sql.select(CONTACT.ID)
        .select(after.fields())
        .from(CONTACT)
        .crossJoin(after)
        .where(which)
        .fetchMap(
            row -> row.get(CONTACT.ID), row -> treatment(row.into(after.fields()).into(TREATMENT)));
  }

  /** How many things were sprayed from a bottle since a moment. */
  int sprayedFrom(UUID bottle, Instant since) {
    return some(TREATMENT.AGENT_ID.eq(bottle).and(TREATMENT.BEGUN_AT.ge(since))).stream()
        .mapToInt(
            one -> (int) one.steps().stream().filter(step -> step.step().takesAlcohol()).count())
        .sum();
  }

  List<GivenTreatment> some(Condition which) {
    return sql.selectFrom(TREATMENT)
        .where(which)
        .orderBy(TREATMENT.BEGUN_AT, TREATMENT.ID)
        .fetch(this::treatment);
  }

  /** All of them, the oldest first. */
  public Stream<GivenTreatment> all() {
    return sql.selectFrom(TREATMENT)
        .orderBy(TREATMENT.BEGUN_AT, TREATMENT.ID)
        .fetchSize(500)
        .fetchStream()
        .map(this::treatment);
  }

  private GivenTreatment treatment(TreatmentRecord row) {
    return new GivenTreatment(
        row.getId(),
        row.getItemId(),
        row.getPlaceId(),
        row.getBookingId(),
        row.getFaceId(),
        Code.of(Moment.class, row.getMoment()),
        row.getBegunAt(),
        row.getDoneAt(),
        row.getSprayPercent(),
        row.getAgentId(),
        Arrays.asList(json.readValue(row.getSteps().data(), DoneStep[].class)));
  }
}
