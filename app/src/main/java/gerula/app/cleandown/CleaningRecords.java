package gerula.app.cleandown;

import gerula.app.kit.DrawnItem;
import gerula.core.cleandown.CleaningSupplies;
import gerula.core.cleandown.Contact;
import gerula.core.cleandown.treatment.Caution;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Step;
import gerula.core.cleandown.work.CleaningWork;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.product.Section;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the addresses of cleaning answer with. */
final class CleaningRecords {

  private CleaningRecords() {}

  /**
   * The same movements done to several things, one after the other.
   *
   * @param steps what is done, in order
   * @param items none where it is done to no thing of the kit: worktop, hands
   * @param bags it is done to, after the job
   * @param takesAlcohol whether it is done with the bottle of alcohol
   * @param fromSeconds from now at which it can begin
   * @param untilSeconds at which hands are free again
   * @param readyAtSeconds at which the last wait that follows it is over
   */
  record ActView(
      List<Step> steps,
      List<UUID> items,
      List<UUID> bags,
      boolean takesAlcohol,
      int fromSeconds,
      int untilSeconds,
      int readyAtSeconds,
      Set<Caution> cautions) {}

  /**
   * What is to be cleaned now, in the order that takes least time.
   *
   * @param waits what dries or soaks at this moment
   * @param ends what is not used on others again, by what becomes of it
   * @param nextSet the brushes the next face takes, null where there are no clean ones
   * @param later what the next face does not need: it waits for the clean-down
   * @param unknown things nobody knows how to treat
   * @param howUnknown of those treated, the ones of which nobody said how they were used
   * @param drying what is done with and not dry yet
   * @param stopped quarantined or contaminated: somebody has to decide
   * @param quarantined those of them that may be released
   * @param seconds until everything may be used again
   * @param handSeconds how much of it is handwork
   * @param alcoholMl about how much goes into it
   * @param detergentMl about how much detergent or shampoo
   * @param laidFlat how many things need a place to lie flat until they are dry
   * @param sprayPercent how strong it is, % by volume
   * @param agent the bottle it comes from, null where the kit has none of that strength
   * @param supplies what there is to wipe and to wash with
   * @param isEffective whether that disinfects as it should (60 to 90 %, CDC 2008)
   * @param twoOf what to have two of, so that it is done in the time there is; null where nobody
   *     said how long that is
   * @param now the moment for which all of it is told
   */
  record CleaningView(
      Moment moment,
      List<ActView> acts,
      List<CleaningWork.Wait> waits,
      List<CleaningWork.Ending> ends,
      List<UUID> later,
      @Nullable UUID nextSet,
      List<UUID> unknown,
      List<UUID> howUnknown,
      List<Dries> drying,
      List<UUID> stopped,
      List<UUID> quarantined,
      int seconds,
      int handSeconds,
      int alcoholMl,
      int wipes,
      int detergentMl,
      int laidFlat,
      int sprayPercent,
      Agents.@Nullable AgentView agent,
      CleaningSupplies supplies,
      boolean isEffective,
      @Nullable List<UUID> twoOf,
      Instant now,
      List<DrawnItem> items,
      List<BagView> bags) {}

  /**
   * A bag that is to be cleaned, or stands open to dry.
   *
   * @param until when it is dry, null while it is to be cleaned
   */
  record BagView(UUID id, String name, PlaceKind kind, @Nullable Instant until) {}

  /**
   * A thing that is done with and not dry yet.
   *
   * @param home the place it goes to then, null where it is there already or has none
   */
  record Dries(UUID thing, @Nullable Instant until, @Nullable UUID home) {}

  /**
   * A thing that may be used on a face.
   *
   * @param hers whether it goes along for her, or for everybody
   * @param ways in which it may touch her, the usual one first
   * @param on her: it was used on her and is not treated since
   * @param obstacle why it must not touch her, null where nothing stands in the way
   * @param because the same in words
   * @param instead of it, what may
   * @param byThePiece whether a piece of it is used up and the pack itself touches nobody
   */
  record UsableView(
      DrawnItem item,
      Section section,
      boolean hers,
      List<Contact.How> ways,
      Cleanliness state,
      boolean on,
      @Nullable String obstacle,
      @Nullable String because,
      List<UUID> instead,
      boolean byThePiece) {}
}
