package gerula.app.restock;

import gerula.app.ledger.ForGood;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What a shop was told it goes by, whatever is undone here. */
@Component
class SentForGood implements ForGood {

  static final String SENT = "order-sent";
  static final String CALLED_OFF_THERE = "order-called-off-there";

  @Override
  public Map<String, String> acts() {
    return Map.of(
        SENT,
        "The shop has this order. Call the order off instead: then the shop is told too.",
        CALLED_OFF_THERE,
        "The shop sends nothing of it any more. Order it again instead.");
  }
}
