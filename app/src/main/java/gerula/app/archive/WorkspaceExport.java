package gerula.app.archive;

import static gerula.app.tables.Tables.ACTOR;
import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.LEDGER_THING;
import static gerula.app.tables.Tables.PACKED;
import static gerula.app.tables.Tables.PICTURE;
import static gerula.app.tables.Tables.STOCKTAKE;
import static gerula.app.tables.Tables.STOCKTAKE_SEEN;
import static gerula.app.tables.Tables.WORKSPACE;

import gerula.app.archive.ArchiveHead.Closing;
import gerula.app.booking.BookingDraft;
import gerula.app.booking.BookingStore;
import gerula.app.booking.StoredBooking;
import gerula.app.cleandown.ContactStore;
import gerula.app.cleandown.IncidentStore;
import gerula.app.cleandown.TreatmentStore;
import gerula.app.kit.picture.UnnamedStore;
import gerula.app.person.PersonDraft;
import gerula.app.person.PersonStore;
import gerula.app.platform.limits.Deadline;
import gerula.app.platform.limits.Limit;
import gerula.app.platform.web.MadeFile;
import gerula.app.platform.workspace.Role;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.tables.tables.records.LedgerRecord;
import gerula.core.rule.Code;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import org.jooq.Cursor;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes a whole workspace as it is at one moment, element by element, so that a long history needs
 * no memory; and closes it with its counts and its digest, so that a part is not taken for the
 * whole.
 */
@Component
class WorkspaceExport {

  private static final int AT_ONCE = 500;

  private final DSLContext sql;
  private final KitArchive kit;
  private final BookingStore bookings;
  private final BenchArchive bench;
  private final PersonStore people;
  private final ContactStore contacts;
  private final TreatmentStore treatments;
  private final IncidentStore incidents;
  private final UnnamedStore unnamed;
  private final Workspaces workspaces;
  private final JsonMapper json;
  private final WorkspaceTime time;

  WorkspaceExport(
      DSLContext sql,
      KitArchive kit,
      BookingStore bookings,
      BenchArchive bench,
      PersonStore people,
      ContactStore contacts,
      TreatmentStore treatments,
      IncidentStore incidents,
      UnnamedStore unnamed,
      Workspaces workspaces,
      JsonMapper json,
      WorkspaceTime time) {
    this.sql = sql;
    this.kit = kit;
    this.bookings = bookings;
    this.bench = bench;
    this.people = people;
    this.contacts = contacts;
    this.treatments = treatments;
    this.incidents = incidents;
    this.unnamed = unnamed;
    this.workspaces = workspaces;
    this.json = json;
    this.time = time;
  }

  /** The file, whole; to be closed when it was sent. */
  MadeFile make(SignedIn who) throws IOException {
    long[] newest = {0};
    MadeFile file =
        MadeFile.of(to -> newest[0] = workspaces.read(who.workspace(), () -> write(to)));
    try {
      close(file.path());
      noteExported(who, newest[0]);
      return file;
    } catch (IOException | RuntimeException failed) {
      file.close();
      throw failed;
    }
  }

  /** What was exported may be deleted for good. */
  private void noteExported(SignedIn who, long newest) {
    workspaces.write(
        who.workspace(),
        () -> {
          sql.update(WORKSPACE).set(WORKSPACE.EXPORTED_SEQ, newest).execute();
        });
  }

  /** Writes the closing part in place of the last bracket. */
  private void close(Path file) throws IOException {
    ArchiveHead head;
    try (InputStream written = new BufferedInputStream(Files.newInputStream(file), 1 << 16)) {
      head = ArchiveLook.at(written, json);
    }
    Closing closing = new Closing(new TreeMap<>(head.counts()), head.sha256());
    String part = ",\"" + ArchiveHead.CLOSING + "\":" + json.writeValueAsString(closing) + "}";
    try (RandomAccessFile end = new RandomAccessFile(file.toFile(), "rw")) {
      end.seek(end.length() - 1);
      end.write(part.getBytes(StandardCharsets.UTF_8));
    }
  }

  /** The number of the newest act in it. */
  private long write(OutputStream to) {
    Deadline deadline = Deadline.of(Limit.ARCHIVE_SECONDS, "Writing this archive");
    try (JsonGenerator out = json.createGenerator(to)) {
      out.writeStartObject();
      out.writeStringProperty("format", ArchiveHead.FORMAT);
      out.writeNumberProperty("version", ArchiveHead.VERSION);
      out.writeStringProperty("writtenOn", time.today().toString());
      list(out, ArchivePart.ACTORS, actors().stream());
      list(out, ArchivePart.HOUSE, bench.house().stream());
      list(
          out,
          ArchivePart.PEOPLE,
          people.all().stream()
              .map(
                  one ->
                      new Archived.OfPerson(
                          one.person().id(),
                          one.version(),
                          one.person().erasedOn(),
                          PersonDraft.of(one.person()))));
      list(out, ArchivePart.PLACES, kit.places().stream());
      list(out, ArchivePart.PRODUCTS, kit.products());
      pictures(out);
      list(out, ArchivePart.EMPTIES, bench.empties().stream());
      list(out, ArchivePart.ITEMS, kit.items());
      list(out, ArchivePart.BOOKINGS, bookings.all().stream().map(WorkspaceExport::booking));
      list(out, ArchivePart.PACKED, ticks().stream());
      list(out, ArchivePart.COUNTS, counts());
      list(
          out,
          ArchivePart.CONTACTS,
          contacts
              .all()
              .map(
                  one ->
                      new Archived.OfContact(
                          one.id(),
                          one.item(),
                          one.person(),
                          one.booking(),
                          one.face(),
                          one.how(),
                          one.at())));
      list(
          out,
          ArchivePart.TREATMENTS,
          treatments
              .all()
              .map(
                  one ->
                      new Archived.OfTreatment(
                          one.id(),
                          one.item(),
                          one.place(),
                          one.booking(),
                          one.face(),
                          one.moment(),
                          one.begunAt(),
                          one.doneAt(),
                          one.sprayPercent(),
                          one.agent(),
                          one.steps().stream()
                              .map(step -> new Archived.OfStep(step.step(), step.at()))
                              .toList())));
      list(
          out,
          ArchivePart.INCIDENTS,
          incidents
              .all()
              .map(
                  one ->
                      new Archived.OfIncident(
                          one.id(),
                          one.item(),
                          one.booking(),
                          one.face(),
                          one.incident(),
                          one.at())));
      list(out, ArchivePart.FILLINGS, bench.fillings().stream());
      list(out, ArchivePart.SESSIONS, bench.sessions().stream());
      list(out, ArchivePart.WANTED, bench.wanted().stream());
      list(out, ArchivePart.PARCELS, bench.parcels().stream());
      list(out, ArchivePart.SHOPS, bench.shops().stream());
      list(out, ArchivePart.OFFERS, bench.offers().stream());
      list(
          out,
          ArchivePart.UNNAMED,
          unnamed.all().stream()
              .map(
                  one ->
                      new Archived.Unnamed(one.id(), one.picture(), one.place(), one.takenAt())));
      long newest = ledger(out, deadline);
      out.writeEndObject();
      return newest;
    }
  }

  private void list(JsonGenerator out, ArchivePart part, Stream<?> elements) {
    out.writeArrayPropertyStart(part.code());
    elements.forEach(one -> json.writeValue(out, one));
    out.writeEndArray();
  }

  private void pictures(JsonGenerator out) {
    List<UUID> ids = sql.select(PICTURE.ID).from(PICTURE).orderBy(PICTURE.ID).fetch(PICTURE.ID);
    list(
        out,
        ArchivePart.PICTURES,
        ids.stream()
            .map(
                id ->
                    new Archived.Picture(
                        id,
                        sql.select(PICTURE.JPEG)
                            .from(PICTURE)
                            .where(PICTURE.ID.eq(id))
                            .fetchSingle(PICTURE.JPEG))));
  }

  private static Archived.OfBooking booking(StoredBooking one) {
    return new Archived.OfBooking(
        one.booking().id(), one.version(), one.departedAt(), one.backAt(), BookingDraft.of(one));
  }

  private List<Archived.OfActor> actors() {
    return sql.selectFrom(ACTOR)
        .orderBy(ACTOR.NAME, ACTOR.ID)
        .fetch(
            row ->
                new Archived.OfActor(
                    row.getId(), row.getName(), Code.of(Role.class, row.getRole())));
  }

  private List<Archived.OfTick> ticks() {
    return sql.selectFrom(PACKED)
        .orderBy(PACKED.ITEM_ID)
        .fetch(row -> new Archived.OfTick(row.getBookingId(), row.getItemId(), row.getPackedAt()));
  }

  private Stream<Archived.Count> counts() {
    return sql.selectFrom(STOCKTAKE).orderBy(STOCKTAKE.STARTED_AT, STOCKTAKE.ID).fetch().stream()
        .map(
            row ->
                new Archived.Count(
                    row.getId(),
                    row.getVersion(),
                    row.getPlaceId(),
                    row.getStartedAt(),
                    row.getSettledAt(),
                    seen(row.getId())));
  }

  private List<Archived.OfSeen> seen(UUID count) {
    return sql.selectFrom(STOCKTAKE_SEEN)
        .where(STOCKTAKE_SEEN.STOCKTAKE_ID.eq(count))
        .orderBy(STOCKTAKE_SEEN.ITEM_ID)
        .fetch(row -> new Archived.OfSeen(row.getItemId(), row.getCounted()));
  }

  private long ledger(JsonGenerator out, Deadline deadline) {
    out.writeArrayPropertyStart(ArchivePart.LEDGER.code());
    long after = 0;
    List<LedgerRecord> some = acts(after);
    while (!some.isEmpty()) {
      deadline.check();
      acts(out, some);
      after = some.getLast().getSeq();
      some = acts(after);
    }
    out.writeEndArray();
    return after;
  }

  private List<LedgerRecord> acts(long after) {
    return sql.selectFrom(LEDGER)
        .where(LEDGER.SEQ.gt(after))
        .orderBy(LEDGER.SEQ)
        .limit(AT_ONCE)
        .fetch();
  }

  /** Their things come row by row: one act may have touched a whole kit. */
  private void acts(JsonGenerator out, List<LedgerRecord> some) {
    try (Cursor<? extends Record> things = things(some)) {
      @Nullable Record next = things.fetchNext();
      for (LedgerRecord act : some) {
        begin(out, act);
        while (next != null && next.get(LEDGER_THING.LEDGER_ID).equals(act.getId())) {
          thing(out, next);
          next = things.fetchNext();
        }
        out.writeEndArray();
        out.writeEndObject();
      }
    }
  }

  private Cursor<? extends Record> things(List<LedgerRecord> some) {
    return sql.select(LEDGER_THING.fields())
        .from(LEDGER_THING)
        .join(LEDGER)
        .on(LEDGER.ID.eq(LEDGER_THING.LEDGER_ID))
        .where(LEDGER.SEQ.between(some.getFirst().getSeq(), some.getLast().getSeq()))
        .orderBy(LEDGER.SEQ, LEDGER_THING.KIND, LEDGER_THING.THING_ID)
        .fetchSize(AT_ONCE)
        .fetchLazy();
  }

  private void begin(JsonGenerator out, LedgerRecord act) {
    out.writeStartObject();
    out.writeStringProperty("id", act.getId().toString());
    out.writeStringProperty("act", act.getAct());
    out.writeStringProperty("at", act.getAt().toString());
    out.writeStringProperty("who", act.getWho().toString());
    out.writeName("facts");
    out.writeRawValue(act.getFacts().data());
    out.writeName("undoes");
    if (act.getUndoes() == null) {
      out.writeNull();
    } else {
      out.writeString(act.getUndoes().toString());
    }
    out.writeArrayPropertyStart("things");
  }

  private static void thing(JsonGenerator out, Record row) {
    out.writeStartObject();
    out.writeStringProperty("kind", row.get(LEDGER_THING.KIND));
    out.writeStringProperty("id", row.get(LEDGER_THING.THING_ID).toString());
    out.writeNumberProperty("level", row.get(LEDGER_THING.LEVEL));
    state(out, "before", row.get(LEDGER_THING.BEFORE));
    state(out, "after", row.get(LEDGER_THING.AFTER));
    out.writeEndObject();
  }

  /** As the database tells it: nothing is rounded on the way. */
  private static void state(JsonGenerator out, String name, @Nullable JSONB state) {
    out.writeName(name);
    if (state == null) {
      out.writeNull();
    } else {
      out.writeRawValue(state.data());
    }
  }
}
