package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.Service;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.shade.Lab;
import gerula.core.shade.Undertone;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A base leans to the side of the face, as far as its name says to which it leans. */
class BaseUndertonesTest extends GivenList {

  private static final Face WARM = leaning(Undertone.WARM);

  @Test
  void theShadeThatLeansAsSheDoesIsTakenBeforeOneThatIsNearer() {
    palette();
    Item cool = shade("5 cool", 5.0);
    Item warm = shade("5.6 warm", 5.6);
    PackingList list = list(WARM);
    assertThat(line(list, warm).reasons())
        .contains(new TakenReason.Leans(WARM.id(), Undertone.WARM, Undertone.WARM));
    // In case the first one fails it comes along, and is for nobody.
    assertThat(line(list, cool).faces()).isEmpty();
    assertThat(PackingList.whyNot(facts(WARM), cool.id()).answers())
        .anyMatch(answer -> answer.because() == Preferred.HER_UNDERTONE);
    assertThat(line(list(leaning(Undertone.COOL)), cool).item()).isEqualTo(cool);
    assertThat(line(list(leaning(null)), cool).reasons())
        .noneMatch(TakenReason.Leans.class::isInstance);
  }

  @Test
  void whatLeansAwayIsTakenWhereThereIsNothingElseAndTold() {
    palette();
    Item cool = shade("5 cool", 5.0);
    PackingList list = list(WARM);
    assertThat(line(list, cool).item()).isEqualTo(cool);
    assertThat(list.findings())
        .contains(
            new PackingFinding.OtherUndertone(
                cool.id(), WARM.id(), Undertone.WARM, Undertone.COOL));
  }

  /** What is not known is said, and is no reason against it. */
  @Test
  void aShadeThatDoesNotSayIsTakenAndToldAsUnknown() {
    palette();
    Item silent = shade("5", 5.0);
    PackingList list = list(WARM);
    assertThat(line(list, silent).reasons())
        .contains(new TakenReason.Leans(WARM.id(), Undertone.WARM, null));
    assertThat(list.findings()).noneMatch(PackingFinding.OtherUndertone.class::isInstance);
  }

  /** Two measured colours say more than a word. */
  @Test
  void whereColoursWereMeasuredTheyDecide() {
    palette();
    Item measured =
        Given.thing(ProductClass.FOUNDATION, Form.CREAM)
            .called("Base", "5 cool")
            .content(Quantity.millilitres(30))
            .depth(5.0)
            .coloured("#c49a78")
            .in(store)
            .item();
    kit.add(measured);
    Face seen = FaceBuilder.builder(WARM).colour(Lab.ofSrgb("#c49a78")).build();
    PackingList list = list(seen);
    assertThat(line(list, measured).reasons()).noneMatch(TakenReason.Leans.class::isInstance);
    assertThat(list.findings()).noneMatch(PackingFinding.OtherUndertone.class::isInstance);
  }

  private static Face leaning(Undertone undertone) {
    return FaceBuilder.builder(face(5, Set.of(), Service.BASE)).undertone(undertone).build();
  }

  private Item shade(String name, double depth) {
    Item item =
        Given.thing(ProductClass.FOUNDATION, Form.CREAM)
            .called("Base", name)
            .content(Quantity.millilitres(30))
            .depth(depth)
            .in(store)
            .item();
    kit.add(item);
    return item;
  }
}
