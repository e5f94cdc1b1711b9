package gerula.core.booking;

import gerula.core.kit.product.Trait;
import gerula.core.rule.Reason;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A need while rules still add to it: several rules may ask for the same kind for one face. */
final class NeedDraft {

  private final NeedKind kind;
  private final @Nullable Face face;
  private final Set<Trait> must = EnumSet.noneOf(Trait.class);
  private final Set<Trait> avoid = EnumSet.noneOf(Trait.class);
  private final Set<Trait> prefer = EnumSet.noneOf(Trait.class);
  private final List<Reason> reasons = new ArrayList<>();
  private long measured;
  private long pieces;
  private Need.@Nullable DepthWanted depth;

  NeedDraft(NeedKind kind, @Nullable Face face) {
    this.kind = kind;
    this.face = face;
  }

  NeedDraft reasons(Reason reason) {
    if (!reasons.contains(reason)) {
      reasons.add(reason);
    }
    return this;
  }

  /** Two rules that measure out the same kind mean the same use: the larger amount counts. */
  NeedDraft measured(long thousandths) {
    measured = Math.max(measured, thousandths);
    return this;
  }

  /** Two rules that count out the same kind mean different uses: the pieces add up. */
  NeedDraft counted(long more) {
    pieces += more;
    return this;
  }

  NeedDraft must(Trait trait) {
    must.add(trait);
    return this;
  }

  NeedDraft avoid(Trait trait) {
    avoid.add(trait);
    return this;
  }

  NeedDraft prefer(Trait trait) {
    prefer.add(trait);
    return this;
  }

  NeedDraft suiting(double skinDepth, double reach) {
    depth = new Need.DepthWanted(skinDepth, reach);
    return this;
  }

  NeedKind kind() {
    return kind;
  }

  long pieces() {
    return pieces;
  }

  Need done() {
    Need.Amount amount =
        pieces > 0
            ? new Need.Counted(pieces)
            : measured > 0 ? new Need.Measured(measured) : new Need.Shared();
    return new Need(kind, face, amount, must, avoid, prefer, depth, reasons);
  }
}
