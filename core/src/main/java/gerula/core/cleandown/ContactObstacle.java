package gerula.core.cleandown;

import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.work.UsedThing;
import gerula.core.kit.item.ForWhom;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Sensitivity;
import gerula.core.rule.Code;
import gerula.core.rule.Practices;
import java.util.Collection;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Why a thing must not touch somebody. */
public enum ContactObstacle implements Code {
  /** It is the artist's own. */
  PERSONAL,
  /** It is kept for one person, and this is another. */
  FOR_SOMEBODY_ELSE,
  /** Something she reacts to is in it. */
  REACTS,
  /** Contaminated, or quarantined until somebody decides. */
  STOPPED,
  /** It touched somebody else since it was clean, and cannot be made clean for another face. */
  TOUCHED_ANOTHER;

  /**
   * The same of a thing that was used and not treated since.
   *
   * @param hasTouchedAnother whether that was on somebody else
   */
  public static Optional<ContactObstacle> after(
      UsedThing used, boolean hasTouchedAnother, Practices house) {
    boolean isLost =
        hasTouchedAnother
            && used.treatment(Moment.BETWEEN_FACES, house)
                .filter(treatment -> !treatment.outcome().isReusable())
                .isPresent();
    return isLost ? Optional.of(TOUCHED_ANOTHER) : Optional.empty();
  }

  /**
   * What stands in the way of using it on this person.
   *
   * @param person null where nobody knows yet who it is
   * @param reactsTo what must not touch her
   */
  public static Optional<ContactObstacle> to(
      Item item, @Nullable UUID person, Collection<Sensitivity> reactsTo) {
    if (item.cleanliness().isStopped()) {
      return Optional.of(STOPPED);
    }
    if (reactsTo.stream().anyMatch(item.product()::contains)) {
      return Optional.of(REACTS);
    }
    return switch (item.forWhom()) {
      case ForWhom.Everybody() -> Optional.empty();
      case ForWhom.TheArtist() -> Optional.of(PERSONAL);
      case ForWhom.Only only ->
          only.allows(person) ? Optional.empty() : Optional.of(FOR_SOMEBODY_ELSE);
    };
  }
}
