package gerula.app.cleandown;

import static gerula.app.tables.Tables.CONTACT;
import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PRODUCT;

import gerula.app.platform.workspace.WorkspaceTime;
import gerula.core.cleandown.Contact;
import gerula.core.cleandown.treatment.Pace;
import gerula.core.kit.product.Form;
import gerula.core.rule.Code;
import java.time.Instant;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.springframework.stereotype.Component;

/** How much was used on faces lately. Everything here runs within a workspace. */
@Component
class Paces {

  private static final int DAYS = 91;

  private final DSLContext sql;
  private final WorkspaceTime time;

  Paces(DSLContext sql, WorkspaceTime time) {
    this.sql = sql;
    this.time = time;
  }

  Pace lately() {
    Instant since = time.startOf(time.today().minusDays(DAYS));
    int faces =
        sql.fetchCount(
            DSL.selectDistinct(CONTACT.FACE_ID, DSL.cast(CONTACT.AT, SQLDataType.DATE))
                .from(CONTACT)
                .where(CONTACT.AT.ge(since)));
    Map<Form, Integer> direct =
        sql.select(PRODUCT.FORM, DSL.count())
            .from(CONTACT)
            .join(ITEM)
            .on(ITEM.ID.eq(CONTACT.ITEM_ID))
            .join(PRODUCT)
            .on(PRODUCT.ID.eq(ITEM.PRODUCT_ID))
            .where(CONTACT.AT.ge(since), CONTACT.HOW.eq(Contact.How.DIRECT.code()))
            .groupBy(PRODUCT.FORM)
            .fetchMap(row -> Code.of(Form.class, row.value1()), row -> row.value2());
    return Pace.of(faces, DAYS, direct);
  }
}
