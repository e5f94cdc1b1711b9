package gerula.app.platform.signin;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/** All that a session keeps of who signed in. What he may do is asked anew for each request. */
record KeptSignIn(UUID account) implements Serializable, Principal {

  /** Sessions are found by it. */
  @Override
  public String getName() {
    return account.toString();
  }
}
