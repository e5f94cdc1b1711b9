package gerula.app.kit.intake;

import static gerula.app.tables.Tables.ITEM;

import java.util.Set;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** The codes that are taken. Everything here runs within a workspace. */
@Component
class KnownCodes {

  private final DSLContext sql;

  KnownCodes(DSLContext sql) {
    this.sql = sql;
  }

  Set<String> all() {
    return sql.select(ITEM.CODE).from(ITEM).fetchSet(ITEM.CODE);
  }
}
