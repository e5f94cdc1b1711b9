package gerula.core.booking;

import gerula.core.kit.KindOfWork;
import gerula.core.rule.Reason;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What brings a need. Closed: every one has its words on the screen. */
public sealed interface NeedReason extends Reason {

  /** The service that brings it; null where something else does. */
  default @Nullable Service service() {
    return null;
  }

  /** A service booked for a face. */
  record ForService(UUID face, Service service) implements NeedReason {}

  /**
   * A service booked for several faces, who choose from it on the day.
   *
   * @param faces in order of priority
   */
  record ToChooseFrom(Service service, List<UUID> faces) implements NeedReason {

    static ToChooseFrom of(Service service, List<Face> faces) {
      return new ToChooseFrom(service, faces.stream().map(Face::id).distinct().toList());
    }
  }

  /**
   * Counted for a service.
   *
   * @param each pieces a face, day and look
   * @param times faces times days times looks
   */
  record CountedForService(Service service, int each, int times) implements NeedReason {}

  /**
   * Counted for every face, whatever is done to it.
   *
   * @param each pieces a face and day
   * @param times faces times days
   */
  record CountedPerFace(int each, int times) implements NeedReason {}

  /** A condition of the place or the day. */
  record InCondition(Condition condition) implements NeedReason {}

  /** What sort of job it is. */
  record ForWork(KindOfWork kind) implements NeedReason {}

  /** How one gets there. */
  record ForTravel(Travel travel) implements NeedReason {}

  /** The way a face's skin behaves. */
  record ForSkin(UUID face, SkinType skinType) implements NeedReason {}

  /** Something to be evened out on a face. */
  record ForConcern(UUID face, Concern concern) implements NeedReason {}

  /** The colour of a face's hair. */
  record ForHair(UUID face, Hair hair) implements NeedReason {}

  /**
   * A look that was written down.
   *
   * @param isExact whether it has to be this product, or only something like it
   */
  record InLook(UUID face, boolean isExact) implements NeedReason {}

  /** Every job needs it. */
  record EveryJob() implements NeedReason {}

  /**
   * Added to what was counted.
   *
   * @param pieces the reserve, already rounded up
   * @param counted what is needed without it
   */
  record Reserve(int percent, long pieces, long counted) implements NeedReason {}
}
