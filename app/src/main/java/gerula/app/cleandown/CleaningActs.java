package gerula.app.cleandown;

import gerula.app.booking.Bookings;
import gerula.app.cleandown.UsedThings.Traced;
import gerula.app.kit.Kit;
import gerula.app.kit.WholeKit;
import gerula.app.kit.item.Discarding;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.person.PersonNames;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.rule.HouseStore;
import gerula.core.cleandown.Contact;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Outcome;
import gerula.core.cleandown.treatment.Step;
import gerula.core.cleandown.treatment.Treatment;
import gerula.core.cleandown.work.DoneStep;
import gerula.core.cleandown.work.GivenTreatment;
import gerula.core.cleandown.work.Progress;
import gerula.core.cleandown.work.UsedThing;
import gerula.core.kit.PersonRef;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.rule.Practices;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Cleaning, step by step, and what becomes of what is not cleaned. */
@Component
class CleaningActs {

  private final Kit kit;
  private final WholeKit whole;
  private final Handling handling;
  private final Discarding discarding;
  private final UsedThings used;
  private final TreatmentStore treatments;
  private final BagActs bags;
  private final DirtyHolders holders;
  private final Agents agents;
  private final PersonNames people;
  private final Bookings bookings;
  private final HouseStore house;
  private final Ledger ledger;
  private final Clock clock;

  CleaningActs(
      Kit kit,
      WholeKit whole,
      Handling handling,
      Discarding discarding,
      UsedThings used,
      TreatmentStore treatments,
      BagActs bags,
      DirtyHolders holders,
      Agents agents,
      PersonNames people,
      Bookings bookings,
      HouseStore house,
      Ledger ledger,
      Clock clock) {
    this.kit = kit;
    this.whole = whole;
    this.handling = handling;
    this.discarding = discarding;
    this.used = used;
    this.treatments = treatments;
    this.bags = bags;
    this.holders = holders;
    this.agents = agents;
    this.people = people;
    this.bookings = bookings;
    this.house = house;
    this.ledger = ledger;
    this.clock = clock;
  }

  /**
   * Movements that were done.
   *
   * @param steps in order
   * @param items to which; none where it is done to no thing of the kit
   * @param bags to which, after the job
   * @param booking at which, null at none
   * @param face after which, null after the job
   */
  record Movement(
      Moment moment,
      List<Step> steps,
      List<UUID> items,
      List<UUID> bags,
      @Nullable UUID booking,
      @Nullable UUID face) {}

  /**
   * Those of which it is not the next step stay as they are: somebody else may have done it.
   *
   * @throws Refused when it is the next step of none of them
   */
  void step(SignedIn who, UUID actId, Movement done) {
    ledger.perform(
        who,
        actId,
        "treated",
        Map.of("steps", done.steps().stream().map(Step::code).toList()),
        act -> {
          long many = done.steps().stream().filter(step -> step(act, done, step)).count();
          if (many == 0) {
            throw Refused.notNow(
                "done-already",
                "That is done already, or something else comes first. Nothing was changed; look at"
                    + " what comes next.");
          }
        });
  }

  /** Whether it was done to any of them. */
  private boolean step(Act act, Movement done, Step step) {
    if (step.isBeside()) {
      beside(act, done, step);
      return true;
    }
    UUID agent = step.takesAlcohol() ? agents.alcohol() : null;
    // Each by itself, as it is after the step before.
    long things =
        used.among(kit.inKit(act, done.items())).values().stream()
            .filter(one -> step(act, one, done, step, agent))
            .count();
    return things + bags.step(act, done.bags(), step, agent) > 0;
  }

  private void beside(Act act, Movement done, Step step) {
    Instant now = clock.instant();
    GivenTreatment beside =
        new GivenTreatment(
                UUID.randomUUID(),
                null,
                null,
                done.booking(),
                done.face(),
                done.moment(),
                now,
                null,
                practices().sprayPercent(),
                null,
                List.of())
            .with(step, now, true);
    act.touch(ThingKind.TREATMENT_THING, beside.id(), () -> treatments.save(beside));
  }

  private boolean step(Act act, Traced traced, Movement done, Step step, @Nullable UUID agent) {
    Instant now = clock.instant();
    UsedThing thing = traced.at(done.moment());
    Treatment treatment =
        thing
            .treatment(done.moment(), practices())
            .filter(one -> one.outcome().isReusable())
            .orElse(null);
    if (treatment == null) {
      return false;
    }
    Progress before = thing.progress(treatment, now);
    Step next = step.isWait() ? before.waiting() : before.next();
    if (next == null || next.movement() != step) {
      return false;
    }
    UsedThing after = thing.with(new DoneStep(next, now));
    Progress left = after.progress(treatment, now);
    GivenTreatment given =
        goneOnWith(traced, done).sprayedFrom(agent).with(next, now, left.next() == null);
    act.touch(ThingKind.TREATMENT_THING, given.id(), () -> treatments.save(given));
    CleanState state = traced.stored().item().clean().laidDown();
    if (left.next() == null && treatment.leavesItClean(done.moment())) {
      state = CleanState.treated(now, left.dryAt(now));
    }
    Item treated = traced.stored().item().treated(state);
    if (next == Step.TO_DIRTY_HOLDER) {
      holders.take(act, traced.stored(), treated);
    } else {
      handling.became(act, traced.stored(), treated);
    }
    return true;
  }

  private GivenTreatment goneOnWith(Traced traced, Movement done) {
    GivenTreatment latest = traced.latest();
    if (latest != null && latest.moment() == done.moment() && latest.doneAt() == null) {
      return latest;
    }
    Contact last = traced.contacts().stream().findFirst().orElse(null);
    return new GivenTreatment(
        UUID.randomUUID(),
        traced.id(),
        null,
        done.booking() != null || last == null ? done.booking() : last.booking(),
        done.face() != null || last == null ? done.face() : last.face(),
        done.moment(),
        clock.instant(),
        null,
        practices().sprayPercent(),
        null,
        List.of());
  }

  private Practices practices() {
    return house.current().practices();
  }

  /** What becomes of things that are not used on others again. */
  void end(SignedIn who, UUID actId, Outcome outcome, List<UUID> items) {
    ledger.perform(
        who,
        actId,
        switch (outcome) {
          case ONE_PERSON -> "kept-for-one";
          case GIVE_AWAY -> "given-away";
          case QUARANTINE -> "quarantined";
          case DISCARD -> "discarded";
          case READY, TREAT -> throw new IllegalArgumentException(outcome + " is no ending.");
        },
        act -> used.of(kit.inKit(act, items)).values().forEach(one -> end(act, one, outcome)));
  }

  private void end(Act act, Traced traced, Outcome outcome) {
    StoredItem stored = traced.stored();
    Item item = stored.item();
    Instant now = clock.instant();
    switch (outcome) {
      case GIVE_AWAY -> discarding.discard(act, stored, DiscardCause.GIVEN_AWAY);
      case DISCARD -> discarding.discard(act, stored, DiscardCause.CONTAMINATED);
      case QUARANTINE ->
          handling.became(
              act, stored, item.treated(item.clean().happened(Cleanliness.QUARANTINED, now)));
      case ONE_PERSON ->
          handling.became(
              act, stored, item.keptFor(hers(traced)).treated(CleanState.treated(now, null)));
      case READY, TREAT -> {}
    }
  }

  /** Whoever it touched last. */
  private ForWhom hers(Traced traced) {
    return traced.contacts().stream()
        .map(contact -> people.ref(contact.person()))
        .filter(Objects::nonNull)
        .findFirst()
        .<ForWhom>map((PersonRef person) -> new ForWhom.Only(person))
        .orElseThrow(
            () ->
                Refused.notNow(
                    "nobody-known",
                    "Nobody said whom "
                        + traced.stored().item().product().name()
                        + " touched. Keep it for somebody on its own page, or discard it."));
  }

  /** The face is made up: what is on her now is laid down, and is to be treated. */
  void faceDone(SignedIn who, UUID actId, UUID booking, UUID face) {
    ledger.perform(
        who,
        actId,
        "laid-down",
        Map.of("booking", booking, "face", face),
        act -> {
          bookings.face(booking, face);
          List<UUID> onHer =
              used.among(whole.now().stored()).values().stream()
                  .filter(one -> isOn(one, face))
                  .map(Traced::id)
                  .toList();
          kit.inKit(act, onHer).forEach(one -> laidDown(act, one));
        });
  }

  private void laidDown(Act act, StoredItem stored) {
    Item item = stored.item();
    handling.became(act, stored, item.treated(item.clean().laidDown()));
  }

  private static boolean isOn(Traced one, UUID face) {
    return one.stored().item().cleanliness() == Cleanliness.IN_USE
        && one.contacts().stream().findFirst().filter(last -> face.equals(last.face())).isPresent();
  }
}
