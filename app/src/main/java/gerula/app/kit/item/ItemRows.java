package gerula.app.kit.item;

import gerula.app.kit.product.ProductDraft;
import gerula.app.kit.product.ProductRows;
import gerula.app.person.PersonNames;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.app.tables.tables.records.ProductRecord;
import gerula.core.dates.PackDates;
import gerula.core.dates.UseBy;
import gerula.core.kit.PersonRef;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.item.Preference;
import gerula.core.kit.item.SpoilageReport;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.Product;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.Code;
import gerula.core.rule.HouseRules;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Items between rows and the core's records, both ways. */
public final class ItemRows {

  private ItemRows() {}

  /**
   * @param now at which moment: what was drying may be dry
   */
  public static StoredItem item(
      ItemRecord row, ProductRecord productRow, PersonNames people, Instant now) {
    Product product = ProductRows.product(productRow);
    Item item =
        ItemBuilder.stagedBuilder()
            .id(row.getId())
            .product(product)
            .dates(
                new PackDates(
                    row.getMadeOn(),
                    row.getBoughtOn(),
                    row.getOpenedOn(),
                    row.getPrintedExpiry(),
                    productRow.getPeriodAfterOpeningMonths()))
            .left(Quantity.of(row.getAmountLeft(), product.content().unit()))
            .isLeftEstimated(row.getLeftEstimated())
            .home(row.getHomePlaceId())
            .now(row.getNowPlaceId())
            .askBackOn(row.getAskBackOn())
            .clean(clean(row).at(now))
            .forWhom(forWhom(row, people))
            .vessel(vessel(row, product.content().unit()))
            .slot(row.getSlot())
            .spoilage(spoilage(row))
            .preference(new Preference(row.getFavourite(), row.getRare()))
            .brushSet(row.getBrushSet())
            .isUsedFirst(row.getUseFirstOn() != null)
            .isDiscarded(row.getDiscardedOn() != null)
            .build();
    return new StoredItem(
        item,
        details(row),
        ProductRows.details(productRow),
        row.getVersion(),
        productRow.getVersion());
  }

  private static StoredItem.ItemDetails details(ItemRecord row) {
    return ItemDetailsBuilder.stagedBuilder()
        .code(row.getCode())
        .note(row.getNote())
        .batch(row.getBatch())
        .price(row.getPrice())
        .currency(row.getCurrency())
        .favourite(row.getFavourite())
        .rare(row.getRare())
        .brushSet(row.getBrushSet())
        .pictureId(row.getPictureId())
        .brokenPackOn(row.getBrokenPackOn())
        .emptyId(row.getEmptyId())
        .washedOn(row.getWashedOn())
        .useFirstOn(row.getUseFirstOn())
        .keptOn(row.getKeptOn())
        .trialUntil(row.getTrialUntil())
        .discardedOn(row.getDiscardedOn())
        .discardCause(
            row.getDiscardCause() == null
                ? null
                : Code.of(DiscardCause.class, row.getDiscardCause()))
        .build();
  }

  private static @Nullable SpoilageReport spoilage(ItemRecord row) {
    return row.getSpoilageOn() == null
        ? null
        : new SpoilageReport(
            row.getSpoilageOn(),
            Arrays.stream(row.getSpoilageWhat().split(" "))
                .map(what -> Code.of(SpoilageReport.Sense.class, what))
                .collect(Collectors.toSet()));
  }

  /** Senses as one text, in their order. */
  static String written(Collection<SpoilageReport.Sense> senses) {
    return senses.stream().distinct().sorted().map(Code::code).collect(Collectors.joining(" "));
  }

  private static ForWhom forWhom(ItemRecord row, PersonNames people) {
    if (row.getPersonal()) {
      return new ForWhom.TheArtist();
    }
    PersonRef person = people.ref(row.getOnlyForId());
    return person == null ? ForWhom.EVERYBODY : new ForWhom.Only(person);
  }

  private static Vessel vessel(ItemRecord row, Unit unit) {
    if (row.getContainer() == null) {
      return Vessel.PACK;
    }
    Measures own =
        row.getContainerOutline() == null
            ? null
            : new Measures(
                Code.of(Outline.class, row.getContainerOutline()),
                row.getContainerWidthMm(),
                row.getContainerDepthMm(),
                row.getContainerHeightMm(),
                Mass.ofGrams(row.getContainerMassG()));
    return new Vessel.Decant(
        Code.of(Container.class, row.getContainer()),
        Quantity.of(row.getContainerSize(), unit),
        own);
  }

  private static CleanState clean(ItemRecord row) {
    return new CleanState(
        Code.of(Cleanliness.class, row.getCleanliness()),
        row.getCleanSince(),
        Code.of(CleanState.By.class, row.getCleanBy()),
        row.getCleanUntil());
  }

  private static void write(ItemRecord row, CleanState state) {
    row.setCleanliness(state.is().code());
    row.setCleanSince(state.since());
    row.setCleanBy(state.by().code());
    row.setCleanUntil(state.until());
  }

  /**
   * @param onlyFor the person the draft names, null for everybody
   * @param at when it is written
   */
  public record EnteredAs(@Nullable UUID onlyFor, Instant at) {}

  /**
   * Everything the draft says, and the dates that follow for an item of this product.
   *
   * @param entered what the store knows of the moment it is written
   */
  public static void write(
      ItemRecord row, ItemDraft draft, EnteredAs entered, ProductRecord product, HouseRules house) {
    row.setMadeOn(draft.madeOn());
    row.setBoughtOn(draft.boughtOn());
    row.setOpenedOn(draft.openedOn());
    row.setPrintedExpiry(draft.printedExpiry());
    row.setAmountLeft(draft.left());
    row.setHomePlaceId(draft.home());
    row.setNowPlaceId(draft.now());
    row.setAskBackOn(draft.askBackOn());
    write(row, new CleanState(draft.cleanliness(), entered.at(), CleanState.By.TOLD, null));
    row.setPersonal(draft.personal());
    row.setOnlyForId(entered.onlyFor());
    row.setNote(draft.note());
    row.setBatch(draft.batch());
    row.setPrice(draft.price());
    row.setCurrency(draft.currency());
    row.setFavourite(draft.favourite());
    row.setRare(draft.rare());
    row.setBrushSet(draft.brushSet());
    writeDecant(row, draft.decant());
    writeDates(row, draft.dates(product.getPeriodAfterOpeningMonths()), product, house);
  }

  /** What became of an item that is there, and nothing that stayed as it was. */
  static void writeChanges(ItemRecord row, Item before, Item after) {
    set(before.dates().openedOn(), after.dates().openedOn(), row::setOpenedOn);
    set(before.dates().madeOn(), after.dates().madeOn(), row::setMadeOn);
    set(before.dates().boughtOn(), after.dates().boughtOn(), row::setBoughtOn);
    set(before.dates().printedExpiry(), after.dates().printedExpiry(), row::setPrintedExpiry);
    set(before.left(), after.left(), left -> row.setAmountLeft(left.amount()));
    set(before.isLeftEstimated(), after.isLeftEstimated(), row::setLeftEstimated);
    set(before.home(), after.home(), row::setHomePlaceId);
    set(before.now(), after.now(), row::setNowPlaceId);
    set(before.slot(), after.slot(), row::setSlot);
    set(before.askBackOn(), after.askBackOn(), row::setAskBackOn);
    set(before.clean(), after.clean(), state -> write(row, state));
    set(before.spoilage(), after.spoilage(), spoilage -> writeReport(row, spoilage));
    set(before.forWhom(), after.forWhom(), whom -> write(row, whom));
  }

  private static void write(ItemRecord row, ForWhom whom) {
    row.setPersonal(whom instanceof ForWhom.TheArtist);
    row.setOnlyForId(whom instanceof ForWhom.Only only ? only.person().id() : null);
  }

  private static <T extends @Nullable Object> void set(T before, T after, Consumer<T> column) {
    if (!Objects.equals(before, after)) {
      column.accept(after);
    }
  }

  private static void writeReport(ItemRecord row, @Nullable SpoilageReport spoilage) {
    row.setSpoilageOn(spoilage == null ? null : spoilage.on());
    row.setSpoilageWhat(spoilage == null ? null : written(spoilage.what()));
  }

  private static void writeDecant(ItemRecord row, ItemDraft.@Nullable DecantDraft decant) {
    ProductDraft.MeasuresDraft own = decant == null ? null : decant.measures();
    row.setContainer(decant == null ? null : decant.container().code());
    row.setContainerSize(decant == null ? null : decant.size());
    row.setContainerOutline(own == null ? null : own.outline().code());
    row.setContainerWidthMm(own == null ? null : own.widthMm());
    row.setContainerDepthMm(own == null ? null : own.depthMm());
    row.setContainerHeightMm(own == null ? null : own.heightMm());
    row.setContainerMassG(own == null ? null : own.massG());
  }

  /** The last day of use as the core works it out, kept to sort and count by. */
  public static void writeDates(
      ItemRecord row, PackDates dates, ProductRecord product, HouseRules house) {
    UseBy useBy = UseBy.of(ProductRows.dateClasses(product), dates, house);
    row.setLastDay(useBy.lastDay());
    row.setReplaceBy(useBy.replaceBy());
  }

  /** The same item's draft; whom it is kept for is told by id. */
  public static ItemDraft draft(ItemRecord row) {
    return ItemDraftBuilder.stagedBuilder()
        .madeOn(row.getMadeOn())
        .boughtOn(row.getBoughtOn())
        .openedOn(row.getOpenedOn())
        .printedExpiry(row.getPrintedExpiry())
        .left(row.getAmountLeft())
        .home(row.getHomePlaceId())
        .now(row.getNowPlaceId())
        .cleanliness(Code.of(Cleanliness.class, row.getCleanliness()))
        .personal(row.getPersonal())
        .note(row.getNote())
        .batch(row.getBatch())
        .price(row.getPrice())
        .currency(row.getCurrency())
        .onlyFor(null)
        .favourite(row.getFavourite())
        .rare(row.getRare())
        .brushSet(row.getBrushSet())
        .decant(decant(row))
        .askBackOn(row.getAskBackOn())
        .onlyForId(row.getOnlyForId())
        .build();
  }

  private static ItemDraft.@Nullable DecantDraft decant(ItemRecord row) {
    if (row.getContainer() == null) {
      return null;
    }
    ProductDraft.MeasuresDraft own =
        row.getContainerOutline() == null
            ? null
            : new ProductDraft.MeasuresDraft(
                Code.of(Outline.class, row.getContainerOutline()),
                row.getContainerWidthMm(),
                row.getContainerDepthMm(),
                row.getContainerHeightMm(),
                row.getContainerMassG());
    return new ItemDraft.DecantDraft(
        Code.of(Container.class, row.getContainer()), row.getContainerSize(), own);
  }
}
