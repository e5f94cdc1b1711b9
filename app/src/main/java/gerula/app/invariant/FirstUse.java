package gerula.app.invariant;

import gerula.app.platform.workspace.SignedIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Has a kit looked through before its first answer. */
@Configuration
class FirstUse implements WebMvcConfigurer {

  private final ObjectProvider<KitCheck> check;

  FirstUse(ObjectProvider<KitCheck> check) {
    this.check = check;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(new Interceptor()).addPathPatterns("/api/**");
  }

  private final class Interceptor implements HandlerInterceptor {
    @Override
    public boolean preHandle(
        HttpServletRequest request, HttpServletResponse response, Object handler) {
      Authentication known = SecurityContextHolder.getContext().getAuthentication();
      if (known != null && known.getPrincipal() instanceof SignedIn who) {
        check.getObject().once(who.workspace());
      }
      return true;
    }
  }
}
