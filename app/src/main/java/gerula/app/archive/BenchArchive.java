package gerula.app.archive;

import gerula.app.depot.bench.SessionStore;
import gerula.app.depot.bench.SessionStore.StoredPiece;
import gerula.app.depot.bench.SessionStore.StoredSession;
import gerula.app.depot.bench.StoredPieceBuilder;
import gerula.app.depot.empties.EmptyStore;
import gerula.app.depot.empties.EmptyStore.StoredEmpty;
import gerula.app.depot.lineage.FillingStore;
import gerula.app.depot.lineage.FillingStore.StoredFilling;
import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import gerula.app.restock.OfferDraft;
import gerula.app.restock.ParcelStore;
import gerula.app.restock.ParcelStore.StoredParcel;
import gerula.app.restock.ShopStore;
import gerula.app.restock.ShopStore.StoredOffer;
import gerula.app.restock.ShopStore.StoredShop;
import gerula.app.restock.WantedStore;
import gerula.app.restock.WantedStore.StoredWanted;
import gerula.app.rule.HouseStore;
import gerula.app.rule.HouseStore.StoredRules;
import gerula.app.rule.MoneyDraft;
import gerula.app.rule.MoneyRules;
import gerula.core.dates.DateClass;
import gerula.core.rule.Code;
import gerula.core.rule.HouseRules;
import gerula.core.rule.LoadRules;
import gerula.core.rule.Practices;
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
  private final ShopStore shops;
  private final ParcelStore parcels;

  BenchArchive(
      HouseStore house,
      EmptyStore empties,
      FillingStore fillings,
      SessionStore sessions,
      WantedStore wanted,
      ShopStore shops,
      ParcelStore parcels) {
    this.house = house;
    this.empties = empties;
    this.fillings = fillings;
    this.sessions = sessions;
    this.wanted = wanted;
    this.shops = shops;
    this.parcels = parcels;
  }

  List<Archived.OfHouseRules> house() {
    return house.find().stream().map(BenchArchive::archived).toList();
  }

  private static Archived.OfHouseRules archived(StoredRules stored) {
    HouseRules rules = stored.rules();
    Map<String, Integer> own = new TreeMap<>();
    rules.ownMonths().forEach((one, months) -> own.put(one.code(), months));
    return new Archived.OfHouseRules(
        stored.id(),
        stored.version(),
        rules.dateLimits(),
        own,
        rules.eyeMarginDays(),
        rules.reservePercent(),
        rules.deliveryDays(),
        rules.shadeLimit(),
        rules.practices().codes(),
        rules.load().usablePercent(),
        rules.load().wornGrams(),
        rules.load().carriedGrams(),
        stored.cardWords(),
        stored.money().isTold() ? MoneyDraft.of(stored.money()) : null);
  }

  static HouseRules rules(Archived.OfHouseRules one) {
    Map<Code, Integer> own = new HashMap<>();
    one.ownMonths().forEach((code, months) -> own.put(Code.of(DateClass.class, code), months));
    Double shade = one.shadeLimit();
    return new HouseRules(
        one.dateLimits(),
        own,
        one.eyeMarginDays(),
        one.reservePercent(),
        one.deliveryDays(),
        shade == null ? HouseRules.USUAL.shadeLimit() : shade,
        one.practices() == null ? Practices.USUAL : Practices.written(one.practices()),
        load(one));
  }

  private static LoadRules load(Archived.OfHouseRules one) {
    LoadRules usual = LoadRules.USUAL;
    return new LoadRules(
        one.usablePercent() == null ? usual.usablePercent() : one.usablePercent(),
        one.wornGrams() == null ? usual.wornGrams() : one.wornGrams(),
        one.carriedGrams() == null ? usual.carriedGrams() : one.carriedGrams());
  }

  List<Archived.OfEmpty> empties() {
    return empties.all().stream()
        .map(one -> new Archived.OfEmpty(one.id(), one.version(), one.draft()))
        .toList();
  }

  List<Archived.OfFilling> fillings() {
    return fillings.all().stream()
        .map(
            one ->
                new Archived.OfFilling(
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

  List<Archived.OfSession> sessions() {
    Map<UUID, List<StoredPiece>> pieces =
        sessions.allPieces().stream().collect(Collectors.groupingBy(StoredPiece::session));
    return sessions.all().stream()
        .map(one -> archived(one, pieces.getOrDefault(one.id(), List.of())))
        .toList();
  }

  private static Archived.OfSession archived(StoredSession one, List<StoredPiece> pieces) {
    return new Archived.OfSession(
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
                    new Archived.OfPiece(
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

  List<Archived.Wanted> wanted() {
    return wanted.all().stream().map(BenchArchive::archived).toList();
  }

  private static Archived.Wanted archived(StoredWanted one) {
    WantedStore.Ordered ordered = one.ordered();
    return new Archived.Wanted(
        one.id(),
        one.version(),
        one.product(),
        one.packs(),
        one.neededOn(),
        one.why(),
        one.notedOn(),
        one.gotOn(),
        ordered == null ? null : ordered.on(),
        ordered == null ? null : ordered.shop(),
        ordered == null ? null : ordered.thereBy(),
        ordered == null ? null : ordered.parcel());
  }

  List<Archived.OfShop> shops() {
    return shops.shops().stream()
        .map(one -> new Archived.OfShop(one.shop().id(), one.version(), one.draft()))
        .toList();
  }

  List<Archived.OfOffer> offers() {
    return shops.offers().stream()
        .map(
            one ->
                new Archived.OfOffer(
                    one.offer().id(),
                    one.version(),
                    OfferDraft.of(one.offer()),
                    one.offer().notedOn(),
                    one.offer().endedOn()))
        .toList();
  }

  void insertShop(Act act, Archived.OfShop one) {
    StoredShop shop = StoredShop.of(one.id(), one.shop(), one.version());
    act.create(ThingKind.SHOP_THING, List.of(one.id()), () -> shops.save(shop));
  }

  void insertOffer(Act act, Archived.OfOffer one) {
    StoredOffer offer =
        new StoredOffer(one.offer().toOffer(one.id(), one.notedOn(), one.endedOn()), one.version());
    act.create(ThingKind.OFFER_THING, List.of(one.id()), () -> shops.save(offer));
  }

  void insertHouse(Act act, Archived.OfHouseRules one) {
    act.create(ThingKind.HOUSE_RULES_THING, List.of(one.id()), () -> house.save(stored(one)));
  }

  private static StoredRules stored(Archived.OfHouseRules one) {
    String words = one.cardWords() == null ? "" : one.cardWords();
    MoneyRules money = one.money() == null ? MoneyRules.NONE : one.money().toRules();
    return new StoredRules(one.id(), rules(one), words, money, one.version());
  }

  void insertEmpty(Act act, Archived.OfEmpty one) {
    act.create(
        ThingKind.EMPTY_THING,
        List.of(one.id()),
        () -> empties.save(new StoredEmpty(one.id(), one.empty(), one.version())));
  }

  void insertFilling(Act act, Archived.OfFilling one) {
    act.create(ThingKind.FILLING_THING, List.of(one.id()), () -> fillings.save(stored(one)));
  }

  void insertSession(Act act, Archived.OfSession one) {
    act.create(ThingKind.BENCH_SESSION_THING, List.of(one.id()), () -> sessions.save(stored(one)));
    act.create(
        ThingKind.BENCH_PIECE_THING,
        one.pieces().stream().map(Archived.OfPiece::id).toList(),
        () -> one.pieces().forEach(piece -> sessions.save(stored(one.id(), piece))));
  }

  List<Archived.OfParcel> parcels() {
    return parcels.all().stream()
        .map(one -> new Archived.OfParcel(one.id(), one.version(), one.draft()))
        .toList();
  }

  void insertParcel(Act act, Archived.OfParcel one) {
    StoredParcel parcel = new StoredParcel(one.id(), one.parcel(), one.version());
    act.create(ThingKind.PARCEL_THING, List.of(one.id()), () -> parcels.save(parcel));
  }

  void insertWanted(Act act, Archived.Wanted one) {
    act.create(ThingKind.WANTED_THING, List.of(one.id()), () -> wanted.save(stored(one)));
  }

  private static StoredFilling stored(Archived.OfFilling one) {
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

  private static StoredSession stored(Archived.OfSession one) {
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

  private static StoredPiece stored(UUID session, Archived.OfPiece one) {
    return StoredPieceBuilder.stagedBuilder()
        .id(one.id())
        .session(session)
        .position(one.position())
        .source(one.source())
        .empty(one.empty())
        .amount(one.amount())
        .handling(one.handling())
        .state(one.state())
        .begunAt(one.begunAt())
        .seconds(one.seconds())
        .decant(one.decant())
        .mishap(one.mishap())
        .version(one.version())
        .build();
  }

  private static StoredWanted stored(Archived.Wanted one) {
    return new StoredWanted(
        one.id(),
        one.product(),
        one.packs(),
        one.neededOn(),
        one.why(),
        one.notedOn(),
        one.gotOn(),
        one.orderedOn() == null
            ? null
            : new WantedStore.Ordered(
                one.orderedOn(), one.orderedFrom(), one.thereBy(), one.parcel()),
        one.version());
  }
}
