package gerula.app.kit;

import gerula.app.kit.KitRecords.ClockView;
import gerula.app.kit.KitRecords.DecantView;
import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitRecords.MarkView;
import gerula.app.kit.KitRecords.MarksView;
import gerula.app.kit.KitRecords.MeasuresView;
import gerula.app.kit.KitRecords.PlaceView;
import gerula.app.kit.KitRecords.ProductView;
import gerula.app.kit.KitRecords.SpoilageView;
import gerula.app.kit.KitRecords.UseByView;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceDraft;
import gerula.app.kit.place.StoredPlace;
import gerula.core.dates.UseBy;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.Level;
import gerula.core.kit.item.Mark;
import gerula.core.kit.item.Marks;
import gerula.core.kit.item.SpoilageReport;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.Sensitivity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** From the core's records to what the kit's addresses answer with. */
public final class KitViews {

  private final PlaceTree places;
  private final LocalDate today;
  private final HouseRules house;

  /**
   * @param places all of the workspace: marks tell where a thing is
   * @param today the day for which marks are told
   */
  public KitViews(PlaceTree places, LocalDate today, HouseRules house) {
    this.places = places;
    this.today = today;
    this.house = house;
  }

  public static PlaceView of(StoredPlace stored, int walk, int things) {
    Place place = stored.place();
    Inside inside = place.inside();
    return new PlaceView(
        place.id(),
        place.parent(),
        place.name(),
        place.kind(),
        place.isPortable(),
        place.reach(),
        inside.widthMm(),
        inside.depthMm(),
        inside.heightMm(),
        (int) place.ownMass().grams(),
        place.greatestMass() == null ? null : (int) place.greatestMass().grams(),
        place.purpose().section(),
        place.home(),
        slots(inside.slots()),
        inside.isSealed(),
        stored.windowed(),
        stored.worn(),
        place.purpose().allowed().stream().sorted().toList(),
        stored.person() == null ? null : stored.person().name(),
        stored.person() == null ? null : stored.person().id(),
        place.thing(),
        stored.note(),
        stored.code(),
        walk,
        things,
        stored.version());
  }

  private static PlaceDraft.@Nullable SlotsDraft slots(Inside.@Nullable Slots slots) {
    return slots == null
        ? null
        : new PlaceDraft.SlotsDraft(
            slots.count(), slots.widthMm(), slots.depthMm(), slots.heightMm());
  }

  public List<ItemView> of(Collection<StoredItem> stored) {
    return stored.stream().map(this::of).toList();
  }

  public ItemView of(StoredItem stored) {
    Item item = stored.item();
    StoredItem.ItemDetails details = stored.details();
    return new ItemView(
        item.id(),
        product(stored),
        item.dates().madeOn(),
        item.dates().boughtOn(),
        item.dates().openedOn(),
        item.dates().printedExpiry(),
        item.isSealed(),
        details.code(),
        item.left().amount(),
        item.size().amount(),
        Level.nearest(item.left(), item.size()),
        item.isDecantable(),
        item.home(),
        item.now(),
        item.cleanliness(),
        item.clean().since(),
        item.clean().by(),
        item.clean().until(),
        item.forWhom() instanceof ForWhom.TheArtist,
        item.forWhom() instanceof ForWhom.Only only ? only.person().name() : null,
        item.forWhom() instanceof ForWhom.Only only ? only.person().id() : null,
        details.note(),
        details.batch(),
        details.price(),
        details.currency(),
        details.favourite(),
        details.rare(),
        details.brushSet(),
        decant(item),
        item.askBackOn(),
        details.pictureId(),
        item.slot(),
        spoilage(item),
        details.brokenPackOn(),
        details.washedOn(),
        item.isUsedFirst(),
        details.keptOn(),
        details.discardedOn(),
        details.discardCause(),
        item.mass().grams(),
        marks(Marks.of(item, places, today, house)),
        useBy(item.useBy(house)),
        stored.version());
  }

  private static @Nullable SpoilageView spoilage(Item item) {
    SpoilageReport spoilage = item.spoilage();
    return spoilage == null
        ? null
        : new SpoilageView(spoilage.on(), spoilage.what().stream().sorted().toList());
  }

  private static @Nullable DecantView decant(Item item) {
    return item.vessel() instanceof Vessel.Decant decant
        ? new DecantView(
            decant.container(),
            decant.size().amount(),
            measures(item.measures(), item.isEstimated()))
        : null;
  }

  private static ProductView product(StoredItem stored) {
    Product product = stored.item().product();
    StoredItem.ProductDetails details = stored.of();
    return new ProductView(
        product.id(),
        product.maker(),
        product.name(),
        product.shade(),
        details.colour(),
        product.productClass(),
        product.productClass().section(),
        product.form(),
        product.content().amount(),
        product.content().unit(),
        product.depth(),
        product.traits().stream().sorted().toList(),
        product.contains().stream().sorted().map(Sensitivity::name).toList(),
        details.periodAfterOpening(),
        measures(product.measuresOrEstimate(), product.measures() == null),
        details.finish(),
        details.coverage(),
        details.spf(),
        details.wattHours(),
        details.packCode(),
        stored.productVersion());
  }

  private static MeasuresView measures(Measures measures, boolean estimated) {
    return new MeasuresView(
        measures.outline(),
        measures.widthMm(),
        measures.depthMm(),
        measures.heightMm(),
        measures.mass().grams(),
        estimated);
  }

  private static MarksView marks(Marks marks) {
    return new MarksView(
        mark(marks.place()), mark(marks.date()), mark(marks.clean()), mark(marks.amount()));
  }

  private static MarkView mark(Mark mark) {
    return new MarkView(mark.state(), mark.reason());
  }

  private static UseByView useBy(UseBy useBy) {
    return new UseByView(
        useBy.lastDay(),
        useBy.replaceBy(),
        useBy.clocks().stream().map(end -> new ClockView(end.clock(), end.lastDay())).toList());
  }
}
