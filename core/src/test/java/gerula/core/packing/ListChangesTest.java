package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.Service;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What became of a list since it was looked at. */
class ListChangesTest extends GivenList {

  private Face face = face(5, Set.of(), Service.POWDER);

  ListChangesTest() {
    days = 1;
  }

  @Test
  void nothingIsToldOfAListThatIsAsItWas() {
    powder(40);
    assertThat(changesAfter(() -> {})).isEmpty();
  }

  @Test
  void whatRanOutIsToldWithWhatComesInstead() {
    Item first = powder(40);
    List<ListChange> changes =
        changesAfter(
            () -> {
              become(first, ItemBuilder.builder(first).left(Quantity.none(Unit.G)).build());
              powder(60);
            });
    assertThat(changes)
        .containsExactly(
            new ListChange.WentOff(
                first.id(),
                first.product().called(),
                List.of("face-powder"),
                true,
                true,
                new Refusal.UsedUp(),
                null,
                List.of(kit.getLast().id())));
  }

  @Test
  void whatIsInTheKitNoLongerIsToldByTheNameItHad() {
    Item first = powder(40);
    List<ListChange> changes =
        changesAfter(() -> become(first, ItemBuilder.builder(first).isDiscarded(true).build()));
    assertThat(changes)
        .containsExactly(
            new ListChange.NewlyMissing("face-powder"),
            new ListChange.WentOff(
                first.id(),
                first.product().called(),
                List.of("face-powder"),
                false,
                true,
                null,
                null,
                List.of()));
  }

  @Test
  void whatNothingAsksForAnyMoreIsToldSo() {
    Item first = powder(40);
    List<ListChange> changes =
        changesAfter(() -> face = FaceBuilder.builder(face).services(Set.of()).build());
    assertThat(wentOff(changes, first).isAskedFor()).isFalse();
    assertThat(wentOff(changes, first).refusal()).isNull();
  }

  @Test
  void whatIsLikedLessThanSomethingNewIsToldInWhat() {
    Item first = powder(40);
    List<ListChange> changes =
        changesAfter(
            () -> {
              Item other = powder(40);
              become(other, ItemBuilder.builder(other).isUsedFirst(true).build());
            });
    assertThat(wentOff(changes, first).because()).isEqualTo(Preferred.PUT_FIRST);
    assertThat(wentOff(changes, first).refusal()).isNull();
  }

  @Test
  void aGapThatIsClosedIsToldAndWhatClosesItCameOn() {
    List<ListChange> changes = changesAfter(() -> powder(40));
    assertThat(changes)
        .containsSubsequence(
            new ListChange.CameOn(kit.getLast().id(), List.of("face-powder")),
            new ListChange.NoLongerMissing("face-powder"));
  }

  @Test
  void anotherNumberOfWhatIsCountedIsToldInPieces() {
    Item buds = put(ProductClass.COTTON_BUD, Form.METAL_TOOL, Quantity.pieces(100));
    PackingLine line = line(list(face), buds);
    String need = line.needs().getFirst().code();
    List<ListChange> changes = changesAfter(() -> choices = choices.taking(need, 30L));
    assertThat(changes)
        .containsExactly(
            new ListChange.OtherNumber(buds.id(), Math.ceilDiv(line.thousandths(), 1000L), 30));
  }

  /** From any list to any other. */
  @ParameterizedTest
  @ValueSource(longs = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11})
  void whatIsToldLeadsFromTheOneListToTheOther(long seed) {
    RandomKits random = new RandomKits(seed);
    PackingList.PackingFacts facts = random.facts(150, 5);
    SeenList before = SeenList.of(PackingList.of(facts));
    PackingList.PackingFacts later = withAnotherKit(facts, random);
    PackingList.Compared compared = PackingList.compared(later, before);
    assertThat(compared.list()).isEqualTo(PackingList.of(later));
    assertThat(compared.changes()).isNotEmpty().doesNotHaveDuplicates();
    assertThat(led(before, compared.changes())).isEqualTo(items(SeenList.of(compared.list())));
  }

  private static PackingList.PackingFacts withAnotherKit(
      PackingList.PackingFacts facts, RandomKits random) {
    List<Item> kit =
        new ArrayList<>(List.copyOf(facts.kit().all()).subList(40, facts.kit().all().size()));
    IntStream.range(0, 40).forEach(_ -> kit.add(random.item()));
    return new PackingList.PackingFacts(
        facts.booking(), kit, facts.places(), facts.bags(), facts.packed(), facts.house());
  }

  private static Set<UUID> led(SeenList before, List<ListChange> changes) {
    Set<UUID> items = items(before);
    for (ListChange change : changes) {
      switch (change) {
        case ListChange.WentOff off -> {
          assertThat(items.remove(off.item())).isTrue();
          items.addAll(off.instead());
        }
        case ListChange.CameOn on -> assertThat(items.add(on.item())).isTrue();
        default -> {}
      }
    }
    return items;
  }

  private static Set<UUID> items(SeenList list) {
    return list.lines().stream().map(SeenList.SeenLine::item).collect(Collectors.toSet());
  }

  private List<ListChange> changesAfter(Runnable what) {
    SeenList before = SeenList.of(list(face));
    what.run();
    return PackingList.compared(facts(face), before).changes();
  }

  private static ListChange.WentOff wentOff(List<ListChange> changes, Item item) {
    return changes.stream()
        .flatMap(one -> one instanceof ListChange.WentOff off ? Stream.of(off) : Stream.empty())
        .filter(off -> off.item().equals(item.id()))
        .findFirst()
        .orElseThrow();
  }

  private Item powder(int grams) {
    return put(ProductClass.FACE_POWDER, Form.LOOSE_POWDER, new Quantity(grams * 1000L, Unit.G));
  }

  private void become(Item before, Item after) {
    kit.set(kit.indexOf(before), after);
  }
}
