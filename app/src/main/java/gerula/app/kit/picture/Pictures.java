package gerula.app.kit.picture;

import static gerula.app.tables.Tables.PICTURE;

import gerula.app.kit.Kit;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.Limit;
import gerula.app.platform.picture.Jpeg;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.tables.tables.records.ItemRecord;
import java.util.Collection;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Pictures, and the one a thing has. */
@Component
public class Pictures {

  private final DSLContext sql;
  private final Kit kit;
  private final Ledger ledger;
  private final Workspaces workspaces;

  Pictures(DSLContext sql, Kit kit, Ledger ledger, Workspaces workspaces) {
    this.sql = sql;
    this.kit = kit;
    this.ledger = ledger;
    this.workspaces = workspaces;
  }

  /**
   * @param id the picture gets; made by the caller
   */
  void put(SignedIn who, UUID actId, UUID item, UUID id, Jpeg jpeg) {
    ledger.perform(
        who,
        actId,
        "pictured",
        act -> {
          keep(id, jpeg);
          show(act, item, id);
        });
  }

  /** Keeps it for whatever it is of. */
  public void keep(UUID id, Jpeg jpeg) {
    requireRoom(jpeg.bytes().length);
    insert(id, jpeg);
  }

  /**
   * @throws Refused when one of these is not there
   */
  public void requireAll(Collection<UUID> ids, String path) {
    if (ids.isEmpty()) {
      return;
    }
    Set<UUID> known =
        sql.select(PICTURE.ID).from(PICTURE).where(PICTURE.ID.in(ids)).fetchSet(PICTURE.ID);
    new Faults()
        .unless(
            known.containsAll(ids),
            path,
            "not-there",
            "A photograph is not there any more. Take it out, then save again.")
        .refuseIfAny();
  }

  private void requireRoom(long more) {
    Limit.PHOTOGRAPHS.require(sql.fetchCount(PICTURE) + 1L, "photographs");
    Field<Long> bytes = DSL.field("coalesce(sum(octet_length({0})), 0)", Long.class, PICTURE.JPEG);
    Limit.PHOTOGRAPH_BYTES.require(
        sql.select(bytes).from(PICTURE).fetchSingle(bytes) + more, "bytes of photographs");
  }

  void remove(SignedIn who, UUID actId, UUID item) {
    ledger.perform(who, actId, "picture-removed", act -> show(act, item, null));
  }

  void show(Act act, UUID item, @Nullable UUID picture) {
    ItemRecord changed = new ItemRecord();
    changed.setPictureId(picture);
    kit.touch(act, kit.inKit(item), changed);
  }

  private void insert(UUID id, Jpeg jpeg) {
    sql.insertInto(PICTURE)
        .set(PICTURE.ID, id)
        .set(PICTURE.JPEG, jpeg.bytes())
        .set(PICTURE.WIDTH, jpeg.width())
        .set(PICTURE.HEIGHT, jpeg.height())
        .execute();
  }

  /** One of the workspace one is in. */
  public Optional<byte[]> found(UUID id) {
    return sql.select(PICTURE.JPEG)
        .from(PICTURE)
        .where(PICTURE.ID.eq(id))
        .fetchOptional(PICTURE.JPEG);
  }

  byte[] jpeg(SignedIn who, UUID id) {
    return workspaces.read(
        who.workspace(), () -> found(id).orElseThrow(() -> Refused.notThere("picture", id)));
  }
}
