package gerula.app.ledger;

import static gerula.app.tables.Tables.BENCH_PIECE;
import static gerula.app.tables.Tables.BENCH_SESSION;
import static gerula.app.tables.Tables.BOOKING;
import static gerula.app.tables.Tables.CONTACT;
import static gerula.app.tables.Tables.EMPTY;
import static gerula.app.tables.Tables.FILLING;
import static gerula.app.tables.Tables.HOUSE_RULES;
import static gerula.app.tables.Tables.INCIDENT;
import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.OFFER;
import static gerula.app.tables.Tables.PACKED;
import static gerula.app.tables.Tables.PARCEL;
import static gerula.app.tables.Tables.PERSON;
import static gerula.app.tables.Tables.PLACE;
import static gerula.app.tables.Tables.PRODUCT;
import static gerula.app.tables.Tables.SHOP;
import static gerula.app.tables.Tables.STOCKTAKE;
import static gerula.app.tables.Tables.TREATMENT;
import static gerula.app.tables.Tables.UNNAMED_PICTURE;
import static gerula.app.tables.Tables.WANTED;

import gerula.core.rule.Code;
import java.util.UUID;
import org.jooq.Table;
import org.jooq.TableField;

/** What an act can touch, and the table that holds its current state. */
public enum ThingKind implements Code {
  PERSON_THING(PERSON, PERSON.ID),
  PLACE_THING(PLACE, PLACE.ID),
  PRODUCT_THING(PRODUCT, PRODUCT.ID),
  ITEM_THING(ITEM, ITEM.ID),
  BOOKING_THING(BOOKING, BOOKING.ID),
  STOCKTAKE_THING(STOCKTAKE, STOCKTAKE.ID),
  HOUSE_RULES_THING(HOUSE_RULES, HOUSE_RULES.ID),
  EMPTY_THING(EMPTY, EMPTY.ID),
  FILLING_THING(FILLING, FILLING.ID),
  BENCH_SESSION_THING(BENCH_SESSION, BENCH_SESSION.ID),
  BENCH_PIECE_THING(BENCH_PIECE, BENCH_PIECE.ID),
  CONTACT_THING(CONTACT, CONTACT.ID),
  TREATMENT_THING(TREATMENT, TREATMENT.ID),
  INCIDENT_THING(INCIDENT, INCIDENT.ID),
  WANTED_THING(WANTED, WANTED.ID),
  PARCEL_THING(PARCEL, PARCEL.ID),
  SHOP_THING(SHOP, SHOP.ID),
  OFFER_THING(OFFER, OFFER.ID),
  UNNAMED_PICTURE_THING(UNNAMED_PICTURE, UNNAMED_PICTURE.ID),
  /** That an item is ticked off; its thing is the item. */
  PACKED_THING(PACKED, PACKED.ITEM_ID);

  private final Table<?> table;
  private final TableField<?, UUID> id;

  ThingKind(Table<?> table, TableField<?, UUID> id) {
    this.table = table;
    this.id = id;
  }

  @Override
  public String code() {
    return table.getName();
  }

  public Table<?> table() {
    return table;
  }

  TableField<?, UUID> id() {
    return id;
  }
}
