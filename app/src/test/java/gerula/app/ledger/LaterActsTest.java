package gerula.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.ledger.LaterActs.Later;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class LaterActsTest {

  private final Later move = new Later(UUID.randomUUID(), "moved", null);
  private final Later undo = new Later(UUID.randomUUID(), "undone", move.id());
  private final Later redo = new Later(UUID.randomUUID(), "undone", undo.id());

  @Test
  void anActStandsInTheWay() {
    assertThat(LaterActs.of(List.of(move)).newestInEffect()).contains("moved");
  }

  @Test
  void anActAndItsUndoCancelEachOther() {
    assertThat(LaterActs.of(List.of(undo, move)).newestInEffect()).isEmpty();
  }

  @Test
  void anUndoThatWasUndoneBringsItsActBack() {
    assertThat(LaterActs.of(List.of(redo, undo, move)).newestInEffect()).contains("moved");
  }

  @Test
  void theNewestIsNamed() {
    Later discard = new Later(UUID.randomUUID(), "discarded", null);
    assertThat(LaterActs.of(List.of(discard, move)).newestInEffect()).contains("discarded");
  }
}
