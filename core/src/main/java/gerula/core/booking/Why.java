package gerula.core.booking;

import gerula.core.rule.Because;
import java.util.UUID;

/** What brings a need. Closed: every one has its words on the screen. */
public sealed interface Why extends Because {

  /** A service booked for a face. */
  record ForService(UUID face, Service service) implements Why {
    @Override
    public String code() {
      return "for-service";
    }
  }

  /** A condition of the place or the day. */
  record InCondition(Condition condition) implements Why {
    @Override
    public String code() {
      return "in-condition";
    }
  }

  /** The way a face's skin behaves. */
  record ForSkin(UUID face, SkinType skinType) implements Why {
    @Override
    public String code() {
      return "for-skin";
    }
  }

  /** Something to be evened out on a face. */
  record ForConcern(UUID face, Concern concern) implements Why {
    @Override
    public String code() {
      return "for-concern";
    }
  }

  /** No job goes without it. */
  record EveryJob() implements Why {
    @Override
    public String code() {
      return "every-job";
    }
  }

  /**
   * Counted for a face.
   *
   * @param eachDay pieces a day
   * @param days working days
   */
  record Counted(UUID face, int eachDay, int days) implements Why {
    @Override
    public String code() {
      return "counted";
    }
  }

  /**
   * Added to what was counted for all faces.
   *
   * @param pieces the reserve, already rounded up
   * @param counted what the faces take without it
   */
  record Reserve(int percent, long pieces, long counted) implements Why {
    @Override
    public String code() {
      return "reserve";
    }
  }
}
