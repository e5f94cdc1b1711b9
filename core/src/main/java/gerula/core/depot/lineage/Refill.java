package gerula.core.depot.lineage;

import gerula.core.dates.Months;
import gerula.core.dates.PackDates;
import gerula.core.dates.UseBy;
import gerula.core.depot.bench.UseRate;
import gerula.core.depot.empties.Empty;
import gerula.core.kit.item.Item;
import gerula.core.quantity.Quantity;
import gerula.core.rule.Code;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How a container is filled again.
 *
 * @param source what it is filled from
 * @param amount as much as goes in, is left, and is used before its date
 * @param washFirst why it has to be washed first; empty when it may be topped up
 * @param toppedUp its dates when it is topped up: the earliest rules
 * @param washed its dates when it is washed and filled anew: the source's
 */
public record Refill(
    Item source, Quantity amount, Set<WashReason> washFirst, UseBy toppedUp, UseBy washed) {

  /** Why a container is washed before it is filled again. Common practice; limits from memory. */
  public enum WashReason implements Code {
    IS_EMPTY,
    REST_IS_PAST,
    REST_HAS_CHANGED,
    REST_IS_CONTAMINATED,
    /** The rest would take more than a month from what is filled in. */
    REST_SHORTENS_IT,
    TOPPED_UP_OFTEN
  }

  /** A rest may cost the new filling this many days. */
  private static final int MAY_COST_DAYS = 31;

  /** So many fillings without a washing are enough. */
  private static final int OFTEN = 3;

  /**
   * What the refill of a container is worked out from.
   *
   * @param fillings how often something was filled in since it was washed last
   * @param use in the unit of the product; nothing when nobody knows
   */
  public record RefillFacts(
      Item container, int fillings, UseRate use, LocalDate today, HouseRules house) {}

  public Refill {
    washFirst = washFirst.isEmpty() ? Set.of() : Set.copyOf(washFirst);
  }

  /** From the source that is used first of those that may be used; empty when there is none. */
  public static Optional<Refill> of(RefillFacts facts, Collection<Item> kit) {
    return kit.stream()
        .filter(one -> isSource(one, facts))
        .min(usedFirst(facts.house()))
        .map(source -> from(source, facts));
  }

  /** Whether the container may be filled from it at all. */
  public static boolean isSource(Item one, RefillFacts facts) {
    return !one.id().equals(facts.container().id())
        && one.product().id().equals(facts.container().product().id())
        && !one.isDiscarded()
        && !one.left().isNone()
        && !one.cleanliness().isStopped()
        && one.isGoodOn(facts.today(), facts.house());
  }

  private static Comparator<Item> usedFirst(HouseRules house) {
    return Comparator.<Item>comparingInt(one -> one.isSealed() ? 1 : 0)
        .thenComparing(
            one -> one.useBy(house).lastDay(), Comparator.nullsLast(Comparator.naturalOrder()))
        .thenComparing(Item.BY_ID);
  }

  private static Refill from(Item source, RefillFacts facts) {
    Item container = facts.container();
    UseBy washed = dates(List.of(opened(source, facts.today())), container, facts);
    UseBy toppedUp =
        container.left().isNone()
            ? washed
            : dates(List.of(container.dates(), opened(source, facts.today())), container, facts);
    Set<WashReason> wash = whyWash(facts, toppedUp.lastDay(), washed.lastDay());
    boolean isWashed = !wash.isEmpty();
    return new Refill(
        source,
        amount(source, facts, isWashed, (isWashed ? washed : toppedUp).lastDay()),
        wash,
        toppedUp,
        washed);
  }

  /** A sealed pack is opened by pouring from it. */
  private static PackDates opened(Item source, LocalDate today) {
    PackDates dates = source.dates();
    return source.isSealed()
        ? new PackDates(
            dates.madeOn(),
            dates.boughtOn(),
            today,
            dates.printedExpiry(),
            dates.periodAfterOpening())
        : dates;
  }

  private static UseBy dates(List<PackDates> sources, Item container, RefillFacts facts) {
    return UseBy.of(container.product().dateClasses(), PackDates.inherited(sources), facts.house());
  }

  private static Set<WashReason> whyWash(
      RefillFacts facts, @Nullable LocalDate toppedUp, @Nullable LocalDate washed) {
    Item container = facts.container();
    Set<WashReason> why = EnumSet.noneOf(WashReason.class);
    if (container.left().isNone()) {
      why.add(WashReason.IS_EMPTY);
    }
    if (!container.useBy(facts.house()).isGoodOn(facts.today())) {
      why.add(WashReason.REST_IS_PAST);
    }
    if (container.spoilage() != null) {
      why.add(WashReason.REST_HAS_CHANGED);
    }
    if (container.cleanliness().isStopped()) {
      why.add(WashReason.REST_IS_CONTAMINATED);
    }
    if (costs(toppedUp, washed)) {
      why.add(WashReason.REST_SHORTENS_IT);
    }
    if (facts.fillings() >= OFTEN) {
      why.add(WashReason.TOPPED_UP_OFTEN);
    }
    return why;
  }

  private static boolean costs(@Nullable LocalDate toppedUp, @Nullable LocalDate washed) {
    return toppedUp != null
        && (washed == null || ChronoUnit.DAYS.between(toppedUp, washed) > MAY_COST_DAYS);
  }

  private static Quantity amount(
      Item source, RefillFacts facts, boolean isWashed, @Nullable LocalDate lastDay) {
    Item container = facts.container();
    Quantity rest = isWashed ? Quantity.none(container.left().unit()) : container.left();
    Quantity full = container.size().times(BigDecimal.valueOf(Empty.FILLED), RoundingMode.FLOOR);
    Quantity amount = Quantity.least(full.without(rest), source.left());
    if (lastDay == null || facts.use().isNone()) {
      return amount;
    }
    double months = Months.between(facts.today(), lastDay.plusDays(1));
    return Quantity.least(amount, facts.use().in(months).without(rest));
  }
}
