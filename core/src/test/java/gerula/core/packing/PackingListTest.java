package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Booking;
import gerula.core.booking.Condition;
import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.item.SpoilageReport;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductBuilder;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Section;
import gerula.core.kit.product.Sensitivity;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The list as an artist would check it. */
class PackingListTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);
  private final UUID store = UUID.randomUUID();
  private final UUID bag = UUID.randomUUID();
  private final UUID friend = UUID.randomUUID();
  private final UUID basePouch = UUID.randomUUID();
  private final List<Item> kit = new ArrayList<>();
  private Set<UUID> packed = Set.of();
  private Set<Condition> conditions = Set.of();
  private List<UUID> bags = List.of(bag);
  private PlaceKind bagKind = PlaceKind.BACKPACK;

  @Test
  void lashesForALatexSensitiveFaceAreAGapWhenTheOnlyAdhesiveContainsLatex() {
    put(ProductClass.STRIP_LASHES, Form.LASHES, Quantity.pieces(20));
    put(ProductClass.TWEEZERS, Form.METAL_TOOL, Quantity.pieces(1));
    put(ProductClass.SCISSORS, Form.METAL_TOOL, Quantity.pieces(1));
    Item adhesive =
        put(ProductClass.LASH_ADHESIVE, Form.ADHESIVE, Quantity.millilitres(5), contains("latex"));
    Face bears = face(5, Set.of(), Service.LASHES);
    Face doesNot = face(5, Set.of("latex"), Service.LASHES);
    PackingList list = list(bears, doesNot);
    PackingFinding.Gap gap = gap(list, "lash-adhesive");
    assertThat(gap.faces()).containsExactly(doesNot.id());
    assertThat(gap.nearest())
        .containsExactly(new PackingFinding.Refused(adhesive.id(), new Refusal.Conflict("latex")));
    assertThat(line(list, adhesive).faces()).containsExactly(bears.id());
  }

  /** One read, one not: the one that was read comes first, the other is told only when taken. */
  @Test
  void anAdhesiveWhoseLabelWasReadComesFirstAndOneThatWasNotIsACaution() {
    put(ProductClass.STRIP_LASHES, Form.LASHES, Quantity.pieces(20));
    put(ProductClass.TWEEZERS, Form.METAL_TOOL, Quantity.pieces(1));
    put(ProductClass.SCISSORS, Form.METAL_TOOL, Quantity.pieces(1));
    Item unread = put(ProductClass.LASH_ADHESIVE, Form.ADHESIVE, Quantity.millilitres(5));
    Face reacts = face(5, Set.of("latex"), Service.LASHES);
    assertThat(list(reacts).findings())
        .contains(
            new PackingFinding.LabelNotChecked(
                unread.id(), new TreeSet<>(Set.of("latex")), List.of(reacts.id())));
    Item read =
        Given.thing(ProductClass.LASH_ADHESIVE, Form.ADHESIVE)
            .content(Quantity.millilitres(5))
            .freeOf(contains("latex"))
            .in(store)
            .item();
    kit.add(read);
    PackingList better = list(reacts);
    assertThat(line(better, read).faces()).containsExactly(reacts.id());
    assertThat(better.findings()).noneMatch(PackingFinding.LabelNotChecked.class::isInstance);
  }

  @Test
  void whatIsForCheeksAndLipsServesBoth() {
    palette();
    put(ProductClass.LIP_APPLICATOR, Form.SINGLE_USE, Quantity.pieces(50));
    Item tint =
        Given.thing(ProductClass.BLUSH, Form.CREAM)
            .alsoServing(ProductClass.LIP_COLOUR)
            .coloured("#b5566a")
            .content(Quantity.millilitres(10))
            .in(store)
            .item();
    kit.add(tint);
    PackingList list = list(face(5, Set.of(), Service.LIPS));
    assertThat(line(list, tint).section()).isEqualTo(Section.LIPS);
  }

  /** What is missing beside it is a gap of its own; the pencil stays on the list. */
  @Test
  void aPencilWithoutASharpenerStaysAndTheSharpenerIsAGap() {
    Item pencil =
        Given.thing(ProductClass.EYE_PENCIL, Form.SHARPENABLE_PENCIL)
            .called("Pencil", "black")
            .content(Quantity.millilitres(1))
            .in(store)
            .item();
    kit.add(pencil);
    Face face = face(5, Set.of(), Service.LINER);
    PackingList without = list(face);
    assertThat(line(without, pencil).faces()).containsExactly(face.id());
    assertThat(without.gaps()).noneMatch(gap -> gap.need().code().equals("liner:black"));
    assertThat(gap(without, "sharpener").blocks()).containsExactly(pencil.id());
    Item sharpener = put(ProductClass.SHARPENER, Form.SHARPENER, Quantity.pieces(1));
    PackingList list = list(face);
    assertThat(line(list, sharpener).reasons()).contains(new TakenReason.CompanionOf(pencil.id()));
    assertThat(list.gaps()).noneMatch(gap -> gap.need().code().equals("sharpener"));
    // The sharpener is needed wherever there is liner, and the pencil is of use again.
    assertThat(list.unmet()).isEqualTo(without.unmet() - 2);
  }

  /** Of two that would do, one is complete: that one is taken, though the other is lighter. */
  @Test
  void whatHasAllItNeedsBesideItComesFirst() {
    Item pencil =
        Given.thing(ProductClass.EYE_PENCIL, Form.SHARPENABLE_PENCIL)
            .called("Pencil", "black")
            .content(Quantity.millilitres(1))
            .in(store)
            .item();
    Item twist =
        Given.thing(ProductClass.EYE_PENCIL, Form.TWIST_UP_PENCIL)
            .called("Twist", "black")
            .content(Quantity.millilitres(3))
            .in(store)
            .item();
    kit.add(pencil);
    kit.add(twist);
    assertThat(list(face(5, Set.of(), Service.LINER)).lines())
        .extracting(PackingLine::item)
        .contains(twist)
        .doesNotContain(pencil);
  }

  @Test
  void whatTheArtistPutFirstIsTakenAndWhatHasChangedIsNot() {
    Item ordinary = put(ProductClass.FACE_POWDER, Form.PRESSED_POWDER, Quantity.millilitres(10));
    Item first =
        Given.thing(ProductClass.FACE_POWDER, Form.PRESSED_POWDER).in(store).usedFirst().item();
    Face face = face(5, Set.of(), Service.POWDER);
    assertThat(list(face).lines()).extracting(PackingLine::item).contains(ordinary);
    kit.add(first);
    assertThat(list(face).lines())
        .extracting(PackingLine::item)
        .contains(first)
        .doesNotContain(ordinary);
    kit.clear();
    SpoilageReport smells = new SpoilageReport(TODAY, Set.of(SpoilageReport.Sense.SMELL));
    Item off =
        Given.thing(ProductClass.FACE_POWDER, Form.PRESSED_POWDER)
            .in(store)
            .spoilage(smells)
            .item();
    kit.add(off);
    assertThat(gap(list(face), "face-powder").nearest())
        .containsExactly(new PackingFinding.Refused(off.id(), new Refusal.Spoiled()));
  }

  @Test
  void theDateThatCountsIsTheLastDayOfTheBooking() {
    Item ending = put(ProductClass.FACE_POWDER, Form.PRESSED_POWDER, Quantity.millilitres(10));
    kit.set(0, printed(ending, TODAY.plusDays(4)));
    Face face = face(5, Set.of(), Service.POWDER);
    PackingList list = list(face);
    assertThat(gap(list, "face-powder").nearest().getFirst().reason())
        .isEqualTo(new Refusal.RunsOut(TODAY.plusDays(4)));
    assertThat(list.findings())
        .contains(new PackingFinding.RunsOutBefore(ending.id(), TODAY.plusDays(4)));
    kit.set(0, printed(ending, TODAY.plusDays(5)));
    assertThat(list(face).gaps()).noneMatch(gap -> gap.need().code().equals("face-powder"));
  }

  @Test
  void theNearestShadeIsTakenAndOneThatIsTooFarIsNot() {
    palette();
    base(3, 20);
    Item five = base(5, 20);
    Face face = face(5.5, Set.of(), Service.BASE);
    assertThat(line(list(face), five).reasons())
        .contains(new TakenReason.SuitsDepth(face.id(), 5.5, 5));
    assertThat(gap(list(face(6.5, Set.of(), Service.BASE)), "foundation").depth()).isEqualTo(6.5);
  }

  /** Of a wheel the nearest of its shades counts, whoever sits in the chair. */
  @Test
  void aWheelOfShadesServesEveryDepthItHas() {
    palette();
    Item wheel =
        Given.thing(ProductClass.FOUNDATION, Form.CREAM)
            .content(Quantity.millilitres(30))
            .shades(2.0, 5.0, 8.0)
            .in(store)
            .item();
    kit.add(wheel);
    Face fair = face(2.5, Set.of(), Service.BASE);
    Face deep = face(8, Set.of(), Service.BASE);
    Face between = face(6.5, Set.of(), Service.BASE);
    PackingList list = list(fair, deep, between);
    assertThat(line(list, wheel).faces()).containsExactly(fair.id(), deep.id());
    assertThat(line(list, wheel).reasons())
        .contains(
            new TakenReason.SuitsDepth(fair.id(), 2.5, 2),
            new TakenReason.SuitsDepth(deep.id(), 8, 8));
    assertThat(gap(list, "foundation").nearest())
        .contains(new PackingFinding.Refused(wheel.id(), new Refusal.WrongDepth(5.0, 6.5)));
  }

  @Test
  void whatIsNearlyEmptyIsSharedOutAndTheRestIsTold() {
    palette();
    base(5, 3);
    // Six days of 0.6 ml are 3.6 ml.
    PackingFinding.Gap gap = gap(list(face(5, Set.of(), Service.BASE)), "foundation");
    assertThat(gap.shortThousandths()).isEqualTo(600);
  }

  @Test
  void rainAsksForWaterproofMascara() {
    put(ProductClass.WAND, Form.SINGLE_USE, Quantity.pieces(200));
    Item plain = put(ProductClass.MASCARA, Form.MASCARA, Quantity.millilitres(10));
    Face face = face(5, Set.of(), Service.MASCARA);
    assertThat(line(list(face), plain)).isNotNull();
    conditions = Set.of(Condition.WET);
    PackingFinding.Gap gap = gap(list(face), "mascara");
    assertThat(gap.wanted()).containsExactly(Trait.WATERPROOF);
    assertThat(gap.nearest())
        .containsExactly(
            new PackingFinding.Refused(plain.id(), new Refusal.Lacks(Trait.WATERPROOF)));
  }

  @Test
  void aThingGoesToItsHomeInTheBagElseToTheCompartmentOfItsSection() {
    palette();
    Item fromTheStore = base(5, 30);
    assertThat(line(list(face(5, Set.of(), Service.BASE)), fromTheStore).goesTo())
        .isEqualTo(basePouch);
  }

  @Test
  void whatIsPackedStaysOnTheListAndIsTakenFirst() {
    Item first = put(ProductClass.FACE_POWDER, Form.PRESSED_POWDER, Quantity.millilitres(10));
    Item second = put(ProductClass.FACE_POWDER, Form.PRESSED_POWDER, Quantity.millilitres(10));
    Item other = put(ProductClass.FAN, Form.OTHER, Quantity.pieces(1));
    packed = Set.of(second.id(), other.id());
    PackingList list = list(face(5, Set.of(), Service.POWDER));
    assertThat(list.lines()).noneMatch(line -> line.item().equals(first));
    assertThat(line(list, second).reasons()).doesNotContain(new TakenReason.AlreadyPacked());
    assertThat(line(list, other).reasons()).containsExactly(new TakenReason.AlreadyPacked());
  }

  @Test
  void aBagThatWouldBeTooHeavyIsTold() {
    put(ProductClass.HAND_SANITISER, Form.LIQUID_PUMP_OR_SQUEEZE, Quantity.millilitres(5000));
    assertThat(list(face(5, Set.of())).findings())
        .anySatisfy(
            finding ->
                assertThat(finding)
                    .isInstanceOfSatisfying(
                        PackingFinding.BagOverHeavy.class,
                        heavy -> assertThat(heavy.grams()).isGreaterThan(heavy.greatestGrams())));
  }

  @Test
  void aBagMayBeAsHeavyAsItBears() {
    Item sanitiser =
        put(ProductClass.HAND_SANITISER, Form.LIQUID_PUMP_OR_SQUEEZE, Quantity.millilitres(100));
    // Bag and pouch weigh 500 g each: 2 kg are left of 3 kg.
    kit.set(0, weighing(sanitiser, 2000));
    assertThat(list(face(5, Set.of())).findings())
        .noneMatch(PackingFinding.BagOverHeavy.class::isInstance);
    kit.set(0, weighing(sanitiser, 2001));
    assertThat(list(face(5, Set.of())).findings())
        .contains(new PackingFinding.BagOverHeavy(bag, 3001, 3000));
    assertThat(list(face(5, Set.of())).mass()).isEqualTo(Mass.ofGrams(2001));
  }

  private static Item weighing(Item item, int grams) {
    Product product =
        ProductBuilder.builder(item.product())
            .measures(new Measures(Outline.FLAT, 50, 50, 100, Mass.ofGrams(grams)))
            .build();
    return ItemBuilder.builder(item).product(product).build();
  }

  @Test
  void withoutABagEverythingIsListedAndThatIsTold() {
    Item mat = put(ProductClass.MAT, Form.TEXTILE, Quantity.pieces(1));
    bags = List.of();
    PackingList list = list(face(5, Set.of()));
    assertThat(list.findings()).contains(new PackingFinding.NoBag());
    assertThat(line(list, mat).goesTo()).isNull();
    kit.clear();
    assertThat(list(face(5, Set.of())).findings())
        .noneMatch(PackingFinding.NoBag.class::isInstance);
    bags = List.of(bag);
    kit.add(mat);
    assertThat(list(face(5, Set.of())).findings())
        .noneMatch(PackingFinding.NoBag.class::isInstance);
  }

  @Test
  void wheelsAreOfNoUseOnSandAndStairs() {
    conditions = Set.of(Condition.LONG_CARRY);
    PackingFinding wheels = new PackingFinding.WheelsOnLongCarry(bag);
    assertThat(list(face(5, Set.of())).findings()).doesNotContain(wheels);
    bagKind = PlaceKind.CASE;
    assertThat(list(face(5, Set.of())).findings()).contains(wheels);
    conditions = Set.of(Condition.WET);
    assertThat(list(face(5, Set.of())).findings()).doesNotContain(wheels);
  }

  @Test
  void whatHasItsHomeInTheBagGoesThereAndTheRestIntoTheBag() {
    Item mat = put(ProductClass.MAT, Form.TEXTILE, Quantity.pieces(1));
    assertThat(line(list(face(5, Set.of())), mat).goesTo()).isEqualTo(bag);
    kit.set(0, ItemBuilder.builder(mat).home(basePouch).build());
    assertThat(line(list(face(5, Set.of())), mat).goesTo()).isEqualTo(basePouch);
  }

  @Test
  void ofTwoMatsTheOneInTheBagIsTaken() {
    put(ProductClass.MAT, Form.TEXTILE, Quantity.pieces(1));
    Item inTheBag = put(ProductClass.MAT, Form.TEXTILE, Quantity.pieces(1));
    Item last = put(ProductClass.MAT, Form.TEXTILE, Quantity.pieces(1));
    for (int i = 0; i < 3; i++) {
      UUID id = new UUID(0, 3 - i);
      UUID now = kit.get(i).equals(inTheBag) ? basePouch : store;
      kit.set(i, ItemBuilder.builder(kit.get(i)).id(id).now(now).build());
    }
    assertThat(list(face(5, Set.of())).lines())
        .extracting(line -> line.item().id())
        .contains(new UUID(0, 2))
        .doesNotContain(last.id());
  }

  @Test
  void linesOfOneClassStandByNameAndShade() {
    palette();
    put(ProductClass.PALETTE, Form.OTHER, Quantity.pieces(1));
    packed = new HashSet<>();
    for (String name : List.of("Velvet", "Amber", "Mist")) {
      for (String shade : List.of("two", "one")) {
        Item one =
            Given.thing(ProductClass.FAN, Form.OTHER)
                .content(Quantity.pieces(1))
                .called(name, shade)
                .in(store)
                .item();
        kit.add(one);
        packed.add(one.id());
      }
    }
    assertThat(list(face(5, Set.of())).lines())
        .filteredOn(line -> line.item().product().productClass() == ProductClass.FAN)
        .extracting(line -> line.item().product().name() + " " + line.item().product().shade())
        .containsExactly(
            "Amber one", "Amber two", "Mist one", "Mist two", "Velvet one", "Velvet two");
  }

  @Test
  void anOpenOneThatEndsBeforeOthersIsUsedFirst() {
    Item ending = powder(TODAY.minusMonths(20));
    Item later = powder(TODAY.minusMonths(3));
    Face face = face(5, Set.of(), Service.POWDER);
    assertThat(line(list(face), ending).reasons())
        .contains(new TakenReason.UseFirst(TODAY.plusMonths(4)));
    kit.remove(later);
    assertThat(line(list(face), ending).reasonsOf(TakenReason.UseFirst.class)).isEmpty();
    // A sealed one that ends first is taken, but nothing of it has begun.
    kit.set(0, printed(ending, TODAY.plusDays(40)));
    assertThat(line(list(face), kit.getFirst()).reasonsOf(TakenReason.UseFirst.class)).isEmpty();
    kit.add(printed(powder(null), TODAY.plusDays(90)));
    kit.removeLast();
    assertThat(line(list(face), kit.getFirst()).reasonsOf(TakenReason.UseFirst.class)).isEmpty();
  }

  private Item powder(LocalDate openedOn) {
    Item item =
        Given.thing(ProductClass.FACE_POWDER, Form.PRESSED_POWDER)
            .dates(new PackDates(null, null, openedOn, null, null))
            .in(store)
            .item();
    kit.add(item);
    return item;
  }

  @Test
  void whatIsNotQuiteWhatAFaceWouldLikeIsTold() {
    Item satin = put(ProductClass.FACE_POWDER, Form.PRESSED_POWDER, Quantity.millilitres(10));
    Face dry = Face.of(UUID.randomUUID(), "face", 5.0, SkinType.OILY, Set.of(Service.POWDER));
    PackingList list = list(dry);
    List<PackingFinding.SecondBest> told =
        list.findings().stream()
            .filter(PackingFinding.SecondBest.class::isInstance)
            .map(PackingFinding.SecondBest.class::cast)
            .toList();
    assertThat(told).isNotEmpty().allMatch(one -> one.item().equals(satin.id()));
    Set<Trait> missed =
        told.stream().map(PackingFinding.SecondBest::trait).collect(Collectors.toSet());
    kit.set(
        0,
        Given.thing(ProductClass.FACE_POWDER, Form.PRESSED_POWDER).traits(missed).in(store).item());
    assertThat(list(dry).findings()).noneMatch(PackingFinding.SecondBest.class::isInstance);
  }

  @Test
  void aCompanionOfACompanionComesAlongForEveryFaceThatUsesIt() {
    Item brushes = put(ProductClass.BRUSH_SET, Form.BRUSH_SYNTHETIC, Quantity.pieces(1));
    Item clean = put(ProductClass.CLEAN_HOLDER, Form.OTHER, Quantity.pieces(1));
    Item dirty = put(ProductClass.DIRTY_HOLDER, Form.OTHER, Quantity.pieces(1));
    Item lashes =
        Given.thing(ProductClass.STRIP_LASHES, Form.LASHES)
            .content(Quantity.pieces(20))
            .roles(Role.LASHES_NATURAL, Role.LASHES_FULL)
            .in(store)
            .item();
    kit.add(lashes);
    put(ProductClass.LASH_ADHESIVE, Form.ADHESIVE, Quantity.millilitres(5));
    Item tweezers = put(ProductClass.TWEEZERS, Form.METAL_TOOL, Quantity.pieces(1));
    Item scissors = put(ProductClass.SCISSORS, Form.METAL_TOOL, Quantity.pieces(1));
    Face one = face(5, Set.of(), Service.LASHES, Service.POWDER);
    Face two = face(6, Set.of(), Service.LASHES, Service.POWDER);
    PackingList list = list(one, two);
    assertThat(line(list, tweezers).faces()).containsExactly(one.id(), two.id());
    assertThat(line(list, scissors).reasons()).contains(new TakenReason.CompanionOf(lashes.id()));
    // A pair a day and face, and one spare for all.
    assertThat(line(list, lashes).thousandths()).isEqualTo(13_000);
    assertThat(line(list(one), lashes).thousandths()).isEqualTo(7_000);
    for (Item holder : List.of(clean, dirty)) {
      assertThat(line(list, holder).reasons()).contains(new TakenReason.CompanionOf(brushes.id()));
      assertThat(line(list, holder).faces()).isEqualTo(line(list, brushes).faces());
    }
  }

  /** A set may be made of single brushes; with too few kinds it is none. */
  @Test
  void singleBrushesOfOneNameAreASet() {
    List<ProductClass> kinds =
        List.of(
            ProductClass.POWDER_BRUSH,
            ProductClass.BASE_BRUSH,
            ProductClass.EYE_BRUSH,
            ProductClass.LIP_BRUSH);
    List<Item> brushes = new ArrayList<>();
    for (ProductClass kind : kinds) {
      Item brush =
          Given.thing(kind, Form.BRUSH_SYNTHETIC)
              .content(Quantity.pieces(1))
              .ofSet("A")
              .in(store)
              .item();
      kit.add(brush);
      brushes.add(brush);
    }
    put(ProductClass.BRUSH_SET, Form.BRUSH_SYNTHETIC, Quantity.pieces(1));
    Face face = face(5, Set.of(), Service.POWDER);
    PackingList list = list(face);
    assertThat(list.gaps()).noneMatch(gap -> gap.need().code().equals("brush-set"));
    for (Item brush : brushes) {
      assertThat(line(list, brush).reasons()).contains(new TakenReason.OfSet("A"));
    }
    kit.remove(brushes.getFirst());
    assertThat(gap(list(face), "brush-set").shortThousandths()).isNull();
  }

  /** A circle of companions would make each wait for the other. */
  @Test
  void noThingIsInTheEndItsOwnCompanion() {
    for (ProductClass start : ProductClass.values()) {
      Set<ProductClass> reached = EnumSet.noneOf(ProductClass.class);
      reach(start, reached);
      assertThat(reached).as("companions of " + start).doesNotContain(start);
    }
  }

  private static void reach(ProductClass from, Set<ProductClass> reached) {
    for (Form form : Form.values()) {
      Product product =
          Given.thing(from, form)
              .content(Quantity.pieces(1))
              .traits(EnumSet.allOf(Trait.class))
              .product();
      boolean isUsual = form == usualForm(from);
      for (Companions.Group group :
          isUsual ? Companions.of(product) : List.<Companions.Group>of()) {
        group.anyOf().stream().filter(reached::add).forEach(next -> reach(next, reached));
      }
    }
  }

  private static Form usualForm(ProductClass productClass) {
    return switch (productClass) {
      case MASCARA, BROW_GEL -> Form.MASCARA;
      case FACE_POWDER -> Form.LOOSE_POWDER;
      case LIP_GLOSS -> Form.LIQUID_DIP_APPLICATOR;
      case EYE_PENCIL, BROW_PENCIL, LIP_PENCIL -> Form.SHARPENABLE_PENCIL;
      case FOUNDATION, CONCEALER, PRIMER, MOISTURISER, MIXING_MEDIUM -> Form.CREAM;
      default -> Form.OTHER;
    };
  }

  private PackingList list(Face... faces) {
    Booking booking =
        new Booking(
            new UUID(0, 9),
            "job",
            null,
            TODAY,
            TODAY.plusDays(5),
            conditions,
            null,
            Arrays.asList(faces));
    PlaceTree places =
        new PlaceTree(
            List.of(
                place(store, null, null, PlaceKind.STORE),
                place(friend, null, null, PlaceKind.LENT),
                place(bag, null, null, bagKind),
                place(basePouch, bag, Section.BASE, PlaceKind.POUCH)));
    return PackingList.of(
        new PackingList.PackingFacts(booking, kit, places, bags, packed, HouseRules.USUAL));
  }

  private static Place place(UUID id, UUID parent, Section section, PlaceKind kind) {
    return Given.place(kind, "place")
        .id(id)
        .in(parent)
        .weighing(500, Mass.ofGrams(3000))
        .forSection(section)
        .place();
  }

  private static Face face(double depth, Set<String> sensitivities, Service... services) {
    return FaceBuilder.builder(
            Face.of(UUID.randomUUID(), "face", depth, SkinType.NORMAL, Set.of(services)))
        .sensitivities(contains(sensitivities.toArray(String[]::new)))
        .build();
  }

  private static Set<Sensitivity> contains(String... names) {
    return Arrays.stream(names).map(Sensitivity::new).collect(java.util.stream.Collectors.toSet());
  }

  private void palette() {
    put(ProductClass.WORKING_PALETTE, Form.METAL_TOOL, Quantity.pieces(1));
    put(ProductClass.SPATULA, Form.METAL_TOOL, Quantity.pieces(1));
  }

  private Item base(double depth, double millilitres) {
    return put(
        ProductClass.FOUNDATION, Form.CREAM, Quantity.millilitres(millilitres), Set.of(), depth);
  }

  private Item put(ProductClass productClass, Form form, Quantity content) {
    return put(productClass, form, content, Set.of());
  }

  private Item put(
      ProductClass productClass, Form form, Quantity content, Set<Sensitivity> contains) {
    return put(productClass, form, content, contains, null);
  }

  private Item put(
      ProductClass productClass,
      Form form,
      Quantity content,
      Set<Sensitivity> contains,
      Double depth) {
    Item item =
        Given.thing(productClass, form)
            .content(content)
            .contains(contains)
            .depth(depth)
            .in(store)
            .item();
    kit.add(item);
    return item;
  }

  @Test
  void whatIsKeptForOnePersonIsTakenForNobodyElse() {
    assertThat(refusalOf(new ForWhom.Only(Given.person("Somebody else")), store))
        .isEqualTo(new Refusal.ForSomebodyElse("Somebody else"));
    assertThat(refusalOf(new ForWhom.TheArtist(), store)).isEqualTo(new Refusal.Personal());
  }

  /** A kit that was typed in without any place is a kit all the same. */
  @Test
  void whatHasNoPlaceYetGoesAlongAndThatIsTold() {
    Item mat = Given.thing(ProductClass.MAT, Form.TEXTILE).content(Quantity.pieces(1)).item();
    kit.add(mat);
    PackingList list = list(face(5, Set.of(), Service.POWDER));
    assertThat(mat.now()).isNull();
    assertThat(line(list, mat).goesTo()).isEqualTo(bag);
    assertThat(list.findings()).contains(new PackingFinding.PlaceNotTold(1));
  }

  @Test
  void whatIsLentCannotBePacked() {
    assertThat(refusalOf(ForWhom.EVERYBODY, friend)).isEqualTo(new Refusal.Elsewhere(friend));
    assertThat(refusalOf(ForWhom.EVERYBODY, null)).isEqualTo(new Refusal.NotLocated());
  }

  /** Why the kit's only mat is not taken. */
  private Refusal refusalOf(ForWhom forWhom, UUID now) {
    kit.clear();
    kit.add(
        Given.thing(ProductClass.MAT, Form.TEXTILE)
            .content(Quantity.pieces(1))
            .forWhom(forWhom)
            .in(store)
            .now(now)
            .item());
    return gap(list(face(5, Set.of(), Service.POWDER)), "mat").nearest().getFirst().reason();
  }

  private static Item printed(Item item, LocalDate expiry) {
    return ItemBuilder.builder(item)
        .dates(new PackDates(null, null, null, expiry, null))
        .askBackOn(null)
        .slot(null)
        .spoilage(null)
        .isUsedFirst(false)
        .isDiscarded(false)
        .build();
  }

  private static PackingFinding.Gap gap(PackingList list, String need) {
    return list.gaps().stream()
        .filter(gap -> gap.need().code().equals(need))
        .findFirst()
        .orElseThrow();
  }

  private static PackingLine line(PackingList list, Item item) {
    return list.lines().stream()
        .filter(line -> line.item().id().equals(item.id()))
        .findFirst()
        .orElseThrow();
  }
}
