package gerula.app.platform.web;

import gerula.app.platform.errors.Failures;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What fails outside of every controller, as when the database is gone while the session is looked
 * up, is told like everything else. When the answer has begun it is broken off, so that nobody
 * takes it for whole.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class LastResort extends OncePerRequestFilter {

  private final ProblemAnswer answers;

  LastResort(ProblemAnswer answers) {
    this.answers = answers;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    try {
      chain.doFilter(request, response);
    } catch (RuntimeException | ServletException failure) {
      if (response.isCommitted()) {
        throw failure;
      }
      answers.write(response, Failures.told(cause(failure)));
    }
  }

  private static Throwable cause(Exception failure) {
    return failure instanceof ServletException wrapped && wrapped.getCause() != null
        ? wrapped.getCause()
        : failure;
  }
}
