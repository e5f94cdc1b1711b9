package gerula.app.depot.lineage;

import gerula.app.depot.empties.Empties;
import gerula.app.depot.empties.EmptyDraft;
import gerula.app.depot.lineage.FillingStore.StoredFilling;
import gerula.app.kit.Kit;
import gerula.app.kit.KitStore;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.ItemDraft;
import gerula.app.kit.item.ItemDraftBuilder;
import gerula.app.kit.item.Obstacles;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.product.ProductDraft;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.rule.HouseStore;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.depot.Content;
import gerula.core.depot.Contents;
import gerula.core.depot.empties.ContainerFit;
import gerula.core.depot.empties.FitReason;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Filling empties from packs. */
@Component
public class Decants {

  private final Kit kit;
  private final Handling handling;
  private final HouseStore house;
  private final KitStore store;
  private final PlaceStore places;
  private final Empties empties;
  private final FillingStore fillings;
  private final Ledger ledger;
  private final WorkspaceTime time;

  Decants(
      Kit kit,
      Handling handling,
      HouseStore house,
      KitStore store,
      PlaceStore places,
      Empties empties,
      FillingStore fillings,
      Ledger ledger,
      WorkspaceTime time) {
    this.kit = kit;
    this.handling = handling;
    this.house = house;
    this.store = store;
    this.places = places;
    this.empties = empties;
    this.fillings = fillings;
    this.ledger = ledger;
    this.time = time;
  }

  /**
   * What is filled from what.
   *
   * @param newItem id the filled container gets
   * @param amount in the unit of the product
   * @param place where the filled container belongs and lies from now on, null for its source's
   *     home
   * @param slot one of the place's equal slots, null for none in particular
   * @param sourceTo where the source goes afterwards, null to leave it where it is
   * @param openedOn the day the source was opened, to be told when it was sealed until now
   */
  public record Decanting(
      UUID newItem,
      UUID source,
      UUID empty,
      BigDecimal amount,
      @Nullable UUID place,
      @Nullable Integer slot,
      @Nullable UUID sourceTo,
      @Nullable LocalDate openedOn) {}

  void decant(SignedIn who, UUID actId, Decanting asked) {
    ledger.perform(who, actId, "decanted", act -> decant(act, asked));
  }

  /** Fills an empty as part of an act. */
  public void decant(Act act, Decanting asked) {
    StoredItem source = kit.inKit(asked.source());
    refuseOutOfUse(source);
    EmptyDraft empty = empties.existing(asked.empty()).draft();
    check(source.item(), empty, asked);
    empties.takeOne(act, asked.empty());
    pourOut(act, source, asked.amount(), asked.sourceTo(), asked.openedOn());
    ItemRecord besides = new ItemRecord();
    besides.setEmptyId(asked.empty());
    besides.setSlot(asked.slot());
    ItemDraft draft = draft(source, empty, asked);
    act.touch(
        ThingKind.ITEM_THING,
        asked.newItem(),
        () -> store.insert(asked.newItem(), source.item().product().id(), draft, besides));
    noteFilling(act, asked.newItem(), asked.source(), asked.amount(), false);
  }

  /** Notes that something of a source is in a container now, as part of an act. */
  void noteFilling(Act act, UUID item, UUID source, BigDecimal amount, boolean onARest) {
    StoredFilling filling =
        new StoredFilling(UUID.randomUUID(), item, source, time.today(), amount, null, onARest, 0);
    act.touch(ThingKind.FILLING_THING, filling.id(), () -> fillings.save(filling));
  }

  private void check(Item source, EmptyDraft empty, Decanting asked) {
    Faults faults = new Faults();
    Obstacles.toOpening(faults, source, asked.openedOn(), time.today());
    Obstacles.toPouring(faults, "amount", source, asked.amount());
    BigDecimal holds = size(source, empty);
    faults.unless(
        asked.amount().compareTo(holds) <= 0,
        "amount",
        "more-than-full",
        "A " + empty.name() + " holds " + plain(holds) + " " + unit(source) + " to the brim.");
    checkFit(faults, source, empty);
    checkPlace(faults, asked.place(), "place");
    checkPlace(faults, asked.sourceTo(), "sourceTo");
    faults.refuseIfAny();
  }

  private static void checkFit(Faults faults, Item source, EmptyDraft empty) {
    Content content = Contents.of(source.product(), null);
    ContainerFit fit = ContainerFit.of(content, empty.container(), empty.material());
    faults.unless(
        !fit.reasons().contains(FitReason.NEVER_DECANTED)
            && !fit.reasons().contains(FitReason.STERILE),
        "empty",
        "never-decanted",
        "This is never decanted: leave it in its own pack.");
  }

  private void checkPlace(Faults faults, @Nullable UUID place, String path) {
    faults.unless(
        place == null || places.place(place).isPresent(),
        path,
        "not-there",
        "There is no place " + place + " in this workspace. Choose one from the list.");
  }

  void refuseOutOfUse(StoredItem source) {
    Obstacles.requireInUse(source.item(), time.today(), house.current());
  }

  /** Takes the amount out of the source, opens it if it was sealed, and sends it where it goes. */
  void pourOut(
      Act act,
      StoredItem source,
      BigDecimal amount,
      @Nullable UUID goesTo,
      @Nullable LocalDate openedOn) {
    Item after = source.item().less(Quantity.of(amount, source.item().left().unit()));
    if (openedOn != null) {
      after = after.openedOn(openedOn);
    }
    if (goesTo != null) {
      after = after.settledAt(goesTo);
    }
    handling.became(act, source, after);
  }

  private static ItemDraft draft(StoredItem source, EmptyDraft empty, Decanting asked) {
    Item item = source.item();
    UUID place = asked.place() != null ? asked.place() : item.home();
    LocalDate opened = asked.openedOn() != null ? asked.openedOn() : item.dates().openedOn();
    return ItemDraftBuilder.stagedBuilder()
        .madeOn(item.dates().madeOn())
        .boughtOn(item.dates().boughtOn())
        .openedOn(opened)
        .printedExpiry(item.dates().printedExpiry())
        .left(asked.amount())
        .home(place)
        .now(place)
        .cleanliness(Cleanliness.CLEAN)
        .personal(item.forWhom() instanceof ForWhom.TheArtist)
        .note("")
        .batch(source.details().batch())
        .price(null)
        .currency(null)
        .onlyFor(null)
        .favourite(false)
        .rare(false)
        .brushSet("")
        .decant(decant(item, empty))
        .askBackOn(null)
        .onlyForId(item.forWhom() instanceof ForWhom.Only only ? only.person().id() : null)
        .build();
  }

  private static ItemDraft.DecantDraft decant(Item source, EmptyDraft empty) {
    BigDecimal holds = size(source, empty);
    int full =
        empty
            .tareG()
            .add(BigDecimal.valueOf(gramsPerUnit(source)).multiply(holds))
            .setScale(0, RoundingMode.CEILING)
            .intValue();
    return new ItemDraft.DecantDraft(
        empty.container(),
        holds,
        new ProductDraft.MeasuresDraft(
            empty.outline(),
            empty.outerWidthMm(),
            empty.outerDepthMm(),
            empty.outerHeightMm(),
            Math.max(1, full)));
  }

  private static double gramsPerUnit(Item source) {
    return source.left().unit() == Unit.ML
        ? Contents.density(Contents.of(source.product(), null)).gramsPerMl()
        : 1;
  }

  /** What a container holds of it, in the unit of its product. */
  static BigDecimal size(Item source, EmptyDraft empty) {
    double density = Contents.density(Contents.of(source.product(), null)).gramsPerMl();
    return source.left().unit() == Unit.G
        ? empty.sizeMl().multiply(BigDecimal.valueOf(density)).setScale(3, RoundingMode.HALF_EVEN)
        : empty.sizeMl();
  }

  private static String plain(BigDecimal amount) {
    return amount.stripTrailingZeros().toPlainString();
  }

  private static String unit(Item item) {
    return item.left().unit().code();
  }
}
