package gerula.app.depot.lineage;

import gerula.app.depot.empties.Empties;
import gerula.app.depot.lineage.FillingStore.StoredFilling;
import gerula.app.kit.Kit;
import gerula.app.kit.KitStore;
import gerula.app.kit.item.Discarding;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.Obstacles;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.dates.PackDates;
import gerula.core.depot.lineage.Refill;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.Vessel;
import gerula.core.quantity.Quantity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Filling containers again, and washing them out. */
@Component
class Refills {

  private final Kit kit;
  private final Handling handling;
  private final Discarding discarding;
  private final KitStore store;
  private final FillingStore fillings;
  private final Decants decants;
  private final Empties empties;
  private final UsePace uses;
  private final HouseStore house;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  Refills(
      Kit kit,
      Handling handling,
      Discarding discarding,
      KitStore store,
      FillingStore fillings,
      Decants decants,
      Empties empties,
      UsePace uses,
      HouseStore house,
      Ledger ledger,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.kit = kit;
    this.handling = handling;
    this.discarding = discarding;
    this.store = store;
    this.fillings = fillings;
    this.decants = decants;
    this.empties = empties;
    this.uses = uses;
    this.house = house;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.time = time;
  }

  /** From what a container is best filled again, and how; empty when there is no source. */
  Optional<Refill> proposed(SignedIn who, UUID id) {
    return workspaces.read(
        who.workspace(),
        () -> {
          StoredItem container = kit.existing(id);
          refuseUnlessContainer(container);
          return Refill.of(
              facts(container),
              store.itemsOfProduct(container.item().product().id()).stream()
                  .map(StoredItem::item)
                  .filter(source -> !comesFrom(source.id(), id))
                  .toList());
        });
  }

  private boolean comesFrom(UUID source, UUID container) {
    return fillings.lineage().wouldRunInCircles(container, source);
  }

  private Refill.RefillFacts facts(StoredItem container) {
    LocalDate today = time.today();
    return new Refill.RefillFacts(
        container.item(),
        fillings.in(container.id()).size(),
        uses.of(container.item().product(), today),
        today,
        house.current());
  }

  /**
   * What is filled in.
   *
   * @param amount in the unit of the product
   * @param wash whether the container is emptied and washed first
   * @param openedOn the day the source was opened, to be told when it was sealed until now
   */
  record Filling(UUID source, BigDecimal amount, boolean wash, @Nullable LocalDate openedOn) {}

  void refill(SignedIn who, UUID actId, UUID id, Filling asked) {
    ledger.perform(
        who,
        actId,
        asked.wash() ? "refilled" : "topped-up",
        Map.of(),
        act -> {
          StoredItem container = kit.inKit(id);
          refuseUnlessContainer(container);
          StoredItem source = kit.inKit(asked.source());
          decants.refuseOutOfUse(source);
          check(container.item(), source.item(), asked);
          fill(act, container, source, asked);
        });
  }

  private static void refuseUnlessContainer(StoredItem container) {
    if (!(container.item().vessel() instanceof Vessel.Decant)) {
      throw Refused.notNow(
          "not-a-container", "It is in the pack it was bought in, which is not filled again.");
    }
  }

  private void check(Item container, Item source, Filling asked) {
    Faults faults = new Faults();
    faults.unless(
        container.product().id().equals(source.product().id()),
        "source",
        "another-product",
        "A container is filled again with the same product. Otherwise wash it and decant again.");
    faults.unless(
        !comesFrom(source.id(), container.id()),
        "source",
        "circle",
        "This came out of the container itself. Choose another source.");
    faults.unless(
        asked.wash() || isFitToBeToppedUp(container),
        "wash",
        "wash-first",
        "What is in it is out of date, changed or contaminated. Wash it first.");
    Obstacles.toOpening(faults, source, asked.openedOn(), time.today());
    Obstacles.toPouring(faults, "amount", source, asked.amount());
    faults.refuseIfAny();
    Quantity amount = Quantity.of(asked.amount(), source.left().unit());
    Quantity full = asked.wash() ? amount : container.left().plus(amount);
    Obstacles.toHolding(faults, "amount", container.size(), full);
    faults.refuseIfAny();
  }

  private boolean isFitToBeToppedUp(Item container) {
    return !container.cleanliness().isStopped()
        && container.isGoodOn(time.today(), house.current());
  }

  private void fill(Act act, StoredItem container, StoredItem source, Filling asked) {
    Item before = container.item();
    boolean hasRest = !asked.wash() && !before.left().isNone();
    boolean isRestUnknown = hasRest && fillings.in(container.id()).isEmpty();
    if (!hasRest) {
      washOut(act, container.id());
    }
    decants.pourOut(act, source, asked.amount(), null, asked.openedOn());
    decants.noteFilling(act, container.id(), source.id(), asked.amount(), isRestUnknown);
    PackDates from = store.item(source.id()).orElseThrow().item().dates();
    PackDates dates = PackDates.inherited(hasRest ? List.of(before.dates(), from) : List.of(from));
    Quantity amount = Quantity.of(asked.amount(), before.left().unit());
    Item cleaned = hasRest ? before : before.washed(time.now());
    Item after = cleaned.filledAgain(hasRest ? before.left().plus(amount) : amount, dates);
    ItemRecord besides = new ItemRecord();
    besides.setBatch(source.details().batch());
    if (!hasRest) {
      besides.setWashedOn(time.today());
    }
    handling.wasFilledAgain(act, container, after, besides);
  }

  private void washOut(Act act, UUID container) {
    LocalDate today = time.today();
    for (StoredFilling filling : fillings.in(container)) {
      act.touch(
          ThingKind.FILLING_THING, filling.id(), () -> fillings.save(filling.washedOut(today)));
    }
  }

  /** Discards what is left of a container and puts it back among the empties, washed. */
  void washAway(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "washed-out",
        act -> {
          StoredItem container = kit.inKit(id);
          refuseUnlessContainer(container);
          washOut(act, id);
          UUID empty = container.details().emptyId();
          if (empty != null) {
            empties.putBack(act, empty);
          }
          discarding.discard(act, container, DiscardCause.EMPTY);
        });
  }
}
