package gerula.core.kit.intake.line;

import gerula.core.kit.intake.KitColumn;
import gerula.core.rule.Code;
import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What a line tells of an item as a row of the kit's table would tell it. */
public final class LineCells {

  private LineCells() {}

  /**
   * A class that is merely guessed is left out: whoever reads the row guesses alike, and says so.
   */
  public static Map<KitColumn, String> of(LineItem item) {
    Map<KitColumn, String> cells = new EnumMap<>(KitColumn.class);
    put(cells, KitColumn.MAKER, item.maker());
    put(cells, KitColumn.NAME, item.name());
    put(cells, KitColumn.SHADE, item.shade());
    put(cells, KitColumn.COLOUR, item.colour());
    put(cells, KitColumn.CLASS, item.sure() ? code(item.productClass()) : null);
    put(cells, KitColumn.FORM, code(item.form()));
    put(cells, KitColumn.SIZE, item.content());
    put(cells, KitColumn.UNIT, code(item.unit()));
    put(cells, KitColumn.LEFT, percent(item));
    put(cells, KitColumn.OPENED, item.openedOn());
    put(cells, KitColumn.EXPIRY, item.printedExpiry());
    put(cells, KitColumn.MONTHS_AFTER_OPENING, item.periodAfterOpening());
    put(cells, KitColumn.PRICE, item.price());
    put(cells, KitColumn.NOTE, item.note());
    return cells;
  }

  private static void put(Map<KitColumn, String> cells, KitColumn column, @Nullable Object told) {
    if (told != null && !told.toString().isEmpty()) {
      cells.put(column, told.toString());
    }
  }

  private static @Nullable String code(@Nullable Code word) {
    return word == null ? null : word.code();
  }

  private static @Nullable String percent(LineItem item) {
    return item.leftShare() == null
        ? null
        : item.leftShare().movePointRight(2).stripTrailingZeros().toPlainString() + "%";
  }
}
