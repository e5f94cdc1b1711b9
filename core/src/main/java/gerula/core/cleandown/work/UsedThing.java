package gerula.core.cleandown.work;

import gerula.core.cleandown.Contact;
import gerula.core.cleandown.HowUsed;
import gerula.core.cleandown.treatment.Incident;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Treated;
import gerula.core.cleandown.treatment.Treatment;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.rule.Practices;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A thing that was used and is not clean again.
 *
 * @param hows in which ways it touched somebody since it was last clean; empty where nobody said
 * @param incidents what happened to it since
 * @param done what has been done of its treatment so far, in order
 */
public record UsedThing(
    Item item, Set<Contact.How> hows, Set<Incident> incidents, List<DoneStep> done) {

  public UsedThing {
    hows = Set.copyOf(hows);
    incidents = Set.copyOf(incidents);
    done = List.copyOf(done);
  }

  /** Whether somebody said how it was used; otherwise it is taken to be as usual. */
  public boolean isHowKnown() {
    return !hows.isEmpty();
  }

  /**
   * What the strictest of all that it went through asks for. Empty where nobody knows what to do
   * with such a thing.
   */
  public Optional<Treatment> treatment(Moment moment, Practices house) {
    Set<Contact.How> ways = isHowKnown() ? hows : Set.of(HowUsed.usual(item.product().form()));
    return ways.stream().flatMap(how -> after(how, moment, house)).reduce(Treatment::stricter);
  }

  /**
   * How clean something is that comes new: to be wiped or washed before it is used; but what is
   * only ever discarded or given to one person comes clean in its wrapper.
   *
   * @param like one of the same
   */
  public static Cleanliness onArrival(Item like, Practices house) {
    boolean isTreated =
        new UsedThing(like, Set.of(), Set.of(), List.of())
            .treatment(Moment.AFTER_JOB, house)
            .filter(treatment -> treatment.outcome().isReusable())
            .isPresent();
    return isTreated ? Cleanliness.USED : Cleanliness.CLEAN;
  }

  /** With one step more done. */
  public UsedThing with(DoneStep step) {
    List<DoneStep> all = new ArrayList<>(done);
    all.add(step);
    return new UsedThing(item, hows, incidents, all);
  }

  /** How far it has come with that. */
  public Progress progress(Treatment treatment, Instant now) {
    return Progress.of(treatment, item, done, now);
  }

  private Stream<Treatment> after(Contact.How how, Moment moment, Practices house) {
    Stream<Incident> happened =
        incidents.isEmpty() ? Stream.of((Incident) null) : incidents.stream();
    return happened
        .map(incident -> Treatment.of(Treated.of(item, how, moment, incident, house)).orElse(null))
        .filter(Objects::nonNull);
  }
}
