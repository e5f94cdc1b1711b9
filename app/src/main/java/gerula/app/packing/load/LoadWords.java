package gerula.app.packing.load;

import gerula.core.packing.load.LoadObstacle;

/** Why something does not go somewhere, in words. */
final class LoadWords {

  private LoadWords() {}

  static String of(LoadObstacle obstacle) {
    return switch (obstacle) {
      case PINNED_ELSEWHERE -> "It is pinned to another compartment, or ticked off there already.";
      case NOT_ALLOWED -> "This compartment is kept for other sections.";
      case SOMEBODY_ELSES -> "This compartment is kept for somebody else.";
      case NOT_SEALED -> "It may leak, and this compartment does not close.";
      case TOO_LARGE -> "It is larger than this compartment.";
      case TOO_HEAVY -> "The bag would weigh more than it may.";
      case BESIDE_HEAT -> "Something hot and something that melts would lie side by side.";
      case TOO_FULL -> "The compartment would be too full.";
      case NO_WAY_TO_LAY_IT -> "There is volume enough, but no way to lay it beside the others.";
      case ROOM_TAKEN -> "Others take the room.";
    };
  }
}
