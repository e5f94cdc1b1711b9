package gerula.app.rule;

import gerula.app.ledger.Answers;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.rule.HouseStore.StoredRules;
import gerula.core.dates.DateClass;
import gerula.core.dates.HouseLimit;
import gerula.core.rule.BrushPractice;
import gerula.core.rule.BulletPractice;
import gerula.core.rule.Code;
import gerula.core.rule.DipPractice;
import gerula.core.rule.FeltPractice;
import gerula.core.rule.HandPractice;
import gerula.core.rule.HouseRules;
import gerula.core.rule.LoadRules;
import gerula.core.rule.PalettePractice;
import gerula.core.rule.PencilPractice;
import gerula.core.rule.PowderPractice;
import gerula.core.rule.Practices;
import gerula.core.rule.PreparationPractice;
import gerula.core.rule.RangePractice;
import gerula.core.rule.RefillPractice;
import gerula.core.rule.School;
import gerula.core.rule.SoftPencilPractice;
import gerula.core.rule.SpongePractice;
import gerula.core.rule.SunPractice;
import gerula.core.rule.TouchUpPractice;
import gerula.core.rule.WandPractice;
import gerula.core.rule.WashingPractice;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Period;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The house's rules over HTTP. */
@RestController
class HouseController {

  private final Answers answers;
  private final House house;

  HouseController(House house, Answers answers) {
    this.answers = answers;
    this.house = house;
  }

  /**
   * One class and how long it is kept after opening.
   *
   * @param cautious what cautious houses do, in words of ISO 8601, as P6M
   * @param usual what most houses do
   * @param ownMonths what this house does instead, null when it follows its school
   */
  record ClassLimit(
      DateClass dateClass, String cautious, String usual, @Nullable Integer ownMonths) {}

  /** The rules that hold, and the two schools beside them. */
  record HouseView(
      School dateLimits,
      List<ClassLimit> limits,
      int eyeMarginDays,
      int reservePercent,
      int deliveryDays,
      double shadeLimit,
      Practices practices,
      LoadRules load,
      String cardWords,
      int version) {}

  /** What the card for clients shall say; empty: what follows from the rules. */
  record WriteCard(
      @NotNull UUID actId,
      @NotNull @Size(max = 2000, message = "At most 2,000 characters.") String words) {}

  @PutMapping("/api/house/card")
  HouseView write(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody WriteCard asked) {
    return answers.once(
        who,
        asked.actId(),
        () -> house.say(who, asked.actId(), asked.words()),
        () -> view(house.find(who)));
  }

  /**
   * @param months 1 to 120
   */
  record ClassMonths(@NotNull(message = "Say for what.") DateClass dateClass, int months) {}

  /**
   * What is done where artists disagree; null: as most do it.
   *
   * @param palettes how palettes travel
   * @param sprayPercent how strong the alcohol is that one sprays, % by volume, 1 to 100
   */
  record PracticesDraft(
      @Nullable PalettePractice palettes,
      @Nullable PowderPractice powder,
      @Nullable PencilPractice pencil,
      @Nullable SoftPencilPractice softTwistUp,
      @Nullable FeltPractice felt,
      @Nullable BulletPractice bullet,
      @Nullable SpongePractice sponge,
      @Nullable BrushPractice brushes,
      @Nullable WashingPractice washing,
      @Nullable DipPractice dips,
      @Nullable HandPractice hand,
      @Nullable SunPractice sunFilter,
      @Nullable PreparationPractice preparation,
      @Nullable TouchUpPractice touchUp,
      @Nullable RefillPractice refill,
      @Nullable RangePractice range,
      @Nullable WandPractice wands,
      @Nullable Integer sprayPercent) {

    Practices toPractices(Faults faults) {
      int spray = or(sprayPercent, Practices.USUAL.sprayPercent());
      faults.build("rules.practices.sprayPercent", () -> Practices.spray(spray));
      faults.refuseIfAny();
      return new Practices(
          or(palettes, Practices.USUAL.palettes()),
          or(powder, Practices.USUAL.powder()),
          or(pencil, Practices.USUAL.pencil()),
          or(softTwistUp, Practices.USUAL.softTwistUp()),
          or(felt, Practices.USUAL.felt()),
          or(bullet, Practices.USUAL.bullet()),
          or(sponge, Practices.USUAL.sponge()),
          or(brushes, Practices.USUAL.brushes()),
          or(washing, Practices.USUAL.washing()),
          or(dips, Practices.USUAL.dips()),
          or(hand, Practices.USUAL.hand()),
          or(sunFilter, Practices.USUAL.sunFilter()),
          or(preparation, Practices.USUAL.preparation()),
          or(touchUp, Practices.USUAL.touchUp()),
          or(refill, Practices.USUAL.refill()),
          or(range, Practices.USUAL.range()),
          or(wands, Practices.USUAL.wands()),
          spray);
    }

    private static <T> T or(@Nullable T told, T usual) {
      return told == null ? usual : told;
    }
  }

  /**
   * Rules as they might be.
   *
   * @param shadeLimit how far a base may lie from the face by CIEDE2000; null: the usual
   * @param practices null: as most houses do it
   * @param load null: as it is now
   */
  record RulesDraft(
      @NotNull(message = "Say which school.") School dateLimits,
      @NotNull @Size(max = 30) List<@NotNull @Valid ClassMonths> ownLimits,
      int eyeMarginDays,
      int reservePercent,
      int deliveryDays,
      @Nullable Double shadeLimit,
      @Nullable @Valid PracticesDraft practices,
      @Nullable LoadRulesDraft load) {

    HouseRules toRules(LoadRules now) {
      Faults faults = new Faults();
      Map<Code, Integer> own = new HashMap<>();
      for (int i = 0; i < ownLimits.size(); i++) {
        ClassMonths limit = ownLimits.get(i);
        String path = "rules.ownLimits[" + i + "].";
        faults.build(path + "months", () -> HouseRules.months(limit.months()));
        faults.unless(
            limit.dateClass() != DateClass.UNDATED,
            path + "dateClass",
            "rule",
            "What has no date gets no limit.");
        faults.unless(
            own.put(limit.dateClass(), limit.months()) == null,
            path + "dateClass",
            "twice",
            "This class has two limits.");
      }
      faults.build("rules.eyeMarginDays", () -> HouseRules.eyeMargin(eyeMarginDays));
      faults.build("rules.reservePercent", () -> HouseRules.reserve(reservePercent));
      faults.build("rules.deliveryDays", () -> HouseRules.delivery(deliveryDays));
      double shade = shadeLimit == null ? HouseRules.USUAL.shadeLimit() : shadeLimit;
      faults.build("rules.shadeLimit", () -> HouseRules.shade(shade));
      faults.refuseIfAny();
      return new HouseRules(
          dateLimits,
          own,
          eyeMarginDays,
          reservePercent,
          deliveryDays,
          shade,
          practices == null ? Practices.USUAL : practices.toPractices(faults),
          load == null ? now : load.toRules(faults));
    }
  }

  /**
   * How a house packs and carries.
   *
   * @param usablePercent of a compartment's volume that may be taken, 30 to 100
   * @param wornGrams what a bag that is worn may weigh, 500 to 15,000
   * @param carriedGrams what a bag that is carried may weigh, 1,000 to 30,000
   */
  record LoadRulesDraft(int usablePercent, int wornGrams, int carriedGrams) {

    LoadRules toRules(Faults faults) {
      faults.build("rules.load.usablePercent", () -> LoadRules.usable(usablePercent));
      faults.build("rules.load.wornGrams", () -> LoadRules.worn(wornGrams));
      faults.build("rules.load.carriedGrams", () -> LoadRules.carried(carriedGrams));
      faults.refuseIfAny();
      return new LoadRules(usablePercent, wornGrams, carriedGrams);
    }
  }

  /** Rules as they shall be, and the version that was read. */
  record ChangeRules(@NotNull UUID actId, int version, @NotNull @Valid RulesDraft rules) {}

  /** What would change today. */
  record TryRules(@NotNull @Valid RulesDraft rules) {}

  @GetMapping("/api/house")
  HouseView rules(@AuthenticationPrincipal SignedIn who) {
    return view(house.find(who));
  }

  @PostMapping("/api/house/try")
  House.Effect tryOut(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody TryRules asked) {
    return house.effect(who, asked.rules().toRules(load(who)));
  }

  @PutMapping("/api/house")
  HouseView change(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ChangeRules asked) {
    return answers.once(
        who,
        asked.actId(),
        () -> house.change(who, asked.actId(), asked.version(), asked.rules().toRules(load(who))),
        () -> view(house.find(who)));
  }

  private LoadRules load(SignedIn who) {
    return house.find(who).map(one -> one.rules().load()).orElse(LoadRules.USUAL);
  }

  static HouseView view(Optional<StoredRules> stored) {
    HouseRules rules = stored.map(StoredRules::rules).orElse(HouseRules.USUAL);
    return new HouseView(
        rules.dateLimits(),
        Arrays.stream(DateClass.values())
            .filter(DateClass::agesOnceOpen)
            .map(one -> limit(one, rules))
            .toList(),
        rules.eyeMarginDays(),
        rules.reservePercent(),
        rules.deliveryDays(),
        rules.shadeLimit(),
        rules.practices(),
        rules.load(),
        stored.map(StoredRules::cardWords).orElse(""),
        stored.map(StoredRules::version).orElse(0));
  }

  private static ClassLimit limit(DateClass one, HouseRules rules) {
    return new ClassLimit(
        one,
        period(HouseLimit.of(School.CAUTIOUS, one)),
        period(HouseLimit.of(School.USUAL, one)),
        rules.ownMonths().get(one));
  }

  private static String period(HouseLimit limit) {
    Period after = limit.afterOpening();
    return after == null ? "" : after.toString();
  }
}
