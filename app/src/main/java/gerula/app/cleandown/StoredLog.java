package gerula.app.cleandown;

import static gerula.app.tables.Tables.CONTACT;
import static gerula.app.tables.Tables.FILLING;
import static gerula.app.tables.Tables.ITEM;
import static gerula.app.tables.Tables.PRODUCT;

import gerula.app.platform.workspace.WorkspaceTime;
import gerula.core.cleandown.Contact;
import gerula.core.cleandown.trace.ContactLog;
import gerula.core.cleandown.trace.Risk;
import gerula.core.cleandown.work.GivenTreatment;
import gerula.core.kit.product.Form;
import gerula.core.rule.Code;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Uses, fillings and treatments as they were written down. Everything here runs within a workspace.
 */
@Component
class StoredLog implements ContactLog {

  private final DSLContext sql;
  private final TreatmentStore treatments;
  private final WorkspaceTime time;

  StoredLog(DSLContext sql, TreatmentStore treatments, WorkspaceTime time) {
    this.sql = sql;
    this.treatments = treatments;
    this.time = time;
  }

  private static Condition isOneOf(org.jooq.Field<UUID> id, Collection<UUID> ids) {
    // One parameter for all of them: the statement stays the same however many there are.
    return id.eq(DSL.any(ids.stream().distinct().toArray(UUID[]::new)));
  }

  @Override
  public List<Contact> ofItems(Collection<UUID> items, Instant since) {
    return contacts(isOneOf(CONTACT.ITEM_ID, items), since);
  }

  @Override
  public List<Contact> onFaces(Collection<FaceAt> faces, Instant since) {
    List<UUID> ids = faces.stream().map(FaceAt::face).filter(Objects::nonNull).toList();
    return contacts(isOneOf(CONTACT.FACE_ID, ids), since);
  }

  private List<Contact> contacts(Condition which, Instant since) {
    return sql.selectFrom(CONTACT)
        .where(which.and(CONTACT.AT.ge(since)))
        .orderBy(CONTACT.AT, CONTACT.ID)
        .fetch(ContactStore::contact);
  }

  @Override
  public List<Filled> filledFrom(Collection<UUID> sources) {
    return sql.selectFrom(FILLING)
        .where(isOneOf(FILLING.SOURCE_ID, sources))
        .fetch(
            row ->
                new Filled(
                    row.getSourceId(),
                    row.getItemId(),
                    time.startOf(row.getFilledOn()),
                    endOf(row.getFilledOn()),
                    row.getWashedOutOn() == null ? null : endOf(row.getWashedOutOn())));
  }

  private Instant endOf(LocalDate day) {
    return time.startOf(day.plusDays(1));
  }

  @Override
  public List<Cleared> cleared(Collection<UUID> items, Instant since) {
    List<GivenTreatment> done = treatments.doneSince(items, since);
    Map<UUID, Form> forms =
        sql.select(ITEM.ID, PRODUCT.FORM)
            .from(ITEM)
            .join(PRODUCT)
            .on(PRODUCT.ID.eq(ITEM.PRODUCT_ID))
            .where(isOneOf(ITEM.ID, done.stream().map(GivenTreatment::item).toList()))
            .fetchMap(row -> row.value1(), row -> Code.of(Form.class, row.value2()));
    return done.stream()
        .filter(one -> Risk.isRemovedBy(one, forms.get(one.item())))
        .map(one -> new Cleared(one.item(), doneAt(one)))
        .toList();
  }

  private static Instant doneAt(GivenTreatment one) {
    @Nullable Instant done = one.doneAt();
    return Objects.requireNonNull(done);
  }
}
