package gerula.core.kit.intake;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.ProductClass;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class UsualKitTest {

  @Test
  void everyClassThatIsClearCanBeTicked() {
    Set<ProductClass> offered =
        UsualKit.of(Set.of()).stream()
            .map(one -> one.what().productClass())
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(ProductClass.class)));
    Set<ProductClass> clear =
        Arrays.stream(ProductClass.values())
            .filter(one -> one.successors().isEmpty() && one != ProductClass.OTHER)
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(ProductClass.class)));
    assertThat(offered).isEqualTo(clear);
  }

  @Test
  void theCodesAreTheirOwnAndTheOrderIsThatOfTheWork() {
    List<UsualKit.Usual> all = UsualKit.of(Set.of());
    assertThat(all).extracting(UsualKit.Usual::code).doesNotHaveDuplicates();
    assertThat(all).allMatch(one -> UsualKit.find(one.code()).orElseThrow() == one);
    assertThat(all).hasSizeBetween(140, 180);
    assertThat(UsualKit.find("rocket")).isEmpty();
    // Skin before base before eyes before lips: the order in which a station is laid out.
    List<String> made = List.of("moisturiser", "foundation", "mascara", "lipstick", "cotton-bud");
    assertThat(made)
        .isSortedAccordingTo(
            Comparator.comparing(code -> all.indexOf(UsualKit.find(code).orElseThrow())));
  }

  @ParameterizedTest
  @EnumSource(KindOfWork.class)
  void everyKindOfWorkHasASmallerKitThanAllOfThemAndNoneGoesWithoutABase(KindOfWork work) {
    List<UsualKit.Usual> some = UsualKit.of(Set.of(work));
    assertThat(some).hasSizeBetween(70, 150).isSubsetOf(UsualKit.of(Set.of()));
    assertThat(some).extracting(UsualKit.Usual::code).contains("foundation", "hand-sanitiser");
  }

  /** Common practice: a wedding wants straws, a wound wax. */
  @Test
  void whatOneKindOfWorkNeedsAnotherDoesNot() {
    assertThat(codes(KindOfWork.EVENT)).contains("paper-straw").doesNotContain("scar-wax");
    assertThat(codes(KindOfWork.EFFECTS)).contains("scar-wax").doesNotContain("paper-straw");
  }

  private static List<String> codes(KindOfWork work) {
    return UsualKit.of(Set.of(work)).stream().map(UsualKit.Usual::code).toList();
  }
}
