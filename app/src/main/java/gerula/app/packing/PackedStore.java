package gerula.app.packing;

import static gerula.app.tables.Tables.BOOKING;
import static gerula.app.tables.Tables.PACKED;

import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** What is ticked off for which booking. Everything here runs within a workspace. */
@Component
class PackedStore {

  private final DSLContext sql;

  PackedStore(DSLContext sql) {
    this.sql = sql;
  }

  Set<UUID> of(UUID booking) {
    return sql.select(PACKED.ITEM_ID)
        .from(PACKED)
        .where(PACKED.BOOKING_ID.eq(booking))
        .fetchSet(PACKED.ITEM_ID);
  }

  /** Title of the booking an item is ticked off for, if any. */
  Optional<PackedFor> bookingOf(UUID item) {
    return sql.select(BOOKING.ID, BOOKING.TITLE)
        .from(PACKED)
        .join(BOOKING)
        .on(BOOKING.ID.eq(PACKED.BOOKING_ID))
        .where(PACKED.ITEM_ID.eq(item))
        .fetchOptional(row -> new PackedFor(row.value1(), row.value2()));
  }

  /** A booking an item is ticked off for. */
  record PackedFor(UUID booking, String title) {}

  void add(UUID booking, UUID item) {
    sql.insertInto(PACKED)
        .set(PACKED.BOOKING_ID, booking)
        .set(PACKED.ITEM_ID, item)
        .onConflictDoNothing()
        .execute();
  }

  void remove(UUID item) {
    sql.deleteFrom(PACKED).where(PACKED.ITEM_ID.eq(item)).execute();
  }
}
