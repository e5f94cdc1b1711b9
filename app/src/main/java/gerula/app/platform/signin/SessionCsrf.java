package gerula.app.platform.signin;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.DefaultCsrfToken;
import org.springframework.stereotype.Component;
import org.springframework.web.util.WebUtils;

/**
 * The token every changing request sends. It belongs to the session and is made anew at sign-in;
 * the cookie only tells the page what it is. Before there is a session the cookie is all there is.
 */
@Component
class SessionCsrf implements CsrfTokenRepository {

  private static final String COOKIE = "XSRF-TOKEN";
  private static final String HEADER = "X-XSRF-TOKEN";
  private static final String PARAMETER = "_csrf";
  private static final String ATTRIBUTE = SessionCsrf.class.getName();

  private final Cookies cookies;

  SessionCsrf(Cookies cookies) {
    this.cookies = cookies;
  }

  @Override
  public CsrfToken generateToken(HttpServletRequest request) {
    return token(UUID.randomUUID().toString());
  }

  @Override
  public void saveToken(
      @Nullable CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.setAttribute(ATTRIBUTE, token == null ? null : token.getToken());
    }
    ResponseCookie cookie =
        ResponseCookie.from(COOKIE, token == null ? "" : token.getToken())
            .path("/")
            .sameSite("Strict")
            .secure(cookies.areSecure(request))
            .maxAge(token == null ? 0 : -1)
            .build();
    response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
  }

  @Override
  public @Nullable CsrfToken loadToken(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      Object known = session.getAttribute(ATTRIBUTE);
      return known instanceof String text ? token(text) : null;
    }
    Cookie cookie = WebUtils.getCookie(request, COOKIE);
    return cookie == null || cookie.getValue().isBlank() ? null : token(cookie.getValue());
  }

  /** A new one for a new session. */
  void renew(HttpServletRequest request, HttpServletResponse response) {
    saveToken(generateToken(request), request, response);
  }

  /** Tells the page the session's token again, when its cookie was lost or is another's. */
  void tell(CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
    Cookie cookie = WebUtils.getCookie(request, COOKIE);
    if (cookie == null || !cookie.getValue().equals(token.getToken())) {
      saveToken(token, request, response);
    }
  }

  private static CsrfToken token(String text) {
    return new DefaultCsrfToken(HEADER, PARAMETER, text);
  }
}
