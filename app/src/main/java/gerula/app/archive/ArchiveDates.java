package gerula.app.archive;

import gerula.app.archive.WorkspaceArchive.ArchivedBooking;
import gerula.app.archive.WorkspaceArchive.ArchivedItem;
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
        archive.items().stream()
            .map(item -> new ArchivedItem(item.id(), item.product(), dates.moved(item.item())))
            .toList(),
        archive.bookings().stream()
            .map(one -> new ArchivedBooking(one.id(), dates.moved(one.booking())))
            .toList());
  }

  private ItemDraft moved(ItemDraft item) {
    return new ItemDraft(
        moved(item.madeOn()),
        moved(item.boughtOn()),
        moved(item.openedOn()),
        moved(item.printedExpiry()),
        item.left(),
        item.home(),
        item.now(),
        item.cleanliness(),
        item.personal(),
        item.note());
  }

  private BookingDraft moved(BookingDraft booking) {
    return new BookingDraft(
        booking.title(),
        booking.firstDay().plusDays(days),
        booking.lastDay().plusDays(days),
        booking.callTime(),
        booking.location(),
        booking.conditions(),
        booking.bags(),
        booking.faces());
  }

  private @Nullable LocalDate moved(@Nullable LocalDate date) {
    return date == null ? null : date.plusDays(days);
  }
}
