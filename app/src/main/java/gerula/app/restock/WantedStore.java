package gerula.app.restock;

import static gerula.app.tables.Tables.WANTED;

import gerula.app.tables.tables.records.WantedRecord;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is to be bought, in the database. Everything here runs within a workspace. */
@Component
public class WantedStore {

  private final DSLContext sql;

  WantedStore(DSLContext sql) {
    this.sql = sql;
  }

  /**
   * So many packs of a product.
   *
   * @param neededOn the day it has to be there, null when any day will do
   * @param gotOn the day it was bought, null as long as it is wanted
   * @param ordered how it is ordered, null as long as it is not
   */
  public record StoredWanted(
      @NotNull UUID id,
      @NotNull UUID product,
      int packs,
      @Nullable LocalDate neededOn,
      @NotNull String why,
      @NotNull LocalDate notedOn,
      @Nullable LocalDate gotOn,
      @Nullable Ordered ordered,
      int version) {

    StoredWanted got(LocalDate on) {
      return new StoredWanted(id, product, packs, neededOn, why, notedOn, on, ordered, version + 1);
    }

    /** So many came, and the rest is still to come. */
    StoredWanted gotPart(int came) {
      return new StoredWanted(
          id, product, packs - came, neededOn, why, notedOn, gotOn, ordered, version + 1);
    }

    /** It is ordered as another product that does for it. */
    StoredWanted instead(UUID other) {
      return new StoredWanted(
          id, other, packs, neededOn, why, notedOn, gotOn, ordered, version + 1);
    }

    /**
     * @param how null: it is not ordered any more
     */
    StoredWanted ordered(@Nullable Ordered how) {
      return new StoredWanted(id, product, packs, neededOn, why, notedOn, gotOn, how, version + 1);
    }
  }

  /**
   * @param shop null: from somebody who is not kept as a shop
   * @param thereBy the day it is to be there
   * @param parcel in which it comes; null for what was ordered before parcels were kept
   */
  public record Ordered(
      @NotNull LocalDate on,
      @Nullable UUID shop,
      @NotNull LocalDate thereBy,
      @Nullable UUID parcel) {

    private static @Nullable Ordered of(WantedRecord row) {
      return row.getOrderedOn() == null
          ? null
          : new Ordered(
              row.getOrderedOn(), row.getOrderedFrom(), row.getThereBy(), row.getParcelId());
    }
  }

  /** What is still wanted, the most pressing first. */
  public List<StoredWanted> open() {
    return sql.selectFrom(WANTED)
        .where(WANTED.GOT_ON.isNull())
        .orderBy(WANTED.NEEDED_ON.asc().nullsLast(), WANTED.NOTED_ON, WANTED.ID)
        .fetch(WantedStore::stored);
  }

  /** All that ever was wanted. */
  public List<StoredWanted> all() {
    return sql.selectFrom(WANTED).orderBy(WANTED.NOTED_ON, WANTED.ID).fetch(WantedStore::stored);
  }

  /** What comes or came in this parcel. */
  List<StoredWanted> ofParcel(UUID parcel) {
    return sql.selectFrom(WANTED)
        .where(WANTED.PARCEL_ID.eq(parcel))
        .orderBy(WANTED.ID)
        .fetch(WantedStore::stored);
  }

  Optional<StoredWanted> locked(UUID id) {
    return sql.selectFrom(WANTED)
        .where(WANTED.ID.eq(id))
        .forUpdate()
        .fetchOptional(WantedStore::stored);
  }

  private static StoredWanted stored(WantedRecord row) {
    return new StoredWanted(
        row.getId(),
        row.getProductId(),
        row.getPacks(),
        row.getNeededOn(),
        row.getWhy(),
        row.getNotedOn(),
        row.getGotOn(),
        Ordered.of(row),
        row.getVersion());
  }

  void remove(UUID id) {
    sql.deleteFrom(WANTED).where(WANTED.ID.eq(id)).execute();
  }

  /** Keeps it as it stands. */
  public void save(StoredWanted one) {
    Ordered ordered = one.ordered();
    sql.insertInto(WANTED)
        .set(WANTED.ID, one.id())
        .set(WANTED.PRODUCT_ID, one.product())
        .set(WANTED.PACKS, one.packs())
        .set(WANTED.NEEDED_ON, one.neededOn())
        .set(WANTED.WHY, one.why())
        .set(WANTED.NOTED_ON, one.notedOn())
        .set(WANTED.GOT_ON, one.gotOn())
        .set(WANTED.ORDERED_ON, ordered == null ? null : ordered.on())
        .set(WANTED.ORDERED_FROM, ordered == null ? null : ordered.shop())
        .set(WANTED.THERE_BY, ordered == null ? null : ordered.thereBy())
        .set(WANTED.PARCEL_ID, ordered == null ? null : ordered.parcel())
        .set(WANTED.VERSION, one.version())
        .onConflict(WANTED.WORKSPACE_ID, WANTED.ID)
        .doUpdate()
        .setAllToExcluded()
        .execute();
  }
}
