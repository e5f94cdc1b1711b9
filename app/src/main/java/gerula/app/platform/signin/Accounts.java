package gerula.app.platform.signin;

import static gerula.app.tables.Tables.ACCOUNT;
import static gerula.app.tables.Tables.ACTOR;
import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.WORKSPACE;

import gerula.app.platform.GerulaSettings;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.Pace;
import gerula.app.platform.workspace.Role;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.TimeZones;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.dates.DateOrder;
import java.time.Duration;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Component;

/** Signing up, proving who one is, and leaving for good. */
@Component
public class Accounts {

  private final DSLContext sql;
  private final Workspaces workspaces;
  private final Actors actors;
  private final Passphrases passphrases;
  private final SignInPace pace;
  private final KnownDevices devices;
  private final Pace signUps;

  Accounts(
      DSLContext sql,
      Workspaces workspaces,
      Actors actors,
      Passphrases passphrases,
      SignInPace pace,
      KnownDevices devices,
      GerulaSettings settings) {
    this.sql = sql;
    this.workspaces = workspaces;
    this.actors = actors;
    this.passphrases = passphrases;
    this.pace = pace;
    this.devices = devices;
    this.signUps = new Pace(settings.signUpBurst(), settings.signUpsAnHour(), Duration.ofHours(1));
  }

  /**
   * Where a request comes from.
   *
   * @param address of the machine it came from
   * @param device what the browser holds from signing in before, null when nothing
   */
  record From(String address, @Nullable String device) {}

  /**
   * Makes a workspace of his own for a new owner.
   *
   * @throws Refused when the name is taken, the passphrase weak, or too many signed up from there
   */
  SignedIn signUp(
      String email,
      String passphrase,
      @Nullable String zone,
      @Nullable DateOrder dates,
      From from) {
    // Before anything is worked out: hashing is what costs.
    signUps
        .secondsToWait(from.address())
        .ifPresent(
            seconds -> {
              throw Refused.tooMany("Too many accounts were created from your address.", seconds);
            });
    passphrases.requireStrong("passphrase", passphrase, email);
    return signUp(
        email,
        passphrase,
        zone == null ? ZoneId.systemDefault() : TimeZones.known(zone),
        dates == null ? DateOrder.DAY_FIRST : dates);
  }

  /** One that is known to be wanted. */
  public SignedIn signUp(String email, String passphrase, ZoneId zone, DateOrder dates) {
    SignedIn owner = new SignedIn(UUID.randomUUID(), UUID.randomUUID(), email.strip(), Role.OWNER);
    if (byEmail(email).isPresent()) {
      throw taken();
    }
    String hash = passphrases.hash(passphrase);
    try {
      workspaces.found(owner.workspace(), () -> insert(owner, zone, dates, hash));
    } catch (DuplicateKeyException sameMoment) {
      throw taken();
    }
    return owner;
  }

  private static Refused taken() {
    return Refused.faulty(
        List.of(
            new FieldFault(
                "email", "taken", "This e-mail has an account already. Sign in instead.")));
  }

  private void insert(SignedIn owner, ZoneId zone, DateOrder dates, String hash) {
    sql.insertInto(WORKSPACE)
        .set(WORKSPACE.WORKSPACE_ID, owner.workspace())
        .set(WORKSPACE.NAME, owner.email())
        .set(WORKSPACE.ZONE, zone.getId())
        .set(WORKSPACE.DATE_ORDER, dates.code())
        .execute();
    sql.insertInto(ACTOR)
        .set(ACTOR.ID, owner.account())
        .set(ACTOR.NAME, owner.email())
        .set(ACTOR.ROLE, owner.role().code())
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
  SignedIn signIn(String email, String passphrase, From from) {
    SignInPace.Try counted = pace.begin(email, from.address(), devices.known(email, from.device()));
    Optional<Record> account = byEmail(email);
    if (account.isEmpty()) {
      passphrases.matchNobodys(passphrase);
      throw Refused.wrongSignIn();
    }
    if (!passphrases.matches(passphrase, hash(account.get()))) {
      throw Refused.wrongSignIn();
    }
    pace.giveBack(counted);
    return actors.of(account.get().get("id", UUID.class)).orElseThrow(Refused::wrongSignIn);
  }

  /** The browser is known from now on. */
  void remember(SignedIn who, String device) {
    devices.remember(who.email(), device);
    // Whoever signs in takes along what counts for nothing any more.
    devices.forgetOld();
    pace.forgetOld();
  }

  /**
   * @throws Refused when the present passphrase is wrong or the new one weak
   */
  void changePassphrase(SignedIn who, String present, String fresh, From from) {
    prove(who, present, from, "present");
    passphrases.requireStrong("fresh", fresh, who.email());
    String hash = passphrases.hash(fresh);
    workspaces.write(
        who.workspace(),
        () -> {
          sql.update(ACCOUNT)
              .set(ACCOUNT.PASSPHRASE_HASH, hash)
              .where(ACCOUNT.ID.eq(who.account()))
              .execute();
        });
    devices.forgetAll(who.email());
  }

  /**
   * Deletes the account and everything in its workspace for good.
   *
   * @throws Refused when the passphrase is wrong, or something was done since the last export
   */
  void delete(SignedIn who, String passphrase, From from) {
    prove(who, passphrase, from, "passphrase");
    workspaces.write(
        who.workspace(),
        () -> {
          refuseUnlessExported();
          sql.execute("select gerula.delete_workspace()");
        });
    devices.forgetAll(who.email());
  }

  private void refuseUnlessExported() {
    Long newest = sql.select(DSL.max(LEDGER.SEQ)).from(LEDGER).fetchSingle().value1();
    Long exported =
        sql.select(WORKSPACE.EXPORTED_SEQ).from(WORKSPACE).fetchSingle(WORKSPACE.EXPORTED_SEQ);
    if (newest != null && (exported == null || exported < newest)) {
      throw Refused.notNow(
          "export-first",
          "Something was changed since your last export. Export the workspace, then delete the"
              + " account. Nothing was deleted.");
    }
  }

  private void prove(SignedIn who, String passphrase, From from, String path) {
    SignInPace.Try counted =
        pace.begin(who.email(), from.address(), devices.known(who.email(), from.device()));
    boolean isRight =
        byEmail(who.email())
            .filter(account -> passphrases.matches(passphrase, hash(account)))
            .isPresent();
    if (!isRight) {
      throw Refused.faulty(
          List.of(new FieldFault(path, "wrong", "This is not your passphrase. Type it again.")));
    }
    pace.giveBack(counted);
  }

  /** Whether anyone has this name. */
  public Optional<SignedIn> find(String email) {
    return byEmail(email).flatMap(account -> actors.of(account.get("id", UUID.class)));
  }

  private Optional<Record> byEmail(String email) {
    return sql.fetchOptional("select * from access.account_by_email(?)", email.strip());
  }

  private static String hash(Record account) {
    return account.get("passphrase_hash", String.class);
  }
}
