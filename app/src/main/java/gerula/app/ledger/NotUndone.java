package gerula.app.ledger;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** All acts that are done for good. */
@Component
class NotUndone {

  private final Map<String, String> why = new HashMap<>();

  NotUndone(List<ForGood> all) {
    all.forEach(one -> why.putAll(one.acts()));
  }

  /** Why this act is not undone; empty when it can be. */
  Optional<String> why(String act) {
    return Optional.ofNullable(why.get(act));
  }
}
