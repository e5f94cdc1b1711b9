package gerula.app.person;

import gerula.app.ledger.ForGood;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Somebody's wish that nothing is known any more. */
@Component
class ErasedForGood implements ForGood {

  static final String ERASED = "erased";

  @Override
  public Map<String, String> acts() {
    return Map.of(ERASED, "What was erased is gone for good.");
  }
}
