package gerula.core.restock.range;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.booking.NeedCode;
import gerula.core.kit.Given;
import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Money;
import gerula.core.restock.range.BuyingOrder.Buy;
import gerula.core.restock.range.BuyingOrder.Candidate;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class BuyingOrderTest {

  private static final SortedSet<KindOfWork> DRAMA = new TreeSet<>(Set.of(KindOfWork.SCREEN_DRAMA));

  private static Hole base(Double... depths) {
    return new Hole(
        NeedCode.of(ProductClass.FOUNDATION),
        new TreeSet<>(List.of(depths)),
        DRAMA,
        new TreeSet<>(),
        List.of());
  }

  private static Hole any(ProductClass one) {
    return new Hole(NeedCode.of(one), new TreeSet<>(), DRAMA, new TreeSet<>(), List.of());
  }

  private static Candidate candidate(int number, String line, Double depth, String price) {
    Product product =
        Given.thing(ProductClass.FOUNDATION, Form.CREAM)
            .id(new UUID(1, number))
            .called(line, "shade " + number)
            .depth(depth)
            .product();
    return candidate(number, product, price);
  }

  private static Candidate candidate(int number, Product product, String price) {
    return new Candidate(
        new UUID(2, number), product, new Money(new BigDecimal(price), Money.currency("EUR")));
  }

  private static List<UUID> products(BuyingOrder order) {
    return order.buys().stream().map(buy -> buy.candidate().product().id()).toList();
  }

  /** Three depths for 30 come before one for 9, and two that are met already are not bought. */
  @Test
  void whatFillsMostForItsPriceIsBoughtFirst() {
    BuyingOrder order =
        BuyingOrder.of(
            List.of(base(2.0, 3.0, 4.0, 7.0)),
            List.of(
                candidate(1, "One", 7.0, "11"),
                candidate(2, "Two", 3.0, "30"),
                candidate(3, "Three", 2.0, "25"),
                candidate(4, "Four", 10.0, "1")),
            List.of());
    assertThat(products(order)).containsExactly(new UUID(1, 2), new UUID(1, 1));
    assertThat(order.buys()).extracting(Buy::fills).containsExactly(3, 1);
    assertThat(order.notOffered()).isEmpty();
  }

  @Test
  void whatNobodyOffersIsToldTheMostMissedFirst() {
    BuyingOrder order =
        BuyingOrder.of(List.of(any(ProductClass.TWEEZERS), base(2.0, 3.0)), List.of(), List.of());
    assertThat(order.buys()).isEmpty();
    assertThat(order.notOffered())
        .extracting(one -> one.need().code())
        .containsExactly("foundation", "tweezers");
  }

  @Test
  void aNewLineIsTriedWithOneShadeAndAKnownOneIsNot() {
    List<Hole> holes = List.of(base(2.0, 5.0, 8.0));
    List<Candidate> line =
        List.of(
            candidate(1, "Line", 2.0, "20"),
            candidate(2, "Line", 5.0, "20"),
            candidate(3, "Line", 8.0, "20"));
    BuyingOrder fresh = BuyingOrder.of(holes, line, List.of());
    assertThat(fresh.buys()).extracting(Buy::trial).containsExactly(true, false, false);
    assertThat(fresh.buys())
        .extracting(Buy::after)
        .containsExactly(null, new UUID(1, 1), new UUID(1, 1));
    Product owned =
        Given.thing(ProductClass.FOUNDATION, Form.CREAM).called("Line", "owned").product();
    assertThat(BuyingOrder.of(holes, line, List.of(owned)).buys())
        .noneMatch(buy -> buy.trial() || buy.after() != null);
    assertThat(BuyingOrder.of(List.of(base(2.0)), line, List.of()).buys())
        .singleElement()
        .matches(buy -> !buy.trial());
  }

  @Test
  void whatCostsNothingComesFirstAndTiesGoByPriceThenName() {
    BuyingOrder order =
        BuyingOrder.of(
            List.of(base(2.0, 5.0, 8.0)),
            List.of(
                candidate(1, "B", 2.0, "20"),
                candidate(2, "A", 5.0, "20"),
                candidate(3, "C", 8.0, "0")),
            List.of());
    assertThat(products(order)).containsExactly(new UUID(1, 3), new UUID(1, 2), new UUID(1, 1));
  }

  static LongStream seeds() {
    return Seeds.upTo(80);
  }

  /**
   * Whatever is offered: each buy fills something new, and in the end nothing that could is left.
   */
  @ParameterizedTest
  @MethodSource("seeds")
  void everyBuyFillsSomethingAndNothingIsLeftThatCouldBeFilled(long seed) {
    Random chance = new Random(seed);
    SortedSet<Double> depths = new TreeSet<>();
    for (int at = 1 + chance.nextInt(8); at > 0; at--) {
      depths.add(1.0 + chance.nextInt(10));
    }
    List<Hole> holes = List.of(base(depths.toArray(Double[]::new)), any(ProductClass.TWEEZERS));
    List<Candidate> offered = new ArrayList<>();
    for (int at = chance.nextInt(12); at > 0; at--) {
      offered.add(
          candidate(
              at, "Line " + chance.nextInt(4), 1.0 + chance.nextInt(10), "" + chance.nextInt(40)));
    }
    BuyingOrder order = BuyingOrder.of(holes, offered, List.of());
    Set<Hole.Part> filled = new HashSet<>();
    for (Buy buy : order.buys()) {
      int before = filled.size();
      filled.addAll(holes.getFirst().filledBy(buy.candidate().product()));
      assertThat(filled.size() - before).isEqualTo(buy.fills()).isPositive();
    }
    for (Candidate one : offered) {
      assertThat(filled).containsAll(holes.getFirst().filledBy(one.product()));
    }
    assertThat(order.notOffered()).extracting(one -> one.need().code()).contains("tweezers");
  }
}
