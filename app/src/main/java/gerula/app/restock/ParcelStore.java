package gerula.app.restock;

import static gerula.app.tables.Tables.PARCEL;

import gerula.app.tables.tables.records.ParcelRecord;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** What was ordered together, in the database. Everything here runs within a workspace. */
@Component
public class ParcelStore {

  private final DSLContext sql;

  ParcelStore(DSLContext sql) {
    this.sql = sql;
  }

  /** A parcel as it is kept. */
  public record StoredParcel(UUID id, ParcelDraft draft, int version) {

    StoredParcel changed(ParcelDraft other) {
      return new StoredParcel(id, other, version + 1);
    }
  }

  /** All there ever were, the newest first. */
  public List<StoredParcel> all() {
    return sql.selectFrom(PARCEL)
        .orderBy(PARCEL.ORDERED_ON.desc(), PARCEL.ID)
        .fetch(ParcelStore::stored);
  }

  List<StoredParcel> those(Collection<UUID> ids) {
    return sql.selectFrom(PARCEL)
        .where(PARCEL.ID.in(ids))
        .orderBy(PARCEL.ORDERED_ON.desc(), PARCEL.ID)
        .fetch(ParcelStore::stored);
  }

  Optional<StoredParcel> locked(UUID id) {
    return sql.selectFrom(PARCEL)
        .where(PARCEL.ID.eq(id))
        .forUpdate()
        .fetchOptional(ParcelStore::stored);
  }

  private static StoredParcel stored(ParcelRecord row) {
    return new StoredParcel(
        row.getId(),
        new ParcelDraft(
            row.getShopId(),
            row.getOrderedOn(),
            row.getShipping(),
            row.getCurrency(),
            row.getNumber(),
            List.of(row.getNotes()),
            row.getPictureId()),
        row.getVersion());
  }

  void remove(UUID id) {
    sql.deleteFrom(PARCEL).where(PARCEL.ID.eq(id)).execute();
  }

  /** Keeps it as it stands. */
  public void save(StoredParcel one) {
    ParcelDraft draft = one.draft();
    sql.insertInto(PARCEL)
        .set(PARCEL.ID, one.id())
        .set(PARCEL.SHOP_ID, draft.shop())
        .set(PARCEL.ORDERED_ON, draft.orderedOn())
        .set(PARCEL.SHIPPING, draft.shipping())
        .set(PARCEL.CURRENCY, draft.currency())
        .set(PARCEL.NUMBER, draft.number())
        .set(PARCEL.NOTES, draft.notes().toArray(String[]::new))
        .set(PARCEL.PICTURE_ID, draft.picture())
        .set(PARCEL.VERSION, one.version())
        .onConflict(PARCEL.WORKSPACE_ID, PARCEL.ID)
        .doUpdate()
        .setAllToExcluded()
        .execute();
  }
}
