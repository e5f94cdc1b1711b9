package gerula.core.booking;

import gerula.core.kit.product.Trait;
import java.util.function.Consumer;

/**
 * What the conditions bring and what they keep away. Common practice.
 *
 * <p>Where two conditions contradict each other (a rich cream for the cold, none in the heat),
 * neither is forced: the artist decides on the day.
 */
final class ConditionNeeds {

  private final Booking booking;
  private final NeedDrafts drafts;

  private ConditionNeeds(Booking booking, NeedDrafts drafts) {
    this.booking = booking;
    this.drafts = drafts;
  }

  static void add(Booking booking, NeedDrafts drafts) {
    ConditionNeeds needs = new ConditionNeeds(booking, drafts);
    for (Condition condition : Condition.values()) {
      if (booking.conditions().contains(condition)) {
        needs.add(condition, new NeedReason.InCondition(condition));
      }
    }
  }

  private void add(Condition condition, NeedReason why) {
    switch (condition) {
      case FLASH -> {
        onEach(NeedKind.BASE, why, draft -> draft.avoid(Trait.SPF));
        onEach(NeedKind.POWDER, why, draft -> draft.must(Trait.NO_FLASHBACK));
      }
      case DAYLIGHT -> daylight(why);
      case DRY_COLD -> {
        if (!booking.conditions().contains(Condition.HEAT)) {
          onEach(NeedKind.MOISTURISER, why, draft -> draft.must(Trait.RICH));
        }
        onEach(NeedKind.BASE, why, draft -> draft.avoid(Trait.MATTE));
        forEachFace(NeedKind.LIP_BALM, AmountsPerFace.LIP, why);
        shared(NeedKind.HAND_CREAM, why);
      }
      case HEAT -> {
        onEach(NeedKind.PRIMER, why, draft -> draft.must(Trait.OIL_CONTROL));
        if (!booking.conditions().contains(Condition.DRY_COLD)) {
          onEach(NeedKind.MOISTURISER, why, draft -> draft.avoid(Trait.RICH));
        }
        onEach(NeedKind.SETTING_SPRAY, why, draft -> draft.prefer(Trait.MATTE));
        shared(NeedKind.FAN, why);
      }
      case WET -> {
        onEach(NeedKind.MASCARA, why, draft -> draft.must(Trait.WATERPROOF));
        shared(NeedKind.SEALING_MEDIUM, why);
        shared(NeedKind.OVERSHOES, why);
        shared(NeedKind.ZIP_BAGS, why);
        shared(NeedKind.BAG_COVER, why);
      }
      case SWEAT -> {
        onEach(NeedKind.BASE, why, draft -> draft.prefer(Trait.LONG_WEAR));
        shared(NeedKind.SEALING_MEDIUM, why);
      }
      case NO_POWER -> {
        shared(NeedKind.BATTERY_LIGHT, why);
        shared(NeedKind.POWER_BANK, why);
      }
      case NO_WATER -> {
        shared(NeedKind.WATER_SPRAY, why);
        drafts
            .of(NeedKind.HAND_SANITISER, null)
            .measured(
                AmountsPerFace.HAND_SANITISER_WITHOUT_WATER
                    * booking.faces().size()
                    * booking.days())
            .reasons(why);
      }
      case DIM -> shared(NeedKind.CLIP_LIGHT, why);
      case NO_TABLE -> {
        shared(NeedKind.BRUSH_BELT, why);
        shared(NeedKind.STAND, why);
      }
      case CLOSE_UP -> {
        onEach(NeedKind.POWDER, why, draft -> draft.prefer(Trait.FINE));
        onEach(NeedKind.POWDER, why, draft -> draft.avoid(Trait.SHIMMER));
      }
      case UNKNOWN_CATERING -> {
        shared(NeedKind.SNACKS, why);
        shared(NeedKind.WATER, why);
      }
      // Counted for each face, or answered by the choice of bags rather than by a thing.
      case LONG_DAY, LONG_CARRY, FLIGHT -> {}
    }
  }

  /**
   * House rule by default: sun protection by day outdoors, none where flash would bounce off it.
   */
  private void daylight(NeedReason why) {
    if (!booking.conditions().contains(Condition.FLASH)) {
      booking.faces().stream()
          .filter(face -> face.services().contains(Service.BASE))
          .forEach(
              face ->
                  new FaceNeeds(face, why, booking.days(), drafts)
                      .measured(NeedKind.SUNSCREEN, AmountsPerFace.SUNSCREEN));
    }
    shared(NeedKind.UMBRELLA, why);
  }

  private void onEach(NeedKind kind, NeedReason why, Consumer<NeedDraft> change) {
    for (Face face : booking.faces()) {
      drafts.existing(kind, face).ifPresent(draft -> change.accept(draft.reasons(why)));
    }
  }

  private void forEachFace(NeedKind kind, long thousandthsADay, NeedReason why) {
    for (Face face : booking.faces()) {
      new FaceNeeds(face, why, booking.days(), drafts).measured(kind, thousandthsADay);
    }
  }

  private void shared(NeedKind kind, NeedReason why) {
    drafts.of(kind, null).reasons(why);
  }
}
