package gerula.app.kit.intake;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.limits.Limit;
import gerula.core.dates.DateOrder;
import gerula.core.kit.intake.KitColumn;
import gerula.core.kit.intake.TradeWords;
import gerula.core.kit.intake.Written;
import gerula.core.rule.Code;
import gerula.core.rule.Text;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** One row of a table by the columns' meanings; what cannot be read is a fault at its column. */
final class Cells {

  private static final int MOST_CHARACTERS = Limit.TABLE_CELL_CHARACTERS.whole();

  private final CsvTable.Row row;
  private final Map<KitColumn, Integer> columns;
  private final DateOrder order;
  private final Faults faults;

  Cells(CsvTable.Row row, Map<KitColumn, Integer> columns, DateOrder order, Faults faults) {
    this.row = row;
    this.columns = columns;
    this.order = order;
    this.faults = faults;
  }

  boolean has(KitColumn column) {
    return !text(column).isEmpty();
  }

  /** Empty where the table has no such column. */
  String text(KitColumn column) {
    Integer at = columns.get(column);
    return at == null ? "" : Text.withPlainLineEnds(Formulas.read(row.cell(at)));
  }

  @Nullable String textOrNull(KitColumn column) {
    return has(column) ? text(column) : null;
  }

  @Nullable BigDecimal number(KitColumn column) {
    return read(column, Written::number, "a number, like 12 or 7.5");
  }

  @Nullable Integer whole(KitColumn column) {
    BigDecimal number =
        read(
            column,
            text -> Written.number(text).filter(one -> one.stripTrailingZeros().scale() <= 0),
            "a whole number");
    return number == null ? null : number.intValue();
  }

  @Nullable LocalDate date(KitColumn column) {
    return read(column, order::read, "a date, like 2031-04-14");
  }

  boolean flag(KitColumn column) {
    return Boolean.TRUE.equals(read(column, Written::flag, "yes or no"));
  }

  <E extends Enum<E> & Code> @Nullable E word(KitColumn column, Class<E> list) {
    return read(
        column,
        text -> TradeWords.word(list, text),
        "one of "
            + Arrays.stream(list.getEnumConstants())
                .map(Code::code)
                .collect(Collectors.joining(", ")));
  }

  /** Null where the cell is empty; a fault where it holds something else. */
  <T> @Nullable T read(KitColumn column, Function<String, Optional<T>> reader, String expected) {
    if (!has(column) || isTooLong(column)) {
      return null;
    }
    Optional<T> read = reader.apply(text(column));
    fault(
        column,
        read.isPresent(),
        "\"" + shortened(text(column)) + "\" cannot be read as " + expected + ".");
    return read.orElse(null);
  }

  void fault(KitColumn column, boolean kept, String message) {
    faults.unless(kept, column.header(), "unreadable", message);
  }

  private boolean isTooLong(KitColumn column) {
    boolean isTooLong = text(column).length() > MOST_CHARACTERS;
    fault(column, !isTooLong, "A cell has at most " + MOST_CHARACTERS + " characters.");
    return isTooLong;
  }

  /** Notes every cell that is no text, or has no end. */
  void checkTexts() {
    for (KitColumn column : columns.keySet()) {
      if (!isTooLong(column)) {
        Optional<String> fault = Text.fault(text(column));
        fault(column, fault.isEmpty(), "This cell " + fault.orElse("") + ". Write it again.");
      }
    }
  }

  private static String shortened(String text) {
    return text.length() <= 40 ? text : text.substring(0, 40) + "…";
  }
}
