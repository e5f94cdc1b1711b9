package gerula.app.platform.workspace;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/** Who asks, and for which workspace. Kept in the session. */
public record SignedIn(UUID account, UUID workspace, String email)
    implements Serializable, Principal {

  /** The account's id: sessions are found by it. */
  @Override
  public String getName() {
    return account.toString();
  }
}
