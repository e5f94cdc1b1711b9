package gerula.app.cleandown;

import gerula.app.booking.Bookings;
import gerula.app.cleandown.UsedThings.Traced;
import gerula.app.kit.Kit;
import gerula.app.kit.WholeKit;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.cleandown.IncidentReport;
import gerula.core.cleandown.treatment.Incident;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Outcome;
import gerula.core.cleandown.treatment.Treatment;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What happens to things beside their usual use. */
@Component
class Incidents {

  private final Kit kit;
  private final WholeKit whole;
  private final Handling handling;
  private final UsedThings used;
  private final IncidentStore store;
  private final Bookings bookings;
  private final HouseStore house;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final Clock clock;

  Incidents(
      Kit kit,
      WholeKit whole,
      Handling handling,
      UsedThings used,
      IncidentStore store,
      Bookings bookings,
      HouseStore house,
      Ledger ledger,
      Workspaces workspaces,
      Clock clock) {
    this.kit = kit;
    this.whole = whole;
    this.handling = handling;
    this.used = used;
    this.store = store;
    this.bookings = bookings;
    this.house = house;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.clock = clock;
  }

  /**
   * What would become of a thing.
   *
   * @param treatment null where nobody knows how such a thing is treated: it is quarantined
   */
  record WouldBe(UUID item, @Nullable Treatment treatment) {}

  /** Tells what would become of things if this happened to them; nothing is kept. */
  List<WouldBe> tryOut(SignedIn who, Incident incident, List<UUID> items) {
    return workspaces.read(
        who.workspace(),
        () ->
            used.of(items.stream().distinct().map(this::existing).toList()).values().stream()
                .map(one -> new WouldBe(one.id(), treatment(one, incident)))
                .toList());
  }

  private StoredItem existing(UUID id) {
    StoredItem there = whole.now().byId().get(id);
    if (there == null) {
      throw Refused.notThere("item", id);
    }
    return there;
  }

  private @Nullable Treatment treatment(Traced one, Incident incident) {
    return one.asIf(incident)
        .treatment(Moment.BETWEEN_FACES, house.current().practices())
        .orElse(null);
  }

  /**
   * Reports what happened: what must not be used any more is stopped, the rest is to be treated.
   *
   * @param booking at which, null at none
   * @param face on whom, null where nobody was there
   */
  void report(
      SignedIn who,
      UUID actId,
      Incident incident,
      List<UUID> items,
      @Nullable UUID booking,
      @Nullable UUID face) {
    ledger.perform(
        who,
        actId,
        "happened",
        Map.of("incident", incident.code()),
        act -> {
          if (booking != null && face != null) {
            bookings.face(booking, face);
          } else if (booking != null) {
            bookings.existing(booking);
          }
          used.of(kit.inKit(act, items))
              .values()
              .forEach(one -> happened(act, one, incident, booking, face));
        });
  }

  private void happened(
      Act act, Traced one, Incident incident, @Nullable UUID booking, @Nullable UUID face) {
    Instant now = clock.instant();
    IncidentReport report =
        new IncidentReport(UUID.randomUUID(), one.id(), booking, face, incident, now);
    act.touch(ThingKind.INCIDENT_THING, report.id(), () -> store.insert(report));
    Item item = one.stored().item();
    if (item.cleanliness().isStopped()) {
      return;
    }
    Treatment treatment = treatment(one, incident);
    CleanState after =
        item.clean()
            .happened(state(treatment == null ? Outcome.QUARANTINE : treatment.outcome()), now);
    handling.became(act, one.stored(), item.treated(after));
  }

  private static Cleanliness state(Outcome outcome) {
    return switch (outcome) {
      case DISCARD -> Cleanliness.CONTAMINATED;
      case QUARANTINE -> Cleanliness.QUARANTINED;
      case READY, TREAT, ONE_PERSON, GIVE_AWAY -> Cleanliness.USED;
    };
  }
}
