package gerula.app.packing.travel;

import gerula.app.kit.DrawnItem;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.item.StoredItem;
import gerula.app.packing.Packing;
import gerula.app.packing.Packing.Listed;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.booking.Condition;
import gerula.core.booking.Travel;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.packing.PackingLine;
import gerula.core.packing.travel.BaggageCheck;
import gerula.core.packing.travel.BaggageCheck.Checked;
import gerula.core.packing.travel.BaggageCheck.Packed;
import gerula.core.packing.travel.TravelAdvice;
import gerula.core.packing.travel.TravelCheck;
import gerula.core.packing.travel.TravelPiece;
import gerula.core.packing.travel.TravelPieces;
import gerula.core.packing.travel.TravelReason;
import gerula.core.packing.travel.Verdict;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What of a booking's baggage may go by air. */
@RestController
class Flights {

  private final Packing packing;
  private final Workspaces workspaces;
  private final Views views;

  Flights(Packing packing, Workspaces workspaces, Views views) {
    this.packing = packing;
    this.workspaces = workspaces;
    this.views = views;
  }

  /**
   * @param hold whether it is checked in
   */
  record FlyingBag(UUID place, String name, boolean hold) {}

  /**
   * A piece of which something is to be said.
   *
   * @param bag it is packed into, null while none is chosen
   * @param here whether it may go as it is packed
   * @param missing what is not known of it: containerMl, massG, wattHours or bladeMm
   */
  record FlyingPiece(
      DrawnItem item,
      @Nullable UUID bag,
      boolean hold,
      Verdict here,
      List<TravelReason> reasons,
      Set<TravelAdvice> advice,
      List<String> missing) {}

  /**
   * @param byAir whether the booking is travelled to by air; else nothing is checked
   * @param liquidsMl of the containers that go into the cabin's one bag
   */
  record FlightView(
      boolean byAir,
      List<FlyingBag> bags,
      List<FlyingPiece> pieces,
      double liquidsMl,
      int liquidsLimitMl,
      boolean liquidsFit,
      double toiletriesMassG,
      double toiletriesMl,
      boolean toiletriesFit,
      int spareBatteriesOver100Wh,
      boolean spareBatteriesFit) {}

  /** One person's baggage by the rules of the air, with their sources; the carrier decides. */
  @GetMapping("/api/bookings/{id}/flight")
  FlightView flight(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
    return workspaces.read(who.workspace(), () -> view(packing.listed(id)));
  }

  private FlightView view(Listed listed) {
    Travel travel = listed.known().booking().travel();
    boolean isByAir =
        (travel != null && travel.isByAir())
            || listed.known().booking().conditions().contains(Condition.FLIGHT);
    List<FlyingBag> bags =
        listed.known().bags().stream()
            .flatMap(bag -> listed.known().places().find(bag).stream())
            .map(bag -> new FlyingBag(bag.id(), bag.name(), isChecked(bag, travel)))
            .toList();
    Map<String, PackingLine> lines = new HashMap<>();
    List<Packed> packed =
        isByAir
            ? listed.lines().stream()
                .map(
                    line -> {
                      lines.put(line.item().id().toString(), line);
                      return new Packed(piece(listed, line.item()), hold(listed, bags, line));
                    })
                .toList()
            : List.of();
    BaggageCheck check = BaggageCheck.of(packed);
    KitViews now = views.with(listed.facts().places());
    return new FlightView(
        isByAir,
        bags,
        check.pieces().stream()
            .filter(Checked::isTold)
            .map(one -> told(one, lines.get(one.id()), listed, bags, now))
            .toList(),
        check.liquids().ml(),
        TravelCheck.LIQUIDS_ML,
        check.liquids().fits(),
        check.toiletries().massG(),
        check.toiletries().volumeMl(),
        check.toiletries().fits(),
        check.spares().over100Wh(),
        check.spares().fits());
  }

  /**
   * Cases are checked in where bags go into the hold; what is worn on the back or the body is not.
   */
  private static boolean isChecked(Place bag, @Nullable Travel travel) {
    return travel == Travel.FLIGHT_HOLD && bag.kind() == PlaceKind.CASE;
  }

  private static TravelPiece piece(Listed listed, Item item) {
    StoredItem stored = listed.facts().kit().byId().get(item.id());
    BigDecimal watts = stored.of().wattHours();
    return TravelPieces.of(item, watts == null ? null : watts.doubleValue());
  }

  private static @Nullable FlyingBag bag(Listed listed, List<FlyingBag> bags, PackingLine line) {
    return bags.stream()
        .filter(bag -> listed.known().places().liesIn(line.goesTo(), bag.place()))
        .findFirst()
        .orElse(null);
  }

  private static boolean hold(Listed listed, List<FlyingBag> bags, PackingLine line) {
    FlyingBag bag = bag(listed, bags, line);
    return bag != null && bag.hold();
  }

  private static FlyingPiece told(
      Checked one, PackingLine line, Listed listed, List<FlyingBag> bags, KitViews now) {
    FlyingBag bag = bag(listed, bags, line);
    return new FlyingPiece(
        DrawnItem.of(line.item(), now),
        bag == null ? null : bag.place(),
        one.isInHold(),
        one.here(),
        one.reasons(),
        one.advice(),
        one.missing().stream().map(TravelPiece.Measure::field).toList());
  }
}
