package gerula.core.restock.shop;

import gerula.core.quantity.Money;
import gerula.core.restock.money.Rates;
import gerula.core.restock.offer.DiscountTerms;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Shops and what they offer, in one's own money by the typed rates. Those in money without a rate
 * stay as they are, and are not compared.
 *
 * @param worth what one unit of a shop's money is worth, by shop; only of those in other money
 */
public record InOwnMoney(List<Shop> shops, List<ShopOffer> offers, Map<UUID, BigDecimal> worth) {

  private static final int DECIMALS = 4;

  public InOwnMoney {
    shops = List.copyOf(shops);
    offers = List.copyOf(offers);
    worth = Map.copyOf(worth);
  }

  public static InOwnMoney of(List<Shop> shops, List<ShopOffer> offers, Rates rates) {
    Map<UUID, BigDecimal> worth = new HashMap<>();
    for (Shop shop : shops) {
      worthOf(shop, rates).ifPresent(rate -> worth.put(shop.id(), rate));
    }
    String own = rates.own().getCurrencyCode();
    return new InOwnMoney(
        shops.stream().map(shop -> shop(shop, worth.get(shop.id()), own)).toList(),
        offers.stream().map(offer -> offer(offer, worth.get(offer.shop()))).toList(),
        worth);
  }

  private static Optional<BigDecimal> worthOf(Shop shop, Rates rates) {
    return Money.told(BigDecimal.ONE, shop.currency())
        .filter(one -> !one.currency().equals(rates.own()))
        .flatMap(rates::inOwn)
        .map(Money::amount);
  }

  private static Shop shop(Shop one, @Nullable BigDecimal rate, String own) {
    return rate == null
        ? one
        : new Shop(
            one.id(),
            one.name(),
            one.deliveryDays(),
            one.workingDays(),
            times(one.shipping(), rate),
            one.freeFrom() == null ? null : times(one.freeFrom(), rate),
            one.leastOrder() == null ? null : times(one.leastOrder(), rate),
            own,
            one.professionalPercent(),
            one.proofUntil());
  }

  private static ShopOffer offer(ShopOffer one, @Nullable BigDecimal rate) {
    if (rate == null) {
      return one;
    }
    DiscountTerms terms = one.discount();
    BigDecimal off = terms.amount();
    return new ShopOffer(
        one.id(),
        one.shop(),
        one.product(),
        one.packs(),
        times(one.price(), rate),
        new DiscountTerms(
            terms.kind(),
            terms.percent(),
            off == null ? null : times(off, rate),
            terms.fromPacks()),
        one.until(),
        one.most(),
        one.notedOn(),
        one.endedOn());
  }

  private static BigDecimal times(BigDecimal amount, BigDecimal rate) {
    return amount.multiply(rate).setScale(DECIMALS, RoundingMode.HALF_EVEN);
  }
}
