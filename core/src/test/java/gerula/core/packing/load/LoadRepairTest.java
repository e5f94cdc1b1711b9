package gerula.core.packing.load;

import static gerula.core.packing.load.GivenLoads.EFFORT;
import static gerula.core.packing.load.GivenLoads.piece;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.quantity.Mass;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is repaired with few moves, and what whoever looks on hears. */
class LoadRepairTest {

  @Test
  void whoLooksOnHearsHowFarItIsAndCanStopIt() {
    Load load = RandomLoads.real(new Random(3), 10, 80);
    List<Double> heard = new ArrayList<>();
    LoadPlan stopped =
        load.plan(
            new LoadEffort(
                20_000,
                1,
                (share, best) -> {
                  heard.add(share);
                  return heard.size() < 5;
                }));
    assertThat(heard).hasSize(5).isSorted();
    assertThat(heard.getFirst()).isZero();
    assertThat(heard.getLast()).isPositive().isLessThan(1);
    assertThat(stopped.isStopped()).isTrue();
    assertThat(LoadCheck.wrong(load, stopped)).isEmpty();
    LoadPlan cut = load.plan(LoadEffort.of(1, 1));
    assertThat(cut.isStopped()).isTrue();
    assertThat(LoadCheck.wrong(load, cut)).isEmpty();
  }

  /** A case packed with 120 pieces, each where it was planned; one thing changes at a time. */
  @Test
  void whatChangesALittleIsRepairedWithThreeMovesOrFewer() {
    Load load = packedCase();
    LoadPlan before = load.plan(EFFORT);
    assertThat(before.left()).isEmpty();
    Map<String, String> at = new HashMap<>();
    before.placed().forEach(one -> at.put(one.piece(), one.compartment()));
    List<LoadPiece> settled =
        load.pieces().stream()
            .map(one -> LoadPieceBuilder.builder(one).usual(at.get(one.id())).build())
            .toList();
    for (int i = 0; i < 20; i++) {
      LoadPiece one = settled.get(i * 5);
      Posture was = one.measures();
      List<LoadPiece> changed = new ArrayList<>(settled);
      changed.set(
          i * 5,
          switch (i % 4) {
            // A larger pack of the same; a heavier one; one that has to lie elsewhere; a new one.
            case 0 ->
                LoadPieceBuilder.builder(one)
                    .measures(new Posture(was.widthMm() + 8, was.depthMm() + 8, was.heightMm()))
                    .build();
            case 1 -> LoadPieceBuilder.builder(one).mass(Mass.ofGrams(400L)).build();
            case 2 -> LoadPieceBuilder.builder(one).pinned("room" + (i % 10)).build();
            default -> LoadPieceBuilder.builder(one).usual(null).build();
          });
      Load after = new Load(load.bags(), changed);
      LoadPlan repaired = after.plan(EFFORT);
      assertThat(LoadCheck.wrong(after, repaired)).as("change " + i).isEmpty();
      assertThat(repaired.left()).as("change " + i).isEmpty();
      assertThat(repaired.levels().moved()).as("change " + i).isLessThanOrEqualTo(3);
    }
  }

  private static Load packedCase() {
    List<Compartment> rooms = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      rooms.add(new Compartment("room" + i, 260, 140, 70, 0.85, Set.of(), false, i + 1, null));
    }
    Random random = new Random(5);
    List<LoadPiece> pieces = new ArrayList<>();
    for (int i = 0; i < 120; i++) {
      pieces.add(
          piece("p" + i, 20 + random.nextInt(20), 20 + random.nextInt(20), 30 + random.nextInt(40))
              .group("g" + i / 12)
              .build());
    }
    return new Load(
        List.of(new LoadBag("case", Mass.ofGrams(3000L), Mass.ofGrams(16_000L), rooms)), pieces);
  }
}
