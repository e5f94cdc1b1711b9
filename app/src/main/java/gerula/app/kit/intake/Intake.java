package gerula.app.kit.intake;

import gerula.app.kit.KitSize;
import gerula.app.kit.KitStore;
import gerula.app.kit.item.ItemDraft;
import gerula.app.kit.place.PlaceDraft;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.product.ProductDraft;
import gerula.app.ledger.Act;
import gerula.app.ledger.Answers;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.person.KnownPeople;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.Deadline;
import gerula.app.platform.limits.Limit;
import gerula.app.platform.web.Progress;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Reads a kit from a table: looked at first, then all of it or nothing. */
@Component
class Intake {

  private static final int AT_ONCE = 1000;

  /** After fewer the planner's figures are as good as before. */
  private static final int MANY = 500;

  private final KitStore kit;
  private final PlaceStore places;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final KnownCodes known;
  private final KitSize size;
  private final Answers answers;
  private final KnownPeople people;
  private final WorkspaceTime time;

  Intake(
      KitStore kit,
      PlaceStore places,
      Ledger ledger,
      Workspaces workspaces,
      KnownCodes known,
      KitSize size,
      Answers answers,
      KnownPeople people,
      WorkspaceTime time) {
    this.kit = kit;
    this.places = places;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.known = known;
    this.size = size;
    this.answers = answers;
    this.people = people;
    this.time = time;
  }

  /** How many things were added. */
  record CsvRead(int added) {}

  Reading look(SignedIn who, byte[] file, Reading.Chosen chosen) {
    return workspaces.read(who.workspace(), () -> reading(file, chosen));
  }

  private Reading reading(byte[] file, Reading.Chosen chosen) {
    Set<String> codes = known.all();
    return Reading.of(file, chosen, places.tree(), codes::contains, time.today());
  }

  /**
   * Adds everything in the table.
   *
   * @param progress told how many things are in, and of how many; it may throw to stop
   * @throws Refused with every bad row, when there is one: then nothing is added
   */
  CsvRead read(SignedIn who, UUID actId, byte[] file, Reading.Chosen chosen, Progress progress) {
    int[] added = {0};
    return answers.once(
        who,
        actId,
        () -> added[0] = read(who, actId, file, progress, chosen),
        () -> new CsvRead(added[0]));
  }

  private int read(
      SignedIn who, UUID actId, byte[] file, Progress progress, Reading.Chosen chosen) {
    int[] added = {0};
    ledger.perform(
        who,
        actId,
        "imported",
        act -> {
          Reading reading = reading(file, chosen);
          added[0] = add(act, reading, progress);
        });
    return added[0];
  }

  /** All rows or none. */
  int add(Act act, Reading reading, Progress progress) {
    return addItems(act, reading, progress).size();
  }

  /** The same; tells their ids. */
  List<UUID> addItems(Act act, Reading reading, Progress progress) {
    refuseBad(reading);
    size.requireRoom(reading.things());
    return insert(act, reading, progress);
  }

  private static void refuseBad(Reading reading) {
    List<FieldFault> faults =
        reading.bad().stream()
            .flatMap(
                row ->
                    row.faults().stream().map(fault -> fault.within("line " + row.line() + ", ")))
            .toList();
    if (!faults.isEmpty()) {
      throw Refused.faulty(faults);
    }
    new Faults()
        .unless(!reading.rows().isEmpty(), "", "not-a-table", "The table has no rows to read.")
        .refuseIfAny();
  }

  private List<UUID> insert(Act act, Reading reading, Progress progress) {
    Deadline deadline = Deadline.of(Limit.WORK_SECONDS, "Adding these rows");
    for (PlacePaths.NewPlace one : reading.places().made()) {
      PlaceDraft draft = PlaceDraft.named(one.name(), one.parent());
      act.touch(ThingKind.PLACE_THING, one.id(), () -> places.insert(one.id(), draft));
    }
    Map<ProductDraft, UUID> products = new LinkedHashMap<>();
    reading.rows().forEach(row -> products.computeIfAbsent(row.product(), _ -> UUID.randomUUID()));
    people.know(act, reading.rows().stream().map(row -> row.item().onlyFor()).toList());
    List<KitStore.NewItem> items = items(reading, products);
    KitStore.NewProducts added = insertProducts(act, products);
    for (int from = 0; from < items.size(); from += AT_ONCE) {
      deadline.check();
      List<KitStore.NewItem> some = items.subList(from, Math.min(from + AT_ONCE, items.size()));
      act.create(
          ThingKind.ITEM_THING,
          some.stream().map(KitStore.NewItem::id).toList(),
          () -> kit.insertItems(some, added));
      progress.at(from + some.size(), items.size());
    }
    if (reading.things() > MANY) {
      kit.countAnew();
    }
    return items.stream().map(KitStore.NewItem::id).toList();
  }

  private List<KitStore.NewItem> items(Reading reading, Map<ProductDraft, UUID> products) {
    int uncoded =
        reading.rows().stream()
            .filter(row -> row.code() == null)
            .mapToInt(KitReader.Read::count)
            .sum();
    Iterator<String> codes = kit.drawCodes(uncoded);
    List<KitStore.NewItem> items = new ArrayList<>();
    for (KitReader.Read row : reading.rows()) {
      ItemDraft item =
          row.item().placed(reading.places().find(row.home()), reading.places().find(row.now()));
      for (int i = 0; i < row.count(); i++) {
        String code = row.code() != null ? row.code() : codes.next();
        items.add(new KitStore.NewItem(UUID.randomUUID(), code, products.get(row.product()), item));
      }
    }
    return items;
  }

  private KitStore.NewProducts insertProducts(Act act, Map<ProductDraft, UUID> products) {
    Map<UUID, ProductDraft> byId = new LinkedHashMap<>();
    products.forEach((draft, id) -> byId.put(id, draft));
    KitStore.NewProducts[] added = new KitStore.NewProducts[1];
    act.create(
        ThingKind.PRODUCT_THING,
        List.copyOf(byId.keySet()),
        () -> added[0] = kit.insertProducts(byId));
    return added[0];
  }
}
