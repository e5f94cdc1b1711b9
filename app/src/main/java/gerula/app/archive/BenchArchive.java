package gerula.app.archive;

import gerula.app.archive.WorkspaceArchive.ArchivedEmpty;
import gerula.app.archive.WorkspaceArchive.ArchivedFilling;
import gerula.app.archive.WorkspaceArchive.ArchivedHouse;
import gerula.app.archive.WorkspaceArchive.ArchivedPiece;
import gerula.app.archive.WorkspaceArchive.ArchivedSession;
import gerula.app.archive.WorkspaceArchive.ArchivedWanted;
import gerula.app.depot.bench.SessionStore;
import gerula.app.depot.bench.SessionStore.StoredPiece;
import gerula.app.depot.bench.SessionStore.StoredSession;
import gerula.app.depot.empties.EmptyStore;
import gerula.app.depot.empties.EmptyStore.StoredEmpty;
import gerula.app.depot.lineage.FillingStore;
import gerula.app.depot.lineage.FillingStore.StoredFilling;
import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import gerula.app.restock.WantedStore;
import gerula.app.restock.WantedStore.StoredWanted;
import gerula.app.rule.HouseStore;
import gerula.app.rule.HouseStore.StoredRules;
import gerula.core.dates.DateClass;
import gerula.core.rule.Code;
import gerula.core.rule.HouseRules;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * House rules, the bench and the buying list as an archive keeps them. Everything here runs within
 * a workspace.
 */
@Component
class BenchArchive {

  private final HouseStore house;
  private final EmptyStore empties;
  private final FillingStore fillings;
  private final SessionStore sessions;
  private final WantedStore wanted;

  BenchArchive(
      HouseStore house,
      EmptyStore empties,
      FillingStore fillings,
      SessionStore sessions,
      WantedStore wanted) {
    this.house = house;
    this.empties = empties;
    this.fillings = fillings;
    this.sessions = sessions;
    this.wanted = wanted;
  }

  List<ArchivedHouse> house() {
    return house.find().stream().map(BenchArchive::archived).toList();
  }

  private static ArchivedHouse archived(StoredRules stored) {
    HouseRules rules = stored.rules();
    Map<String, Integer> own = new TreeMap<>();
    rules.ownMonths().forEach((one, months) -> own.put(one.code(), months));
    return new ArchivedHouse(
        stored.id(),
        stored.version(),
        rules.dateLimits(),
        own,
        rules.eyeMarginDays(),
        rules.reservePercent(),
        rules.deliveryDays());
  }

  static HouseRules rules(ArchivedHouse one) {
    Map<Code, Integer> own = new HashMap<>();
    one.ownMonths().forEach((code, months) -> own.put(Code.of(DateClass.class, code), months));
    return new HouseRules(
        one.dateLimits(), own, one.eyeMarginDays(), one.reservePercent(), one.deliveryDays());
  }

  List<ArchivedEmpty> empties() {
    return empties.all().stream()
        .map(one -> new ArchivedEmpty(one.id(), one.version(), one.draft()))
        .toList();
  }

  List<ArchivedFilling> fillings() {
    return fillings.all().stream()
        .map(
            one ->
                new ArchivedFilling(
                    one.id(),
                    one.version(),
                    one.item(),
                    one.source(),
                    one.filledOn(),
                    one.amount(),
                    one.washedOutOn(),
                    one.onARest()))
        .toList();
  }

  List<ArchivedSession> sessions() {
    Map<UUID, List<StoredPiece>> pieces =
        sessions.allPieces().stream().collect(Collectors.groupingBy(StoredPiece::session));
    return sessions.all().stream()
        .map(one -> archived(one, pieces.getOrDefault(one.id(), List.of())))
        .toList();
  }

  private static ArchivedSession archived(StoredSession one, List<StoredPiece> pieces) {
    return new ArchivedSession(
        one.id(),
        one.version(),
        one.madeAt(),
        one.wantedMonths(),
        one.backStock(),
        one.chosen(),
        one.state(),
        one.startedAt(),
        one.endedAt(),
        pieces.stream()
            .map(
                piece ->
                    new ArchivedPiece(
                        piece.id(),
                        piece.version(),
                        piece.position(),
                        piece.source(),
                        piece.empty(),
                        piece.amount(),
                        piece.handling(),
                        piece.state(),
                        piece.begunAt(),
                        piece.seconds(),
                        piece.decant(),
                        piece.mishap()))
            .toList());
  }

  List<ArchivedWanted> wanted() {
    return wanted.all().stream()
        .map(
            one ->
                new ArchivedWanted(
                    one.id(),
                    one.version(),
                    one.product(),
                    one.packs(),
                    one.neededOn(),
                    one.why(),
                    one.notedOn(),
                    one.gotOn()))
        .toList();
  }

  void insertHouse(Act act, List<ArchivedHouse> archived) {
    act.create(
        ThingKind.HOUSE_RULES_THING,
        archived.stream().map(ArchivedHouse::id).toList(),
        () ->
            archived.forEach(
                one -> house.save(new StoredRules(one.id(), rules(one), one.version()))));
  }

  /** Everything but the house's rules and the kinds of empties. */
  void insert(Act act, WorkspaceArchive archive) {
    act.create(
        ThingKind.FILLING_THING,
        archive.fillings().stream().map(ArchivedFilling::id).toList(),
        () -> archive.fillings().forEach(one -> fillings.save(stored(one))));
    act.create(
        ThingKind.BENCH_SESSION_THING,
        archive.sessions().stream().map(ArchivedSession::id).toList(),
        () -> archive.sessions().forEach(one -> sessions.save(stored(one))));
    act.create(
        ThingKind.BENCH_PIECE_THING,
        archive.sessions().stream()
            .flatMap(one -> one.pieces().stream())
            .map(ArchivedPiece::id)
            .toList(),
        () ->
            archive
                .sessions()
                .forEach(
                    one -> one.pieces().forEach(piece -> sessions.save(stored(one.id(), piece)))));
    act.create(
        ThingKind.WANTED_THING,
        archive.wanted().stream().map(ArchivedWanted::id).toList(),
        () -> archive.wanted().forEach(one -> wanted.save(stored(one))));
  }

  void insertEmpties(Act act, List<ArchivedEmpty> archived) {
    act.create(
        ThingKind.EMPTY_THING,
        archived.stream().map(ArchivedEmpty::id).toList(),
        () ->
            archived.forEach(
                one -> empties.save(new StoredEmpty(one.id(), one.empty(), one.version()))));
  }

  private static StoredFilling stored(ArchivedFilling one) {
    return new StoredFilling(
        one.id(),
        one.item(),
        one.source(),
        one.filledOn(),
        one.amount(),
        one.washedOutOn(),
        one.onARest(),
        one.version());
  }

  private static StoredSession stored(ArchivedSession one) {
    return new StoredSession(
        one.id(),
        one.madeAt(),
        one.wantedMonths(),
        one.backStock(),
        one.chosen(),
        one.state(),
        one.startedAt(),
        one.endedAt(),
        one.version());
  }

  private static StoredPiece stored(UUID session, ArchivedPiece one) {
    return new StoredPiece(
        one.id(),
        session,
        one.position(),
        one.source(),
        one.empty(),
        one.amount(),
        one.handling(),
        one.state(),
        one.begunAt(),
        one.seconds(),
        one.decant(),
        one.mishap(),
        one.version());
  }

  private static StoredWanted stored(ArchivedWanted one) {
    return new StoredWanted(
        one.id(),
        one.product(),
        one.packs(),
        one.neededOn(),
        one.why(),
        one.notedOn(),
        one.gotOn(),
        one.version());
  }
}
