package gerula.app.kit;

import gerula.app.tables.tables.records.ItemRecord;
import gerula.app.tables.tables.records.PlaceRecord;
import gerula.app.tables.tables.records.ProductRecord;
import gerula.core.dates.PackDates;
import gerula.core.kit.Cleanliness;
import gerula.core.kit.DiscardCause;
import gerula.core.kit.Form;
import gerula.core.kit.Item;
import gerula.core.kit.Measures;
import gerula.core.kit.Outline;
import gerula.core.kit.Place;
import gerula.core.kit.PlaceKind;
import gerula.core.kit.Product;
import gerula.core.kit.ProductClass;
import gerula.core.kit.Section;
import gerula.core.kit.Sensitivity;
import gerula.core.kit.Trait;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.Code;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Between rows and the core's records, both ways. */
final class KitRows {

  private KitRows() {}

  static StoredPlace place(PlaceRecord row) {
    return new StoredPlace(
        new Place(
            row.getId(),
            row.getParentId(),
            row.getName(),
            Code.of(PlaceKind.class, row.getKind()),
            row.getPortable(),
            row.getReach(),
            row.getInnerWidthMm(),
            row.getInnerDepthMm(),
            row.getInnerHeightMm(),
            new Mass(row.getOwnMassG()),
            row.getGreatestMassG() == null ? null : new Mass(row.getGreatestMassG()),
            row.getSection() == null ? null : Code.of(Section.class, row.getSection())),
        row.getVersion());
  }

  static void write(PlaceRecord row, PlaceDraft draft) {
    row.setParentId(draft.parent());
    row.setName(draft.name().strip());
    row.setKind(draft.kind().code());
    row.setPortable(draft.portable());
    row.setReach(draft.reach());
    row.setInnerWidthMm(draft.innerWidthMm());
    row.setInnerDepthMm(draft.innerDepthMm());
    row.setInnerHeightMm(draft.innerHeightMm());
    row.setOwnMassG(draft.ownMassG());
    row.setGreatestMassG(draft.greatestMassG());
    row.setSection(codeOrNull(draft.section()));
  }

  static StoredItem item(ItemRecord row, ProductRecord productRow) {
    Product product = product(productRow);
    Item item =
        new Item(
            row.getId(),
            product,
            new PackDates(
                row.getMadeOn(),
                row.getBoughtOn(),
                row.getOpenedOn(),
                row.getPrintedExpiry(),
                productRow.getPeriodAfterOpeningMonths()),
            Quantity.of(row.getAmountLeft(), product.content().unit()),
            row.getHomePlaceId(),
            row.getNowPlaceId(),
            Code.of(Cleanliness.class, row.getCleanliness()),
            row.getPersonal(),
            row.getDiscardedOn() != null);
    return new StoredItem(
        item,
        productRow.getColour(),
        row.getNote(),
        row.getDiscardedOn(),
        row.getDiscardCause() == null ? null : Code.of(DiscardCause.class, row.getDiscardCause()),
        productRow.getPeriodAfterOpeningMonths(),
        row.getVersion(),
        productRow.getVersion());
  }

  static void write(ItemRecord row, ItemDraft draft) {
    row.setMadeOn(draft.madeOn());
    row.setBoughtOn(draft.boughtOn());
    row.setOpenedOn(draft.openedOn());
    row.setPrintedExpiry(draft.printedExpiry());
    row.setAmountLeft(draft.left());
    row.setHomePlaceId(draft.home());
    row.setNowPlaceId(draft.now());
    row.setCleanliness(draft.cleanliness().code());
    row.setPersonal(draft.personal());
    row.setNote(draft.note());
  }

  static Product product(ProductRecord row) {
    return new Product(
        row.getId(),
        row.getMaker(),
        row.getName(),
        row.getShade(),
        Code.of(ProductClass.class, row.getClass_()),
        Code.of(Form.class, row.getForm()),
        Quantity.of(row.getContent(), Code.of(Unit.class, row.getUnit())),
        row.getDepth() == null ? null : row.getDepth().doubleValue(),
        Arrays.stream(row.getTraits())
            .map(trait -> Code.of(Trait.class, trait))
            .collect(Collectors.toSet()),
        Arrays.stream(row.getContains()).map(Sensitivity::new).collect(Collectors.toSet()),
        measures(row));
  }

  private static @Nullable Measures measures(ProductRecord row) {
    if (row.getOutline() == null) {
      return null;
    }
    return new Measures(
        Code.of(Outline.class, row.getOutline()),
        row.getWidthMm(),
        row.getDepthMm(),
        row.getHeightMm(),
        new Mass(row.getMassG()));
  }

  static void write(ProductRecord row, ProductDraft draft) {
    row.setMaker(draft.maker().strip());
    row.setName(draft.name().strip());
    row.setShade(draft.shade().strip());
    row.setColour(draft.colour() == null ? null : draft.colour().toLowerCase(Locale.ROOT));
    row.setClass_(draft.productClass().code());
    row.setForm(draft.form().code());
    row.setContent(draft.content());
    row.setUnit(draft.unit().code());
    row.setDepth(draft.depth() == null ? null : BigDecimal.valueOf(draft.depth()));
    row.setTraits(draft.traits().stream().sorted().map(Trait::code).toArray(String[]::new));
    row.setContains(
        draft.contains().stream()
            .map(Sensitivity::new)
            .sorted()
            .distinct()
            .map(Sensitivity::name)
            .toArray(String[]::new));
    row.setPeriodAfterOpeningMonths(draft.periodAfterOpening());
    ProductDraft.MeasuresDraft measures = draft.measures();
    row.setOutline(measures == null ? null : measures.outline().code());
    row.setWidthMm(measures == null ? null : measures.widthMm());
    row.setDepthMm(measures == null ? null : measures.depthMm());
    row.setHeightMm(measures == null ? null : measures.heightMm());
    row.setMassG(measures == null ? null : measures.massG());
  }

  private static @Nullable String codeOrNull(@Nullable Code word) {
    return word == null ? null : word.code();
  }
}
