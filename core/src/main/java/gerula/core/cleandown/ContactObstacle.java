package gerula.core.cleandown;

import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.rule.Code;
import java.util.Optional;
import java.util.UUID;

/** Why a thing must not touch somebody. */
public enum ContactObstacle implements Code {
  /** It is the artist's own. */
  PERSONAL,
  /** It is kept for one person, and this is another. */
  FOR_SOMEBODY_ELSE,
  /** Contaminated, or quarantined until somebody decides. */
  STOPPED;

  /** What stands in the way of using it on this person. */
  public static Optional<ContactObstacle> to(Item item, UUID person) {
    if (item.cleanliness().isStopped()) {
      return Optional.of(STOPPED);
    }
    return switch (item.forWhom()) {
      case ForWhom.Everybody() -> Optional.empty();
      case ForWhom.TheArtist() -> Optional.of(PERSONAL);
      case ForWhom.Only only ->
          only.allows(person) ? Optional.empty() : Optional.of(FOR_SOMEBODY_ELSE);
    };
  }
}
