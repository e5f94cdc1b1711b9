package gerula.app.cleandown;

import static gerula.app.tables.Tables.CONTACT;
import static gerula.app.tables.Tables.ITEM;

import gerula.app.tables.tables.records.ContactRecord;
import gerula.core.cleandown.Contact;
import gerula.core.rule.Code;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Contacts in the database. Everything here runs within a workspace. */
@Component
public class ContactStore {

  private final DSLContext sql;

  ContactStore(DSLContext sql) {
    this.sql = sql;
  }

  public void insert(Contact contact) {
    ContactRecord row = sql.newRecord(CONTACT);
    row.setId(contact.id());
    row.setItemId(contact.item());
    row.setPersonId(contact.person());
    row.setBookingId(contact.booking());
    row.setFaceId(contact.face());
    row.setHow(contact.how().code());
    row.setAt(contact.at());
    row.insert();
  }

  /** Whether this one was written down already, be it with another act. */
  boolean has(UUID contact) {
    return sql.fetchExists(CONTACT, CONTACT.ID.eq(contact));
  }

  /** Whom a thing touched, the latest first. */
  List<Contact> ofItem(UUID item, int most) {
    return some(CONTACT.ITEM_ID.eq(item), most);
  }

  /** Whom these touched, the latest first. */
  List<Contact> ofItems(Collection<UUID> items) {
    return sql.selectFrom(CONTACT)
        .where(CONTACT.ITEM_ID.in(items))
        .orderBy(CONTACT.AT.desc(), CONTACT.ID)
        .fetch(ContactStore::contact);
  }

  /** When a face was touched last. */
  Optional<Instant> lastOn(UUID booking, UUID face) {
    return sql.select(DSL.max(CONTACT.AT))
        .from(CONTACT)
        .where(CONTACT.BOOKING_ID.eq(booking).and(CONTACT.FACE_ID.eq(face)))
        .fetchOptional(0, Instant.class);
  }

  /** What touched somebody, the latest first. */
  List<Contact> ofPerson(UUID person, int most) {
    return some(CONTACT.PERSON_ID.eq(person), most);
  }

  private List<Contact> some(Condition which, int most) {
    return sql.selectFrom(CONTACT)
        .where(which)
        .orderBy(CONTACT.AT.desc(), CONTACT.ID)
        .limit(most)
        .fetch(ContactStore::contact);
  }

  /** What touched somebody since a moment, the latest first. */
  List<Contact> ofPerson(UUID person, Instant since) {
    return sql.selectFrom(CONTACT)
        .where(CONTACT.PERSON_ID.eq(person).and(CONTACT.AT.ge(since)))
        .orderBy(CONTACT.AT.desc(), CONTACT.ID)
        .fetch(ContactStore::contact);
  }

  List<Contact> some(Condition which) {
    return sql.selectFrom(CONTACT)
        .where(which)
        .orderBy(CONTACT.AT, CONTACT.ID)
        .fetch(ContactStore::contact);
  }

  /**
   * How many faces each product touched at bookings since then; a face on two days is two.
   *
   * @param zone in which a day begins and ends
   */
  public Map<UUID, Integer> facesOfProducts(Instant since, ZoneId zone) {
    Field<Integer> faces =
        DSL.field(
            "count(distinct ({0}, ({1} at time zone {2})::date))",
            Integer.class, CONTACT.FACE_ID, CONTACT.AT, DSL.val(zone.getId()));
    return sql.select(ITEM.PRODUCT_ID, faces)
        .from(CONTACT)
        .join(ITEM)
        .on(ITEM.ID.eq(CONTACT.ITEM_ID))
        .where(CONTACT.AT.ge(since))
        .and(CONTACT.FACE_ID.isNotNull())
        .groupBy(ITEM.PRODUCT_ID)
        .fetchMap(ITEM.PRODUCT_ID, faces);
  }

  /** All of them, the oldest first. */
  public Stream<Contact> all() {
    return sql.selectFrom(CONTACT)
        .orderBy(CONTACT.AT, CONTACT.ID)
        .fetchSize(500)
        .fetchStream()
        .map(ContactStore::contact);
  }

  static Contact contact(ContactRecord row) {
    return new Contact(
        row.getId(),
        row.getItemId(),
        row.getPersonId(),
        row.getBookingId(),
        row.getFaceId(),
        Code.of(Contact.How.class, row.getHow()),
        row.getAt());
  }
}
