package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Trait;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.ToLongFunction;
import org.jspecify.annotations.Nullable;

/**
 * Which of several items that would do is liked best.
 *
 * <p>In this order, for one need: complete with all it is useless without; kept for this person;
 * its label read for all she reacts to; what she or the job would rather have; nothing special
 * unasked; a shade that leans as she does, and is near. Then, over the whole list: fewest pieces
 * and least mass. Then, of equals: clean, put first by the artist, not due for replacement, opened
 * before sealed, earlier date, a favourite, not kept for rare cases, in a chosen bag already; at
 * last by maker, name, shade, dates, amount, and its id.
 */
final class Taste {

  private static final Set<Trait> SPECIAL =
      EnumSet.of(
          Trait.GREEN_CORRECTOR,
          Trait.PEACH_CORRECTOR,
          Trait.ORANGE_CORRECTOR,
          Trait.RED_CORRECTOR,
          Trait.LAVENDER_CORRECTOR,
          Trait.YELLOW_CORRECTOR,
          Trait.SHIMMER);

  /** Farther off a shade serves, and another that is nearer is better. */
  private static final double NEAR = 0.5;

  /** By what two items differ that are alike in everything that counts. */
  static final Comparator<Item> BY_NAME = Taste::byName;

  /** Step by step: thousands are put in order for each list. */
  private static int byName(Item one, Item other) {
    int order = one.product().maker().compareTo(other.product().maker());
    if (order == 0) {
      order = one.product().name().compareTo(other.product().name());
    }
    if (order == 0) {
      order = one.product().shade().compareTo(other.product().shade());
    }
    if (order == 0) {
      order = byDay(one.dates().openedOn(), other.dates().openedOn());
    }
    if (order == 0) {
      order = byDay(one.dates().printedExpiry(), other.dates().printedExpiry());
    }
    if (order == 0) {
      order = Long.compare(one.left().thousandths(), other.left().thousandths());
    }
    return order == 0 ? Item.BY_ID.compare(one, other) : order;
  }

  /** The earlier first, none at last. */
  private static int byDay(@Nullable LocalDate one, @Nullable LocalDate other) {
    if (one == null || other == null) {
      return Boolean.compare(one == null, other == null);
    }
    return one.compareTo(other);
  }

  private final Suitability suitability;
  private final LocalDate lastDay;
  private final Set<UUID> incomplete;
  private final Predicate<Item> isInABag;
  private final Comparator<Item> overall;
  private final Map<UUID, Long> weights = new HashMap<>();

  /**
   * One thing that counts between equals.
   *
   * @param bits as many as its figures take
   * @param of the lower the better liked
   */
  private record Step(Preferred because, int bits, ToLongFunction<Item> of) {}

  private static final int DATE_BITS = 24;
  private final List<Step> steps = steps();

  Taste(
      PackingList.PackingFacts facts,
      Suitability suitability,
      Set<UUID> incomplete,
      Predicate<Item> isInABag) {
    this.suitability = suitability;
    this.lastDay = facts.booking().lastDay();
    this.incomplete = incomplete;
    this.isInABag = isInABag;
    this.overall = Comparator.comparingLong(this::weight).thenComparing(BY_NAME);
  }

  /** The order of equals, the most liked first. */
  Comparator<Item> overall() {
    return overall;
  }

  /**
   * The same of a whole kit, each weighed once.
   *
   * @param byName in the order that decides between what is liked alike
   */
  List<Item> inOrder(List<Item> byName) {
    // Weight and place in one number, which sorts without looking at items again.
    long[] keys = new long[byName.size()];
    for (int at = 0; at < keys.length; at++) {
      keys[at] = weighed(byName.get(at)) << Integer.SIZE | at;
    }
    Arrays.sort(keys);
    return Arrays.stream(keys).mapToObj(key -> byName.get((int) key)).toList();
  }

  /** What counts before the name, as one number: the lower the better liked. */
  private long weight(Item item) {
    return weights.computeIfAbsent(item.id(), _ -> weighed(item));
  }

  private long weighed(Item item) {
    long weight = 0;
    for (Step step : steps) {
      weight = (weight << step.bits) + step.of.applyAsLong(item);
    }
    return weight;
  }

  /** The first point in which the better liked of two differs; empty where they are alike. */
  Optional<Preferred> decides(Item better, Item other) {
    return steps.stream()
        .filter(step -> step.of.applyAsLong(better) < step.of.applyAsLong(other))
        .map(Step::because)
        .findFirst();
  }

  private List<Step> steps() {
    return List.of(
        new Step(Preferred.CLEAN, 1, item -> no(item.cleanliness() == Cleanliness.CLEAN)),
        new Step(Preferred.PUT_FIRST, 1, item -> no(item.isUsedFirst())),
        new Step(
            Preferred.NOT_DUE_FOR_REPLACEMENT,
            1,
            item -> no(!suitability.useBy(item).isDueForReplacementOn(lastDay))),
        new Step(Preferred.OPEN_ALREADY, 1, item -> no(item.dates().openedOn() != null)),
        new Step(
            Preferred.EARLIER_DATE,
            DATE_BITS,
            item -> Math.min(end(item).toEpochDay(), (1 << DATE_BITS) - 1)),
        new Step(Preferred.FAVOURITE, 1, item -> no(item.preference().isFavourite())),
        new Step(Preferred.NOT_RARE, 1, item -> no(!item.preference().isRare())),
        new Step(Preferred.IN_THE_BAG, 1, item -> no(isInABag.test(item))));
  }

  private static long no(boolean isLiked) {
    return isLiked ? 0 : 1;
  }

  boolean isIncomplete(Item item) {
    return incomplete.contains(item.id());
  }

  /** How badly an item serves a need though it may; 0 is best. Each step outweighs all below. */
  long flaws(Need need, Item item) {
    long flaws = 0;
    for (Flaw flaw : Flaw.values()) {
      flaws = flaws * flaw.most + Math.min(flaw.most - 1, of(flaw, need, item));
    }
    return flaws;
  }

  /** The first point in which one serves a need better than another; empty where they are alike. */
  Optional<Preferred> decides(Need need, Item better, Item other) {
    return Arrays.stream(Flaw.values())
        .filter(flaw -> of(flaw, need, better) < of(flaw, need, other))
        .map(flaw -> flaw.because)
        .findFirst();
  }

  private enum Flaw {
    NOT_KEPT(Preferred.KEPT_FOR_HER, 2),
    UNCHECKED(Preferred.LABEL_READ, 100),
    LACKING(Preferred.WANTED_TRAITS, 100),
    SPECIAL(Preferred.NOTHING_SPECIAL, 100),
    OTHER_UNDERTONE(Preferred.HER_UNDERTONE, 2),
    NOT_NEAR(Preferred.NEARER_SHADE, 2);

    private final Preferred because;
    private final long most;

    Flaw(Preferred because, long most) {
      this.because = because;
      this.most = most;
    }
  }

  private long of(Flaw flaw, Need need, Item item) {
    return switch (flaw) {
      case NOT_KEPT -> no(item.forWhom() instanceof ForWhom.Only);
      case UNCHECKED -> unchecked(need, item);
      case LACKING -> lacking(need, item);
      case SPECIAL -> specialsUnasked(need, item);
      case OTHER_UNDERTONE -> no(!suitability.undertones().leansAway(need, item));
      case NOT_NEAR -> no(isNear(need, item));
    };
  }

  private long unchecked(Need need, Item item) {
    long many = 0;
    for (Face face : need.faces()) {
      many += suitability.unchecked(face, item).size();
    }
    return many;
  }

  private static long lacking(Need need, Item item) {
    long many = 0;
    for (Trait trait : need.should()) {
      many += item.product().has(trait) ? 0 : 1;
    }
    return many;
  }

  /** A green primer or a shimmer powder is for those who ask for it. */
  private static long specialsUnasked(Need need, Item item) {
    if (need.code().role() != null) {
      return 0;
    }
    long many = 0;
    for (Trait trait : item.product().traits()) {
      boolean isAsked = need.must().contains(trait) || need.should().contains(trait);
      many += SPECIAL.contains(trait) && !isAsked ? 1 : 0;
    }
    return many;
  }

  private static boolean isNear(Need need, Item item) {
    Need.DepthWanted wanted = need.depth();
    Double depth = wanted == null ? null : item.product().depthNear(wanted.depth());
    return depth == null || Math.abs(depth - wanted.depth()) <= NEAR;
  }

  private LocalDate end(Item item) {
    LocalDate end = suitability.useBy(item).lastDay();
    return end == null ? LocalDate.MAX : end;
  }
}
