package gerula.app.platform.limits;

import gerula.app.platform.errors.Refused;
import gerula.app.platform.web.ProblemAnswer;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Optional;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Bounds what comes from one address, before it is known who asks. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class AddressLimits extends OncePerRequestFilter {

  private static final Duration LONGEST_WAIT = Duration.ofSeconds(2);

  private final InFlight open =
      new InFlight(Limit.ADDRESS_REQUESTS_OPEN.whole(), Duration.ofSeconds(5));
  private final Pace pace =
      new Pace(
          Limit.ADDRESS_REQUESTS_BURST.whole(),
          Limit.ADDRESS_REQUESTS_A_SECOND.whole(),
          Duration.ofSeconds(1));
  private final ProblemAnswer answers;

  AddressLimits(ProblemAnswer answers) {
    this.answers = answers;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String address = request.getRemoteAddr();
    Optional<InFlight.Turn> turn = open.await(address);
    if (turn.isEmpty()) {
      answers.write(
          response,
          Refused.tooMany("Too many requests from your address are still being answered.", 5));
      return;
    }
    try (InFlight.Turn _ = turn.get()) {
      atThePaceOf(address, request, response, chain);
    }
  }

  /**
   * Whoever asks too often is kept waiting rather than refused at once: a refusal that costs him
   * nothing is asked for thousands of times a second.
   */
  private void atThePaceOf(
      String address, HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    try {
      if (!pace.await(address, LONGEST_WAIT)) {
        Thread.sleep(LONGEST_WAIT);
        answers.write(
            response,
            Refused.tooMany(
                "Too many requests came from your address.", 1 + LONGEST_WAIT.toSeconds()));
        return;
      }
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      return;
    }
    chain.doFilter(request, response);
    if (wasAskedInVain(response)) {
      pace.takeMore(address, Limit.ADDRESS_REQUESTS_IN_VAIN.whole() - 1);
    }
  }

  /** Whoever goes on after he was told to sign in or to wait is soon told so without much work. */
  private static boolean wasAskedInVain(HttpServletResponse response) {
    return response.getStatus() == HttpStatus.UNAUTHORIZED.value()
        || response.getStatus() == HttpStatus.TOO_MANY_REQUESTS.value();
  }
}
