package gerula.core.packing;

import gerula.core.kit.product.Role;
import gerula.core.kit.product.Roles;
import gerula.core.rule.Reason;
import gerula.core.shade.Undertone;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Why this item and not another. Closed: every one has its words on the screen. */
public sealed interface TakenReason extends Reason {

  /** Another thing on the list is useless without it. */
  record CompanionOf(UUID item) implements TakenReason {}

  /** A second one, because the job would stop if the first failed. */
  record Spare(UUID of) implements TakenReason {}

  /** What its colour is there for, and how that is known. */
  record ServesRole(Role role, Roles.Source by) implements TakenReason {}

  /** A palette comes whole: this pan of it serves. */
  record WithPan(UUID pan) implements TakenReason {}

  /**
   * It is lifted out and carried in another palette; its own stays at home.
   *
   * @param from its own palette, null where it has none
   */
  record Lifted(UUID into, @Nullable UUID from) implements TakenReason {}

  /** It carries this pan, which is lifted out of its own palette. */
  record CarriesPan(UUID pan) implements TakenReason {}

  /** It is one of the brushes that make up a set. */
  record OfSet(String name) implements TakenReason {}

  /** It is kept for her, and serves her in what else is shared by several. */
  record KeptFor(UUID face) implements TakenReason {}

  /** The artist added it. */
  record Added() implements TakenReason {}

  /** The artist pinned it. */
  record Pinned() implements TakenReason {}

  /** Its shade suits the face. */
  record SuitsDepth(UUID face, double faceDepth, double depth) implements TakenReason {}

  /**
   * To which side the face leans, and to which this shade.
   *
   * @param is as its name says; null where it does not say
   */
  record Leans(UUID face, Undertone wanted, @Nullable Undertone is) implements TakenReason {}

  /**
   * Its colour suits the face, alone or mixed.
   *
   * @param tenths of the base that are of it, 10 for all of it
   * @param deltaE how far the mix lies from the face by CIEDE2000; null where it goes by depth
   */
  record InRecipe(UUID face, int tenths, @Nullable Double deltaE) implements TakenReason {}

  /** Among those that would do it ends first. */
  record UseFirst(LocalDate lastDay) implements TakenReason {}

  /** It is ticked off already, though nothing asks for it any more. */
  record AlreadyPacked() implements TakenReason {}
}
