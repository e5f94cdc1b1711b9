package gerula.core.packing.day;

import static gerula.core.packing.day.ChairHours.DAY;

import java.time.LocalTime;

/**
 * The clock of a day of work: what comes before the minute at which it turns is told of the night
 * after.
 *
 * @param turnsAt minute of the day; 0 where nobody works past midnight
 */
public record DayClock(int turnsAt) {

  /** Where this stands from the turn of the day on. */
  LocalTime within(LocalTime told) {
    int minute = Math.floorMod(ChairArtist.minute(told) - turnsAt, DAY);
    return LocalTime.of(minute / 60, minute % 60);
  }

  ChairArtist within(ChairWishes.ArtistHours one) {
    return new ChairArtist(
        one.id(),
        within(one.hours().from()),
        within(one.hours().until()),
        one.breaks().stream()
            .map(pause -> new ChairArtist.Break(within(pause.from()), within(pause.until())))
            .toList());
  }

  /** As one says it: minutes of the day, past midnight those of a day more. */
  public int told(int within) {
    return within + turnsAt;
  }

  public int told(LocalTime within) {
    return told(ChairArtist.minute(within));
  }

  ChairPlan told(ChairPlan within) {
    return new ChairPlan(
        within.slots().stream()
            .map(
                slot ->
                    new ChairPlan.ChairSlot(
                        slot.face(),
                        slot.artist(),
                        told(slot.start()),
                        told(slot.end()),
                        slot.lateMinutes()))
            .toList(),
        within.latestStart() == null ? null : told(within.latestStart()),
        within.maxLatenessMinutes(),
        within.isOptimal());
  }
}
