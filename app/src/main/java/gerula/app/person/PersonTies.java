package gerula.app.person;

import static gerula.app.tables.Tables.BOOKING;
import static gerula.app.tables.Tables.CONTACT;
import static gerula.app.tables.Tables.FACE;
import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PLACE;

import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import gerula.app.person.PersonRecords.BookedView;
import gerula.core.kit.place.PlaceKind;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Everything that refers to a person. Everything here runs within a workspace. */
@Component
class PersonTies {

  private final DSLContext sql;

  PersonTies(DSLContext sql) {
    this.sql = sql;
  }

  private static final Condition IN_KIT = ITEM.DISCARDED_ON.isNull();

  /** On how many bookings somebody is a face, and when the latest of them begins. */
  record Booked(int bookings, @Nullable LocalDate last) {
    static final Booked NEVER = new Booked(0, null);
  }

  Map<UUID, Booked> booked() {
    return sql.select(
            FACE.PERSON_ID, DSL.countDistinct(FACE.BOOKING_ID), DSL.max(BOOKING.FIRST_DAY))
        .from(FACE)
        .join(BOOKING)
        .on(BOOKING.ID.eq(FACE.BOOKING_ID))
        .where(FACE.PERSON_ID.isNotNull())
        .groupBy(FACE.PERSON_ID)
        .fetchMap(row -> row.value1(), row -> new Booked(row.value2(), row.value3()));
  }

  Map<UUID, Integer> kept() {
    return sql.select(ITEM.ONLY_FOR_ID, DSL.count())
        .from(ITEM)
        .where(ITEM.ONLY_FOR_ID.isNotNull())
        .and(IN_KIT)
        .groupBy(ITEM.ONLY_FOR_ID)
        .fetchMap(ITEM.ONLY_FOR_ID, DSL.count());
  }

  Map<UUID, Integer> borrowed() {
    return sql.select(PLACE.PERSON_ID, DSL.count())
        .from(PLACE)
        .join(ITEM)
        .on(ITEM.NOW_PLACE_ID.eq(PLACE.ID))
        .where(PLACE.KIND.eq(PlaceKind.LENT.code()))
        .and(PLACE.PERSON_ID.isNotNull())
        .and(IN_KIT)
        .groupBy(PLACE.PERSON_ID)
        .fetchMap(PLACE.PERSON_ID, DSL.count());
  }

  List<BookedView> bookings(UUID person) {
    return sql.selectDistinct(BOOKING.ID, BOOKING.TITLE, BOOKING.FIRST_DAY, BOOKING.LAST_DAY)
        .from(BOOKING)
        .join(FACE)
        .on(FACE.BOOKING_ID.eq(BOOKING.ID))
        .where(FACE.PERSON_ID.eq(person))
        .orderBy(BOOKING.FIRST_DAY.desc(), BOOKING.ID)
        .fetch(row -> new BookedView(row.value1(), row.value2(), row.value3(), row.value4()));
  }

  /** Whether she is made up on a booking that is not over. */
  boolean isBookedFrom(UUID person, LocalDate day) {
    return sql.fetchExists(
        DSL.selectOne()
            .from(FACE)
            .join(BOOKING)
            .on(BOOKING.ID.eq(FACE.BOOKING_ID))
            .where(FACE.PERSON_ID.eq(person))
            .and(BOOKING.LAST_DAY.ge(day))
            .and(BOOKING.BACK_AT.isNull()));
  }

  List<UUID> kept(UUID person) {
    return sql.select(ITEM.ID)
        .from(ITEM)
        .where(ITEM.ONLY_FOR_ID.eq(person))
        .and(IN_KIT)
        .orderBy(ITEM.ID)
        .fetch(ITEM.ID);
  }

  List<UUID> places(UUID person) {
    return sql.select(PLACE.ID)
        .from(PLACE)
        .where(PLACE.PERSON_ID.eq(person))
        .orderBy(PLACE.REACH, PLACE.ID)
        .fetch(PLACE.ID);
  }

  List<UUID> borrowed(UUID person) {
    return sql.select(ITEM.ID)
        .from(ITEM)
        .join(PLACE)
        .on(PLACE.ID.eq(ITEM.NOW_PLACE_ID))
        .where(PLACE.PERSON_ID.eq(person))
        .and(PLACE.KIND.eq(PlaceKind.LENT.code()))
        .and(IN_KIT)
        .orderBy(ITEM.ID)
        .fetch(ITEM.ID);
  }

  /** Whatever referred to one refers to the other. */
  void move(Act act, UUID from, UUID to) {
    for (UUID booking :
        sql.selectDistinct(FACE.BOOKING_ID)
            .from(FACE)
            .where(FACE.PERSON_ID.eq(from))
            .orderBy(FACE.BOOKING_ID)
            .fetch(FACE.BOOKING_ID)) {
      act.touch(ThingKind.BOOKING_THING, booking, () -> moveFaces(booking, from, to));
    }
    move(act, ThingKind.ITEM_THING, ITEM.ID, ITEM.ONLY_FOR_ID, from, to);
    move(act, ThingKind.PLACE_THING, PLACE.ID, PLACE.PERSON_ID, from, to);
    move(act, ThingKind.CONTACT_THING, CONTACT.ID, CONTACT.PERSON_ID, from, to);
  }

  private void move(
      Act act,
      ThingKind kind,
      TableField<?, UUID> id,
      TableField<?, UUID> refers,
      UUID from,
      UUID to) {
    Table<?> table = kind.table();
    Field<Integer> version = table.field("version", Integer.class);
    for (UUID thing : sql.select(id).from(table).where(refers.eq(from)).orderBy(id).fetch(id)) {
      act.touch(
          kind,
          thing,
          () -> {
            var update = sql.update(table).set(refers, to);
            (version == null ? update : update.set(version, version.plus(1)))
                .where(id.eq(thing))
                .execute();
          });
    }
  }

  private void moveFaces(UUID booking, UUID from, UUID to) {
    sql.update(FACE)
        .set(FACE.PERSON_ID, to)
        .where(FACE.BOOKING_ID.eq(booking))
        .and(FACE.PERSON_ID.eq(from))
        .execute();
    sql.update(BOOKING)
        .set(BOOKING.VERSION, BOOKING.VERSION.plus(1))
        .where(BOOKING.ID.eq(booking))
        .execute();
  }
}
