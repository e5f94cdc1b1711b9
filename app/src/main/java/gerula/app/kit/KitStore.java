package gerula.app.kit;

import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PLACE;
import static gerula.app.tables.Tables.PRODUCT;

import gerula.app.kit.item.ItemDraft;
import gerula.app.kit.item.ItemRows;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.product.ProductDraft;
import gerula.app.kit.product.ProductRows;
import gerula.app.person.PersonNames;
import gerula.app.rule.HouseStore;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.app.tables.tables.records.ProductRecord;
import gerula.core.dates.PackDates;
import gerula.core.rule.HouseRules;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Products and items in the database. Everything here runs within a workspace. */
@Component
public class KitStore {

  /** Whose they are the database knows. */
  private static final Field<?>[] ITEM_FIELDS = without(ITEM.fields(), ITEM.WORKSPACE_ID);

  private static final Field<?>[] PRODUCT_FIELDS = without(PRODUCT.fields(), PRODUCT.WORKSPACE_ID);

  private static Field<?>[] without(Field<?>[] fields, Field<?> left) {
    return Arrays.stream(fields).filter(field -> !field.equals(left)).toArray(Field<?>[]::new);
  }

  private final DSLContext sql;
  private final Codes codes;
  private final HouseStore house;
  private final PersonNames people;
  private final Clock clock;

  KitStore(DSLContext sql, Codes codes, HouseStore house, PersonNames people, Clock clock) {
    this.sql = sql;
    this.codes = codes;
    this.house = house;
    this.people = people;
    this.clock = clock;
  }

  /** Everything that has not been discarded. */
  public List<StoredItem> items() {
    return items(ITEM.DISCARDED_ON.isNull());
  }

  /** Everything that ever was. */
  public List<StoredItem> allItems() {
    return items(DSL.noCondition());
  }

  public Optional<StoredItem> item(UUID id) {
    return items(ITEM.ID.eq(id)).stream().findFirst();
  }

  public List<StoredItem> itemsOf(Collection<UUID> ids) {
    return ids.isEmpty() ? List.of() : items(ITEM.ID.in(ids));
  }

  /** Everything that lies in one of these places. */
  public List<StoredItem> itemsIn(Collection<UUID> places) {
    return places.isEmpty()
        ? List.of()
        : items(ITEM.NOW_PLACE_ID.in(places).and(ITEM.DISCARDED_ON.isNull()));
  }

  /** Everything of one product that has not been discarded. */
  public List<StoredItem> itemsOfProduct(UUID product) {
    return items(ITEM.PRODUCT_ID.eq(product).and(ITEM.DISCARDED_ON.isNull()));
  }

  /** Everything that belongs in a place, wherever it lies. */
  public List<StoredItem> atHomeIn(UUID place) {
    return items(ITEM.HOME_PLACE_ID.eq(place).and(ITEM.DISCARDED_ON.isNull()));
  }

  /** Everything of these products, discarded or not: what was used of them counts all the same. */
  public List<StoredItem> ofProducts(Collection<UUID> products) {
    return products.isEmpty() ? List.of() : items(ITEM.PRODUCT_ID.in(products));
  }

  /** Everything of a product from one batch, discarded or not. */
  public List<StoredItem> ofBatch(UUID product, String batch) {
    return items(ITEM.PRODUCT_ID.eq(product).and(ITEM.BATCH.equalIgnoreCase(batch)));
  }

  public Optional<StoredItem> withCode(String code) {
    return items(ITEM.CODE.eq(code)).stream().findFirst();
  }

  public List<StoredItem> withPackCode(String packCode) {
    return items(PRODUCT.PACK_CODE.eq(packCode).and(ITEM.DISCARDED_ON.isNull()));
  }

  /** Everything whose home is known and that is not there. */
  public List<StoredItem> outOfPlace() {
    return items(
        ITEM.DISCARDED_ON
            .isNull()
            .and(ITEM.HOME_PLACE_ID.isNotNull())
            .and(ITEM.NOW_PLACE_ID.isDistinctFrom(ITEM.HOME_PLACE_ID)));
  }

  List<StoredItem> items(Condition condition) {
    Instant now = clock.instant();
    return sql.select(ITEM_FIELDS)
        .select(PRODUCT_FIELDS)
        .from(ITEM)
        .join(PRODUCT)
        .on(PRODUCT.ID.eq(ITEM.PRODUCT_ID))
        .where(condition)
        .orderBy(PRODUCT.NAME, PRODUCT.SHADE, ITEM.ID)
        .fetch(
            row ->
                ItemRows.item(
                    cut(row, new ItemRecord(), ITEM_FIELDS, 0),
                    cut(row, new ProductRecord(), PRODUCT_FIELDS, ITEM_FIELDS.length),
                    people,
                    now));
  }

  /** By position: looking each column up by its name takes a fifth of the whole answer. */
  private static <R extends Record> R cut(Record row, R part, Field<?>[] fields, int from) {
    for (int i = 0; i < fields.length; i++) {
      set(part, fields[i], row.get(from + i));
    }
    return part;
  }

  @SuppressWarnings("unchecked")
  private static <T> void set(Record record, Field<T> field, @Nullable Object value) {
    record.set(field, (T) value);
  }

  /** Holds back every other change of this item until the transaction ends. */
  public void lock(UUID item) {
    sql.selectOne().from(ITEM).where(ITEM.ID.eq(item)).forUpdate().fetch();
  }

  /** The same of many, always in one order, so that two never wait for each other. */
  void lock(Collection<UUID> items) {
    sql.selectOne()
        .from(ITEM)
        .where(ITEM.ID.eq(DSL.any(items.toArray(UUID[]::new))))
        .orderBy(ITEM.ID)
        .forUpdate()
        .fetch();
  }

  Optional<ProductRecord> product(UUID id) {
    return sql.selectFrom(PRODUCT).where(PRODUCT.ID.eq(id)).fetchOptional();
  }

  private ProductRecord existingProduct(UUID id) {
    return sql.selectFrom(PRODUCT).where(PRODUCT.ID.eq(id)).fetchSingle();
  }

  /** The item's own row, as it stands. */
  public ItemRecord row(UUID id) {
    return sql.selectFrom(ITEM).where(ITEM.ID.eq(id)).fetchSingle();
  }

  public void insert(UUID id, ProductDraft draft) {
    productRow(id, draft).insert();
  }

  private ProductRecord productRow(UUID id, ProductDraft draft) {
    ProductRecord row = sql.newRecord(PRODUCT);
    row.setId(id);
    ProductRows.write(row, draft);
    return row;
  }

  /** Products that were just added, as far as items of them need to know them. */
  public static final class NewProducts {
    private final Map<UUID, ProductRecord> rows = new HashMap<>();

    private void add(ProductRecord whole) {
      ProductRecord needed = new ProductRecord();
      needed.setId(whole.getId());
      needed.setClass_(whole.getClass_());
      needed.setAlsoServes(whole.getAlsoServes());
      needed.setForm(whole.getForm());
      needed.setPeriodAfterOpeningMonths(whole.getPeriodAfterOpeningMonths());
      rows.put(whole.getId(), needed);
    }
  }

  /** Many at once. */
  public NewProducts insertProducts(Map<UUID, ProductDraft> drafts) {
    NewProducts added = new NewProducts();
    insertProducts(drafts, added);
    return added;
  }

  /** Some of many. */
  public void insertProducts(Map<UUID, ProductDraft> drafts, NewProducts added) {
    List<ProductRecord> rows = new ArrayList<>();
    drafts.forEach((id, draft) -> rows.add(productRow(id, draft)));
    NewRows.insert(sql, rows);
    rows.forEach(added::add);
  }

  /** As somebody described it. */
  ProductDraft productDraft(UUID id) {
    return ProductRows.draft(existingProduct(id));
  }

  /**
   * @param since when it is no longer made; null: it is
   */
  public void discontinue(UUID product, @Nullable LocalDate since) {
    sql.update(PRODUCT)
        .set(PRODUCT.DISCONTINUED_ON, since)
        .set(PRODUCT.VERSION, PRODUCT.VERSION.plus(1))
        .where(PRODUCT.ID.eq(product))
        .execute();
  }

  void update(UUID id, ProductDraft draft) {
    ProductRecord row = new ProductRecord();
    ProductRows.write(row, draft);
    sql.update(PRODUCT)
        .set(row)
        .set(PRODUCT.VERSION, PRODUCT.VERSION.plus(1))
        .where(PRODUCT.ID.eq(id))
        .execute();
  }

  public void insert(UUID id, UUID product, ItemDraft draft) {
    insert(id, product, draft, new ItemRecord());
  }

  /**
   * @param besides what nobody types, as set in this row
   */
  public void insert(UUID id, UUID product, ItemDraft draft, ItemRecord besides) {
    ItemRecord row = itemRow(id, codes.forItem(), draft, existingProduct(product), house.current());
    for (Field<?> field : besides.fields()) {
      if (besides.touched(field)) {
        row.from(besides, field);
      }
    }
    row.insert();
  }

  private ItemRecord itemRow(
      UUID id, String code, ItemDraft draft, ProductRecord product, HouseRules rules) {
    ItemRecord row = sql.newRecord(ITEM);
    row.setId(id);
    row.setCode(code);
    row.setProductId(product.getId());
    ItemRows.write(row, draft, entered(draft), product, rules);
    return row;
  }

  /** An item to be. */
  public record NewItem(UUID id, String code, UUID product, ItemDraft draft) {}

  /** Many at once, all of them of these products. */
  public void insertItems(List<NewItem> items, NewProducts products) {
    HouseRules rules = house.current();
    NewRows.insert(
        sql,
        items.stream()
            .map(
                one ->
                    itemRow(
                        one.id(), one.code(), one.draft(), products.rows.get(one.product()), rules))
            .toList());
  }

  /** Codes that nothing bears yet. */
  public Iterator<String> drawCodes(int count) {
    return codes.forItems(count).iterator();
  }

  void update(UUID id, ItemDraft draft) {
    ItemRecord before = row(id);
    ItemRecord row = new ItemRecord();
    ItemRows.write(
        row, draft, entered(draft), existingProduct(before.getProductId()), house.current());
    if (!Objects.equals(before.getHomePlaceId(), draft.home())) {
      // A slot is one of its home's.
      row.setSlot(null);
    }
    if (before.getCleanliness().equals(draft.cleanliness().code())) {
      // Nothing was said that was not so before.
      for (Field<?> field :
          List.of(ITEM.CLEANLINESS, ITEM.CLEAN_SINCE, ITEM.CLEAN_BY, ITEM.CLEAN_UNTIL)) {
        row.touched(field, false);
      }
    }
    change(id, row);
  }

  private ItemRows.EnteredAs entered(ItemDraft draft) {
    return new ItemRows.EnteredAs(
        people.meant(draft.onlyForId(), draft.onlyFor()), clock.instant());
  }

  /** Works the dates of an item out again, after its product has changed. */
  void redate(UUID id) {
    changeDates(id, row(id), new ItemRecord());
  }

  /** Gives an item other dates, besides what else changes. */
  public void date(UUID id, PackDates dates, ItemRecord changed) {
    ItemRecord row = row(id);
    write(row, dates);
    write(changed, dates);
    changeDates(id, row, changed);
  }

  private static void write(ItemRecord row, PackDates dates) {
    row.setMadeOn(dates.madeOn());
    row.setBoughtOn(dates.boughtOn());
    row.setOpenedOn(dates.openedOn());
    row.setPrintedExpiry(dates.printedExpiry());
  }

  private void changeDates(UUID id, ItemRecord row, ItemRecord changed) {
    ProductRecord product = existingProduct(row.getProductId());
    PackDates dates = ItemRows.draft(row).dates(product.getPeriodAfterOpeningMonths());
    ItemRows.writeDates(changed, dates, product, house.current());
    change(id, changed);
  }

  /** Sets what the row has set, and its next version. */
  public void change(UUID item, ItemRecord changed) {
    sql.update(ITEM)
        .set(changed)
        .set(ITEM.VERSION, ITEM.VERSION.plus(1))
        .where(ITEM.ID.eq(item))
        .execute();
  }

  /** Has the planner learn how large the kit is, after much was added at once. */
  public void countAnew() {
    sql.execute("select gerula.count_anew()");
  }

  /** Whether the workspace has neither places nor products yet. */
  public boolean isEmpty() {
    return !sql.fetchExists(PLACE) && !sql.fetchExists(PRODUCT);
  }
}
