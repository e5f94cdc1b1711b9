package gerula.core.booking;

import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Unit;
import java.util.List;

/**
 * Adds what one service takes on one face.
 *
 * @param times how often: days times looks, or rounds of touching up
 */
record FaceNeeds(Face face, Service service, int times, NeedDrafts drafts) {

  NeedDraft ml(ProductClass one, double each) {
    return ml(one, "", each);
  }

  NeedDraft ml(ProductClass one, String variant, double each) {
    return measured(one, variant, each, Unit.ML);
  }

  NeedDraft g(ProductClass one, double each) {
    return measured(one, "", each, Unit.G);
  }

  /** As much as it usually takes. */
  NeedDraft usual(ProductClass one) {
    return drafts
        .of(NeedCode.of(one), "", List.of(face))
        .measured(UsualAmounts.of(one) * times, UsualAmounts.unit(one))
        .because(reason());
  }

  private NeedDraft measured(ProductClass one, String variant, double each, Unit unit) {
    return drafts
        .of(NeedCode.of(one), variant, List.of(face))
        .measured(Math.round(each * 1000) * times, unit)
        .because(reason());
  }

  /** One for everybody. */
  NeedDraft tool(ProductClass one) {
    return drafts.shared(one).because(reason());
  }

  private NeedReason reason() {
    return new NeedReason.ForService(face.id(), service);
  }
}
