package gerula.core.shade.carry;

import gerula.core.shade.ColourDifference;
import gerula.core.shade.Lab;
import gerula.core.shade.Mixing;
import java.util.Arrays;
import java.util.List;

/** Which shades and pairs of shades meet which face, and how well. */
final class Matches {

  private final List<Shade> shades;
  private final List<FaceColour> faces;
  private final double limit;

  /**
   * By face and pair: the least difference within the limit, else infinite. A shade with itself is
   * the shade alone.
   */
  private final double[][] least;

  /** By face and pair: tenths of the first at that difference. */
  private final byte[][] tenths;

  /** By face and shade: whether it may be used on it. */
  private final boolean[][] isAllowed;

  private final double[] nearest;
  private final int[] nearestPair;
  private final byte[] nearestTenths;

  Matches(List<Shade> shades, List<FaceColour> faces, double limit) {
    this.shades = shades;
    this.faces = faces;
    this.limit = limit;
    int pairs = shades.size() * shades.size();
    least = new double[faces.size()][pairs];
    tenths = new byte[faces.size()][pairs];
    isAllowed = new boolean[faces.size()][shades.size()];
    nearest = new double[faces.size()];
    nearestPair = new int[faces.size()];
    nearestTenths = new byte[faces.size()];
    for (double[] one : least) {
      Arrays.fill(one, Double.POSITIVE_INFINITY);
    }
    Arrays.fill(nearest, Double.POSITIVE_INFINITY);
    for (int face = 0; face < faces.size(); face++) {
      for (int shade = 0; shade < shades.size(); shade++) {
        isAllowed[face][shade] = !faces.get(face).without().contains(id(shade));
      }
    }
    fill();
  }

  private void fill() {
    List<Mixing.Ingredient> ingredients =
        shades.stream().map(shade -> Mixing.Ingredient.of(shade.colour())).toList();
    for (int i = 0; i < shades.size(); i++) {
      if (!shades.get(i).isMixer()) {
        meet(i, i, Mixing.TENTHS, shades.get(i).colour());
      }
    }
    for (int i = 0; i < shades.size(); i++) {
      for (int j = i + 1; j < shades.size(); j++) {
        if (!shades.get(i).texture().equals(shades.get(j).texture())) {
          continue;
        }
        for (int of = leastOf(j); of <= mostOf(i); of++) {
          meet(i, j, of, ingredients.get(i).with(ingredients.get(j), of));
        }
      }
    }
  }

  /** Tenths of the first of a pair with this second. */
  private int leastOf(int second) {
    return shades.get(second).isMixer() ? Mixing.TENTHS - ShadesToCarry.MOST_OF_A_MIXER : 1;
  }

  private int mostOf(int first) {
    return shades.get(first).isMixer() ? ShadesToCarry.MOST_OF_A_MIXER : Mixing.TENTHS - 1;
  }

  private void meet(int i, int j, int of, Lab mixed) {
    int pair = pair(i, j);
    for (int face = 0; face < faces.size(); face++) {
      Lab wanted = faces.get(face).colour();
      double cannotBeat = Math.max(nearest[face], limit);
      boolean isOff = !isAllowed[face][i] || !isAllowed[face][j];
      if (isOff || ColourDifference.atLeast(wanted, mixed) > cannotBeat) {
        continue;
      }
      double difference = ColourDifference.between(wanted, mixed);
      if (difference < nearest[face]) {
        nearest[face] = difference;
        nearestPair[face] = pair;
        nearestTenths[face] = (byte) of;
      }
      if (difference <= limit && difference < least[face][pair]) {
        least[face][pair] = difference;
        tenths[face][pair] = (byte) of;
      }
    }
  }

  private int pair(int i, int j) {
    return Math.min(i, j) * shades.size() + Math.max(i, j);
  }

  int faces() {
    return faces.size();
  }

  int shades() {
    return shades.size();
  }

  double massG(int shade) {
    return shades.get(shade).massG();
  }

  String id(int shade) {
    return shades.get(shade).id();
  }

  /** Whether these two, or this one alone where they are the same, meet the face. */
  boolean meets(int face, int i, int j) {
    return least[face][pair(i, j)] <= limit;
  }

  boolean isHole(int face) {
    return nearest[face] > limit;
  }

  /** The least difference at which any of these shades meet a face; infinite when they do not. */
  double leastOf(int face, int[] chosen) {
    double best = Double.POSITIVE_INFINITY;
    for (int i = 0; i < chosen.length; i++) {
      for (int j = i; j < chosen.length; j++) {
        best = Math.min(best, least[face][pair(chosen[i], chosen[j])]);
      }
    }
    return best;
  }

  /**
   * The best recipe of these shades for a face they meet: of equals the simpler, then the first.
   */
  Recipe recipe(int face, int[] chosen) {
    int best = -1;
    for (int step = 0; step < chosen.length; step++) {
      for (int i = 0; i + step < chosen.length; i++) {
        int pair = pair(chosen[i], chosen[i + step]);
        if (best < 0 || least[face][pair] < least[face][best]) {
          best = pair;
        }
      }
    }
    return recipe(face, best, tenths[face][best], least[face][best]);
  }

  /** The nearest mix of all shades for a face that none meets. */
  Recipe hole(int face) {
    if (Double.isInfinite(nearest[face])) {
      return new Recipe(faces.get(face).id(), List.of(), nearest[face]);
    }
    return recipe(face, nearestPair[face], nearestTenths[face], nearest[face]);
  }

  private Recipe recipe(int face, int pair, int of, double difference) {
    int first = pair / shades.size();
    int second = pair % shades.size();
    Recipe.RecipePart one = new Recipe.RecipePart(id(first), of);
    if (first == second) {
      return new Recipe(faces.get(face).id(), List.of(one), difference);
    }
    Recipe.RecipePart two = new Recipe.RecipePart(id(second), Mixing.TENTHS - of);
    return new Recipe(
        faces.get(face).id(),
        two.tenths() > one.tenths() ? List.of(two, one) : List.of(one, two),
        difference);
  }
}
