package gerula.app.platform.web;

import gerula.app.platform.errors.AnsweredBefore;
import gerula.app.platform.errors.Failures;
import gerula.app.platform.errors.ProblemWords;
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
    OutputStream out = response.getOutputStream();
    try {
      Object result =
          work.apply((done, all) -> tell(response, out, Map.of("done", done, "all", all)));
      tell(response, out, Map.of("result", result));
    } catch (AnsweredBefore before) {
      tell(response, out, Map.of("result", json.readTree(before.json())));
    } catch (Progress.Stopped gone) {
      throw gone;
    } catch (RuntimeException failed) {
      // Before the first line it is an answer like any other, with its own status.
      if (!response.isCommitted()) {
        throw failed;
      }
      tell(response, out, Map.of("problem", problems.of(Failures.told(failed))));
    }
  }

  private void tell(HttpServletResponse response, OutputStream out, Map<String, ?> line) {
    try {
      if (!response.isCommitted()) {
        response.setContentType(TYPE);
        response.setHeader("X-Accel-Buffering", "no");
      }
      out.write(json.writeValueAsBytes(line));
      out.write('\n');
      out.flush();
    } catch (IOException gone) {
      throw new Progress.Stopped(gone);
    }
  }
}
