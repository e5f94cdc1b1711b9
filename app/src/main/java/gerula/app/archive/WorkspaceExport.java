package gerula.app.archive;

import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.LEDGER_THING;
import static gerula.app.tables.Tables.PACKED;
import static gerula.app.tables.Tables.PICTURE;
import static gerula.app.tables.Tables.STOCKTAKE;
import static gerula.app.tables.Tables.STOCKTAKE_SEEN;

import gerula.app.booking.BookingDraft;
import gerula.app.booking.BookingStore;
import gerula.app.booking.StoredBooking;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.tables.tables.records.LedgerRecord;
import gerula.core.rule.Code;
import java.io.OutputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Writes a whole workspace as one archive, act by act, so that a long history needs no memory. */
@Component
class WorkspaceExport {

  private static final int AT_ONCE = 500;

  private final DSLContext sql;
  private final KitArchive kit;
  private final BookingStore bookings;
  private final BenchArchive bench;
  private final Workspaces workspaces;
  private final JsonMapper json;
  private final Clock clock;

  WorkspaceExport(
      DSLContext sql,
      KitArchive kit,
      BookingStore bookings,
      BenchArchive bench,
      Workspaces workspaces,
      JsonMapper json,
      Clock clock) {
    this.sql = sql;
    this.kit = kit;
    this.bookings = bookings;
    this.bench = bench;
    this.workspaces = workspaces;
    this.json = json;
    this.clock = clock;
  }

  void write(SignedIn who, OutputStream to) {
    workspaces.in(
        who.workspace(),
        () -> {
          try (JsonGenerator out = json.createGenerator(to)) {
            out.writeStartObject();
            out.writeStringProperty("format", WorkspaceArchive.FORMAT);
            out.writeNumberProperty("version", WorkspaceArchive.VERSION);
            out.writeStringProperty("writtenOn", LocalDate.now(clock).toString());
            list(out, "places", kit.places());
            list(out, "products", kit.products());
            pictures(out);
            list(out, "items", kit.items());
            list(out, "bookings", bookings.all().stream().map(WorkspaceExport::booking).toList());
            list(out, "packed", ticks());
            list(out, "counts", counts());
            list(out, "house", bench.house());
            list(out, "empties", bench.empties());
            list(out, "fillings", bench.fillings());
            list(out, "sessions", bench.sessions());
            list(out, "wanted", bench.wanted());
            ledger(out);
            out.writeEndObject();
          }
        });
  }

  private void list(JsonGenerator out, String name, List<?> list) {
    out.writeArrayPropertyStart(name);
    list.forEach(one -> json.writeValue(out, one));
    out.writeEndArray();
  }

  private void pictures(JsonGenerator out) {
    out.writeArrayPropertyStart("pictures");
    for (UUID id : sql.select(PICTURE.ID).from(PICTURE).orderBy(PICTURE.ID).fetch(PICTURE.ID)) {
      byte[] jpeg =
          sql.select(PICTURE.JPEG).from(PICTURE).where(PICTURE.ID.eq(id)).fetchSingle(PICTURE.JPEG);
      json.writeValue(out, new WorkspaceArchive.ArchivedPicture(id, jpeg));
    }
    out.writeEndArray();
  }

  private static WorkspaceArchive.ArchivedBooking booking(StoredBooking one) {
    return new WorkspaceArchive.ArchivedBooking(
        one.booking().id(), one.version(), one.departedAt(), one.backAt(), BookingDraft.of(one));
  }

  private List<WorkspaceArchive.ArchivedTick> ticks() {
    return sql.selectFrom(PACKED)
        .orderBy(PACKED.ITEM_ID)
        .fetch(
            row ->
                new WorkspaceArchive.ArchivedTick(
                    row.getBookingId(), row.getItemId(), row.getPackedAt()));
  }

  private List<WorkspaceArchive.ArchivedCount> counts() {
    Map<UUID, List<WorkspaceArchive.ArchivedSeen>> seen =
        sql.selectFrom(STOCKTAKE_SEEN)
            .orderBy(STOCKTAKE_SEEN.ITEM_ID)
            .fetchGroups(
                STOCKTAKE_SEEN.STOCKTAKE_ID,
                row -> new WorkspaceArchive.ArchivedSeen(row.getItemId(), row.getCounted()));
    return sql.selectFrom(STOCKTAKE)
        .orderBy(STOCKTAKE.STARTED_AT, STOCKTAKE.ID)
        .fetch(
            row ->
                new WorkspaceArchive.ArchivedCount(
                    row.getId(),
                    row.getVersion(),
                    row.getPlaceId(),
                    row.getStartedAt(),
                    row.getSettledAt(),
                    seen.getOrDefault(row.getId(), List.of())));
  }

  private void ledger(JsonGenerator out) {
    out.writeArrayPropertyStart("ledger");
    long after = 0;
    List<LedgerRecord> some = acts(after);
    while (!some.isEmpty()) {
      Map<UUID, List<WorkspaceArchive.ArchivedThing>> things =
          things(some.stream().map(LedgerRecord::getId).toList());
      for (LedgerRecord act : some) {
        json.writeValue(
            out,
            new WorkspaceArchive.ArchivedAct(
                act.getId(),
                act.getAct(),
                act.getAt(),
                Objects.requireNonNull(facts(act.getFacts())),
                act.getUndoes(),
                things.getOrDefault(act.getId(), List.of())));
        after = act.getSeq();
      }
      some = acts(after);
    }
    out.writeEndArray();
  }

  private List<LedgerRecord> acts(long after) {
    return sql.selectFrom(LEDGER)
        .where(LEDGER.SEQ.gt(after))
        .orderBy(LEDGER.SEQ)
        .limit(AT_ONCE)
        .fetch();
  }

  private Map<UUID, List<WorkspaceArchive.ArchivedThing>> things(List<UUID> acts) {
    return sql.selectFrom(LEDGER_THING)
        .where(LEDGER_THING.LEDGER_ID.in(acts))
        .orderBy(LEDGER_THING.LEDGER_ID, LEDGER_THING.KIND, LEDGER_THING.THING_ID)
        .fetchGroups(
            LEDGER_THING.LEDGER_ID,
            row ->
                new WorkspaceArchive.ArchivedThing(
                    Code.of(ThingKind.class, row.getKind()),
                    row.getThingId(),
                    facts(row.getBefore()),
                    facts(row.getAfter())));
  }

  private @Nullable Map<String, Object> facts(@Nullable JSONB told) {
    return told == null
        ? null
        : json.readerFor(FACTS)
            .with(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .readValue(told.data());
  }

  private static final TypeReference<Map<String, Object>> FACTS = new TypeReference<>() {};
}
