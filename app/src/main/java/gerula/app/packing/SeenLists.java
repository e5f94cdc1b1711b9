package gerula.app.packing;

import static gerula.app.tables.Tables.LIST_SEEN;

import gerula.app.platform.Sha256;
import gerula.core.packing.SeenList;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** How lists stood when somebody looked at them last. Everything here runs within a workspace. */
@Component
class SeenLists {

  private static final JsonMapper JSON = JsonMapper.shared();

  private final DSLContext sql;

  SeenLists(DSLContext sql) {
    this.sql = sql;
  }

  /** When it was looked at, and how it stood. */
  record Seen(Instant at, SeenList list) {}

  Optional<Seen> of(UUID booking, UUID account) {
    return sql.selectFrom(LIST_SEEN)
        .where(LIST_SEEN.BOOKING_ID.eq(booking).and(LIST_SEEN.ACCOUNT_ID.eq(account)))
        .fetchOptional(
            row -> new Seen(row.getSeenAt(), JSON.readValue(row.getList().data(), SeenList.class)));
  }

  void keep(UUID booking, UUID account, SeenList list, Instant at) {
    JSONB told = JSONB.valueOf(JSON.writeValueAsString(list));
    sql.insertInto(LIST_SEEN)
        .set(LIST_SEEN.BOOKING_ID, booking)
        .set(LIST_SEEN.ACCOUNT_ID, account)
        .set(LIST_SEEN.SEEN_AT, at)
        .set(LIST_SEEN.LIST, told)
        .onConflict(LIST_SEEN.WORKSPACE_ID, LIST_SEEN.BOOKING_ID, LIST_SEEN.ACCOUNT_ID)
        .doUpdate()
        .set(LIST_SEEN.SEEN_AT, at)
        .set(LIST_SEEN.LIST, told)
        .execute();
  }

  /** The same for lists that are alike: nobody has looked at what came a moment ago. */
  static String fingerprint(SeenList list) {
    StringBuilder told = new StringBuilder();
    for (SeenList.SeenLine line : list.lines()) {
      told.append(line.item()).append(line.needs()).append(line.thousandths()).append(';');
    }
    return HexFormat.of().formatHex(Sha256.of(told.append(list.gaps()).toString()), 0, 16);
  }
}
