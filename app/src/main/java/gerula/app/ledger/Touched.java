package gerula.app.ledger;

import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * What an act changed or made, by kind.
 *
 * @param made kinds of which things came that were not there before
 */
public record Touched(Map<ThingKind, Set<UUID>> things, Set<ThingKind> made) {

  public Set<UUID> of(ThingKind kind) {
    return things.getOrDefault(kind, Set.of());
  }

  public boolean any(ThingKind kind) {
    return !of(kind).isEmpty();
  }
}
