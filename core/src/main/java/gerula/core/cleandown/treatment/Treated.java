package gerula.core.cleandown.treatment;

import gerula.core.cleandown.Contact;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.kit.product.Trait;
import gerula.core.rule.Practices;
import io.soabase.recordbuilder.core.RecordBuilder;
import org.jspecify.annotations.Nullable;

/**
 * A thing that was used, as far as its treatment depends on it.
 *
 * @param incident what happened beside, null for nothing
 * @param isHard of a twist-up pencil: a hard one, as for brows
 * @param isDense of a brush: it takes longer to dry
 * @param isForLips whether it is a product for lips
 * @param isGun of an electrical tool: an airbrush
 */
@RecordBuilder
public record Treated(
    Form form,
    Contact.How how,
    Moment moment,
    @Nullable Incident incident,
    boolean isHard,
    boolean isDense,
    boolean isForLips,
    boolean isGun,
    Practices house) {

  /** An item as it was used. */
  public static Treated of(
      Item item, Contact.How how, Moment moment, @Nullable Incident incident, Practices house) {
    return new Treated(
        item.product().form(),
        how,
        moment,
        incident,
        MatterOfHouse.isHard(item),
        item.product().has(Trait.DENSE),
        item.product().classes().stream().anyMatch(one -> one.section() == Section.LIPS),
        item.product().classes().contains(ProductClass.AIRBRUSH_GUN),
        house);
  }

  boolean isDirect() {
    return how == Contact.How.DIRECT;
  }

  /** Whether only something clean was in touch with it. */
  boolean isClean() {
    return switch (how) {
      case PALETTE, APPLICATOR, SPRAY -> true;
      case DIRECT, DOUBLE_DIP -> false;
    };
  }

  boolean isAfterTheJob() {
    return moment == Moment.AFTER_JOB;
  }

  Treated as(Contact.How other) {
    return TreatedBuilder.builder(this).how(other).build();
  }
}
