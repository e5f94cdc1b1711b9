package gerula.app.packing;

import gerula.app.kit.Release;
import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What leaves the kit, or goes to somebody else, is in no bag any more. */
@Component
class Unpacking implements Release {

  private final PackedStore packed;

  Unpacking(PackedStore packed) {
    this.packed = packed;
  }

  @Override
  public void item(Act act, UUID item) {
    if (packed.bookingOf(item).isPresent()) {
      act.touch(ThingKind.PACKED_THING, item, () -> packed.remove(item));
    }
  }
}
