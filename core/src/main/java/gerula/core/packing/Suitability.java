package gerula.core.packing;

import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.booking.SkinType;
import gerula.core.dates.UseBy;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Sensitivity;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import gerula.core.rule.HouseRules;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Which items may be taken for whom.
 *
 * <p>An item that is useless without its companions may only be taken when they may be taken too.
 * So a missing companion is a gap of the need itself, and a new item can never open a gap by being
 * chosen over one that was complete. (A new companion can make a pack fit for more faces: then
 * those served first have it.)
 */
final class Suitability {

  private final Booking booking;
  private final PlaceTree places;
  private final Map<ProductClass, List<Item>> byClass = new EnumMap<>(ProductClass.class);
  private final Map<UUID, UseBy> useBys = new HashMap<>();
  private final List<Item> kit;
  private final Map<UUID, Optional<Refusal>> unfit = new HashMap<>();
  private final Map<Optional<Face>, Completed> byFace = new HashMap<>();

  Suitability(Booking booking, Collection<Item> kit, PlaceTree places, HouseRules house) {
    this.booking = booking;
    this.places = places;
    this.kit = kit.stream().filter(item -> !item.isDiscarded()).sorted(Item.BY_ID).toList();
    for (Item item : this.kit) {
      item.product()
          .classes()
          .forEach(one -> byClass.computeIfAbsent(one, _ -> new ArrayList<>()).add(item));
      useBys.put(item.id(), item.useBy(house));
    }
  }

  /** Everything of these classes that is still in the kit, in a fixed order. */
  List<Item> ofClasses(Collection<ProductClass> classes) {
    return classes.stream()
        .sorted()
        .flatMap(one -> byClass.getOrDefault(one, List.of()).stream())
        .distinct()
        .toList();
  }

  UseBy useBy(Item item) {
    return useBys.get(item.id());
  }

  /** The first reason not to take this item for this need; empty when it may be taken. */
  Optional<Refusal> refusal(Need need, Item item) {
    return wrongKind(need, item).or(() -> refusal(need.face(), item));
  }

  private static Optional<Refusal> wrongKind(Need need, Item item) {
    Set<Trait> traits = item.product().traits();
    boolean isCounted = item.left().unit() == Unit.PIECE;
    boolean fitsUnit =
        switch (need.amount()) {
          case Need.Shared() -> true;
          case Need.Measured _ -> !isCounted;
          case Need.Counted _ -> isCounted;
        };
    if (!fitsUnit) {
      return Optional.of(new Refusal.OtherUnit(item.left().unit()));
    }
    Need.DepthWanted wanted = need.depth();
    Double depth = wanted == null ? null : item.product().depthNear(wanted.depth());
    if (depth != null && Math.abs(depth - wanted.depth()) > wanted.reach()) {
      return Optional.of(new Refusal.WrongDepth(depth, wanted.depth()));
    }
    Optional<Refusal> lacking =
        need.must().stream()
            .sorted()
            .filter(trait -> !traits.contains(trait))
            .findFirst()
            .map(Refusal.Lacks::new);
    return lacking.or(
        () ->
            need.avoid().stream()
                .sorted()
                .filter(traits::contains)
                .findFirst()
                .map(Refusal.KeptAway::new));
  }

  /** The first reason not to use this item on this face; null means for the booking as a whole. */
  Optional<Refusal> refusal(@Nullable Face face, Item item) {
    return unfit(face, item)
        .or(
            () ->
                byFace
                    .computeIfAbsent(Optional.ofNullable(face), this::completed)
                    .refusal(item.id()));
  }

  private Completed completed(Optional<Face> face) {
    return new Completed(
        kit.stream().filter(item -> unfit(face.orElse(null), item).isEmpty()).toList());
  }

  private Optional<Refusal> unfit(@Nullable Face face, Item item) {
    return reserved(face, item)
        .or(() -> face == null ? Optional.empty() : conflict(face, item))
        .or(() -> unfit.computeIfAbsent(item.id(), _ -> unfitForAnybody(item)));
  }

  private Optional<Refusal> unfitForAnybody(Item item) {
    if (item.cleanliness() == Cleanliness.CONTAMINATED) {
      return Optional.of(new Refusal.Contaminated());
    }
    if (item.cleanliness() == Cleanliness.QUARANTINED) {
      return Optional.of(new Refusal.Quarantined());
    }
    if (item.spoilage() != null) {
      return Optional.of(new Refusal.Spoiled());
    }
    if (item.left().isNone()) {
      return Optional.of(new Refusal.UsedUp());
    }
    if (places.isElsewhere(item.now())) {
      return Optional.of(
          places
              .elsewhere(item.now())
              .filter(place -> place.kind() != PlaceKind.UNKNOWN)
              .<Refusal>map(place -> new Refusal.Elsewhere(place.id()))
              .orElseGet(Refusal.NotLocated::new));
    }
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

  private static Optional<Refusal> conflict(Face face, Item item) {
    return notBorne(face).stream()
        .filter(item.product()::contains)
        .findFirst()
        .map(sensitivity -> new Refusal.Conflict(sensitivity.name()));
  }

  private static SortedSet<Sensitivity> notBorne(Face face) {
    SortedSet<Sensitivity> all = new TreeSet<>(face.sensitivities());
    if (face.skinType() == SkinType.SENSITIVE) {
      all.add(Sensitivity.FRAGRANCE);
    }
    return all;
  }

  /** What the face reacts to and nobody has read this item's label for. */
  static SortedSet<Sensitivity> unchecked(@Nullable Face face, Item item) {
    return face == null
        ? Collections.emptySortedSet()
        : notBorne(face).stream()
            .filter(item.product()::isUnchecked)
            .collect(Collectors.toCollection(TreeSet::new));
  }

  /** Members of the group that may be used on this face. */
  List<Item> companions(@Nullable Face face, Companions.Group group) {
    return ofClasses(group.anyOf()).stream().filter(item -> refusal(face, item).isEmpty()).toList();
  }
}
