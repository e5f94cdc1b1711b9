package gerula.core.packing;

import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.booking.look.LookPart;
import gerula.core.dates.UseBy;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Roles;
import gerula.core.kit.product.Sensitivity;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import gerula.core.shade.ColourDifference;
import gerula.core.shade.Lab;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Which items may be taken for which need, and why not the others. */
final class Suitability {

  /** What touched one face stays with it: its reservoir or its pores cannot be cleaned. */
  private static final Set<Form> ONE_PERSON =
      EnumSet.of(Form.FELT_TIP_PEN, Form.FOAM_SPONGE, Form.MEDICATED_DROPS);

  private final PackingList.PackingFacts facts;
  private final Booking booking;
  private final PlaceTree places;
  private final Map<ProductClass, List<Item>> byClass = new EnumMap<>(ProductClass.class);
  private final Map<Set<ProductClass>, List<Item>> ofClasses = new HashMap<>();
  private final Map<Set<ProductClass>, List<Item>> inReach = new HashMap<>();
  private final Map<UUID, UseBy> useBys = new HashMap<>();
  private final Map<UUID, SortedSet<Sensitivity>> reactsTo = new HashMap<>();
  private final Map<UUID, Optional<Refusal>> unfit = new HashMap<>();
  private final Map<UUID, Roles> roles = new HashMap<>();
  private final Map<UUID, List<Item>> byProduct = new HashMap<>();
  private final BaseColours colours;
  private final BaseUndertones undertones;
  private final boolean isForSeveral;

  /**
   * @param kit in the order in which equal choices are made
   */
  Suitability(PackingList.PackingFacts facts, Collection<Item> kit) {
    this.facts = facts;
    this.booking = facts.booking();
    this.places = facts.places();
    this.isForSeveral = booking.heads() > 1;
    for (Item item : kit) {
      item.product()
          .classes()
          .forEach(one -> byClass.computeIfAbsent(one, _ -> new ArrayList<>()).add(item));
      useBys.put(item.id(), item.useBy(facts.house()));
      byProduct.computeIfAbsent(item.product().id(), _ -> new ArrayList<>()).add(item);
    }
    colours = new BaseColours(byProduct);
    undertones = new BaseUndertones(colours);
  }

  /** Everything of these classes that is still in the kit, in a fixed order. */
  List<Item> ofClasses(Collection<ProductClass> classes) {
    return ofClasses.computeIfAbsent(EnumSet.copyOf(classes), this::inOrder);
  }

  /** Those of them that are not out for everybody from the first day on. */
  List<Item> inReach(Collection<ProductClass> classes) {
    return inReach.computeIfAbsent(
        EnumSet.copyOf(classes),
        some -> ofClasses(some).stream().filter(item -> !isOut(item)).toList());
  }

  /** Whether it is of a kind that this need asks for. */
  boolean isOfKind(Need need, Item item) {
    return !Collections.disjoint(need.code().kind().classes(), item.product().classes());
  }

  /** Everything of this product. */
  List<Item> ofProduct(UUID product) {
    return byProduct.getOrDefault(product, List.of());
  }

  /** How far items lie from the colours of faces. */
  BaseColours colours() {
    return colours;
  }

  /** To which side items lean. */
  BaseUndertones undertones() {
    return undertones;
  }

  private List<Item> inOrder(Set<ProductClass> classes) {
    // By id: telling thousands of items apart by all they are takes long.
    Map<UUID, Item> items = new LinkedHashMap<>();
    for (ProductClass one : classes) {
      byClass.getOrDefault(one, List.of()).forEach(item -> items.putIfAbsent(item.id(), item));
    }
    return List.copyOf(items.values());
  }

  UseBy useBy(Item item) {
    return useBys.get(item.id());
  }

  Roles roles(Item item) {
    return roles.computeIfAbsent(item.id(), _ -> Roles.of(item.product()));
  }

  /** Thousandths of it that are left for this booking. */
  long leftOf(Item item) {
    return facts.claims().leftOf(item);
  }

  /** The first reason not to take this item for this need; empty when it may be taken. */
  Optional<Refusal> refusal(Need need, Item item) {
    return wrongKind(need, item).or(() -> refusalForAny(need.faces(), item));
  }

  private Optional<Refusal> refusalForAny(List<Face> faces, Item item) {
    if (faces.isEmpty()) {
      return refusal((Face) null, item);
    }
    for (Face face : faces) {
      Optional<Refusal> refusal = refusal(face, item);
      if (refusal.isPresent()) {
        return refusal;
      }
    }
    return Optional.empty();
  }

  private Optional<Refusal> wrongKind(Need need, Item item) {
    if (!fitsUnit(need.amount(), item)) {
      return Optional.of(new Refusal.OtherUnit(item.left().unit()));
    }
    return otherProduct(need, item)
        .or(() -> wrongRole(need, item))
        .or(() -> wrongShade(need, item))
        .or(() -> lacking(need, item))
        .or(() -> shared(item));
  }

  /** The same for a part of a mix: its own shade may be any. */
  Optional<Refusal> refusalButShade(Need need, Item item) {
    if (!fitsUnit(need.amount(), item)) {
      return Optional.of(new Refusal.OtherUnit(item.left().unit()));
    }
    Set<Trait> traits = item.product().traits();
    boolean isMixer = item.product().classes().contains(ProductClass.MIXER);
    return (isMixer ? keptAway(need, traits) : lacking(need, item))
        .or(() -> shared(item))
        .or(() -> refusalForAny(need.faces(), item));
  }

  private static boolean fitsUnit(Need.Amount amount, Item item) {
    boolean isCounted = item.left().unit() == Unit.PIECE;
    return switch (amount) {
      case Need.Shared _ -> true;
      case Need.Measured _ -> !isCounted;
      case Need.Counted _ -> isCounted;
    };
  }

  /** Where exactly some products are wanted, how far this one lies from the first of them. */
  private Optional<Refusal> otherProduct(Need need, Item item) {
    boolean isWanted =
        need.exactly().isEmpty()
            || need.exactly().stream().anyMatch(part -> item.product().id().equals(part.product()));
    if (isWanted) {
      return Optional.empty();
    }
    LookPart first = need.exactly().getFirst();
    Lab colour = colours.of(item.product());
    boolean isSeen = first.colour() != null && colour != null;
    return Optional.of(
        new Refusal.OtherProduct(
            first.told(), isSeen ? ColourDifference.between(first.colour(), colour) : null));
  }

  private Optional<Refusal> wrongRole(Need need, Item item) {
    Role wanted = need.code().role();
    if (wanted == null) {
      return Optional.empty();
    }
    Roles known = roles(item);
    if (known.are().contains(wanted)) {
      return Optional.empty();
    }
    return Optional.of(
        known.are().isEmpty()
            ? new Refusal.RoleUnknown()
            : new Refusal.OtherRole(new TreeSet<>(known.are())));
  }

  private Optional<Refusal> wrongShade(Need need, Item item) {
    Double difference = colours.difference(need, item);
    if (difference == null) {
      return wrongDepth(need, item);
    }
    double limit = facts.house().shadeLimit();
    return difference > limit
        ? Optional.of(new Refusal.WrongColour(difference, limit))
        : Optional.empty();
  }

  private static Optional<Refusal> wrongDepth(Need need, Item item) {
    Need.DepthWanted wanted = need.depth();
    Double depth = wanted == null ? null : item.product().depthNear(wanted.depth());
    return depth != null && Math.abs(depth - wanted.depth()) > wanted.reach()
        ? Optional.of(new Refusal.WrongDepth(depth, wanted.depth()))
        : Optional.empty();
  }

  private static Optional<Refusal> lacking(Need need, Item item) {
    Product product = item.product();
    Set<Trait> traits = product.traits();
    if (need.must().stream().allMatch(product::has)
        && Collections.disjoint(need.mustNot(), traits)) {
      return Optional.empty();
    }
    Optional<Refusal> lacking =
        need.must().stream()
            .sorted()
            .filter(trait -> !product.has(trait))
            .findFirst()
            .map(Refusal.Lacks::new);
    return lacking.or(() -> keptAway(need, traits));
  }

  private static Optional<Refusal> keptAway(Need need, Set<Trait> traits) {
    return need.mustNot().stream()
        .sorted()
        .filter(traits::contains)
        .findFirst()
        .map(Refusal.KeptAway::new);
  }

  /** What is for one person only may come along for a booking of one. */
  private Optional<Refusal> shared(Item item) {
    boolean isShared =
        isForSeveral
            && ONE_PERSON.contains(item.product().form())
            && !(item.forWhom() instanceof ForWhom.Only);
    return isShared ? Optional.of(new Refusal.OnePersonOnly()) : Optional.empty();
  }

  /** The first reason not to use this item on this face; null means for the booking as a whole. */
  Optional<Refusal> refusal(@Nullable Face face, Item item) {
    return reserved(face, item)
        .or(() -> face == null ? Optional.empty() : conflict(face, item))
        .or(() -> unfit(item));
  }

  /** Whatever it is needed for. */
  private boolean isOut(Item item) {
    return item.forWhom() instanceof ForWhom.TheArtist
        || unfit(item).filter(why -> !(why instanceof Refusal.RunsOut)).isPresent();
  }

  private Optional<Refusal> unfit(Item item) {
    return unfit.computeIfAbsent(item.id(), _ -> unfitForAnybody(item));
  }

  private Optional<Refusal> unfitForAnybody(Item item) {
    return decided(item).or(() -> spoilt(item)).or(() -> outOfReach(item)).or(() -> pastIt(item));
  }

  private Optional<Refusal> decided(Item item) {
    if (facts.choices().leftOut().contains(item.id())) {
      return Optional.of(new Refusal.LeftOut());
    }
    return item.product().classes().stream()
        .flatMap(one -> booking.keepingAway(one).stream())
        .findFirst()
        .map(Refusal.StaysAtHome::new);
  }

  private Optional<Refusal> spoilt(Item item) {
    if (item.cleanliness() == Cleanliness.CONTAMINATED) {
      return Optional.of(new Refusal.Contaminated());
    }
    if (item.cleanliness() == Cleanliness.QUARANTINED) {
      return Optional.of(new Refusal.Quarantined());
    }
    if (item.spoilage() != null) {
      return Optional.of(new Refusal.Spoiled());
    }
    return leftOf(item) == 0 ? Optional.of(new Refusal.UsedUp()) : Optional.empty();
  }

  private Optional<Refusal> outOfReach(Item item) {
    // What lies in this booking's own bag is here, whatever others have planned.
    Optional<Refusal> claimed =
        facts
            .claims()
            .on(item)
            .filter(_ -> !facts.packed().contains(item.id()))
            .map(claim -> new Refusal.OnAnotherBooking(claim.booking(), claim.title()));
    boolean isHere = !places.isElsewhere(item.now()) || isNotPlacedYet(item);
    if (claimed.isPresent() || isHere) {
      return claimed;
    }
    return Optional.of(
        places
            .elsewhere(item.now())
            .filter(place -> place.kind() != PlaceKind.UNKNOWN)
            .<Refusal>map(place -> new Refusal.Elsewhere(place.id()))
            .orElseGet(Refusal.NotLocated::new));
  }

  /** Nobody ever said where it is: that is no reason to look for it in vain. */
  static boolean isNotPlacedYet(Item item) {
    return item.now() == null && item.home() == null;
  }

  private Optional<Refusal> pastIt(Item item) {
    UseBy useBy = useBy(item);
    return useBy.isGoodOn(booking.lastDay())
        ? Optional.empty()
        : Optional.of(new Refusal.RunsOut(useBy.lastDay()));
  }

  /** For the booking as a whole only what everybody may use is taken. */
  private static Optional<Refusal> reserved(@Nullable Face face, Item item) {
    return switch (item.forWhom()) {
      case ForWhom.Everybody() -> Optional.empty();
      case ForWhom.TheArtist() -> Optional.of(new Refusal.Personal());
      case ForWhom.Only only ->
          face != null && only.allows(face.person())
              ? Optional.empty()
              : Optional.of(new Refusal.ForSomebodyElse(only.person().name()));
    };
  }

  private Optional<Refusal> conflict(Face face, Item item) {
    for (Sensitivity one : reactsTo(face)) {
      if (item.product().contains(one)) {
        return Optional.of(new Refusal.Conflict(one.name()));
      }
    }
    return Optional.empty();
  }

  private SortedSet<Sensitivity> reactsTo(Face face) {
    return reactsTo.computeIfAbsent(face.id(), _ -> face.reactsTo());
  }

  /** What the face reacts to and nobody has read this item's label for. */
  List<Sensitivity> unchecked(Face face, Item item) {
    return reactsTo(face).stream().filter(item.product()::isUnchecked).toList();
  }

  /** Members of the group that may be used on all of these faces, or by the booking as a whole. */
  List<Item> companions(List<Face> faces, Companions.Group group) {
    return inReach(group.anyOf()).stream()
        .filter(item -> refusalForAny(faces, item).isEmpty())
        .toList();
  }
}
