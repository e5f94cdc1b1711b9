package gerula.app.platform.web;

import gerula.app.platform.errors.BodyTooLarge;
import gerula.app.platform.errors.BodyTooSlow;
import gerula.app.platform.errors.Refused;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Receives what is sent, within its bounds, before anything is done with it. */
@Component
@Order(BodyReader.ORDER)
class BodyReader extends OncePerRequestFilter {

  /** After whoever asks is known, before he is counted among those at work. */
  static final int ORDER = Ordered.LOWEST_PRECEDENCE - 20;

  private final ProblemAnswer answers;

  BodyReader(ProblemAnswer answers) {
    this.answers = answers;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!isOneType(request.getContentType())) {
      refuse(
          response,
          HttpStatus.UNSUPPORTED_MEDIA_TYPE,
          "unsupported-media-type",
          "The content type of what was sent cannot be understood. Nothing was saved.");
      return;
    }
    Body received;
    try {
      received = receive(request);
    } catch (BodyTooLarge tooLarge) {
      refuse(response, HttpStatus.CONTENT_TOO_LARGE, "body-too-large", tooLarge.getMessage());
      return;
    } catch (BodyTooSlow tooSlow) {
      refuse(response, HttpStatus.REQUEST_TIMEOUT, "too-slow", tooSlow.getMessage());
      return;
    } catch (SocketTimeoutException silent) {
      refuse(
          response,
          HttpStatus.REQUEST_TIMEOUT,
          "too-slow",
          "Nothing more arrived. Nothing was saved; try again.");
      return;
    }
    try (Body body = received) {
      body.noteIn(request);
      chain.doFilter(new Received(request, body), response);
    }
  }

  private static boolean isOneType(@Nullable String type) {
    try {
      return type == null || MediaType.parseMediaType(type).isConcrete();
    } catch (InvalidMediaTypeException nonsense) {
      return false;
    }
  }

  private void refuse(HttpServletResponse response, HttpStatus status, String code, String message)
      throws IOException {
    response.setHeader("Connection", "close");
    answers.write(response, Refused.body(status, code, message));
  }

  private static Body receive(HttpServletRequest request) throws IOException {
    BodyKind kind = BodyKind.of(request.getRequestURI());
    long told = request.getContentLengthLong();
    if (told > kind.most()) {
      throw new BodyTooLarge(kind.most());
    }
    if (told > Body.SHORT) {
      Spool.requireRoom(told);
    }
    return Body.receive(request.getInputStream(), kind);
  }

  private static final class Received extends HttpServletRequestWrapper {
    private final Body body;

    private Received(HttpServletRequest request, Body body) {
      super(request);
      this.body = body;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      return new Content(body.open());
    }

    @Override
    public BufferedReader getReader() throws IOException {
      return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
  }

  private static final class Content extends ServletInputStream {
    private final InputStream content;
    private boolean isFinished;

    private Content(InputStream content) {
      this.content = content;
    }

    @Override
    public int read() throws IOException {
      int one = content.read();
      isFinished |= one < 0;
      return one;
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
      int some = content.read(into, from, length);
      isFinished |= some < 0;
      return some;
    }

    @Override
    public boolean isFinished() {
      return isFinished;
    }

    @Override
    public boolean isReady() {
      return true;
    }

    @Override
    public void setReadListener(ReadListener listener) {
      throw new IllegalStateException("The content is here already: read it.");
    }

    @Override
    public void close() throws IOException {
      content.close();
    }
  }
}
