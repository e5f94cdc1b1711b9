package gerula.core.restock.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import gerula.core.booking.Booking;
import gerula.core.booking.NeedCode;
import gerula.core.kit.Given;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.kit.product.Trait;
import gerula.core.packing.Decided;
import gerula.core.packing.PackingFinding;
import gerula.core.packing.PackingLine;
import gerula.core.packing.PackingList;
import gerula.core.packing.Refusal;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.restock.stock.Stocks.Stock;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What is one stock, and what bookings take of it. */
class StocksTest {

  private static final LocalDate FIRST = LocalDate.of(2031, 4, 20);
  private static final UUID LENT = new UUID(8, 8);
  private static final PlaceTree PLACES =
      new PlaceTree(List.of(Place.bare(LENT, null, "Somebody", PlaceKind.LENT, 1)));

  private static Given.Thing wands(int number, int pieces) {
    return Given.thing(ProductClass.WAND, Form.SINGLE_USE)
        .id(new UUID(1, number))
        .called("Wands " + number, "")
        .content(Quantity.pieces(pieces));
  }

  private static Given.Thing base(int number) {
    return Given.thing(ProductClass.FOUNDATION, Form.CREAM)
        .id(new UUID(2, number))
        .called("Base", "shade " + number)
        .content(Quantity.millilitres(30));
  }

  private static PackingLine line(Item item, long thousandths, UUID... faces) {
    return line(item, thousandths, List.of(), faces);
  }

  private static PackingLine line(
      Item item, long thousandths, List<PackingLine.Use> pans, UUID... faces) {
    return new PackingLine(
        item,
        Section.BASE,
        List.of(),
        List.of(faces),
        thousandths,
        pans,
        null,
        null,
        null,
        Mass.ofGrams(1),
        List.of());
  }

  private static PackingFinding.Gap gap(
      Item near, Refusal why, Long missing, Unit unit, boolean accepted) {
    return new PackingFinding.Gap(
        NeedCode.of(near.product().productClass()),
        List.of(new UUID(9, 1), new UUID(9, 2)),
        null,
        missing,
        unit,
        Collections.emptySortedSet(),
        List.of(),
        accepted ? Decided.WITHOUT : null,
        !accepted,
        true,
        Collections.emptySortedSet(),
        List.of(new PackingFinding.Refused(near.id(), why)));
  }

  private static Stocks.Planned planned(List<PackingLine> lines, PackingFinding... findings) {
    Booking booking =
        new Booking(
            new UUID(7, 7), "Two days", null, FIRST, FIRST.plusDays(1), Set.of(), null, List.of());
    return new Stocks.Planned(
        booking, new PackingList(lines, List.of(findings), List.of(), List.of(), 0));
  }

  private static Stocks stocks(List<Item> items, Stocks.Planned... planned) {
    return new Stocks(items, PLACES, Arrays.asList(planned), HouseRules.USUAL);
  }

  private static StockFacts facts(Stocks stocks, Stock stock) {
    return stocks.of(stock, FacePace.USUAL, Baseline.NONE);
  }

  /** Two makes of wands are one stock, ordered as the larger pack; two shades of a base are two. */
  @Test
  void whatServesForTheSameIsOneStock() {
    Item few = wands(1, 50).left(Quantity.pieces(20)).item();
    Item many = wands(2, 200).left(Quantity.pieces(150)).item();
    Stocks stocks = stocks(List.of(few, many, base(1).item(), base(2).item()));
    assertThat(stocks.all()).hasSize(3);
    Stock one =
        stocks.all().stream()
            .filter(stock -> stock.products().size() == 2)
            .findFirst()
            .orElseThrow();
    assertThat(one.product().id()).isEqualTo(many.id());
    assertThat(one.products()).containsExactlyInAnyOrder(few.id(), many.id());
    StockFacts facts = facts(stocks, one);
    assertThat(facts.isCounted()).isTrue();
    assertThat(facts.packs().stream().mapToDouble(StockPack::amount).sum()).isEqualTo(170);
    Stock shade =
        stocks.all().stream()
            .filter(stock -> stock.product().id().equals(base(1).item().id()))
            .findFirst()
            .orElseThrow();
    assertThat(facts(stocks, shade).isCounted()).isFalse();
    assertThat(facts(stocks, shade).packs()).hasSize(1);
  }

  @Test
  void whatHasAShadeADepthOrOtherTraitsStandsByItself() {
    Given.Thing cream = Given.thing(ProductClass.MOISTURISER, Form.CREAM);
    List<Item> all =
        List.of(
            cream.id(new UUID(3, 1)).called("Cream", "").item(),
            cream.id(new UUID(3, 2)).called("Cream", "rich").item(),
            cream.id(new UUID(3, 3)).called("Cream", "").depth(3.0).item(),
            cream.id(new UUID(3, 4)).depth(null).traits(Set.of(Trait.MATTE)).item());
    assertThat(stocks(all).all()).hasSize(4);
    Given.Thing palette = Given.thing(ProductClass.MOISTURISER, Form.CREAM).shades(2.0, 4.0);
    assertThat(
            stocks(List.of(all.getFirst(), palette.id(new UUID(3, 5)).called("Palette", "").item()))
                .all())
        .hasSize(2);
  }

  @Test
  void whatIsLentKeptForOneStoppedOrSpoiltCountsForNobody() {
    List<Item> all =
        List.of(
            wands(1, 50).now(LENT).item(),
            wands(2, 50).forWhom(new ForWhom.TheArtist()).item(),
            wands(3, 50).forWhom(new ForWhom.Only(Given.person("Ada"))).item(),
            wands(4, 50).cleanliness(Cleanliness.CONTAMINATED).item(),
            wands(5, 50).discarded(true).item());
    assertThat(stocks(all).all()).isEmpty();
    Item there = wands(6, 50).item();
    assertThat(stocks(List.of(there)).all()).hasSize(1);
  }

  /** What a list takes holds the house's reserve of a fifth: twelve wands are ten for the faces. */
  @Test
  void aListTakesWhatItTakesWithoutItsReserve() {
    Item box = wands(1, 200).item();
    Item bottle = base(1).item();
    Item mirror = Given.thing(ProductClass.MIRROR, Form.OTHER).content(Quantity.pieces(1)).item();
    Stocks stocks =
        stocks(
            List.of(box, bottle, mirror),
            planned(
                List.of(
                    line(box, 12_000, new UUID(9, 1), new UUID(9, 2)),
                    line(bottle, 1_440),
                    line(mirror, 1_000))));
    BookingUse wands = use(stocks, box);
    assertThat(wands.amount()).isCloseTo(10, within(1e-9));
    // Counted: two faces on two days.
    assertThat(wands.faces()).isEqualTo(4);
    assertThat(wands.firstDay()).isEqualTo(FIRST);
    BookingUse foundation = use(stocks, bottle);
    assertThat(foundation.amount()).isCloseTo(1.2, within(1e-9));
    // 0.6 ml a face, common practice.
    assertThat(foundation.faces()).isCloseTo(2, within(1e-9));
    assertThat(stocks.all())
        .filteredOn(stock -> stock.product().productClass() == ProductClass.MIRROR)
        .allSatisfy(stock -> assertThat(facts(stocks, stock).bookings()).isEmpty());
  }

  private static BookingUse use(Stocks stocks, Item item) {
    Stock stock =
        stocks.all().stream()
            .filter(one -> one.products().contains(item.product().id()))
            .findFirst()
            .orElseThrow();
    assertThat(facts(stocks, stock).bookings()).hasSize(1);
    return facts(stocks, stock).bookings().getFirst();
  }

  /** What is missing of something that is there counts whole; it came without its reserve. */
  @Test
  void whatIsMissingCountsToo() {
    Item box = wands(1, 200).left(Quantity.pieces(8)).item();
    Stocks stocks =
        stocks(
            List.of(box),
            planned(
                List.of(line(box, 8_000)),
                gap(box, new Refusal.UsedUp(), 4_000L, Unit.PIECE, false)));
    assertThat(use(stocks, box).amount()).isCloseTo(12, within(1e-9));
    assertThat(use(stocks, box).faces()).isEqualTo(4);
    Stocks ends =
        stocks(
            List.of(box),
            planned(List.of(), gap(box, new Refusal.RunsOut(FIRST), 4_000L, Unit.PIECE, false)));
    assertThat(use(ends, box).amount()).isCloseTo(4, within(1e-9));
  }

  @Test
  void whatIsDoneWithoutOrMissingForAnotherReasonIsNoDemand() {
    Item box = wands(1, 200).item();
    for (PackingFinding.Gap gap :
        List.of(
            gap(box, new Refusal.UsedUp(), 4_000L, Unit.PIECE, true),
            gap(box, new Refusal.UsedUp(), null, null, false),
            gap(box, new Refusal.UsedUp(), 4_000L, Unit.ML, false),
            gap(box, new Refusal.Contaminated(), 4_000L, Unit.PIECE, false))) {
      Stocks stocks = stocks(List.of(box), planned(List.of(), gap));
      assertThat(facts(stocks, stocks.all().getFirst()).bookings()).isEmpty();
    }
  }

  @Test
  void whatAListUsesUpIsToldItemByItem() {
    Item box = wands(1, 200).item();
    Item mirror = Given.thing(ProductClass.MIRROR, Form.OTHER).content(Quantity.pieces(1)).item();
    Item base = base(2).item();
    Item pan = base(3).item();
    PackingLine palette =
        line(
            Given.thing(ProductClass.PALETTE, Form.OTHER).item(),
            0,
            List.of(new PackingLine.Use(pan, 1_500)));
    PackingList list =
        planned(
                List.of(
                    line(box, 12_000),
                    line(mirror, 1_000),
                    line(base(1).item(), 0),
                    line(base, 6_000),
                    palette))
            .list();
    // Of what is counted out the reserve comes home; what is measured is told without.
    assertThat(ListedUse.of(list, HouseRules.USUAL))
        .extracting(ListedUse::item, use -> use.amount().doubleValue())
        .containsExactly(tuple(box, 10.0), tuple(base, 6.0), tuple(pan, 1.5));
    assertThat(Stocks.usual(base(1).product())).isCloseTo(0.6, within(1e-9));
    assertThat(Stocks.usual(wands(1, 9).product())).isZero();
  }
}
