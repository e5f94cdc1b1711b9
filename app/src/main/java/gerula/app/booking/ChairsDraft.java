package gerula.app.booking;

import gerula.app.platform.errors.Faults;
import gerula.core.packing.day.ChairHours;
import gerula.core.packing.day.ChairWishes;
import gerula.core.packing.day.ChairWishes.ArtistHours;
import gerula.core.packing.day.ChairWishes.FaceWish;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/**
 * Who makes up whom when, as somebody tells it. Local times.
 *
 * @param artists none: one, from the call on
 * @param turnoverMinutes after each face
 * @param readyBy when everybody is to be ready of whom nothing else is told; null: not known
 * @param faces what is told of single faces, by face
 */
public record ChairsDraft(
    @NotNull @Size(max = 20, message = "At most 20 artists work at once.")
        List<@NotNull @Valid ArtistDraft> artists,
    @Min(value = 0, message = "A turnover takes 0 to 240 minutes.")
        @Max(value = 240, message = "A turnover takes 0 to 240 minutes.")
        int turnoverMinutes,
    @Nullable LocalTime readyBy,
    @NotNull @Size(max = 100) Map<UUID, @NotNull @Valid FaceDraftWish> faces) {

  private static final JsonMapper JSON = JsonMapper.shared();
  private static final JSONB NONE = JSONB.valueOf("{}");

  /** A time in which nobody sits in the chair. */
  public record BreakDraft(@NotNull LocalTime from, @NotNull LocalTime until) {}

  /** Somebody who makes up faces. */
  public record ArtistDraft(
      @NotBlank(message = "Say who it is.") @Size(max = 60) String name,
      @NotNull(message = "Say from when.") LocalTime from,
      @NotNull(message = "Say until when.") LocalTime until,
      @NotNull @Size(max = 10) List<@NotNull @Valid BreakDraft> breaks) {}

  /**
   * @param minutes null: as its services usually take, and a tenth more
   */
  public record FaceDraftWish(
      @Nullable
          @Min(value = 1, message = "A face sits for 1 to 600 minutes.")
          @Max(value = 600, message = "A face sits for 1 to 600 minutes.")
          Integer minutes,
      @Nullable LocalTime readyBy,
      @Nullable LocalTime notBefore,
      @Nullable @Size(max = 60) String artist,
      boolean lead) {}

  /**
   * The core's wishes.
   *
   * @throws gerula.app.platform.errors.Refused with every fault
   */
  public ChairWishes toWishes() {
    Faults faults = new Faults();
    List<ArtistHours> built =
        IntStream.range(0, artists.size())
            .mapToObj(
                at ->
                    faults.build("chairs.artists[" + at + "].until", () -> artist(artists.get(at))))
            .flatMap(Optional::stream)
            .toList();
    faults.unless(
        artists.stream().map(ArtistDraft::name).distinct().count() == artists.size(),
        "chairs.artists",
        "twice",
        "Two artists have the same name. Tell them apart.");
    Map<UUID, FaceWish> wishes = new HashMap<>();
    faces.forEach(
        (face, wish) -> {
          faults.unless(
              wish.readyBy == null
                  || wish.notBefore == null
                  || wish.readyBy.equals(wish.notBefore)
                  || ChairHours.areInOrder(wish.notBefore, wish.readyBy),
              "chairs.faces." + face + ".readyBy",
              "rule",
              "She is to be ready before she is there. Say an earlier or a later time.");
          wishes.put(
              face,
              new FaceWish(wish.minutes, wish.readyBy, wish.notBefore, wish.artist, wish.lead));
        });
    faults.refuseIfAny();
    Optional<ChairWishes> told =
        faults.build(
            "chairs.artists", () -> new ChairWishes(built, turnoverMinutes, readyBy, wishes));
    faults.refuseIfAny();
    return told.orElseThrow();
  }

  private static ArtistHours artist(ArtistDraft one) {
    return new ArtistHours(
        one.name.strip(),
        new ChairHours(one.from, one.until),
        one.breaks.stream().map(pause -> new ChairHours(pause.from, pause.until)).toList());
  }

  static @Nullable ChairsDraft of(JSONB column) {
    return column.equals(NONE) ? null : JSON.readValue(column.data(), ChairsDraft.class);
  }

  static JSONB column(@Nullable ChairsDraft chairs) {
    return chairs == null
        ? NONE
        : JSONB.valueOf(
            JSON.writeValueAsString(
                new ChairsDraft(
                    chairs.artists,
                    chairs.turnoverMinutes,
                    chairs.readyBy,
                    new TreeMap<>(chairs.faces))));
  }
}
