package gerula.core.booking;

import static gerula.core.booking.GivenBooking.booking;
import static gerula.core.booking.GivenBooking.face;
import static gerula.core.booking.GivenBooking.faces;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.Sensitivity;
import gerula.core.kit.product.Trait;
import gerula.core.rule.BrushPractice;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Common practice; the amounts marked as estimates there are from memory. */
class NeedsTest {

  private static final LocalDate FIRST = GivenBooking.FIRST;

  /** Each service with all it brings, for one face of depth 5 on one day. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "SKIN_PREPARATION | cleanser 3000 ml, toner 1000 ml, eye-cream 100 ml, moisturiser 1000 ml, primer 300 ml, lip-balm 100 g, cotton-round 3",
        "GROOMING | razor 1, shaving-foam 5000 ml, after-shave 1000 ml, lip-balm 100 g, wand 1, remover-wipe 1, sharps-box one, comb one, scissors one",
        "BASE | foundation 600 ml, concealer 100 ml, setting-spray 1000 ml, wedge-sponge 2, water-spray one",
        "POWDER | face-powder 300 g, puff 1",
        "BLUSH | blush:pink 25 g, blush:peach 25 g, cotton-bud 3",
        "CONTOUR | contour:mid 50 g",
        "BRONZER | bronzer:mid 50 g",
        "HIGHLIGHT | highlighter:pale 50 g",
        "BROWS | brows:taupe 50 g, brows:dark 50 g, brow-gel 100 ml, wand 1, tweezers one",
        "EYES | eye-primer 50 ml, eyes:matte-light 25 g, eyes:matte-mid 25 g, eyes:matte-deep 25 g, eyes:shimmer 25 g, cotton-bud 4",
        "LINER | liner:black 20 g, liner-applicator 1, sharpener one",
        "MASCARA | mascara 100 ml, wand 3, small-wand 1, lash-comb one",
        "LASHES | lashes:natural 1, lashes:full 1, lash-adhesive 50 ml, lash-curler one, liner-applicator 2",
        "CLUSTER_LASHES | cluster-lashes 16, lash-adhesive 50 ml, liner-applicator 2",
        "LIPS | lips:nude-mid 34 g, lips:rose 34 g, lips:red 34 g, lip-pencil:nude-mid 7 g, lip-pencil:rose 7 g, lip-pencil:red 7 g, lip-balm 100 g, lip-applicator 2",
        "AIRBRUSH | airbrush-colour 500 ml, airbrush-cleaner 5000 ml, airbrush-gun one, compressor one, airbrush-hose one, mains-lead one, extension-lead one, face-tissue 7",
        "BODY | body-make-up 6000 ml, sealing-medium one, wedge-sponge 2, towel 1",
        "HAIR_TIDY | comb one, hair-brush one, hair-pins 10, hair-elastics 2, hair-spray 5000 ml, dry-shampoo one",
        "HAIR_STYLING | curling-iron one, hair-dryer one, heat-mat one, section-clips 12, hair-pins 30, hair-elastics 4, hair-spray 15000 ml, extension-lead one",
        "STAND_BY | face-powder 500 g, blotting-paper 4, puff 1, cotton-bud 4, face-tissue 9",
        "TAKE_OFF | remover 6000 ml, eye-remover 2000 ml, cleanser 3000 ml, moisturiser 1000 ml, cotton-round 6, remover-wipe 2",
        "TOUCH_UP_KIT | touch-up-jar 1, zip-bags 1, label 1, card 1, puff 1, remover-wipe 1, blotting-paper 2, face-powder 300 g",
        "FX_WOUND | wax-or-putty 8000 g, blood 30000 ml, barrier 2000 ml, adhesive-remover 15000 ml, stipple-sponge one, paper-towel 10",
        "FX_BLOOD | blood 30000 ml",
        "FX_AGE | liquid-latex 10000 ml, stipple-sponge one",
        "FX_BALD_CAP | bald-cap one, wig-cap one, skin-adhesive 2000 ml",
        "FX_PIECE | skin-adhesive 2000 ml, wax-or-putty 1000 g",
        "FX_HAIR | facial-hair one, hair-adhesive-lace 2000 ml",
        "FX_TATTOO | transfer one, sealing-medium 2000 ml",
        "FX_TEETH | tooth-colour 1000 ml",
        "FX_LENSES | contact-lenses one, eye-drops one"
      })
  void aServiceBrings(Service service, String brought) {
    Set<String> told = told(needs(1, Set.of(), face(5, service)));
    assertThat(told).contains(brought.split(", "));
  }

  /** What no job goes without, for one face and for six. */
  @Test
  void everyJobBrings() {
    Set<String> one = told(needs(1, Set.of(), face(5, Service.POWDER)));
    assertThat(one)
        .contains(
            "hand-sanitiser 6000 ml",
            "alcohol-70 38000 ml",
            "working-palette one",
            "spatula one",
            "face-tissue 5",
            "bin-bags one",
            "mat one",
            "mirror one",
            "clean-holder one",
            "dirty-holder one",
            "colour-change-sponge one",
            "cape one",
            "hair-clips 4",
            "cotton-bud 2",
            "gloves one",
            "client-record one",
            "label one",
            "marker one",
            "tape one",
            "clip-light one",
            "phone-charger one",
            "emergency-pouch one",
            "scissors one",
            "tweezers one",
            "lash-curler one",
            "curler-pads one",
            "brush-set 2 to 2");
    assertThat(codes(one)).doesNotContain("brush-cleaner", "touch-up-jar", "extension-lead");
    Set<String> six = told(needs(9, Set.of(), faces(6, Service.POWDER)));
    assertThat(six)
        .contains(
            "working-palette 2 to 2",
            "spatula 2 to 2",
            "brush-set 2 to 6",
            "cape 1 to 6",
            "hand-sanitiser 324000 ml",
            "alcohol-70 702000 ml",
            "face-tissue 270",
            "brush-cleaner 225000 ml");
  }

  @ParameterizedTest
  @CsvSource({"1, 2, 2", "6, 2, 2", "7, 3, 3", "12, 3, 3"})
  void aQuickDryHouseTakesTwoSetsAndFromSevenFacesOnThree(int faces, int least, int most) {
    NeedRules house = NeedRules.of(20, BrushPractice.QUICK_DRY, 3, false, false);
    Need sets = one(Needs.of(booking(1, Set.of(), faces(faces, Service.BASE)), house), "brush-set");
    assertThat(sets.amount()).isEqualTo(new Need.Shared(least, most));
  }

  @Test
  void theHouseSaysHowManyWandsAFaceTakesAndWhatPowderCosts() {
    NeedRules house = NeedRules.of(0, BrushPractice.SECOND_SET, 8, true, true);
    Set<String> told =
        told(Needs.of(booking(1, Set.of(), face(5, Service.MASCARA, Service.POWDER)), house));
    assertThat(told).contains("wand 9", "cotton-round 3", "puff 3");
  }

  /** Counted and measured alike, whole pieces. */
  @Test
  void aFifthIsKeptInReserve() {
    List<Need> needs = needs(9, Set.of(), faces(2, Service.MASCARA, Service.BASE));
    Need wands = one(needs, "wand");
    assertThat(wands.amount()).isEqualTo(new Need.Counted(54));
    // A fifth of it is 10.8, and nobody packs a part of a wand.
    assertThat(wands.withReserve()).isEqualTo(new Need.Counted(65));
    Need mascara = one(needs, "mascara");
    assertThat(((Need.Measured) mascara.amount()).thousandths()).isEqualTo(900);
    assertThat(((Need.Measured) mascara.withReserve()).thousandths()).isEqualTo(1080);
    assertThat(one(needs, "mat").withReserve()).isEqualTo(new Need.Shared(1, 1));
  }

  /** The spare pair is the reserve. */
  @ParameterizedTest
  @CsvSource({"1, 1, 1", "2, 2, 1", "3, 2, 2", "6, 4, 3"})
  void aPairAFaceAndOneSpareForAll(int faces, int natural, int full) {
    List<Need> needs = needs(1, Set.of(), faces(faces, Service.LASHES));
    assertThat(one(needs, "lashes:natural").withReserve()).isEqualTo(new Need.Counted(natural));
    assertThat(one(needs, "lashes:full").withReserve()).isEqualTo(new Need.Counted(full));
  }

  @Test
  void whatIsTakenHomeIsGivenOnceAndNotEveryDay() {
    Set<String> told = told(needs(9, Set.of(), face(5, Service.TOUCH_UP_KIT)));
    assertThat(told).contains("touch-up-jar 1", "card 1");
  }

  @Test
  void aFaceIsCountedOnTheDaysSheIsThereAndForEachOfHerLooks() {
    Face lead = face(5, Service.MASCARA);
    Face twice =
        FaceBuilder.builder(lead)
            .daysPresent(new TreeSet<>(Set.of(FIRST, FIRST.plusDays(2), FIRST.plusDays(99))))
            .looksPerDay(2)
            .build();
    assertThat(told(needs(9, Set.of(), twice))).contains("wand 12", "face-tissue 10");
    Face never =
        FaceBuilder.builder(lead).daysPresent(new TreeSet<>(Set.of(FIRST.minusDays(1)))).build();
    assertThat(codes(told(needs(9, Set.of(), never)))).doesNotContain("wand", "mascara");
  }

  @ParameterizedTest
  @CsvSource({
    "1, nude-light",
    "3.5, nude-light",
    "4, nude-mid",
    "6.5, nude-mid",
    "7, nude-deep",
    "10, nude-deep"
  })
  void theNudeFollowsTheDepth(double depth, String role) {
    assertThat(codes(told(needs(1, Set.of(), face(depth, Service.LIPS)))))
        .contains("lips:" + role, "lip-pencil:" + role, "lips:rose", "lips:red");
  }

  /** From a flower girl to a grandmother: one choice for all of them. */
  @Test
  void severalFacesChooseFromTheSameColours() {
    Face[] faces = {face(2, Service.LIPS, Service.LINER), face(8, Service.LIPS, Service.LINER)};
    List<Need> needs = needs(1, Set.of(), faces);
    assertThat(codes(told(needs)))
        .contains("lips:nude-light", "lips:nude-deep", "lips:rose", "lips:red")
        .contains("liner:black", "liner:brown");
    assertThat(one(needs, "lips:rose").faces()).containsExactly(faces);
    assertThat(codes(told(needs(1, Set.of(), faces[0])))).doesNotContain("liner:brown");
  }

  @Test
  void whoReactsToSomethingElseChoosesFromColoursOfHerOwn() {
    Face bears = face(5, Service.LIPS);
    Face reacts =
        FaceBuilder.builder(face(5, Service.LIPS))
            .sensitivities(Set.of(new Sensitivity("carmine")))
            .build();
    List<Need> roses =
        needs(1, Set.of(), bears, reacts).stream()
            .filter(need -> need.code().code().equals("lips:rose"))
            .toList();
    assertThat(roses).extracting(Need::face).containsExactlyInAnyOrder(bears, reacts);
  }

  @ParameterizedTest
  @CsvSource({
    "FAIR, brows:fair",
    "TAUPE, brows:taupe",
    "MID_BROWN, brows:mid-brown",
    "DARK, brows:dark",
    "AUBURN, brows:auburn",
    "GREY, brows:grey"
  })
  void browsFollowTheHair(Hair hair, String code) {
    Face face = FaceBuilder.builder(face(5, Service.BROWS)).hair(hair).build();
    assertThat(codes(told(needs(1, Set.of(), face))))
        .filteredOn(one -> one.startsWith("brows:"))
        .containsExactly(code);
  }

  @ParameterizedTest
  @CsvSource({
    "REDNESS, 5, correct:green",
    "DARK_CIRCLES, 6, correct:peach",
    "DARK_CIRCLES, 7, correct:orange",
    "DARK_CIRCLES, 8, correct:orange",
    "DARK_CIRCLES, 9, correct:red",
    "DARK_PATCHES, 5, correct:red",
    "BEARD_SHADOW, 4, correct:peach",
    "BEARD_SHADOW, 5, correct:orange",
    "SALLOW, 5, correct:lavender",
    "BRUISE, 5, correct:yellow",
    "TATTOO, 5, tattoo-cover"
  })
  void aConcernIsEvenedOutWithItsOwnColour(Concern concern, double depth, String code) {
    Face face = FaceBuilder.builder(face(depth, Service.CORRECT)).concerns(Set.of(concern)).build();
    assertThat(codes(told(needs(1, Set.of(), face)))).contains(code);
  }

  @Test
  void scarsAreCoveredInFull() {
    Face face = FaceBuilder.builder(face(5, Service.BASE)).concerns(Set.of(Concern.SCARS)).build();
    assertThat(needs(1, Set.of(), face))
        .anySatisfy(
            need -> {
              assertThat(need.code().code()).isEqualTo("concealer");
              assertThat(need.must()).contains(Trait.FULL_COVER);
            });
  }

  @ParameterizedTest
  @CsvSource({
    "OILY, primer, OIL_CONTROL", "OILY, face-powder, MATTE", "OILY, mascara, TUBING",
    "DRY, primer, HYDRATING", "DRY, moisturiser, RICH", "DRY, foundation, DEWY",
    "MATURE, face-powder, FINE", "MATURE, foundation, SATIN", "COMBINATION, primer, OIL_CONTROL",
    "SENSITIVE, moisturiser, FRAGRANCE_FREE"
  })
  void skinHasItsWishes(SkinType skin, String code, Trait trait) {
    Face face =
        FaceBuilder.builder(
                face(5, Service.SKIN_PREPARATION, Service.BASE, Service.POWDER, Service.MASCARA))
            .skinType(skin)
            .build();
    Face other = face(5, Service.BASE, Service.POWDER);
    List<Need> needs = needs(1, Set.of(), face, other);
    assertThat(of(needs, code, face).should()).contains(trait);
    assertThat(needs)
        .filteredOn(need -> need.faces().equals(List.of(other)))
        .allSatisfy(need -> assertThat(need.should()).doesNotContain(trait));
  }

  /** Both, by zone. */
  @Test
  void aZoneOfItsOwnHasWishesOfItsOwn() {
    Face face =
        FaceBuilder.builder(face(5, Service.SKIN_PREPARATION))
            .skinType(SkinType.DRY)
            .zones(Map.of(Zone.NOSE, SkinType.OILY))
            .build();
    assertThat(of(needs(1, Set.of(), face), "primer", face).should())
        .contains(Trait.HYDRATING, Trait.OIL_CONTROL);
  }

  /** Each condition with what it brings, and what it must not. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "DRY_COLD | lip-balm hand-cream | fan",
        "HEAT | blotting-paper fan | hand-warmer",
        "WET | sealing-medium overshoes zip-bags bag-cover | hand-warmer",
        "SNOW | overshoes zip-bags bag-cover hand-warmer | fan",
        "TEARS | sealing-medium | overshoes bag-cover",
        "SWEAT | sealing-medium puff | overshoes",
        "NO_POWER | battery-light power-bank | fan",
        "NO_WATER | water-spray remover-wipe hand-wipe | fan",
        "DIM | clip-light | power-bank",
        "NO_TABLE | brush-belt stand mat | power-bank",
        "CRAMPED | brush-belt stand | fan",
        "UNKNOWN_CATERING | snacks water | fan",
        "NIGHT | clip-light clothing hand-warmer | fan",
        "SMOKE_OR_DUST | eye-drops bag-cover cotton-round | fan",
        "POOL_OR_SEA | sealing-medium barrier towel | overshoes",
        "MASKS_OR_HELMETS | sealing-medium | overshoes",
        "DAYLIGHT | sunscreen umbrella | power-bank",
        "EARLY_CALL | remover-wipe | fan"
      })
  void aConditionBrings(Condition condition, String brought, String mustNot) {
    Set<String> told =
        codes(told(needs(1, Set.of(condition), face(5, Service.BASE, Service.MASCARA))));
    assertThat(told).contains(brought.split(" ")).doesNotContain(mustNot.split(" "));
  }

  @ParameterizedTest
  @CsvSource({
    "WET, mascara, WATERPROOF",
    "TEARS, mascara, WATERPROOF",
    "POOL_OR_SEA, foundation, WATERPROOF",
    "FLASH, face-powder, NO_FLASHBACK",
    "STROBE, face-powder, NO_FLASHBACK",
    "DRY_COLD, moisturiser, RICH",
    "HEAT, primer, OIL_CONTROL",
    "CHILDREN, moisturiser, FRAGRANCE_FREE"
  })
  void aConditionDemands(Condition condition, String code, Trait trait) {
    Face face = face(5, Service.SKIN_PREPARATION, Service.BASE, Service.POWDER, Service.MASCARA);
    assertThat(one(needs(1, Set.of(condition), face), code).must()).contains(trait);
  }

  @Test
  void flashKeepsSunProtectionAwayEvenByDay() {
    Face face = face(5, Service.BASE, Service.POWDER);
    List<Need> both = needs(1, Set.of(Condition.DAYLIGHT, Condition.FLASH), face);
    assertThat(codes(told(both))).doesNotContain("sunscreen");
    assertThat(one(both, "foundation").mustNot()).contains(Trait.SPF);
    assertThat(one(both, "face-powder").mustNot()).contains(Trait.FLASHBACK);
  }

  @Test
  void conditionsThatContradictEachOtherForceNothing() {
    Need both =
        one(
            needs(1, Set.of(Condition.DRY_COLD, Condition.HEAT), face(5, Service.SKIN_PREPARATION)),
            "moisturiser");
    assertThat(both.must()).doesNotContain(Trait.RICH);
    assertThat(both.mustNot()).doesNotContain(Trait.RICH);
  }

  /** On a set somebody stands by; a guest takes something home; nobody gets a jar a day. */
  @Test
  void aLongDayBringsStandingByOrSomethingToTakeHome() {
    Face face = face(5, Service.LIPS);
    Set<String> set = codes(told(needs(KindOfWork.SCREEN_DRAMA, Set.of(Condition.LONG_DAY), face)));
    assertThat(set).contains("blotting-paper").doesNotContain("touch-up-jar");
    Set<String> event = told(needs(KindOfWork.EVENT, Set.of(Condition.LONG_DAY), face));
    assertThat(event).contains("touch-up-jar 1");
  }

  /** Nothing to plug a lead into. */
  @Test
  void withoutPowerNobodyTakesALead() {
    Face face = face(5, Service.AIRBRUSH);
    assertThat(codes(told(needs(1, Set.of(), face)))).contains("extension-lead");
    assertThat(codes(told(needs(1, Set.of(Condition.NO_POWER), face))))
        .contains("airbrush-gun", "battery-light", "power-bank")
        .doesNotContain("extension-lead");
  }

  @Test
  void childrenWearNoLashes() {
    assertThat(
            codes(
                told(needs(1, Set.of(Condition.CHILDREN), face(3, Service.LASHES, Service.LIPS)))))
        .doesNotContain("lashes:natural", "lash-adhesive")
        .contains("lips:rose");
  }

  @Test
  void farFromAnyShopHalfAsMuchAgainIsCounted() {
    Face face = face(5, Service.MASCARA);
    assertThat(told(needs(1, Set.of(Condition.REMOTE), face))).contains("wand 5");
    assertThat(one(needs(1, Set.of(Condition.REMOTE), face), "mascara").wantsSpare()).isTrue();
  }

  @Test
  void fromFiveFacesOnThereIsASecondMascara() {
    assertThat(needs(1, Set.of(), faces(4, Service.MASCARA)))
        .filteredOn(need -> need.code().code().equals("mascara"))
        .noneMatch(Need::wantsSpare);
    assertThat(needs(1, Set.of(), faces(5, Service.MASCARA)))
        .filteredOn(need -> need.code().code().equals("mascara"))
        .allMatch(Need::wantsSpare);
  }

  /** Brings at least one thing, or names or bars something of a need; else it says nothing. */
  @ParameterizedTest
  @EnumSource(
      value = Condition.class,
      mode = EnumSource.Mode.EXCLUDE,
      names = {"LONG_CARRY", "FLIGHT", "VEHICLE_HEAT_OR_FROST", "DIM", "SHARED_ROOM"})
  void everyConditionChangesWhatIsNeeded(Condition condition) {
    Face face = face(5, Service.SKIN_PREPARATION, Service.BASE, Service.POWDER, Service.LASHES);
    assertThat(told(needs(1, Set.of(condition), face)) + "" + needs(1, Set.of(condition), face))
        .isNotEqualTo(told(needs(1, Set.of(), face)) + "" + needs(1, Set.of(), face));
  }

  @Test
  void everyNeedStandsOnceInTheOrderOfTheWorkAndHasAReason() {
    Face one = FaceBuilder.builder(face(3, Service.values())).skinType(SkinType.OILY).build();
    Face two = FaceBuilder.builder(face(8, Service.values())).skinType(SkinType.DRY).build();
    List<Need> needs = needs(3, EnumSet.allOf(Condition.class), one, two);
    record Key(NeedCode code, String variant, List<Face> faces) {}
    assertThat(needs)
        .extracting(n -> new Key(n.code(), n.variant(), n.faces()))
        .doesNotHaveDuplicates();
    assertThat(needs).allSatisfy(need -> assertThat(need.reasons()).isNotEmpty());
    assertThat(needs).extracting(Need::code).isSorted();
  }

  @Test
  void aBookingWithoutFacesNeedsNothing() {
    assertThat(needs(1, EnumSet.allOf(Condition.class))).isEmpty();
  }

  @Test
  void aBookingEndsOnOrAfterTheDayItBegins() {
    assertThatThrownBy(() -> booking(0, Set.of()))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContainingAll("2031-04-17", "2031-04-16", "swap");
    assertThatThrownBy(() -> booking(Booking.LONGEST_DAYS + 1, Set.of()))
        .isInstanceOf(IllegalArgumentException.class);
    assertThat(booking(Booking.LONGEST_DAYS, Set.of()).days()).isEqualTo(366);
  }

  private static List<Need> needs(int days, Set<Condition> conditions, Face... faces) {
    return Needs.of(booking(days, conditions, faces), HouseRules.USUAL);
  }

  private static List<Need> needs(KindOfWork kind, Set<Condition> conditions, Face... faces) {
    Booking booking =
        new Booking(UUID.randomUUID(), "job", kind, FIRST, FIRST, conditions, null, List.of(faces));
    return Needs.of(booking, HouseRules.USUAL);
  }

  private static Need one(List<Need> needs, String code) {
    return needs.stream().filter(need -> need.code().code().equals(code)).findFirst().orElseThrow();
  }

  private static Need of(List<Need> needs, String code, Face face) {
    return needs.stream()
        .filter(need -> need.code().code().equals(code) && need.faces().contains(face))
        .findFirst()
        .orElseThrow();
  }

  /** "wand 3", "moisturiser 1000 ml", "mat one", "brush-set 2 to 6". */
  private static Set<String> told(List<Need> needs) {
    return needs.stream()
        .map(
            need ->
                need.code()
                    + switch (need.amount()) {
                      case Need.Counted(long pieces) -> " " + pieces;
                      case Need.Measured(long thousandths, var unit) ->
                          " " + thousandths + " " + unit.code();
                      case Need.Shared(int pieces, int most) ->
                          most == 1 ? " one" : " " + pieces + " to " + most;
                    })
        .collect(Collectors.toSet());
  }

  private static Set<String> codes(Set<String> told) {
    return told.stream()
        .map(one -> Arrays.asList(one.split(" ")).getFirst())
        .collect(Collectors.toSet());
  }
}
