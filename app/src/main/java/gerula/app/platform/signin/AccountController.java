package gerula.app.platform.signin;

import gerula.app.platform.signin.OpenSessions.OpenSession;
import gerula.app.platform.workspace.SignedIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own account over HTTP: passphrase, where one is signed in, leaving for good. */
@RestController
class AccountController {

  private final Accounts accounts;
  private final OpenSessions sessions;
  private final SessionCsrf tokens;
  private final Cookies cookies;

  AccountController(Accounts accounts, OpenSessions sessions, SessionCsrf tokens, Cookies cookies) {
    this.accounts = accounts;
    this.sessions = sessions;
    this.tokens = tokens;
    this.cookies = cookies;
  }

  /** The passphrase as it is, and as it shall be. */
  record ChangePassphrase(
      @NotNull(message = "Write your present passphrase.") @Size(max = 200) String present,
      @NotNull(message = "Write a new passphrase.")
          @Size(
              min = 12,
              max = 200,
              message = "A passphrase has 12 to 200 characters: several words make a good one.")
          String fresh) {}

  /** Proof that it is oneself who wants it. */
  record DeleteAccount(
      @NotNull(message = "Write your passphrase.") @Size(max = 200) String passphrase) {}

  /** All other browsers are signed out, and are not known any more. */
  @PutMapping("/api/account/passphrase")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changePassphrase(
      @AuthenticationPrincipal SignedIn who,
      @Valid @RequestBody ChangePassphrase asked,
      HttpServletRequest request,
      HttpServletResponse response) {
    accounts.changePassphrase(who, asked.present(), asked.fresh(), from(request));
    String device = KnownDevices.newSecret();
    accounts.remember(who, device);
    cookies.writeDevice(device, request, response);
    sessions.endAllBut(who, request.getSession().getId());
    tokens.renew(request, response);
  }

  @GetMapping("/api/account/sessions")
  List<OpenSession> sessions(@AuthenticationPrincipal SignedIn who, HttpServletRequest request) {
    return sessions.of(who, request.getSession().getId());
  }

  @DeleteMapping("/api/account/sessions/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(@AuthenticationPrincipal SignedIn who, @PathVariable String id) {
    sessions.end(who, id);
  }

  /** All but the one that asks. */
  @DeleteMapping("/api/account/sessions")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void endOthers(@AuthenticationPrincipal SignedIn who, HttpServletRequest request) {
    sessions.endAllBut(who, request.getSession().getId());
  }

  /** The account and everything in its workspace, for good; after an export of all of it. */
  @PostMapping("/api/account/delete")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(
      @AuthenticationPrincipal SignedIn who,
      @Valid @RequestBody DeleteAccount asked,
      HttpServletRequest request) {
    accounts.delete(who, asked.passphrase(), from(request));
    sessions.endAllBut(who, request.getSession().getId());
    HttpSession own = request.getSession(false);
    if (own != null) {
      own.invalidate();
    }
    SecurityContextHolder.clearContext();
  }

  private Accounts.From from(HttpServletRequest request) {
    return new Accounts.From(request.getRemoteAddr(), cookies.device(request));
  }
}
