package gerula.core.packing.load;

import gerula.core.packing.load.LoadPlan.PlacedPiece;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * The best plan by trying every piece in every compartment, and in each of these every place on a
 * grid of 10 mm. Shares nothing with what it is held against but the rules' words.
 */
final class EveryLoad {

  private static final int GRID = 10;

  private final Load load;
  private final List<Compartment> rooms;
  private final Map<String, LoadBag> bagOf = new HashMap<>();
  private final int[] at;
  private final Map<String, Double> lifts = new HashMap<>();
  private @Nullable LoadLevels best;

  private EveryLoad(Load load) {
    this.load = load;
    this.rooms = load.bags().stream().flatMap(bag -> bag.compartments().stream()).toList();
    load.bags().forEach(bag -> bag.compartments().forEach(one -> bagOf.put(one.id(), bag)));
    this.at = new int[load.pieces().size()];
  }

  static LoadLevels best(Load load) {
    EveryLoad every = new EveryLoad(load);
    every.decide(0);
    return every.best;
  }

  /** The least that is lifted when everything lies in the only compartment; below 0 for no way. */
  static double leastInOne(Load load) {
    return new EveryLoad(load).least(0);
  }

  private void decide(int next) {
    if (next == at.length) {
      judge();
      return;
    }
    for (int room = -1; room < rooms.size(); room++) {
      at[next] = room;
      decide(next + 1);
    }
  }

  private void judge() {
    double lifted = 0;
    for (LoadBag bag : load.bags()) {
      long mg = bag.ownMass().milligrams();
      boolean isEmpty = true;
      for (int i = 0; i < at.length; i++) {
        if (at[i] >= 0 && bagOf.get(rooms.get(at[i]).id()) == bag) {
          mg += load.pieces().get(i).mass().milligrams();
          isEmpty = false;
        }
      }
      if (!isEmpty && bag.greatestMass() != null && mg > bag.greatestMass().milligrams()) {
        return;
      }
    }
    LoadLevels without = levels(0);
    if (best != null && without.compareTo(best) > 0) {
      return;
    }
    for (int room = 0; room < rooms.size(); room++) {
      double here = least(room);
      if (here < 0) {
        return;
      }
      lifted += here;
    }
    LoadLevels found = levels(lifted);
    if (best == null || found.compareTo(best) < 0) {
      best = found;
    }
  }

  private LoadLevels levels(double lifted) {
    int left = 0;
    double value = 0;
    int split = 0;
    int moved = 0;
    int reach = 0;
    Set<String> pairs = new HashSet<>();
    for (int i = 0; i < at.length; i++) {
      LoadPiece piece = load.pieces().get(i);
      if (at[i] < 0) {
        left += piece.isRequired() ? 1 : 0;
        continue;
      }
      Compartment room = rooms.get(at[i]);
      value += piece.isRequired() ? 0 : piece.value();
      moved += piece.usual() != null && !piece.usual().equals(room.id()) ? 1 : 0;
      reach += piece.openedFirst() == null ? 0 : Math.abs(piece.openedFirst() - room.reach());
      if (piece.group() != null) {
        pairs.add(piece.group() + "/" + at[i]);
      }
      for (int j = 0; j < at.length; j++) {
        boolean isOf = load.pieces().get(j).id().equals(piece.companionOf());
        if (isOf && at[j] >= 0 && bagOf.get(rooms.get(at[j]).id()) != bagOf.get(room.id())) {
          split++;
        }
      }
    }
    return new LoadLevels(left, value, split, moved, pairs.size(), reach, lifted);
  }

  /** The least that is lifted there; below 0 when it does not go in. */
  private double least(int room) {
    TreeSet<Integer> here = new TreeSet<>();
    for (int i = 0; i < at.length; i++) {
      if (at[i] == room) {
        here.add(i);
      }
    }
    return lifts.computeIfAbsent(
        room + ":" + here, _ -> allowed(room, here) ? new Grid(room, here).least() : -1);
  }

  private boolean allowed(int at, Set<Integer> here) {
    Compartment room = rooms.get(at);
    double volume = 0;
    boolean isHot = false;
    boolean melts = false;
    for (int i : here) {
      LoadPiece piece = load.pieces().get(i);
      boolean isAllowed =
          (piece.pinned() == null || piece.pinned().equals(room.id()))
              && (room.allowed().isEmpty() || room.allowed().contains(piece.section()))
              && (room.person() == null || room.person().equals(piece.person()))
              && (!piece.isWet() || room.isSealed());
      if (!isAllowed) {
        return false;
      }
      Posture own = piece.measures();
      volume +=
          (double) own.widthMm() * own.depthMm() * own.heightMm() * (piece.isRigid() ? 1 : 0.6);
      isHot |= piece.isHot();
      melts |= piece.melts();
    }
    return !(isHot && melts)
        && volume <= room.usableShare() * room.widthMm() * room.depthMm() * room.heightMm() + 1e-6;
  }

  /** Every place on the grid, piece after piece, lowest pieces first or not. */
  private final class Grid {

    private final Compartment room;
    private final List<LoadPiece> pieces = new ArrayList<>();
    private final List<PlacedPiece> placed = new ArrayList<>();
    private double least = -1;

    Grid(int at, Set<Integer> here) {
      this.room = rooms.get(at);
      here.forEach(i -> pieces.add(load.pieces().get(i)));
    }

    double least() {
      place(0, 0);
      return least;
    }

    private void place(int next, double lifted) {
      if (least >= 0 && lifted >= least) {
        return;
      }
      if (next == pieces.size()) {
        if (placed.stream().allMatch(this::isBorne)) {
          least = lifted;
        }
        return;
      }
      LoadPiece piece = pieces.get(next);
      for (Posture way : ways(piece)) {
        for (int z = 0; z + way.heightMm() <= room.heightMm(); z += GRID) {
          if (!piece.isRigid() && z > 0) {
            break;
          }
          for (int x = 0; x + way.widthMm() <= room.widthMm(); x += GRID) {
            for (int y = 0; y + way.depthMm() <= room.depthMm(); y += GRID) {
              PlacedPiece one =
                  new PlacedPiece(
                      piece.id(), room.id(), x, y, z, way.widthMm(), way.depthMm(), way.heightMm());
              if (!piece.isRigid() || placed.stream().noneMatch(other -> overlap(one, other))) {
                placed.add(one);
                place(next + 1, lifted + piece.mass().exactGrams() * z / 1000);
                placed.removeLast();
              }
              if (!piece.isRigid()) {
                return;
              }
            }
          }
        }
      }
    }

    private Set<Posture> ways(LoadPiece piece) {
      int[] m = {
        piece.measures().widthMm(), piece.measures().depthMm(), piece.measures().heightMm()
      };
      int smallest = Math.min(m[0], Math.min(m[1], m[2]));
      int longest = Math.max(m[0], Math.max(m[1], m[2]));
      Set<Posture> ways = new HashSet<>();
      int[][] turns = {{0, 1, 2}, {1, 0, 2}, {0, 2, 1}, {2, 0, 1}, {1, 2, 0}, {2, 1, 0}};
      for (int[] turn : turns) {
        Posture one = new Posture(m[turn[0]], m[turn[1]], m[turn[2]]);
        boolean may =
            switch (piece.orientation()) {
              case ANY -> true;
              case UPRIGHT -> one.heightMm() == m[2];
              case FLAT -> one.heightMm() == smallest;
              case LONG -> one.widthMm() == longest || one.depthMm() == longest;
            };
        if (may) {
          ways.add(one);
        }
      }
      return ways;
    }

    private boolean overlap(PlacedPiece one, PlacedPiece other) {
      return isRigid(other)
          && one.xMm() < other.xMm() + other.widthMm()
          && other.xMm() < one.xMm() + one.widthMm()
          && one.yMm() < other.yMm() + other.depthMm()
          && other.yMm() < one.yMm() + one.depthMm()
          && one.zMm() < other.zMm() + other.heightMm()
          && other.zMm() < one.zMm() + one.heightMm();
    }

    private boolean isRigid(PlacedPiece one) {
      return RandomLoads.piece(load, one.piece()).isRigid();
    }

    /** Every square of the grid below it is the top of something flat. */
    private boolean isBorne(PlacedPiece one) {
      if (one.zMm() == 0) {
        return true;
      }
      for (int x = one.xMm(); x < one.xMm() + one.widthMm(); x += GRID) {
        for (int y = one.yMm(); y < one.yMm() + one.depthMm(); y += GRID) {
          int left = x;
          int front = y;
          boolean isOnSomething =
              placed.stream()
                  .anyMatch(
                      below ->
                          below.zMm() + below.heightMm() == one.zMm()
                              && below.xMm() <= left
                              && left < below.xMm() + below.widthMm()
                              && below.yMm() <= front
                              && front < below.yMm() + below.depthMm()
                              && isRigid(below)
                              && RandomLoads.piece(load, below.piece()).orientation()
                                  == Orientation.FLAT);
          if (!isOnSomething) {
            return false;
          }
        }
      }
      return true;
    }
  }
}
