package gerula.app.depot.lineage;

import static gerula.app.tables.Tables.FILLING;

import gerula.app.tables.tables.records.FillingRecord;
import gerula.core.depot.lineage.Lineage;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What was filled from what, in the database. Everything here runs within a workspace. */
@Component
public class FillingStore {

  private final DSLContext sql;

  FillingStore(DSLContext sql) {
    this.sql = sql;
  }

  /**
   * That so much of a source went into a container.
   *
   * @param amount in the unit of the product
   * @param washedOutOn the day the container was washed, null while something of it is in there
   * @param onARest whether there was a rest in it of which nobody knows where it came from
   */
  public record StoredFilling(
      UUID id,
      UUID item,
      UUID source,
      LocalDate filledOn,
      BigDecimal amount,
      @Nullable LocalDate washedOutOn,
      boolean onARest,
      int version) {

    StoredFilling washedOut(LocalDate on) {
      return new StoredFilling(id, item, source, filledOn, amount, on, onARest, version + 1);
    }

    Lineage.Filling filling() {
      return new Lineage.Filling(id, item, source, filledOn, washedOutOn);
    }
  }

  /** All of the workspace, in the order in which they were filled. */
  public List<StoredFilling> all() {
    return sql.selectFrom(FILLING)
        .orderBy(FILLING.FILLED_ON, FILLING.ID)
        .fetch(FillingStore::stored);
  }

  public Lineage lineage() {
    return new Lineage(all().stream().map(StoredFilling::filling).toList());
  }

  /** What is in this container now. */
  public List<StoredFilling> in(UUID item) {
    return sql.selectFrom(FILLING)
        .where(FILLING.ITEM_ID.eq(item))
        .and(FILLING.WASHED_OUT_ON.isNull())
        .orderBy(FILLING.FILLED_ON, FILLING.ID)
        .fetch(FillingStore::stored);
  }

  private static StoredFilling stored(FillingRecord row) {
    return new StoredFilling(
        row.getId(),
        row.getItemId(),
        row.getSourceId(),
        row.getFilledOn(),
        row.getAmount(),
        row.getWashedOutOn(),
        row.getOnARest(),
        row.getVersion());
  }

  /** Keeps a filling as it stands. */
  public void save(StoredFilling one) {
    sql.insertInto(FILLING)
        .set(FILLING.ID, one.id())
        .set(FILLING.ITEM_ID, one.item())
        .set(FILLING.SOURCE_ID, one.source())
        .set(FILLING.FILLED_ON, one.filledOn())
        .set(FILLING.AMOUNT, one.amount())
        .set(FILLING.WASHED_OUT_ON, one.washedOutOn())
        .set(FILLING.ON_A_REST, one.onARest())
        .set(FILLING.VERSION, one.version())
        .onConflict(FILLING.WORKSPACE_ID, FILLING.ID)
        .doUpdate()
        .setAllToExcluded()
        .execute();
  }
}
