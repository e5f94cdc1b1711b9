package gerula.app.platform.signin;

import gerula.app.platform.GerulaSettings;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.web.ProblemAnswer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.session.NullAuthenticatedSessionStrategy;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

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

  /** The camera scans labels; nothing else is asked for. */
  private static final String PERMISSIONS_POLICY =
      "camera=(self), microphone=(), geolocation=(), payment=(), usb=(), display-capture=()";

  @Bean
  SecurityFilterChain security(
      HttpSecurity http,
      SecurityContextRepository contexts,
      SessionCsrf tokens,
      ProblemAnswer problems,
      Actors actors)
      throws Exception {
    return http.addFilterAfter(new ActorOfRequest(actors), SecurityContextHolderFilter.class)
        .authorizeHttpRequests(
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
        .csrf(
            csrf ->
                csrf.csrfTokenRepository(tokens)
                    .csrfTokenRequestHandler(new CsrfTokenRequestAttributeHandler())
                    // Signing in makes the new token itself.
                    .sessionAuthenticationStrategy(new NullAuthenticatedSessionStrategy()))
        .securityContext(context -> context.securityContextRepository(contexts))
        .requestCache(cache -> cache.disable())
        .anonymous(anonymous -> {})
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                    .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN))
                    .permissionsPolicyHeader(policy -> policy.policy(PERMISSIONS_POLICY))
                    .crossOriginOpenerPolicy(
                        policy -> policy.policy(CrossOriginOpenerPolicy.SAME_ORIGIN))
                    .crossOriginResourcePolicy(
                        policy -> policy.policy(CrossOriginResourcePolicy.SAME_ORIGIN)))
        .exceptionHandling(
            refusals ->
                refusals
                    .authenticationEntryPoint(
                        (_, response, _) ->
                            problems.write(
                                response,
                                Refused.body(
                                    HttpStatus.UNAUTHORIZED,
                                    "not-signed-in",
                                    "You are not signed in, or the session has ended. Sign in"
                                        + " again.")))
                    .accessDeniedHandler(
                        (_, response, _) ->
                            problems.write(
                                response,
                                Refused.body(
                                    HttpStatus.FORBIDDEN,
                                    "not-allowed",
                                    "This was not allowed. Load the page again and repeat it."))))
        .formLogin(form -> form.disable())
        .httpBasic(basic -> basic.disable())
        .logout(logout -> logout.disable())
        .build();
  }

  @Bean
  RequestRejectedHandler oddAddresses(ProblemAnswer problems) {
    return (_, response, _) ->
        problems.write(
            response,
            Refused.body(
                HttpStatus.BAD_REQUEST,
                "not-an-address",
                "There is no such address here. Nothing was done."));
  }

  @Bean
  SecurityContextRepository securityContexts() {
    return new HttpSessionSecurityContextRepository();
  }

  /** Argon2id, 19 MiB, 2 passes, 1 lane: OWASP Password Storage Cheat Sheet (from memory). */
  @Bean
  PasswordEncoder passphraseEncoder(GerulaSettings settings) {
    return new Argon2PasswordEncoder(16, 32, 1, settings.passphraseMemoryKib(), 2);
  }
}
