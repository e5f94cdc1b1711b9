package gerula.app.invariant;

import gerula.app.ledger.ActGuard;
import gerula.app.ledger.Touched;
import gerula.app.platform.errors.Refused;
import gerula.core.invariant.Broken;
import gerula.core.invariant.Invariants;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** No act and no undo leaves a kit that cannot be. */
@Component
class KitGuard implements ActGuard {

  private final KitStates states;

  KitGuard(KitStates states) {
    this.states = states;
  }

  @Override
  public void check(Touched touched) {
    List<Broken> broken = Invariants.brokenIn(states.around(touched));
    if (!broken.isEmpty()) {
      throw Refused.notNow(
          broken.getFirst().code(),
          "This was not done. " + BrokenWords.refused(broken.getFirst()),
          Map.of("broken", broken));
    }
  }
}
