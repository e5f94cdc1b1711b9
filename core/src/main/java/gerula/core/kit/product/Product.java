package gerula.core.kit.product;

import gerula.core.dates.DateClass;
import gerula.core.quantity.Quantity;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One shade of one line, as a shop sells it.
 *
 * @param content what a full pack holds; more than nothing
 * @param colour sRGB as #rrggbb, null when nobody measured or picked it
 * @param depth the skin depth it suits, 1 (lightest) to 10 (deepest); null when it suits any
 * @param shades those that lie in one pack side by side; empty where it is of one shade
 * @param roles what the artist said its colour is there for; empty: the colour or its name tells
 * @param productClass what it is for first
 * @param alsoServes other things it is for: a colour for cheek and lip, a base with a sun filter
 * @param composition what its label was found to say
 * @param brushes how many there are in a set of brushes, 1 to 200; null where nobody said it
 * @param measures own outer measures and mass, or null where they are to be estimated
 */
@RecordBuilder
public record Product(
    UUID id,
    String maker,
    String name,
    String shade,
    ProductClass productClass,
    Set<ProductClass> alsoServes,
    Form form,
    Quantity content,
    @Nullable String colour,
    @Nullable Double depth,
    List<ProductShade> shades,
    Set<Role> roles,
    Set<Trait> traits,
    Composition composition,
    @Nullable Integer brushes,
    @Nullable Measures measures) {

  /** Each class by itself: most products are of one, and are asked often. */
  private static final List<Set<ProductClass>> JUST =
      Arrays.stream(ProductClass.values()).map(Set::of).toList();

  public Product {
    if (content.isNone()) {
      throw new IllegalArgumentException("A full pack holds more than nothing.");
    }
    if (depth != null && !(depth >= 1 && depth <= 10)) {
      throw new IllegalArgumentException(
          "A skin depth lies between 1 and 10, but this is " + depth + ".");
    }
    if (brushes != null && (brushes < 1 || brushes > 200)) {
      throw new IllegalArgumentException(
          "A set has 1 to 200 brushes, but this has " + brushes + ".");
    }
    if (shades.size() > ProductShade.MOST) {
      throw new IllegalArgumentException(
          "One pack holds at most " + ProductShade.MOST + " shades.");
    }
    shades = List.copyOf(shades);
    traits = Set.copyOf(traits);
    roles = Set.copyOf(roles);
    Set<ProductClass> others = EnumSet.noneOf(ProductClass.class);
    others.addAll(alsoServes);
    others.remove(productClass);
    alsoServes = Collections.unmodifiableSet(others);
  }

  /**
   * The depth it is suited to that lies nearest to this one: its own, or that of one of its shades.
   * Null when it suits any.
   */
  public @Nullable Double depthNear(double wanted) {
    Double nearest = depth;
    for (ProductShade shade : shades) {
      Double one = shade.depth();
      if (one != null && (nearest == null || Math.abs(one - wanted) < Math.abs(nearest - wanted))) {
        nearest = one;
      }
    }
    return nearest;
  }

  /** Maker, name and shade, as far as they are known. */
  public String fullName() {
    return (maker + " " + called()).strip();
  }

  /** Its name and shade, as one calls it among one's own. */
  public String called() {
    return (name + " " + shade).strip();
  }

  /** Everything it is for, in the order of the work. */
  public Set<ProductClass> classes() {
    if (alsoServes.isEmpty()) {
      return JUST.get(productClass.ordinal());
    }
    Set<ProductClass> all = EnumSet.of(productClass);
    all.addAll(alsoServes);
    return all;
  }

  /** What decides how long it keeps once open; of several the shortest wins. */
  public Set<DateClass> dateClasses() {
    return alsoServes.isEmpty()
        ? EnumSet.of(productClass.dateClass(form))
        : dateClasses(classes(), form);
  }

  /** The same of a product that is for all of these in this form. */
  public static Set<DateClass> dateClasses(Collection<ProductClass> classes, Form form) {
    Set<DateClass> all = EnumSet.noneOf(DateClass.class);
    classes.forEach(one -> all.add(one.dateClass(form)));
    return all;
  }

  /** Whether a face that reacts to this must not be touched with it. */
  public boolean contains(Sensitivity one) {
    return composition.contains(one)
        || (!composition.isChecked(one) && MayContain.always(classes(), one));
  }

  /** Whether it has this, said of it or read on its label. */
  public boolean has(Trait trait) {
    return traits.contains(trait)
        || (trait == Trait.FRAGRANCE_FREE && composition.isFreeOf(Sensitivity.FRAGRANCE));
  }

  /** Whether it could contain this and nobody has read the label for it. */
  public boolean isUnchecked(Sensitivity one) {
    return !composition.isChecked(one)
        && !(one.equals(Sensitivity.FRAGRANCE) && traits.contains(Trait.FRAGRANCE_FREE))
        && !contains(one)
        && MayContain.any(classes(), one);
  }

  /** What its label is still to be read for, of what every artist asks about. */
  public SortedSet<Sensitivity> unchecked() {
    return Sensitivity.KNOWN.stream()
        .map(Sensitivity::new)
        .filter(this::isUnchecked)
        .collect(Collectors.toCollection(TreeSet::new));
  }

  /** Its own measures, or else what a pack of this form and size usually measures. */
  public Measures measuresOrEstimate() {
    return measures != null ? measures : Measures.estimate(form, content);
  }
}
