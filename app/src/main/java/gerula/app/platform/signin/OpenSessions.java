package gerula.app.platform.signin;

import gerula.app.platform.Sha256;
import gerula.app.platform.limits.Limit;
import gerula.app.platform.workspace.SignedIn;
import java.time.Instant;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Where an account is signed in. */
@Component
class OpenSessions {

  /** What the browser said it is when it signed in. */
  static final String BROWSER = "gerula.browser";

  private final FindByIndexNameSessionRepository<? extends Session> sessions;

  OpenSessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
    this.sessions = sessions;
  }

  /**
   * A browser that is signed in.
   *
   * @param id to end it by; says nothing of the session's own secret
   * @param browser what it said it is, empty when it said nothing
   * @param isThis whether it is the one that asks
   */
  record OpenSession(
      String id, Instant signedInAt, Instant lastSeenAt, String browser, boolean isThis) {}

  /** The one seen last first. */
  List<OpenSession> of(SignedIn who, String own) {
    return all(who).stream()
        .map(
            one ->
                new OpenSession(
                    publicId(one),
                    one.getCreationTime(),
                    one.getLastAccessedTime(),
                    Optional.<String>ofNullable(one.getAttribute(BROWSER)).orElse(""),
                    one.getId().equals(own)))
        .toList();
  }

  private List<? extends Session> all(SignedIn who) {
    return sessions.findByPrincipalName(who.getName()).values().stream()
        .sorted(Comparator.<Session, Instant>comparing(Session::getLastAccessedTime).reversed())
        .toList();
  }

  /** Ends one; nothing when it has ended already. */
  void end(SignedIn who, String id) {
    all(who).stream()
        .filter(one -> publicId(one).equals(id))
        .forEach(one -> sessions.deleteById(one.getId()));
  }

  void endAllBut(SignedIn who, String own) {
    all(who).stream()
        .filter(one -> !one.getId().equals(own))
        .forEach(one -> sessions.deleteById(one.getId()));
  }

  void endAll(SignedIn who) {
    all(who).forEach(one -> sessions.deleteById(one.getId()));
  }

  /** Nobody is signed in in so many places: the ones not seen for longest are ended. */
  void endOldest(SignedIn who) {
    all(who).stream()
        .skip(Limit.SESSIONS_OF_AN_ACCOUNT.whole())
        .forEach(one -> sessions.deleteById(one.getId()));
  }

  private static String publicId(Session session) {
    return HexFormat.of().formatHex(Sha256.of("session\n" + session.getId()), 0, 12);
  }
}
