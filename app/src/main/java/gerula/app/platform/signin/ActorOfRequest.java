package gerula.app.platform.signin;

import gerula.app.platform.workspace.SignedIn;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Puts who asks, with the role he has at this moment, in place of what the session keeps. An
 * account that is gone is nobody.
 */
final class ActorOfRequest extends OncePerRequestFilter {

  private final Actors actors;

  ActorOfRequest(Actors actors) {
    this.actors = actors;
  }

  /** Pages and scripts are the same for everybody. */
  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getRequestURI().startsWith("/api/");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Authentication kept = SecurityContextHolder.getContext().getAuthentication();
    if (kept != null && kept.getPrincipal() instanceof KeptSignIn(var account)) {
      SecurityContextHolder.setContext(
          actors
              .of(account)
              .map(ActorOfRequest::context)
              .orElseGet(SecurityContextHolder::createEmptyContext));
    }
    chain.doFilter(request, response);
  }

  static SecurityContext context(SignedIn who) {
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(who, null, List.of()));
    return context;
  }
}
