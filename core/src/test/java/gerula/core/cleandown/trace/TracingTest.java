package gerula.core.cleandown.trace;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.cleandown.Contact;
import gerula.core.cleandown.Contact.How;
import gerula.core.cleandown.trace.ContactLog.Cleared;
import gerula.core.cleandown.trace.ContactLog.FaceAt;
import gerula.core.cleandown.trace.ContactLog.Filled;
import gerula.core.cleandown.trace.Reach.ReachedFace;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Step;
import gerula.core.cleandown.work.DoneStep;
import gerula.core.cleandown.work.GivenTreatment;
import gerula.core.cleandown.work.GivenTreatmentBuilder;
import gerula.core.kit.product.Form;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Whom a thing reached, through decants, tools and faces. */
class TracingTest {

  private static final Instant NOON = Instant.parse("2026-05-02T12:00:00Z");
  private static final UUID BOOKING = new UUID(9, 9);

  private final Log log = new Log();

  /** Everything in memory, asked for like the real one. */
  private static final class Log implements ContactLog {
    private final List<Contact> contacts = new ArrayList<>();
    private final List<Filled> fillings = new ArrayList<>();
    private final List<Cleared> clearings = new ArrayList<>();

    @Override
    public List<Contact> ofItems(Collection<UUID> items, Instant since) {
      return contacts.stream()
          .filter(one -> items.contains(one.item()) && !one.at().isBefore(since))
          .toList();
    }

    @Override
    public List<Contact> onFaces(Collection<FaceAt> faces, Instant since) {
      return contacts.stream()
          .filter(one -> faces.contains(new FaceAt(one.booking(), one.face())))
          .filter(one -> !one.at().isBefore(since))
          .toList();
    }

    @Override
    public List<Filled> filledFrom(Collection<UUID> sources) {
      return fillings.stream().filter(one -> sources.contains(one.source())).toList();
    }

    @Override
    public List<Cleared> cleared(Collection<UUID> items, Instant since) {
      return clearings.stream()
          .filter(one -> items.contains(one.item()) && !one.at().isBefore(since))
          .toList();
    }
  }

  private static UUID id(int number) {
    return new UUID(0, number);
  }

  private static Instant at(int hour) {
    return NOON.plus(Duration.ofHours(hour));
  }

  private void used(int item, int face, int hour, How how) {
    log.contacts.add(
        new Contact(UUID.randomUUID(), id(item), id(face), BOOKING, id(face), how, at(hour)));
  }

  private static Filled filled(int source, int into, int hour, Instant washedOut) {
    return new Filled(id(source), id(into), at(hour), at(hour), washedOut);
  }

  private List<String> faces(int item, int hour) {
    return Tracing.from(id(item), at(hour), log).faces().stream()
        .map(
            face ->
                face.person().getLeastSignificantBits()
                    + " through "
                    + face.through().stream().map(UUID::getLeastSignificantBits).toList()
                    + (face.afterTreatment() ? " treated" : ""))
        .toList();
  }

  @Test
  void aChainOfFiveThroughADecantToolsAndFacesIsFollowed() {
    log.fillings.add(filled(1, 2, 1, null));
    used(2, 101, 2, How.PALETTE);
    used(3, 101, 2, How.DIRECT);
    used(3, 102, 20, How.DIRECT);
    used(4, 102, 20, How.DOUBLE_DIP);
    log.fillings.add(filled(4, 5, 30, null));
    used(5, 103, 40, How.APPLICATOR);
    assertThat(faces(1, 0))
        .containsExactly(
            "101 through [1, 2]", "102 through [1, 2, 3]", "103 through [1, 2, 3, 4, 5]");
  }

  @Test
  void whatWasFilledBeforeOrTouchedNothingCarriesNothing() {
    log.fillings.add(filled(1, 2, -1, null));
    used(2, 101, 2, How.DIRECT);
    used(1, 102, 2, How.PALETTE);
    used(3, 102, 2, How.APPLICATOR);
    used(3, 103, 20, How.PALETTE);
    used(4, 102, 40, How.DIRECT);
    used(4, 104, 41, How.DIRECT);
    assertThat(faces(1, 0)).containsExactly("102 through [1]");
  }

  /** Where only the day of a filling is known it may have been after the contact. */
  @Test
  void whatMayHaveBeenFilledAfterwardsCounts() {
    log.fillings.add(new Filled(id(1), id(2), at(-4), at(4), null));
    used(2, 101, -1, How.PALETTE);
    used(2, 102, 1, How.PALETTE);
    assertThat(faces(1, 0)).containsExactly("102 through [1, 2]");
  }

  @Test
  void aTreatmentEndsItAndWhatWasTouchedAfterwardsSaysSo() {
    used(1, 101, 1, How.DIRECT);
    used(2, 101, 1, How.DIRECT);
    log.clearings.add(new Cleared(id(1), at(2)));
    log.clearings.add(new Cleared(id(2), at(3)));
    used(1, 102, 4, How.DIRECT);
    used(2, 103, 4, How.DIRECT);
    assertThat(faces(1, 0)).containsExactly("101 through [1]", "102 through [1] treated");
  }

  @Test
  void aWashedOutContainerCarriesItNoLonger() {
    log.fillings.add(filled(1, 2, 1, at(5)));
    used(2, 101, 4, How.PALETTE);
    used(2, 102, 6, How.PALETTE);
    assertThat(faces(1, 0)).containsExactly("101 through [1, 2]");
  }

  @ParameterizedTest
  @CsvSource({
    "pressed-powder, spray, 70, true",
    "pressed-powder, spray, 50, false",
    "pressed-powder, wipe-rim, 70, false",
    "pressed-powder, mist, 70, false",
    "cream, spray, 70, false",
    "lipstick-bullet, spray, 70, false",
    "brush-natural, shampoo, 99, true",
    "brush-synthetic, quick-clean, 99, true",
    "foam-sponge, wash, 70, false",
    "metal-tool, disinfect-rated, 40, true"
  })
  void onlyWhatIsOnTheSurfaceIsTakenAway(String form, String step, int percent, boolean isGone) {
    GivenTreatment given =
        new GivenTreatment(
            id(1),
            id(2),
            null,
            null,
            null,
            Moment.AFTER_JOB,
            NOON,
            NOON,
            percent,
            null,
            List.of(new DoneStep(gerula.core.rule.Code.of(Step.class, step), NOON)));
    Form told = gerula.core.rule.Code.of(Form.class, form);
    assertThat(Risk.isRemovedBy(given, told)).isEqualTo(isGone);
    GivenTreatment begun = GivenTreatmentBuilder.builder(given).doneAt(null).build();
    assertThat(Risk.isRemovedBy(begun, told)).isFalse();
  }

  static LongStream rounds() {
    return Seeds.upTo(150);
  }

  /** Against a plain re-computation: marks everything over and over until nothing changes. */
  @ParameterizedTest
  @MethodSource("rounds")
  void itFindsExactlyWhatThePlainWayFinds(long seed) {
    Random random = new Random(seed);
    int items = 3 + random.nextInt(6);
    for (int i = 0; i < 30; i++) {
      switch (random.nextInt(6)) {
        case 0 -> {
          int into = 1 + random.nextInt(items);
          int source = 1 + random.nextInt(items);
          if (into != source) {
            int hour = random.nextInt(100);
            log.fillings.add(
                filled(source, into, hour, random.nextBoolean() ? null : at(hour + 9)));
          }
        }
        case 1 ->
            log.clearings.add(new Cleared(id(1 + random.nextInt(items)), at(random.nextInt(100))));
        default ->
            used(
                1 + random.nextInt(items),
                100 + random.nextInt(5),
                random.nextInt(100),
                How.values()[random.nextInt(How.values().length)]);
      }
    }
    Instant since = at(random.nextInt(40));
    Reach reach = Tracing.from(id(1), since, log);
    Set<UUID> found = new HashSet<>();
    reach.faces().stream()
        .filter(face -> !face.afterTreatment())
        .map(ReachedFace::person)
        .forEach(found::add);
    assertThat(found).isEqualTo(new PlainTrace(log, since).faces(id(1)));
  }

  /** Hour by hour: nothing in between happens. */
  private record PlainTrace(Log log, Instant since) {

    Set<UUID> faces(UUID start) {
      Set<List<Object>> marked = new HashSet<>();
      mark(marked, start, since);
      int before;
      do {
        before = marked.size();
        for (Contact one : log.contacts) {
          for (Contact other : log.contacts) {
            boolean isSame = one.face().equals(other.face());
            boolean isNear =
                Duration.between(one.at(), other.at()).abs().compareTo(Tracing.SITTING) <= 0;
            boolean isTouched = other.how() == How.DIRECT || other.how() == How.DOUBLE_DIP;
            if (isSame
                && isNear
                && isTouched
                && !one.item().equals(other.item())
                && marked.contains(List.of(one.item(), one.at()))) {
              mark(marked, other.item(), one.at().isAfter(other.at()) ? one.at() : other.at());
            }
          }
        }
        for (Filled one : log.fillings) {
          if (marked.contains(List.of(one.source(), one.at()))) {
            markUntil(marked, one.into(), one.at(), one.washedOutAt());
          }
        }
      } while (marked.size() > before);
      Set<UUID> faces = new HashSet<>();
      log.contacts.stream()
          .filter(one -> marked.contains(List.of(one.item(), one.at())))
          .forEach(one -> faces.add(one.person()));
      return faces;
    }

    private void mark(Set<List<Object>> marked, UUID item, Instant from) {
      markUntil(marked, item, from, null);
    }

    private void markUntil(Set<List<Object>> marked, UUID item, Instant from, Instant end) {
      for (Instant at = from; at.isBefore(NOON.plus(Duration.ofHours(140))); ) {
        marked.add(List.of(item, at));
        at = at.plus(Duration.ofHours(1));
        Instant now = at;
        boolean isCleared =
            log.clearings.stream().anyMatch(one -> one.item().equals(item) && one.at().equals(now));
        if (isCleared || at.equals(end)) {
          return;
        }
      }
    }
  }
}
