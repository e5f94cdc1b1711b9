package gerula.app.platform.signin;

import gerula.app.platform.GerulaSettings;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.web.ProblemAnswer;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only under its own names, so that no other name can be pointed at it, and takes changes
 * only from its own pages.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class Origins extends OncePerRequestFilter {

  private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS", "TRACE");

  private final Set<String> hosts;
  private final Cookies cookies;
  private final ProblemAnswer answers;

  Origins(GerulaSettings settings, Cookies cookies, ProblemAnswer answers) {
    this.cookies = cookies;
    hosts = settings.hosts();
    this.answers = answers;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!isOwnHost(request.getHeader(HttpHeaders.HOST))) {
      answers.write(
          response,
          Refused.body(
              HttpStatus.MISDIRECTED_REQUEST,
              "unknown-host",
              "This service doesn't answer under that name. Nothing was done."));
    } else if (!READING.contains(request.getMethod()) && !isOwnPage(request)) {
      answers.write(
          response,
          Refused.body(
              HttpStatus.FORBIDDEN,
              "not-allowed",
              "This came from another site and was not done. Load the page again and repeat it."));
    } else if (request.getDispatcherType() == DispatcherType.REQUEST
        && request.getRequestURI().equals("/error")) {
      answers.write(
          response,
          Refused.body(HttpStatus.NOT_FOUND, "not-there", "There is no such address here."));
    } else {
      chain.doFilter(cookies.seen(request), response);
    }
  }

  private boolean isOwnHost(@Nullable String header) {
    if (header == null) {
      return false;
    }
    String host = withoutPort(header.toLowerCase(Locale.ROOT));
    return host.equals("localhost")
        || host.equals("[::1]")
        || host.matches("127\\.\\d{1,3}\\.\\d{1,3}\\.\\d{1,3}")
        || hosts.contains(host);
  }

  private static String withoutPort(String host) {
    return host.replaceFirst(":\\d{1,5}$", "");
  }

  /** Browsers say where a change comes from; programs that are no browsers say nothing. */
  private static boolean isOwnPage(HttpServletRequest request) {
    if ("cross-site".equals(request.getHeader("Sec-Fetch-Site"))) {
      return false;
    }
    String origin = request.getHeader(HttpHeaders.ORIGIN);
    if (origin == null) {
      return true;
    }
    try {
      String from = URI.create(origin).getRawAuthority();
      return from != null && from.equalsIgnoreCase(request.getHeader(HttpHeaders.HOST));
    } catch (IllegalArgumentException unreadable) {
      return false;
    }
  }
}
