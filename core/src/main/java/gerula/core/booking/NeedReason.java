package gerula.core.booking;

import gerula.core.rule.Reason;
import java.util.UUID;

/** What brings a need. Closed: every one has its words on the screen. */
public sealed interface NeedReason extends Reason {

  /** A service booked for a face. */
  record ForService(UUID face, Service service) implements NeedReason {}

  /** A condition of the place or the day. */
  record InCondition(Condition condition) implements NeedReason {}

  /** The way a face's skin behaves. */
  record ForSkin(UUID face, SkinType skinType) implements NeedReason {}

  /** Something to be evened out on a face. */
  record ForConcern(UUID face, Concern concern) implements NeedReason {}

  /** Every job needs it. */
  record EveryJob() implements NeedReason {}

  /**
   * Counted for a face.
   *
   * @param eachDay pieces a day
   * @param days working days
   */
  record CountedPerFace(UUID face, int eachDay, int days) implements NeedReason {}

  /**
   * Added to what was counted for all faces.
   *
   * @param pieces the reserve, already rounded up
   * @param counted what the faces take without it
   */
  record Reserve(int percent, long pieces, long counted) implements NeedReason {}
}
