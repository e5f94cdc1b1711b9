package gerula.app.kit;

import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PLACE;
import static gerula.app.tables.Tables.PRODUCT;

import gerula.app.tables.tables.records.ItemRecord;
import gerula.app.tables.tables.records.PlaceRecord;
import gerula.app.tables.tables.records.ProductRecord;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Places, products and items in the database. Everything here runs within a workspace. */
@Component
public class KitStore {

  private final DSLContext sql;

  KitStore(DSLContext sql) {
    this.sql = sql;
  }

  /** All places in order of reach. */
  public List<StoredPlace> places() {
    return sql.selectFrom(PLACE).orderBy(PLACE.REACH, PLACE.NAME, PLACE.ID).fetch(KitRows::place);
  }

  public Optional<StoredPlace> place(UUID id) {
    return sql.selectFrom(PLACE).where(PLACE.ID.eq(id)).fetchOptional(KitRows::place);
  }

  /** Everything that has not been discarded. */
  public List<StoredItem> items() {
    return items(ITEM.DISCARDED_ON.isNull());
  }

  public Optional<StoredItem> item(UUID id) {
    return items(ITEM.ID.eq(id)).stream().findFirst();
  }

  public List<StoredItem> itemsOf(List<UUID> ids) {
    return items(ITEM.ID.in(ids));
  }

  private List<StoredItem> items(Condition condition) {
    return sql.select(ITEM.fields())
        .select(PRODUCT.fields())
        .from(ITEM)
        .join(PRODUCT)
        .on(PRODUCT.ID.eq(ITEM.PRODUCT_ID))
        .where(condition)
        .orderBy(PRODUCT.NAME, PRODUCT.SHADE, ITEM.ID)
        .fetch(row -> KitRows.item(row.into(ITEM), row.into(PRODUCT)));
  }

  /** Holds back every other change of this item until the transaction ends. */
  public void lock(UUID item) {
    sql.selectOne().from(ITEM).where(ITEM.ID.eq(item)).forUpdate().fetch();
  }

  Optional<ProductRecord> product(UUID id) {
    return sql.selectFrom(PRODUCT).where(PRODUCT.ID.eq(id)).fetchOptional();
  }

  public void insert(UUID id, PlaceDraft draft) {
    PlaceRecord row = sql.newRecord(PLACE);
    row.setId(id);
    KitRows.write(row, draft);
    row.insert();
  }

  void update(UUID id, PlaceDraft draft) {
    PlaceRecord row = new PlaceRecord();
    KitRows.write(row, draft);
    sql.update(PLACE)
        .set(row)
        .set(PLACE.VERSION, PLACE.VERSION.plus(1))
        .where(PLACE.ID.eq(id))
        .execute();
  }

  public void insert(UUID id, ProductDraft draft) {
    ProductRecord row = sql.newRecord(PRODUCT);
    row.setId(id);
    KitRows.write(row, draft);
    row.insert();
  }

  void update(UUID id, ProductDraft draft) {
    ProductRecord row = new ProductRecord();
    KitRows.write(row, draft);
    sql.update(PRODUCT)
        .set(row)
        .set(PRODUCT.VERSION, PRODUCT.VERSION.plus(1))
        .where(PRODUCT.ID.eq(id))
        .execute();
  }

  public void insert(UUID id, UUID product, ItemDraft draft) {
    ItemRecord row = sql.newRecord(ITEM);
    row.setId(id);
    row.setProductId(product);
    KitRows.write(row, draft);
    row.insert();
  }

  void update(UUID id, ItemDraft draft) {
    ItemRecord row = new ItemRecord();
    KitRows.write(row, draft);
    change(id, row);
  }

  /** Sets what the row has set, and its next version. */
  public void change(UUID item, ItemRecord changed) {
    sql.update(ITEM)
        .set(changed)
        .set(ITEM.VERSION, ITEM.VERSION.plus(1))
        .where(ITEM.ID.eq(item))
        .execute();
  }

  /** Whether the workspace has neither places nor products yet. */
  public boolean isEmpty() {
    return !sql.fetchExists(PLACE) && !sql.fetchExists(PRODUCT);
  }
}
