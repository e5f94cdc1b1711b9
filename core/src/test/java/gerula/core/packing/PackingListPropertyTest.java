package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.booking.Face;
import gerula.core.booking.NeedKind;
import gerula.core.booking.SkinType;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Sensitivity;
import gerula.core.rule.HouseRules;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What must hold for any kit and any booking. Each seed is a kit of its own. */
class PackingListPropertyTest {

  static LongStream seeds() {
    return Seeds.upTo(60);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void nothingChosenIsPersonalDiscardedOutOfDateEmptyOrInConflict(long seed) {
    PackingList.PackingFacts facts = facts(seed);
    for (PackingLine line : PackingList.of(facts).lines()) {
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
                  assertThat(notBorne(face)).as(face.name()).noneMatch(item.product()::contains));
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatNobodyReadTheLabelOfIsToldForEveryFaceThatReacts(long seed) {
    PackingList.PackingFacts facts = facts(seed);
    PackingList list = PackingList.of(facts);
    Map<UUID, PackingFinding.LabelNotChecked> told =
        list.findings().stream()
            .filter(PackingFinding.LabelNotChecked.class::isInstance)
            .map(PackingFinding.LabelNotChecked.class::cast)
            .collect(Collectors.toMap(PackingFinding.LabelNotChecked::item, one -> one));
    for (PackingLine line : list.lines()) {
      List<Face> reacting =
          facts.booking().faces().stream()
              .filter(face -> line.faces().contains(face.id()))
              .filter(face -> notBorne(face).stream().anyMatch(line.item().product()::isUnchecked))
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
    assertThat(PackingList.of(facts(seed)).lines())
        .allSatisfy(
            line ->
                assertThat(line.thousandths())
                    .isLessThanOrEqualTo(line.item().left().thousandths()));
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void everyCompanionComesAlongForEveryFace(long seed) {
    PackingList.PackingFacts facts = facts(seed);
    List<PackingLine> lines = PackingList.of(facts).lines();
    for (PackingLine line : lines) {
      for (Companions.Group group : Companions.of(line.item().product())) {
        Set<UUID> served =
            lines.stream()
                .filter(other -> isOneOf(group, other.item()))
                .flatMap(other -> other.faces().stream())
                .collect(Collectors.toSet());
        assertThat(lines).anyMatch(other -> isOneOf(group, other.item()));
        assertThat(served).containsAll(line.faces());
      }
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void theSameFactsGiveTheSameListInWhateverOrderTheKitIsTold(long seed) {
    PackingList.PackingFacts facts = facts(seed);
    List<Item> shuffled = new ArrayList<>(facts.kit());
    Collections.shuffle(shuffled, new Random(seed));
    assertThat(PackingList.of(with(facts, shuffled))).isEqualTo(PackingList.of(facts));
  }

  /**
   * But for companions: one may make a pack that others can use already fit for more faces, and
   * those served first then have it.
   */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void oneMoreItemNeverOpensAGap(long seed) {
    RandomKits random = new RandomKits(seed);
    PackingList.PackingFacts facts = random.facts(40 + (int) seed * 4, 1 + (int) seed % 7);
    List<PackingFinding.Gap> before = PackingList.of(facts).gaps();
    for (int more = 0; more < 12; more++) {
      List<Item> larger = new ArrayList<>(facts.kit());
      Item added = random.item();
      larger.add(added);
      facts = with(facts, larger);
      boolean isACompanion =
          facts.kit().stream()
              .flatMap(item -> Companions.of(item.product()).stream())
              .anyMatch(group -> isOneOf(group, added));
      if (isACompanion) {
        before = PackingList.of(facts).gaps();
        continue;
      }
      List<PackingFinding.Gap> after = PackingList.of(facts).gaps();
      assertThat(gaps(after)).isSubsetOf(gaps(before));
      for (PackingFinding.Gap gap : after) {
        assertThat(missing(after, gap.kind())).isLessThanOrEqualTo(missing(before, gap.kind()));
      }
      before = after;
    }
  }

  private record FaceGap(NeedKind kind, UUID face) {}

  private static Set<FaceGap> gaps(List<PackingFinding.Gap> gaps) {
    Set<FaceGap> found = new LinkedHashSet<>();
    for (PackingFinding.Gap gap : gaps) {
      gap.faces().forEach(face -> found.add(new FaceGap(gap.kind(), face)));
      found.add(new FaceGap(gap.kind(), null));
    }
    return found;
  }

  private static long missing(List<PackingFinding.Gap> gaps, NeedKind kind) {
    return gaps.stream()
        .filter(gap -> gap.kind() == kind && gap.shortThousandths() != null)
        .mapToLong(PackingFinding.Gap::shortThousandths)
        .sum();
  }

  private static PackingList.PackingFacts facts(long seed) {
    return new RandomKits(seed).facts(60 + (int) seed * 15, 1 + (int) seed % 8);
  }

  private static PackingList.PackingFacts with(PackingList.PackingFacts facts, List<Item> kit) {
    return new PackingList.PackingFacts(
        facts.booking(), kit, facts.places(), facts.bags(), facts.packed(), facts.house());
  }

  private static Set<Sensitivity> notBorne(Face face) {
    Set<Sensitivity> notBorne = new HashSet<>(face.sensitivities());
    if (face.skinType() == SkinType.SENSITIVE) {
      notBorne.add(new Sensitivity("fragrance"));
    }
    return notBorne;
  }

  private static boolean isOneOf(Companions.Group group, Item item) {
    return !Collections.disjoint(group.anyOf(), item.product().classes());
  }
}
