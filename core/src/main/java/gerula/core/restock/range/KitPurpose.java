package gerula.core.restock.range;

import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.booking.Proposal;
import gerula.core.booking.SkinType;
import gerula.core.kit.KindOfWork;
import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * What a kit is there for.
 *
 * @param kinds of work it is to serve
 * @param lightest skin depth it is to serve
 * @param deepest skin depth it is to serve
 */
public record KitPurpose(Set<KindOfWork> kinds, double lightest, double deepest) {

  public KitPurpose {
    Face.requireDepth(lightest, "the lightest face");
    Face.requireDepth(deepest, "the deepest face");
    if (deepest < lightest) {
      throw new IllegalArgumentException(
          "A kit serves from its lightest face to its deepest, but %s to %s is told the other way."
              .formatted(lightest, deepest));
    }
    EnumSet<KindOfWork> some = EnumSet.noneOf(KindOfWork.class);
    some.addAll(kinds);
    kinds = Collections.unmodifiableSet(some);
  }

  /** A day of each kind of work as it usually is, with a face of each step of depth. */
  List<Booking> days(LocalDate day) {
    return kinds.stream().map(kind -> day(kind, day)).toList();
  }

  private Booking day(KindOfWork kind, LocalDate day) {
    Proposal usual = Proposal.of(kind);
    return new Booking(
        new UUID(1, kind.ordinal()),
        kind.code(),
        kind,
        day,
        day,
        usual.conditions(),
        null,
        depths().map(depth -> face(depth, usual)).toList());
  }

  /** Its ends, and every whole step between them. */
  private Stream<Double> depths() {
    return Stream.concat(
            Stream.of(lightest, deepest),
            Stream.iterate(Math.ceil(lightest), step -> step <= deepest, step -> step + 1))
        .distinct()
        .sorted();
  }

  private static Face face(double depth, Proposal usual) {
    long number = Math.round(depth * 1000);
    return Face.of(new UUID(2, number), "depth " + depth, depth, SkinType.NORMAL, usual.services());
  }
}
