package gerula.app.platform.signin;

import gerula.app.platform.workspace.Role;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.dates.DateOrder;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing up, in and out. The only addresses that answer without a session. */
@RestController
class SessionController {

  private final Accounts accounts;
  private final SecurityContextRepository contexts;
  private final OpenSessions sessions;
  private final SessionCsrf tokens;
  private final Cookies cookies;
  private final Workspaces workspaces;
  private final WorkspaceTime time;
  private final Clock clock;

  SessionController(
      Accounts accounts,
      SecurityContextRepository contexts,
      OpenSessions sessions,
      SessionCsrf tokens,
      Cookies cookies,
      Workspaces workspaces,
      WorkspaceTime time,
      Clock clock) {
    this.accounts = accounts;
    this.contexts = contexts;
    this.sessions = sessions;
    this.tokens = tokens;
    this.cookies = cookies;
    this.workspaces = workspaces;
    this.time = time;
    this.clock = clock;
  }

  /**
   * @param email who is signed in, null when nobody is
   * @param role what he may do, null when nobody is signed in
   * @param zone in which the workspace's days begin and end, null when nobody is signed in
   * @param dateOrder in which dates are written there, null when nobody is signed in
   * @param today which day it is there
   */
  record Session(
      @Nullable String email,
      @Nullable Role role,
      @Nullable String zone,
      @Nullable DateOrder dateOrder,
      LocalDate today) {}

  /** A name and its passphrase. */
  record SignIn(
      @NotNull(message = "Write the e-mail.") @Size(max = 254) String email,
      @NotNull(message = "Write the passphrase.") @Size(max = 200) String passphrase) {}

  /**
   * A new name and its passphrase.
   *
   * @param zone the time zone the artist works in, as browsers tell it, like Europe/London; null:
   *     that of the machine
   * @param dateOrder in which she writes dates; null: the day first
   */
  record SignUp(
      @NotBlank(message = "Write an e-mail.")
          @Email(message = "This is not an e-mail address.")
          @Size(max = 254, message = "An e-mail has at most 254 characters.")
          String email,
      @NotNull(message = "Write a passphrase.")
          @Size(
              min = 12,
              max = 200,
              message = "A passphrase has 12 to 200 characters: several words make a good one.")
          String passphrase,
      @Nullable @Size(max = 60, message = "The name of a time zone has at most 60 characters.")
          String zone,
      @Nullable DateOrder dateOrder) {}

  @GetMapping("/api/session")
  Session session(
      @AuthenticationPrincipal @Nullable SignedIn who,
      CsrfToken token,
      HttpServletRequest request,
      HttpServletResponse response) {
    tokens.tell(token, request, response);
    return who == null ? new Session(null, null, null, null, LocalDate.now(clock)) : view(who);
  }

  @PostMapping("/api/session")
  Session signIn(
      @Valid @RequestBody SignIn asked, HttpServletRequest request, HttpServletResponse response) {
    return begin(
        accounts.signIn(asked.email(), asked.passphrase(), from(request)), request, response);
  }

  @PostMapping("/api/accounts")
  @ResponseStatus(HttpStatus.CREATED)
  Session signUp(
      @Valid @RequestBody SignUp asked, HttpServletRequest request, HttpServletResponse response) {
    return begin(
        accounts.signUp(
            asked.email(), asked.passphrase(), asked.zone(), asked.dateOrder(), from(request)),
        request,
        response);
  }

  @DeleteMapping("/api/session")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
  }

  private Accounts.From from(HttpServletRequest request) {
    return new Accounts.From(request.getRemoteAddr(), cookies.device(request));
  }

  /** One browser keeps its secret whoever signs in with it. */
  private void remember(SignedIn who, HttpServletRequest request, HttpServletResponse response) {
    String known = cookies.device(request);
    String device = known != null ? known : KnownDevices.newSecret();
    accounts.remember(who, device);
    cookies.writeDevice(device, request, response);
  }

  private static String browser(HttpServletRequest request) {
    String told = request.getHeader(HttpHeaders.USER_AGENT);
    return told == null ? "" : told.substring(0, Math.min(told.length(), 160));
  }

  /** A new session for every sign-in, so that one planted before it is worth nothing. */
  private Session begin(SignedIn who, HttpServletRequest request, HttpServletResponse response) {
    HttpSession before = request.getSession(false);
    if (before != null) {
      before.invalidate();
    }
    SecurityContext kept = SecurityContextHolder.createEmptyContext();
    kept.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(
            new KeptSignIn(who.account()), null, List.of()));
    contexts.saveContext(kept, request, response);
    SecurityContextHolder.setContext(ActorOfRequest.context(who));
    request.getSession().setAttribute(OpenSessions.BROWSER, browser(request));
    tokens.renew(request, response);
    remember(who, request, response);
    sessions.endOldest(who);
    return view(who);
  }

  private Session view(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () ->
            new Session(
                who.email(), who.role(), time.zone().getId(), time.dateOrder(), time.today()));
  }
}
