package gerula.app.platform.errors;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What was refused, as problem details (RFC 9457). */
@Component
public class ProblemWords {

  /** The same that an answer with the refusal's status would carry. */
  public Map<String, Object> of(Refused refused) {
    Map<String, Object> problem = new LinkedHashMap<>(refused.facts());
    problem.put("status", refused.status().value());
    problem.put("title", refused.status().getReasonPhrase());
    problem.put("code", refused.code());
    problem.put("detail", refused.getMessage());
    if (!refused.faults().isEmpty()) {
      problem.put("errors", refused.faults());
    }
    return problem;
  }
}
