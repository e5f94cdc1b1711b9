package gerula.core.booking;

import gerula.core.booking.look.LookPart;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import gerula.core.rule.Reason;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A need while rules still add to it: several rules may ask for the same. */
final class NeedDraft {

  private final NeedCode code;
  private final String variant;
  private final List<Face> faces;
  private final Set<Trait> must = EnumSet.noneOf(Trait.class);
  private final Set<Trait> should = EnumSet.noneOf(Trait.class);
  private final Set<Trait> mustNot = EnumSet.noneOf(Trait.class);
  private final Set<Reason> reasons = new LinkedHashSet<>();
  private long measured;
  private Unit unit = Unit.ML;
  private long pieces;
  private int shared = 1;
  private int most = 1;
  private boolean wantsSpare;
  private boolean hasReserve = true;
  private Need.@Nullable DepthWanted depth;
  private List<LookPart> exactly = List.of();

  NeedDraft(NeedCode code, String variant, List<Face> faces) {
    this.code = code;
    this.variant = variant;
    this.faces = faces;
  }

  NeedDraft because(Reason reason) {
    reasons.add(reason);
    return this;
  }

  NeedDraft measured(long thousandths, Unit of) {
    measured += thousandths;
    unit = of;
    return this;
  }

  NeedDraft counted(long more) {
    pieces += more;
    return this;
  }

  /** Two rules that share so many mean the same ones: the larger number counts. */
  NeedDraft shared(int least, int upTo) {
    shared = Math.max(shared, least);
    most = Math.max(most, Math.max(upTo, shared));
    return this;
  }

  NeedDraft must(Trait trait) {
    must.add(trait);
    return this;
  }

  NeedDraft should(Trait trait) {
    should.add(trait);
    return this;
  }

  NeedDraft mustNot(Trait trait) {
    mustNot.add(trait);
    return this;
  }

  NeedDraft suiting(double skinDepth, double reach) {
    depth = new Need.DepthWanted(skinDepth, reach);
    return this;
  }

  /** Made of these and of nothing else. */
  NeedDraft exactly(List<LookPart> parts) {
    exactly = parts;
    return this;
  }

  boolean isExact() {
    return !exactly.isEmpty();
  }

  NeedDraft withSpare() {
    wantsSpare = true;
    return this;
  }

  /** Its reserve is among what was counted already. */
  NeedDraft withoutReserve() {
    hasReserve = false;
    return this;
  }

  NeedCode code() {
    return code;
  }

  List<Face> faces() {
    return faces;
  }

  /** Whether it is measured or counted out, and so may run out. */
  boolean isUsedUp() {
    return pieces > 0 || measured > 0;
  }

  /** So many times as much of what is counted, rounded up. */
  void stretch(int percent) {
    pieces = Math.ceilDiv(pieces * percent, 100L);
  }

  /**
   * @param reservePercent of the house: whole pieces, rounded up
   */
  Need done(int reservePercent) {
    int percent = hasReserve ? reservePercent : 0;
    long more = Math.ceilDiv(pieces * percent, 100L);
    if (more > 0) {
      because(new NeedReason.Reserve(percent, more, pieces));
    }
    return new Need(
        code,
        variant,
        faces,
        amount(0),
        amount(percent),
        must,
        should,
        mustNot,
        depth,
        exactly,
        wantsSpare,
        List.copyOf(reasons));
  }

  private Need.Amount amount(int percent) {
    if (pieces > 0) {
      return new Need.Counted(pieces + Math.ceilDiv(pieces * percent, 100L));
    }
    return measured > 0
        ? new Need.Measured(measured + Math.ceilDiv(measured * percent, 100L), unit)
        : new Need.Shared(shared, most);
  }
}
