package gerula.app.platform.web;

import gerula.app.platform.errors.BodyTooLarge;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Bounds what one request may send, whatever length it announces. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class BodyLimit extends OncePerRequestFilter {

  private static final long USUAL_BYTES = 1 << 20;
  private static final long PICTURE_BYTES = 5 << 20;
  private static final long TABLE_BYTES = 20 << 20;
  private static final long ARCHIVE_BYTES = 2L << 30;

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    chain.doFilter(new Bounded(request, limit(request.getRequestURI())), response);
  }

  /** An archive is read piece by piece, so that its size costs no memory. */
  private static long limit(String address) {
    if (address.equals("/api/workspace/archive")) {
      return ARCHIVE_BYTES;
    }
    if (address.startsWith("/api/kit/csv")) {
      return TABLE_BYTES;
    }
    return address.contains("/picture/") ? PICTURE_BYTES : USUAL_BYTES;
  }

  private static final class Bounded extends HttpServletRequestWrapper {
    private final long limit;

    Bounded(HttpServletRequest request, long limit) {
      super(request);
      this.limit = limit;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      if (getContentLengthLong() > limit) {
        throw new BodyTooLarge(limit);
      }
      return new Counted(super.getInputStream(), limit);
    }
  }

  private static final class Counted extends ServletInputStream {
    private final ServletInputStream body;
    private final long limit;
    private long read;

    Counted(ServletInputStream body, long limit) {
      this.body = body;
      this.limit = limit;
    }

    @Override
    public int read() throws IOException {
      int one = body.read();
      count(one < 0 ? 0 : 1);
      return one;
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
      int some = body.read(into, from, length);
      count(Math.max(some, 0));
      return some;
    }

    private void count(int more) throws BodyTooLarge {
      read += more;
      if (read > limit) {
        throw new BodyTooLarge(limit);
      }
    }

    @Override
    public boolean isFinished() {
      return body.isFinished();
    }

    @Override
    public boolean isReady() {
      return body.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      body.setReadListener(listener);
    }
  }
}
