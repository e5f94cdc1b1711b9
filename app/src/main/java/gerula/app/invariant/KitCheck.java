package gerula.app.invariant;

import static gerula.app.tables.Tables.ACCOUNT;
import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.WORKSPACE;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gerula.app.ledger.Ledger;
import gerula.app.platform.workspace.Role;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.invariant.Invariants;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Looks a kit through as a whole the first time it is used with a version that holds more
 * invariants than the one before, and mends what is not sound.
 */
@Component
public class KitCheck {

  private static final Logger LOG = LoggerFactory.getLogger(KitCheck.class);
  private static final String MENDED = "mended";
  private static final Duration TOLD_FOR = Duration.ofDays(14);

  private final DSLContext sql;
  private final Workspaces workspaces;
  private final Ledger ledger;
  private final KitMender mender;
  private final Clock clock;
  private final JsonMapper json;
  private final Cache<UUID, Boolean> sound = Caffeine.newBuilder().maximumSize(100_000).build();

  KitCheck(
      DSLContext sql,
      Workspaces workspaces,
      Ledger ledger,
      KitMender mender,
      Clock clock,
      JsonMapper json) {
    this.sql = sql;
    this.workspaces = workspaces;
    this.ledger = ledger;
    this.mender = mender;
    this.clock = clock;
    this.json = json;
  }

  /** Costs nothing once the kit was looked through. */
  public void once(UUID workspace) {
    if (sound.getIfPresent(workspace) != null) {
      return;
    }
    int by = workspaces.read(workspace, () -> soundBy().orElse(Invariants.VERSION));
    if (by < Invariants.VERSION) {
      lookThrough(workspace);
    }
    sound.put(workspace, true);
  }

  private Optional<Integer> soundBy() {
    return sql.select(WORKSPACE.SOUND_BY).from(WORKSPACE).fetchOptional(WORKSPACE.SOUND_BY);
  }

  private void lookThrough(UUID workspace) {
    workspaces.write(
        workspace,
        () -> {
          if (soundBy().orElseThrow() < Invariants.VERSION) {
            mendIfNeeded(workspace);
            sql.update(WORKSPACE).set(WORKSPACE.SOUND_BY, Invariants.VERSION).execute();
          }
        });
  }

  private void mendIfNeeded(UUID workspace) {
    if (mender.look().repairs().isEmpty()) {
      return;
    }
    SignedIn owner =
        sql.select(ACCOUNT.ID, ACCOUNT.EMAIL)
            .from(ACCOUNT)
            .orderBy(ACCOUNT.CREATED_AT)
            .limit(1)
            .fetchSingle(row -> new SignedIn(row.value1(), workspace, row.value2(), Role.OWNER));
    ledger.perform(
        owner,
        UUID.randomUUID(),
        MENDED,
        Map.of(),
        act -> LOG.warn("Mended a kit of workspace {}: {}", workspace, mender.mend(act)));
  }

  /** Looks a kit through because somebody asks for it. */
  void now(SignedIn who, UUID actId) {
    ledger.perform(who, actId, MENDED, Map.of(), mender::mend);
  }

  /**
   * What was mended.
   *
   * @param act under which it stands in the history
   */
  record Mended(UUID act, Instant at, List<String> words) {}

  /** Mendings of the last two weeks that found something, the newest first. */
  List<Mended> lately(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () ->
            sql
                .select(LEDGER.ID, LEDGER.AT, LEDGER.FACTS)
                .from(LEDGER)
                .where(LEDGER.ACT.in(MENDED, "imported"))
                .and(LEDGER.AT.gt(clock.instant().minus(TOLD_FOR)))
                .orderBy(LEDGER.SEQ.desc())
                .fetch(row -> new Mended(row.value1(), row.value2(), words(row.value3().data())))
                .stream()
                .filter(one -> !one.words().isEmpty())
                .toList());
  }

  private List<String> words(String facts) {
    JsonNode told = json.readTree(facts).path(MENDED);
    return told.isArray() ? json.convertValue(told, new TypeReference<>() {}) : List.of();
  }
}
