package gerula.app.kit.product;

import gerula.app.kit.item.StoredItem;
import gerula.app.tables.tables.records.ProductRecord;
import gerula.core.dates.DateClass;
import gerula.core.kit.product.Coverage;
import gerula.core.kit.product.Finish;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductBuilder;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.Code;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Products between rows and the core's records, both ways. */
public final class ProductRows {

  private ProductRows() {}

  /** What decides how long it keeps once open. */
  public static Set<DateClass> dateClasses(ProductRecord row) {
    Set<ProductClass> classes = EnumSet.of(Code.of(ProductClass.class, row.getClass_()));
    classes.addAll(alsoServes(row));
    return Product.dateClasses(classes, Code.of(Form.class, row.getForm()));
  }

  private static Set<ProductClass> alsoServes(ProductRecord row) {
    return Arrays.stream(row.getAlsoServes())
        .map(one -> Code.of(ProductClass.class, one))
        .collect(Collectors.toSet());
  }

  public static Product product(ProductRecord row) {
    return ProductBuilder.stagedBuilder()
        .id(row.getId())
        .maker(row.getMaker())
        .name(row.getName())
        .shade(row.getShade())
        .productClass(Code.of(ProductClass.class, row.getClass_()))
        .alsoServes(alsoServes(row))
        .form(Code.of(Form.class, row.getForm()))
        .content(Quantity.of(row.getContent(), Code.of(Unit.class, row.getUnit())))
        .colour(row.getColour())
        .depth(row.getDepth() == null ? null : row.getDepth().doubleValue())
        .shades(ShadeRows.shades(row.getShades()))
        .roles(
            Arrays.stream(row.getRoles())
                .map(role -> Code.of(Role.class, role))
                .collect(Collectors.toSet()))
        .traits(
            Arrays.stream(row.getTraits())
                .map(trait -> Code.of(Trait.class, trait))
                .collect(Collectors.toSet()))
        .composition(CompositionRows.composition(row.getComposition()))
        .brushes(row.getBrushes() == null ? null : row.getBrushes().intValue())
        .measures(measures(row))
        .build();
  }

  public static StoredItem.ProductDetails details(ProductRecord row) {
    return new StoredItem.ProductDetails(
        row.getColour(),
        row.getPeriodAfterOpeningMonths(),
        row.getFinish() == null ? null : Code.of(Finish.class, row.getFinish()),
        row.getCoverage() == null ? null : Code.of(Coverage.class, row.getCoverage()),
        row.getSpf(),
        row.getWattHours(),
        row.getPackCode(),
        row.getDiscontinuedOn());
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
        Mass.ofGrams(row.getMassG()));
  }

  public static void write(ProductRecord row, ProductDraft draft) {
    row.setMaker(draft.maker().strip());
    row.setName(draft.name().strip());
    row.setShade(draft.shade().strip());
    row.setColour(draft.colour() == null ? null : draft.colour().toLowerCase(Locale.ROOT));
    row.setClass_(draft.productClass().code());
    row.setAlsoServes(
        draft.furtherUses().stream()
            .filter(one -> one != draft.productClass())
            .sorted()
            .map(ProductClass::code)
            .toArray(String[]::new));
    row.setForm(draft.form().code());
    row.setContent(draft.content());
    row.setUnit(draft.unit().code());
    row.setDepth(draft.depth() == null ? null : BigDecimal.valueOf(draft.depth()));
    row.setShades(ShadeRows.column(draft.allShades()));
    row.setRoles(draft.toldRoles().stream().sorted().map(Role::code).toArray(String[]::new));
    row.setTraits(draft.allTraits().stream().sorted().map(Trait::code).toArray(String[]::new));
    row.setComposition(CompositionRows.column(LabelAnswer.composition(draft.composition())));
    row.setPeriodAfterOpeningMonths(draft.periodAfterOpening());
    row.setFinish(codeOrNull(draft.finish()));
    row.setCoverage(codeOrNull(draft.coverage()));
    row.setSpf(draft.spf());
    row.setWattHours(draft.wattHours());
    row.setBrushes(draft.brushes() == null ? null : draft.brushes().shortValue());
    row.setPackCode(draft.canonicalPackCode());
    ProductDraft.MeasuresDraft measures = draft.measures();
    row.setOutline(measures == null ? null : measures.outline().code());
    row.setWidthMm(measures == null ? null : measures.widthMm());
    row.setDepthMm(measures == null ? null : measures.depthMm());
    row.setHeightMm(measures == null ? null : measures.heightMm());
    row.setMassG(measures == null ? null : measures.massG());
  }

  /** The same product's draft, as when somebody would type it anew. */
  public static ProductDraft draft(ProductRecord row) {
    Product product = product(row);
    StoredItem.ProductDetails details = details(row);
    Measures own = product.measures();
    return ProductDraftBuilder.stagedBuilder()
        .maker(product.maker())
        .name(product.name())
        .shade(product.shade())
        .colour(details.colour())
        .productClass(product.productClass())
        .alsoServes(product.alsoServes())
        .form(product.form())
        .content(product.content().amount())
        .unit(product.content().unit())
        .depth(product.depth())
        .shades(ShadeDraft.of(product.shades()))
        .roles(product.roles())
        .traits(product.traits())
        .composition(LabelAnswer.of(product.composition()))
        .periodAfterOpening(details.periodAfterOpening())
        .measures(
            own == null
                ? null
                : new ProductDraft.MeasuresDraft(
                    own.outline(),
                    own.widthMm(),
                    own.depthMm(),
                    own.heightMm(),
                    (int) own.mass().grams()))
        .finish(details.finish())
        .coverage(details.coverage())
        .spf(details.spf())
        .wattHours(details.wattHours())
        .packCode(details.packCode())
        .brushes(product.brushes())
        .build();
  }

  private static @Nullable String codeOrNull(@Nullable Code word) {
    return word == null ? null : word.code();
  }
}
