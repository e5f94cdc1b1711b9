package gerula.core.restock.money;

import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Money;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.Currency;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Money that was discarded with what was left in it.
 *
 * @param rows in the order of their days
 * @param unpriced discarded with something in it, at a price nobody knows
 */
public record Waste(Currency currency, List<Row> rows, int unpriced) {

  /** What leaves the kit used up, with somebody, or back to its shop is no waste. */
  private static final Set<DiscardCause> WASTE =
      EnumSet.of(
          DiscardCause.DATE,
          DiscardCause.CHANGED,
          DiscardCause.CONTAMINATED,
          DiscardCause.BROKEN,
          DiscardCause.LOST);

  private static final BigDecimal HALF = new BigDecimal("0.5");
  private static final BigDecimal QUARTER = new BigDecimal("0.25");

  public Waste {
    rows = List.copyOf(rows);
  }

  /**
   * One item.
   *
   * @param lost what was left in it, rounded
   * @param smaller null where no smaller pack would have done
   */
  public record Row(
      UUID item, LocalDate on, DiscardCause cause, Money lost, @Nullable Smaller smaller) {}

  /**
   * A pack half as large, or a quarter, that would have held what was used.
   *
   * @param content it would have held, in the unit of the product
   * @param saved at the same price by amount
   */
  public record Smaller(BigDecimal content, Money saved) {}

  /**
   * @param from inclusive
   * @param to inclusive
   */
  public static Waste of(Collection<Bought> some, Prices prices, LocalDate from, LocalDate to) {
    List<Row> rows = new ArrayList<>();
    int unpriced = 0;
    for (Bought one : some) {
      LocalDate on = one.discardedOn();
      DiscardCause cause = one.cause();
      boolean counts =
          on != null && cause != null && WASTE.contains(cause) && !one.item().left().isNone();
      if (!counts || on.isBefore(from) || on.isAfter(to)) {
        continue;
      }
      Money full = prices.of(one.item().id(), one.item().size().amount());
      if (full == null) {
        unpriced++;
      } else {
        rows.add(
            new Row(
                one.item().id(),
                on,
                cause,
                full.times(one.shareLeft()).rounded(),
                cause == DiscardCause.DATE ? smaller(one, full) : null));
      }
    }
    rows.sort(Comparator.comparing(Row::on).thenComparing(Row::item));
    return new Waste(prices.rates().own(), rows, unpriced);
  }

  /** Packs are sold by halves and quarters; a brush is not. */
  private static @Nullable Smaller smaller(Bought one, Money full) {
    BigDecimal used = BigDecimal.ONE.subtract(one.shareLeft());
    boolean isOnePiece =
        one.item().left().unit() == Unit.PIECE
            && one.item().size().amount().compareTo(BigDecimal.ONE) <= 0;
    if (!one.isPack() || isOnePiece || used.compareTo(HALF) > 0) {
      return null;
    }
    BigDecimal share = used.compareTo(QUARTER) > 0 ? HALF : QUARTER;
    return new Smaller(
        one.item().size().amount().multiply(share).stripTrailingZeros(),
        full.times(BigDecimal.ONE.subtract(share)).rounded());
  }

  public Money total() {
    return Money.sum(rows.stream().map(Row::lost).toList(), currency);
  }

  public Money by(DiscardCause cause) {
    return Money.sum(
        rows.stream().filter(one -> one.cause() == cause).map(Row::lost).toList(), currency);
  }

  public int items(DiscardCause cause) {
    return (int) rows.stream().filter(one -> one.cause() == cause).count();
  }

  /**
   * By the part of the work.
   *
   * @param sections of the items
   */
  public Map<Section, Money> bySection(Function<UUID, Section> sections) {
    Map<Section, Money> sums = new EnumMap<>(Section.class);
    rows.forEach(row -> sums.merge(sections.apply(row.item()), row.lost(), Money::plus));
    return sums;
  }

  /** What smaller packs would have saved. */
  public Money saved() {
    return Money.sum(
        rows.stream().map(Row::smaller).filter(Objects::nonNull).map(Smaller::saved).toList(),
        currency);
  }
}
