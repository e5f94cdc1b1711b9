package gerula.app.cleandown;

import gerula.app.booking.Bookings;
import gerula.app.cleandown.CleaningRecords.ActView;
import gerula.app.cleandown.CleaningRecords.BagView;
import gerula.app.cleandown.CleaningRecords.CleaningView;
import gerula.app.cleandown.CleaningRecords.Dries;
import gerula.app.cleandown.UsedBags.BagAt;
import gerula.app.cleandown.UsedThings.Traced;
import gerula.app.kit.DrawnItem;
import gerula.app.kit.Views;
import gerula.app.kit.WholeKit;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.Carriers;
import gerula.app.kit.place.StoredPlace;
import gerula.app.packing.TakenAlong;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.cleandown.Dilution;
import gerula.core.cleandown.brushes.BrushRun;
import gerula.core.cleandown.plan.CleaningAct;
import gerula.core.cleandown.treatment.Caution;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Step;
import gerula.core.cleandown.work.CleaningWork;
import gerula.core.cleandown.work.UsedThing;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
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
  private final UsedBags bags;
  private final Carriers carriers;
  private final Agents agents;
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
      UsedBags bags,
      Carriers carriers,
      Agents agents,
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
    this.bags = bags;
    this.carriers = carriers;
    this.agents = agents;
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
          Practices practices = house.current().practices();
          List<UsedThing> treated = now.stream().map(one -> one.at(Moment.BETWEEN_FACES)).toList();
          Set<Step> beside = beside(booking, from);
          Instant at = clock.instant();
          return view(
              CleaningWork.of(treated, Moment.BETWEEN_FACES, beside, practices, at),
              now,
              later,
              nextSet(forOthers),
              seconds == null
                  ? null
                  : CleaningWork.toHaveTwoOf(
                      treated, Moment.BETWEEN_FACES, beside, practices, at, seconds),
              List.of(),
              at);
        });
  }

  /** Brushes that are clean and not for others only. */
  private @Nullable UUID nextSet(Set<UUID> forOthers) {
    return BrushRun.nextSet(
            kit.now().items().stream().filter(item -> !forOthers.contains(item.id())).toList())
        .map(Item::id)
        .orElse(null);
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
        () -> {
          List<Traced> things = List.copyOf(used.among(kit.now().stored()).values());
          Collection<BagAt> toClean = bags.all().values();
          Instant now = clock.instant();
          CleaningWork work =
              CleaningWork.afterTheJob(
                  things.stream().map(one -> one.at(Moment.AFTER_JOB)).toList(),
                  toClean.stream().map(BagAt::used).toList(),
                  house.current().practices(),
                  now);
          List<BagView> drawn =
              Stream.concat(
                      toClean.stream().map(one -> bag(one.stored(), null)),
                      carriers.drying().stream()
                          .map(one -> bag(one, one.place().carrier().wetUntil())))
                  .toList();
          return view(work, things, List.of(), null, null, drawn, now);
        });
  }

  private static BagView bag(StoredPlace bag, @Nullable Instant until) {
    return new BagView(bag.id(), bag.place().name(), bag.place().kind(), until);
  }

  private CleaningView view(
      CleaningWork work,
      List<Traced> things,
      List<UUID> later,
      @Nullable UUID nextSet,
      @Nullable List<UUID> twoOf,
      List<BagView> drawnBags,
      Instant now) {
    Practices practices = house.current().practices();
    Set<UUID> bagIds = drawnBags.stream().map(BagView::id).collect(Collectors.toSet());
    Collection<StoredItem> all = kit.now().stored();
    List<Dries> drying =
        all.stream()
            .filter(one -> one.item().cleanliness() == Cleanliness.DRYING)
            .map(one -> dries(one.item()))
            .toList();
    List<UUID> stopped =
        all.stream()
            .filter(one -> one.item().cleanliness().isStopped())
            .map(StoredItem::id)
            .toList();
    return new CleaningView(
        work.moment(),
        work.acts().stream().map(act -> act(act, bagIds)).toList(),
        work.waits(),
        work.ends(),
        later,
        nextSet,
        work.unknown(),
        work.howUnknown(),
        drying,
        stopped,
        all.stream()
            .filter(one -> one.item().cleanliness() == Cleanliness.QUARANTINED)
            .map(StoredItem::id)
            .toList(),
        work.seconds(),
        work.handSeconds(),
        work.alcoholMl(),
        work.wipes(),
        work.detergentMl(),
        work.laidFlat(),
        practices.sprayPercent(),
        agents.bottle(),
        agents.supplies(),
        Dilution.isEffective(BigDecimal.valueOf(practices.sprayPercent())),
        twoOf,
        now,
        drawn(things, later, drying, stopped, nextSet),
        drawnBags);
  }

  private static Dries dries(Item item) {
    boolean isAtHome = Objects.equals(item.home(), item.now());
    return new Dries(item.id(), item.clean().until(), isAtHome ? null : item.home());
  }

  private List<DrawnItem> drawn(
      List<Traced> things,
      List<UUID> later,
      List<Dries> drying,
      List<UUID> stopped,
      @Nullable UUID nextSet) {
    Map<UUID, StoredItem> byId = kit.now().byId();
    Set<UUID> told = new LinkedHashSet<>();
    things.forEach(one -> told.add(one.id()));
    Stream.of(later.stream(), drying.stream().map(Dries::thing), stopped.stream())
        .flatMap(one -> one)
        .forEach(told::add);
    if (nextSet != null) {
      told.add(nextSet);
    }
    var now = views.now();
    return told.stream()
        .map(byId::get)
        .filter(Objects::nonNull)
        .map(one -> DrawnItem.of(one.item(), now))
        .toList();
  }

  private static ActView act(CleaningAct act, Set<UUID> bags) {
    Set<Caution> cautions = new TreeSet<>();
    act.steps().forEach(step -> cautions.addAll(step.cautions()));
    Map<Boolean, List<UUID>> things =
        act.things().stream().collect(Collectors.partitioningBy(bags::contains));
    return new ActView(
        act.steps(),
        things.get(false),
        things.get(true),
        act.steps().stream().anyMatch(Step::takesAlcohol),
        act.from(),
        act.until(),
        act.readyAt(),
        cautions);
  }
}
