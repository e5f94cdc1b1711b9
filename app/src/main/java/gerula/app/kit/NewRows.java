package gerula.app.kit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jooq.BatchBindStep;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.TableRecord;
import org.jooq.impl.DSL;

/** Many new rows at once: the statement is written once for all that say the same columns. */
public final class NewRows {

  private NewRows() {}

  public static <R extends TableRecord<R>> void insert(DSLContext sql, List<R> rows) {
    Map<List<Field<?>>, List<R>> alike = new LinkedHashMap<>();
    for (R row : rows) {
      List<Field<?>> said = Arrays.stream(row.fields()).filter(row::touched).toList();
      alike.computeIfAbsent(said, _ -> new ArrayList<>()).add(row);
    }
    alike.forEach((columns, some) -> insert(sql, columns, some));
  }

  private static <R extends TableRecord<R>> void insert(
      DSLContext sql, List<Field<?>> columns, List<R> rows) {
    BatchBindStep batch =
        sql.batch(
            sql.insertInto(rows.getFirst().getTable())
                .columns(columns)
                .values(columns.stream().map(NewRows::nothing).toList()));
    for (R row : rows) {
      batch.bind(columns.stream().map(row::get).toArray());
    }
    batch.execute();
  }

  private static Field<?> nothing(Field<?> column) {
    return DSL.val((Object) null, column);
  }
}
