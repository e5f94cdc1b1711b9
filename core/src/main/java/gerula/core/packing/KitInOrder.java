package gerula.core.packing;

import gerula.core.dates.UseBy;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Roles;
import gerula.core.quantity.Mass;
import gerula.core.rule.HouseRules;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A kit sorted out for lists to be made of it: what is the same for every booking, worked out once
 * for as long as the kit and the house rules stay as they are. Never changes, and may be read by
 * several at a time.
 */
public final class KitInOrder {

  private final HouseRules house;

  /** Without what is discarded, in the order that decides between what is liked alike. */
  private final Map<UUID, Item> items;

  private final Map<ProductClass, List<Item>> byClass = new EnumMap<>(ProductClass.class);
  private final Map<UUID, List<Item>> byProduct = new HashMap<>();
  private final Map<UUID, UseBy> useBys = new HashMap<>();
  private final Map<UUID, Mass> masses = new HashMap<>();
  private final Map<Set<ProductClass>, List<Item>> ofClasses = new ConcurrentHashMap<>();
  private final Map<UUID, Roles> roles = new ConcurrentHashMap<>();
  private final Map<UUID, List<Companions.Group>> companions = new ConcurrentHashMap<>();

  private KitInOrder(Collection<Item> kit, HouseRules house) {
    this.house = house;
    Map<UUID, Item> inOrder = new LinkedHashMap<>();
    kit.stream()
        .filter(item -> !item.isDiscarded())
        .sorted(Taste.BY_NAME)
        .forEach(item -> inOrder.put(item.id(), item));
    items = Collections.unmodifiableMap(inOrder);
    for (Item item : items.values()) {
      item.product()
          .classes()
          .forEach(one -> byClass.computeIfAbsent(one, _ -> new ArrayList<>()).add(item));
      byProduct.computeIfAbsent(item.product().id(), _ -> new ArrayList<>()).add(item);
      useBys.put(item.id(), item.useBy(house));
      masses.put(item.id(), item.mass());
    }
  }

  public static KitInOrder of(Collection<Item> kit, HouseRules house) {
    return new KitInOrder(kit, house);
  }

  /** Whether it was sorted out by these rules. */
  public boolean isBy(HouseRules other) {
    return house.equals(other);
  }

  /** Everything in it. */
  public Collection<Item> all() {
    return items.values();
  }

  Map<UUID, Item> items() {
    return items;
  }

  /** Everything of this product. */
  List<Item> ofProduct(UUID product) {
    return byProduct.getOrDefault(product, List.of());
  }

  /** Everything of these classes, in order. */
  List<Item> ofClasses(Collection<ProductClass> classes) {
    return ofClasses.computeIfAbsent(EnumSet.copyOf(classes), this::gathered);
  }

  private List<Item> gathered(Set<ProductClass> classes) {
    // By id: telling thousands of items apart by all they are takes long.
    Map<UUID, Item> found = new LinkedHashMap<>();
    for (ProductClass one : classes) {
      byClass.getOrDefault(one, List.of()).forEach(item -> found.putIfAbsent(item.id(), item));
    }
    return List.copyOf(found.values());
  }

  UseBy useBy(Item item) {
    return useBys.get(item.id());
  }

  Mass mass(Item item) {
    return masses.get(item.id());
  }

  /** Every group of which one member has to come along with it. */
  List<Companions.Group> companions(Item item) {
    UUID product = item.product().id();
    List<Companions.Group> known = companions.get(product);
    return known == null
        ? companions.computeIfAbsent(product, _ -> Companions.of(item.product()))
        : known;
  }

  Roles roles(Item item) {
    UUID product = item.product().id();
    Roles known = roles.get(product);
    return known == null ? roles.computeIfAbsent(product, _ -> Roles.of(item.product())) : known;
  }
}
