package gerula.app.kit.intake;

import static gerula.app.tables.Tables.PRODUCT;

import gerula.core.kit.intake.KitColumn;
import gerula.core.kit.intake.line.KnownWords;
import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The words a kit uses already, and what it meant by them. Runs within a workspace. */
@Component
class OwnWords {

  /** More products than this are not gone through for a line. */
  private static final int MOST = 5000;

  private final DSLContext sql;

  OwnWords(DSLContext sql) {
    this.sql = sql;
  }

  /** A product of the kit, as far as another shade of it is alike. */
  private record OwnProduct(
      String maker,
      String name,
      String productClass,
      String form,
      BigDecimal content,
      String unit,
      @Nullable Integer months) {}

  /** What a kit calls its things; asked once for many lines. */
  Own all() {
    return new Own(
        sql.select(
                PRODUCT.MAKER,
                PRODUCT.NAME,
                PRODUCT.CLASS,
                PRODUCT.FORM,
                PRODUCT.CONTENT,
                PRODUCT.UNIT,
                PRODUCT.PERIOD_AFTER_OPENING_MONTHS)
            .distinctOn(PRODUCT.MAKER, PRODUCT.NAME)
            .from(PRODUCT)
            .orderBy(PRODUCT.MAKER, PRODUCT.NAME, PRODUCT.ID)
            .limit(MOST)
            .fetch(Records.mapping(OwnProduct::new)));
  }

  /** Makers and names, and what another of that name is like. */
  static final class Own {
    private final KnownWords words;
    private final Map<String, OwnProduct> byName = new LinkedHashMap<>();

    private Own(List<OwnProduct> lines) {
      words =
          new KnownWords(
              lines.stream()
                  .map(OwnProduct::maker)
                  .filter(one -> !one.isBlank())
                  .distinct()
                  .toList(),
              lines.stream().map(OwnProduct::name).distinct().toList());
      for (OwnProduct line : lines) {
        byName.putIfAbsent(key(line.maker(), line.name()), line);
        byName.putIfAbsent(key("", line.name()), line);
      }
    }

    KnownWords words() {
      return words;
    }

    /** Whether the kit has a product of this name. */
    boolean has(Map<KitColumn, String> row) {
      return like(row) != null;
    }

    private @Nullable OwnProduct like(Map<KitColumn, String> row) {
      return byName.get(
          key(row.getOrDefault(KitColumn.MAKER, ""), row.getOrDefault(KitColumn.NAME, "")));
    }

    /** What the kit's own product of this name says where a row does not; empty for a new name. */
    Map<KitColumn, String> proposed(Map<KitColumn, String> row) {
      OwnProduct like = like(row);
      Map<KitColumn, String> proposed = new EnumMap<>(KitColumn.class);
      if (like != null) {
        proposed.put(KitColumn.MAKER, like.maker());
        proposed.put(KitColumn.CLASS, like.productClass());
        proposed.put(KitColumn.FORM, like.form());
        if (!row.containsKey(KitColumn.SIZE)) {
          proposed.put(KitColumn.SIZE, like.content().toPlainString());
          proposed.put(KitColumn.UNIT, like.unit());
        }
        if (like.months() != null) {
          proposed.put(KitColumn.MONTHS_AFTER_OPENING, like.months().toString());
        }
        proposed.keySet().removeAll(row.keySet());
      }
      return proposed;
    }

    private static String key(String maker, String name) {
      return (maker + "\n" + name).toLowerCase(Locale.ROOT);
    }
  }
}
