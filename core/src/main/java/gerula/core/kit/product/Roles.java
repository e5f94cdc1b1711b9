package gerula.core.kit.product;

import gerula.core.rule.Code;
import gerula.core.shade.Lab;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What a product's colours are there for, and how that is known: somebody said so, else its colour
 * tells, else the words of its shade are a guess, else nobody knows.
 *
 * @param are empty where nobody knows
 */
public record Roles(Set<Role> are, Source by) {

  /** How it is known. */
  public enum Source implements Code {
    TOLD,
    COLOUR,
    WORDS,
    NOTHING
  }

  private static final Roles UNKNOWN = new Roles(Set.of(), Source.NOTHING);

  private static final Map<Trait, Role> CORRECTING =
      Map.of(
          Trait.GREEN_CORRECTOR, Role.CORRECT_GREEN,
          Trait.PEACH_CORRECTOR, Role.CORRECT_PEACH,
          Trait.ORANGE_CORRECTOR, Role.CORRECT_ORANGE,
          Trait.RED_CORRECTOR, Role.CORRECT_RED,
          Trait.LAVENDER_CORRECTOR, Role.CORRECT_LAVENDER,
          Trait.YELLOW_CORRECTOR, Role.CORRECT_YELLOW);

  public Roles {
    are = are.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(are));
  }

  public static Roles of(Product product) {
    Set<Role> told = EnumSet.noneOf(Role.class);
    told.addAll(product.roles());
    product.traits().forEach(trait -> add(told, CORRECTING.get(trait)));
    if (!told.isEmpty()) {
      return new Roles(told, Source.TOLD);
    }
    Set<Role> seen = byColour(product);
    if (!seen.isEmpty()) {
      return new Roles(seen, Source.COLOUR);
    }
    Set<Role> guessed = RoleWords.of(product);
    return guessed.isEmpty() ? UNKNOWN : new Roles(guessed, Source.WORDS);
  }

  /** What a colour that somebody saw is there for, when it is of this class. */
  public static Optional<Role> ofColour(ProductClass one, Lab colour) {
    return ColourRole.of(one, colour, false);
  }

  private static void add(Set<Role> roles, @org.jspecify.annotations.Nullable Role one) {
    if (one != null) {
      roles.add(one);
    }
  }

  private static Set<Role> byColour(Product product) {
    boolean isShimmer = product.traits().contains(Trait.SHIMMER);
    List<Lab> colours =
        Stream.concat(
                Stream.ofNullable(product.colour()),
                product.shades().stream().map(ProductShade::colour))
            .filter(Objects::nonNull)
            .map(Lab::ofSrgb)
            .toList();
    Set<Role> roles = EnumSet.noneOf(Role.class);
    for (ProductClass one : product.classes()) {
      for (ProductClass meant : meantBy(one)) {
        colours.forEach(colour -> ColourRole.of(meant, colour, isShimmer).ifPresent(roles::add));
      }
    }
    return roles;
  }

  /** What has not been told apart yet may be each of its successors. */
  private static Set<ProductClass> meantBy(ProductClass one) {
    return one.successors().isEmpty() ? EnumSet.of(one) : one.successors();
  }

  /** Its words, as they are looked through. */
  static String words(Product product) {
    String shades = String.join(" ", product.shades().stream().map(ProductShade::name).toList());
    return (product.shade() + " " + product.name() + " " + shades).toLowerCase(Locale.ROOT);
  }
}
