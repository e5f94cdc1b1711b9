package gerula.core.depot.bench;

import gerula.core.depot.Contents;
import gerula.core.depot.empties.Empty;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.quantity.Density;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Volume;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * What a session does to a whole bag or case: packs go to the back stock, their pieces come in.
 *
 * @param place the outermost portable place
 * @param before it and everything in it
 * @param after the same once the session is done
 */
public record CaseChange(Place place, Carried before, Carried after) {

  /** The outermost portable places in which packs lie. */
  public static List<Place> cases(PlaceTree tree, List<Item> packs) {
    Map<UUID, Place> cases = new LinkedHashMap<>();
    packs.forEach(
        pack ->
            tree.outermost(pack.now())
                .filter(Place::isPortable)
                .ifPresent(place -> cases.put(place.id(), place)));
    return List.copyOf(cases.values());
  }

  /**
   * What happens to each of them.
   *
   * @param kit everything that lies in them
   * @param packs those of the plan
   * @param empties those of the plan, in its order
   */
  public static List<CaseChange> of(
      PlaceTree tree, Collection<Item> kit, List<Item> packs, DepotPlan plan, List<Empty> empties) {
    return cases(tree, packs).stream()
        .map(place -> change(tree, place, kit, packs, plan, empties))
        .toList();
  }

  private static CaseChange change(
      PlaceTree tree,
      Place place,
      Collection<Item> kit,
      List<Item> packs,
      DepotPlan plan,
      List<Empty> empties) {
    Set<UUID> inside = tree.withAllInside(place.id());
    Carried own =
        new Carried(
            Mass.sum(inside.stream().flatMap(id -> tree.find(id).stream()).map(Place::ownMass)),
            Volume.NONE);
    Map<UUID, Carried> pieces = new HashMap<>();
    packs.forEach(pack -> pieces.put(pack.id(), pieces(pack, plan, empties)));
    Carried before = own;
    Carried after = own;
    for (Item item : kit) {
      if (!item.isDiscarded() && inside.contains(item.now())) {
        Carried instead = pieces.getOrDefault(item.id(), Carried.NOTHING);
        before = before.plus(carried(item));
        after = after.plus(instead.equals(Carried.NOTHING) ? carried(item) : instead);
      }
    }
    return new CaseChange(place, before, after);
  }

  private static Carried carried(Item item) {
    return new Carried(item.mass(), item.measures().volume());
  }

  /** What is filled from a pack; nothing when it stays as it is. */
  private static Carried pieces(Item pack, DepotPlan plan, List<Empty> empties) {
    Density density = Contents.density(Contents.of(pack.product(), null));
    return plan.pieces().stream()
        .filter(piece -> piece.pack().equals(pack.id().toString()))
        .map(
            piece ->
                Carried.of(empties.get(piece.empty()), piece.fill(), density).times(piece.count()))
        .reduce(Carried.NOTHING, Carried::plus);
  }
}
