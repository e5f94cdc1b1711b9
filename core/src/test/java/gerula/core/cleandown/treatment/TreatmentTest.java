package gerula.core.cleandown.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.cleandown.Contact;
import gerula.core.cleandown.Contact.How;
import gerula.core.kit.product.Form;
import gerula.core.rule.BrushPractice;
import gerula.core.rule.BulletPractice;
import gerula.core.rule.Code;
import gerula.core.rule.FeltPractice;
import gerula.core.rule.PencilPractice;
import gerula.core.rule.PowderPractice;
import gerula.core.rule.Practices;
import gerula.core.rule.PracticesBuilder;
import gerula.core.rule.SoftPencilPractice;
import gerula.core.rule.SpongePractice;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Common practice throughout; the strengths that count are CDC's (2008). */
class TreatmentTest {

  /** Which practices are other than usual in a row, by the word that stands for them. */
  private static final Map<String, Practices> HOUSES =
      Map.ofEntries(
          Map.entry("usual", Practices.USUAL),
          Map.entry("top-layer", but(b -> b.powder(PowderPractice.WIPE_TOP_LAYER))),
          Map.entry("mist", but(b -> b.powder(PowderPractice.COSMETIC_MIST))),
          Map.entry("never-touch", but(b -> b.powder(PowderPractice.NEVER_TOUCH_PAN))),
          Map.entry("sharpen-first", but(b -> b.pencil(PencilPractice.SHARPEN_SPRAY_WIPE))),
          Map.entry("soft-shared", but(b -> b.softTwistUp(SoftPencilPractice.SPRAY_AND_WIPE))),
          Map.entry("soak", but(b -> b.felt(FeltPractice.SOAK_TIP))),
          Map.entry("bullet-shared", but(b -> b.bullet(BulletPractice.WIPE_AND_SPRAY))),
          Map.entry("given", but(b -> b.sponge(SpongePractice.GIVE_AWAY))),
          Map.entry("dedicated", but(b -> b.sponge(SpongePractice.DEDICATED))),
          Map.entry("quick", but(b -> b.brushes(BrushPractice.QUICK_DRY))));

  private static Practices but(UnaryOperator<PracticesBuilder> other) {
    return other.apply(PracticesBuilder.builder(Practices.USUAL)).build();
  }

  /**
   * Form, how, house and moment; then the outcome with its steps and the minutes one waits. Hard,
   * dense and gun stand behind the form.
   */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "pressed-powder | palette | usual | both | treat: wipe-rim = 0",
        "pressed-powder | direct | usual | both | treat: spray, dry = 5",
        "pressed-powder | direct | top-layer | both | treat: wipe-top-layer, wipe-rim = 0",
        "pressed-powder | direct | mist | both | treat: mist, dry = 5",
        "pressed-powder | direct | never-touch | both | treat: wipe-top-layer, spray, dry = 5",
        "pressed-powder | double-dip | mist | both | treat: wipe-top-layer, spray, dry = 5",
        "loose-powder | applicator | usual | both | treat: wipe-neck = 0",
        "loose-powder | direct | usual | both | discard",
        "cream | palette | usual | both | treat: spray, wipe-rim = 0",
        "balm | applicator | usual | both | treat: spray, wipe-rim = 0",
        "setting-cream | palette | usual | both | treat: spray, wipe-rim, close = 0",
        "cream | double-dip | usual | both | discard",
        "setting-cream | direct | usual | both | discard",
        "liquid-pump-or-squeeze | palette | usual | both | treat: wipe-nozzle = 0",
        "liquid-pump-or-squeeze | direct | usual | both | treat: wipe-nozzle, spray, dry = 2",
        "liquid-pump-or-squeeze | double-dip | usual | both | treat: wipe-nozzle, spray, dry = 2",
        "liquid-dip-applicator | applicator | usual | both | treat: wipe-neck = 0",
        "liquid-dip-applicator | direct | usual | both | discard",
        "mascara | applicator | usual | both | treat: wipe-neck = 0",
        "mascara | double-dip | usual | both | discard",
        "lipstick-bullet | palette | usual | both | treat: wipe-rim = 0",
        "lipstick-bullet | direct | usual | both | one-person",
        "lipstick-bullet | double-dip | bullet-shared | both | treat: wipe-layer, spray, dry = 2",
        "stick | direct | usual | both | one-person",
        "stick | direct | bullet-shared | both | treat: scrape-layer, spray, dry = 2",
        "sharpenable-pencil | palette | usual | between | treat: spray, dry, sharpen, spray, dry = 4",
        "sharpenable-pencil | direct | usual | after | treat: spray, dry, sharpen, spray, dry, clean-cap, clean-sharpener = 4",
        "sharpenable-pencil | direct | sharpen-first | between | treat: sharpen, spray, wipe = 0",
        "sharpenable-pencil | double-dip | sharpen-first | after | treat: sharpen, spray, wipe, clean-cap, clean-sharpener = 0",
        "twist-up-pencil | direct | usual | both | one-person",
        "twist-up-pencil | applicator | usual | both | one-person",
        "twist-up-pencil | direct | soft-shared | both | treat: spray, wipe-all-sides = 0",
        "twist-up-pencil hard | direct | usual | both | treat: spray, wipe-all-sides, dry = 2",
        "felt-tip-pen | palette | soak | both | one-person",
        "felt-tip-pen | direct | usual | both | one-person",
        "felt-tip-pen | direct | soak | both | treat: soak, dry = 12",
        "thin-spray | spray | usual | both | treat: wipe = 0",
        "aerosol | double-dip | usual | both | treat: wipe = 0",
        "alcohol-activated-palette | direct | usual | both | treat: spray, dry = 2",
        "water-activated-paint | palette | usual | both | treat: dry-open, wipe-rim = 0",
        "water-activated-paint | double-dip | usual | both | treat: wipe-top-layer, spray, dry-open = 0",
        "adhesive | applicator | usual | both | treat: wipe-neck = 0",
        "adhesive | direct | usual | both | discard",
        "latex-or-silicone | palette | usual | both | treat: wipe-neck = 0",
        "lashes | direct | usual | both | discard",
        "brush-synthetic | direct | usual | between | treat: to-dirty-holder",
        "brush-synthetic | direct | quick | between | treat: quick-clean, dry = 2",
        "brush-synthetic | direct | quick | after | treat: wash, rinse, spray, lay-flat, wipe-handle = 480",
        "brush-synthetic dense | direct | usual | after | treat: wash, rinse, spray, lay-flat, wipe-handle = 1440",
        "brush-natural | direct | usual | after | treat: shampoo, rinse, lay-flat, wipe-handle = 480",
        "brush-duo-fibre dense | direct | usual | after | treat: shampoo, rinse, lay-flat, wipe-handle = 1440",
        "brush-natural | direct | quick | between | treat: quick-clean, dry = 2",
        "foam-sponge | direct | usual | both | discard",
        "foam-sponge | direct | given | both | give-away",
        "foam-sponge | direct | dedicated | both | one-person",
        "single-use | direct | usual | both | discard",
        "fabric-puff | direct | usual | both | treat: launder = 0",
        "textile | direct | usual | both | treat: launder = 0",
        "metal-tool | direct | usual | between | treat: wipe-residue, spray, dry = 2",
        "metal-tool | direct | usual | after | treat: wash, soak, dry = 12",
        "sharpener | direct | usual | both | treat: brush-out, spray, dry = 2",
        "electrical-tool | direct | usual | both | treat: wipe = 0",
        "electrical-tool gun | spray | usual | between | treat: flush, wipe = 0",
        "electrical-tool gun | direct | usual | after | treat: strip, clean, needle-check = 0",
        "medicated-drops | applicator | usual | both | one-person",
        "medicated-drops | double-dip | usual | both | discard"
      })
  void whatIsDoneByFormAndUse(String what, String how, String house, String when, String told) {
    for (Moment moment : Moment.values()) {
      boolean isMeant = when.equals("both") || moment.code().startsWith(when);
      if (isMeant) {
        Treated one = treated(what, how, HOUSES.get(house), moment, null);
        assertThat(told(Treatment.of(one).orElseThrow())).as(moment.code()).isEqualTo(told);
      }
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "lashes palette",
        "brush-synthetic applicator",
        "foam-sponge double-dip",
        "metal-tool palette",
        "electrical-tool double-dip",
        "other direct"
      })
  void whatIsNotUsedInSuchAWayHasNoTreatment(String row) {
    String form = row.substring(0, row.lastIndexOf(' '));
    String how = row.substring(row.lastIndexOf(' ') + 1);
    Treated one = treated(form, how, Practices.USUAL, Moment.BETWEEN_FACES, null);
    assertThat(Treatment.of(one)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "lipstick-bullet lip | direct | ill-face | discard",
        "lipstick-bullet lip | palette | ill-face | treat: wipe-rim = 0",
        "pressed-powder | direct | ill-face | treat: spray, dry = 5",
        "pressed-powder | direct | skin-infection | discard",
        "brush-synthetic | direct | infected-eye | discard",
        "metal-tool | direct | cold-sore | quarantine",
        "electrical-tool | direct | open-wound | quarantine",
        "fabric-puff | direct | skin-infection | treat: launder = 0",
        "mascara | applicator | infected-eye | treat: wipe-neck = 0",
        "metal-tool | direct | blood | treat: wash, disinfect-rated, dry = 2",
        "textile | direct | blood | treat: launder = 0",
        "pressed-powder | palette | blood | discard",
        "sharpenable-pencil | direct | blood | discard",
        "metal-tool | direct | dropped | treat: wipe-residue, spray, dry = 2",
        "cream | palette | dropped | discard",
        "thin-spray | spray | dropped | treat: wipe = 0",
        "pressed-powder | palette | dropped | discard",
        "loose-powder | applicator | dropped | discard",
        "felt-tip-pen | direct | dropped | discard",
        "sharpenable-pencil | palette | dropped | treat: spray, dry, sharpen, spray, dry = 4",
        "alcohol-activated-palette | palette | dropped | treat: spray, dry = 2",
        "brush-synthetic | direct | dropped | treat: to-dirty-holder",
        "electrical-tool | direct | dropped | treat: wipe-residue, spray, dry = 2",
        "sharpener | direct | blood | treat: wash, disinfect-rated, dry = 2",
        "aerosol | spray | blood | treat: wash, disinfect-rated, dry = 2",
        "lashes | direct | blood | discard",
        "cream | palette | sneezed-on | treat: scrape-layer, spray, dry = 2",
        "loose-powder | applicator | sneezed-on | treat: scrape-layer, spray, dry = 2",
        "mascara | double-dip | sneezed-on | discard",
        "pressed-powder | palette | unknown-user | treat: wipe-top-layer, spray, dry = 5",
        "lipstick-bullet | palette | unknown-user | discard",
        "cream | palette | unknown-user | discard",
        "brush-synthetic | direct | unknown-user | treat: to-dirty-holder"
      })
  void whatHappenedBesideOverrides(String what, String how, String incident, String told) {
    Incident happened = Code.of(Incident.class, incident);
    Treated one = treated(what, how, Practices.USUAL, Moment.BETWEEN_FACES, happened);
    assertThat(told(Treatment.of(one).orElseThrow())).isEqualTo(told);
  }

  /** Each caution stands at what it is about, and nowhere else. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "pressed-powder | direct | none | no-heat-or-flame, air-and-eyes",
        "pressed-powder | palette | none |",
        "felt-tip-pen | direct | none |",
        "sharpenable-pencil | direct | none | no-heat-or-flame, air-and-eyes, blades",
        "sharpener | direct | none | no-heat-or-flame, air-and-eyes, blades",
        "electrical-tool | direct | none | unplug",
        "electrical-tool | direct | cold-sore | do-not-work-there",
        "metal-tool | direct | blood | gloves-and-sharps, rated-agent",
        "cream | direct | blood | gloves-and-sharps",
        "brush-natural | direct | infected-eye | do-not-work-there",
        "brush-natural | direct | open-wound | do-not-work-there",
        "brush-natural | direct | skin-infection | do-not-work-there",
        "brush-natural | direct | ill-face |"
      })
  void cautionsStandAtTheirStep(String what, String how, String incident, String cautions) {
    Incident happened = incident.equals("none") ? null : Code.of(Incident.class, incident);
    Treated one = treated(what, how, Practices.USUAL, Moment.BETWEEN_FACES, happened);
    String told =
        Treatment.of(one).orElseThrow().cautions().stream()
            .map(Code::code)
            .collect(Collectors.joining(", "));
    assertThat(told).isEqualTo(cautions == null ? "" : cautions);
  }

  @Test
  void aMistNeedsAirAndASoakNoFlame() {
    Treated mist =
        treated("pressed-powder", "direct", HOUSES.get("mist"), Moment.BETWEEN_FACES, null);
    assertThat(Treatment.of(mist).orElseThrow().cautions()).containsExactly(Caution.AIR_AND_EYES);
    Treated soak = treated("felt-tip-pen", "direct", HOUSES.get("soak"), Moment.AFTER_JOB, null);
    assertThat(Treatment.of(soak).orElseThrow().cautions())
        .containsExactly(Caution.NO_HEAT_OR_FLAME);
  }

  @Test
  void blownOnIsTheSameAsSneezedOn() {
    assertThat(Code.of(Incident.class, "blown-on")).isEqualTo(Incident.SNEEZED_ON);
  }

  /** A strength that disinfects less well is told wherever alcohol is used, and nowhere else. */
  @Test
  void alcoholOutsideItsRangeIsTold() {
    for (int percent : List.of(59, 60, 90, 91)) {
      Practices house = but(b -> b.sprayPercent(percent));
      boolean isOutside = percent < 60 || percent > 90;
      for (Treated one : everything(house, List.of(Optional.empty()))) {
        Treatment treatment = Treatment.of(one).orElseThrow();
        boolean isAlcohol = treatment.steps().stream().anyMatch(Step::takesAlcohol);
        assertThat(treatment.findings().contains(TreatmentFinding.OUTSIDE_EFFECTIVE_RANGE))
            .as(one.toString())
            .isEqualTo(isOutside && isAlcohol);
        assertThat(treatment.cautions().contains(Caution.NO_HEAT_OR_FLAME)).isEqualTo(isAlcohol);
      }
    }
  }

  @Test
  void onlyASharedBulletOrStickLeavesTheChainOpen() {
    Practices house = HOUSES.get("bullet-shared");
    for (Treated one : everything(house, List.of(Optional.empty()))) {
      boolean isBullet = one.form() == Form.LIPSTICK_BULLET || one.form() == Form.STICK;
      assertThat(
              Treatment.of(one)
                  .orElseThrow()
                  .findings()
                  .contains(TreatmentFinding.CHAIN_STAYS_OPEN))
          .isEqualTo(isBullet && !one.isClean());
    }
  }

  /** Whatever happens, by whatever practices: what holds of every treatment. */
  @Test
  void rulesThatHoldForAll() {
    List<Optional<Incident>> incidents = new ArrayList<>(List.of(Optional.empty()));
    Arrays.stream(Incident.values()).map(Optional::of).forEach(incidents::add);
    for (Practices house : HOUSES.values()) {
      for (Treated one : everything(house, incidents)) {
        Treatment treatment = Treatment.of(one).orElseThrow();
        Treatment usual =
            Treatment.of(TreatedBuilder.builder(one).incident(null).build()).orElseThrow();
        assertThat(treatment.outcome())
            .as("an incident is never milder: " + one)
            .isGreaterThanOrEqualTo(usual.outcome());
        if (treatment.outcome().isReusable()) {
          assertThat(treatment.steps()).isNotEmpty();
        } else {
          assertThat(treatment.steps()).isEmpty();
          assertThat(treatment.readyAfterMinutes()).isNull();
        }
        boolean isInfected = one.incident() != null && one.incident().isInfection();
        assertThat(treatment.cautions().contains(Caution.DO_NOT_WORK_THERE)).isEqualTo(isInfected);
        assertThat(treatment.cautions().contains(Caution.RATED_AGENT))
            .isEqualTo(treatment.steps().contains(Step.DISINFECT_RATED));
      }
    }
  }

  /** All that is ever used, in every way in which it is used. */
  private static List<Treated> everything(Practices house, List<Optional<Incident>> incidents) {
    List<Treated> all = new ArrayList<>();
    for (Form form : Form.values()) {
      for (How how : Contact.How.values()) {
        for (Moment moment : Moment.values()) {
          for (Optional<Incident> incident : incidents) {
            for (int bits : new int[] {0, 6, 9, 15}) {
              Treated one =
                  new Treated(
                      form,
                      how,
                      moment,
                      incident.orElse(null),
                      (bits & 1) != 0,
                      (bits & 2) != 0,
                      (bits & 4) != 0,
                      (bits & 8) != 0,
                      house);
              if (Treatment.of(one).isPresent()) {
                all.add(one);
              }
            }
          }
        }
      }
    }
    assertThat(all).hasSizeGreaterThan(300);
    return all;
  }

  private static Treated treated(
      String what, String how, Practices house, Moment moment, Incident incident) {
    List<String> words = List.of(what.split(" "));
    return new Treated(
        Code.of(Form.class, words.getFirst()),
        Code.of(How.class, how),
        moment,
        incident,
        words.contains("hard"),
        words.contains("dense"),
        words.contains("lip"),
        words.contains("gun"),
        house);
  }

  private static String told(Treatment treatment) {
    String steps = treatment.steps().stream().map(Code::code).collect(Collectors.joining(", "));
    String minutes =
        treatment.readyAfterMinutes() == null ? "" : " = " + treatment.readyAfterMinutes();
    return treatment.outcome().code() + (steps.isEmpty() ? "" : ": " + steps) + minutes;
  }
}
