package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.booking.Face;
import gerula.core.booking.NeedCode;
import gerula.core.booking.NeedReason;
import gerula.core.booking.SkinType;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductBuilder;
import gerula.core.kit.product.Sensitivity;
import gerula.core.rule.HouseRules;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What must hold for any kit and any booking. Each seed is a kit of its own. */
class PackingListPropertyTest {

  private static final Map<Long, PackingList> LISTS = new ConcurrentHashMap<>();

  static LongStream seeds() {
    return Seeds.upTo(60);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void nothingChosenIsPersonalDiscardedOutOfDateEmptyOrInConflict(long seed) {
    PackingList.PackingFacts facts = facts(seed);
    for (PackingLine line : list(seed).lines()) {
      Item item = line.item();
      assertThat(item.isDiscarded()).isFalse();
      assertThat(item.forWhom()).isNotInstanceOf(ForWhom.TheArtist.class);
      facts.booking().faces().stream()
          .filter(face -> line.faces().contains(face.id()))
          .forEach(face -> assertThat(item.forWhom().allows(face.person())).isTrue());
      assertThat(item.useBy(HouseRules.USUAL).isGoodOn(facts.booking().lastDay())).isTrue();
      assertThat(item.left().isNone()).isFalse();
      assertThat(line.reasons()).isNotEmpty();
      facts.booking().faces().stream()
          .filter(face -> line.faces().contains(face.id()))
          .forEach(
              face ->
                  assertThat(reactsTo(face)).as(face.name()).noneMatch(item.product()::contains));
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatNobodyReadTheLabelOfIsToldForEveryFaceThatReacts(long seed) {
    PackingList.PackingFacts facts = facts(seed);
    PackingList list = list(seed);
    Map<UUID, PackingFinding.LabelNotChecked> told =
        list.findings().stream()
            .filter(PackingFinding.LabelNotChecked.class::isInstance)
            .map(PackingFinding.LabelNotChecked.class::cast)
            .collect(Collectors.toMap(PackingFinding.LabelNotChecked::item, one -> one));
    for (PackingLine line : list.lines()) {
      List<Face> reacting =
          facts.booking().faces().stream()
              .filter(face -> line.faces().contains(face.id()))
              .filter(face -> reactsTo(face).stream().anyMatch(line.item().product()::isUnchecked))
              .toList();
      var finding = told.remove(line.item().id());
      assertThat(finding == null ? List.of() : finding.faces())
          .isEqualTo(reacting.stream().map(Face::id).toList());
    }
    assertThat(told).isEmpty();
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void noPackGivesMoreThanIsLeftInIt(long seed) {
    assertThat(list(seed).lines())
        .allSatisfy(
            line ->
                assertThat(line.thousandths())
                    .isLessThanOrEqualTo(line.item().left().thousandths()));
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void everyCompanionComesAlongForEveryFaceOrIsAGapThatSaysWhatItBlocks(long seed) {
    PackingList.PackingFacts facts = facts(seed);
    PackingList list = list(seed);
    List<PackingLine> lines = list.lines();
    for (PackingLine line : lines) {
      for (Companions.Group group : Companions.of(line.item().product())) {
        boolean isBlocked =
            list.gaps().stream()
                .anyMatch(
                    gap ->
                        gap.need().equals(group.need()) && gap.blocks().contains(line.item().id()));
        Set<UUID> served =
            lines.stream()
                .filter(other -> isOneOf(group, other.item()))
                .flatMap(other -> other.faces().stream())
                .collect(Collectors.toSet());
        assertThat(isBlocked || served.containsAll(line.faces())).isTrue();
        assertThat(isBlocked || lines.stream().anyMatch(other -> isOneOf(group, other.item())))
            .isTrue();
      }
    }
  }

  /**
   * Ticking off one after the other what is on the list leaves all of it that serves a need as it
   * is. (A companion that is in the bag already may serve for two that had one each.)
   */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatIsTickedOffTheListChangesNothingOfIt(long seed) {
    PackingList.PackingFacts facts = facts(seed);
    List<UUID> before = items(list(seed));
    Random random = new Random(seed);
    Set<UUID> packed = new HashSet<>();
    for (int ticks = 0; ticks < 4 && packed.size() < before.size(); ticks++) {
      packed.add(before.get(random.nextInt(before.size())));
      PackingList.PackingFacts ticked =
          new PackingList.PackingFacts(
              facts.booking(),
              facts.kit().all(),
              facts.places(),
              facts.bags(),
              packed,
              facts.house());
      assertThat(items(PackingList.of(ticked))).isEqualTo(before);
    }
  }

  private static List<UUID> items(PackingList list) {
    return list.lines().stream()
        .filter(line -> !line.reasonsOf(NeedReason.class).isEmpty())
        .map(line -> line.item().id())
        .toList();
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void theSameFactsGiveTheSameListInWhateverOrderTheKitIsTold(long seed) {
    PackingList.PackingFacts facts = facts(seed);
    List<Item> shuffled = new ArrayList<>(facts.kit().all());
    Collections.shuffle(shuffled, new Random(seed));
    assertThat(PackingList.of(with(facts, shuffled))).isEqualTo(list(seed));
  }

  /** In the order of the work, which does not change from one run to the next. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whereAnItemIsTheOnlyOneForSeveralNeedsTheyStandInTheirOrder(long seed) {
    Map<UUID, List<NeedCode>> needs =
        list(seed).findings().stream()
            .filter(PackingFinding.OnlyOneThere.class::isInstance)
            .map(PackingFinding.OnlyOneThere.class::cast)
            .collect(
                Collectors.groupingBy(
                    PackingFinding.OnlyOneThere::item,
                    Collectors.mapping(PackingFinding.OnlyOneThere::need, Collectors.toList())));
    assertThat(needs.values()).allSatisfy(some -> assertThat(some).isSorted());
  }

  /** Companions counted: what is useless for want of one does not count as met. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void oneMoreItemNeverLeavesMoreNeedsUnmet(long seed) {
    RandomKits random = new RandomKits(seed);
    PackingList.PackingFacts facts = random.facts(40 + (int) seed * 4, 1 + (int) seed % 7);
    long before = PackingList.of(facts).unmet();
    for (int more = 0; more < 12; more++) {
      List<Item> larger = new ArrayList<>(facts.kit().all());
      larger.add(random.item());
      facts = with(facts, larger);
      long after = PackingList.of(facts).unmet();
      assertThat(after).isLessThanOrEqualTo(before);
      before = after;
    }
  }

  /** The kit as it is, with other ids throughout. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void theSameKitWithOtherIdsGivesTheSameList(long seed) {
    PackingList.PackingFacts facts = facts(seed);
    List<Item> renamed = new ArrayList<>();
    Map<UUID, UUID> was = new HashMap<>();
    Random ids = new Random(seed + 1000);
    int number = 0;
    List<Item> named = new ArrayList<>();
    for (Item item : facts.kit().all()) {
      // Nothing but its id tells it from another if it has no name of its own.
      Product product = ProductBuilder.builder(item.product()).name("thing " + number++).build();
      named.add(ItemBuilder.builder(item).product(product).build());
    }
    for (Item item : named) {
      UUID id = new UUID(ids.nextLong(), ids.nextLong());
      was.put(id, item.id());
      renamed.add(ItemBuilder.builder(item).id(id).build());
    }
    Set<UUID> first =
        PackingList.of(with(facts, named)).lines().stream()
            .map(line -> line.item().id())
            .collect(Collectors.toSet());
    Set<UUID> second =
        PackingList.of(with(facts, renamed)).lines().stream()
            .map(line -> was.get(line.item().id()))
            .collect(Collectors.toSet());
    assertThat(second).isEqualTo(first);
  }

  /** Worked out once: every rule looks at the same list. */
  private static PackingList list(long seed) {
    return LISTS.computeIfAbsent(seed, one -> PackingList.of(facts(one)));
  }

  private static PackingList.PackingFacts facts(long seed) {
    return new RandomKits(seed).facts(60 + (int) seed * 15, 1 + (int) seed % 8);
  }

  private static PackingList.PackingFacts with(PackingList.PackingFacts facts, List<Item> kit) {
    return new PackingList.PackingFacts(
        facts.booking(), kit, facts.places(), facts.bags(), facts.packed(), facts.house());
  }

  private static Set<Sensitivity> reactsTo(Face face) {
    Set<Sensitivity> reactsTo = new HashSet<>(face.sensitivities());
    if (face.skinType() == SkinType.SENSITIVE) {
      reactsTo.add(new Sensitivity("fragrance"));
    }
    return reactsTo;
  }

  private static boolean isOneOf(Companions.Group group, Item item) {
    return !Collections.disjoint(group.anyOf(), item.product().classes());
  }
}
