package gerula.app.kit;

import gerula.app.kit.KitRecords.ClockView;
import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitRecords.MarkView;
import gerula.app.kit.KitRecords.MarksView;
import gerula.app.kit.KitRecords.MeasuresView;
import gerula.app.kit.KitRecords.PlaceView;
import gerula.app.kit.KitRecords.ProductView;
import gerula.app.kit.KitRecords.UseByView;
import gerula.core.dates.UseBy;
import gerula.core.kit.Item;
import gerula.core.kit.Mark;
import gerula.core.kit.Marks;
import gerula.core.kit.Measures;
import gerula.core.kit.Place;
import gerula.core.kit.Product;
import gerula.core.kit.Sensitivity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;

/** From the core's records to what the kit's addresses answer with. */
public final class KitViews {

  private KitViews() {}

  public static PlaceView of(StoredPlace stored) {
    Place place = stored.place();
    return new PlaceView(
        place.id(),
        place.parent(),
        place.name(),
        place.kind(),
        place.isPortable(),
        place.reach(),
        place.innerWidthMm(),
        place.innerDepthMm(),
        place.innerHeightMm(),
        (int) place.ownMass().grams(),
        place.greatestMass() == null ? null : (int) place.greatestMass().grams(),
        place.section(),
        stored.version());
  }

  public static ItemView of(StoredItem stored, LocalDate today, HouseRules house) {
    Item item = stored.item();
    return new ItemView(
        item.id(),
        product(stored),
        item.dates().madeOn(),
        item.dates().boughtOn(),
        item.dates().openedOn(),
        item.dates().printedExpiry(),
        item.left().amount(),
        item.home(),
        item.now(),
        item.cleanliness(),
        item.isPersonal(),
        stored.note(),
        stored.discardedOn(),
        stored.discardCause(),
        item.mass().grams(),
        marks(Marks.of(item, today, house)),
        useBy(item.useBy(house)),
        stored.version());
  }

  private static ProductView product(StoredItem stored) {
    Product product = stored.item().product();
    Measures measures = product.measuresOrEstimate();
    return new ProductView(
        product.id(),
        product.maker(),
        product.name(),
        product.shade(),
        stored.colour(),
        product.productClass(),
        product.productClass().section(),
        product.form(),
        product.content().amount(),
        product.content().unit(),
        product.depth(),
        product.traits().stream().sorted().toList(),
        product.contains().stream().sorted().map(Sensitivity::name).toList(),
        stored.periodAfterOpening(),
        new MeasuresView(
            measures.outline(),
            measures.widthMm(),
            measures.depthMm(),
            measures.heightMm(),
            measures.mass().grams(),
            product.measures() == null),
        stored.productVersion());
  }

  private static MarksView marks(Marks marks) {
    return new MarksView(
        mark(marks.place()), mark(marks.date()), mark(marks.clean()), mark(marks.amount()));
  }

  private static MarkView mark(Mark mark) {
    return new MarkView(mark.state(), mark.because());
  }

  private static UseByView useBy(UseBy useBy) {
    return new UseByView(
        useBy.lastDay(),
        useBy.replaceBy(),
        useBy.clocks().stream().map(end -> new ClockView(end.clock(), end.lastDay())).toList());
  }
}
