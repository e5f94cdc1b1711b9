package gerula.core.cleandown.work;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.cleandown.Contact.How;
import gerula.core.cleandown.HowUsed;
import gerula.core.cleandown.plan.CleaningAct;
import gerula.core.cleandown.treatment.Incident;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Outcome;
import gerula.core.cleandown.treatment.Step;
import gerula.core.cleandown.treatment.Treated;
import gerula.core.cleandown.treatment.Treatment;
import gerula.core.kit.Given;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductBuilder;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import gerula.core.rule.Practices;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is to be cleaned now, from where it stands. */
class CleaningWorkTest {

  private static final Instant NOW = Instant.parse("2026-05-02T10:00:00Z");
  private static final Set<Step> BESIDES = EnumSet.of(Step.SURFACES, Step.HANDS);

  private static Item item(ProductClass of, Form form) {
    return Given.thing(of, form).item();
  }

  private static UsedThing used(ProductClass of, Form form, How how, DoneStep... done) {
    return new UsedThing(item(of, form), Set.of(how), Set.of(), List.of(done));
  }

  private static UsedThing pencil(DoneStep... done) {
    return used(ProductClass.LIP_PENCIL, Form.SHARPENABLE_PENCIL, How.DIRECT, done);
  }

  private static CleaningWork between(Instant now, UsedThing... things) {
    return CleaningWork.of(List.of(things), Moment.BETWEEN_FACES, Set.of(), Practices.USUAL, now);
  }

  private static List<Step> steps(CleaningWork work) {
    return work.acts().stream().flatMap(act -> act.steps().stream()).toList();
  }

  @Test
  void handsComeLastAndSurfacesBesideTheWaits() {
    CleaningWork work =
        CleaningWork.of(
            List.of(
                used(ProductClass.FACE_POWDER, Form.PRESSED_POWDER, How.DIRECT),
                used(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE, How.PALETTE),
                used(ProductClass.MASCARA, Form.MASCARA, How.APPLICATOR),
                used(ProductClass.SPATULA, Form.METAL_TOOL, How.DIRECT)),
            Moment.BETWEEN_FACES,
            BESIDES,
            Practices.USUAL,
            NOW);
    assertThat(steps(work).getLast()).isEqualTo(Step.HANDS);
    assertThat(steps(work)).contains(Step.SURFACES);
    assertThat(work.acts().stream().filter(act -> act.steps().contains(Step.WIPE)))
        .singleElement()
        .satisfies(act -> assertThat(act.things()).hasSize(2));
    assertThat(work.seconds()).isEqualTo(302);
    assertThat(work.handSeconds()).isEqualTo(2 + 5 + 5 + 15 + 2 + 60 + 30);
    assertThat(work.alcoholMl()).isEqualTo(2);
    assertThat(work.wipes()).isOne();
  }

  @Test
  void aWaitRunsFromTheStepBeforeItAndIsOverByItself() {
    DoneStep sprayed = new DoneStep(Step.SPRAY, NOW);
    CleaningWork wet = between(NOW.plusSeconds(30), pencil(sprayed));
    assertThat(wet.waits())
        .singleElement()
        .satisfies(
            wait -> {
              assertThat(wait.step()).isEqualTo(Step.DRY);
              assertThat(wait.until()).isEqualTo(NOW.plusSeconds(120));
            });
    assertThat(wet.acts().getFirst().steps()).containsExactly(Step.SHARPEN, Step.SPRAY);
    assertThat(wet.acts().getFirst().from()).isEqualTo(90);
    CleaningWork dry = between(NOW.plusSeconds(120), pencil(sprayed));
    assertThat(dry.waits()).isEmpty();
    assertThat(dry.acts().getFirst().from()).isZero();
  }

  @Test
  void whoeverSeesThatItIsDryNeedNotWait() {
    DoneStep sprayed = new DoneStep(Step.SPRAY, NOW);
    DoneStep seen = new DoneStep(Step.DRY, NOW.plusSeconds(40));
    assertThat(between(NOW.plusSeconds(41), pencil(sprayed, seen)).waits()).isEmpty();
    DoneStep sharpened = new DoneStep(Step.SHARPEN, NOW.plusSeconds(50));
    CleaningWork past = between(NOW.plusSeconds(60), pencil(sprayed, sharpened));
    assertThat(steps(past)).containsExactly(Step.SPRAY);
  }

  @Test
  void theStrictestOfAllItWentThroughHolds() {
    Item cream = item(ProductClass.CONCEALER, Form.CREAM);
    UsedThing both = new UsedThing(cream, Set.of(How.PALETTE, How.DOUBLE_DIP), Set.of(), List.of());
    assertThat(between(NOW, both).ends())
        .containsExactly(new CleaningWork.Ending(Outcome.DISCARD, List.of(cream.id())));
    Item powder = item(ProductClass.FACE_POWDER, Form.PRESSED_POWDER);
    UsedThing dropped =
        new UsedThing(
            powder,
            Set.of(How.PALETTE),
            Set.of(Incident.SNEEZED_ON, Incident.COLD_SORE),
            List.of());
    assertThat(dropped.treatment(Moment.BETWEEN_FACES, Practices.USUAL).orElseThrow().steps())
        .containsExactly(Step.SPRAY, Step.DRY);
  }

  @Test
  void whatNobodyToldIsTakenToBeAsUsualAndSaysSo() {
    Item cream = item(ProductClass.CONCEALER, Form.CREAM);
    CleaningWork work = between(NOW, new UsedThing(cream, Set.of(), Set.of(), List.of()));
    assertThat(steps(work)).containsExactly(Step.SPRAY, Step.WIPE);
    assertThat(work.howUnknown()).containsExactly(cream.id());
    Item other = item(ProductClass.OTHER, Form.OTHER);
    assertThat(between(NOW, new UsedThing(other, Set.of(), Set.of(), List.of())).unknown())
        .containsExactly(other.id());
  }

  @Test
  void theBrushesOfAFaceGoIntoTheHolderInOneMovement() {
    CleaningWork work =
        between(
            NOW,
            used(ProductClass.EYE_BRUSH, Form.BRUSH_SYNTHETIC, How.DIRECT),
            used(ProductClass.LIP_BRUSH, Form.BRUSH_SYNTHETIC, How.DIRECT),
            used(ProductClass.POWDER_BRUSH, Form.BRUSH_NATURAL, How.DIRECT));
    assertThat(work.acts()).singleElement().satisfies(act -> assertThat(act.things()).hasSize(3));
    assertThat(work.handSeconds()).isEqualTo(30);
  }

  /** Powder and pencil keep one waiting longest; wiping a bottle costs next to nothing. */
  @Test
  void whatSavesMostIsTheFirstToHaveTwoOf() {
    UsedThing powder = used(ProductClass.FACE_POWDER, Form.PRESSED_POWDER, How.DIRECT);
    UsedThing pencil = pencil();
    UsedThing base = used(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE, How.PALETTE);
    List<UsedThing> all = List.of(base, pencil, powder);
    // A powder takes 302 seconds, a pencil 274 and a bottle five.
    assertThat(toHaveTwoOf(all, 302)).isEmpty();
    assertThat(toHaveTwoOf(all, 301)).containsExactly(powder.item().id());
    assertThat(toHaveTwoOf(all, 274)).containsExactly(powder.item().id());
    assertThat(toHaveTwoOf(all, 273)).containsExactly(powder.item().id(), pencil.item().id());
    assertThat(toHaveTwoOf(all, 4))
        .containsExactly(powder.item().id(), pencil.item().id(), base.item().id());
    assertThat(
            CleaningWork.toHaveTwoOf(
                List.of(), Moment.BETWEEN_FACES, BESIDES, Practices.USUAL, NOW, 10))
        .as("the worktop takes its time whatever one has two of")
        .isEmpty();
  }

  private static List<UUID> toHaveTwoOf(List<UsedThing> things, int seconds) {
    return CleaningWork.toHaveTwoOf(
        things, Moment.BETWEEN_FACES, Set.of(), Practices.USUAL, NOW, seconds);
  }

  @Test
  void aSetOfBrushesTakesAsLongAsItsBrushes() {
    UsedThing set = used(ProductClass.BRUSH_SET, Form.BRUSH_SYNTHETIC, How.DIRECT);
    CleaningWork work =
        CleaningWork.of(List.of(set), Moment.AFTER_JOB, Set.of(), Practices.USUAL, NOW);
    assertThat(work.handSeconds()).isEqualTo(12 * 90 + 12 * 10 + 2 + 12 * 5);
    assertThat(work.seconds()).isEqualTo(work.handSeconds() + 8 * 3600);
  }

  @Test
  void amountsFollowFromWhatIsSprayedAndNeverExceedWhatAWholeOneTakes() {
    UsedThing[] many =
        IntStream.range(0, 40)
            .mapToObj(_ -> used(ProductClass.FACE_POWDER, Form.PRESSED_POWDER, How.DIRECT))
            .toArray(UsedThing[]::new);
    assertThat(between(NOW, many).alcoholMl()).isEqualTo(8);
    CleaningWork down =
        CleaningWork.of(List.of(many), Moment.AFTER_JOB, Set.of(), Practices.USUAL, NOW);
    assertThat(down.alcoholMl()).isEqualTo(30);
    assertThat(down.wipes()).isZero();
  }

  /** As many as come back from a long day, in the mix of a working kit. */
  @Test
  void aCleanDownOfEightyThingsTakesAtMostFortyActs() {
    List<UsedThing> day = new ArrayList<>();
    add(day, 14, ProductClass.EYE_SHADOW, Form.PRESSED_POWDER, How.DIRECT);
    add(day, 8, ProductClass.BLUSH, Form.PRESSED_POWDER, How.PALETTE);
    add(day, 10, ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE, How.PALETTE);
    add(day, 8, ProductClass.CONCEALER, Form.CREAM, How.PALETTE);
    add(day, 6, ProductClass.LIP_COLOUR, Form.LIPSTICK_BULLET, How.PALETTE);
    add(day, 6, ProductClass.LIP_PENCIL, Form.SHARPENABLE_PENCIL, How.DIRECT);
    add(day, 2, ProductClass.BROW_PENCIL, Form.TWIST_UP_PENCIL, How.DIRECT);
    add(day, 4, ProductClass.MASCARA, Form.MASCARA, How.APPLICATOR);
    add(day, 3, ProductClass.SETTING_SPRAY, Form.THIN_SPRAY, How.SPRAY);
    add(day, 4, ProductClass.BRUSH_SET, Form.BRUSH_SYNTHETIC, How.DIRECT);
    add(day, 4, ProductClass.POWDER_BRUSH, Form.BRUSH_NATURAL, How.DIRECT);
    add(day, 6, ProductClass.TWEEZERS, Form.METAL_TOOL, How.DIRECT);
    add(day, 1, ProductClass.SHARPENER, Form.SHARPENER, How.DIRECT);
    add(day, 4, ProductClass.TOWEL, Form.TEXTILE, How.DIRECT);
    assertThat(day).hasSize(80);
    CleaningWork work = CleaningWork.of(day, Moment.AFTER_JOB, Set.of(), Practices.USUAL, NOW);
    assertThat(work.acts()).hasSizeLessThanOrEqualTo(40);
    assertThat(work.acts().stream().flatMap(act -> act.things().stream()).distinct()).hasSize(80);
  }

  private static void add(List<UsedThing> to, int many, ProductClass of, Form form, How how) {
    for (int i = 0; i < many; i++) {
      to.add(used(of, form, how));
    }
  }

  @Test
  void waitsAreToldInTheOrderInWhichTheyAreOver() {
    UsedThing powder =
        used(
            ProductClass.FACE_POWDER,
            Form.PRESSED_POWDER,
            How.DIRECT,
            new DoneStep(Step.SPRAY, NOW));
    UsedThing pencil = pencil(new DoneStep(Step.SPRAY, NOW.plusSeconds(5)));
    assertThat(between(NOW.plusSeconds(9), powder, pencil).waits())
        .extracting(CleaningWork.Wait::thing)
        .containsExactly(pencil.item().id(), powder.item().id());
  }

  @Test
  void aStepIsWrittenDownAndTheLastOneEndsTheTreatment() {
    GivenTreatment begun =
        new GivenTreatment(
            UUID.randomUUID(),
            null,
            null,
            null,
            null,
            Moment.AFTER_JOB,
            NOW,
            null,
            70,
            null,
            List.of());
    Instant later = NOW.plusSeconds(3);
    GivenTreatment washed = begun.with(Step.WASH, later, false);
    assertThat(washed.doneAt()).isNull();
    assertThat(washed.steps()).containsExactly(new DoneStep(Step.WASH, later));
    GivenTreatment rinsed = washed.with(Step.RINSE, later.plusSeconds(2), true);
    assertThat(rinsed.doneAt()).isEqualTo(later.plusSeconds(2));
    assertThat(rinsed.steps()).hasSize(2);
  }

  @Test
  void whatOnlyWaitsSaysUntilWhen() {
    UsedThing pencil = pencil(new DoneStep(Step.SPRAY, NOW));
    Treatment treatment = pencil.treatment(Moment.BETWEEN_FACES, Practices.USUAL).orElseThrow();
    assertThat(pencil.progress(treatment, NOW).waiting()).isEqualTo(Step.DRY);
    assertThat(pencil.progress(treatment, NOW.plusSeconds(120)).waiting()).isNull();
    UsedThing done =
        pencil
            .with(new DoneStep(Step.SHARPEN, NOW.plusSeconds(150)))
            .with(new DoneStep(Step.SPRAY, NOW.plusSeconds(152)));
    Progress left = done.progress(treatment, NOW.plusSeconds(152));
    assertThat(left.next()).isNull();
    assertThat(left.dryAt(NOW.plusSeconds(152))).isEqualTo(NOW.plusSeconds(272));
    assertThat(done.progress(treatment, NOW.plusSeconds(272)).dryAt(NOW)).isNull();
  }

  /** The house changed its mind meanwhile: what was done of another treatment does not count. */
  @Test
  void whatWasDoneOfAnotherTreatmentCountsForNothing() {
    UsedThing pencil = pencil(new DoneStep(Step.SHARPEN, NOW));
    assertThat(steps(between(NOW.plusSeconds(1), pencil)))
        .containsExactly(Step.SPRAY, Step.SHARPEN, Step.SPRAY);
  }

  @ParameterizedTest
  @EnumSource(Form.class)
  void whatIsUsualIsAWayThatHasATreatment(Form form) {
    Item item = item(ProductClass.OTHER, form);
    for (How how : HowUsed.ways(form)) {
      boolean isKnown =
          Treatment.of(Treated.of(item, how, Moment.BETWEEN_FACES, null, Practices.USUAL))
              .isPresent();
      assertThat(isKnown).as("%s by %s", form, how).isEqualTo(form != Form.OTHER);
    }
  }

  @Test
  void whatDriesIsCleanWhenItIsDry() {
    Instant dry = NOW.plusSeconds(120);
    CleanState drying = CleanState.treated(NOW, dry);
    assertThat(drying.at(dry.minusMillis(1)).is()).isEqualTo(Cleanliness.DRYING);
    assertThat(drying.at(dry))
        .isEqualTo(new CleanState(Cleanliness.CLEAN, dry, CleanState.By.TREATED, null));
    assertThat(CleanState.treated(NOW, NOW).is()).isEqualTo(Cleanliness.CLEAN);
    assertThat(CleanState.treated(NOW, null).is()).isEqualTo(Cleanliness.CLEAN);
  }

  static LongStream rounds() {
    return Seeds.upTo(60);
  }

  /**
   * Whoever does the first act again and again, when it can be begun, is done after as long as was
   * told, and has done what each treatment asks for.
   */
  @ParameterizedTest
  @MethodSource("rounds")
  void doneActByActItTakesAsLongAsTold(long seed) {
    Random random = new Random(seed);
    Map<UUID, UsedThing> things = new HashMap<>();
    Form[] forms = Form.values();
    for (int i = 0; i < 2 + random.nextInt(7); i++) {
      Form form = forms[random.nextInt(forms.length)];
      List<How> ways = HowUsed.ways(form);
      UsedThing thing = used(ProductClass.OTHER, form, ways.get(random.nextInt(ways.size())));
      things.put(thing.item().id(), thing);
    }
    Moment moment = random.nextBoolean() ? Moment.BETWEEN_FACES : Moment.AFTER_JOB;
    CleaningWork first = work(things, moment, NOW);
    Instant now = NOW;
    int acts = 0;
    for (CleaningWork at = first; !at.acts().isEmpty(); at = work(things, moment, now)) {
      CleaningAct act = at.acts().getFirst();
      now = now.plusSeconds(act.until());
      for (UUID id : act.things()) {
        for (Step movement : act.steps()) {
          UsedThing thing = things.get(id);
          Step next =
              thing.progress(thing.treatment(moment, Practices.USUAL).orElseThrow(), now).next();
          assertThat(next.movement()).isEqualTo(movement);
          things.put(id, thing.with(new DoneStep(next, now)));
        }
      }
      assertThat(++acts).isLessThan(100);
    }
    int left = work(things, moment, now).seconds();
    long took = now.getEpochSecond() - NOW.getEpochSecond() + left;
    assertThat(took).isLessThanOrEqualTo(Math.max(first.seconds() + 30, first.seconds() * 11 / 10));
    for (UsedThing thing : things.values()) {
      thing
          .treatment(moment, Practices.USUAL)
          .filter(treatment -> treatment.outcome().isReusable())
          .ifPresent(
              treatment ->
                  assertThat(thing.done().stream().map(DoneStep::step))
                      .containsExactlyElementsOf(
                          treatment.steps().stream().filter(step -> !step.isWait()).toList()));
    }
  }

  private static CleaningWork work(Map<UUID, UsedThing> things, Moment moment, Instant now) {
    return CleaningWork.of(things.values(), moment, Set.of(), Practices.USUAL, now);
  }

  @Test
  void aBagIsEmptiedWipedDisinfectedAndStandsOpen() {
    UUID bag = UUID.randomUUID();
    CleaningWork fresh =
        CleaningWork.afterTheJob(
            List.of(), List.of(new UsedBag(bag, List.of())), Practices.USUAL, NOW);
    assertThat(steps(fresh)).containsExactly(Step.EMPTY, Step.DEGREASE, Step.DISINFECT);
    assertThat(fresh.acts()).allSatisfy(act -> assertThat(act.things()).containsExactly(bag));
    assertThat(fresh.handSeconds()).isEqualTo(60 + 60 + 30);
    assertThat(fresh.seconds()).isEqualTo(150 + 30 * 60);
    assertThat(fresh.alcoholMl()).isOne();

    UsedBag wiped =
        new UsedBag(bag, List.of(new DoneStep(Step.EMPTY, NOW), new DoneStep(Step.DEGREASE, NOW)));
    assertThat(wiped.progress(NOW).next()).isEqualTo(Step.DISINFECT);
    UsedBag done = wiped.with(new DoneStep(Step.DISINFECT, NOW.plusSeconds(30)));
    assertThat(done.progress(NOW.plusSeconds(30)).waiting()).isEqualTo(Step.DRY_OPEN);
    assertThat(done.progress(NOW.plusSeconds(30)).waitsUntil())
        .isEqualTo(NOW.plusSeconds(30 + 30 * 60));
  }

  @Test
  void asManyBrushesAsThereAreAreWashedAndDenseOnesDryForADay() {
    Item set =
        ItemBuilder.builder(item(ProductClass.BRUSH_SET, Form.BRUSH_SYNTHETIC))
            .product(
                ProductBuilder.builder(
                        Given.thing(ProductClass.BRUSH_SET, Form.BRUSH_SYNTHETIC)
                            .traits(Set.of(Trait.DENSE))
                            .product())
                    .brushes(7)
                    .build())
            .build();
    UsedThing used = new UsedThing(set, Set.of(How.DIRECT), Set.of(), List.of());
    CleaningWork work = CleaningWork.afterTheJob(List.of(used), List.of(), Practices.USUAL, NOW);
    assertThat(work.handSeconds()).isEqualTo(7 * 90 + 7 * 10 + 2 + 7 * 5);
    assertThat(work.seconds()).isEqualTo(7 * 90 + 7 * 10 + 2 + 24 * 3600 + 7 * 5);
    assertThat(work.laidFlat()).isOne();
    assertThat(work.detergentMl()).isEqualTo(10);
  }
}
