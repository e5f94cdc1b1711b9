package gerula.app.platform.web;

import gerula.app.platform.errors.ProblemWords;
import gerula.app.platform.errors.Refused;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Map;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tells long work line by line (one JSON object each) while it goes on: {"done", "all"}, and at the
 * end {"result"} or {"problem"}. When the listener goes away the next line cannot be written, and
 * the work stops.
 */
@Component
public class ProgressLines {

  public static final String TYPE = "application/x-ndjson";

  private final JsonMapper json;
  private final ProblemWords problems;

  ProgressLines(JsonMapper json, ProblemWords problems) {
    this.json = json;
    this.problems = problems;
  }

  /** Does the work and answers with its result. */
  public void answer(HttpServletResponse response, Function<Progress, ?> work) throws IOException {
    response.setContentType(TYPE);
    response.setHeader("X-Accel-Buffering", "no");
    OutputStream out = response.getOutputStream();
    try {
      Object result = work.apply((done, all) -> tell(out, Map.of("done", done, "all", all)));
      tell(out, Map.of("result", result));
    } catch (Refused refused) {
      tell(out, Map.of("problem", problems.of(refused)));
    }
  }

  private void tell(OutputStream out, Map<String, ?> line) {
    try {
      out.write(json.writeValueAsBytes(line));
      out.write('\n');
      out.flush();
    } catch (IOException gone) {
      throw new Progress.Stopped(gone);
    }
  }
}
