package gerula.app.depot.bench;

import static gerula.app.tables.Tables.BENCH_PIECE;
import static gerula.app.tables.Tables.BENCH_SESSION;
import static gerula.app.tables.Tables.LEDGER;
import static gerula.app.tables.Tables.LEDGER_THING;

import gerula.app.ledger.ThingKind;
import gerula.app.tables.tables.records.BenchPieceRecord;
import gerula.app.tables.tables.records.BenchSessionRecord;
import gerula.core.depot.bench.Handling;
import gerula.core.depot.bench.Pace;
import gerula.core.rule.Code;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Sessions at the bench in the database. Everything here runs within a workspace. */
@Component
public class SessionStore {

  private static final TypeReference<List<Chosen>> CHOSEN = new TypeReference<>() {};

  private final DSLContext sql;
  private final JsonMapper json;

  SessionStore(DSLContext sql, JsonMapper json) {
    this.sql = sql;
    this.json = json;
  }

  /** How far a session is. */
  public enum State implements Code {
    PLANNED,
    RUNNING,
    PAUSED,
    DONE
  }

  /** How far a piece is. */
  public enum PieceState implements Code {
    WAITING,
    WORKING,
    DONE,
    LEFT_OUT
  }

  /** What went wrong at a piece. */
  public enum Mishap implements Code {
    SPILT,
    CONTAINER_BROKE,
    PACK_BROKE
  }

  /** A session with what was chosen for it. */
  public record StoredSession(
      UUID id,
      Instant madeAt,
      BigDecimal wantedMonths,
      @Nullable UUID backStock,
      List<Chosen> chosen,
      State state,
      @Nullable Instant startedAt,
      @Nullable Instant endedAt,
      int version) {

    StoredSession planned(BigDecimal months, @Nullable UUID stock, List<Chosen> anew) {
      return new StoredSession(
          id, madeAt, months, stock, anew, state, startedAt, endedAt, version + 1);
    }

    StoredSession now(State next, @Nullable Instant started, @Nullable Instant ended) {
      return new StoredSession(
          id, madeAt, wantedMonths, backStock, chosen, next, started, ended, version + 1);
    }
  }

  /**
   * One container to fill.
   *
   * @param amount in the unit of the product
   * @param begunAt when it was picked up last, null while nobody works at it
   * @param seconds worked at it before that
   */
  @RecordBuilder
  public record StoredPiece(
      UUID id,
      UUID session,
      int position,
      UUID source,
      UUID empty,
      BigDecimal amount,
      Handling handling,
      PieceState state,
      @Nullable Instant begunAt,
      int seconds,
      @Nullable UUID decant,
      @Nullable Mishap mishap,
      int version) {

    StoredPiece now(PieceState next, @Nullable Instant begun, int worked) {
      return next(amount, next, begun, worked, decant, mishap);
    }

    StoredPiece done(BigDecimal filled, UUID container, int worked) {
      return next(filled, PieceState.DONE, null, worked, container, mishap);
    }

    StoredPiece with(Mishap what) {
      return next(amount, state, begunAt, seconds, decant, what);
    }

    private StoredPiece next(
        BigDecimal filled,
        PieceState next,
        @Nullable Instant begun,
        int worked,
        @Nullable UUID container,
        @Nullable Mishap what) {
      return StoredPieceBuilder.stagedBuilder()
          .id(id)
          .session(session)
          .position(position)
          .source(source)
          .empty(empty)
          .amount(filled)
          .handling(handling)
          .state(next)
          .begunAt(begun)
          .seconds(worked)
          .decant(container)
          .mishap(what)
          .version(version + 1)
          .build();
    }
  }

  /** The newest first. */
  public List<StoredSession> all() {
    return sql.selectFrom(BENCH_SESSION)
        .orderBy(BENCH_SESSION.MADE_AT.desc(), BENCH_SESSION.ID)
        .fetch(this::stored);
  }

  Optional<StoredSession> find(UUID id) {
    return sql.selectFrom(BENCH_SESSION).where(BENCH_SESSION.ID.eq(id)).fetchOptional(this::stored);
  }

  Optional<StoredSession> locked(UUID id) {
    return sql.selectFrom(BENCH_SESSION)
        .where(BENCH_SESSION.ID.eq(id))
        .forUpdate()
        .fetchOptional(this::stored);
  }

  private StoredSession stored(BenchSessionRecord row) {
    return new StoredSession(
        row.getId(),
        row.getMadeAt(),
        row.getWantedMonths(),
        row.getBackStockId(),
        json.readValue(row.getChosen().data(), CHOSEN),
        Code.of(State.class, row.getState()),
        row.getStartedAt(),
        row.getEndedAt(),
        row.getVersion());
  }

  /** In the order of work. */
  List<StoredPiece> pieces(UUID session) {
    return sql.selectFrom(BENCH_PIECE)
        .where(BENCH_PIECE.SESSION_ID.eq(session))
        .orderBy(BENCH_PIECE.POSITION, BENCH_PIECE.ID)
        .fetch(SessionStore::stored);
  }

  /** Of all sessions. */
  public List<StoredPiece> allPieces() {
    return sql.selectFrom(BENCH_PIECE)
        .orderBy(BENCH_PIECE.SESSION_ID, BENCH_PIECE.POSITION, BENCH_PIECE.ID)
        .fetch(SessionStore::stored);
  }

  private static StoredPiece stored(BenchPieceRecord row) {
    return StoredPieceBuilder.stagedBuilder()
        .id(row.getId())
        .session(row.getSessionId())
        .position(row.getPosition())
        .source(row.getSourceId())
        .empty(row.getEmptyId())
        .amount(row.getAmount())
        .handling(Code.of(Handling.class, row.getHandling()))
        .state(Code.of(PieceState.class, row.getState()))
        .begunAt(row.getBegunAt())
        .seconds(row.getSeconds())
        .decant(row.getDecantId())
        .mishap(row.getMishap() == null ? null : Code.of(Mishap.class, row.getMishap()))
        .version(row.getVersion())
        .build();
  }

  /** What the artist's own work has shown so far. */
  Pace pace() {
    return Pace.learnt(
        sql.selectFrom(BENCH_PIECE)
            .where(BENCH_PIECE.STATE.eq(PieceState.DONE.code()))
            .fetch(
                row ->
                    new Pace.Timed(Code.of(Handling.class, row.getHandling()), row.getSeconds())));
  }

  /** The act that finished each piece of a session and still has its effect. */
  Map<UUID, UUID> finishingActs(UUID session) {
    return sql.select(LEDGER_THING.THING_ID, LEDGER.ID)
        .from(BENCH_PIECE)
        .join(LEDGER_THING)
        .on(
            LEDGER_THING
                .THING_ID
                .eq(BENCH_PIECE.ID)
                .and(LEDGER_THING.KIND.eq(ThingKind.BENCH_PIECE_THING.code())))
        .join(LEDGER)
        .on(LEDGER.ID.eq(LEDGER_THING.LEDGER_ID))
        .where(BENCH_PIECE.SESSION_ID.eq(session))
        .and(LEDGER.ACT.eq(Working.FINISHED))
        .and(LEDGER.IN_EFFECT)
        .fetchMap(LEDGER_THING.THING_ID, LEDGER.ID);
  }

  /** Keeps a session as it stands. */
  public void save(StoredSession one) {
    sql.insertInto(BENCH_SESSION)
        .set(BENCH_SESSION.ID, one.id())
        .set(BENCH_SESSION.MADE_AT, one.madeAt())
        .set(BENCH_SESSION.WANTED_MONTHS, one.wantedMonths())
        .set(BENCH_SESSION.BACK_STOCK_ID, one.backStock())
        .set(BENCH_SESSION.CHOSEN, JSONB.valueOf(json.writeValueAsString(one.chosen())))
        .set(BENCH_SESSION.STATE, one.state().code())
        .set(BENCH_SESSION.STARTED_AT, one.startedAt())
        .set(BENCH_SESSION.ENDED_AT, one.endedAt())
        .set(BENCH_SESSION.VERSION, one.version())
        .onConflict(BENCH_SESSION.WORKSPACE_ID, BENCH_SESSION.ID)
        .doUpdate()
        .setAllToExcluded()
        .execute();
  }

  void remove(UUID id) {
    sql.deleteFrom(BENCH_SESSION).where(BENCH_SESSION.ID.eq(id)).execute();
  }

  /** Keeps a piece as it stands. */
  public void save(StoredPiece one) {
    sql.insertInto(BENCH_PIECE)
        .set(BENCH_PIECE.ID, one.id())
        .set(BENCH_PIECE.SESSION_ID, one.session())
        .set(BENCH_PIECE.POSITION, one.position())
        .set(BENCH_PIECE.SOURCE_ID, one.source())
        .set(BENCH_PIECE.EMPTY_ID, one.empty())
        .set(BENCH_PIECE.AMOUNT, one.amount())
        .set(BENCH_PIECE.HANDLING, one.handling().code())
        .set(BENCH_PIECE.STATE, one.state().code())
        .set(BENCH_PIECE.BEGUN_AT, one.begunAt())
        .set(BENCH_PIECE.SECONDS, one.seconds())
        .set(BENCH_PIECE.DECANT_ID, one.decant())
        .set(BENCH_PIECE.MISHAP, one.mishap() == null ? null : one.mishap().code())
        .set(BENCH_PIECE.VERSION, one.version())
        .onConflict(BENCH_PIECE.WORKSPACE_ID, BENCH_PIECE.ID)
        .doUpdate()
        .setAllToExcluded()
        .execute();
  }
}
