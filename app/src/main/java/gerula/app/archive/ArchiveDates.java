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
        archive.counts());
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
        moved(one.item()));
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
