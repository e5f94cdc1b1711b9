package gerula.app.archive;

import gerula.app.booking.BookingStore;
import gerula.app.invariant.KitMender;
import gerula.app.kit.KitStore;
import gerula.app.kit.picture.UnnamedStore;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Act;
import gerula.app.ledger.HistoryCheck;
import gerula.app.ledger.Ledger;
import gerula.app.person.KnownPeople;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.Deadline;
import gerula.app.platform.limits.Limit;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import jakarta.validation.Validator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Reads an archive into an empty workspace: all of it, or nothing and every fault. */
@Component
public class WorkspaceImport {

  private final KitStore kit;
  private final PlaceStore places;
  private final BookingStore bookings;
  private final UnnamedStore unnamed;
  private final KnownPeople people;
  private final ArchiveStore store;
  private final BenchArchive bench;
  private final HistoryCheck history;
  private final KitMender mender;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final JsonMapper json;
  private final Validator validator;
  private final WorkspaceTime time;

  WorkspaceImport(
      KitStore kit,
      PlaceStore places,
      BookingStore bookings,
      UnnamedStore unnamed,
      KnownPeople people,
      ArchiveStore store,
      BenchArchive bench,
      HistoryCheck history,
      KitMender mender,
      Ledger ledger,
      Workspaces workspaces,
      JsonMapper json,
      Validator validator,
      WorkspaceTime time) {
    this.kit = kit;
    this.places = places;
    this.bookings = bookings;
    this.unnamed = unnamed;
    this.people = people;
    this.store = store;
    this.bench = bench;
    this.history = history;
    this.mender = mender;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.json = json;
    this.validator = validator;
    this.time = time;
  }

  /** Where an archive can be read, as often as needed. */
  @FunctionalInterface
  interface Source {
    InputStream open() throws IOException;
  }

  /** Whether the workspace is still empty. */
  boolean canReadInto(SignedIn who) {
    return workspaces.read(who.workspace(), kit::isEmpty);
  }

  /**
   * @param asIfToday whether every date is moved so that the archive was written today
   * @throws Refused when the workspace is not empty or anything in the archive is wrong
   */
  void read(SignedIn who, UUID actId, Source source, boolean asIfToday) throws IOException {
    Deadline deadline = Deadline.of(Limit.ARCHIVE_SECONDS, "Reading this archive");
    ArchiveHead head = looked(source);
    LocalDate today = time.today(who);
    LocalDate written = Objects.requireNonNull(head.writtenOn());
    ArchiveDates dates = ArchiveDates.between(written, asIfToday ? today : written);
    // Before a connection is taken: only what is right is worth one.
    ArchiveCheck check = new ArchiveCheck(validator, dates, today);
    read(source, check, deadline);
    check.finish();
    ledger.perform(
        who,
        actId,
        "imported",
        act -> {
          refuseUnlessEmpty();
          write(who, act, source, head, check, dates, deadline);
          // Archives of earlier versions may hold what these did not mind.
          mender.mend(act);
          kit.countAnew();
        });
  }

  private ArchiveHead looked(Source source) throws IOException {
    try (InputStream file = source.open()) {
      return ArchiveLook.whole(file, json);
    }
  }

  private void read(Source source, ArchiveReader.Reader reader, Deadline deadline) {
    try (InputStream file = source.open()) {
      new ArchiveReader(json, validator, deadline).read(file, reader);
    } catch (IOException gone) {
      throw new UncheckedIOException(gone);
    }
  }

  private void refuseUnlessEmpty() {
    if (!kit.isEmpty()) {
      throw Refused.notNow(
          "not-empty",
          "An archive is imported into an empty workspace, and this one is not empty. Nothing"
              + " was changed.");
    }
  }

  private void write(
      SignedIn who,
      Act act,
      Source source,
      ArchiveHead head,
      ArchiveCheck check,
      ArchiveDates dates,
      Deadline deadline) {
    ArchiveInsert insert =
        new ArchiveInsert(
            new ArchiveInsert.Into(
                act,
                who.account(),
                time.today(),
                head.hasFormerClasses(),
                head.hasLinerWithTheEyes(),
                dates,
                kit,
                places,
                bookings,
                unnamed,
                people,
                store,
                bench));
    try {
      if (check.house() != null) {
        bench.insertHouse(act, check.house());
      }
      read(source, insert, deadline);
      store.checkReferences();
    } catch (DataIntegrityViolationException broken) {
      // What is told of itself was checked; what is left is the history and what it refers to.
      throw Refused.faulty(
          List.of(
              new FieldFault(
                  "ledger",
                  "twice",
                  "The history has an id, a number or an undo twice, or tells of something that"
                      + " cannot be. Nothing was changed.")));
    }
    if (insert.hasActs()) {
      // Before the planner knows how long the history is, it would read it once for each act.
      kit.countAnew();
      history.check();
    }
  }
}
