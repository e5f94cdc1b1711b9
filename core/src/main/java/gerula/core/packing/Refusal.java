package gerula.core.packing;

import gerula.core.booking.Condition;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import gerula.core.rule.Reason;
import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Why an item of the right class is not taken. Closed: every one has its words on the screen. */
public sealed interface Refusal extends Reason {

  /** What can be done about it; null where nothing can, or nothing may. */
  default @Nullable Remedy remedy() {
    return switch (this) {
      case UsedUp _, RunsOut _, OnAnotherBooking _, Contaminated _, Spoiled _ -> Remedy.BUY;
      case Elsewhere _ -> Remedy.ASK_BACK;
      case NotLocated _ -> Remedy.FIND;
      case Quarantined _ -> Remedy.DECIDE;
      case LeftOut _ -> Remedy.TAKE_AFTER_ALL;
      case RoleUnknown _ -> Remedy.SAY_ROLE;
      case WrongDepth _, WrongColour _, OtherProduct _, Lacks _, OtherRole _ -> Remedy.INSTEAD;
      // Never on her face, or not what it seems: nothing is proposed.
      case Conflict _,
          KeptAway _,
          OnePersonOnly _,
          StaysAtHome _,
          Personal _,
          ForSomebodyElse _,
          OtherUnit _ ->
          null;
    };
  }

  /** The artist's own. */
  record Personal() implements Refusal {}

  /** Nobody knows where it is. */
  record NotLocated() implements Refusal {}

  /** Lent, being repaired or lost: out of the artist's hands. */
  record Elsewhere(UUID place) implements Refusal {}

  /** It is kept for one person, and this is another. */
  record ForSomebodyElse(String person) implements Refusal {}

  /** Reported contaminated. */
  record Contaminated() implements Refusal {}

  /** Something is suspected of it, and nobody has decided yet. */
  record Quarantined() implements Refusal {}

  /** Its look, smell or texture was reported spoiled. */
  record Spoiled() implements Refusal {}

  /** Nothing is left, or others on this booking take all of it. */
  record UsedUp() implements Refusal {}

  /** It runs out before the last day of the booking. */
  record RunsOut(LocalDate lastDay) implements Refusal {}

  /** It contains what the face reacts to. */
  record Conflict(String sensitivity) implements Refusal {}

  /** It is not what the conditions or the face ask for. */
  record Lacks(Trait trait) implements Refusal {}

  /** It is what the conditions keep away. */
  record KeptAway(Trait trait) implements Refusal {}

  /** Too light or too deep for the face. */
  record WrongDepth(@Nullable Double depth, double wanted) implements Refusal {}

  /**
   * Its measured colour lies too far from that of the face.
   *
   * @param deltaE by CIEDE2000
   * @param limit what the house accepts
   */
  record WrongColour(double deltaE, double limit) implements Refusal {}

  /**
   * Exactly another one is wanted.
   *
   * @param wanted what that is called
   * @param deltaE how far this one's colour lies from it by CIEDE2000, null where one was not
   *     measured
   */
  record OtherProduct(String wanted, @Nullable Double deltaE) implements Refusal {}

  /** Counted pieces are needed and it is measured, or the other way round. */
  record OtherUnit(Unit unit) implements Refusal {}

  /** It may be used on one face only, and several would share it. */
  record OnePersonOnly() implements Refusal {}

  /** Its colour is there for something else. */
  record OtherRole(Set<Role> roles) implements Refusal {}

  /** Nobody said what its colour is there for, and neither its colour nor its name tells. */
  record RoleUnknown() implements Refusal {}

  /** The conditions keep such a thing at home. */
  record StaysAtHome(Condition condition) implements Refusal {}

  /** The artist leaves it at home. */
  record LeftOut() implements Refusal {}

  /** Another booking has it. */
  record OnAnotherBooking(UUID booking, String title) implements Refusal {}
}
