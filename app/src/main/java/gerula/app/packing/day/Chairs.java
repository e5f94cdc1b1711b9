package gerula.app.packing.day;

import static gerula.app.packing.day.MinuteWords.told;

import gerula.app.booking.BookingStore;
import gerula.app.booking.Bookings;
import gerula.app.booking.ChairsDraft;
import gerula.app.booking.StoredBooking;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.packing.day.ChairRecords.ChairsView;
import gerula.app.packing.day.ChairRecords.SatFace;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.booking.Face;
import gerula.core.packing.day.ChairArtist;
import gerula.core.packing.day.ChairDay;
import gerula.core.packing.day.ChairFace;
import gerula.core.packing.day.ChairMinutes;
import gerula.core.packing.day.ChairPlan.ChairSlot;
import gerula.core.packing.day.ChairWishes;
import gerula.core.packing.day.DayClock;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Who sits in whose chair when, of a booking. */
@Component
class Chairs {

  private final Bookings bookings;
  private final BookingStore store;
  private final Workspaces workspaces;
  private final Ledger ledger;
  private final Turnovers turnovers;
  private final WorkspaceTime time;
  private final Clock clock;

  Chairs(
      Bookings bookings,
      BookingStore store,
      Workspaces workspaces,
      Ledger ledger,
      Turnovers turnovers,
      WorkspaceTime time,
      Clock clock) {
    this.turnovers = turnovers;
    this.time = time;
    this.clock = clock;
    this.bookings = bookings;
    this.store = store;
    this.workspaces = workspaces;
    this.ledger = ledger;
  }

  /**
   * @param day null: the first
   * @param order face by face as somebody would have it; null: the best one
   * @param wishes as they might be; null: as they are kept
   */
  ChairsView view(
      SignedIn who,
      UUID booking,
      @Nullable LocalDate day,
      @Nullable List<UUID> order,
      @Nullable ChairsDraft wishes) {
    return workspaces.read(
        who.workspace(), () -> view(bookings.existing(booking), day, order, wishes));
  }

  /**
   * @param face null: all of that day
   */
  String arrivals(SignedIn who, UUID booking, @Nullable LocalDate day, @Nullable UUID face) {
    return workspaces.read(
        who.workspace(),
        () -> {
          StoredBooking stored = bookings.existing(booking);
          ChairsView view = view(stored, day, null, null);
          List<SatFace> faces =
              view.faces().stream().filter(one -> face == null || one.face().equals(face)).toList();
          if (faces.isEmpty()) {
            throw face == null
                ? Refused.notNow("no-face", "Nobody is there that day. Choose another day.")
                : Refused.notThere("face", face);
          }
          return ArrivalsFile.of(
              booking,
              stored.booking().title(),
              stored.location(),
              view.day(),
              faces,
              face != null,
              time.zone(),
              clock.instant());
        });
  }

  private ChairsView view(
      StoredBooking stored,
      @Nullable LocalDate asked,
      @Nullable List<UUID> order,
      @Nullable ChairsDraft draft) {
    ChairsDraft told = draft == null ? stored.chairs() : draft;
    ChairWishes wishes = told == null ? ChairWishes.NONE : told.toWishes();
    LocalDate first = stored.booking().firstDay();
    LocalDate last = stored.booking().lastDay();
    LocalDate day = asked == null ? first : asked;
    new Faults()
        .unless(
            !day.isBefore(first) && !day.isAfter(last),
            "day",
            "out-of-range",
            "The booking is from " + first + " to " + last + ".")
        .refuseIfAny();
    List<Face> present =
        stored.booking().faces().stream()
            .filter(face -> face.daysPresent().isEmpty() || face.daysPresent().contains(day))
            .toList();
    ChairDay planned =
        ChairDay.of(
            present,
            wishes,
            call(stored, day),
            order == null ? null : order.stream().map(UUID::toString).toList());
    Map<String, ChairSlot> slots =
        planned.plan().slots().stream().collect(Collectors.toMap(ChairSlot::face, slot -> slot));
    Map<String, ChairFace> faces = new HashMap<>();
    planned.faces().forEach(one -> faces.put(one.id(), one));
    Integer latest = planned.plan().latestStart();
    return new ChairsView(
        day,
        first,
        last,
        call(stored, day),
        told,
        planned.artists().stream().map(one -> sitting(one, planned.clock())).toList(),
        present.stream()
            .map(
                face ->
                    face(
                        face,
                        wishes,
                        faces.get(face.id().toString()),
                        slots.get(face.id().toString()),
                        planned.clock()))
            .sorted(Comparator.comparing(SatFace::start).thenComparing(SatFace::face))
            .toList(),
        latest == null ? null : told(latest),
        planned.plan().maxLatenessMinutes(),
        planned.plan().isOptimal(),
        planned.leastArtists(),
        turnovers.longest(stored.booking().id(), planned.plan().slots()).orElse(null),
        planned.setsAtOnce(),
        planned.findings());
  }

  private static ChairRecords.SittingArtist sitting(ChairArtist one, DayClock clock) {
    return new ChairRecords.SittingArtist(
        one.id(), timeOfDay(clock.told(one.from())), timeOfDay(clock.told(one.until())));
  }

  private static SatFace face(
      Face face, ChairWishes wishes, ChairFace planned, ChairSlot slot, DayClock clock) {
    return new SatFace(
        face.id(),
        face.name(),
        planned.minutes(),
        ChairMinutes.usual(face),
        told(clock.told(planned.readyBy())),
        planned.notBefore() == null ? null : told(clock.told(planned.notBefore())),
        wishes.of(face.id()).isLead(),
        slot.artist(),
        told(slot.start()),
        told(slot.end()),
        slot.lateMinutes());
  }

  /** That day's own, or else the booking's. */
  private static @Nullable LocalTime call(StoredBooking stored, LocalDate day) {
    return stored.days().stream()
        .filter(one -> one.day().equals(day) && one.call() != null)
        .map(one -> one.call())
        .findFirst()
        .orElse(stored.callTime());
  }

  private static LocalTime timeOfDay(int minute) {
    return LocalTime.MIDNIGHT.plusMinutes(minute);
  }

  void change(SignedIn who, UUID actId, UUID booking, ChairsDraft chairs) {
    chairs.toWishes();
    ledger.perform(
        who,
        actId,
        "chairs-changed",
        Map.of("booking", booking),
        act -> {
          store.lock(booking);
          bookings.existing(booking);
          act.touch(ThingKind.BOOKING_THING, booking, () -> store.setChairs(booking, chairs));
        });
  }
}
