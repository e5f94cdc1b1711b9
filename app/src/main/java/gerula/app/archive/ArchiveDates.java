package gerula.app.archive;

import gerula.app.booking.BookingDraft;
import gerula.app.kit.ItemDraft;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;

/** Moves every date of an archive by the same number of days. */
final class ArchiveDates {

  private final long days;

  private ArchiveDates(long days) {
    this.days = days;
  }

  /** The archive as if it had been written on that day. */
  static WorkspaceArchive asIfWrittenOn(LocalDate day, WorkspaceArchive archive) {
    ArchiveDates dates = new ArchiveDates(ChronoUnit.DAYS.between(archive.writtenOn(), day));
    return new WorkspaceArchive(
        archive.format(),
        archive.version(),
        day,
        archive.places(),
        archive.products(),
        archive.pictures(),
        archive.items().stream().map(dates::moved).toList(),
        archive.bookings().stream().map(dates::moved).toList(),
        archive.packed(),
        archive.counts(),
        archive.house(),
        archive.empties(),
        archive.fillings().stream().map(dates::moved).toList(),
        archive.sessions(),
        archive.wanted().stream().map(dates::moved).toList());
  }

  private WorkspaceArchive.ArchivedItem moved(WorkspaceArchive.ArchivedItem one) {
    return new WorkspaceArchive.ArchivedItem(
        one.id(),
        one.code(),
        one.version(),
        one.product(),
        one.picture(),
        moved(one.discardedOn()),
        one.discardCause(),
        moved(one.besides()),
        moved(one.item()));
  }

  private WorkspaceArchive.@Nullable ArchivedBesides moved(
      WorkspaceArchive.@Nullable ArchivedBesides one) {
    return one == null
        ? null
        : new WorkspaceArchive.ArchivedBesides(
            moved(one.changedOn()),
            one.changedWhat(),
            moved(one.brokenPackOn()),
            one.slot(),
            one.empty(),
            moved(one.washedOn()),
            moved(one.useFirstOn()),
            moved(one.keptOn()));
  }

  private WorkspaceArchive.ArchivedFilling moved(WorkspaceArchive.ArchivedFilling one) {
    return new WorkspaceArchive.ArchivedFilling(
        one.id(),
        one.version(),
        one.item(),
        one.source(),
        one.filledOn().plusDays(days),
        one.amount(),
        moved(one.washedOutOn()),
        one.onARest());
  }

  private WorkspaceArchive.ArchivedWanted moved(WorkspaceArchive.ArchivedWanted one) {
    return new WorkspaceArchive.ArchivedWanted(
        one.id(),
        one.version(),
        one.product(),
        one.packs(),
        moved(one.neededOn()),
        one.why(),
        one.notedOn().plusDays(days),
        moved(one.gotOn()));
  }

  private ItemDraft moved(ItemDraft item) {
    return item.dated(
        moved(item.madeOn()),
        moved(item.boughtOn()),
        moved(item.openedOn()),
        moved(item.printedExpiry()),
        moved(item.askBackOn()));
  }

  private WorkspaceArchive.ArchivedBooking moved(WorkspaceArchive.ArchivedBooking one) {
    BookingDraft booking = one.booking();
    return new WorkspaceArchive.ArchivedBooking(
        one.id(),
        one.version(),
        one.departedAt(),
        one.backAt(),
        new BookingDraft(
            booking.title(),
            booking.firstDay().plusDays(days),
            booking.lastDay().plusDays(days),
            booking.callTime(),
            booking.location(),
            booking.conditions(),
            booking.bags(),
            booking.faces()));
  }

  private @Nullable LocalDate moved(@Nullable LocalDate date) {
    return date == null ? null : date.plusDays(days);
  }
}
