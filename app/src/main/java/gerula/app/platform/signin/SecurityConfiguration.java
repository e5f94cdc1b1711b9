package gerula.app.platform.signin;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.CsrfConfigurer;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.firewall.RequestRejectedHandler;

/** Who may ask for what, and what every page may load. */
@Configuration
class SecurityConfiguration {

  /**
   * Only what the application ships; styles may be set by scripts, scripts come from files only.
   */
  private static final String CONTENT_POLICY =
      "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self' 'unsafe-inline'; img-src 'self'"
          + " data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; base-uri 'none';"
          + " form-action 'self'; frame-ancestors 'none'";

  @Bean
  SecurityFilterChain security(HttpSecurity http, SecurityContextRepository contexts)
      throws Exception {
    return http.authorizeHttpRequests(
            paths ->
                paths
                    .requestMatchers("/api/session")
                    .permitAll()
                    .requestMatchers(HttpMethod.POST, "/api/accounts")
                    .permitAll()
                    .requestMatchers("/api/**")
                    .authenticated()
                    .requestMatchers(HttpMethod.GET, "/**")
                    .permitAll()
                    .anyRequest()
                    .denyAll())
        .csrf(CsrfConfigurer::spa)
        .securityContext(context -> context.securityContextRepository(contexts))
        .requestCache(cache -> cache.disable())
        .anonymous(anonymous -> {})
        .headers(
            headers ->
                headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY)))
        .exceptionHandling(
            refusals ->
                refusals
                    .authenticationEntryPoint(
                        (_, response, _) ->
                            refuse(
                                response,
                                401,
                                "not-signed-in",
                                "You are not signed in, or the session has ended. Sign in again."))
                    .accessDeniedHandler(
                        (_, response, _) ->
                            refuse(
                                response,
                                403,
                                "not-allowed",
                                "This was not allowed. Load the page again and repeat it.")))
        .formLogin(form -> form.disable())
        .httpBasic(basic -> basic.disable())
        .logout(logout -> logout.disable())
        .build();
  }

  @Bean
  RequestRejectedHandler oddAddresses() {
    return (_, response, _) ->
        refuse(response, 400, "not-an-address", "There is no such address here. Nothing was done.");
  }

  private static void refuse(HttpServletResponse response, int status, String code, String detail)
      throws IOException {
    response.setStatus(status);
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response
        .getWriter()
        .write("{\"status\":%d,\"code\":\"%s\",\"detail\":\"%s\"}".formatted(status, code, detail));
  }

  @Bean
  SecurityContextRepository securityContexts() {
    return new HttpSessionSecurityContextRepository();
  }

  /** Argon2id, 19 MiB, 2 passes, 1 lane: OWASP Password Storage Cheat Sheet (from memory). */
  @Bean
  PasswordEncoder passphrases() {
    return new Argon2PasswordEncoder(16, 32, 1, 19 * 1024, 2);
  }
}
