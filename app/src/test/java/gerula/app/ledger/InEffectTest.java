package gerula.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.ledger.InEffect.Undo;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class InEffectTest {

  static LongStream seeds() {
    return LongStream.range(0, 60);
  }

  /** Turning round step by step comes to what the rule says of the whole history. */
  @ParameterizedTest
  @MethodSource("seeds")
  void anActCountsUnlessAnUndoThatCountsUndoesIt(long seed) {
    Random random = new Random(seed);
    List<UUID> acts = new ArrayList<>();
    List<Undo> undos = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      UUID id = UUID.randomUUID();
      UUID other = acts.isEmpty() ? id : acts.get(random.nextInt(acts.size()));
      if (!other.equals(id) && random.nextBoolean() && counts(other, undos)) {
        undos.add(new Undo(id, other));
      }
      acts.add(id);
      assertThat(acts)
          .allSatisfy(
              one ->
                  assertThat(!InEffect.without(undos).contains(one)).isEqualTo(counts(one, undos)));
    }
    assertThat(undos).isNotEmpty();
  }

  private static boolean counts(UUID act, List<Undo> undos) {
    return undos.stream().noneMatch(one -> one.act().equals(act) && counts(one.id(), undos));
  }
}
