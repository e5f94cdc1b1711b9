package gerula.app.kit;

import gerula.app.kit.KitRecords.ItemSheet;
import gerula.app.kit.KitRecords.WearView;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.InheritedDates;
import gerula.app.kit.item.ItemDescription;
import gerula.app.kit.item.ItemDraft;
import gerula.app.kit.item.ItemDraftBuilder;
import gerula.app.kit.item.ItemRows;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.place.StoredPlace;
import gerula.app.kit.product.LabelAnswer;
import gerula.app.kit.product.LabelLook;
import gerula.app.kit.product.ProductDraft;
import gerula.app.kit.product.ProductDraftBuilder;
import gerula.app.kit.product.ProductRows;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.ledger.Usage;
import gerula.app.person.KnownPeople;
import gerula.app.person.PersonNames;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.dates.DateClass;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Adding, changing and discarding the things of the kit. */
@Component
public class Kit {

  private final KitStore store;
  private final PlaceStore places;
  private final Views views;
  private final InheritedDates inherited;
  private final Usage usage;
  private final HouseStore house;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final KnownPeople people;
  private final PersonNames names;
  private final WorkspaceTime time;
  private final Handling handling;

  Kit(
      KitStore store,
      PlaceStore places,
      Views views,
      InheritedDates inherited,
      Usage usage,
      HouseStore house,
      Ledger ledger,
      Workspaces workspaces,
      KnownPeople people,
      PersonNames names,
      WorkspaceTime time,
      Handling handling) {
    this.store = store;
    this.places = places;
    this.views = views;
    this.inherited = inherited;
    this.usage = usage;
    this.house = house;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.people = people;
    this.names = names;
    this.time = time;
    this.handling = handling;
  }

  public ItemSheet sheet(SignedIn who, UUID id) {
    return workspaces.read(
        who.workspace(),
        () -> {
          StoredItem item = existing(id);
          KitViews now = views.now();
          List<StoredItem> others =
              store.itemsOfProduct(item.item().product().id()).stream()
                  .filter(other -> !other.id().equals(id))
                  .toList();
          return new ItemSheet(
              now.of(item),
              wear(item),
              ledger.historyOf(id),
              now.of(others),
              places.being(id).map(StoredPlace::id).orElse(null));
        });
  }

  private WearView wear(StoredItem item) {
    return WearView.of(
        item,
        usage.wear(List.of(item.id()), time.today()).getOrDefault(item.id(), Usage.Wear.NONE));
  }

  /**
   * Adds an item, and its product unless the kit has it already.
   *
   * @param item id the item gets; made by the caller so that a repeated act finds it again
   */
  public void add(
      SignedIn who,
      UUID actId,
      UUID item,
      @Nullable UUID knownProduct,
      @Nullable ProductDraft newProduct,
      ItemDraft draft) {
    ledger.perform(
        who,
        actId,
        "added",
        act -> {
          UUID product = knownProduct != null ? knownProduct : item;
          checkNew(product, newProduct, draft);
          if (newProduct != null) {
            act.touch(ThingKind.PRODUCT_THING, product, () -> store.insert(product, newProduct));
          }
          people.know(act, draft.onlyFor());
          act.touch(ThingKind.ITEM_THING, item, () -> store.insert(item, product, draft));
        });
  }

  /**
   * One shade of a line that is added as a whole.
   *
   * @param id of the item and its product, made by the caller
   */
  public record Shade(UUID id, String shade, @Nullable String colour, @Nullable Double depth) {}

  /** Adds many shades of one line: what is said of the line holds for each of them. */
  public void addShades(
      SignedIn who, UUID actId, ProductDraft line, ItemDraft draft, List<Shade> shades) {
    ledger.perform(
        who,
        actId,
        "added",
        Map.of("shades", shades.size()),
        act -> {
          Faults faults = new Faults();
          for (int i = 0; i < shades.size(); i++) {
            Shade one = shades.get(i);
            String path = "shades." + i + ".";
            faults.unless(
                !one.shade().isBlank(), path + "shade", "rule", "A shade has a name or a number.");
            line.ofShade(one)
                .toProduct(one.id(), faults, i == 0 ? "product." : path)
                .ifPresent(product -> checkItem(draft, product, faults));
          }
          faults.refuseIfAny();
          people.know(act, draft.onlyFor());
          for (Shade one : shades) {
            act.touch(
                ThingKind.PRODUCT_THING, one.id(), () -> store.insert(one.id(), line.ofShade(one)));
            act.touch(
                ThingKind.ITEM_THING, one.id(), () -> store.insert(one.id(), one.id(), draft));
          }
        });
  }

  /**
   * What is said of a pack that came.
   *
   * @param place where it goes and belongs; null: where others of its product belong
   */
  public record NewPack(
      Cleanliness cleanliness,
      String batch,
      @Nullable LocalDate printedExpiry,
      @Nullable BigDecimal price,
      @Nullable String currency,
      @Nullable UUID place) {}

  /**
   * Adds a sealed pack as part of an act.
   *
   * @param like another of the product
   */
  public void addSealed(Act act, UUID id, StoredItem like, NewPack pack) {
    Item item = like.item();
    UUID place = pack.place() == null ? item.home() : pack.place();
    ItemDraft draft =
        ItemDraftBuilder.stagedBuilder()
            .madeOn(null)
            .boughtOn(time.today())
            .openedOn(null)
            .printedExpiry(pack.printedExpiry())
            .left(item.product().content().amount())
            .home(place)
            .now(place)
            .cleanliness(pack.cleanliness())
            .personal(false)
            .note("")
            .batch(pack.batch())
            .price(pack.price())
            .currency(pack.currency())
            .onlyFor(null)
            .favourite(like.details().favourite())
            .rare(like.details().rare())
            .brushSet("")
            .decant(null)
            .askBackOn(null)
            .onlyForId(null)
            .build();
    act.touch(ThingKind.ITEM_THING, id, () -> store.insert(id, item.product().id(), draft));
  }

  private void checkNew(UUID product, @Nullable ProductDraft newProduct, ItemDraft draft) {
    Faults faults = new Faults();
    Optional<Product> described =
        newProduct != null
            ? newProduct.toProduct(product, faults, "product.")
            : store.product(product).map(ProductRows::product);
    if (described.isEmpty()) {
      faults.refuseIfAny();
      throw Refused.notThere("product", product);
    }
    checkItem(draft, described.get(), faults);
    faults.refuseIfAny();
  }

  public void edit(
      SignedIn who,
      UUID actId,
      UUID id,
      int version,
      int productVersion,
      ProductDraft product,
      ItemDescription description) {
    ledger.perform(
        who,
        actId,
        "changed",
        act -> {
          store.lock(id);
          StoredItem before = existing(id);
          Refused.unlessUnchanged(version, before.version(), "item", () -> views.now().of(before));
          Refused.unlessUnchanged(
              productVersion, before.productVersion(), "item", () -> views.now().of(before));
          ItemDraft draft = description.over(ItemRows.draft(store.row(id)));
          checkEdit(before, product, draft);
          change(act, before, product, draft);
        });
  }

  /**
   * Says which of the classes that its old one was parted into a product is.
   *
   * @throws Refused when its class is clear, or the other is none of those
   */
  public void chooseClass(SignedIn who, UUID actId, UUID id, ProductClass chosen) {
    ledger.perform(
        who,
        actId,
        "changed",
        act -> {
          store.lock(id);
          StoredItem before = existing(id);
          ProductDraft is = store.productDraft(before.item().product().id());
          new Faults()
              .unless(
                  is.productClass().successors().contains(chosen),
                  "productClass",
                  "not-one-of-them",
                  "It is "
                      + is.productClass().code()
                      + ", and that is none of what this can be. Edit the item to change it.")
              .refuseIfAny();
          change(
              act,
              before,
              ProductDraftBuilder.builder(is).productClass(chosen).build(),
              ItemRows.draft(store.row(id)));
        });
  }

  /**
   * Somebody read its label for these; it holds for everything of its product.
   *
   * @param found by what was looked for; null takes the answer back
   */
  public void readLabel(SignedIn who, UUID actId, UUID id, List<LabelLook> found) {
    ledger.perform(
        who,
        actId,
        "label-read",
        act -> {
          store.lock(id);
          StoredItem before = existing(id);
          UUID product = before.item().product().id();
          ProductDraft is = store.productDraft(product);
          ProductDraft after =
              ProductDraftBuilder.builder(is)
                  .composition(
                      LabelAnswer.of(
                          LabelLook.over(
                              before.item().product().composition(), found, time.today())))
                  .build();
          act.touch(ThingKind.PRODUCT_THING, product, () -> store.update(product, after));
        });
  }

  private void checkEdit(StoredItem before, ProductDraft product, ItemDraft draft) {
    Faults faults = new Faults();
    Optional<Product> described =
        product.toProduct(before.item().product().id(), faults, "product.");
    if (described.isPresent()) {
      checkItem(draft, described.get(), faults);
    }
    faults.unless(
        !inherited.has(before.id()) || hasDatesOf(before, draft),
        "item.openedOn",
        "inherited",
        "Its dates are those of the pack it was filled from. Change them there; it follows.");
    // Other items of the product tell what is left of them in the old unit.
    faults.unless(
        before.item().product().content().unit() == product.unit(),
        "product.unit",
        "unit-is-fixed",
        "A product's unit stays what it was. Add it as a new product instead.");
    faults.refuseIfAny();
  }

  private static boolean hasDatesOf(StoredItem before, ItemDraft draft) {
    Integer months = before.of().periodAfterOpening();
    return draft.dates(months).equals(before.item().dates());
  }

  private void change(Act act, StoredItem before, ProductDraft product, ItemDraft draft) {
    UUID productId = before.item().product().id();
    people.know(act, draft.onlyFor());
    act.touch(ThingKind.PRODUCT_THING, productId, () -> store.update(productId, product));
    act.touch(ThingKind.ITEM_THING, before.id(), () -> store.update(before.id(), draft));
    boolean isDatedAnew =
        !before.item().product().dateClasses().equals(dateClasses(product))
            || !Objects.equals(before.of().periodAfterOpening(), product.periodAfterOpening());
    Set<UUID> followed = new HashSet<>(inherited.follow(act, before.id()));
    followed.add(before.id());
    if (isDatedAnew) {
      store.itemsOfProduct(productId).stream()
          .filter(other -> !followed.contains(other.id()))
          .forEach(
              other -> act.touch(ThingKind.ITEM_THING, other.id(), () -> store.redate(other.id())));
    }
  }

  private static Set<DateClass> dateClasses(ProductDraft product) {
    Set<ProductClass> classes = EnumSet.of(product.productClass());
    classes.addAll(product.furtherUses());
    return Product.dateClasses(classes, product.form());
  }

  private void checkItem(ItemDraft draft, Product product, Faults faults) {
    draft.check(faults, "item.", product, time.today());
    draft.checkCurrency(faults, "item.");
    faults.unless(
        draft.onlyForId() == null || names.knows(draft.onlyForId()),
        "item.onlyForId",
        "not-there",
        "There is nobody of this id. Choose somebody from the list, or write a name.");
    requirePlace(draft.home(), "item.home", faults);
    requirePlace(draft.now(), "item.now", faults);
  }

  private void requirePlace(@Nullable UUID place, String path, Faults faults) {
    faults.unless(
        place == null || places.place(place).isPresent(),
        path,
        "not-there",
        "There is no place " + place + " in this workspace. Choose one from the list.");
  }

  /** Changes what only people read of an item, as part of an act. */
  public void touch(Act act, StoredItem item, ItemRecord changed) {
    act.touch(ThingKind.ITEM_THING, item.id(), () -> store.change(item.id(), changed));
  }

  public StoredItem existing(UUID id) {
    return store.item(id).orElseThrow(() -> Refused.notThere("item", id));
  }

  /** The item, held back from every other change; refused when it was discarded. */
  public StoredItem inKit(UUID id) {
    store.lock(id);
    return notDiscarded(existing(id));
  }

  /** The same of many, each once, in the order of their ids: about to be changed by this act. */
  public List<StoredItem> inKit(Act act, Collection<UUID> ids) {
    List<UUID> inOrder = ids.stream().distinct().sorted().toList();
    store.lock(inOrder);
    Map<UUID, StoredItem> found =
        store.itemsOf(inOrder).stream()
            .collect(Collectors.toMap(StoredItem::id, Function.identity()));
    List<StoredItem> items = new ArrayList<>();
    for (UUID id : inOrder) {
      StoredItem item = found.get(id);
      if (item == null) {
        throw Refused.notThere("item", id);
      }
      items.add(notDiscarded(item));
    }
    act.about(ThingKind.ITEM_THING, inOrder);
    return items;
  }

  private static StoredItem notDiscarded(StoredItem item) {
    if (item.isDiscarded()) {
      throw Refused.notNow(
          "discarded",
          "This was discarded on "
              + item.details().discardedOn()
              + ". Undo that in its history first.");
    }
    return item;
  }
}
