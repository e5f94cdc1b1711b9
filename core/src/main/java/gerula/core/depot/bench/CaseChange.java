package gerula.core.depot.bench;

import gerula.core.depot.Contents;
import gerula.core.depot.empties.Empty;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import java.util.Collection;
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
    Carried before = Carried.NOTHING;
    for (UUID id : inside) {
      double own = tree.find(id).map(one -> one.ownMass().grams()).orElse(0L);
      before = before.plus(new Carried(own, 0));
    }
    for (Item item : kit) {
      if (!item.isDiscarded() && inside.contains(item.now())) {
        before = before.plus(carried(item));
      }
    }
    Carried after = before;
    for (Item pack : packs) {
      if (inside.contains(pack.now())) {
        after = after.plus(difference(pack, plan, empties));
      }
    }
    return new CaseChange(place, before, after);
  }

  private static Carried carried(Item item) {
    return new Carried(item.mass().grams(), item.measures().volumeMl());
  }

  private static Carried difference(Item pack, DepotPlan plan, List<Empty> empties) {
    double density = Contents.densityGPerMl(Contents.of(pack.product(), null));
    Carried pieces = Carried.NOTHING;
    for (DepotPlan.PlannedPiece piece : plan.pieces()) {
      if (piece.pack().equals(pack.id().toString())) {
        Empty empty = empties.get(piece.empty());
        double mass = empty.tareG() + piece.fillMl() * density;
        pieces = pieces.plus(new Carried(mass * piece.count(), empty.outerMl() * piece.count()));
      }
    }
    if (pieces.equals(Carried.NOTHING)) {
      return Carried.NOTHING;
    }
    Carried whole = carried(pack);
    return pieces.plus(new Carried(-whole.massG(), -whole.volumeMl()));
  }
}
