package gerula.core.packing.load;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;

/**
 * Rigid pieces in one compartment: on its floor, or on flat ones that bear them. Pieces are added
 * one by one, each as far front and left as it goes ("bottom left", Baker, Coffman, Rivest 1980).
 */
final class Laying {

  /** A piece where it lies. */
  record Box(int piece, int x, int y, int z, Posture as, boolean bears) {

    int right() {
      return x + as.widthMm();
    }

    int back() {
      return y + as.depthMm();
    }

    int top() {
      return z + as.heightMm();
    }

    boolean overlaps(int left, int front, int low, Posture other) {
      return left < right()
          && x < left + other.widthMm()
          && front < back()
          && y < front + other.depthMm()
          && low < top()
          && z < low + other.heightMm();
    }
  }

  /** How a piece finds its place. */
  enum Manner {
    /** On the floor where it can be, with as little of it taken as possible. */
    LEAST_FLOOR,
    /** On the floor where it can be, as far front as possible. */
    FRONT,
    /** On others where it can be. */
    ON_OTHERS
  }

  private static final int[] FLOOR = {0};

  private final Compartment room;
  private final List<Box> boxes = new ArrayList<>();
  private long spent;

  Laying(Compartment room) {
    this.room = room;
  }

  List<Box> boxes() {
    return boxes;
  }

  /** What was spent on it, in pieces looked at. */
  long spent() {
    return spent;
  }

  void take(Box box) {
    boxes.add(box);
  }

  void takeAwayLast() {
    boxes.removeLast();
  }

  /** Adds it where it goes best; false when it goes nowhere. */
  boolean add(int piece, Posture[] ways, boolean bears, Manner manner) {
    Box best = null;
    int[] levels = levels();
    boolean isFromAbove = manner == Manner.ON_OTHERS;
    for (int i = 0; i < levels.length && best == null; i++) {
      int level = levels[isFromAbove ? levels.length - 1 - i : i];
      best = onLevel(piece, ways, bears, level, manner);
    }
    if (best == null) {
      return false;
    }
    boxes.add(best);
    return true;
  }

  /** The floor, and every height at which something may lie on something else; lower ones first. */
  int[] levels() {
    int[] levels = new int[boxes.size() + 1];
    int many = 1;
    for (Box box : boxes) {
      if (box.bears() && box.top() < room.heightMm()) {
        levels[many++] = box.top();
      }
    }
    return many == 1 ? FLOOR : rising(levels, many);
  }

  /** The first so many, each once, the least first. */
  private static int[] rising(int[] values, int many) {
    Arrays.sort(values, 0, many);
    int once = 0;
    for (int i = 0; i < many; i++) {
      if (once == 0 || values[i] != values[once - 1]) {
        values[once++] = values[i];
      }
    }
    return Arrays.copyOf(values, once);
  }

  private @Nullable Box onLevel(
      int piece, Posture[] ways, boolean bears, int level, Manner manner) {
    Box best = null;
    for (Posture way : ways) {
      if (level + way.heightMm() > room.heightMm()) {
        continue;
      }
      Box one = level == 0 ? onFloor(piece, way, bears) : onTop(piece, way, bears, level);
      if (one == null) {
        continue;
      }
      if (manner != Manner.FRONT) {
        return one;
      }
      if (best == null || FRONTMOST.compare(one, best) < 0) {
        best = one;
      }
    }
    return best;
  }

  private static final Comparator<Box> FRONTMOST =
      Comparator.comparingInt(Box::back).thenComparingInt(Box::right);

  private @Nullable Box onFloor(int piece, Posture as, boolean bears) {
    Box best = null;
    for (int at = -1; at < boxes.size(); at++) {
      int x = at < 0 ? 0 : boxes.get(at).right();
      if (x + as.widthMm() > room.widthMm() || (at >= 0 && boxes.get(at).z() > 0)) {
        continue;
      }
      int y = frontmost(x, as);
      if (y >= 0 && (best == null || y < best.y() || (y == best.y() && x < best.x()))) {
        best = new Box(piece, x, y, 0, as, bears);
      }
    }
    return best;
  }

  /** The least distance from the front at which nothing is in the way; -1 where there is none. */
  private int frontmost(int x, Posture as) {
    int y = 0;
    boolean isMoved = true;
    while (isMoved) {
      isMoved = false;
      spent += boxes.size();
      for (Box box : boxes) {
        if (box.overlaps(x, y, 0, as)) {
          y = box.back();
          isMoved = true;
        }
      }
      if (y + as.depthMm() > room.depthMm()) {
        return -1;
      }
    }
    return y;
  }

  private @Nullable Box onTop(int piece, Posture as, boolean bears, int level) {
    int[] lefts = lefts(level);
    int[] fronts = fronts(level);
    for (int y : fronts) {
      for (int x : lefts) {
        if (canLie(x, y, level, as)) {
          return new Box(piece, x, y, level, as, bears);
        }
      }
    }
    return null;
  }

  /** Where something may begin on this level, from the left. */
  int[] lefts(int level) {
    return edges(level, Box::x, Box::right);
  }

  /** The same from the front. */
  int[] fronts(int level) {
    return edges(level, Box::y, Box::back);
  }

  /** Where what bears begins, and where what stands in the way ends. */
  private int[] edges(int level, ToIntFunction<Box> begins, ToIntFunction<Box> ends) {
    int[] edges = new int[boxes.size() + 1];
    int many = level == 0 ? 1 : 0;
    for (Box box : boxes) {
      if (level > 0 && box.bears() && box.top() == level) {
        edges[many++] = begins.applyAsInt(box);
      } else if (level == 0 ? box.z() == 0 : box.top() > level) {
        edges[many++] = ends.applyAsInt(box);
      }
    }
    return rising(edges, many);
  }

  /** Whether it lies inside, in nothing else, and on something that bears it. */
  boolean canLie(int x, int y, int z, Posture as) {
    if (x + as.widthMm() > room.widthMm()
        || y + as.depthMm() > room.depthMm()
        || z + as.heightMm() > room.heightMm()) {
      return false;
    }
    spent += boxes.size();
    for (Box box : boxes) {
      if (box.overlaps(x, y, z, as)) {
        return false;
      }
    }
    return z == 0 || borne(x, y, z, as) == as.footprint();
  }

  /** How much of it lies on something that bears it, in mm2. */
  private long borne(int x, int y, int z, Posture as) {
    long borne = 0;
    for (Box box : boxes) {
      if (box.bears() && box.top() == z) {
        int width = Math.min(x + as.widthMm(), box.right()) - Math.max(x, box.x());
        int depth = Math.min(y + as.depthMm(), box.back()) - Math.max(y, box.y());
        if (width > 0 && depth > 0) {
          borne += (long) width * depth;
        }
      }
    }
    return borne;
  }

  /** Whether everything that lies above the floor is still borne. */
  boolean isSound() {
    for (Box box : boxes) {
      if (box.z() > 0 && borne(box.x(), box.y(), box.z(), box.as()) < box.as().footprint()) {
        return false;
      }
    }
    return true;
  }
}
