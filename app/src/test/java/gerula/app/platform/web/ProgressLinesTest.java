package gerula.app.platform.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import gerula.app.platform.errors.ProblemWords;
import gerula.app.platform.errors.Refused;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Long work tells how far it is, and stops when nobody listens any more. */
class ProgressLinesTest {

  private final JsonMapper json = JsonMapper.builder().build();
  private final ProgressLines lines = new ProgressLines(json, new ProblemWords());

  @Test
  void workIsToldLineByLineAndTheResultComesLast() throws IOException {
    ByteArrayOutputStream heard = new ByteArrayOutputStream();
    lines.answer(
        answering(heard),
        progress -> {
          progress.at(1, 2);
          progress.at(2, 2);
          return Map.of("added", 2);
        });
    assertThat(heard.toString(StandardCharsets.UTF_8).lines())
        .satisfiesExactly(
            line -> assertThat(json.readTree(line).path("done").asInt()).isEqualTo(1),
            line -> assertThat(json.readTree(line).path("done").asInt()).isEqualTo(2),
            line -> assertThat(json.readTree(line).at("/result/added").asInt()).isEqualTo(2));
  }

  @Test
  void beforeTheFirstLineARefusalIsAnAnswerOfItsOwn() throws IOException {
    ByteArrayOutputStream heard = new ByteArrayOutputStream();
    HttpServletResponse response = answering(heard);
    assertThatThrownBy(
            () ->
                lines.answer(
                    response,
                    _ -> {
                      throw Refused.notNow("not-empty", "There are things in it.");
                    }))
        .isInstanceOf(Refused.class);
    assertThat(heard.size()).isZero();
  }

  @Test
  void afterALineARefusalIsTheLastLineWithItsCode() throws IOException {
    ByteArrayOutputStream heard = new ByteArrayOutputStream();
    HttpServletResponse response = answering(heard);
    when(response.isCommitted()).thenReturn(true);
    lines.answer(
        response,
        _ -> {
          throw Refused.notNow("not-empty", "There are things in it.");
        });
    JsonNode problem = json.readTree(heard.toByteArray()).path("problem");
    assertThat(problem.path("code").asString()).isEqualTo("not-empty");
    assertThat(problem.path("status").asInt()).isEqualTo(409);
    assertThat(problem.path("detail").asString()).isEqualTo("There are things in it.");
  }

  @Test
  void workStopsAtTheNextLineWhenTheListenerHasGone() throws IOException {
    ServletOutputStream gone = mock(ServletOutputStream.class);
    doThrow(new IOException("broken pipe")).when(gone).flush();
    HttpServletResponse response = mock(HttpServletResponse.class);
    when(response.getOutputStream()).thenReturn(gone);
    AtomicInteger steps = new AtomicInteger();
    assertThatThrownBy(
            () ->
                lines.answer(
                    response,
                    progress -> {
                      for (int step = 1; step <= 5; step++) {
                        steps.set(step);
                        progress.at(step, 5);
                      }
                      return Map.of();
                    }))
        .isInstanceOf(Progress.Stopped.class);
    assertThat(steps).hasValue(1);
  }

  private static HttpServletResponse answering(ByteArrayOutputStream heard) throws IOException {
    ServletOutputStream out =
        new ServletOutputStream() {
          @Override
          public boolean isReady() {
            return true;
          }

          @Override
          public void setWriteListener(WriteListener listener) {
            throw new UnsupportedOperationException();
          }

          @Override
          public void write(int one) {
            heard.write(one);
          }
        };
    HttpServletResponse response = mock(HttpServletResponse.class);
    when(response.getOutputStream()).thenReturn(out);
    return response;
  }
}
