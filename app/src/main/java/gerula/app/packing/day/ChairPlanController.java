package gerula.app.packing.day;

import static gerula.app.packing.day.MinuteWords.told;

import gerula.app.platform.web.Facts;
import gerula.core.packing.day.ChairArtist;
import gerula.core.packing.day.ChairFace;
import gerula.core.packing.day.ChairPlan;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalTime;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Who sits in which chair when. */
@RestController
class ChairPlanController {

  private static final int MOST_ARTISTS = 20;
  private static final int MOST_FACES = 100;
  private static final int MOST_BREAKS = 10;
  private static final int MOST_TURNOVER = 240;

  record AskedBreak(String from, String until) {}

  /**
   * @param until hard for the end of the last face, without its turnover
   */
  record AskedArtist(String id, String from, String until, @Nullable List<AskedBreak> breaks) {}

  /**
   * @param minutes 1 to 600
   * @param artist null: anybody
   */
  record AskedFace(
      String id,
      int minutes,
      String readyBy,
      @Nullable String notBefore,
      @Nullable String artist) {}

  /**
   * Times as HH:MM of one day.
   *
   * @param artists 1 to 20
   * @param faces at most 100
   * @param turnoverMinutes 0 to 240
   */
  record AskChairs(List<AskedArtist> artists, List<AskedFace> faces, int turnoverMinutes) {}

  /**
   * @param lateMinutes after it had to be ready, or after its artist had to go
   */
  record SlotView(String face, String artist, String start, String end, int lateMinutes) {}

  /**
   * @param latestStart of one artist, so that all are ready in time; else null
   * @param optimal whether no other plan is less late, or as late and begins later
   */
  record ChairAnswer(
      List<SlotView> slots,
      @Nullable String latestStart,
      int maxLatenessMinutes,
      boolean optimal) {}

  @PostMapping("/api/calc/chair-plan")
  ChairAnswer chairs(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskChairs.class)))
          @RequestBody
          JsonNode asked) {
    ChairPlan plan = Facts.read(asked, ChairPlanController::read);
    Integer latest = plan.latestStart();
    return new ChairAnswer(
        plan.slots().stream()
            .map(
                slot ->
                    new SlotView(
                        slot.face(),
                        slot.artist(),
                        told(slot.start()),
                        told(slot.end()),
                        slot.lateMinutes()))
            .toList(),
        latest == null ? null : told(latest),
        plan.maxLatenessMinutes(),
        plan.isOptimal());
  }

  private static Optional<ChairPlan> read(Facts facts) {
    facts.required("artists", Optional::of);
    facts.required("faces", Optional::of);
    Set<String> ofArtists = new HashSet<>();
    Set<String> ofFaces = new HashSet<>();
    List<ChairArtist> artists =
        facts.list("artists", MOST_ARTISTS, part -> artist(part, ofArtists));
    List<ChairFace> faces = facts.list("faces", MOST_FACES, part -> face(part, ofFaces, ofArtists));
    Optional<Integer> turnover = facts.required("turnoverMinutes", facts::whole);
    facts
        .faults()
        .unless(
            turnover.isEmpty() || (turnover.get() >= 0 && turnover.get() <= MOST_TURNOVER),
            facts.at("turnoverMinutes"),
            "out-of-range",
            "A turnover takes 0 to 240 minutes.");
    if (turnover.isEmpty() || !facts.faults().found().isEmpty()) {
      return Optional.empty();
    }
    return facts
        .faults()
        .build(facts.at("artists"), () -> ChairPlan.of(artists, faces, turnover.get()));
  }

  private static Optional<ChairArtist> artist(Facts facts, Set<String> known) {
    Optional<String> id = facts.ownId(known);
    Optional<LocalTime> from = facts.required("from", facts::time);
    Optional<LocalTime> until = facts.required("until", facts::time);
    List<ChairArtist.Break> breaks = facts.list("breaks", MOST_BREAKS, ChairPlanController::pause);
    if (id.isEmpty() || from.isEmpty() || until.isEmpty()) {
      return Optional.empty();
    }
    return facts
        .faults()
        .build(facts.at("until"), () -> new ChairArtist(id.get(), from.get(), until.get(), breaks));
  }

  private static Optional<ChairArtist.Break> pause(Facts facts) {
    Optional<LocalTime> from = facts.required("from", facts::time);
    Optional<LocalTime> until = facts.required("until", facts::time);
    if (from.isEmpty() || until.isEmpty()) {
      return Optional.empty();
    }
    return facts
        .faults()
        .build(facts.at("until"), () -> new ChairArtist.Break(from.get(), until.get()));
  }

  private static Optional<ChairFace> face(Facts facts, Set<String> known, Set<String> artists) {
    Optional<String> id = facts.ownId(known);
    Optional<Integer> minutes = facts.required("minutes", facts::whole);
    Optional<LocalTime> readyBy = facts.required("readyBy", facts::time);
    Optional<LocalTime> notBefore = facts.time("notBefore");
    Optional<String> artist = facts.text("artist");
    facts
        .faults()
        .unless(
            artist.isEmpty() || artists.contains(artist.get()),
            facts.at("artist"),
            "unknown",
            "There is no such artist. Choose one of those told.");
    if (id.isEmpty() || minutes.isEmpty() || readyBy.isEmpty()) {
      return Optional.empty();
    }
    boolean isOrdered = notBefore.isEmpty() || !readyBy.get().isBefore(notBefore.get());
    return facts
        .faults()
        .build(
            facts.at(isOrdered ? "minutes" : "readyBy"),
            () ->
                new ChairFace(
                    id.get(),
                    minutes.get(),
                    readyBy.get(),
                    notBefore.orElse(null),
                    artist.orElse(null)));
  }
}
