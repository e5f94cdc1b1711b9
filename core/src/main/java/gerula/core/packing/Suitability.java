package gerula.core.packing;

import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.booking.NeedKind;
import gerula.core.booking.look.LookPart;
import gerula.core.dates.UseBy;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
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
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
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
  private final KitInOrder kit;
  private final Map<NeedKind, List<Item>> inReachOfKind = new HashMap<>();
  private final Map<Companions.Group, List<Item>> inReachOfGroup = new HashMap<>();
  private final Map<UUID, SortedSet<Sensitivity>> reactsTo = new HashMap<>();

  /** By the item itself: asked of thousands, over and over. */
  private final Map<Item, Optional<Refusal>> unfit;

  private final Map<ProductClass, Optional<Refusal>> keptAtHome = new EnumMap<>(ProductClass.class);
  private final BaseColours colours;
  private final BaseUndertones undertones;
  private final boolean isForSeveral;

  Suitability(PackingList.PackingFacts facts) {
    this.facts = facts;
    this.kit = facts.kit();
    this.unfit = new IdentityHashMap<>(kit.all().size());
    this.booking = facts.booking();
    this.places = facts.places();
    this.isForSeveral = booking.heads() > 1;
    colours = new BaseColours(kit);
    undertones = new BaseUndertones(colours);
  }

  /** Everything of these classes that is still in the kit, in a fixed order. */
  List<Item> ofClasses(Collection<ProductClass> classes) {
    return kit.ofClasses(classes);
  }

  /** Everything of the kind that is asked for and not out for everybody from the first day on. */
  List<Item> inReach(Need need) {
    return inReachOfKind.computeIfAbsent(
        need.code().kind(), kind -> notOut(ofClasses(kind.classes())));
  }

  /** Those of these items that are not out for everybody from the first day on. */
  List<Item> notOut(Iterable<Item> some) {
    List<Item> found = new ArrayList<>();
    for (Item item : some) {
      if (!isOut(item)) {
        found.add(item);
      }
    }
    return found;
  }

  /** Whether it is of a kind that this need asks for. */
  boolean isOfKind(Need need, Item item) {
    return !Collections.disjoint(need.code().kind().classes(), item.product().classes());
  }

  /** Everything of this product. */
  List<Item> ofProduct(UUID product) {
    return kit.ofProduct(product);
  }

  /** How far items lie from the colours of faces. */
  BaseColours colours() {
    return colours;
  }

  /** To which side items lean. */
  BaseUndertones undertones() {
    return undertones;
  }

  UseBy useBy(Item item) {
    return kit.useBy(item);
  }

  Roles roles(Item item) {
    return kit.roles(item);
  }

  /** Thousandths of it that are left for this booking. */
  long leftOf(Item item) {
    return facts.claims().leftOf(item);
  }

  /** The first reason not to take this item for this need; empty when it may be taken. */
  Optional<Refusal> refusal(Need need, Item item) {
    return Optional.ofNullable(against(need, item));
  }

  /**
   * The same. Asked of thousands for each list, and most have nothing against them, so that is told
   * by null throughout.
   */
  private @Nullable Refusal against(Need need, Item item) {
    Refusal kind = wrongKind(need, item);
    return kind == null ? againstAny(need.faces(), item) : kind;
  }

  /** Whether it may be taken for this need, for as long as it keeps. Asked of what is not out. */
  boolean servesWhileItKeeps(Need need, Item item) {
    return wrongKind(need, item) == null && suitsWhileItKeeps(need.faces(), item);
  }

  /** The same as a part of a mix. */
  boolean servesInAMixWhileItKeeps(Need need, Item item) {
    return wrongPart(need, item) == null && suitsWhileItKeeps(need.faces(), item);
  }

  private boolean suitsWhileItKeeps(List<Face> faces, Item item) {
    return faces.isEmpty()
        ? againstOn(null, item) == null
        : faces.stream().allMatch(face -> againstOn(face, item) == null);
  }

  /** Whether it does not keep to the last day, and nothing else is against it. */
  boolean runsOut(Item item) {
    return unfit(item).orElse(null) instanceof Refusal.RunsOut;
  }

  private @Nullable Refusal againstAny(List<Face> faces, Item item) {
    if (faces.isEmpty()) {
      return against((Face) null, item);
    }
    for (Face face : faces) {
      Refusal refusal = against(face, item);
      if (refusal != null) {
        return refusal;
      }
    }
    return null;
  }

  private @Nullable Refusal wrongKind(Need need, Item item) {
    if (!fitsUnit(need.amount(), item)) {
      return new Refusal.OtherUnit(item.left().unit());
    }
    Refusal refusal = otherProduct(need, item);
    if (refusal == null) {
      refusal = wrongRole(need, item);
    }
    if (refusal == null) {
      refusal = wrongShade(need, item);
    }
    if (refusal == null) {
      refusal = lacking(need, item);
    }
    return refusal == null ? shared(item) : refusal;
  }

  /** The same for a part of a mix: its own shade may be any. */
  Optional<Refusal> refusalButShade(Need need, Item item) {
    Refusal refusal = wrongPart(need, item);
    return Optional.ofNullable(refusal == null ? againstAny(need.faces(), item) : refusal);
  }

  private @Nullable Refusal wrongPart(Need need, Item item) {
    if (!fitsUnit(need.amount(), item)) {
      return new Refusal.OtherUnit(item.left().unit());
    }
    boolean isMixer = item.product().classes().contains(ProductClass.MIXER);
    Refusal refusal = isMixer ? keptAway(need, item.product().traits()) : lacking(need, item);
    return refusal == null ? shared(item) : refusal;
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
  private @Nullable Refusal otherProduct(Need need, Item item) {
    boolean isWanted =
        need.exactly().isEmpty()
            || need.exactly().stream().anyMatch(part -> item.product().id().equals(part.product()));
    if (isWanted) {
      return null;
    }
    LookPart first = need.exactly().getFirst();
    Lab colour = colours.of(item.product());
    boolean isSeen = first.colour() != null && colour != null;
    return new Refusal.OtherProduct(
        first.told(), isSeen ? ColourDifference.between(first.colour(), colour) : null);
  }

  private @Nullable Refusal wrongRole(Need need, Item item) {
    Role wanted = need.code().role();
    if (wanted == null) {
      return null;
    }
    Roles known = roles(item);
    if (known.are().contains(wanted)) {
      return null;
    }
    return known.are().isEmpty() ? new Refusal.RoleUnknown() : new Refusal.OtherRole(known.are());
  }

  private @Nullable Refusal wrongShade(Need need, Item item) {
    Double difference = colours.difference(need, item);
    if (difference == null) {
      return wrongDepth(need, item);
    }
    double limit = facts.house().shadeLimit();
    return difference > limit ? new Refusal.WrongColour(difference, limit) : null;
  }

  private static @Nullable Refusal wrongDepth(Need need, Item item) {
    Need.DepthWanted wanted = need.depth();
    Double depth = wanted == null ? null : item.product().depthNear(wanted.depth());
    return depth != null && Math.abs(depth - wanted.depth()) > wanted.reach()
        ? new Refusal.WrongDepth(depth, wanted.depth())
        : null;
  }

  private static @Nullable Refusal lacking(Need need, Item item) {
    Product product = item.product();
    Trait missing = null;
    for (Trait trait : need.must()) {
      if (!product.has(trait) && (missing == null || trait.compareTo(missing) < 0)) {
        missing = trait;
      }
    }
    if (missing != null) {
      return new Refusal.Lacks(missing);
    }
    return keptAway(need, product.traits());
  }

  private static @Nullable Refusal keptAway(Need need, Set<Trait> traits) {
    Trait first = null;
    for (Trait trait : traits) {
      if (need.mustNot().contains(trait) && (first == null || trait.compareTo(first) < 0)) {
        first = trait;
      }
    }
    return first == null ? null : new Refusal.KeptAway(first);
  }

  /** What is for one person only may come along for a booking of one. */
  private @Nullable Refusal shared(Item item) {
    boolean isShared =
        isForSeveral
            && ONE_PERSON.contains(item.product().form())
            && !(item.forWhom() instanceof ForWhom.Only);
    return isShared ? new Refusal.OnePersonOnly() : null;
  }

  /** The first reason not to use this item on this face; null means for the booking as a whole. */
  Optional<Refusal> refusal(@Nullable Face face, Item item) {
    return Optional.ofNullable(against(face, item));
  }

  private @Nullable Refusal against(@Nullable Face face, Item item) {
    Refusal refusal = againstOn(face, item);
    return refusal == null ? unfit(item).orElse(null) : refusal;
  }

  /** What is against it because of whom it is for. */
  private @Nullable Refusal againstOn(@Nullable Face face, Item item) {
    Refusal refusal = reserved(face, item);
    return refusal == null && face != null ? conflict(face, item) : refusal;
  }

  /** Whatever it is needed for. */
  private boolean isOut(Item item) {
    return item.forWhom() instanceof ForWhom.TheArtist
        || unfit(item).filter(why -> !(why instanceof Refusal.RunsOut)).isPresent();
  }

  private Optional<Refusal> unfit(Item item) {
    return unfit.computeIfAbsent(item, this::unfitForAnybody);
  }

  private Optional<Refusal> unfitForAnybody(Item item) {
    return decided(item).or(() -> spoilt(item)).or(() -> outOfReach(item)).or(() -> pastIt(item));
  }

  private Optional<Refusal> decided(Item item) {
    if (facts.choices().leftOut().contains(item.id())) {
      return Optional.of(new Refusal.LeftOut());
    }
    for (ProductClass one : item.product().classes()) {
      Optional<Refusal> away = keptAtHome.computeIfAbsent(one, this::keptAtHome);
      if (away.isPresent()) {
        return away;
      }
    }
    return Optional.empty();
  }

  private Optional<Refusal> keptAtHome(ProductClass one) {
    return booking.keepingAway(one).map(Refusal.StaysAtHome::new);
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
    Optional<Refusal> claimed = claimed(item.id()).or(() -> palette(item).flatMap(this::claimed));
    boolean isHere = !places.isElsewhere(item.now()) || item.isNotPlacedYet();
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

  /** What lies in this booking's own bag is here, whatever others have planned. */
  private Optional<Refusal> claimed(UUID item) {
    return facts
        .claims()
        .on(item)
        .filter(_ -> !facts.packed().contains(item))
        .map(claim -> new Refusal.OnAnotherBooking(claim.booking(), claim.title()));
  }

  /** The palette it lies in, which goes with all its pans. */
  private Optional<UUID> palette(Item item) {
    return Optional.ofNullable(item.now()).flatMap(places::find).map(Place::thing);
  }

  private Optional<Refusal> pastIt(Item item) {
    UseBy useBy = useBy(item);
    return useBy.isGoodOn(booking.lastDay())
        ? Optional.empty()
        : Optional.of(new Refusal.RunsOut(useBy.lastDay()));
  }

  /** For the booking as a whole only what everybody may use is taken. */
  private static @Nullable Refusal reserved(@Nullable Face face, Item item) {
    return switch (item.forWhom()) {
      case ForWhom.Everybody() -> null;
      case ForWhom.TheArtist() -> new Refusal.Personal();
      case ForWhom.Only only ->
          face != null && only.allows(face.person())
              ? null
              : new Refusal.ForSomebodyElse(only.person().name());
    };
  }

  private @Nullable Refusal conflict(Face face, Item item) {
    for (Sensitivity one : reactsTo(face)) {
      if (item.product().contains(one)) {
        return new Refusal.Conflict(one.name());
      }
    }
    return null;
  }

  private SortedSet<Sensitivity> reactsTo(Face face) {
    return reactsTo.computeIfAbsent(face.id(), _ -> face.reactsTo());
  }

  /** What the face reacts to and nobody has read this item's label for. */
  List<Sensitivity> unchecked(Face face, Item item) {
    Set<Sensitivity> reactsTo = reactsTo(face);
    return reactsTo.isEmpty()
        ? List.of()
        : reactsTo.stream().filter(item.product()::isUnchecked).toList();
  }

  /** Members of the group that may be used on all of these faces, or by the booking as a whole. */
  List<Item> companions(List<Face> faces, Companions.Group group) {
    return inReachOfGroup.computeIfAbsent(group, any -> notOut(ofClasses(any.anyOf()))).stream()
        .filter(item -> againstAny(faces, item) == null)
        .toList();
  }
}
