package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Condition;
import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.NeedCode;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.SpoilageReport;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Section;
import gerula.core.kit.product.Sensitivity;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The list as an artist would check it: what is taken, and why not the rest. */
class PackingListTest extends GivenList {

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
  /** Said of it or read on its label: both do for a child's skin, and neither is not enough. */
  @Test
  void whatWasReadToBeFreeOfFragranceServesWhereThatIsAskedFor() {
    conditions = Set.of(Condition.CHILDREN);
    Face child = face(5, Set.of(), Service.POWDER);
    Item unread = put(ProductClass.FACE_POWDER, Form.PRESSED_POWDER, new Quantity(9000, Unit.G));
    assertThat(gap(list(child), "face-powder").nearest())
        .containsExactly(
            new PackingFinding.Refused(unread.id(), new Refusal.Lacks(Trait.FRAGRANCE_FREE)));
    Item read =
        Given.thing(ProductClass.FACE_POWDER, Form.PRESSED_POWDER)
            .content(new Quantity(9000, Unit.G))
            .freeOf(Set.of(Sensitivity.FRAGRANCE))
            .in(store)
            .item();
    kit.add(read);
    PackingList list = list(child);
    assertThat(line(list, read).needs()).contains(NeedCode.of(ProductClass.FACE_POWDER));
    assertThat(list.lines()).extracting(PackingLine::item).doesNotContain(unread);
  }

  /**
   * Two share a choice of shadows, and one of them has her own: it comes for her and for nobody
   * else.
   */
  @Test
  void whatIsKeptForOneComesBesidesWhatAllShare() {
    Face lead = face(5, Set.of(), Service.EYES);
    Face hers = FaceBuilder.builder(lead).person(Given.person("Lead").id()).build();
    Item shared = shadow(ForWhom.EVERYBODY);
    Item own = shadow(new ForWhom.Only(Given.person("Lead")));
    Item others = shadow(new ForWhom.Only(Given.person("Somebody else")));
    PackingList list = list(hers, face(6, Set.of(), Service.EYES));
    assertThat(line(list, shared).needs()).contains(NeedCode.of(Role.EYES_MATTE_MID));
    assertThat(line(list, own).faces()).containsExactly(hers.id());
    assertThat(line(list, own).reasonsOf(TakenReason.KeptFor.class))
        .containsExactly(new TakenReason.KeptFor(hers.id()));
    assertThat(list.lines()).extracting(PackingLine::item).doesNotContain(others);
  }

  private Item shadow(ForWhom forWhom) {
    Item item =
        Given.thing(ProductClass.EYE_SHADOW, Form.PRESSED_POWDER)
            .content(new Quantity(4000, Unit.G))
            .roles(Role.EYES_MATTE_MID)
            .forWhom(forWhom)
            .in(store)
            .item();
    kit.add(item);
    return item;
  }

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
}
