package gerula.core.booking;

import static gerula.core.kit.product.ProductClass.*;

import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * What can be needed: a class of items, or several of which any serves.
 *
 * @param code the class's own, or that of the family; never changes
 * @param classes any of these serves, and what has not been told apart from them yet
 * @param section where the need is told on the list
 */
public record NeedKind(String code, Set<ProductClass> classes, Section section)
    implements Comparable<NeedKind> {

  public static final NeedKind EYES = family("eyes", EYE_SHADOW, CREAM_SHADOW);
  public static final NeedKind LINER = family("liner", EYE_PENCIL, GEL_LINER, LIQUID_LINER);
  public static final NeedKind BROWS = family("brows", BROW_PENCIL, BROW_POWDER);
  public static final NeedKind LIPS = family("lips", LIP_COLOUR, LIP_GLOSS);
  public static final NeedKind LASHES = family("lashes", STRIP_LASHES);
  public static final NeedKind CORRECT = family("correct", CORRECTOR, CONCEALER, PRIMER);

  private static final List<NeedKind> FAMILIES = List.of(EYES, LINER, BROWS, LIPS, LASHES, CORRECT);

  /** What else serves where one of these is needed. */
  private static final Map<ProductClass, Set<ProductClass>> ALSO =
      Map.ofEntries(
          Map.entry(ProductClass.CLEANSER, EnumSet.of(MICELLAR)),
          Map.entry(ProductClass.MIRROR, EnumSet.of(HAND_MIRROR)),
          Map.entry(ProductClass.FACE_TISSUE, EnumSet.of(PAPER_TOWEL)),
          Map.entry(ProductClass.PAPER_TOWEL, EnumSet.of(ProductClass.FACE_TISSUE)),
          Map.entry(ProductClass.CAPE, EnumSet.of(TOWEL, DRAPE)),
          Map.entry(ProductClass.RAZOR, EnumSet.of(TRIMMER)),
          Map.entry(ProductClass.CLIP_LIGHT, EnumSet.of(BATTERY_LIGHT, PLUG_LIGHT)),
          Map.entry(ProductClass.WAX_OR_PUTTY, EnumSet.of(GELATINE, LIQUID_LATEX)),
          Map.entry(ProductClass.EYE_REMOVER, EnumSet.of(MICELLAR)),
          Map.entry(ProductClass.REMOVER, EnumSet.of(MICELLAR)));

  /** What was fitted to, opened for or written for somebody serves nobody else. */
  private static final Set<ProductClass> ONES_OWN =
      EnumSet.of(CONTACT_LENSES, EYE_DROPS, CLIENT_RECORD, CONTRACT, CARD, PAPERS);

  private static final Map<ProductClass, NeedKind> OF_CLASS = new EnumMap<>(ProductClass.class);

  static {
    for (ProductClass one : ProductClass.values()) {
      Set<ProductClass> any = EnumSet.of(one);
      any.addAll(ALSO.getOrDefault(one, Set.of()));
      OF_CLASS.put(one, kind(one.code(), one.section(), any));
    }
  }

  /** Its first class: they stand in order. */
  private ProductClass first() {
    return classes.iterator().next();
  }

  /** The class that is asked for, not one that serves as well; of a family its first. */
  public ProductClass asked() {
    return classes.stream()
        .filter(one -> one.code().equals(code))
        .findFirst()
        .orElseGet(this::first);
  }

  /** Whether what a colleague has of it would do. */
  public boolean canBeBorrowed() {
    return Collections.disjoint(classes, ONES_OWN);
  }

  /** Items of this class, or of another that serves as well. */
  public static NeedKind of(ProductClass one) {
    return Objects.requireNonNull(OF_CLASS.get(one));
  }

  /** The kind whose roles these are. */
  static NeedKind ofFamily(String family) {
    return FAMILIES.stream()
        .filter(one -> one.code.equals(family))
        .findFirst()
        .orElseGet(
            () ->
                of(
                    Arrays.stream(ProductClass.values())
                        .filter(one -> one.code().equals(family))
                        .findFirst()
                        .orElseThrow()));
  }

  private static NeedKind family(String code, ProductClass... classes) {
    return kind(code, classes[0].section(), Set.of(classes));
  }

  private static NeedKind kind(String code, Section section, Set<ProductClass> any) {
    Set<ProductClass> serving = EnumSet.noneOf(ProductClass.class);
    any.forEach(one -> serving.addAll(one.servedBy()));
    return new NeedKind(code, Collections.unmodifiableSet(serving), section);
  }

  /** Its code says it all: telling sets of classes apart, over and over, takes long. */
  @Override
  public boolean equals(Object other) {
    return other instanceof NeedKind kind && code.equals(kind.code);
  }

  @Override
  public int hashCode() {
    return code.hashCode();
  }

  /** In the order of the work. */
  @Override
  public int compareTo(NeedKind other) {
    // There is one of each, and mostly it is held against itself.
    if (this == other) {
      return 0;
    }
    int order = section.compareTo(other.section);
    if (order == 0) {
      order = first().compareTo(other.first());
    }
    return order == 0 ? code.compareTo(other.code) : order;
  }
}
