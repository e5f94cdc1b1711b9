package gerula.app.dates.calendar;

import static gerula.app.tables.Tables.CALENDAR_FEED;

import gerula.app.platform.Sha256;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** The secret in a calendar's private address: made, replaced, revoked, and looked up. */
@Component
class CalendarFeed {

  private static final int SECRET_BYTES = 32;
  private static final SecureRandom RANDOM = new SecureRandom();

  private final DSLContext sql;
  private final Workspaces workspaces;
  private final Clock clock;

  CalendarFeed(DSLContext sql, Workspaces workspaces, Clock clock) {
    this.sql = sql;
    this.workspaces = workspaces;
    this.clock = clock;
  }

  /** When the address was made, if there is one. */
  Optional<Instant> madeAt(SignedIn who) {
    return workspaces.read(
        who.workspace(), () -> sql.selectFrom(CALENDAR_FEED).fetchOptional(CALENDAR_FEED.MADE_AT));
  }

  /** Makes a new secret; an earlier one opens nothing any more. */
  String make(SignedIn who) {
    byte[] random = new byte[SECRET_BYTES];
    RANDOM.nextBytes(random);
    String secret = Base64.getUrlEncoder().withoutPadding().encodeToString(random);
    workspaces.write(
        who.workspace(),
        () -> {
          sql.deleteFrom(CALENDAR_FEED).execute();
          sql.insertInto(CALENDAR_FEED)
              .set(CALENDAR_FEED.SECRET_HASH, Sha256.of(secret))
              .set(CALENDAR_FEED.MADE_AT, clock.instant())
              .execute();
        });
    return secret;
  }

  void revoke(SignedIn who) {
    workspaces.write(
        who.workspace(),
        () -> {
          sql.deleteFrom(CALENDAR_FEED).execute();
        });
  }

  /** Whose calendar a secret opens. */
  Optional<UUID> workspace(String secret) {
    return sql.fetchOptional("select access.workspace_by_calendar(?)", Sha256.of(secret))
        .map(row -> row.get(0, UUID.class));
  }
}
