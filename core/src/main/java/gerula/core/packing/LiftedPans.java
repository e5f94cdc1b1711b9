package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.quantity.Mass;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Which pans are lifted into an empty palette, so that the palettes they belong to stay at home.
 * Each time the empty palette is taken that saves most, as long as one saves anything.
 */
final class LiftedPans {

  /**
   * A palette of which only some pans are needed.
   *
   * @param used those pans
   * @param saved what stays at home when they are lifted: the palette and its other pans
   */
  private record Used(Item palette, List<Item> used, double saved) {}

  /** Palettes that are spared by one that carries their pans, and what that saves in all. */
  private record Plan(Item carrier, List<Used> spared, double saved) {}

  private static final Comparator<Plan> SAVES_MOST =
      Comparator.comparingDouble(Plan::saved)
          .thenComparing(Plan::carrier, Taste.BY_NAME.reversed());

  /** Less than this is nothing saved. */
  private static final double LEAST_GRAMS = 1;

  private final PackingList.PackingFacts facts;
  private final Map<UUID, Item> kit;
  private final Palettes palettes;
  private final Suitability suitability;

  LiftedPans(
      PackingList.PackingFacts facts,
      Map<UUID, Item> kit,
      Palettes palettes,
      Suitability suitability) {
    this.facts = facts;
    this.kit = kit;
    this.palettes = palettes;
    this.suitability = suitability;
  }

  /**
   * @param lines of a list on which every palette comes whole
   * @return by pan: the palette it is carried in
   */
  Map<UUID, Item> of(Collection<LineDraft> lines) {
    List<Used> left = new ArrayList<>();
    lines.stream().filter(this::canStayAtHome).map(this::used).forEach(left::add);
    List<Place> empty = new ArrayList<>(emptyOnes(lines));
    Map<UUID, Item> carriers = new HashMap<>();
    Plan best = best(empty, left);
    while (best != null) {
      for (Used one : best.spared()) {
        for (Item pan : one.used()) {
          carriers.put(pan.id(), best.carrier());
        }
      }
      UUID taken = best.carrier().id();
      empty.removeIf(place -> taken.equals(place.thing()));
      left.removeAll(best.spared());
      best = best(empty, left);
    }
    return carriers;
  }

  /** Nothing but some of its pans asks for it. */
  private boolean canStayAtHome(LineDraft line) {
    UUID id = line.item().id();
    Choices choices = facts.choices();
    return !line.pans().isEmpty()
        && !line.isItselfWanted()
        && !facts.packed().contains(id)
        && !choices.added().contains(id)
        && !choices.pinned().contains(id);
  }

  private Used used(LineDraft line) {
    double all = palettes.mass(line.item()).grams();
    double used = Mass.sum(line.pans().stream().map(Item::mass)).grams();
    return new Used(line.item(), List.copyOf(line.pans()), all - used);
  }

  /** Palettes that are clean, at hand, with nothing in them and nothing that belongs there. */
  private List<Place> emptyOnes(Collection<LineDraft> lines) {
    return facts.places().inWalkingOrder().stream()
        .filter(place -> place.takesPans() && place.thing() != null)
        .filter(place -> isAtHand(kit.get(place.thing())))
        .filter(place -> lines.stream().noneMatch(line -> line.item().id().equals(place.thing())))
        .filter(
            place ->
                kit.values().stream()
                    .noneMatch(
                        item ->
                            place.id().equals(item.home())
                                || (place.id().equals(item.now())
                                    && !facts.packed().contains(item.id()))))
        .toList();
  }

  private boolean isAtHand(@Nullable Item palette) {
    return palette != null
        && palette.cleanliness() == Cleanliness.CLEAN
        && suitability.refusal((Face) null, palette).isEmpty();
  }

  private @Nullable Plan best(List<Place> empty, List<Used> left) {
    return empty.stream()
        .map(place -> plan(place, left))
        .filter(plan -> plan.saved() >= LEAST_GRAMS)
        .max(SAVES_MOST)
        .orElse(null);
  }

  /** Of the palettes whose pans fit, those that save most within the slots there are. */
  private Plan plan(Place place, List<Used> left) {
    Item carrier = Objects.requireNonNull(kit.get(place.thing()));
    int slots = freeSlots(place);
    List<Used> fitting =
        left.stream()
            .filter(one -> one.used().stream().allMatch(pan -> fits(place.inside(), pan)))
            .toList();
    double[] saved = new double[slots + 1];
    List<List<Used>> spared = new ArrayList<>();
    for (int i = 0; i <= slots; i++) {
      spared.add(List.of());
    }
    for (Used one : fitting) {
      for (int filled = slots; filled >= one.used().size(); filled--) {
        int before = filled - one.used().size();
        if (saved[before] + one.saved() > saved[filled]) {
          saved[filled] = saved[before] + one.saved();
          List<Used> with = new ArrayList<>(spared.get(before));
          with.add(one);
          spared.set(filled, with);
        }
      }
    }
    return new Plan(carrier, spared.get(slots), saved[slots] - carrier.mass().grams());
  }

  private int freeSlots(Place place) {
    long taken = kit.values().stream().filter(item -> place.id().equals(item.now())).count();
    return (int) Math.max(0, Objects.requireNonNull(place.inside().slots()).count() - taken);
  }

  private static boolean fits(Inside inside, Item pan) {
    Inside.Slots slots = Objects.requireNonNull(inside.slots());
    Integer clear = inside.clearHeightMm();
    return slots.areWideEnoughFor(pan.measures())
        && (clear == null || pan.measures().heightMm() <= clear);
  }
}
