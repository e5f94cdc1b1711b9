package gerula.core.kit.opencase;

import gerula.core.kit.Section;
import gerula.core.rule.Because;
import java.util.UUID;

/** What does not match its compartment. Closed: every one has its words on the screen. */
public sealed interface CaseFinding extends Because {

  /** The place it is about. */
  UUID place();

  /** The lid does not close over it. Lengths in mm. */
  record TooTall(UUID place, UUID item, int heightMm, int clearHeightMm) implements CaseFinding {
    @Override
    public String code() {
      return "too-tall";
    }
  }

  /** A bottle that should stand has to lie there and may leak. Lengths in mm. */
  record LaidDown(UUID place, UUID item, int heightMm, int clearHeightMm) implements CaseFinding {
    @Override
    public String code() {
      return "laid-down";
    }
  }

  /** Loose or liquid content in a place that does not close. */
  record LooseInTheOpen(UUID place, UUID item) implements CaseFinding {
    @Override
    public String code() {
      return "loose-in-the-open";
    }
  }

  /** The place is kept for other sections. */
  record NotAllowedHere(UUID place, UUID item, Section section) implements CaseFinding {
    @Override
    public String code() {
      return "not-allowed-here";
    }
  }

  /** One person's thing in another performer's section. */
  record AnotherPerformers(UUID place, UUID item, String person, String performer)
      implements CaseFinding {
    @Override
    public String code() {
      return "another-performers";
    }
  }

  /** It does not go into a slot of this size. */
  record WiderThanItsSlot(UUID place, UUID item) implements CaseFinding {
    @Override
    public String code() {
      return "wider-than-its-slot";
    }
  }

  /**
   * More is in it than goes in.
   *
   * @param fill share of its room or its slots, above 1
   */
  record OverFull(UUID place, double fill) implements CaseFinding {
    @Override
    public String code() {
      return "over-full";
    }
  }

  /** It weighs more than it may. */
  record OverHeavy(UUID place, long grams, long greatestGrams) implements CaseFinding {
    @Override
    public String code() {
      return "over-heavy";
    }
  }
}
