package gerula.core.booking;

import gerula.core.kit.item.Item;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.Code;
import gerula.core.rule.DipPractice;
import gerula.core.rule.HandPractice;
import gerula.core.rule.HouseRules;
import gerula.core.rule.HouseRulesBuilder;
import gerula.core.rule.PracticeChoice;
import gerula.core.rule.Practices;
import gerula.core.rule.PracticesBuilder;
import gerula.core.rule.PreparationPractice;
import gerula.core.rule.RangePractice;
import gerula.core.rule.RefillPractice;
import gerula.core.rule.SunPractice;
import gerula.core.rule.TouchUpPractice;
import gerula.core.rule.WandPractice;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What artists do in different ways beside cleaning, and what each way means. */
public enum OtherMatter implements Code {
  WANDS(
      WandPractice.class,
      Practices::wands,
      (house, way) -> house.wands((WandPractice) way),
      EnumSet.of(ProductClass.WAND)),
  SUN_FILTER(
      SunPractice.class,
      Practices::sunFilter,
      (house, way) -> house.sunFilter((SunPractice) way),
      EnumSet.of(ProductClass.SUNSCREEN)),
  PREPARATION(
      PreparationPractice.class,
      Practices::preparation,
      (house, way) -> house.preparation((PreparationPractice) way),
      EnumSet.of(
          ProductClass.CLEANSER,
          ProductClass.TONER,
          ProductClass.EYE_CREAM,
          ProductClass.MOISTURISER,
          ProductClass.PRIMER,
          ProductClass.LIP_BALM,
          ProductClass.COTTON_ROUND)),
  TOUCH_UP(
      TouchUpPractice.class,
      Practices::touchUp,
      (house, way) -> house.touchUp((TouchUpPractice) way),
      EnumSet.of(ProductClass.TOUCH_UP_JAR)),
  DIPS(
      DipPractice.class,
      Practices::dips,
      (house, way) -> house.dips((DipPractice) way),
      EnumSet.noneOf(ProductClass.class)),
  REFILL(
      RefillPractice.class,
      Practices::refill,
      (house, way) -> house.refill((RefillPractice) way),
      EnumSet.noneOf(ProductClass.class)),
  RANGE(
      RangePractice.class,
      Practices::range,
      (house, way) -> house.range((RangePractice) way),
      EnumSet.noneOf(ProductClass.class)),
  HAND(
      HandPractice.class,
      Practices::hand,
      (house, way) -> house.hand((HandPractice) way),
      EnumSet.of(ProductClass.WORKING_PALETTE));

  private final PracticeChoice choice;
  private final Set<ProductClass> needs;

  OtherMatter(
      Class<? extends Enum<?>> ways,
      Function<Practices, Code> held,
      BiConsumer<PracticesBuilder, Code> hold,
      Set<ProductClass> needs) {
    this.choice = new PracticeChoice(ways, held, hold);
    this.needs = needs;
  }

  /**
   * What one way means.
   *
   * @param pieces the bookings need, of what it is about
   * @param ml the same of what is measured; millilitres and grams together
   */
  public record OtherWay(String code, int pieces, double ml) {}

  /**
   * A matter as it stands in a house.
   *
   * @param things of the kit that it is about: tubes with their own applicator, decants, shades of
   *     the largest range
   * @param ways the usual one first
   */
  public record OtherMatterOfHouse(
      OtherMatter matter, String holds, int things, List<OtherWay> ways) {
    public OtherMatterOfHouse {
      ways = List.copyOf(ways);
    }
  }

  /** This matter for a kit and its bookings. */
  public OtherMatterOfHouse told(
      Collection<Item> kit, Collection<Booking> bookings, HouseRules house) {
    List<OtherWay> ways =
        choice.ways(house.practices()).entrySet().stream()
            .map(way -> way(way.getKey(), bookings, with(house, way.getValue())))
            .toList();
    return new OtherMatterOfHouse(this, choice.of(house.practices()).code(), things(kit), ways);
  }

  private static HouseRules with(HouseRules house, Practices practices) {
    return HouseRulesBuilder.builder(house).practices(practices).build();
  }

  private OtherWay way(Code code, Collection<Booking> bookings, HouseRules house) {
    List<Need> all =
        needs.isEmpty()
            ? List.of()
            : bookings.stream()
                .flatMap(booking -> Needs.of(booking, house).stream())
                .filter(this::isAbout)
                .toList();
    int pieces = 0;
    long thousandths = 0;
    for (Need need : all) {
      switch (need.amount()) {
        case Need.Counted counted -> pieces += (int) counted.pieces();
        case Need.Measured measured -> thousandths += measured.thousandths();
        case Need.Shared shared -> pieces += shared.pieces();
      }
    }
    return new OtherWay(code.code(), pieces, thousandths / 1000.0);
  }

  private boolean isAbout(Need need) {
    String kind = need.code().kind().code();
    return needs.stream().anyMatch(one -> one.code().equals(kind));
  }

  private int things(Collection<Item> kit) {
    List<Item> there = kit.stream().filter(item -> !item.isDiscarded()).toList();
    return switch (this) {
      case DIPS ->
          (int)
              there.stream()
                  .filter(item -> item.product().form() == Form.LIQUID_DIP_APPLICATOR)
                  .filter(item -> !(item.vessel() instanceof Vessel.Decant))
                  .count();
      case REFILL ->
          (int) there.stream().filter(item -> item.vessel() instanceof Vessel.Decant).count();
      case RANGE -> largestRange(there);
      default -> 0;
    };
  }

  /** So many shades the foundation has of which there are most. */
  private static int largestRange(List<Item> kit) {
    Map<String, Set<String>> ranges =
        kit.stream()
            .map(Item::product)
            .filter(one -> one.productClass() == ProductClass.FOUNDATION)
            .collect(
                Collectors.groupingBy(
                    one -> one.maker() + " " + one.name(),
                    Collectors.mapping(one -> one.shade(), Collectors.toSet())));
    return ranges.values().stream().mapToInt(Set::size).max().orElse(0);
  }
}
