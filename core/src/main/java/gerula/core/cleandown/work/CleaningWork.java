package gerula.core.cleandown.work;

import gerula.core.cleandown.Agent;
import gerula.core.cleandown.plan.Chain;
import gerula.core.cleandown.plan.Chain.Stage;
import gerula.core.cleandown.plan.CleaningAct;
import gerula.core.cleandown.plan.CleaningPlan;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Outcome;
import gerula.core.cleandown.treatment.Step;
import gerula.core.cleandown.treatment.Treatment;
import gerula.core.kit.product.Form;
import gerula.core.rule.Practices;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;

/**
 * The cleaning that is to be done now, from where it stands: by act, in the order that takes least
 * time.
 *
 * @param acts in the order in which they are done
 * @param waits what waits at this moment, those first that are over first
 * @param ends what is not used on others again, by what becomes of it
 * @param unknown things nobody knows how to treat
 * @param howUnknown of those that are treated, the ones of which nobody said how they were used
 * @param seconds until everything may be used again
 * @param handSeconds how much of it is handwork
 * @param alcoholMl about how much alcohol goes into it
 * @param wipes about how many
 * @param detergentMl about how much detergent or shampoo goes into it
 * @param laidFlat how many things need a place to lie flat until they are dry
 */
public record CleaningWork(
    Moment moment,
    List<CleaningAct> acts,
    List<Wait> waits,
    List<Ending> ends,
    List<UUID> unknown,
    List<UUID> howUnknown,
    int seconds,
    int handSeconds,
    int alcoholMl,
    int wipes,
    int detergentMl,
    int laidFlat) {

  /** Common practice; from memory. */
  private static final int TURNOVER_ML = 8;

  private static final int CLEAN_DOWN_ML = 30;
  private static final int PACKS_A_WIPE = 10;
  private static final int DETERGENT_ML_A_WASH = 10;

  private static final Set<Form> BRUSHES =
      EnumSet.of(Form.BRUSH_SYNTHETIC, Form.BRUSH_NATURAL, Form.BRUSH_DUO_FIBRE);

  /** A thing that dries or soaks, or a bag that stands open. */
  public record Wait(UUID thing, Step step, Instant until) {}

  /** Things of which the same becomes. */
  public record Ending(Outcome outcome, List<UUID> things) {
    public Ending {
      things = List.copyOf(things);
    }
  }

  public CleaningWork {
    acts = List.copyOf(acts);
    waits = List.copyOf(waits);
    ends = List.copyOf(ends);
    unknown = List.copyOf(unknown);
    howUnknown = List.copyOf(howUnknown);
  }

  /**
   * @param extra what is to be done beside the things themselves: surfaces, hands
   */
  public static CleaningWork of(
      Collection<UsedThing> used, Moment moment, Set<Step> extra, Practices house, Instant now) {
    return new Gathering(moment, house, now).of(used, List.of(), extra);
  }

  /**
   * After the job: everything that was used, and the bags it came back in.
   *
   * @param bags those that are to be emptied and wiped
   */
  public static CleaningWork afterTheJob(
      Collection<UsedThing> used, Collection<UsedBag> bags, Practices house, Instant now) {
    return new Gathering(Moment.AFTER_JOB, house, now).of(used, bags, Set.of());
  }

  /**
   * Of what one would have to have two, so that it is all done in time: one after the other what
   * saves most. Empty where it is done in time as it is; all that saves anything where even that is
   * not enough.
   *
   * @param seconds there are
   */
  public static List<UUID> toHaveTwoOf(
      Collection<UsedThing> used,
      Moment moment,
      Set<Step> extra,
      Practices house,
      Instant now,
      int seconds) {
    List<UsedThing> left = new ArrayList<>(used);
    List<UUID> two = new ArrayList<>();
    int takes = takes(left, moment, extra, house, now);
    while (takes > seconds) {
      UsedThing most = null;
      int least = takes;
      for (UsedThing one : left) {
        List<UsedThing> without = new ArrayList<>(left);
        without.remove(one);
        int then = takes(without, moment, extra, house, now);
        if (then < least) {
          least = then;
          most = one;
        }
      }
      if (most == null) {
        return two;
      }
      left.remove(most);
      two.add(most.item().id());
      takes = least;
    }
    return two;
  }

  private static int takes(
      List<UsedThing> used, Moment moment, Set<Step> extra, Practices house, Instant now) {
    return of(used, moment, extra, house, now).seconds();
  }

  /** What has come of all things, one after the other. */
  private static final class Gathering {

    private final Moment moment;
    private final Practices house;
    private final Instant now;
    private final List<Chain> chains = new ArrayList<>();
    private final List<Wait> waits = new ArrayList<>();
    private final Map<Outcome, List<UUID>> ends = new EnumMap<>(Outcome.class);
    private final List<UUID> unknown = new ArrayList<>();
    private final List<UUID> howUnknown = new ArrayList<>();
    private boolean isHolderReached;

    Gathering(Moment moment, Practices house, Instant now) {
      this.moment = moment;
      this.house = house;
      this.now = now;
    }

    CleaningWork of(Collection<UsedThing> used, Collection<UsedBag> bags, Set<Step> extra) {
      used.forEach(this::add);
      bags.forEach(this::add);
      if (extra.contains(Step.SURFACES)) {
        chains.add(Chain.of(Step.SURFACES));
      }
      CleaningPlan plan = CleaningPlan.of(chains);
      if (extra.contains(Step.HANDS)) {
        plan = plan.endingWith(Step.HANDS);
      }
      waits.sort(Comparator.comparing(Wait::until));
      return new CleaningWork(
          moment,
          plan.acts(),
          waits,
          ends.entrySet().stream()
              .map(entry -> new Ending(entry.getKey(), entry.getValue()))
              .toList(),
          unknown,
          howUnknown,
          plan.seconds(),
          plan.handSeconds(),
          alcohol(plan),
          wipes(plan),
          DETERGENT_ML_A_WASH * things(plan, Step::takesDetergent),
          laidFlat());
    }

    private void add(UsedThing thing) {
      UUID id = thing.item().id();
      Optional<Treatment> found = thing.treatment(moment, house);
      if (found.isEmpty()) {
        unknown.add(id);
        return;
      }
      Treatment treatment = found.get();
      if (!treatment.outcome().isReusable()) {
        ends.computeIfAbsent(treatment.outcome(), _ -> new ArrayList<>()).add(id);
        return;
      }
      Progress progress = thing.progress(treatment, now);
      if (progress.waitsUntil() != null) {
        waits.add(new Wait(id, progress.left().getFirst().step(), progress.waitsUntil()));
      }
      if (!thing.isHowKnown()) {
        howUnknown.add(id);
      }
      chains.add(withOthers(thing, progress.chain(id)));
    }

    private void add(UsedBag bag) {
      Progress progress = bag.progress(now);
      if (progress.waitsUntil() != null) {
        waits.add(new Wait(bag.place(), Step.DRY_OPEN, progress.waitsUntil()));
      }
      chains.add(progress.chain(bag.place()));
    }

    /** The brushes of one face go into the holder in one movement. */
    private Chain withOthers(UsedThing thing, Chain chain) {
      boolean isForTheHolder =
          BRUSHES.contains(thing.item().product().form())
              && chain.steps().stream().anyMatch(stage -> stage.step() == Step.TO_DIRTY_HOLDER);
      if (!isForTheHolder || !isHolderReached) {
        isHolderReached |= isForTheHolder;
        return chain;
      }
      return new Chain(chain.thing(), List.of(new Stage(Step.TO_DIRTY_HOLDER, 0)));
    }

    private int laidFlat() {
      return (int)
          chains.stream()
              .filter(
                  chain -> chain.steps().stream().anyMatch(stage -> stage.step() == Step.LAY_FLAT))
              .count();
    }

    private int alcohol(CleaningPlan plan) {
      int sprayed = things(plan, Step::takesAlcohol);
      return Math.min(
          moment == Moment.BETWEEN_FACES ? TURNOVER_ML : CLEAN_DOWN_ML, sprayed * Agent.ML_A_THING);
    }

    private static int wipes(CleaningPlan plan) {
      return Math.ceilDiv(things(plan, Step::takesAWipe), PACKS_A_WIPE);
    }

    private static int things(CleaningPlan plan, Predicate<Step> which) {
      return plan.acts().stream()
          .mapToInt(act -> (int) act.steps().stream().filter(which).count() * act.things().size())
          .sum();
    }
  }
}
