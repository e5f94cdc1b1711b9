package gerula.app.cleandown;

import gerula.app.booking.Bookings;
import gerula.app.cleandown.CleaningRecords.ActView;
import gerula.app.cleandown.CleaningRecords.CleaningView;
import gerula.app.cleandown.CleaningRecords.Dries;
import gerula.app.cleandown.UsedThings.Traced;
import gerula.app.kit.DrawnItem;
import gerula.app.kit.Views;
import gerula.app.kit.WholeKit;
import gerula.app.kit.item.StoredItem;
import gerula.app.packing.TakenAlong;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.cleandown.Dilution;
import gerula.core.cleandown.plan.CleaningAct;
import gerula.core.cleandown.treatment.Caution;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Step;
import gerula.core.cleandown.work.CleaningWork;
import gerula.core.cleandown.work.UsedThing;
import gerula.core.kit.item.Cleanliness;
import gerula.core.rule.Practices;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Tells what is to be cleaned, between two faces and after the job. */
@Component
class Cleaning {

  private final WholeKit kit;
  private final UsedThings used;
  private final ContactStore contacts;
  private final TreatmentStore treatments;
  private final TakenAlong along;
  private final Bookings bookings;
  private final HouseStore house;
  private final Views views;
  private final Workspaces workspaces;
  private final Clock clock;

  Cleaning(
      WholeKit kit,
      UsedThings used,
      ContactStore contacts,
      TreatmentStore treatments,
      TakenAlong along,
      Bookings bookings,
      HouseStore house,
      Views views,
      Workspaces workspaces,
      Clock clock) {
    this.kit = kit;
    this.used = used;
    this.contacts = contacts;
    this.treatments = treatments;
    this.along = along;
    this.bookings = bookings;
    this.house = house;
    this.views = views;
    this.workspaces = workspaces;
    this.clock = clock;
  }

  /**
   * @param from the face that is done
   * @param next the face that comes, null while nobody said
   * @param seconds there are for it, null while nobody said
   */
  CleaningView betweenFaces(
      SignedIn who, UUID booking, UUID from, @Nullable UUID next, @Nullable Integer seconds) {
    return workspaces.read(
        who.workspace(),
        () -> {
          bookings.face(booking, from);
          Set<UUID> forOthers = next == null ? Set.of() : notFor(next, along.faces(who, booking));
          List<Traced> touched =
              used.among(kit.now().stored()).values().stream()
                  .filter(one -> !one.isDoneBetweenFaces())
                  .filter(one -> isOf(one, booking))
                  .toList();
          List<Traced> now = touched.stream().filter(one -> !forOthers.contains(one.id())).toList();
          List<UUID> later = touched.stream().map(Traced::id).filter(forOthers::contains).toList();
          return view(now, later, Moment.BETWEEN_FACES, beside(booking, from), seconds);
        });
  }

  /** What goes along for others only. */
  private static Set<UUID> notFor(UUID face, Map<UUID, List<UUID>> faces) {
    return faces.entrySet().stream()
        .filter(entry -> !entry.getValue().isEmpty() && !entry.getValue().contains(face))
        .map(Map.Entry::getKey)
        .collect(Collectors.toSet());
  }

  private static boolean isOf(Traced one, UUID booking) {
    return one.contacts().stream().anyMatch(contact -> booking.equals(contact.booking()))
        || one.incidents().stream().anyMatch(incident -> booking.equals(incident.booking()));
  }

  /** Worktop and hands, unless that was done since the face was touched last. */
  private Set<Step> beside(UUID booking, UUID face) {
    Instant last = contacts.lastOn(booking, face).orElse(null);
    if (last == null) {
      return Set.of();
    }
    Set<Step> open = EnumSet.of(Step.SURFACES, Step.HANDS);
    treatments.beside(booking).stream()
        .filter(one -> face.equals(one.face()) && !one.begunAt().isBefore(last))
        .forEach(one -> one.steps().forEach(step -> open.remove(step.step())));
    return open;
  }

  /** Everything of the kit that is not clean. */
  CleaningView afterTheJob(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () ->
            view(
                List.copyOf(used.among(kit.now().stored()).values()),
                List.of(),
                Moment.AFTER_JOB,
                Set.of(),
                null));
  }

  private CleaningView view(
      List<Traced> things,
      List<UUID> later,
      Moment moment,
      Set<Step> beside,
      @Nullable Integer seconds) {
    Practices practices = house.current().practices();
    Instant now = clock.instant();
    List<UsedThing> treated = things.stream().map(one -> one.at(moment)).toList();
    CleaningWork work = CleaningWork.of(treated, moment, beside, practices, now);
    Collection<StoredItem> all = kit.now().stored();
    List<Dries> drying =
        all.stream()
            .filter(one -> one.item().cleanliness() == Cleanliness.DRYING)
            .map(one -> new Dries(one.id(), one.item().clean().until()))
            .toList();
    List<UUID> stopped =
        all.stream()
            .filter(one -> one.item().cleanliness().isStopped())
            .map(StoredItem::id)
            .toList();
    return new CleaningView(
        moment,
        work.acts().stream().map(Cleaning::act).toList(),
        work.waits(),
        work.ends(),
        later,
        work.unknown(),
        work.howUnknown(),
        drying,
        stopped,
        work.seconds(),
        work.handSeconds(),
        work.alcoholMl(),
        work.wipes(),
        practices.sprayPercent(),
        Dilution.isEffective(BigDecimal.valueOf(practices.sprayPercent())),
        seconds == null
            ? null
            : CleaningWork.toHaveTwoOf(treated, moment, beside, practices, now, seconds),
        now,
        drawn(things, later, drying, stopped));
  }

  private List<DrawnItem> drawn(
      List<Traced> things, List<UUID> later, List<Dries> drying, List<UUID> stopped) {
    Map<UUID, StoredItem> byId = kit.now().byId();
    Set<UUID> told = new LinkedHashSet<>();
    things.forEach(one -> told.add(one.id()));
    Stream.of(later.stream(), drying.stream().map(Dries::thing), stopped.stream())
        .flatMap(one -> one)
        .forEach(told::add);
    var now = views.now();
    return told.stream()
        .map(byId::get)
        .filter(Objects::nonNull)
        .map(one -> DrawnItem.of(one.item(), now))
        .toList();
  }

  private static ActView act(CleaningAct act) {
    Set<Caution> cautions = new TreeSet<>();
    act.steps().forEach(step -> cautions.addAll(step.cautions()));
    return new ActView(act.steps(), act.things(), act.from(), act.until(), act.readyAt(), cautions);
  }
}
