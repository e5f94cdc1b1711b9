package gerula.core.packing;

import gerula.core.kit.ProductClass;
import gerula.core.kit.Trait;
import gerula.core.quantity.Unit;
import gerula.core.rule.Because;
import java.time.LocalDate;
import java.util.SortedSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Why an item of the right class is not taken. Closed: every one has its words on the screen. */
public sealed interface Refusal extends Because {

  /** The artist's own. */
  record Personal() implements Refusal {
    @Override
    public String code() {
      return "personal";
    }
  }

  /** Nobody knows where it is. */
  record Nowhere() implements Refusal {
    @Override
    public String code() {
      return "nowhere";
    }
  }

  /** Lent, being repaired or lost: out of the artist's hands. */
  record Elsewhere(UUID place) implements Refusal {
    @Override
    public String code() {
      return "elsewhere";
    }
  }

  /** It is kept for one person, and this is another. */
  record ForSomebodyElse(String person) implements Refusal {
    @Override
    public String code() {
      return "for-somebody-else";
    }
  }

  /** Reported contaminated. */
  record Contaminated() implements Refusal {
    @Override
    public String code() {
      return "contaminated";
    }
  }

  /** Something is suspected of it, and nobody has decided yet. */
  record Quarantined() implements Refusal {
    @Override
    public String code() {
      return "quarantined";
    }
  }

  /** Its look, smell or texture was reported changed. */
  record HasChanged() implements Refusal {
    @Override
    public String code() {
      return "has-changed";
    }
  }

  /** Nothing is left, or others on this booking take all of it. */
  record UsedUp() implements Refusal {
    @Override
    public String code() {
      return "used-up";
    }
  }

  /** It runs out before the last day of the booking. */
  record RunsOut(LocalDate lastDay) implements Refusal {
    @Override
    public String code() {
      return "runs-out";
    }
  }

  /** It contains what the face does not bear. */
  record Conflict(String sensitivity) implements Refusal {
    @Override
    public String code() {
      return "conflict";
    }
  }

  /** It is not what the conditions or the face ask for. */
  record Lacks(Trait trait) implements Refusal {
    @Override
    public String code() {
      return "lacks";
    }
  }

  /** It is what the conditions keep away. */
  record KeptAway(Trait trait) implements Refusal {
    @Override
    public String code() {
      return "kept-away";
    }
  }

  /** Too light or too deep for the face. */
  record WrongDepth(@Nullable Double depth, double wanted) implements Refusal {
    @Override
    public String code() {
      return "wrong-depth";
    }
  }

  /** Counted pieces are needed and it is measured, or the other way round. */
  record OtherUnit(Unit unit) implements Refusal {
    @Override
    public String code() {
      return "other-unit";
    }
  }

  /** It is useless without one of these, and none of them can be taken. */
  record WithoutCompanion(SortedSet<ProductClass> anyOf) implements Refusal {
    @Override
    public String code() {
      return "without-companion";
    }
  }
}
