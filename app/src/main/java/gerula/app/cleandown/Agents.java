package gerula.app.cleandown;

import gerula.app.kit.WholeKit;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Usage;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.rule.HouseStore;
import gerula.core.cleandown.Agent;
import gerula.core.cleandown.CleaningSupplies;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is sprayed, as it stands in the kit. Everything here runs within a workspace. */
@Component
class Agents {

  private final WholeKit kit;
  private final PlaceStore places;
  private final HouseStore house;
  private final WorkspaceTime time;
  private final Usage usage;
  private final TreatmentStore treatments;

  Agents(
      WholeKit kit,
      PlaceStore places,
      HouseStore house,
      WorkspaceTime time,
      Usage usage,
      TreatmentStore treatments) {
    this.usage = usage;
    this.treatments = treatments;
    this.kit = kit;
    this.places = places;
    this.house = house;
    this.time = time;
  }

  /**
   * The bottle one sprays from.
   *
   * @param batch empty when nobody noted it
   * @param leftMl about what is in it: what was measured last, less what was sprayed from it since;
   *     null where it is not told in ml
   * @param past whether it is past its date
   */
  record AgentView(
      UUID item, String name, String batch, @Nullable BigDecimal leftMl, boolean past) {}

  /** The bottle, null where the kit has none of the strength that the house sprays. */
  @Nullable AgentView bottle() {
    return found()
        .map(
            one ->
                new AgentView(
                    one.item().id(),
                    one.item().product().called(),
                    kit.now().byId().get(one.item().id()).details().batch(),
                    one.item().left().unit() == Unit.ML ? left(one).amount() : null,
                    one.isPast()))
        .orElse(null);
  }

  private Quantity left(Agent one) {
    UUID id = one.item().id();
    int things = usage.lastMeasured(id).map(since -> treatments.sprayedFrom(id, since)).orElse(0);
    return one.leftAfter(things);
  }

  /** The same by its id. */
  @Nullable UUID alcohol() {
    return found().map(one -> one.item().id()).orElse(null);
  }

  /** What there is to wipe and to wash with. */
  CleaningSupplies supplies() {
    return CleaningSupplies.of(kit.now().items(), places.tree());
  }

  private Optional<Agent> found() {
    return Agent.alcohol(kit.now().items(), places.tree(), house.current(), time.today());
  }
}
