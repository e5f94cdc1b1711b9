package gerula.core.packing.load;

import gerula.core.quantity.Mass;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Loads by hand: open compartments without limits, and pieces of 100 g that stand and must come.
 */
final class GivenLoads {

  static final LoadEffort EFFORT = LoadEffort.of(20_000, 1);

  private GivenLoads() {}

  static Compartment room(String id, int width, int depth, int height) {
    return new Compartment(id, width, depth, height, 1, Set.of(), false, 1, null);
  }

  static LoadBag bag(String id, Compartment... rooms) {
    return new LoadBag(id, Mass.NONE, null, List.of(rooms));
  }

  static LoadPieceBuilder piece(String id, int width, int depth, int height) {
    return LoadPieceBuilder.builder()
        .id(id)
        .name(id)
        .measures(new Posture(width, depth, height))
        .mass(Mass.ofGrams(100L))
        .section("base")
        .isRequired(true)
        .orientation(Orientation.UPRIGHT)
        .isRigid(true);
  }

  static Load load(List<LoadBag> bags, LoadPieceBuilder... pieces) {
    return new Load(bags, Stream.of(pieces).map(LoadPieceBuilder::build).toList());
  }

  static LoadPlan plan(List<LoadBag> bags, LoadPieceBuilder... pieces) {
    return load(bags, pieces).plan(EFFORT);
  }
}
