package gerula.core.packing;

import gerula.core.booking.NeedCode;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Mass;
import gerula.core.rule.Reason;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One thing to take along.
 *
 * @param section where the line is told: the part of the work it is taken for
 * @param needs what it is taken for, each once; what it is, where it comes for another's sake
 * @param faces whom it is for, in the booking's order; empty when the booking shares it
 * @param thousandths how much of it the booking is expected to use, in thousandths of its unit; 0
 *     when it is not used up
 * @param pans what is used of the pans that lie in it, of a palette
 * @param usual the place it is packed into while nothing is planned, null while no bag is chosen
 * @param goesTo the place it is packed into, null while no bag is chosen
 * @param atWork where it stands in the chosen trailer, null where it is worked from its bag
 * @param mass of it, a palette with its pans
 * @param reasons every reason that brought it, at least one
 */
public record PackingLine(
    Item item,
    Section section,
    List<NeedCode> needs,
    List<UUID> faces,
    long thousandths,
    List<Use> pans,
    @Nullable UUID usual,
    @Nullable UUID goesTo,
    @Nullable AtWork atWork,
    Mass mass,
    List<Reason> reasons) {

  /**
   * @param station the place of the trailer
   * @param bag the place of a bag it travels in, null when it is at home in the trailer
   */
  public record AtWork(UUID station, @Nullable UUID bag) {}

  /**
   * What is used of something.
   *
   * @param thousandths of its unit, more than 0
   */
  public record Use(Item item, long thousandths) {}

  public PackingLine {
    pans = List.copyOf(pans);
    needs = List.copyOf(needs);
    faces = List.copyOf(faces);
    reasons = List.copyOf(reasons);
  }

  /** What is used of it and of all that lies in it. */
  public Stream<Use> uses() {
    return Stream.concat(
        thousandths > 0 ? Stream.of(new Use(item, thousandths)) : Stream.empty(), pans.stream());
  }

  /** Those of one kind, in their order. */
  public <R extends Reason> List<R> reasonsOf(Class<R> kind) {
    return reasons.stream().filter(kind::isInstance).map(kind::cast).toList();
  }
}
