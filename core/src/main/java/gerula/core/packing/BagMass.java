package gerula.core.packing;

import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.quantity.Mass;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a chosen bag weighs when everything on the list is in it.
 *
 * @param mass of the bag with its compartments, what goes into it and what lies in it unasked
 * @param unasked of this what could stay at home
 * @param isInAnother whether it lies in another bag that is chosen, and is weighed with that
 */
public record BagMass(UUID bag, Mass mass, Mass unasked, boolean isInAnother) {

  static List<BagMass> of(
      PackingList.PackingFacts facts, Palettes palettes, List<PackingLine> lines) {
    Set<UUID> wanted = lines.stream().map(line -> line.item().id()).collect(Collectors.toSet());
    List<Item> unasked =
        facts.kit().all().stream()
            .filter(item -> !wanted.contains(palettes.comesAs(item).id()))
            .toList();
    return facts.carried().stream()
        .flatMap(bag -> facts.places().find(bag).stream())
        .map(bag -> of(bag, facts, lines, unasked))
        .toList();
  }

  private static BagMass of(
      Place bag, PackingList.PackingFacts facts, List<PackingLine> lines, List<Item> unasked) {
    PlaceTree places = facts.places();
    Set<UUID> inside = places.withAllInside(bag.id());
    Mass own =
        Mass.sum(inside.stream().flatMap(id -> places.find(id).stream()).map(Place::ownMass));
    Mass comes =
        Mass.sum(
            lines.stream().filter(line -> inside.contains(line.goesTo())).map(PackingLine::mass));
    Mass stays =
        Mass.sum(
            unasked.stream().filter(item -> inside.contains(item.now())).map(facts.kit()::mass));
    boolean isInAnother =
        facts.carried().stream()
            .anyMatch(other -> !other.equals(bag.id()) && places.liesIn(bag.id(), other));
    return new BagMass(bag.id(), Mass.sum(Stream.of(own, comes, stays)), stays, isInAnother);
  }
}
