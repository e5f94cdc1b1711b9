package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.NeedReason;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.booking.look.Look;
import gerula.core.booking.look.LookPart;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.shade.Lab;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A look that was written down, and what it makes of the list. */
class LooksTest extends GivenList {

  LooksTest() {
    days = 1;
    bags = List.of();
  }

  private static final String ROSE = "#b5566a";
  private static final String RED = "#8e1f2c";

  @Test
  void exactlyWhatWasWrittenDownIsTakenAndNothingIsLeftToChoose() {
    Item worn = lips("Velvet rose", ROSE);
    lips("Brick red", RED);
    Face face = face(Look.Purpose.EXACTLY, part(worn.product().id(), "Velvet rose", ROSE));
    PackingList list = list(face);
    assertThat(lipsOn(list)).containsExactly(worn.id());
    assertThat(gaps(list)).noneMatch(code -> code.startsWith("lips:"));
    assertThat(list.lines().stream().flatMap(line -> line.reasons().stream()))
        .contains(new NeedReason.InLook(face.id(), true));
  }

  /** Another artist's sheet names what the kit has not: the nearest stands beside the gap. */
  @Test
  void whatIsNotOwnedIsAGapWithTheNearestBesideIt() {
    Item near = lips("Near rose", "#b25a6c");
    Item far = lips("Brick red", RED);
    PackingList list = list(face(Look.Purpose.EXACTLY, part(null, "Somebody’s rose 12", ROSE)));
    PackingFinding.Gap gap =
        list.gaps().stream()
            .filter(one -> one.need().code().equals("lips:rose"))
            .findFirst()
            .orElseThrow();
    assertThat(gap.nearest().stream().map(PackingFinding.Refused::item))
        .containsExactly(near.id(), far.id());
    assertThat(gap.nearest().getFirst().remedy()).isEqualTo(Remedy.INSTEAD);
    assertThat(gap.nearest().getFirst().reason())
        .isInstanceOfSatisfying(
            Refusal.OtherProduct.class,
            other -> {
              assertThat(other.wanted()).isEqualTo("Somebody’s rose 12");
              assertThat(other.deltaE()).isBetween(0.5, 4.0);
            });
  }

  @Test
  void asAGuideItIsAColourLikeIt() {
    Item like = lips("Other rose", "#a85468");
    lips("Brick red", RED);
    PackingList list = list(face(Look.Purpose.AS_A_GUIDE, part(null, "Velvet rose", ROSE)));
    assertThat(lipsOn(list)).containsExactly(like.id());
  }

  /** What was done is remembered and asks for nothing. */
  @Test
  void whatWasDoneAsksForNothing() {
    Face plain = face();
    Face done = face(Look.Purpose.DONE, part(null, "Velvet rose", ROSE));
    assertThat(gaps(list(done))).isEqualTo(gaps(list(plain)));
  }

  @Test
  void aMixOfTheBaseIsTakenInItsTenths() {
    Item light = base("light");
    Item deep = base("deep");
    Face face =
        face(Look.Purpose.EXACTLY, mixed(light.product().id(), 7), mixed(deep.product().id(), 3));
    PackingList list = list(FaceBuilder.builder(face).services(Set.of(Service.BASE)).build());
    assertThat(list.recipes().getFirst().parts())
        .containsExactly(
            new BaseRecipe.BasePortion(light.id(), 7), new BaseRecipe.BasePortion(deep.id(), 3));
    assertThat(list.recipes().getFirst().by()).isEqualTo(BaseRecipe.Basis.LOOK);
    assertThat(amountOf(list, light)).isEqualTo(420);
    assertThat(amountOf(list, deep)).isEqualTo(180);
  }

  /** Usual amounts of one colour, for each of three days; for a look of one day, once. */
  @ParameterizedTest
  @CsvSource({
    "LIP_COLOUR, LIPSTICK_BULLET, 300, 100",
    "LIP_PENCIL, TWIST_UP_PENCIL, 60, 20",
    "FACE_POWDER, PRESSED_POWDER, 900, 300",
    "AIRBRUSH_COLOUR, LIQUID_PUMP_OR_SQUEEZE, 1500, 500",
    "FOUNDATION, LIQUID_PUMP_OR_SQUEEZE, 1800, 600",
    "BLUSH, PRESSED_POWDER, 150, 50"
  })
  void aPartTakesWhatItUsuallyTakes(ProductClass one, Form form, long always, long once) {
    Item item = put(Given.thing(one, form).content(Quantity.millilitres(30)));
    LookPart part = new LookPart(item.product().id(), "It", one, null, LookPart.ALL, "", "", "");
    days = 3;
    assertThat(amountOf(list(face(Look.Purpose.EXACTLY, part)), item)).isEqualTo(always);
    Look look = new Look(Look.Purpose.EXACTLY, TODAY.plusDays(1), "", "", List.of(part), List.of());
    Face onceOnly = FaceBuilder.builder(face()).looks(List.of(look)).build();
    assertThat(amountOf(list(onceOnly), item)).isEqualTo(once);
  }

  /** For the other days there is still something to choose from. */
  @Test
  void aLookOfOneDayLeavesTheChoiceOfTheOthers() {
    days = 2;
    LookPart part = part(null, "Velvet rose", ROSE);
    Look look = new Look(Look.Purpose.EXACTLY, TODAY, "", "", List.of(part), List.of());
    Face face = FaceBuilder.builder(face()).looks(List.of(look)).build();
    assertThat(gaps(list(face))).contains("lips:red", "lips:nude-mid");
    assertThat(gaps(list(face(Look.Purpose.EXACTLY, part)))).doesNotContain("lips:red");
  }

  @Test
  void pairsOfLashesAreCountedByTheLook() {
    Item lashes =
        put(Given.thing(ProductClass.STRIP_LASHES, Form.LASHES).content(Quantity.pieces(20)));
    LookPart part =
        new LookPart(
            lashes.product().id(), "Lash", ProductClass.STRIP_LASHES, null, 10, "", "", "");
    days = 3;
    assertThat(amountOf(list(face(Look.Purpose.EXACTLY, part)), lashes)).isEqualTo(4000);
  }

  @Test
  void twoLooksOfOneDayContradictEachOther() {
    Look always = new Look(Look.Purpose.EXACTLY, null, "", "", List.of(), List.of());
    Look once = new Look(Look.Purpose.AS_A_GUIDE, TODAY, "", "", List.of(), List.of());
    Look later = new Look(Look.Purpose.AS_A_GUIDE, TODAY.plusDays(1), "", "", List.of(), List.of());
    Look done = new Look(Look.Purpose.DONE, TODAY, "", "", List.of(), List.of());
    assertThat(always.contradicts(once)).isTrue();
    assertThat(once.contradicts(later)).isFalse();
    assertThat(once.contradicts(done)).isFalse();
    assertThatThrownBy(() -> mixed(null, 11)).hasMessageContaining("11");
  }

  private static LookPart part(@Nullable UUID product, String told, String colour) {
    return new LookPart(
        product, told, ProductClass.LIP_COLOUR, Lab.ofSrgb(colour), LookPart.ALL, "", "", "");
  }

  private static LookPart mixed(@Nullable UUID product, int tenths) {
    return new LookPart(product, "Base", ProductClass.FOUNDATION, null, tenths, "", "", "");
  }

  private static Face face(Look.Purpose purpose, LookPart... parts) {
    Look look = new Look(purpose, null, "trial", "", Arrays.asList(parts), List.of());
    return FaceBuilder.builder(face()).looks(List.of(look)).build();
  }

  private static Face face() {
    return Face.of(new UUID(0, 5), "face", 5, SkinType.NORMAL, Set.of(Service.LIPS));
  }

  private Item lips(String shade, String colour) {
    return put(
        Given.thing(ProductClass.LIP_COLOUR, Form.LIPSTICK_BULLET)
            .called("Lip", shade)
            .coloured(colour)
            .content(new Quantity(4000, Unit.G)));
  }

  private Item base(String shade) {
    return put(
        Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE)
            .called("Base", shade)
            .content(Quantity.millilitres(30)));
  }

  private Item put(Given.Thing thing) {
    Item item = thing.in(store).item();
    kit.add(item);
    return item;
  }

  private static long amountOf(PackingList list, Item item) {
    return list.lines().stream()
        .filter(line -> line.item().id().equals(item.id()))
        .mapToLong(PackingLine::thousandths)
        .sum();
  }

  private static List<UUID> lipsOn(PackingList list) {
    return list.lines().stream()
        .filter(line -> line.item().product().productClass() == ProductClass.LIP_COLOUR)
        .map(line -> line.item().id())
        .toList();
  }

  private static List<String> gaps(PackingList list) {
    return list.gaps().stream().map(gap -> gap.need().code()).toList();
  }
}
