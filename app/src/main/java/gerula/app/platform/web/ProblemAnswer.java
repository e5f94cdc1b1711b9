package gerula.app.platform.web;

import gerula.app.platform.errors.ProblemWords;
import gerula.app.platform.errors.Refused;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Answers with problem details where no controller is at work. */
@Component
public class ProblemAnswer {

  private final JsonMapper json;
  private final ProblemWords words;

  ProblemAnswer(JsonMapper json, ProblemWords words) {
    this.json = json;
    this.words = words;
  }

  /** Nothing when the answer has begun: it ends broken, and is not taken for whole. */
  public void write(HttpServletResponse response, Refused refused) throws IOException {
    if (response.isCommitted()) {
      return;
    }
    response.resetBuffer();
    response.setStatus(refused.status().value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    refused
        .retryAfterSeconds()
        .ifPresent(seconds -> response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(seconds)));
    byte[] body = json.writeValueAsBytes(words.of(refused));
    response.setContentLength(body.length);
    response.getOutputStream().write(body);
  }
}
