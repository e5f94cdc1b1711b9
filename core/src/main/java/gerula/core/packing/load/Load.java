package gerula.core.packing.load;

import gerula.core.packing.load.LoadPlan.PlacedPiece;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What is to go into which bags.
 *
 * @param bags the preferred first
 */
public record Load(List<LoadBag> bags, List<LoadPiece> pieces) {

  /** Searches among more would not end in time. */
  public static final int MOST_PIECES = 2000;

  public static final int MOST_COMPARTMENTS = 300;

  /**
   * @throws IllegalArgumentException when two have one id, or something refers to what is not told
   */
  public Load {
    bags = List.copyOf(bags);
    pieces = List.copyOf(pieces);
    List<Compartment> rooms = bags.stream().flatMap(bag -> bag.compartments().stream()).toList();
    requireAtMost(pieces.size(), MOST_PIECES, "pieces");
    requireAtMost(rooms.size(), MOST_COMPARTMENTS, "compartments");
    requireOnce(bags, LoadBag::id, "bag");
    requireOnce(rooms, Compartment::id, "compartment");
    requireOnce(pieces, LoadPiece::id, "piece");
    Set<String> places = rooms.stream().map(Compartment::id).collect(Collectors.toSet());
    Set<String> known = pieces.stream().map(LoadPiece::id).collect(Collectors.toSet());
    for (LoadPiece piece : pieces) {
      requireKnown(piece.usual(), places, "compartment");
      requireKnown(piece.pinned(), places, "compartment");
      requireKnown(piece.companionOf(), known, "piece");
    }
  }

  private static void requireAtMost(int count, int most, String what) {
    if (count > most) {
      throw new IllegalArgumentException(
          "At most " + most + " " + what + " are planned at once, but these are " + count + ".");
    }
  }

  private static <T> void requireOnce(Collection<T> all, Function<T, String> id, String what) {
    Set<String> ids = new HashSet<>();
    for (T one : all) {
      if (!ids.add(id.apply(one))) {
        throw new IllegalArgumentException(
            "Two have the id \"" + id.apply(one) + "\": give each " + what + " its own.");
      }
    }
  }

  private static void requireKnown(@Nullable String id, Set<String> known, String what) {
    if (id != null && !known.contains(id)) {
      throw new IllegalArgumentException("There is no " + what + " \"" + id + "\".");
    }
  }

  /**
   * The best plan that is found: exact for few pieces, else by annealing from the usual places and
   * a descent, level after level. The same load, seed and effort give the same plan, as long as the
   * time is not over first.
   *
   * @param effort what may be spent on it
   */
  public LoadPlan plan(LoadEffort effort) {
    return LoadSearch.best(new LoadFacts(this), effort);
  }

  /**
   * Whether everything that has to come goes in; without annealing, so that many sets of bags can
   * be tried. Where it says no, a longer search may still find a way.
   */
  public boolean takesAll(LoadEffort effort) {
    return LoadSearch.quick(new LoadFacts(this), effort).levels().requiredLeft() == 0;
  }

  /**
   * What speaks against laying a piece of this plan somewhere else; empty when it fits. Others stay
   * in their compartments, but may be laid anew there.
   */
  public Optional<LoadObstacle> obstacle(LoadPlan plan, String piece, String compartment) {
    return Loading.of(new LoadFacts(this), plan).obstacle(piece, compartment);
  }

  /**
   * The plan with a piece somewhere else, and those of its compartment laid round it.
   *
   * @throws IllegalArgumentException when it does not fit there
   */
  public List<PlacedPiece> moved(LoadPlan plan, String piece, String compartment) {
    Loading loading = Loading.of(new LoadFacts(this), plan);
    if (loading.obstacle(piece, compartment).isPresent()) {
      throw new IllegalArgumentException("It does not fit there.");
    }
    return loading.placed();
  }
}
