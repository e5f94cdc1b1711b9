package gerula.bench.history;

import gerula.core.dates.PackDates;
import gerula.core.depot.bench.Suggestion;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.restock.Expiring;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** What the core alone takes for the same questions about the same kit. */
final class CoreTime {

  private static final ProductClass[] CLASSES = {
    ProductClass.FOUNDATION,
    ProductClass.LIP_COLOUR,
    ProductClass.FACE_POWDER,
    ProductClass.EYE_SHADOW
  };

  private static final Form[] FORMS = {
    Form.LIQUID_PUMP_OR_SQUEEZE, Form.CREAM, Form.PRESSED_POWDER, Form.STICK
  };

  private final LocalDate today = LocalDate.now();
  private final List<Item> kit;

  CoreTime(int items) {
    kit = IntStream.rangeClosed(1, items).mapToObj(this::item).toList();
  }

  /** As {@link Years#things} makes it. */
  private Item item(int n) {
    Unit unit = n % 4 == 0 ? Unit.ML : Unit.G;
    return Given.thing(CLASSES[n % 4], FORMS[n % 4])
        .content(Quantity.of(BigDecimal.valueOf(30), unit))
        .left(Quantity.of(BigDecimal.valueOf(5 + n % 25), unit))
        .dates(new PackDates(null, null, today.minusDays(n % 700), null, null))
        .item();
  }

  Object dates(int weeks) {
    HouseRules rules = HouseRules.USUAL;
    return List.of(
        Expiring.by(today, today.plusWeeks(weeks), kit, List.of(), rules),
        Expiring.thrownOutBy(rules.cautious(), rules, kit, today));
  }

  Object bench() {
    return Suggestion.of(kit, Set.of(), Set.of(), today, HouseRules.USUAL);
  }
}
