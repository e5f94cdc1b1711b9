package gerula.app.archive;

import gerula.app.platform.GerulaSettings;
import gerula.app.platform.signin.Accounts;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.dates.DateOrder;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/**
 * Signs the demo's artist up and reads her workspace in, the first time the demo is asked for. Done
 * before the application answers anybody, so that nobody sees half of it.
 */
@Component
class DemoWorkspace implements SmartInitializingSingleton {

  private static final Logger LOG = LoggerFactory.getLogger(DemoWorkspace.class);

  /** Made up, and known to everybody who can read this: the demo listens on loopback only. */
  private static final String EMAIL = "wren@gerula.example";

  private static final String PASSPHRASE = "harbour-lamp-and-tide";

  private final GerulaSettings settings;
  private final Accounts accounts;
  private final WorkspaceImport imports;

  DemoWorkspace(GerulaSettings settings, Accounts accounts, WorkspaceImport imports) {
    this.settings = settings;
    this.accounts = accounts;
    this.imports = imports;
  }

  @Override
  public void afterSingletonsInstantiated() {
    if (settings.demo() == null) {
      return;
    }
    SignedIn wren =
        accounts
            .find(EMAIL)
            .orElseGet(
                () ->
                    accounts.signUp(
                        EMAIL, PASSPHRASE, ZoneId.systemDefault(), DateOrder.DAY_FIRST));
    if (!imports.canReadInto(wren)) {
      return;
    }
    Path file = Path.of(settings.demo(), "workspace.json");
    try {
      imports.read(wren, UUID.randomUUID(), () -> Files.newInputStream(file), true);
    } catch (IOException missing) {
      throw new UncheckedIOException("The demo is not where it was said to be: " + file, missing);
    }
    LOG.info("Read the demo workspace from {}", file);
  }
}
