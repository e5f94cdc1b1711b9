package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gerula.core.Seeds;
import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.kit.product.Sensitivity;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRulesBuilder;
import gerula.core.shade.ColourDifference;
import gerula.core.shade.Colours;
import gerula.core.shade.Lab;
import gerula.core.shade.Mixing;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Which shades of base go along, and what each face's is mixed of. */
class BaseShadesTest extends GivenList {

  BaseShadesTest() {
    days = 1;
    bags = List.of();
  }

  private static final String LIGHT = "#e4c1a1";
  private static final String DEEP = "#7a4f35";

  @Test
  void fourAndSevenAreMixedForAFaceBetweenThem() {
    Item four = base("4", one -> one.depth(4.0));
    Item seven = base("7", one -> one.depth(7.0));
    Face between = face(5.5);
    PackingList list = list(between);
    assertThat(list.gaps()).noneMatch(gap -> gap.need().code().equals("foundation"));
    assertThat(list.recipes())
        .singleElement()
        .satisfies(
            recipe -> {
              assertThat(tenths(recipe)).isEqualTo(Map.of(four.id(), 5, seven.id(), 5));
              assertThat(recipe.depth()).isEqualTo(5.5);
              assertThat(recipe.deltaE()).isNull();
              assertThat(recipe.by()).isEqualTo(BaseRecipe.Basis.DEPTH);
            });
    assertThat(line(list, four).thousandths()).isEqualTo(300);
    assertThat(line(list, four).reasons())
        .contains(new TakenReason.InRecipe(between.id(), 5, null));
  }

  /** A shade that suits alone is taken as it is, and no liquid is stirred into a cream. */
  @Test
  void whatSuitsAloneIsNotMixedAndACreamNotWithALiquid() {
    base("4", one -> one.depth(4.0));
    kit.add(
        Given.thing(ProductClass.FOUNDATION, Form.CREAM)
            .called("Cream base", "7")
            .content(Quantity.millilitres(30))
            .depth(7.0)
            .in(store)
            .item());
    assertThat(list(face(5.5)).gaps()).anyMatch(gap -> gap.need().code().equals("foundation"));
    Item five = base("5", one -> one.depth(5.0));
    assertThat(list(face(5.5)).recipes().getFirst().parts())
        .containsExactly(new BaseRecipe.BasePortion(five.id(), 10));
  }

  /** Of shades that are all too light the deepest is the nearest, and not a mix of it. */
  @Test
  void whatIsDeeperThanAllIsNearestToTheDeepest() {
    base("4", one -> one.depth(4.0));
    Item six = base("6", one -> one.depth(6.0));
    BaseRecipe nearest = list(face(9)).recipes().getFirst();
    assertThat(nearest.isMet()).isFalse();
    assertThat(nearest.parts()).containsExactly(new BaseRecipe.BasePortion(six.id(), 10));
    assertThat(nearest.depth()).isEqualTo(6);
  }

  /** It serves, since it may suit any; that nobody said so is told. */
  @Test
  void aShadeOfWhichNobodyToldTheDepthIsTakenAndThatIsSaid() {
    base("some beige", one -> one);
    BaseRecipe recipe = list(face(4)).recipes().getFirst();
    assertThat(recipe.isMet()).isTrue();
    assertThat(recipe.by()).isEqualTo(BaseRecipe.Basis.NOTHING);
  }

  @Test
  void facesOfAKnownColourAreMetByTheFewestMeasuredShades() {
    Item light = base("light", one -> one.coloured(LIGHT));
    Item deep = base("deep", one -> one.coloured(DEEP));
    base("like the mix", one -> one.coloured(mixed(6).toSrgb()));
    PackingList list =
        list(face(3, Lab.ofSrgb(LIGHT)), face(5, mixed(6)), face(9, Lab.ofSrgb(DEEP)));
    assertThat(list.recipes()).hasSize(3).allMatch(BaseRecipe::isMet);
    assertThat(tenths(list.recipes().get(1))).isEqualTo(Map.of(light.id(), 6, deep.id(), 4));
    assertThat(list.recipes().get(1).deltaE()).isLessThan(0.5);
    assertThat(taken(list)).containsExactlyInAnyOrder(light.id(), deep.id());
  }

  @Test
  void aHoleNamesTheNearestMixAndHowFarItIs() {
    Item light = base("light", one -> one.coloured(LIGHT));
    PackingList list = list(face(9, Lab.ofSrgb(DEEP)));
    double off = ColourDifference.between(Lab.ofSrgb(DEEP), Lab.ofSrgb(LIGHT));
    BaseRecipe nearest = list.recipes().getFirst();
    assertThat(nearest.isMet()).isFalse();
    assertThat(nearest.parts()).containsExactly(new BaseRecipe.BasePortion(light.id(), 10));
    assertThat(nearest.deltaE()).isCloseTo(off, within(1e-9));
    assertThat(list.gaps().getFirst().nearest())
        .contains(new PackingFinding.Refused(light.id(), new Refusal.WrongColour(off, 2)));
    house = HouseRulesBuilder.builder(house).shadeLimit(10).build();
    assertThat(list(face(4, Lab.ofSrgb("#dcb595"))).recipes().getFirst().isMet()).isTrue();
  }

  /** What was never measured goes by its depth, and the recipe says that it does. */
  @Test
  void anUnmeasuredShadeServesByDepthWhereNoMeasuredOneMatches() {
    base("far", one -> one.coloured(LIGHT).depth(2.0));
    Item unmeasured = base("unmeasured", one -> one.depth(8.5));
    BaseRecipe recipe = list(face(9, Lab.ofSrgb(DEEP))).recipes().getFirst();
    assertThat(recipe.isMet()).isTrue();
    assertThat(recipe.parts()).containsExactly(new BaseRecipe.BasePortion(unmeasured.id(), 10));
    assertThat(recipe.deltaE()).isNull();
  }

  @Test
  void theShadeSaidToBeHersIsTakenAndCountsForItsColour() {
    base("near by depth", one -> one.depth(5.0));
    Item hers = base("hers", one -> one.depth(8.0));
    Face face = FaceBuilder.builder(face(5)).matches(hers.product().id()).build();
    assertThat(taken(list(face))).containsExactly(hers.id());
    Item measured = base("measured", one -> one.coloured(DEEP));
    Face alike = FaceBuilder.builder(face(5)).matches(measured.product().id()).build();
    assertThat(list(alike).recipes().getFirst().deltaE()).isZero();
  }

  @Test
  void aMixerShiftsAShadeByThreeTenthsAtMost() {
    Item base = base("light", one -> one.coloured(LIGHT));
    Item mixer =
        Given.thing(ProductClass.MIXER, Form.LIQUID_PUMP_OR_SQUEEZE)
            .called("Mixer", "deep")
            .content(Quantity.millilitres(30))
            .coloured(DEEP)
            .in(store)
            .item();
    kit.add(mixer);
    assertThat(tenths(list(face(4, mixed(8))).recipes().getFirst()))
        .isEqualTo(Map.of(base.id(), 8, mixer.id(), 2));
    assertThat(list(face(6, mixed(5))).recipes().getFirst().isMet()).isFalse();
    assertThat(list(face(9, Lab.ofSrgb(DEEP))).recipes().getFirst().isMet()).isFalse();
  }

  @Test
  void aPinnedShadeIsUsedThoughAnotherIsNearer() {
    Lab wanted = Lab.ofSrgb(LIGHT);
    Item near = base("near", one -> one.coloured(LIGHT));
    Item pinned =
        base("off", one -> one.coloured(new Lab(wanted.l() - 1, wanted.a(), wanted.b()).toSrgb()));
    assertThat(taken(list(face(3, wanted)))).containsExactly(near.id());
    choices = Choices.NONE.pinning(pinned.id());
    assertThat(taken(list(face(3, wanted)))).containsExactly(pinned.id());
  }

  /** By depth too: what others are mixed of is used again before two more shades come along. */
  @Test
  void twoFacesBetweenTheSameShadesAreMixedOfTheSame() {
    for (double depth : new double[] {2, 3, 8, 9}) {
      base("shade " + depth, one -> one.depth(depth));
    }
    PackingList list = list(face(5.5), face(5.4), face(6));
    assertThat(list.recipes()).hasSize(3).allMatch(BaseRecipe::isMet);
    assertThat(taken(list)).hasSize(2);
  }

  @Test
  void aMixerDeepensByDepthTooAndByThreeTenthsAtMost() {
    Item four = base("4", one -> one.depth(4.0));
    Item mixer =
        Given.thing(ProductClass.MIXER, Form.LIQUID_PUMP_OR_SQUEEZE)
            .called("Mixer", "deep")
            .content(Quantity.millilitres(30))
            .depth(10.0)
            .in(store)
            .item();
    kit.add(mixer);
    assertThat(tenths(list(face(5.8)).recipes().getFirst()))
        .isEqualTo(Map.of(four.id(), 7, mixer.id(), 3));
    BaseRecipe tooDeep = list(face(7)).recipes().getFirst();
    assertThat(tooDeep.isMet()).isFalse();
    assertThat(tenths(tooDeep)).isEqualTo(Map.of(four.id(), 7, mixer.id(), 3));
  }

  /** Too little of one for a whole base is no part of a mix. */
  @Test
  void whatIsNearlyEmptyIsNotMixedIn() {
    base("4", one -> one.depth(4.0).left(Quantity.millilitres(0.1)));
    base("7", one -> one.depth(7.0));
    assertThat(list(face(5.5)).gaps()).anyMatch(gap -> gap.need().code().equals("foundation"));
  }

  /** More of the one part does not make up for what is missing of the other. */
  @Test
  void aPartThatIsNotThereInFullIsAGap() {
    base("light", one -> one.coloured(LIGHT).left(Quantity.millilitres(1)));
    base("deep", one -> one.coloured(DEEP).left(Quantity.millilitres(1)));
    Face one = face(5, mixed(5));
    assertThat(list(one).gaps()).noneMatch(gap -> gap.need().code().equals("foundation"));
    List<Face> three = List.of(one, face(5, mixed(5)), face(5, mixed(5)), face(5, mixed(5)));
    assertThat(list(three.toArray(Face[]::new)).gaps())
        .filteredOn(gap -> gap.need().code().equals("foundation"))
        .singleElement()
        .satisfies(gap -> assertThat(gap.faces()).contains(three.getLast().id()));
  }

  @Test
  void whatSheReactsToIsInNoMixOfHers() {
    base("light", one -> one.coloured(LIGHT).contains(Set.of(new Sensitivity("fragrance"))));
    base("deep", one -> one.coloured(DEEP));
    Face reacts =
        FaceBuilder.builder(face(5, mixed(5)))
            .sensitivities(Set.of(new Sensitivity("fragrance")))
            .build();
    PackingList list = list(reacts, face(5, mixed(5)));
    assertThat(list.recipes().getFirst().isMet()).isFalse();
    assertThat(list.recipes().getFirst().parts()).hasSize(1);
    assertThat(list.recipes().getLast().isMet()).isTrue();
  }

  @Test
  void whatIsInTheBagAlreadyIsUsedBeforeAnythingElse() {
    Item heavy = base("b", one -> one.coloured(LIGHT).content(Quantity.millilitres(90)));
    Item light = base("a", one -> one.coloured(LIGHT));
    assertThat(taken(list(face(3, Lab.ofSrgb(LIGHT))))).containsExactly(light.id());
    packed = Set.of(heavy.id());
    assertThat(taken(list(face(3, Lab.ofSrgb(LIGHT))))).containsExactly(heavy.id());
  }

  @Test
  void aGroupIsCountedByHeadsAndSpreadOverItsDepths() {
    for (int depth = 1; depth <= 10; depth++) {
      double suits = depth;
      base("shade " + depth, one -> one.depth(suits));
    }
    kit.add(
        Given.thing(ProductClass.PUFF, Form.SINGLE_USE)
            .content(Quantity.pieces(100))
            .in(store)
            .item());
    Face group = FaceBuilder.builder(face(2)).heads(60).depthTo(8.0).build();
    PackingList list = list(group);
    List<PackingLine> bases =
        list.lines().stream()
            .filter(line -> line.item().product().productClass() == ProductClass.FOUNDATION)
            .toList();
    assertThat(bases).allMatch(line -> line.faces().equals(List.of(group.id())));
    assertThat(bases.stream().mapToLong(PackingLine::thousandths).sum()).isEqualTo(60 * 600);
    List<Double> depths =
        bases.stream().map(line -> line.item().product().depth()).sorted().toList();
    assertThat(depths.getFirst()).isLessThanOrEqualTo(3);
    assertThat(depths.getLast()).isGreaterThanOrEqualTo(7);
    assertThat(list.gaps()).noneMatch(gap -> gap.need().code().equals("foundation"));
  }

  static LongStream seeds() {
    return Seeds.upTo(40);
  }

  /** Every recipe told is what mixing its parts gives, of shades that are on the list. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void everyRecipeIsOfThisListAndComesToWhatItSays(long seed) {
    Random random = new Random(seed);
    Colours colours = new Colours(seed);
    IntStream.range(0, 12)
        .forEach(i -> base("shade " + i, one -> one.coloured(colours.skin().toSrgb())));
    Face[] faces =
        IntStream.range(0, 1 + random.nextInt(6))
            .mapToObj(i -> face(1 + random.nextInt(10), colours.skin()))
            .toArray(Face[]::new);
    PackingList list = list(faces);
    Map<UUID, Item> items = kit.stream().collect(Collectors.toMap(Item::id, one -> one));
    assertThat(list.recipes()).hasSize(faces.length);
    for (int i = 0; i < faces.length; i++) {
      BaseRecipe recipe = list.recipes().get(i);
      Lab comesTo =
          Mixing.of(
              recipe.parts().stream()
                  .map(
                      part ->
                          new Mixing.Part(
                              Lab.ofSrgb(items.get(part.item()).product().colour()), part.tenths()))
                  .toList());
      assertThat(ColourDifference.between(faces[i].colour(), comesTo))
          .isCloseTo(recipe.deltaE(), within(1e-6));
      assertThat(recipe.isMet()).isEqualTo(recipe.deltaE() <= 2);
      if (recipe.isMet()) {
        assertThat(taken(list)).containsAll(tenths(recipe).keySet());
      }
    }
    // Ticking one off changes nothing of them.
    for (UUID one : taken(list)) {
      packed = Set.of(one);
      assertThat(list(faces).recipes()).isEqualTo(list.recipes());
    }
    Set<UUID> used =
        list.recipes().stream()
            .filter(BaseRecipe::isMet)
            .flatMap(recipe -> tenths(recipe).keySet().stream())
            .collect(Collectors.toSet());
    assertThat(taken(list)).isEqualTo(used);
  }

  private static Lab mixed(int tenthsOfLight) {
    return Mixing.of(
        List.of(
            new Mixing.Part(Lab.ofSrgb(LIGHT), tenthsOfLight),
            new Mixing.Part(Lab.ofSrgb(DEEP), 10 - tenthsOfLight)));
  }

  private static Map<UUID, Integer> tenths(BaseRecipe recipe) {
    return recipe.parts().stream()
        .collect(Collectors.toMap(BaseRecipe.BasePortion::item, BaseRecipe.BasePortion::tenths));
  }

  private static Set<UUID> taken(PackingList list) {
    return list.lines().stream()
        .filter(line -> line.section() == Section.BASE)
        .map(line -> line.item().id())
        .collect(Collectors.toSet());
  }

  private Item base(String shade, UnaryOperator<Given.Thing> as) {
    Item item =
        as.apply(
                Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE)
                    .called("Base", shade)
                    .content(Quantity.millilitres(30)))
            .in(store)
            .item();
    kit.add(item);
    return item;
  }

  private static Face face(double depth) {
    return Face.of(UUID.randomUUID(), "face", depth, SkinType.NORMAL, Set.of(Service.BASE));
  }

  private static Face face(double depth, Lab colour) {
    return FaceBuilder.builder(face(depth)).colour(colour).build();
  }
}
