package gerula.core.shade.carry;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * The fewest shades that meet every face that can be met at all, alone or two of them in tenths.
 *
 * <p>Wanted, in this order: fewest faces unmet, fewest shades, least mass, least sum of
 * differences, then the ids in their order.
 *
 * @param carry ids in the order in which the shades were told
 * @param recipes one for each face that is met, in the order of the faces
 * @param holes the other faces with the nearest mix of all shades
 * @param isOptimal whether nothing better exists; false where the search was cut short
 */
public record ShadesToCarry(
    List<String> carry, List<Recipe> recipes, List<Recipe> holes, boolean isOptimal) {

  /** The most shades that are weighed against each other. */
  public static final int MOST_SHADES = 64;

  /** In tenths. A mixer shifts a shade; more of it is no skin any more. Common practice. */
  public static final int MOST_OF_A_MIXER = 3;

  /** The most faces. */
  public static final int MOST_FACES = 200;

  /** The usual reach of "matched": common practice is a difference of about two. */
  public static final double USUAL_LIMIT = 2.0;

  public ShadesToCarry {
    carry = List.copyOf(carry);
    recipes = List.copyOf(recipes);
    holes = List.copyOf(holes);
  }

  /**
   * @param limit the greatest difference at which a face counts as met, inclusive
   * @throws IllegalArgumentException when there are more than {@value #MOST_SHADES} shades or
   *     {@value #MOST_FACES} faces
   */
  public static ShadesToCarry of(List<Shade> shades, List<FaceColour> faces, double limit) {
    return of(shades, faces, limit, Set.of());
  }

  /**
   * The same where some are carried in any case.
   *
   * @param anyway ids of shades that are there whether they are needed or not
   */
  public static ShadesToCarry of(
      List<Shade> shades, List<FaceColour> faces, double limit, Set<String> anyway) {
    if (shades.size() > MOST_SHADES || faces.size() > MOST_FACES) {
      throw new IllegalArgumentException(
          "At most 64 shades and 200 faces are weighed at once, but these are "
              + shades.size()
              + " and "
              + faces.size());
    }
    // A fixed order makes the answer independent of the one in which they were told.
    List<Shade> sorted = shades.stream().sorted(Comparator.comparing(Shade::id)).toList();
    Matches matches = new Matches(sorted, faces, limit);
    FewestCover search = new FewestCover(matches, anyway);
    int[] chosen = search.find();
    Set<String> ids = new HashSet<>();
    Arrays.stream(chosen).forEach(one -> ids.add(matches.id(one)));
    return new ShadesToCarry(
        shades.stream().map(Shade::id).filter(ids::contains).toList(),
        IntStream.range(0, faces.size())
            .filter(face -> !matches.isHole(face))
            .mapToObj(face -> matches.recipe(face, chosen))
            .toList(),
        IntStream.range(0, faces.size()).filter(matches::isHole).mapToObj(matches::hole).toList(),
        search.isOptimal());
  }
}
