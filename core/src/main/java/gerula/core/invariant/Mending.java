package gerula.core.invariant;

import gerula.core.invariant.KitState.ItemState;
import gerula.core.invariant.KitState.PackedState;
import gerula.core.invariant.KitState.PlaceState;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Mends a kit that is not sound, as it may have become before its invariants were held: with as few
 * changes as are needed, always the same ones, and without taking a thing away.
 *
 * @param found what was not as it has to be
 * @param repairs in the order in which they are to be made
 */
public record Mending(List<Broken> found, List<Repair> repairs) {

  public Mending {
    found = List.copyOf(found);
    repairs = List.copyOf(repairs);
  }

  /**
   * @throws IllegalStateException when a repair breaks more than it mends, which would be an error
   *     in here
   */
  public static Mending of(KitState state) {
    List<Broken> found = new ArrayList<>();
    List<Repair> repairs = new ArrayList<>();
    KitState now = state;
    // Each repair takes away one thing that is wrong, and may bring one that follows from it.
    int most = 4 * (state.places().size() + state.items().size() + state.fillings().size()) + 4;
    for (int round = 0; round < most; round++) {
      List<Broken> broken = Invariants.brokenIn(now);
      if (broken.isEmpty()) {
        return new Mending(found, repairs);
      }
      for (Broken one : broken) {
        found.add(one);
        for (Repair repair : repairs(one, now)) {
          repairs.add(repair);
          now = made(repair, now);
        }
      }
    }
    throw new IllegalStateException("This kit cannot be mended: " + Invariants.brokenIn(now));
  }

  private static List<Repair> repairs(Broken broken, KitState state) {
    return switch (broken) {
      case Broken.PlaceInItself circle ->
          List.of(
              new Repair.StandsAlone(circle.places().stream().sorted().findFirst().orElseThrow()));
      case Broken.TooDeep deep -> List.of(new Repair.StandsAlone(firstTooDeep(deep, state)));
      case Broken.SlotShared slot ->
          slot.items().stream().sorted().skip(1).<Repair>map(Repair.NoSlot::new).toList();
      case Broken.NoSuchSlot slot -> List.of(new Repair.NoSlot(slot.item()));
      case Broken.PaletteApart torn ->
          List.of(new Repair.LiesAt(torn.item(), parent(torn.place(), state)));
      case Broken.SeveralPlaces several ->
          several.places().stream().skip(1).<Repair>map(Repair.NoThing::new).toList();
      case Broken.PlaceIsGone gone -> List.of(new Repair.NoThing(gone.place()));
      case Broken.FilledFromItself filled ->
          List.of(new Repair.WashedOut(filled.fillings().getLast()));
      case Broken.PackedButGone gone -> List.of(new Repair.Unpacked(gone.item()));
      case Broken.PackedAfterwards packed -> List.of(new Repair.Unpacked(packed.item()));
      case Broken.NoSuchBag bag -> List.of(new Repair.WithoutBag(bag.booking(), bag.bag()));
      case Broken.AmountOutOfBounds amount ->
          List.of(
              new Repair.HasLeft(
                  amount.item(), amount.left().max(BigDecimal.ZERO).min(amount.most())));
    };
  }

  /** The outermost place of a way that has too many around it: what it holds stays in it. */
  private static UUID firstTooDeep(Broken.TooDeep deep, KitState state) {
    Map<UUID, PlaceState> places =
        state.places().stream().collect(Collectors.toMap(PlaceState::id, Function.identity()));
    UUID at = deep.place();
    for (int i = deep.depth(); i > deep.deepest() + 1; i--) {
      at = places.get(at).parent();
    }
    return at;
  }

  private static UUID parent(UUID place, KitState state) {
    Map<UUID, UUID> parents = new HashMap<>();
    state.places().forEach(one -> parents.put(one.id(), one.parent()));
    return parents.get(place);
  }

  private static KitState made(Repair repair, KitState state) {
    return switch (repair) {
      case Repair.StandsAlone(UUID place) ->
          withPlaces(state, one -> one.id().equals(place), one -> one.in(null));
      case Repair.NoThing(UUID place) ->
          withPlaces(state, one -> one.id().equals(place), PlaceState::withoutThing);
      case Repair.NoSlot(UUID item) ->
          withItems(state, one -> one.id().equals(item), ItemState::withoutSlot);
      case Repair.LiesAt(UUID item, UUID place) ->
          withItems(state, one -> one.id().equals(item), one -> one.at(place));
      case Repair.HasLeft(UUID item, BigDecimal amount) ->
          withItems(state, one -> one.id().equals(item), one -> one.with(amount));
      case Repair.WashedOut(UUID filling) ->
          new KitState(
              state.places(),
              state.items(),
              without(state.fillings().stream(), one -> one.id().equals(filling)),
              state.packed(),
              state.bookings());
      case Repair.Unpacked(UUID item) ->
          new KitState(
              state.places(),
              state.items(),
              state.fillings(),
              without(state.packed().stream(), (PackedState one) -> one.item().equals(item)),
              state.bookings());
      case Repair.WithoutBag(UUID booking, UUID bag) ->
          new KitState(
              state.places(),
              state.items(),
              state.fillings(),
              state.packed(),
              changed(state.bookings(), one -> one.id().equals(booking), one -> one.without(bag)));
    };
  }

  private static <T> List<T> without(Stream<T> all, Predicate<T> gone) {
    return all.filter(gone.negate()).toList();
  }

  private static KitState withPlaces(
      KitState state, Predicate<PlaceState> which, UnaryOperator<PlaceState> change) {
    return new KitState(
        changed(state.places(), which, change),
        state.items(),
        state.fillings(),
        state.packed(),
        state.bookings());
  }

  private static KitState withItems(
      KitState state, Predicate<ItemState> which, UnaryOperator<ItemState> change) {
    return new KitState(
        state.places(),
        changed(state.items(), which, change),
        state.fillings(),
        state.packed(),
        state.bookings());
  }

  private static <T> List<T> changed(List<T> all, Predicate<T> which, UnaryOperator<T> change) {
    return all.stream().map(one -> which.test(one) ? change.apply(one) : one).toList();
  }
}
