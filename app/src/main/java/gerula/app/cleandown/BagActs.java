package gerula.app.cleandown;

import gerula.app.cleandown.UsedBags.BagAt;
import gerula.app.kit.place.Carriers;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.place.StoredPlace;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.rule.HouseStore;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Step;
import gerula.core.cleandown.work.DoneStep;
import gerula.core.cleandown.work.GivenTreatment;
import gerula.core.cleandown.work.Progress;
import gerula.core.kit.place.CarrierState;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Emptying and wiping bags, step by step. */
@Component
class BagActs {

  private final PlaceStore places;
  private final Carriers carriers;
  private final UsedBags used;
  private final TreatmentStore treatments;
  private final HouseStore house;
  private final Ledger ledger;
  private final Clock clock;

  BagActs(
      PlaceStore places,
      Carriers carriers,
      UsedBags used,
      TreatmentStore treatments,
      HouseStore house,
      Ledger ledger,
      Clock clock) {
    this.places = places;
    this.carriers = carriers;
    this.used = used;
    this.treatments = treatments;
    this.house = house;
    this.ledger = ledger;
    this.clock = clock;
  }

  /** It was used, though it was on no job: it is to be cleaned. */
  void isUsed(SignedIn who, UUID actId, UUID bag) {
    ledger.perform(
        who,
        actId,
        "used",
        act -> {
          places.lock(bag);
          StoredPlace stored = places.place(bag).orElseThrow(() -> Refused.notThere("place", bag));
          if (!stored.place().kind().isCarrier()) {
            throw Refused.notNow(
                "no-bag", "Only bags, cases, pouches and belts are cleaned as a whole.");
          }
          carriers.became(act, stored, stored.place().carrier().usedAt(clock.instant()));
        });
  }

  /** How many of these bags it was the next step of, and was done to. */
  long step(Act act, Collection<UUID> bags, Step step, @Nullable UUID agent) {
    bags.stream().distinct().sorted().forEach(places::lock);
    return used.all().values().stream()
        .filter(one -> bags.contains(one.stored().id()))
        .filter(one -> step(act, one, step, agent))
        .count();
  }

  private boolean step(Act act, BagAt bag, Step step, @Nullable UUID agent) {
    Instant now = clock.instant();
    Progress before = bag.used().progress(now);
    Step next = step.isWait() ? before.waiting() : before.next();
    if (next != step) {
      return false;
    }
    DoneStep done = new DoneStep(step, now);
    Progress left = bag.used().with(done).progress(now);
    boolean isLast = left.next() == null;
    GivenTreatment begun = bag.begun() == null ? begin(bag.stored().id()) : bag.begun();
    GivenTreatment given = begun.sprayedFrom(agent).with(step, now, isLast);
    act.touch(ThingKind.TREATMENT_THING, given.id(), () -> treatments.save(given));
    if (isLast) {
      Instant dry = left.dryAt(now);
      carriers.became(
          act, bag.stored(), CarrierState.openUntil(Objects.requireNonNullElse(dry, now)));
    }
    return true;
  }

  private GivenTreatment begin(UUID bag) {
    @Nullable UUID none = null;
    return new GivenTreatment(
        UUID.randomUUID(),
        none,
        bag,
        none,
        none,
        Moment.AFTER_JOB,
        clock.instant(),
        null,
        house.current().practices().sprayPercent(),
        none,
        List.of());
  }
}
