package gerula.core.booking;

import static gerula.core.kit.product.ProductClass.*;

import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import gerula.core.rule.SunPractice;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/**
 * What the conditions bring and what they keep away. Common practice.
 *
 * <p>Where two conditions contradict each other (a rich cream for the cold, none in the heat),
 * neither is forced: the artist decides on the day.
 */
final class ConditionNeeds {

  /** What stays at home where there is nothing to plug it into, no water, or children. */
  private static final Map<Condition, Set<ProductClass>> KEPT_AWAY =
      Map.of(
          Condition.NO_POWER,
          EnumSet.of(
              AIRBRUSH_GUN, COMPRESSOR, PLUG_LIGHT, CURLING_IRON, HAIR_DRYER, EXTENSION_LEAD),
          Condition.CHILDREN,
          EnumSet.of(STRIP_LASHES, CLUSTER_LASHES, LASH_ADHESIVE, SKIN_ADHESIVE));

  /** What may not be perfumed on a child's skin. */
  private static final Set<ProductClass> ON_THE_SKIN =
      EnumSet.of(
          CLEANSER,
          TONER,
          EYE_CREAM,
          MOISTURISER,
          SUNSCREEN,
          PRIMER,
          LIP_BALM,
          FOUNDATION,
          CONCEALER,
          FACE_POWDER,
          BODY_MAKE_UP);

  private static final int REMOTE_PERCENT = 150;

  private final Party party;
  private final NeedDrafts drafts;

  private ConditionNeeds(Party party, NeedDrafts drafts) {
    this.party = party;
    this.drafts = drafts;
  }

  static void add(Party party, NeedDrafts drafts) {
    ConditionNeeds needs = new ConditionNeeds(party, drafts);
    for (Condition condition : Condition.values()) {
      if (party.is(condition)) {
        needs.add(condition, new NeedReason.InCondition(condition));
      }
    }
  }

  /** The condition that keeps this class at home, if one does. */
  static Optional<Condition> keepingAway(Booking booking, ProductClass one) {
    return booking.conditions().stream()
        .sorted()
        .filter(condition -> KEPT_AWAY.getOrDefault(condition, Set.of()).contains(one))
        .findFirst();
  }

  private void add(Condition condition, NeedReason why) {
    switch (condition) {
      case FLASH -> {
        onEach(FOUNDATION, why, draft -> draft.mustNot(Trait.SPF));
        onEach(FACE_POWDER, why, draft -> draft.must(Trait.NO_FLASHBACK));
        onEach(FACE_POWDER, why, draft -> draft.mustNot(Trait.FLASHBACK));
      }
      case DAYLIGHT -> daylight(why);
      case DRY_COLD -> {
        if (!party.is(Condition.HEAT)) {
          onEach(MOISTURISER, why, draft -> draft.must(Trait.RICH));
        }
        onEach(FOUNDATION, why, draft -> draft.mustNot(Trait.MATTE));
        forEachFace(LIP_BALM, 100, Unit.G, why);
        shared(why, HAND_CREAM);
      }
      case HEAT -> {
        onEach(PRIMER, why, draft -> draft.must(Trait.OIL_CONTROL));
        if (!party.is(Condition.DRY_COLD)) {
          onEach(MOISTURISER, why, draft -> draft.mustNot(Trait.RICH));
        }
        onEach(SETTING_SPRAY, why, draft -> draft.should(Trait.MATTE));
        count(BLOTTING_PAPER, 2, why);
        shared(why, FAN);
      }
      case WET -> {
        onEach(MASCARA, why, draft -> draft.must(Trait.WATERPROOF));
        shared(why, SEALING_MEDIUM, OVERSHOES, ZIP_BAGS, BAG_COVER);
      }
      case TEARS -> {
        onEach(MASCARA, why, draft -> draft.must(Trait.WATERPROOF));
        shared(why, SEALING_MEDIUM);
      }
      case SNOW -> {
        onEach(MASCARA, why, draft -> draft.should(Trait.WATERPROOF));
        onEach(FOUNDATION, why, draft -> draft.should(Trait.WATERPROOF));
        shared(why, OVERSHOES, ZIP_BAGS, BAG_COVER, HAND_WARMER);
      }
      case SWEAT -> {
        onEach(FOUNDATION, why, draft -> draft.should(Trait.LONG_WEAR));
        shared(why, SEALING_MEDIUM);
        count(PUFF, 1, why);
      }
      case POOL_OR_SEA -> {
        onEach(MASCARA, why, draft -> draft.must(Trait.WATERPROOF));
        onEach(FOUNDATION, why, draft -> draft.must(Trait.WATERPROOF));
        shared(why, SEALING_MEDIUM, BARRIER, TOWEL);
      }
      case NO_POWER -> shared(why, BATTERY_LIGHT, POWER_BANK);
      case NO_WATER -> {
        shared(why, WATER_SPRAY);
        count(REMOVER_WIPE, 1, why);
        count(HAND_WIPE, 1, why);
        drafts.shared(HAND_SANITISER).measured(3000L * party.faceDays(), Unit.ML).because(why);
      }
      case DIM, NIGHT -> dark(condition, why);
      case NO_TABLE -> shared(why, BRUSH_BELT, STAND, MAT);
      case CRAMPED -> shared(why, BRUSH_BELT, STAND);
      case CLOSE_UP -> {
        onEach(FACE_POWDER, why, draft -> draft.should(Trait.FINE).mustNot(Trait.SHIMMER));
      }
      case STROBE -> {
        onEach(FACE_POWDER, why, draft -> draft.must(Trait.NO_FLASHBACK).mustNot(Trait.SHIMMER));
        onEach(HIGHLIGHTER, why, draft -> draft.mustNot(Trait.SHIMMER));
      }
      case UNKNOWN_CATERING -> shared(why, SNACKS, WATER);
      case REMOTE -> {
        drafts.all().forEach(draft -> draft.stretch(REMOTE_PERCENT));
        drafts.all().stream()
            .filter(draft -> draft.isUsedUp())
            .forEach(draft -> draft.withSpare().because(why));
      }
      case MASKS_OR_HELMETS -> {
        onEach(FOUNDATION, why, draft -> draft.should(Trait.TRANSFER_PROOF));
        shared(why, SEALING_MEDIUM, HAIR_CLIPS);
      }
      case SMOKE_OR_DUST -> {
        shared(why, EYE_DROPS, BAG_COVER);
        count(COTTON_ROUND, 2, why);
      }
      case CHILDREN -> {
        for (ProductClass one : ON_THE_SKIN) {
          onEach(one, why, draft -> draft.must(Trait.FRAGRANCE_FREE));
        }
        shared(why, CLIENT_RECORD);
      }
      case SHARED_ROOM -> shared(why, LABEL);
      case EARLY_CALL -> shared(why, REMOVER_WIPE);
      // Answered by the bags, by services, or by a word of warning rather than by an item.
      case LONG_DAY, LONG_CARRY, FLIGHT, VEHICLE_HEAT_OR_FROST -> {}
    }
  }

  private void dark(Condition condition, NeedReason why) {
    shared(why, CLIP_LIGHT);
    if (condition == Condition.NIGHT) {
      shared(why, CLOTHING, HAND_WARMER);
    }
    if (party.is(Condition.NO_POWER)) {
      shared(why, POWER_BANK);
    }
  }

  /**
   * House rule by default: sun protection by day outdoors, none where flash would bounce off it.
   */
  private void daylight(NeedReason why) {
    boolean isThereAlready = party.house().sunFilter() == SunPractice.ALWAYS_UNDER_BASE;
    if (!party.is(Condition.FLASH) && !isThereAlready) {
      party
          .with(Service.BASE)
          .forEach(
              face ->
                  drafts
                      .of(SUNSCREEN, face)
                      .measured(1000L * party.times(face), Unit.ML)
                      .because(why));
    }
    shared(why, UMBRELLA);
  }

  private void onEach(ProductClass one, NeedReason why, Consumer<NeedDraft> change) {
    drafts.onEach(NeedKind.of(one), draft -> change.accept(draft.because(why)));
  }

  private void forEachFace(ProductClass one, long thousandths, Unit unit, NeedReason why) {
    for (Face face : party.those(face -> party.times(face) > 0)) {
      drafts.of(one, face).measured(thousandths * party.times(face), unit).because(why);
    }
  }

  private void count(ProductClass one, int each, NeedReason why) {
    drafts.shared(one).counted((long) each * party.faceDays()).because(why);
  }

  private void shared(NeedReason why, ProductClass... classes) {
    for (ProductClass one : classes) {
      drafts.shared(one).because(why);
    }
  }
}
