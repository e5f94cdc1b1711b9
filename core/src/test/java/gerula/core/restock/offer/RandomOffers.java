package gerula.core.restock.offer;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Needs, shops and offers drawn by chance. */
public record RandomOffers(List<OfferNeed> needs, List<OfferShop> shops, List<Offer> offers) {

  public static RandomOffers of(long seed, int needs, int shops, int offers, int mostPieces) {
    Random chance = new Random(seed);
    List<OfferNeed> wanted = new ArrayList<>();
    for (int at = 0; at < needs; at++) {
      int pieces = 1 + chance.nextInt(mostPieces);
      int usable = pieces + chance.nextInt(mostPieces + 2) - (chance.nextInt(5) == 0 ? 1 : 0);
      wanted.add(new OfferNeed("need" + at, pieces, usable, 1 + chance.nextInt(4)));
    }
    List<OfferShop> open = new ArrayList<>();
    for (int at = 0; at < shops; at++) {
      open.add(
          new OfferShop(
              "shop" + at,
              cents(chance.nextInt(900)),
              chance.nextBoolean() ? cents(500 + chance.nextInt(6_000)) : null));
    }
    List<Offer> told = new ArrayList<>();
    for (int at = 0; at < offers; at++) {
      String need = "need" + (at < needs ? at : chance.nextInt(needs));
      int pack = chance.nextInt(3) == 0 ? 2 + chance.nextInt(4) : 1;
      BigDecimal price = cents(150 * pack + chance.nextInt(1_200 * pack));
      Integer most = chance.nextInt(4) == 0 ? 1 + chance.nextInt(3) : null;
      told.add(
          new Offer(
              "offer" + at,
              "shop" + chance.nextInt(shops),
              need,
              pack,
              price,
              discount(chance),
              most));
    }
    return new RandomOffers(wanted, open, told);
  }

  private static BigDecimal cents(long cents) {
    return BigDecimal.valueOf(cents, 2);
  }

  private static Discount discount(Random chance) {
    return switch (chance.nextInt(9)) {
      case 0 -> new Discount.Percent(BigDecimal.valueOf(5 + chance.nextInt(30)));
      case 1 -> new Discount.SecondHalfPrice();
      case 2 -> new Discount.ThreeForTwo();
      case 3 -> new Discount.Fixed(cents(10 + chance.nextInt(140)));
      case 4 ->
          new Discount.FromAmount(
              BigDecimal.valueOf(10 + chance.nextInt(30)), 2 + chance.nextInt(2));
      default -> new Discount.None();
    };
  }
}
