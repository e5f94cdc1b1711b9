package gerula.app.depot.bench;

import gerula.app.depot.bench.SessionStore.Mishap;
import gerula.app.depot.bench.SessionStore.PieceState;
import gerula.app.depot.bench.SessionStore.State;
import gerula.app.kit.KitRecords.ItemView;
import gerula.core.depot.bench.Caution;
import gerula.core.depot.bench.Handling;
import gerula.core.depot.bench.Suggestion;
import gerula.core.depot.bench.UseRate;
import gerula.core.depot.empties.FitReason;
import gerula.core.kit.item.Container;
import gerula.core.rule.Code;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the bench's addresses answer with. Volumes ml, masses g, times minutes. */
final class BenchRecords {

  private BenchRecords() {}

  /** A pack worth taking to the bench. */
  record SuggestionView(ItemView item, List<Suggestion.SuggestionReason> reasons) {}

  /**
   * A session at a glance.
   *
   * @param pieces how many containers, 0 before the work begins
   * @param done how many of them are done
   */
  record SessionLine(UUID id, State state, Instant madeAt, int packs, int pieces, int done) {}

  /** The bench: what could be done, and what is under way. */
  record BenchView(List<SuggestionView> suggestions, List<SessionLine> sessions) {}

  /** Containers of one kind, filled alike from one pack. */
  record PlannedPiece(
      UUID empty,
      String name,
      Container container,
      BigDecimal sizeMl,
      int count,
      BigDecimal amount,
      BigDecimal amountMl,
      @Nullable BigDecimal refillInMonths,
      FitReason.Verdict verdict,
      List<Code> reasons) {}

  /**
   * A pack on the bench.
   *
   * @param usePerMonth in the unit of its product
   * @param useBasis where that figure comes from
   * @param pieces what it goes into, empty when it stays
   * @param stays why it stays, empty when it does not
   * @param fits how every kind of empties suits it
   * @param fault what is wrong with the artist's choice, which was then passed over
   */
  record PlanRow(
      ItemView item,
      Chosen chosen,
      BigDecimal usePerMonth,
      UseRate.Basis useBasis,
      List<PlannedPiece> pieces,
      List<Code> stays,
      List<Caution> cautions,
      List<FitView> fits,
      @Nullable String fault) {}

  /** How a kind of empties suits a pack; the worst reason first. */
  record FitView(UUID empty, FitReason.Verdict verdict, List<FitReason> reasons) {}

  record CarriedView(BigDecimal massG, BigDecimal volumeMl) {}

  /** A bag or case in which packs of the session lie, with all it holds, before and after. */
  record CaseView(UUID place, String name, CarriedView before, CarriedView after) {}

  record MinutesView(int total, int setUp, int filling, int labels) {}

  /**
   * Empties of a kind.
   *
   * @param needed by the plan
   * @param missing so many more could be used
   */
  record NeededEmpties(UUID empty, String name, int needed, int stock, int missing) {}

  /** What is proposed. */
  record PlanView(
      List<PlanRow> rows,
      CarriedView before,
      CarriedView after,
      List<CaseView> cases,
      MinutesView minutes,
      int labels,
      List<NeededEmpties> empties,
      List<UUID> order) {}

  /**
   * One container to fill.
   *
   * @param amount in the unit of the product
   * @param left what is left in the source, in the same unit
   * @param seconds worked at it up to now
   * @param finishedBy the act that finished it, to be undone by itself
   * @param usualMinutes what such a piece takes this artist
   */
  @RecordBuilder
  record PieceView(
      UUID id,
      int version,
      ItemView source,
      UUID empty,
      String emptyName,
      Container container,
      BigDecimal amount,
      double amountMl,
      Handling handling,
      List<Caution> cautions,
      PieceState state,
      @Nullable Instant begunAt,
      int seconds,
      double usualMinutes,
      @Nullable ItemView decant,
      @Nullable UUID finishedBy,
      @Nullable Mishap mishap) {}

  /**
   * A session.
   *
   * @param plan what is proposed, null once the work has begun
   * @param pieces in the order of work, empty before
   */
  record SessionView(
      UUID id,
      int version,
      State state,
      BigDecimal wantedMonths,
      @Nullable UUID backStock,
      @Nullable PlanView plan,
      List<PieceView> pieces,
      Instant now) {}
}
