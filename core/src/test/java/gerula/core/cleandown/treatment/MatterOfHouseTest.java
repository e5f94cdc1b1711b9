package gerula.core.cleandown.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gerula.core.kit.Given;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.FeltPractice;
import gerula.core.rule.Practices;
import gerula.core.rule.PracticesBuilder;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What each way of treating things means for a kit: common practice. */
class MatterOfHouseTest {

  private static final UUID STORE = new UUID(3, 1);
  private static final Pace UNKNOWN = Pace.of(0, 0, Map.of());

  /** Four powders a face and twelve faces a month, until somebody records more: from memory. */
  @Test
  void eachWayIsToldForATurnoverAndForAMonth() {
    List<Item> kit = List.of(thing(ProductClass.FACE_POWDER, Form.PRESSED_POWDER));
    MatterOfHouse.Way spray = matter(Matter.POWDER, kit, Practices.USUAL).ways().getFirst();
    assertThat(spray.turnoverSeconds()).isEqualTo(8);
    assertThat(spray.alcoholMl()).isEqualTo(48);
    assertThat(spray.lost()).isZero();
    MatterOfHouse.Way bullet =
        matter(
                Matter.BULLET,
                List.of(thing(ProductClass.LIP_COLOUR, Form.LIPSTICK_BULLET)),
                Practices.USUAL)
            .ways()
            .getFirst();
    assertThat(bullet.outcome()).isEqualTo(Outcome.ONE_PERSON);
    assertThat(bullet.lost()).isEqualTo(12);
    assertThat(matter(Matter.POWDER, List.of(), Practices.USUAL).ways().getFirst().alcoholMl())
        .isZero();
    Pace recorded = Pace.of(30, 61, Map.of(Form.PRESSED_POWDER, 60, Form.CREAM, 900));
    assertThat(recorded.isAssumed()).isFalse();
    assertThat(recorded.facesAMonth()).isCloseTo(15, within(0.1));
    assertThat(recorded.aFace(Matter.POWDER)).isEqualTo(2);
    assertThat(recorded.aFace(Matter.PENCIL)).isEqualTo(2);
    assertThat(Pace.of(4, 90, Map.of(Form.PRESSED_POWDER, 60)).isAssumed()).isTrue();
  }

  @Test
  void aDisinfectingSoapSavesTheAlcoholOfWashing() {
    List<Item> kit = List.of(thing(ProductClass.BRUSH_SET, Form.BRUSH_SYNTHETIC));
    MatterOfHouse washing = matter(Matter.WASHING, kit, Practices.USUAL);
    assertThat(washing.ways().getFirst().steps()).contains(Step.SPRAY);
    assertThat(washing.ways().getLast().steps()).contains(Step.WASH).doesNotContain(Step.SPRAY);
    assertThat(washing.ways().getFirst().turnoverSeconds())
        .isGreaterThan(washing.ways().getLast().turnoverSeconds());
    assertThat(washing.ways().getLast().alcoholMl()).isZero();
  }

  @Test
  void eachWayIsToldWithItsStepsAndFiguresForTheKit() {
    Item one = thing(ProductClass.FACE_POWDER, Form.PRESSED_POWDER);
    Item other = thing(ProductClass.EYE_SHADOW, Form.PRESSED_POWDER);
    MatterOfHouse powder = matter(Matter.POWDER, List.of(one, other), Practices.USUAL);
    assertThat(powder.items()).containsExactly(one.id(), other.id());
    assertThat(powder.holds()).isEqualTo("spray-70");
    assertThat(powder.ways())
        .extracting(MatterOfHouse.Way::code)
        .containsExactly("spray-70", "wipe-top-layer", "cosmetic-mist", "never-touch-pan");
    MatterOfHouse.Way spray = powder.ways().getFirst();
    assertThat(spray.steps()).containsExactly(Step.SPRAY, Step.DRY);
    assertThat(spray.handSeconds()).isEqualTo(4);
    assertThat(spray.readyAfterMinutes()).isEqualTo(5);
    MatterOfHouse.Way wiped = powder.ways().get(1);
    assertThat(wiped.handSeconds()).isEqualTo(30);
    assertThat(wiped.readyAfterMinutes()).isZero();
  }

  /** Hard ones for brows are treated by everybody alike; what is one person's is not shared. */
  @Test
  void onlyWhatItIsAboutIsCounted() {
    Item soft = thing(ProductClass.EYE_PENCIL, Form.TWIST_UP_PENCIL);
    Item hard = thing(ProductClass.BROW_PENCIL, Form.TWIST_UP_PENCIL);
    Item hers =
        Given.thing(ProductClass.EYE_PENCIL, Form.TWIST_UP_PENCIL)
            .forWhom(new ForWhom.Only(Given.person("Lead")))
            .in(STORE)
            .item();
    Item mine =
        Given.thing(ProductClass.EYE_PENCIL, Form.TWIST_UP_PENCIL)
            .forWhom(new ForWhom.TheArtist())
            .in(STORE)
            .item();
    List<Item> kit = List.of(soft, hard, hers, mine);
    MatterOfHouse matter = matter(Matter.SOFT_TWIST_UP, kit, Practices.USUAL);
    assertThat(matter.items()).containsExactly(soft.id());
    assertThat(matter.ways().getFirst().outcome()).isEqualTo(Outcome.ONE_PERSON);
    assertThat(matter.ways().getFirst().readyAfterMinutes()).isNull();
    assertThat(matter.ways().getFirst().handSeconds()).isZero();
  }

  @Test
  void everyMatterIsToldAndTheWayTheHouseGoesIsOneOfThem() {
    Practices house =
        PracticesBuilder.builder(Practices.USUAL)
            .felt(FeltPractice.SOAK_TIP)
            .sprayPercent(99)
            .build();
    List<MatterOfHouse> all = MatterOfHouse.of(List.of(), house, UNKNOWN);
    assertThat(all).extracting(MatterOfHouse::matter).containsExactly(Matter.values());
    for (MatterOfHouse one : all) {
      assertThat(one.ways()).extracting(MatterOfHouse.Way::code).contains(one.holds());
      for (MatterOfHouse.Way way : one.ways()) {
        boolean isAlcohol = way.steps().stream().anyMatch(Step::takesAlcohol);
        assertThat(way.findings().contains(TreatmentFinding.OUTSIDE_EFFECTIVE_RANGE))
            .isEqualTo(isAlcohol);
      }
    }
    assertThat(matter(Matter.FELT, List.of(), house).holds()).isEqualTo("soak-tip");
  }

  private static MatterOfHouse matter(Matter matter, List<Item> kit, Practices house) {
    return MatterOfHouse.of(kit, house, UNKNOWN).stream()
        .filter(one -> one.matter() == matter)
        .findFirst()
        .orElseThrow();
  }

  private static Item thing(ProductClass productClass, Form form) {
    return Given.thing(productClass, form).in(STORE).item();
  }
}
