package gerula.app.depot.empties;

import static gerula.app.tables.Tables.EMPTY;

import gerula.app.tables.tables.records.EmptyRecord;
import gerula.core.depot.empties.Material;
import gerula.core.kit.item.Container;
import gerula.core.rule.Code;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Kinds of empties in the database. Everything here runs within a workspace. */
@Component
public class EmptyStore {

  private final DSLContext sql;

  EmptyStore(DSLContext sql) {
    this.sql = sql;
  }

  /** A kind with its row. */
  public record StoredEmpty(UUID id, EmptyDraft draft, int version) {}

  /** All kinds, like beside like, small before large. */
  public List<StoredEmpty> all() {
    return sql.selectFrom(EMPTY)
        .orderBy(EMPTY.CONTAINER, EMPTY.SIZE_ML, EMPTY.NAME, EMPTY.ID)
        .fetch(EmptyStore::stored);
  }

  /** The kind, held back from every other change until the transaction ends. */
  public Optional<StoredEmpty> locked(UUID id) {
    return sql.selectFrom(EMPTY)
        .where(EMPTY.ID.eq(id))
        .forUpdate()
        .fetchOptional(EmptyStore::stored);
  }

  private static StoredEmpty stored(EmptyRecord row) {
    return new StoredEmpty(
        row.getId(),
        new EmptyDraft(
            row.getName(),
            Code.of(Container.class, row.getContainer()),
            Code.of(Material.class, row.getMaterial()),
            row.getSizeMl(),
            row.getTareG(),
            row.getOuterWidthMm(),
            row.getOuterDepthMm(),
            row.getOuterHeightMm(),
            row.getStock()),
        row.getVersion());
  }

  /** Keeps a kind as it stands, with the version it shall have. */
  public void save(StoredEmpty stored) {
    EmptyDraft draft = stored.draft();
    sql.insertInto(EMPTY)
        .set(EMPTY.ID, stored.id())
        .set(EMPTY.NAME, draft.name().strip())
        .set(EMPTY.CONTAINER, draft.container().code())
        .set(EMPTY.MATERIAL, draft.material().code())
        .set(EMPTY.SIZE_ML, draft.sizeMl())
        .set(EMPTY.TARE_G, draft.tareG())
        .set(EMPTY.OUTER_WIDTH_MM, draft.outerWidthMm())
        .set(EMPTY.OUTER_DEPTH_MM, draft.outerDepthMm())
        .set(EMPTY.OUTER_HEIGHT_MM, draft.outerHeightMm())
        .set(EMPTY.STOCK, draft.stock())
        .set(EMPTY.VERSION, stored.version())
        .onConflict(EMPTY.WORKSPACE_ID, EMPTY.ID)
        .doUpdate()
        .setAllToExcluded()
        .execute();
  }
}
