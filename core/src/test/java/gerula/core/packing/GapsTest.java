package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.booking.Need;
import gerula.core.booking.NeedCode;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class GapsTest {

  /** What could be mended soonest stands first. */
  private static final List<Refusal> NEAREST_FIRST =
      List.of(
          new Refusal.RunsOut(LocalDate.of(2031, 4, 14)),
          new Refusal.UsedUp(),
          new Refusal.NotLocated(),
          new Refusal.LeftOut(),
          new Refusal.WrongDepth(5.0, 6),
          new Refusal.WrongDepth(3.0, 6),
          new Refusal.WrongDepth(9.5, 6),
          new Refusal.Lacks(Trait.WATERPROOF),
          new Refusal.Conflict("latex"),
          new Refusal.Spoiled(),
          new Refusal.Personal(),
          new Refusal.OtherUnit(Unit.PIECE));

  @Test
  void theNearestStandFirstAndNoMoreThanOneLooksAt() {
    List<PackingFinding.Refused> refused =
        new ArrayList<>(
            IntStream.range(0, NEAREST_FIRST.size())
                .mapToObj(
                    i -> new PackingFinding.Refused(new UUID(0, 100 - i), NEAREST_FIRST.get(i)))
                .toList());
    // Any three of them in any order: all of them together are more than are told.
    Random random = new Random(3);
    for (int round = 0; round < 60; round++) {
      Collections.shuffle(refused, random);
      List<PackingFinding.Refused> some = refused.subList(0, 3);
      assertThat(gap(some).nearest())
          .extracting(one -> NEAREST_FIRST.indexOf(one.reason()))
          .hasSize(3)
          .isSorted();
    }
    assertThat(gap(refused).nearest()).hasSize(PackingFinding.Gap.MOST_NEAREST);
  }

  @Test
  void equallyNearOnesStandInTheOrderOfTheirIds() {
    PackingFinding.Refused second =
        new PackingFinding.Refused(new UUID(0, 2), new Refusal.Elsewhere(new UUID(0, 9)));
    PackingFinding.Refused first =
        new PackingFinding.Refused(new UUID(0, 1), new Refusal.NotLocated());
    assertThat(gap(List.of(second, first)).nearest()).containsExactly(first, second);
    PackingFinding.Refused noDepth =
        new PackingFinding.Refused(new UUID(0, 3), new Refusal.WrongDepth(null, 6));
    PackingFinding.Refused alike =
        new PackingFinding.Refused(new UUID(0, 4), new Refusal.WrongDepth(6.0, 6));
    assertThat(gap(List.of(alike, noDepth)).nearest()).containsExactly(noDepth, alike);
  }

  private static PackingFinding.Gap gap(List<PackingFinding.Refused> refused) {
    Gaps gaps = new Gaps(Choices.NONE);
    gaps.add(need(new Need.Measured(500, Unit.ML), Set.of()), 500, () -> refused);
    return gaps.inOrder().iterator().next();
  }

  private static Need need(Need.Amount amount, Set<Trait> must) {
    return new Need(
        NeedCode.of(ProductClass.FACE_POWDER),
        "",
        List.of(),
        amount,
        amount,
        must,
        Set.of(),
        Set.of(),
        null,
        List.of(),
        false,
        List.of(new TakenReason.AlreadyPacked()));
  }

  @Test
  void whatIsMissingOfOneKindAddsUp() {
    Gaps gaps = new Gaps(Choices.NONE);
    gaps.add(need(new Need.Measured(500, Unit.ML), Set.of(Trait.MATTE)), 300, List::of);
    gaps.add(
        need(new Need.Measured(500, Unit.ML), Set.of()),
        200,
        () -> {
          throw new AssertionError("What was refused was told already.");
        });
    PackingFinding.Gap gap = gaps.inOrder().iterator().next();
    assertThat(gap.shortThousandths()).isEqualTo(500);
    assertThat(gap.unit()).isEqualTo(Unit.ML);
    assertThat(gap.wanted()).containsExactly(Trait.MATTE);
    assertThat(gap.depth()).isNull();
  }
}
