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
import gerula.app.kit.product.LabelAnswer;
import gerula.app.kit.product.ShadeDraft;
import gerula.core.dates.UseBy;
import gerula.core.kit.item.Cleanliness;
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
import gerula.core.kit.product.Roles;
import gerula.core.kit.product.Sensitivity;
import gerula.core.rule.HouseRules;
import java.time.Instant;
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

  /**
   * @param tree of all places
   * @param walk its number on the way through them
   */
  public static PlaceView of(
      StoredPlace stored, PlaceTree tree, int walk, int things, Instant now) {
    Place place = stored.place();
    Inside inside = place.inside();
    return PlaceViewBuilder.stagedBuilder()
        .id(place.id())
        .parent(place.parent())
        .name(place.name())
        .kind(place.kind())
        .portable(place.isPortable())
        .bag(tree.canBeTaken(place))
        .reach(place.reach())
        .innerWidthMm(inside.widthMm())
        .innerDepthMm(inside.depthMm())
        .innerHeightMm(inside.heightMm())
        .ownMassG((int) place.ownMass().grams())
        .greatestMassG(place.greatestMass() == null ? null : (int) place.greatestMass().grams())
        .section(place.purpose().section())
        .home(place.home())
        .slots(slots(inside.slots()))
        .sealed(inside.isSealed())
        .windowed(stored.windowed())
        .worn(stored.worn())
        .allowed(place.purpose().allowed().stream().sorted().toList())
        .performer(stored.person() == null ? null : stored.person().name())
        .personId(stored.person() == null ? null : stored.person().id())
        .thing(place.thing())
        .note(stored.note())
        .estimated(stored.estimated())
        .setContents(place.setContents())
        .use(place.purpose().use())
        .carrier(place.kind().isCarrier())
        .cleanliness(place.carrier().at(now))
        .cleanUntil(
            place.carrier().at(now) == Cleanliness.DRYING ? place.carrier().wetUntil() : null)
        .code(stored.code())
        .walk(walk)
        .things(things)
        .version(stored.version())
        .build();
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
    return ItemViewBuilder.stagedBuilder()
        .id(item.id())
        .product(product(stored))
        .madeOn(item.dates().madeOn())
        .boughtOn(item.dates().boughtOn())
        .openedOn(item.dates().openedOn())
        .printedExpiry(item.dates().printedExpiry())
        .sealed(item.isSealed())
        .code(details.code())
        .left(item.left().amount())
        .leftEstimated(item.isLeftEstimated())
        .size(item.size().amount())
        .level(Level.nearest(item.left(), item.size()))
        .decantable(item.isDecantable())
        .home(item.home())
        .now(item.now())
        .cleanliness(item.cleanliness())
        .cleanSince(item.clean().since())
        .cleanBy(item.clean().by())
        .cleanUntil(item.clean().until())
        .personal(item.forWhom() instanceof ForWhom.TheArtist)
        .onlyFor(item.forWhom() instanceof ForWhom.Only only ? only.person().name() : null)
        .onlyForId(item.forWhom() instanceof ForWhom.Only only ? only.person().id() : null)
        .note(details.note())
        .batch(details.batch())
        .price(details.price())
        .currency(details.currency())
        .favourite(details.favourite())
        .rare(details.rare())
        .brushSet(details.brushSet())
        .decant(decant(item))
        .askBackOn(item.askBackOn())
        .picture(details.pictureId())
        .slot(item.slot())
        .spoilage(spoilage(item))
        .brokenPackOn(details.brokenPackOn())
        .washedOn(details.washedOn())
        .usedFirst(item.isUsedFirst())
        .keptOn(details.keptOn())
        .trialUntil(details.trialUntil())
        .discardedOn(details.discardedOn())
        .discardCause(details.discardCause())
        .massG(item.mass().grams())
        .marks(marks(item))
        .useBy(useBy(item.useBy(house)))
        .version(stored.version())
        .build();
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
    Roles roles = Roles.of(product);
    return ProductViewBuilder.stagedBuilder()
        .id(product.id())
        .maker(product.maker())
        .name(product.name())
        .shade(product.shade())
        .colour(details.colour())
        .productClass(product.productClass())
        .couldBe(List.copyOf(product.productClass().successors()))
        .alsoServes(product.alsoServes().stream().sorted().toList())
        .section(product.productClass().section())
        .form(product.form())
        .content(product.content().amount())
        .unit(product.content().unit())
        .depth(product.depth())
        .shades(ShadeDraft.of(product.shades()))
        .roles(product.roles().stream().sorted().toList())
        .serves(roles.are().stream().sorted().toList())
        .servesBy(roles.by())
        .traits(product.traits().stream().sorted().toList())
        .composition(LabelAnswer.of(product.composition()))
        .unchecked(product.unchecked().stream().map(Sensitivity::name).toList())
        .periodAfterOpening(details.periodAfterOpening())
        .measures(measures(product))
        .finish(details.finish())
        .coverage(details.coverage())
        .spf(details.spf())
        .wattHours(details.wattHours())
        .packCode(details.packCode())
        .discontinuedOn(details.discontinuedOn())
        .brushes(product.brushes())
        .version(stored.productVersion())
        .build();
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

  private static MeasuresView measures(Product product) {
    return measures(product.measuresOrEstimate(), product.measures() == null);
  }

  /** How it stands in the four points. */
  public MarksView marks(Item item) {
    Marks marks = Marks.of(item, places, today, house);
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
