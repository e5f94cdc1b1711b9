package gerula.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.ledger.LaterActs.Later;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** What may be undone: numbers are the order of acts, and the one asked for is number 5. */
class LaterActsTest {

  private static Later act(String name, long number, @Nullable Long undoes, boolean inEffect) {
    return new Later(UUID.randomUUID(), name, number, undoes, inEffect);
  }

  private static LaterActs acts(Later... newestFirst) {
    return new LaterActs(List.of(newestFirst));
  }

  @Test
  void anActStandsInTheWay() {
    assertThat(acts(act("moved", 6, null, true)).inTheWayOf(5)).contains("moved");
    assertThat(acts(act("moved", 5, null, true)).inTheWayOf(5)).isEmpty();
  }

  @Test
  void anActAndItsUndoCancelEachOther() {
    assertThat(acts(act("undone", 7, 6L, true), act("moved", 6, null, false)).inTheWayOf(5))
        .isEmpty();
  }

  @Test
  void anUndoThatWasUndoneBringsItsActBack() {
    Later redo = act("undone", 8, 7L, true);
    Later undo = act("undone", 7, 6L, false);
    Later move = act("moved", 6, null, true);
    assertThat(acts(redo, undo, move).inTheWayOf(5)).contains("moved");
  }

  @Test
  void theUndoOfSomethingEarlierStandsInTheWay() {
    assertThat(acts(act("undone", 6, 4L, true)).inTheWayOf(5)).contains("undone");
  }

  @Test
  void theNewestIsNamed() {
    assertThat(acts(act("discarded", 7, null, true), act("moved", 6, null, true)).inTheWayOf(5))
        .contains("discarded");
  }
}
