package gerula.app.kit.find;

import static gerula.app.tables.Tables.PRODUCT;

import gerula.app.kit.item.StoredItem;
import gerula.app.kit.product.LabelAnswer;
import gerula.app.kit.product.ProductRows;
import gerula.app.tables.tables.records.ProductRecord;
import gerula.core.kit.product.Composition;
import gerula.core.kit.product.Coverage;
import gerula.core.kit.product.Finish;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.util.List;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What was typed before and need not be typed again. Everything here runs within a workspace. */
@Component
class Earlier {

  private static final int MOST = 20;

  private final DSLContext sql;

  Earlier(DSLContext sql) {
    this.sql = sql;
  }

  /** A line the kit has: everything its shades have in common. */
  record EarlierLine(
      String maker,
      String name,
      ProductClass productClass,
      Form form,
      BigDecimal content,
      Unit unit,
      @Nullable Integer periodAfterOpening,
      @Nullable Finish finish,
      @Nullable Coverage coverage,
      @Nullable Integer spf,
      List<Trait> traits,
      List<LabelAnswer> composition) {}

  List<EarlierLine> lines(String begins) {
    String start = begins.strip();
    if (start.isEmpty()) {
      return List.of();
    }
    return sql.select(PRODUCT.fields())
        .distinctOn(PRODUCT.MAKER, PRODUCT.NAME)
        .from(PRODUCT)
        .where(
            PRODUCT.NAME.startsWithIgnoreCase(start).or(PRODUCT.MAKER.startsWithIgnoreCase(start)))
        .orderBy(PRODUCT.MAKER, PRODUCT.NAME, PRODUCT.VERSION.desc(), PRODUCT.ID)
        .limit(MOST)
        .fetch(row -> line(row.into(PRODUCT)));
  }

  private static EarlierLine line(ProductRecord row) {
    Product product = ProductRows.product(row);
    StoredItem.ProductDetails details = ProductRows.details(row);
    return new EarlierLine(
        product.maker(),
        product.name(),
        product.productClass(),
        product.form(),
        product.content().amount(),
        product.content().unit(),
        details.periodAfterOpening(),
        details.finish(),
        details.coverage(),
        details.spf(),
        product.traits().stream().sorted().toList(),
        // Another shade may be coloured with something else: only what warns is taken over.
        LabelAnswer.of(product.composition()).stream()
            .filter(one -> one.found() == Composition.Found.CONTAINS)
            .toList());
  }
}
