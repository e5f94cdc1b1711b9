package gerula.core.packing;

import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Section;
import gerula.core.rule.Reason;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A line while needs and companions still add to it. */
final class LineDraft {

  private final Item item;
  private final Set<Reason> reasons = new LinkedHashSet<>();
  private final List<Face> users = new ArrayList<>();
  private long thousandths;
  private @Nullable Section servedFor;

  LineDraft(Item item) {
    this.item = item;
  }

  Item item() {
    return item;
  }

  /** The faces it is used on, so far. */
  List<Face> users() {
    return List.copyOf(users);
  }

  void serve(Need need, long amount) {
    thousandths += amount;
    reasons.addAll(need.reasons());
    if (servedFor == null) {
      servedFor = need.kind().section();
    }
    if (need.face() != null) {
      usedBy(need.face());
    }
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

  PackingLine done(Booking booking, @Nullable UUID goesTo) {
    List<UUID> faces = booking.faces().stream().filter(users::contains).map(Face::id).toList();
    Section section = servedFor != null ? servedFor : item.product().productClass().section();
    return new PackingLine(item, section, faces, thousandths, goesTo, List.copyOf(reasons));
  }
}
