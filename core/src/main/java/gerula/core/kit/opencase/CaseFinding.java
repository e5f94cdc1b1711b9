package gerula.core.kit.opencase;

import gerula.core.kit.product.Section;
import gerula.core.rule.Reason;
import java.util.UUID;

/** What does not match its compartment. Closed: every one has its words on the screen. */
public sealed interface CaseFinding extends Reason {

  /** The place it is about. */
  UUID place();

  /** The lid does not close over it. Lengths in mm. */
  record TooTall(UUID place, UUID item, int heightMm, int clearHeightMm) implements CaseFinding {}

  /** A bottle that should stand has to lie there and may leak. Lengths in mm. */
  record LaidDown(UUID place, UUID item, int heightMm, int clearHeightMm) implements CaseFinding {}

  /** Loose or liquid content in a place that does not close. */
  record LooseInTheOpen(UUID place, UUID item) implements CaseFinding {}

  /** The place is kept for other sections. */
  record NotAllowedHere(UUID place, UUID item, Section section) implements CaseFinding {}

  /** One person's thing in another performer's section. */
  record AnotherPerformers(UUID place, UUID item, String person, String performer)
      implements CaseFinding {}

  /** The artist's own place, and this is of the kit. */
  record AmongMyOwn(UUID place, UUID item) implements CaseFinding {}

  /** It does not go into a slot of this size. */
  record WiderThanItsSlot(UUID place, UUID item) implements CaseFinding {}

  /**
   * More is in it than goes in.
   *
   * @param fill share of its room or its slots, above 1
   */
  record OverFull(UUID place, double fill) implements CaseFinding {}

  /** It weighs more than it may. */
  record CaseOverHeavy(UUID place, long grams, long greatestGrams) implements CaseFinding {}
}
