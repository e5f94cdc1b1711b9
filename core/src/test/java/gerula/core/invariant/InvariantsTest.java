package gerula.core.invariant;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.depot.lineage.Lineage.Filling;
import gerula.core.invariant.KitState.ItemState;
import gerula.core.invariant.KitState.PackedState;
import gerula.core.invariant.KitState.PlaceState;
import gerula.core.kit.place.PlaceTree;
import gerula.core.quantity.Unit;
import gerula.core.rule.Reason;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class InvariantsTest {

  private static final LocalDate DAY = LocalDate.of(2031, 4, 14);

  private static UUID id(long number) {
    return new UUID(0, number);
  }

  private static PlaceState place(long id, long parent) {
    return new PlaceState(id(id), "Place " + id, parent == 0 ? null : id(parent), null, null);
  }

  private static PlaceState palette(long id, long parent, @Nullable UUID thing) {
    return new PlaceState(id(id), "Palette " + id, parent == 0 ? null : id(parent), 6, thing);
  }

  private static ItemState item(long id, long home, @Nullable Integer slot) {
    return new ItemState(
        id(id),
        "Item " + id,
        id(home),
        id(home),
        slot,
        BigDecimal.ONE,
        BigDecimal.TEN,
        Unit.G,
        false);
  }

  private static KitState places(PlaceState... places) {
    return new KitState(List.of(places), List.of(), List.of(), List.of(), List.of());
  }

  private static List<String> codes(KitState state) {
    return Invariants.brokenIn(state).stream().map(Reason::code).toList();
  }

  @Test
  void twoPlacesDoNotLieInEachOther() {
    KitState circle = places(place(1, 2), place(2, 1), place(3, 1), place(4, 0));
    assertThat(Invariants.brokenIn(circle))
        .containsExactly(
            new Broken.PlaceInItself(List.of(id(1), id(2)), List.of("Place 1", "Place 2")));
    assertThat(codes(places(place(1, 1)))).containsExactly("place-in-itself");
    assertThat(codes(places(place(1, 2), place(2, 0), place(3, 1)))).isEmpty();
  }

  @Test
  void noPlaceLiesDeeperThanATreeOfPlacesTakes() {
    PlaceState[] chain =
        IntStream.rangeClosed(1, PlaceTree.DEEPEST)
            .mapToObj(i -> place(i, i - 1))
            .toArray(PlaceState[]::new);
    assertThat(codes(places(chain))).isEmpty();
    PlaceState[] longer =
        IntStream.rangeClosed(1, 80).mapToObj(i -> place(i, i - 1)).toArray(PlaceState[]::new);
    assertThat(Invariants.brokenIn(places(longer)))
        .containsExactly(new Broken.TooDeep(id(80), "Place 80", 80, PlaceTree.DEEPEST));
    assertThat(Mending.of(places(longer)).repairs())
        .as("one cut is enough, and as much as can stays where it was")
        .containsExactly(new Repair.StandsAlone(id(61)));
  }

  @Test
  void aSlotHoldsOneThingAndIsOneOfItsHome() {
    List<PlaceState> palette = List.of(palette(1, 0, null));
    KitState shared =
        new KitState(
            palette,
            List.of(item(11, 1, 3), item(12, 1, 3), item(13, 1, 4)),
            List.of(),
            List.of(),
            List.of());
    assertThat(codes(shared)).containsExactly("slot-shared");
    assertThat(Mending.of(shared).repairs()).containsExactly(new Repair.NoSlot(id(12)));
    KitState beyond =
        new KitState(palette, List.of(item(11, 1, 7)), List.of(), List.of(), List.of());
    assertThat(codes(beyond)).containsExactly("no-such-slot");
  }

  @Test
  void whatWasDiscardedHoldsNoSlot() {
    ItemState gone =
        new ItemState(
            id(12), "Gone", id(1), id(1), 3, BigDecimal.ONE, BigDecimal.TEN, Unit.G, true);
    KitState state =
        new KitState(
            List.of(palette(1, 0, null)),
            List.of(item(11, 1, 3), gone),
            List.of(),
            List.of(),
            List.of());
    assertThat(codes(state)).isEmpty();
  }

  @Test
  void aPaletteLiesWhereItsPlaceLies() {
    List<PlaceState> places = List.of(place(1, 0), place(2, 0), palette(3, 1, id(11)));
    KitState together =
        new KitState(places, List.of(item(11, 1, null)), List.of(), List.of(), List.of());
    assertThat(codes(together)).isEmpty();
    KitState torn =
        new KitState(places, List.of(item(11, 2, null)), List.of(), List.of(), List.of());
    assertThat(codes(torn)).containsExactly("palette-apart");
    assertThat(Mending.of(torn).repairs()).containsExactly(new Repair.LiesAt(id(11), id(1)));
  }

  @Test
  void nothingIsFilledFromItself() {
    KitState circle =
        new KitState(
            List.of(),
            List.of(),
            List.of(filling(1, 21, 22, null), filling(2, 22, 23, null), filling(3, 23, 21, null)),
            List.of(),
            List.of());
    assertThat(codes(circle)).containsExactly("filled-from-itself");
    KitState washed =
        new KitState(
            List.of(),
            List.of(),
            List.of(filling(1, 21, 22, DAY), filling(2, 22, 21, null), filling(4, 24, 21, null)),
            List.of(),
            List.of());
    assertThat(codes(washed)).isEmpty();
  }

  private static Filling filling(long id, long item, long source, @Nullable LocalDate washed) {
    return new Filling(id(id), id(item), id(source), DAY, washed);
  }

  @Test
  void whatIsGoneOrHomeAgainIsNotTickedOff() {
    ItemState gone =
        new ItemState(
            id(11), "Gone", null, null, null, BigDecimal.ONE, BigDecimal.TEN, Unit.G, true);
    KitState state =
        new KitState(
            List.of(),
            List.of(gone, item(12, 1, null), item(13, 1, null)),
            List.of(),
            List.of(
                new PackedState(id(11), id(31), "Portraits", false),
                new PackedState(id(12), id(32), "Tour", true),
                new PackedState(id(13), id(31), "Portraits", false)),
            List.of());
    assertThat(codes(state)).containsExactly("packed-but-gone", "packed-afterwards");
  }

  @Test
  void aBookingsBagIsThere() {
    KitState state =
        new KitState(
            List.of(place(1, 0)),
            List.of(),
            List.of(),
            List.of(),
            List.of(new KitState.BookingState(id(31), "Portraits", List.of(id(1), id(2)))));
    assertThat(codes(state)).containsExactly("no-such-bag");
    assertThat(Mending.of(state).repairs()).containsExactly(new Repair.WithoutBag(id(31), id(2)));
  }

  @Test
  void aPackHoldsNoMoreThanItsSizeButAStockOfPiecesMay() {
    ItemState over =
        new ItemState(
            id(11),
            "Over",
            null,
            null,
            null,
            new BigDecimal("10.001"),
            BigDecimal.TEN,
            Unit.ML,
            false);
    ItemState stock =
        new ItemState(
            id(12),
            "Wands",
            null,
            null,
            null,
            new BigDecimal(400),
            BigDecimal.TEN,
            Unit.PIECE,
            false);
    KitState state = new KitState(List.of(), List.of(over, stock), List.of(), List.of(), List.of());
    assertThat(codes(state)).containsExactly("amount-out-of-bounds");
    assertThat(Mending.of(state).repairs())
        .containsExactly(new Repair.HasLeft(id(11), BigDecimal.TEN));
  }

  static LongStream seeds() {
    return Seeds.upTo(300);
  }

  /** Whatever a kit looks like, mending it leaves nothing broken, and the same each time. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void everyKitCanBeMended(long seed) {
    KitState state = anyState(new Random(seed));
    Mending mending = Mending.of(state);
    assertThat(mending.repairs().isEmpty()).isEqualTo(Invariants.brokenIn(state).isEmpty());
    assertThat(mending.found()).containsAll(Invariants.brokenIn(state));
    assertThat(Mending.of(shuffled(state, seed)).repairs().size())
        .as("told in another order")
        .isEqualTo(mending.repairs().size());
  }

  private static KitState shuffled(KitState state, long seed) {
    List<PlaceState> places = new ArrayList<>(state.places());
    java.util.Collections.shuffle(places, new Random(seed));
    return new KitState(places, state.items(), state.fillings(), state.packed(), state.bookings());
  }

  private static KitState anyState(Random random) {
    int count = 1 + random.nextInt(12);
    List<PlaceState> places = new ArrayList<>();
    for (int i = 1; i <= count; i++) {
      UUID thing = random.nextInt(4) == 0 ? id(100 + random.nextInt(6)) : null;
      Integer slots = random.nextBoolean() ? 3 : null;
      UUID parent = random.nextInt(3) == 0 ? null : id(1 + random.nextInt(count));
      places.add(new PlaceState(id(i), "Place " + i, parent, slots, thing));
    }
    List<KitState.BookingState> bookings =
        List.of(
            new KitState.BookingState(
                id(31), "Portraits", List.of(id(1 + random.nextInt(16)), id(1))));
    List<ItemState> items = new ArrayList<>();
    List<PackedState> packed = new ArrayList<>();
    List<Filling> fillings = new ArrayList<>();
    for (int i = 100; i < 106; i++) {
      items.add(
          new ItemState(
              id(i),
              "Item " + i,
              id(1 + random.nextInt(count)),
              random.nextBoolean() ? null : id(1 + random.nextInt(count)),
              random.nextBoolean() ? null : random.nextInt(5),
              BigDecimal.valueOf(random.nextInt(20) - 4L),
              BigDecimal.TEN,
              random.nextBoolean() ? Unit.G : Unit.PIECE,
              random.nextInt(3) == 0));
      if (random.nextBoolean()) {
        packed.add(new PackedState(id(i), id(31), "Portraits", random.nextInt(3) == 0));
      }
      int source = 100 + random.nextInt(6);
      if (source != i) {
        fillings.add(filling(i, i, source, random.nextInt(3) == 0 ? DAY : null));
      }
    }
    return new KitState(places, items, fillings, packed, bookings);
  }
}
