package gerula.core.packing;

import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.booking.NeedCode;
import gerula.core.booking.NeedReason;
import gerula.core.booking.Service;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Mass;
import gerula.core.rule.Reason;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A line while needs and companions still add to it. */
final class LineDraft {

  private final Item item;
  private final Set<Reason> reasons = new LinkedHashSet<>();
  private final List<Face> users = new ArrayList<>();
  private final List<Need> needs = new ArrayList<>();
  private final Set<Item> pans = new LinkedHashSet<>();
  private boolean isItselfWanted;
  private long thousandths;

  /** What is used of each pan that lies in it. */
  private final Map<UUID, PackingLine.Use> ofPans = new LinkedHashMap<>();

  LineDraft(Item item) {
    this.item = item;
  }

  Item item() {
    return item;
  }

  /** Brings this: the item of the line, or a pan of it. */
  void bring(Item wanted) {
    if (wanted.id().equals(item.id())) {
      isItselfWanted = true;
    } else {
      pans.add(wanted);
    }
  }

  /** Which of its pans brought it. */
  Set<Item> pans() {
    return Collections.unmodifiableSet(pans);
  }

  /** Whether something else than a pan of it is asked for. */
  boolean isItselfWanted() {
    return isItselfWanted;
  }

  /** The faces it is used on, so far. */
  List<Face> users() {
    return List.copyOf(users);
  }

  /**
   * @param used the item of the line, or a pan of it
   * @param amount thousandths of that
   */
  void serve(Need need, Item used, long amount) {
    if (used.id().equals(item.id())) {
      thousandths += amount;
    } else if (amount > 0) {
      ofPans.merge(
          used.id(),
          new PackingLine.Use(used, amount),
          (one, more) -> new PackingLine.Use(used, one.thousandths() + more.thousandths()));
    }
    needs.add(need);
    reasons.addAll(need.reasons());
    need.faces().forEach(this::usedBy);
  }

  void reasons(Reason reason) {
    reasons.add(reason);
  }

  /**
   * @return whether this face is new to it
   */
  boolean usedBy(Face face) {
    if (users.contains(face)) {
      return false;
    }
    return users.add(face);
  }

  /** Whether it is used on this face, or on a part of this group. */
  boolean isUsedBy(UUID face) {
    for (Face user : users) {
      if (user.id().equals(face)) {
        return true;
      }
    }
    return false;
  }

  /** Whether it is there for touching up and for nothing else. */
  boolean isForStandByOnly() {
    List<NeedReason> needed =
        reasons.stream()
            .filter(NeedReason.class::isInstance)
            .map(NeedReason.class::cast)
            // What is in reserve is there for the same as the rest.
            .filter(reason -> !(reason instanceof NeedReason.Reserve))
            .toList();
    return !needed.isEmpty() && needed.stream().allMatch(LineDraft::isStandBy);
  }

  /** Whether it comes along only in case another fails. */
  boolean isSpareOnly() {
    return !reasons.isEmpty() && reasons.stream().allMatch(TakenReason.Spare.class::isInstance);
  }

  private static boolean isStandBy(NeedReason reason) {
    return switch (reason) {
      case NeedReason.ForService one -> one.service() == Service.STAND_BY;
      case NeedReason.CountedForService one -> one.service() == Service.STAND_BY;
      default -> false;
    };
  }

  /** The one face it is used on, if it is one. */
  @Nullable Face onlyUser() {
    return users.size() == 1 && users.getFirst().heads() == 1 ? users.getFirst() : null;
  }

  Section section() {
    return needs.isEmpty()
        ? item.product().productClass().section()
        : needs.getFirst().code().kind().section();
  }

  PackingLine done(
      Booking booking,
      @Nullable UUID usual,
      @Nullable UUID goesTo,
      PackingLine.@Nullable AtWork atWork,
      Mass mass) {
    List<UUID> faces = booking.faces().stream().map(Face::id).filter(this::isUsedBy).toList();
    return new PackingLine(
        item,
        section(),
        codes(),
        faces,
        thousandths,
        List.copyOf(ofPans.values()),
        usual,
        goesTo,
        atWork,
        mass,
        List.copyOf(reasons));
  }

  private List<NeedCode> codes() {
    return needs.isEmpty()
        ? List.of(NeedCode.of(item.product().productClass()))
        : needs.stream().map(Need::code).distinct().sorted().toList();
  }
}
