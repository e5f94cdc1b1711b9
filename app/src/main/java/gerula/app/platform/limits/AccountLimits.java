package gerula.app.platform.limits;

import gerula.app.platform.errors.Refused;
import gerula.app.platform.web.ProblemAnswer;
import gerula.app.platform.workspace.SignedIn;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Optional;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Bounds what one account and one address have at work at once, so that the others find connections
 * and processors free. Others of its requests wait for their turn; what they send has been received
 * by then.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 10)
class AccountLimits extends OncePerRequestFilter {

  private final InFlight atWork =
      new InFlight(
          Limit.ACCOUNT_REQUESTS_AT_WORK.whole(),
          Duration.ofSeconds(Limit.ACCOUNT_WAIT_SECONDS.value()));
  private final InFlight ofAddress =
      new InFlight(
          Limit.ADDRESS_REQUESTS_AT_WORK.whole(),
          Duration.ofSeconds(Limit.ACCOUNT_WAIT_SECONDS.value()));
  private final ProblemAnswer answers;

  AccountLimits(ProblemAnswer answers) {
    this.answers = answers;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String address = request.getRequestURI();
    return !address.startsWith("/api/") && !address.startsWith("/calendar/");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Optional<InFlight.Turn> turn = atWork.await(account(request));
    if (turn.isEmpty()) {
      answers.write(
          response, Refused.tooMany("Too much of what you asked for is still being done.", 5));
      return;
    }
    try (InFlight.Turn _ = turn.get()) {
      atTheAddressesTurn(request, response, chain);
    }
  }

  /** One person with many accounts is no more than one person. */
  private void atTheAddressesTurn(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Optional<InFlight.Turn> turn = ofAddress.await(request.getRemoteAddr());
    if (turn.isEmpty()) {
      answers.write(
          response,
          Refused.tooMany("Too much of what was asked from your address is still being done.", 5));
      return;
    }
    try (InFlight.Turn _ = turn.get()) {
      chain.doFilter(request, response);
    }
  }

  /** Whoever is not signed in counts by address. */
  private static String account(HttpServletRequest request) {
    Authentication known = SecurityContextHolder.getContext().getAuthentication();
    return known != null && known.getPrincipal() instanceof SignedIn who
        ? who.workspace().toString()
        : request.getRemoteAddr();
  }
}
