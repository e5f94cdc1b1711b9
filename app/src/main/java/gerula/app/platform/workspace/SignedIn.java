package gerula.app.platform.workspace;

import java.security.Principal;
import java.util.UUID;

/**
 * Who asks, for which workspace, and as what. Looked up for each request; a session keeps no more
 * than the account.
 *
 * @param account also the id of the actor under which acts stand in the history
 */
public record SignedIn(UUID account, UUID workspace, String email, Role role) implements Principal {

  /** The account's id: sessions are found by it. */
  @Override
  public String getName() {
    return account.toString();
  }
}
