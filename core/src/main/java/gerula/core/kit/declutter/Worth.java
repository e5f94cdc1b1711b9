package gerula.core.kit.declutter;

import gerula.core.kit.Finish;
import gerula.core.kit.Form;
import gerula.core.kit.Item;
import gerula.core.kit.Product;
import gerula.core.kit.ProductClass;
import gerula.core.kit.Trait;
import gerula.core.rule.Code;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What speaks for keeping a thing and what against it. The artist decides.
 *
 * @param advice what the facts point to
 * @param why what speaks against it, or for it when nothing does
 * @param duplicates things with the same job, depth and finish, itself left out
 */
public record Worth(Advice advice, Set<Why> why, List<Item> duplicates) {

  /** What the facts point to. */
  public enum Advice implements Code {
    KEEP,
    /** Out of the bags, into the store. */
    RETIRE,
    DISCARD
  }

  /** The facts in a word. Limits are from memory. */
  public enum Why implements Code {
    PAST_ITS_DATE,
    HAS_CHANGED,
    USED_UP,
    NOT_USED_IN_A_YEAR,
    HAS_DUPLICATES,
    RARE_BUT_NEEDED,
    FAVOURITE,
    IN_USE,
    /** Not used yet, but not known for a year either, and nothing else does its job. */
    KNOWN_FOR_SHORT
  }

  /**
   * What is known of a thing besides what it is.
   *
   * @param usesInAYear how often it was used in the last year, 0 or more
   * @param knownSince the first day the log knows it
   */
  public record Facts(
      int usesInAYear,
      @Nullable LocalDate knownSince,
      boolean isFavourite,
      boolean isRare,
      @Nullable Finish finish) {}

  public Worth {
    why = EnumSet.copyOf(why);
    duplicates = List.copyOf(duplicates);
  }

  /** What two things have in common that do the same: job, form, shade, depth, traits, finish. */
  private record Job(
      ProductClass productClass,
      Form form,
      String shade,
      @Nullable Double depth,
      Set<Trait> traits,
      @Nullable Finish finish) {

    static Job of(Item item, Facts facts) {
      Product product = item.product();
      return new Job(
          product.productClass(),
          product.form(),
          product.shade(),
          product.depth(),
          product.traits(),
          facts.finish());
    }
  }

  /**
   * Of each of these things.
   *
   * @param of some of the kit
   * @param kit everything there is
   * @param facts of everything there is
   */
  public static Map<UUID, Worth> of(
      Collection<Item> of,
      Collection<Item> kit,
      Map<UUID, Facts> facts,
      LocalDate today,
      HouseRules house) {
    Map<Job, List<Item>> byJob =
        kit.stream()
            .filter(item -> !item.isDiscarded())
            .sorted(Item.BY_ID)
            .collect(Collectors.groupingBy(item -> Job.of(item, facts.get(item.id()))));
    Map<UUID, Worth> worth = new HashMap<>();
    for (Item item : of) {
      Facts own = Objects.requireNonNull(facts.get(item.id()));
      List<Item> same = byJob.getOrDefault(Job.of(item, own), List.of());
      worth.put(item.id(), of(item, own, same, today, house));
    }
    return worth;
  }

  private static Worth of(
      Item item, Facts own, List<Item> same, LocalDate today, HouseRules house) {
    List<Item> duplicates = same.stream().filter(other -> !other.id().equals(item.id())).toList();
    Set<Why> why = EnumSet.noneOf(Why.class);
    if (!item.useBy(house).isGoodOn(today)) {
      why.add(Why.PAST_ITS_DATE);
    }
    if (item.changed() != null) {
      why.add(Why.HAS_CHANGED);
    }
    if (item.left().isNone()) {
      why.add(Why.USED_UP);
    }
    if (!why.isEmpty()) {
      return new Worth(Advice.DISCARD, why, duplicates);
    }
    if (own.isRare()) {
      return new Worth(Advice.KEEP, EnumSet.of(Why.RARE_BUT_NEEDED), duplicates);
    }
    if (own.isFavourite()) {
      return new Worth(Advice.KEEP, EnumSet.of(Why.FAVOURITE), duplicates);
    }
    return byUse(own, duplicates, today);
  }

  private static Worth byUse(Facts own, List<Item> duplicates, LocalDate today) {
    Set<Why> why = EnumSet.noneOf(Why.class);
    boolean isKnownForAYear =
        own.knownSince() != null && !own.knownSince().isAfter(today.minusYears(1));
    if (own.usesInAYear() == 0 && isKnownForAYear) {
      why.add(Why.NOT_USED_IN_A_YEAR);
    }
    if (own.usesInAYear() == 0 && !duplicates.isEmpty()) {
      why.add(Why.HAS_DUPLICATES);
    }
    if (!why.isEmpty()) {
      return new Worth(Advice.RETIRE, why, duplicates);
    }
    Why kept = own.usesInAYear() > 0 ? Why.IN_USE : Why.KNOWN_FOR_SHORT;
    return new Worth(Advice.KEEP, EnumSet.of(kept), duplicates);
  }
}
