package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.booking.NeedCode;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.shade.Lab;
import gerula.core.shade.Mixing;
import gerula.core.shade.carry.FaceColour;
import gerula.core.shade.carry.Recipe;
import gerula.core.shade.carry.Shade;
import gerula.core.shade.carry.ShadesToCarry;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Which shades the bases of a booking are made of, before it is settled which packs are taken.
 *
 * <p>Faces of a known colour are met by the fewest measured shades, alone or two of them mixed;
 * what is pinned is used first, and what is packed costs nothing. A face of which only the depth is
 * known takes a shade near it; where there is none, two are mixed that lie to either side.
 */
final class BasePlan {

  /**
   * A part of a base.
   *
   * @param tenths 1 to 10
   */
  record MixPart(UUID product, int tenths) {}

  /**
   * What a base is made of.
   *
   * @param parts products, the larger part first
   * @param deltaE null where it goes by depth
   * @param depth null where it goes by colour
   */
  record Mix(List<MixPart> parts, @Nullable Double deltaE, @Nullable Double depth) {}

  /** A product that no kit has. */
  private static final UUID NONE = new UUID(0, 0);

  private final PackingList.PackingFacts facts;
  private final Suitability suitability;
  private final Map<Need, Mix> mixes = new IdentityHashMap<>();
  private final Map<Need, Mix> nearest = new IdentityHashMap<>();

  private BasePlan(PackingList.PackingFacts facts, Suitability suitability) {
    this.facts = facts;
    this.suitability = suitability;
  }

  static BasePlan of(
      PackingList.PackingFacts facts, Suitability suitability, Collection<Need> needs) {
    BasePlan plan = new BasePlan(facts, suitability);
    needs.stream().filter(need -> !need.exactly().isEmpty()).forEach(plan::exactly);
    Map<NeedCode, List<Need>> byCode = new TreeMap<>();
    needs.stream()
        .filter(BaseColours::isBase)
        .forEach(need -> byCode.computeIfAbsent(need.code(), _ -> new ArrayList<>()).add(need));
    byCode.values().forEach(plan::add);
    return plan;
  }

  /** As it was written down; what the kit does not have is part of it all the same. */
  private void exactly(Need need) {
    mixes.put(
        need,
        new Mix(
            need.exactly().stream()
                .map(
                    part ->
                        new MixPart(part.product() == null ? NONE : part.product(), part.tenths()))
                .toList(),
            null,
            null));
  }

  /** What this need is met by; null where it takes whatever suits it. */
  @Nullable Mix mix(Need need) {
    return mixes.get(need);
  }

  /** The nearest the kit comes to a need that nothing meets; null where there is nothing. */
  @Nullable Mix nearest(Need need) {
    return nearest.get(need);
  }

  private void add(List<Need> needs) {
    needs.forEach(this::saidToBeHers);
    List<Need> left =
        needs.stream().filter(need -> mix(need) == null && wanted(need) != null).toList();
    Set<UUID> pinned = products(facts.choices().pinned());
    if (!pinned.isEmpty()) {
      byColour(left, pinned);
      left = left.stream().filter(need -> mix(need) == null).toList();
    }
    byColour(left, null);
    for (Need need : needs) {
      if (mix(need) == null && !isMetAlone(need)) {
        byDepth(need);
      }
    }
  }

  /** The shade she was said to match is taken where there is enough of it and it has no colour. */
  private void saidToBeHers(Need need) {
    Face face = need.face();
    UUID hers = face == null ? null : face.matches();
    if (hers != null
        && mix(need) == null
        && wanted(need) == null
        && parts(need).containsKey(hers)) {
      mixes.put(need, new Mix(List.of(new MixPart(hers, Mixing.TENTHS)), 0.0, null));
    }
  }

  private @Nullable Lab wanted(Need need) {
    Face face = need.face();
    return face == null ? null : suitability.colours().wanted(face);
  }

  private Set<UUID> products(Set<UUID> items) {
    return items.stream()
        .map(facts.kit().items()::get)
        .filter(Objects::nonNull)
        .map(item -> item.product().id())
        .collect(Collectors.toSet());
  }

  private boolean isMetAlone(Need need) {
    return bases(need).stream()
        .anyMatch(
            item -> suitability.refusal(need, item).isEmpty() && suitability.leftOf(item) > 0);
  }

  private List<Item> bases(Need need) {
    return suitability.ofClasses(need.code().kind().classes());
  }

  static boolean isMixer(Product product) {
    return product.classes().contains(ProductClass.MIXER);
  }

  /** All that may be part of a base for this need, with enough left of it. */
  private Map<UUID, List<Item>> parts(Need need) {
    Map<UUID, List<Item>> parts = new LinkedHashMap<>();
    for (List<Item> some :
        List.of(bases(need), suitability.ofClasses(Set.of(ProductClass.MIXER)))) {
      for (Item item : some) {
        if (suitability.refusalButShade(need, item).isEmpty()) {
          parts.computeIfAbsent(item.product().id(), _ -> new ArrayList<>()).add(item);
        }
      }
    }
    long wanted = Picks.thousandths(need.withReserve());
    parts.values().removeIf(items -> held(items) < least(items.getFirst().product(), wanted));
    return parts;
  }

  private long held(List<Item> items) {
    return items.stream().mapToLong(suitability::leftOf).sum();
  }

  private static long least(Product product, long wanted) {
    return isMixer(product)
        ? Math.ceilDiv(wanted * ShadesToCarry.MOST_OF_A_MIXER, Mixing.TENTHS)
        : wanted;
  }

  private void byColour(List<Need> needs, @Nullable Set<UUID> among) {
    if (needs.isEmpty()) {
      return;
    }
    List<Map<UUID, List<Item>>> parts = needs.stream().map(this::parts).toList();
    Map<UUID, Item> products = new LinkedHashMap<>();
    for (Map<UUID, List<Item>> some : parts) {
      some.forEach(
          (product, items) -> {
            boolean isAsked = among == null || among.contains(product);
            if (isAsked && suitability.colours().of(items.getFirst().product()) != null) {
              products.putIfAbsent(product, lightest(items));
            }
          });
    }
    List<UUID> weighed = weighed(products, needs);
    List<Shade> shades = new ArrayList<>();
    for (UUID product : weighed) {
      shades.add(shade(shades.size(), products.get(product)));
    }
    List<FaceColour> faces = new ArrayList<>();
    for (int i = 0; i < needs.size(); i++) {
      faces.add(face(needs.get(i), i, weighed, parts.get(i).keySet()));
    }
    ShadesToCarry carried =
        ShadesToCarry.of(shades, faces, facts.house().shadeLimit(), inABag(weighed));
    carried.recipes().forEach(recipe -> keep(mixes, needs, weighed, recipe));
    carried.holes().stream()
        .filter(hole -> !hole.parts().isEmpty())
        .forEach(hole -> keep(nearest, needs, weighed, hole));
  }

  /** What is packed or pinned comes in any case: using it too costs nothing. */
  private Set<String> inABag(List<UUID> weighed) {
    Set<UUID> there = products(facts.packed());
    there.addAll(products(facts.choices().pinned()));
    return IntStream.range(0, weighed.size())
        .filter(place -> there.contains(weighed.get(place)))
        .mapToObj(BasePlan::id)
        .collect(Collectors.toSet());
  }

  private static Item lightest(List<Item> items) {
    return items.stream()
        .min(
            Comparator.<Item>comparingDouble(item -> item.mass().grams())
                .thenComparing(Taste.BY_NAME))
        .orElseThrow();
  }

  /** In one fixed order, and no more than can be weighed: those that lie nearest to any face. */
  private List<UUID> weighed(Map<UUID, Item> products, List<Need> needs) {
    Map<UUID, Double> distance = new HashMap<>();
    products.forEach((product, item) -> distance.put(product, nearestFace(item, needs)));
    return products.entrySet().stream()
        .sorted(Comparator.comparingDouble(entry -> distance.get(entry.getKey())))
        .limit(ShadesToCarry.MOST_SHADES)
        .sorted(Map.Entry.comparingByValue(Taste.BY_NAME))
        .map(Map.Entry::getKey)
        .toList();
  }

  private double nearestFace(Item item, List<Need> needs) {
    if (isMixer(item.product())) {
      return 0;
    }
    return needs.stream()
        .map(need -> suitability.colours().difference(need, item))
        .mapToDouble(difference -> difference == null ? Double.MAX_VALUE : difference)
        .min()
        .orElse(Double.MAX_VALUE);
  }

  /** Ids by their place, so that the answer does not hang on what a kit's ids are. */
  private static String id(int place) {
    return "%03d".formatted(place);
  }

  private Shade shade(int place, Item item) {
    Product product = item.product();
    Lab colour = suitability.colours().of(product);
    if (colour == null) {
      throw new IllegalStateException("Only what was measured is weighed: " + product.name());
    }
    return new Shade(
        id(place),
        colour,
        item.mass().grams(),
        isMixer(product),
        Texture.of(product.form()).name());
  }

  private FaceColour face(Need need, int place, List<UUID> weighed, Set<UUID> allowed) {
    Set<String> without = new HashSet<>();
    for (int i = 0; i < weighed.size(); i++) {
      if (!allowed.contains(weighed.get(i))) {
        without.add(id(i));
      }
    }
    Lab wanted = wanted(need);
    if (wanted == null) {
      throw new IllegalStateException("Only faces of a known colour are matched by it.");
    }
    return new FaceColour(id(place), wanted, without);
  }

  private static void keep(
      Map<Need, Mix> into, List<Need> needs, List<UUID> weighed, Recipe recipe) {
    List<MixPart> parts =
        recipe.parts().stream()
            .map(part -> new MixPart(weighed.get(Integer.parseInt(part.id())), part.tenths()))
            .toList();
    Need need = needs.get(Integer.parseInt(recipe.face()));
    into.put(need, new Mix(parts, recipe.deltaE(), null));
  }

  /** Shades of no known colour, or for a face of none; those that others are mixed of first. */
  private void byDepth(Need need) {
    Need.DepthWanted wanted = need.depth();
    if (wanted == null) {
      return;
    }
    List<Item> able =
        parts(need).values().stream()
            .map(BasePlan::lightest)
            .filter(item -> item.product().depth() != null)
            .filter(
                item -> wanted(need) == null || suitability.colours().of(item.product()) == null)
            .sorted(Taste.BY_NAME)
            .toList();
    Set<UUID> carried =
        mixes.values().stream()
            .flatMap(mix -> mix.parts().stream())
            .map(MixPart::product)
            .collect(Collectors.toSet());
    DepthMixes found = new DepthMixes(wanted.depth(), able, carried);
    found.best().ifPresent(best -> mixes.put(need, best));
    if (mix(need) == null && !nearest.containsKey(need)) {
      found.nearest().ifPresent(best -> nearest.put(need, best));
    }
  }
}
