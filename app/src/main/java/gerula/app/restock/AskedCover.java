package gerula.app.restock;

import gerula.app.platform.web.Facts;
import gerula.core.restock.offer.CheapestCover;
import gerula.core.restock.offer.Discount;
import gerula.core.restock.offer.DiscountKind;
import gerula.core.restock.offer.DiscountTerms;
import gerula.core.restock.offer.Offer;
import gerula.core.restock.offer.OfferNeed;
import gerula.core.restock.offer.OfferShop;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Reads what the cheapest cover is asked for, and tells every fault of it. */
final class AskedCover {

  static final int MOST_NEEDS = 200;
  static final int MOST_SHOPS = 60;
  static final int MOST_OFFERS = 2_000;

  private final Facts facts;
  private final Set<String> needs = new HashSet<>();
  private final Set<String> shops = new HashSet<>();
  private final Set<String> offers = new HashSet<>();

  private AskedCover(Facts facts) {
    this.facts = facts;
  }

  static Optional<CheapestCover> cover(Facts facts) {
    return new AskedCover(facts).read();
  }

  private Optional<CheapestCover> read() {
    for (String list : List.of("needs", "shops", "offers")) {
      facts.required(list, Optional::of);
    }
    Map<String, Integer> priorities = facts.wholes("priorities");
    List<OfferNeed> asked = facts.list("needs", MOST_NEEDS, part -> need(part, priorities));
    List<OfferShop> sellers = facts.list("shops", MOST_SHOPS, this::shop);
    List<Offer> sold = facts.list("offers", MOST_OFFERS, this::offer);
    Optional<BigDecimal> budget = facts.money("budget");
    budget.ifPresent(
        told ->
            facts
                .faults()
                .unless(told.signum() >= 0, "budget", "out-of-range", "A budget is 0 or more."));
    priorities.keySet().forEach(need -> known(facts, "priorities." + need, need, needs, "needs"));
    return facts.faults().found().isEmpty()
        ? Optional.of(CheapestCover.of(asked, sellers, sold, budget.orElse(null)))
        : Optional.empty();
  }

  private static void known(Facts facts, String path, String id, Set<String> known, String list) {
    facts
        .faults()
        .unless(
            known.contains(id),
            path,
            "unknown-id",
            "There is no " + id + " among the " + list + ".");
  }

  private Optional<OfferNeed> need(Facts part, Map<String, Integer> priorities) {
    Optional<String> id = part.ownId(needs);
    Optional<Integer> pieces = part.required("pieces", part::whole);
    Optional<Integer> usable = part.whole("mostUsable");
    if (id.isEmpty() || pieces.isEmpty()) {
      return Optional.empty();
    }
    int priority = priorities.getOrDefault(id.get(), OfferNeed.LAST_PRIORITY);
    return part.faults()
        .build(
            part.at("pieces"),
            () ->
                new OfferNeed(id.get(), pieces.get(), usable.orElse(Integer.MAX_VALUE), priority));
  }

  private Optional<OfferShop> shop(Facts part) {
    Optional<String> id = part.ownId(shops);
    Optional<BigDecimal> shipping = part.required("shipping", part::money);
    Optional<BigDecimal> freeFrom = part.money("freeFrom");
    if (id.isEmpty() || shipping.isEmpty()) {
      return Optional.empty();
    }
    return part.faults()
        .build(
            part.at("shipping"),
            () -> new OfferShop(id.get(), shipping.get(), freeFrom.orElse(null)));
  }

  private Optional<Offer> offer(Facts part) {
    Optional<String> id = part.ownId(offers);
    Optional<String> shop = part.required("shop", part::text);
    Optional<String> need = part.required("need", part::text);
    shop.ifPresent(told -> known(part, part.at("shop"), told, shops, "shops"));
    need.ifPresent(told -> known(part, part.at("need"), told, needs, "needs"));
    Optional<Integer> pieces = part.required("packPieces", part::whole);
    Optional<BigDecimal> price = part.required("price", part::money);
    Optional<Discount> discount =
        part.isTold("discount")
            ? part.object("discount", AskedCover::discount)
            : Optional.of(new Discount.None());
    Optional<Integer> most = part.whole("most");
    if (id.isEmpty()
        || shop.isEmpty()
        || need.isEmpty()
        || pieces.isEmpty()
        || price.isEmpty()
        || discount.isEmpty()) {
      return Optional.empty();
    }
    return part.faults()
        .build(
            part.at("packPieces"),
            () ->
                new Offer(
                    id.get(),
                    shop.get(),
                    need.get(),
                    pieces.get(),
                    price.get(),
                    discount.get(),
                    most.orElse(null)));
  }

  /** What a kind does not need may stand there and says nothing. */
  private static Optional<Discount> discount(Facts part) {
    boolean isNone = part.text("kind").filter("none"::equals).isPresent();
    Optional<DiscountKind> kind = isNone ? Optional.empty() : part.code("kind", DiscountKind.class);
    DiscountTerms terms =
        new DiscountTerms(
            kind.orElse(null),
            part.number("percent").orElse(null),
            part.money("amount").orElse(null),
            part.whole("fromPacks").orElse(null));
    return part.faults().build(part.at(decisive(terms)), terms::toDiscount);
  }

  /** The field at which it is told what is wrong with a discount. */
  private static String decisive(DiscountTerms terms) {
    if (terms.kind() == DiscountKind.FIXED) {
      return "amount";
    }
    boolean isPercentFine =
        terms.percent() != null
            && terms.percent().signum() >= 0
            && terms.percent().compareTo(Discount.HUNDRED) <= 0;
    return isPercentFine ? "fromPacks" : "percent";
  }
}
