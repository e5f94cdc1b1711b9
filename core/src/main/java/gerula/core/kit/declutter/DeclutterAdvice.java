package gerula.core.kit.declutter;

import gerula.core.kit.item.Item;
import gerula.core.kit.product.Finish;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.ProductShade;
import gerula.core.kit.product.Trait;
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
 * @param reasons what speaks against it, or for it when nothing does
 * @param duplicates things with the same job, depth and finish, itself left out
 */
public record DeclutterAdvice(Advice advice, Set<DeclutterReason> reasons, List<Item> duplicates) {

  /** What the facts point to. */
  public enum Advice implements Code {
    KEEP,
    /** Out of the bags, into the store. */
    RETIRE,
    DISCARD
  }

  /** The facts in a word. Limits are from memory. */
  public enum DeclutterReason implements Code {
    PAST_ITS_DATE,
    HAS_CHANGED,
    USED_UP,
    NOT_USED_IN_A_YEAR,
    HAS_DUPLICATES,
    /** Its range has more shades than the house carries, and its neighbours lie close. */
    MORE_SHADES_THAN_CARRIED,
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
  public record UseFacts(
      int usesInAYear,
      @Nullable LocalDate knownSince,
      boolean isFavourite,
      boolean isRare,
      @Nullable Finish finish) {}

  public DeclutterAdvice {
    reasons = EnumSet.copyOf(reasons);
    duplicates = List.copyOf(duplicates);
  }

  /** What two things have in common that do the same: job, form, shade, depth, traits, finish. */
  private record Job(
      ProductClass productClass,
      Form form,
      String shade,
      @Nullable Double depth,
      List<ProductShade> shades,
      Set<Trait> traits,
      @Nullable Finish finish) {

    static Job of(Item item, UseFacts facts) {
      Product product = item.product();
      return new Job(
          product.productClass(),
          product.form(),
          product.shade(),
          product.depth(),
          product.shades(),
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
  public static Map<UUID, DeclutterAdvice> of(
      Collection<Item> of,
      Collection<Item> kit,
      Map<UUID, UseFacts> facts,
      LocalDate today,
      HouseRules house) {
    Map<Job, List<Item>> byJob =
        kit.stream()
            .filter(item -> !item.isDiscarded())
            .sorted(Item.BY_ID)
            .collect(Collectors.groupingBy(item -> Job.of(item, facts.get(item.id()))));
    Set<UUID> surplus = SurplusShades.of(kit, facts, house.practices().range());
    Map<UUID, DeclutterAdvice> advice = new HashMap<>();
    for (Item item : of) {
      UseFacts own = Objects.requireNonNull(facts.get(item.id()));
      List<Item> same = byJob.getOrDefault(Job.of(item, own), List.of());
      boolean isSurplus = surplus.contains(item.id());
      advice.put(item.id(), of(item, own, same, isSurplus, today, house));
    }
    return advice;
  }

  private static DeclutterAdvice of(
      Item item,
      UseFacts own,
      List<Item> same,
      boolean isSurplus,
      LocalDate today,
      HouseRules house) {
    List<Item> duplicates = same.stream().filter(other -> !other.id().equals(item.id())).toList();
    Set<DeclutterReason> reasons = EnumSet.noneOf(DeclutterReason.class);
    if (!item.useBy(house).isGoodOn(today)) {
      reasons.add(DeclutterReason.PAST_ITS_DATE);
    }
    if (item.spoilage() != null) {
      reasons.add(DeclutterReason.HAS_CHANGED);
    }
    if (item.left().isNone()) {
      reasons.add(DeclutterReason.USED_UP);
    }
    if (!reasons.isEmpty()) {
      return new DeclutterAdvice(Advice.DISCARD, reasons, duplicates);
    }
    if (own.isRare()) {
      return new DeclutterAdvice(
          Advice.KEEP, EnumSet.of(DeclutterReason.RARE_BUT_NEEDED), duplicates);
    }
    if (own.isFavourite()) {
      return new DeclutterAdvice(Advice.KEEP, EnumSet.of(DeclutterReason.FAVOURITE), duplicates);
    }
    return byUse(own, duplicates, isSurplus, today);
  }

  private static DeclutterAdvice byUse(
      UseFacts own, List<Item> duplicates, boolean isSurplus, LocalDate today) {
    Set<DeclutterReason> reasons = EnumSet.noneOf(DeclutterReason.class);
    boolean isKnownForAYear =
        own.knownSince() != null && !own.knownSince().isAfter(today.minusYears(1));
    if (own.usesInAYear() == 0 && isKnownForAYear) {
      reasons.add(DeclutterReason.NOT_USED_IN_A_YEAR);
    }
    if (own.usesInAYear() == 0 && !duplicates.isEmpty()) {
      reasons.add(DeclutterReason.HAS_DUPLICATES);
    }
    if (isSurplus) {
      reasons.add(DeclutterReason.MORE_SHADES_THAN_CARRIED);
    }
    if (!reasons.isEmpty()) {
      return new DeclutterAdvice(Advice.RETIRE, reasons, duplicates);
    }
    DeclutterReason kept =
        own.usesInAYear() > 0 ? DeclutterReason.IN_USE : DeclutterReason.KNOWN_FOR_SHORT;
    return new DeclutterAdvice(Advice.KEEP, EnumSet.of(kept), duplicates);
  }
}
