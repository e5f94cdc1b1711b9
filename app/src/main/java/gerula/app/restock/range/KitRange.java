package gerula.app.restock.range;

import gerula.app.booking.BookingStore;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.WholeKit;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Usage;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.range.RangeViews.BetweenView;
import gerula.app.restock.range.RangeViews.DuplicateView;
import gerula.app.restock.range.RangeViews.HoleView;
import gerula.app.restock.range.RangeViews.LineReachView;
import gerula.app.restock.range.RangeViews.MixersView;
import gerula.app.restock.range.RangeViews.PurposeView;
import gerula.app.restock.range.RangeViews.RangeView;
import gerula.app.restock.range.RangeViews.TrialView;
import gerula.app.restock.range.RangeViews.UnusedView;
import gerula.app.rule.HouseStore;
import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.kit.KindOfWork;
import gerula.core.packing.KitInOrder;
import gerula.core.restock.range.Duplicates;
import gerula.core.restock.range.Hole;
import gerula.core.restock.range.Holes;
import gerula.core.restock.range.KitPurpose;
import gerula.core.restock.range.LineReach;
import gerula.core.restock.range.Mixers;
import gerula.core.restock.range.Unused;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the kit lacks for its work, what it has twice, and what lies unused. */
@Component
class KitRange {

  private static final int MOST_UNUSED = 60;
  private static final int MOST_DUPLICATES = 60;
  private static final double LIGHTEST = 1;
  private static final double DEEPEST = 10;

  private final WholeKit kit;
  private final PlaceStore places;
  private final BookingStore bookings;
  private final Usage usage;
  private final WhatToBuy buying;
  private final Discontinued discontinued;
  private final Views views;
  private final HouseStore house;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  KitRange(
      WholeKit kit,
      PlaceStore places,
      BookingStore bookings,
      Usage usage,
      WhatToBuy buying,
      Discontinued discontinued,
      Views views,
      HouseStore house,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.kit = kit;
    this.places = places;
    this.bookings = bookings;
    this.usage = usage;
    this.buying = buying;
    this.discontinued = discontinued;
    this.views = views;
    this.house = house;
    this.workspaces = workspaces;
    this.time = time;
  }

  /** What the bookings of the last year and of those ahead were and are. */
  KitPurpose usual(SignedIn who) {
    return workspaces.read(who.workspace(), () -> usual());
  }

  private KitPurpose usual() {
    LocalDate since = time.today().minusYears(1);
    List<Booking> known =
        bookings.all().stream()
            .map(StoredBooking::booking)
            .filter(one -> !one.lastDay().isBefore(since))
            .toList();
    Set<KindOfWork> kinds = EnumSet.noneOf(KindOfWork.class);
    known.stream().map(Booking::kind).filter(Objects::nonNull).forEach(kinds::add);
    List<Face> faces = known.stream().flatMap(one -> one.faces().stream()).toList();
    return new KitPurpose(
        kinds, depths(faces).min().orElse(LIGHTEST), depths(faces).max().orElse(DEEPEST));
  }

  private static DoubleStream depths(List<Face> faces) {
    return faces.stream()
        .flatMap(face -> Stream.of(face.depth(), face.depthTo()))
        .filter(Objects::nonNull)
        .mapToDouble(Double::doubleValue);
  }

  RangeView of(SignedIn who, KitPurpose purpose) {
    return workspaces.read(
        who.workspace(),
        () -> {
          WholeKit.Things things = kit.now();
          LocalDate today = time.today();
          KitViews now = views.now();
          List<Hole> holes =
              Holes.of(
                  purpose,
                  KitInOrder.of(things.items(), house.current()),
                  places.tree(),
                  house.current(),
                  today);
          Map<UUID, StoredItem> ofProduct = ofProduct(things.stored());
          WhatToBuy.Plan plan = buying.of(holes, things.items());
          List<Duplicates> duplicates = Duplicates.of(things.items(), looks(ofProduct));
          return new RangeView(
              view(purpose),
              view(usual()),
              plan.currency(),
              holes.stream().map(one -> view(one, things, now)).toList(),
              LineReach.of(things.items()).stream().map(KitRange::view).toList(),
              view(Mixers.of(things.items())),
              duplicates.stream()
                  .limit(MOST_DUPLICATES)
                  .map(one -> view(one, ofProduct, now))
                  .toList(),
              duplicates.size(),
              unused(things, now, today),
              plan.views(now),
              plan.order().notOffered().stream().map(one -> one.need().code()).toList(),
              trials(things, now, today),
              discontinued.of(things.stored(), now));
        });
  }

  private static Map<UUID, StoredItem> ofProduct(Collection<StoredItem> stored) {
    return stored.stream()
        .collect(
            Collectors.toMap(
                one -> one.item().product().id(), Function.identity(), (one, _) -> one));
  }

  private static PurposeView view(KitPurpose purpose) {
    return new PurposeView(List.copyOf(purpose.kinds()), purpose.lightest(), purpose.deepest());
  }

  private static HoleView view(Hole hole, WholeKit.Things things, KitViews now) {
    return new HoleView(
        hole.need().code(),
        hole.need().kind().section(),
        List.copyOf(hole.depths()),
        List.copyOf(hole.kinds()),
        List.copyOf(hole.wanted()),
        hole.nearest().stream()
            .map(things.byId()::get)
            .filter(Objects::nonNull)
            .map(now::of)
            .toList());
  }

  private static LineReachView view(LineReach line) {
    LineReach.Between widest = line.widest();
    return new LineReachView(
        line.maker(),
        line.name(),
        line.productClass(),
        line.shades(),
        widest == null ? null : new BetweenView(widest.from(), widest.to(), widest.isHole()));
  }

  private static MixersView view(Mixers mixers) {
    return new MixersView(mixers.lightens(), mixers.deepens(), mixers.unmeasured());
  }

  private static Map<UUID, Duplicates.Look> looks(Map<UUID, StoredItem> ofProduct) {
    return ofProduct.values().stream()
        .collect(
            Collectors.toMap(
                one -> one.item().product().id(),
                one -> new Duplicates.Look(one.of().finish(), one.of().coverage())));
  }

  private static DuplicateView view(Duplicates one, Map<UUID, StoredItem> ofProduct, KitViews now) {
    return new DuplicateView(
        now.of(Objects.requireNonNull(ofProduct.get(one.one().id()))),
        now.of(Objects.requireNonNull(ofProduct.get(one.other().id()))),
        Math.round(one.difference() * 10) / 10.0);
  }

  /**
   * @param since when it came into the kit, null where nobody knows
   * @param last day on which it was used, null before
   */
  private record Lying(StoredItem item, @Nullable LocalDate since, @Nullable LocalDate last) {}

  private List<UnusedView> unused(WholeKit.Things things, KitViews now, LocalDate today) {
    Map<UUID, Usage.Wear> wear = usage.wear(things.byId().keySet(), today);
    Map<UUID, LocalDate> since = usage.knownSince(things.byId().keySet());
    List<Lying> all =
        things.stored().stream()
            .map(
                one ->
                    new Lying(
                        one,
                        Unused.since(one.item(), since.get(one.id())),
                        wear.getOrDefault(one.id(), Usage.Wear.NONE).last()))
            .sorted(
                Comparator.comparing(
                        Lying::since, Comparator.nullsFirst(Comparator.<LocalDate>naturalOrder()))
                    .thenComparing(one -> one.item().id()))
            .toList();
    return Stream.of(6, 12)
        .map(
            months -> {
              List<StoredItem> unused =
                  all.stream()
                      .filter(one -> Unused.is(one.since(), one.last(), months, today))
                      .map(Lying::item)
                      .toList();
              return new UnusedView(
                  months, unused.size(), unused.stream().limit(MOST_UNUSED).map(now::of).toList());
            })
        .toList();
  }

  List<TrialView> trials(SignedIn who) {
    return workspaces.read(who.workspace(), () -> trials(kit.now(), views.now(), time.today()));
  }

  private static List<TrialView> trials(WholeKit.Things things, KitViews now, LocalDate today) {
    return things.stored().stream()
        .filter(one -> one.details().trialUntil() != null)
        .sorted(
            Comparator.<StoredItem, LocalDate>comparing(
                    one -> Objects.requireNonNull(one.details().trialUntil()))
                .thenComparing(StoredItem::id))
        .map(
            one -> {
              LocalDate until = Objects.requireNonNull(one.details().trialUntil());
              return new TrialView(now.of(one), until, !until.isAfter(today));
            })
        .toList();
  }
}
