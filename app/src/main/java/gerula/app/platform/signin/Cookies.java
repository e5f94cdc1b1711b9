package gerula.app.platform.signin;

import gerula.app.platform.GerulaSettings;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.web.util.WebUtils;

/**
 * How cookies travel: never to other sites, and over TLS only wherever there is TLS. Behind a proxy
 * that ends it, the proxy says so in X-Forwarded-Proto; "gerula.secure-cookies" settles it
 * otherwise.
 */
@Component
class Cookies {

  private static final String DEVICE = "gerula-device";
  private static final Duration DEVICE_KEPT = Duration.ofDays(400);

  private final @Nullable Boolean setting;

  Cookies(GerulaSettings settings) {
    setting = settings.secureCookies();
  }

  boolean areSecure(HttpServletRequest request) {
    return setting != null
        ? setting
        : request.isSecure() || "https".equalsIgnoreCase(request.getHeader("X-Forwarded-Proto"));
  }

  /** What this browser holds from signing in before; null when nothing. */
  @Nullable String device(HttpServletRequest request) {
    Cookie cookie = WebUtils.getCookie(request, DEVICE);
    return cookie == null || cookie.getValue().isBlank() ? null : cookie.getValue();
  }

  void writeDevice(String secret, HttpServletRequest request, HttpServletResponse response) {
    ResponseCookie cookie =
        ResponseCookie.from(DEVICE, secret)
            .path("/api")
            .httpOnly(true)
            .sameSite("Strict")
            .secure(areSecure(request))
            .maxAge(DEVICE_KEPT)
            .build();
    response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
  }

  /** The request as whoever sets a cookie by himself, like the session's, has to see it. */
  HttpServletRequest seen(HttpServletRequest request) {
    boolean isSecure = areSecure(request);
    return isSecure == request.isSecure()
        ? request
        : new HttpServletRequestWrapper(request) {
          @Override
          public boolean isSecure() {
            return isSecure;
          }
        };
  }
}
