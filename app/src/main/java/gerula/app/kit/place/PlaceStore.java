package gerula.app.kit.place;

import static gerula.app.tables.Tables.PLACE;

import gerula.app.kit.Codes;
import gerula.app.person.PersonNames;
import gerula.app.tables.tables.records.PlaceRecord;
import gerula.core.kit.place.PlaceTree;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** Places in the database. Everything here runs within a workspace. */
@Component
public class PlaceStore {

  private final DSLContext sql;
  private final Codes codes;
  private final PersonNames people;

  PlaceStore(DSLContext sql, Codes codes, PersonNames people) {
    this.sql = sql;
    this.codes = codes;
    this.people = people;
  }

  /** All places in order of reach. */
  public List<StoredPlace> places() {
    return sql.selectFrom(PLACE).orderBy(PLACE.REACH, PLACE.NAME, PLACE.ID).fetch(this::place);
  }

  private StoredPlace place(PlaceRecord row) {
    return PlaceRows.place(row, people);
  }

  /** All places as a tree. */
  public PlaceTree tree() {
    return new PlaceTree(places().stream().map(StoredPlace::place).toList());
  }

  public Optional<StoredPlace> place(UUID id) {
    return sql.selectFrom(PLACE).where(PLACE.ID.eq(id)).fetchOptional(this::place);
  }

  public Optional<StoredPlace> withCode(String code) {
    return sql.selectFrom(PLACE).where(PLACE.CODE.eq(code)).fetchOptional(this::place);
  }

  /** The place that is this item, if it is one. */
  public Optional<StoredPlace> being(UUID item) {
    return sql.selectFrom(PLACE).where(PLACE.ITEM_ID.eq(item)).fetchOptional(this::place);
  }

  /** Holds back every other change of this place until the transaction ends. */
  public void lock(UUID place) {
    sql.selectOne().from(PLACE).where(PLACE.ID.eq(place)).forUpdate().fetch();
  }

  public void insert(UUID id, PlaceDraft draft) {
    insert(id, codes.forPlace(), draft);
  }

  public void insert(UUID id, String code, PlaceDraft draft) {
    PlaceRecord row = sql.newRecord(PLACE);
    row.setId(id);
    row.setCode(code);
    PlaceRows.write(row, draft, people.meant(draft.personId(), draft.personName()));
    row.insert();
  }

  void update(UUID id, PlaceDraft draft) {
    PlaceRecord row = new PlaceRecord();
    PlaceRows.write(row, draft, people.meant(draft.personId(), draft.personName()));
    change(id, row);
  }

  /** Sets what the row has set, and its next version. */
  public void change(UUID id, PlaceRecord changed) {
    sql.update(PLACE)
        .set(changed)
        .set(PLACE.VERSION, PLACE.VERSION.plus(1))
        .where(PLACE.ID.eq(id))
        .execute();
  }

  public void remove(UUID id) {
    sql.deleteFrom(PLACE).where(PLACE.ID.eq(id)).execute();
  }
}
