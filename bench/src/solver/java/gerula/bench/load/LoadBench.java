package gerula.bench.load;

import com.google.ortools.Loader;
import gerula.core.packing.load.Load;
import gerula.core.packing.load.LoadEffort;
import gerula.core.packing.load.LoadLevels;
import gerula.core.packing.load.LoadPiece;
import gerula.core.packing.load.LoadPieceBuilder;
import gerula.core.packing.load.LoadPlan;
import gerula.core.packing.load.RandomLoads;
import java.util.List;
import java.util.Random;

/**
 * Load plans against an exact solver, and how long they take. Pieces are soft where the two are
 * compared: the solver does not know how rigid ones lie. Argument: seconds the solver has for each
 * level (10).
 */
public final class LoadBench {

  private static final int SEED = 1;
  private static final int ROUNDS_BEFORE = 3;

  private LoadBench() {}

  public static void main(String[] arguments) {
    double seconds = arguments.length > 0 ? Double.parseDouble(arguments[0]) : 10;
    Loader.loadNativeLibraries();
    for (int round = 0; round < ROUNDS_BEFORE; round++) {
      planned(RandomLoads.real(new Random(round), 15, 120));
    }
    int[][] sizes = {{40, 8}, {60, 10}, {120, 15}, {250, 25}};
    boolean isKept = true;
    for (int[] size : sizes) {
      for (int seed = 1; seed <= 3; seed++) {
        isKept &= compared(size[0], size[1], seed, seconds);
      }
    }
    for (int[] size : new int[][] {{120, 15}, {250, 25}, {600, 60}}) {
      long from = System.nanoTime();
      LoadPlan plan = planned(RandomLoads.real(new Random(size[0]), size[1], size[0]));
      long took = (System.nanoTime() - from) / 1_000_000;
      System.out.printf(
          "%d rigid pieces in %d compartments: %d ms, %s%n", size[0], size[1], took, plan.levels());
      isKept &= took <= 2_000;
    }
    System.out.println(isKept ? "within bounds" : "OUT OF BOUNDS");
  }

  private static LoadPlan planned(Load load) {
    return load.plan(LoadEffort.of(60_000, SEED));
  }

  private static boolean compared(int pieces, int rooms, int seed, double seconds) {
    Load drawn = RandomLoads.real(new Random(seed), rooms, pieces);
    Load load = new Load(drawn.bags(), drawn.pieces().stream().map(LoadBench::soft).toList());
    long from = System.nanoTime();
    LoadLevels own = planned(load).levels();
    long took = (System.nanoTime() - from) / 1_000_000;
    List<ExactAssignment.Level> exact = new ExactAssignment(load).levels(seconds);
    System.out.printf(
        "%d in %d, seed %d: %d ms; left %d of %s, value %.1f of %s, parted %d of %s, moved %d of"
            + " %s, pairs %d of %s%n",
        pieces,
        rooms,
        seed,
        took,
        own.requiredLeft(),
        told(exact, 0),
        own.value(),
        told(exact, 1),
        own.splitCompanions(),
        told(exact, 2),
        own.moved(),
        told(exact, 3),
        own.groupPairs(),
        told(exact, 4));
    boolean isAsGood =
        own.requiredLeft() <= exact.get(0).found()
            && own.value() >= 0.99 * exact.get(1).found()
            && isNear(own.splitCompanions(), exact.get(2))
            && isNear(own.moved(), exact.get(3));
    return isAsGood && took <= 2_000;
  }

  private static LoadPiece soft(LoadPiece piece) {
    return LoadPieceBuilder.builder(piece).isRigid(false).isHot(false).build();
  }

  private static boolean isNear(int own, ExactAssignment.Level exact) {
    return own <= exact.found() + Math.max(2, 0.05 * exact.found());
  }

  private static String told(List<ExactAssignment.Level> exact, int level) {
    return level < exact.size()
        ? "%.1f%s".formatted(exact.get(level).found(), exact.get(level).isProved() ? "" : "?")
        : "-";
  }
}
