package gerula.app.platform.signin;

import static gerula.app.tables.Tables.ACCOUNT;
import static gerula.app.tables.Tables.WORKSPACE;

import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** Signing up and proving who one is. */
@Component
public class Accounts {

  private final DSLContext sql;
  private final Workspaces workspaces;
  private final PasswordEncoder passphrases;
  private final SignInPace pace;

  /**
   * Checked when nobody has the name, so that the answer takes as long as for a wrong passphrase.
   * Worked out a moment after the start, which it would hold up for half a second.
   */
  private final CompletableFuture<String> nobodysHash;

  Accounts(DSLContext sql, Workspaces workspaces, PasswordEncoder passphrases, SignInPace pace) {
    this.sql = sql;
    this.workspaces = workspaces;
    this.passphrases = passphrases;
    this.pace = pace;
    this.nobodysHash =
        CompletableFuture.supplyAsync(
            () -> passphrases.encode(UUID.randomUUID().toString()),
            CompletableFuture.delayedExecutor(2, TimeUnit.SECONDS));
  }

  /**
   * Founds a workspace of its own for a new owner.
   *
   * @throws Refused when the name is taken
   */
  public SignedIn signUp(String email, String passphrase) {
    SignedIn owner = new SignedIn(UUID.randomUUID(), UUID.randomUUID(), email.strip());
    String hash = passphrases.encode(passphrase);
    try {
      workspaces.in(owner.workspace(), () -> insert(owner, hash));
    } catch (DuplicateKeyException taken) {
      throw Refused.faulty(
          List.of(
              new FieldFault(
                  "email", "taken", "This e-mail has an account already. Sign in instead.")));
    }
    return owner;
  }

  private void insert(SignedIn owner, String hash) {
    sql.insertInto(WORKSPACE)
        .set(WORKSPACE.WORKSPACE_ID, owner.workspace())
        .set(WORKSPACE.NAME, owner.email())
        .execute();
    sql.insertInto(ACCOUNT)
        .set(ACCOUNT.ID, owner.account())
        .set(ACCOUNT.EMAIL, owner.email())
        .set(ACCOUNT.PASSPHRASE_HASH, hash)
        .execute();
  }

  /**
   * @throws Refused when the two do not belong together, or too many tries failed just now
   */
  public SignedIn signIn(String email, String passphrase) {
    pace.refuseIfTooSoon(email);
    Optional<Record> account = byEmail(email);
    String hash =
        account.map(row -> row.get("passphrase_hash", String.class)).orElseGet(nobodysHash::join);
    if (!passphrases.matches(passphrase, hash) || account.isEmpty()) {
      pace.noteFailure(email);
      throw Refused.wrongSignIn();
    }
    pace.forget(email);
    return signedIn(account.get());
  }

  /** Whether anyone has this name. */
  public Optional<SignedIn> find(String email) {
    return byEmail(email).map(Accounts::signedIn);
  }

  private Optional<Record> byEmail(String email) {
    return sql.fetchOptional("select * from access.account_by_email(?)", email.strip());
  }

  private static SignedIn signedIn(Record account) {
    return new SignedIn(
        account.get("id", UUID.class),
        account.get("workspace_id", UUID.class),
        account.get("email", String.class));
  }
}
