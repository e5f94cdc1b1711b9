package gerula.app.packing;

import gerula.app.booking.BookingDraft;
import gerula.app.booking.BookingRecords;
import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.DrawnItem;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.WholeKit;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.packing.PackingRecords.BagsView;
import gerula.app.packing.PackingRecords.LineView;
import gerula.app.packing.PackingRecords.ListedItem;
import gerula.app.packing.PackingRecords.PackingListView;
import gerula.app.packing.PackingRecords.Since;
import gerula.app.packing.PackingRecords.TriedList;
import gerula.app.packing.PackingRecords.WhyNotView;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.booking.Booking;
import gerula.core.booking.NeedCode;
import gerula.core.booking.NeedReason;
import gerula.core.kit.item.Item;
import gerula.core.kit.opencase.Piece;
import gerula.core.kit.opencase.Tray;
import gerula.core.kit.place.PlaceTree;
import gerula.core.packing.BagMass;
import gerula.core.packing.Claims;
import gerula.core.packing.ListChange;
import gerula.core.packing.OtherService;
import gerula.core.packing.PackingFinding;
import gerula.core.packing.PackingLine;
import gerula.core.packing.PackingList;
import gerula.core.packing.Readiness;
import gerula.core.packing.SeenList;
import gerula.core.packing.TakenReason;
import gerula.core.packing.WhyNot;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Builds the packing list of a booking from what is stored. */
@Component
public class Packing {

  private final Bookings bookings;
  private final WholeKit kit;
  private final KitsInOrder kits;
  private final PlaceStore places;
  private final PackedStore packed;
  private final Workspaces workspaces;
  private final Views views;
  private final HouseStore house;
  private final OtherBookings others;
  private final WorkspaceTime time;
  private final SeenLists seen;
  private final Clock clock;

  Packing(
      Bookings bookings,
      WholeKit kit,
      KitsInOrder kits,
      PlaceStore places,
      PackedStore packed,
      Workspaces workspaces,
      Views views,
      HouseStore house,
      OtherBookings others,
      WorkspaceTime time,
      SeenLists seen,
      Clock clock) {
    this.bookings = bookings;
    this.kit = kit;
    this.kits = kits;
    this.places = places;
    this.packed = packed;
    this.workspaces = workspaces;
    this.views = views;
    this.house = house;
    this.others = others;
    this.time = time;
    this.seen = seen;
    this.clock = clock;
  }

  PackingListView list(SignedIn who, UUID booking) {
    return workspaces.read(who.workspace(), () -> view(facts(booking), who));
  }

  /**
   * From now on it is known that the list was looked at as it stands.
   *
   * @param fingerprint of what was looked at
   */
  void lookedAt(SignedIn who, UUID booking, String fingerprint) {
    SeenList now =
        workspaces.read(
            who.workspace(), () -> SeenList.of(PackingList.of(forTheCore(facts(booking)))));
    if (!SeenLists.fingerprint(now).equals(fingerprint)) {
      throw Refused.notNow(
          "list-changed", "The list changed a moment ago. Look at what is new first.");
    }
    workspaces.write(
        who.workspace(), () -> seen.keep(booking, who.account(), now, clock.instant()));
  }

  /**
   * Everything a list is made of.
   *
   * @param known the booking with all that is known of its faces
   * @param claims what other bookings take before it
   */
  public record BookingFacts(
      StoredBooking booking,
      Booking known,
      WholeKit.Things kit,
      PlaceTree places,
      Set<UUID> packed,
      HouseRules house,
      Claims claims) {

    BookingFacts with(Claims others) {
      return new BookingFacts(booking, known, kit, places, packed, house, others);
    }
  }

  /**
   * A list with everything it was made of.
   *
   * @param lines once the bags have left only those that went along
   */
  public record Listed(
      BookingFacts facts,
      PackingList.PackingFacts known,
      PackingList list,
      List<PackingLine> lines) {}

  /** The list as it stands. Within a workspace. */
  public Listed listed(UUID booking) {
    BookingFacts facts = facts(booking);
    PackingList.PackingFacts known = forTheCore(facts);
    PackingList list = PackingList.of(known);
    return new Listed(facts, known, list, linesOf(facts, list));
  }

  private BookingFacts facts(UUID id) {
    return facts(bookings.existing(id));
  }

  private BookingFacts facts(StoredBooking booking) {
    UUID id = booking.booking().id();
    BookingFacts alone =
        new BookingFacts(
            booking,
            bookings.asKnown(booking),
            kit.now(),
            places.tree(),
            packed.of(id),
            house.current(),
            Claims.NONE);
    // What has left has what it has.
    return booking.departedAt() != null
        ? alone
        : alone.with(others.before(booking, forTheCore(alone)));
  }

  private PackingListView view(BookingFacts facts, SignedIn who) {
    Optional<SeenLists.Seen> before = seen.of(facts.booking().booking().id(), who.account());
    PackingList.Compared compared =
        PackingList.compared(forTheCore(facts), before.map(SeenLists.Seen::list).orElse(null));
    PackingList list = compared.list();
    List<ListChange> changes =
        facts.booking().departedAt() != null ? List.of() : compared.changes();
    List<PackingLine> lines = linesOf(facts, list);
    Map<UUID, StoredItem> stored = facts.kit().byId();
    KitViews now = views.with(facts.places());
    return new PackingListView(
        BookingRecords.view(facts.booking()),
        lines.stream().map(line -> line(line, facts, stored, now)).toList(),
        isAway(facts) ? List.of() : list.findings(),
        list.recipes(),
        readiness(facts, list),
        new Since(
            before.map(SeenLists.Seen::at).orElse(null),
            SeenLists.fingerprint(compared.now()),
            changes),
        facts.packed().size(),
        Mass.sum(lines.stream().map(PackingLine::mass)).grams(),
        Mass.sum(
                lines.stream()
                    .filter(line -> facts.packed().contains(line.item().id()))
                    .map(PackingLine::mass))
            .grams(),
        list.bags().size(),
        carried(list, BagMass::mass),
        carried(list, BagMass::unasked),
        mentioned(facts, list, lines, now));
  }

  private static long carried(PackingList list, Function<BagMass, Mass> what) {
    return Mass.sum(list.bags().stream().filter(bag -> !bag.isInAnother()).map(what)).grams();
  }

  private Readiness readiness(BookingFacts facts, PackingList list) {
    return Readiness.of(list, facts.known(), facts.house(), time.today());
  }

  WhyNotView whyNot(SignedIn who, UUID booking, UUID item) {
    return workspaces.read(
        who.workspace(),
        () -> {
          BookingFacts facts = facts(booking);
          WhyNot whyNot = PackingList.whyNot(forTheCore(facts), item);
          Set<UUID> wanted =
              whyNot.answers().stream()
                  .map(WhyNot.NeedAnswer::instead)
                  .filter(Objects::nonNull)
                  .collect(Collectors.toSet());
          return new WhyNotView(whyNot, pieces(facts, wanted, views.with(facts.places())));
        });
  }

  /**
   * Asks something of what goes along on a booking.
   *
   * @param asking of the booking's facts and the items on its list
   */
  <T> T withFacts(SignedIn who, UUID booking, BiFunction<BookingFacts, List<Item>, T> asking) {
    return workspaces.read(
        who.workspace(),
        () -> {
          BookingFacts facts = facts(booking);
          PackingList list = PackingList.of(forTheCore(facts));
          return asking.apply(facts, linesOf(facts, list).stream().map(PackingLine::item).toList());
        });
  }

  List<PackingLine> lines(SignedIn who, UUID booking) {
    return workspaces.read(
        who.workspace(),
        () -> {
          BookingFacts facts = facts(booking);
          return linesOf(facts, PackingList.of(forTheCore(facts)));
        });
  }

  /** Services that would close a gap of a list. */
  List<OtherService> otherServices(SignedIn who, UUID booking, String need) {
    return workspaces.read(
        who.workspace(), () -> PackingList.otherServices(forTheCore(facts(booking)), need));
  }

  /** More are told as a number. */
  private static final int FIRST_GAPS = 6;

  TriedList tryOut(SignedIn who, UUID id, BookingDraft draft) {
    return workspaces.read(
        who.workspace(),
        () -> {
          BookingFacts facts = facts(bookings.asItMightBe(id, draft));
          PackingList list = PackingList.of(forTheCore(facts));
          List<String> gaps =
              list.gaps().stream()
                  .filter(PackingFinding.Gap::isOpen)
                  .map(gap -> gap.need().code())
                  .toList();
          return new TriedList(
              list.lines().size(),
              list.mass().grams(),
              gaps.stream().limit(FIRST_GAPS).toList(),
              gaps.size(),
              readiness(facts, list));
        });
  }

  /** The chosen bags as they are, or will be when everything on the list is in them. */
  BagsView bags(SignedIn who, UUID booking) {
    return workspaces.read(who.workspace(), () -> open(facts(booking)));
  }

  private BagsView open(BookingFacts facts) {
    List<Tray> bags = BagsOpen.of(facts, linesOf(facts, PackingList.of(forTheCore(facts))));
    Set<UUID> aboard =
        bags.stream().flatMap(Tray::allPieces).map(Piece::item).collect(Collectors.toSet());
    KitViews now = views.with(facts.places());
    return new BagsView(bags, pieces(facts, aboard, now));
  }

  /** Once the bags have left, what did not go along is on no line. */
  private static List<PackingLine> linesOf(BookingFacts facts, PackingList list) {
    return list.lines().stream()
        .filter(line -> !isAway(facts) || facts.packed().contains(line.item().id()))
        .toList();
  }

  private static boolean isAway(BookingFacts facts) {
    return facts.booking().departedAt() != null && facts.booking().backAt() == null;
  }

  private PackingList.PackingFacts forTheCore(BookingFacts facts) {
    return new PackingList.PackingFacts(
        facts.known(),
        kits.of(facts.kit().at(begins(facts.booking())), facts.house()),
        facts.places(),
        facts.booking().bags(),
        facts.packed(),
        facts.house(),
        facts.booking().choices(),
        facts.claims());
  }

  /** The call; where nobody said when, the beginning of the day. */
  private Instant begins(StoredBooking booking) {
    LocalDate day = booking.booking().firstDay();
    return booking.callTime() == null
        ? time.startOf(day)
        : day.atTime(booking.callTime()).atZone(time.zone()).toInstant();
  }

  private static LineView line(
      PackingLine line, BookingFacts facts, Map<UUID, StoredItem> stored, KitViews now) {
    UUID id = line.item().id();
    return new LineView(
        ListedItem.of(stored.get(id), now),
        line.section(),
        line.needs().stream().map(NeedCode::code).toList(),
        line.faces(),
        new Quantity(line.thousandths(), line.item().left().unit()).amount(),
        line.goesTo(),
        facts.packed().contains(id),
        line.reasonsOf(NeedReason.class),
        line.reasonsOf(TakenReason.class));
  }

  private static List<DrawnItem> mentioned(
      BookingFacts facts, PackingList list, List<PackingLine> lines, KitViews now) {
    Set<UUID> wanted = Mentioned.in(list);
    wanted.addAll(facts.booking().choices().leftOut());
    list.lines().stream()
        .flatMap(line -> line.reasonsOf(TakenReason.WithPan.class).stream())
        .forEach(with -> wanted.add(with.pan()));
    lines.forEach(line -> wanted.remove(line.item().id()));
    return pieces(facts, wanted, now);
  }

  private static List<DrawnItem> pieces(BookingFacts facts, Set<UUID> wanted, KitViews now) {
    return facts.kit().stored().stream()
        .filter(item -> wanted.contains(item.id()))
        .map(item -> DrawnItem.of(item.item(), now))
        .toList();
  }
}
