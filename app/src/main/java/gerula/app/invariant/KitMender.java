package gerula.app.invariant;

import static gerula.app.tables.Tables.BOOKING;
import static gerula.app.tables.Tables.FILLING;
import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PACKED;
import static gerula.app.tables.Tables.PLACE;

import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import gerula.core.invariant.Broken;
import gerula.core.invariant.Mending;
import gerula.core.invariant.Repair;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Makes the repairs the core says, as part of an act. Everything here runs within a workspace. */
@Component
public class KitMender {

  private final DSLContext sql;
  private final KitStates states;

  KitMender(DSLContext sql, KitStates states) {
    this.sql = sql;
    this.states = states;
  }

  /** What would be done. */
  Mending look() {
    return Mending.of(states.whole());
  }

  /** Mends the whole kit; what it did is told in the act. Empty when nothing was wrong. */
  public List<String> mend(Act act) {
    Mending mending = look();
    mending.repairs().forEach(repair -> make(act, repair));
    List<String> words =
        mending.found().stream().distinct().map(BrokenWords::mended).distinct().toList();
    if (!words.isEmpty()) {
      act.tell("mended", words);
      act.tell("codes", mending.found().stream().map(Broken::code).distinct().toList());
    }
    return words;
  }

  private void make(Act act, Repair repair) {
    switch (repair) {
      case Repair.StandsAlone(UUID place) ->
          set(act, ThingKind.PLACE_THING, PLACE, PLACE.ID, place, PLACE.PARENT_ID, null);
      case Repair.NoThing(UUID place) ->
          set(act, ThingKind.PLACE_THING, PLACE, PLACE.ID, place, PLACE.ITEM_ID, null);
      case Repair.NoSlot(UUID item) ->
          set(act, ThingKind.ITEM_THING, ITEM, ITEM.ID, item, ITEM.SLOT, null);
      case Repair.LiesAt(UUID item, UUID place) ->
          set(act, ThingKind.ITEM_THING, ITEM, ITEM.ID, item, ITEM.NOW_PLACE_ID, place);
      case Repair.HasLeft(UUID item, BigDecimal amount) ->
          set(act, ThingKind.ITEM_THING, ITEM, ITEM.ID, item, ITEM.AMOUNT_LEFT, amount);
      case Repair.WashedOut(UUID filling) ->
          act.touch(
              ThingKind.FILLING_THING,
              filling,
              () ->
                  sql.update(FILLING)
                      .set(FILLING.WASHED_OUT_ON, FILLING.FILLED_ON)
                      .set(FILLING.VERSION, FILLING.VERSION.plus(1))
                      .where(FILLING.ID.eq(filling))
                      .execute());
      case Repair.WithoutBag(UUID booking, UUID bag) ->
          act.touch(
              ThingKind.BOOKING_THING,
              booking,
              () ->
                  sql.update(BOOKING)
                      .set(BOOKING.BAGS, DSL.arrayRemove(BOOKING.BAGS, bag))
                      .set(BOOKING.VERSION, BOOKING.VERSION.plus(1))
                      .where(BOOKING.ID.eq(booking))
                      .execute());
      case Repair.Unpacked(UUID item) ->
          act.touch(
              ThingKind.PACKED_THING,
              item,
              () -> sql.deleteFrom(PACKED).where(PACKED.ITEM_ID.eq(item)).execute());
    }
  }

  private <T> void set(
      Act act,
      ThingKind kind,
      Table<?> table,
      TableField<?, UUID> key,
      UUID id,
      TableField<?, T> field,
      T value) {
    TableField<?, Integer> version = kind == ThingKind.PLACE_THING ? PLACE.VERSION : ITEM.VERSION;
    act.touch(
        kind,
        id,
        () ->
            sql.update(table)
                .set(field, value)
                .set(version, version.plus(1))
                .where(key.eq(id))
                .execute());
  }
}
