package gerula.app.booking;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.web.Visible;
import gerula.core.booking.Concern;
import gerula.core.booking.Face;
import gerula.core.booking.FaceBuilder;
import gerula.core.booking.Hair;
import gerula.core.booking.Service;
import gerula.core.booking.SkinType;
import gerula.core.booking.Zone;
import gerula.core.booking.look.Look;
import gerula.core.kit.product.Sensitivity;
import gerula.core.shade.Lab;
import gerula.core.shade.Undertone;
import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A face as somebody describes it. What came to be asked later may be left out.
 *
 * @param id made by the client for a new face, kept for one that stays
 * @param person who it is, null: whoever goes by the name, or nobody in particular
 * @param name as long as it is nobody in particular
 * @param depth skin depth, 1 (lightest) to 10 (deepest)
 * @param sensitivities known codes or own words
 * @param undertone null as long as nobody said
 * @param hair null: unknown
 * @param zones where the skin behaves differently from the rest
 * @param askedOn when somebody asked what she reacts to, null as long as nobody has
 * @param daysPresent the days she is there; none or null: all of them
 * @param looksPerDay 1 to 9; null: one
 * @param colour of the skin as #rrggbb, or lightness, a and b of CIELAB under D65, like "62 12 20";
 *     null or empty as long as only its depth is known
 * @param matches the product whose shade is hers; null where nobody said so
 * @param heads how many there are alike, 1 to 500; null: one
 * @param depthTo the deepest of a group, its lightest being the depth; null where all are alike
 * @param looks what was or will be done to her; null leaves them as they are
 */
@RecordBuilder
public record FaceDraft(
    @NotNull UUID id,
    @Nullable UUID person,
    @Visible(message = "A face has a name.")
        @Size(max = 80, message = "A name has at most 80 characters.")
        String name,
    double depth,
    @NotNull(message = "Say what skin it is.") SkinType skinType,
    @NotNull Set<Concern> concerns,
    @NotNull @Size(max = 30, message = "At most 30 sensitivities are noted.")
        List<String> sensitivities,
    @NotNull Set<Service> services,
    @Nullable Undertone undertone,
    @Nullable Hair hair,
    @Nullable @Size(max = 4) List<@NotNull @Valid ZoneSkin> zones,
    @Nullable LocalDate askedOn,
    @Nullable @Size(max = 366, message = "A booking has at most 366 days.")
        List<@NotNull LocalDate> daysPresent,
    @Nullable Integer looksPerDay,
    @Nullable @Size(max = 40, message = "A colour has at most 40 characters.") String colour,
    @Nullable UUID matches,
    @Nullable Integer heads,
    @Nullable Double depthTo,
    @Nullable @Size(max = 60, message = "A face has at most 60 looks.") @Valid
        List<@NotNull LookDraft> looks) {

  static FaceDraft of(Face face) {
    return FaceDraftBuilder.builder()
        .id(face.id())
        .person(face.person())
        .name(face.name())
        .depth(face.depth())
        .skinType(face.skinType())
        .concerns(face.concerns())
        .sensitivities(face.sensitivities().stream().sorted().map(Sensitivity::name).toList())
        .services(face.services())
        .undertone(face.undertone())
        .hair(face.hair())
        .zones(ZoneSkin.of(face.zones()))
        .askedOn(face.askedOn())
        .daysPresent(List.copyOf(face.daysPresent()))
        .looksPerDay(face.looksPerDay())
        .colour(face.colour() == null ? null : face.colour().told())
        .matches(face.matches())
        .heads(face.heads())
        .depthTo(face.depthTo())
        .looks(face.looks().stream().map(LookDraft::of).toList())
        .build();
  }

  /** The same face with all its days so many days later. */
  public FaceDraft laterBy(long days) {
    return FaceDraftBuilder.builder(this)
        .askedOn(askedOn == null ? null : askedOn.plusDays(days))
        .daysPresent(
            daysPresent == null
                ? null
                : daysPresent.stream().map(day -> day.plusDays(days)).toList())
        .looks(looks == null ? null : looks.stream().map(look -> look.laterBy(days)).toList())
        .build();
  }

  FaceDraft withLiner() {
    if (!services.contains(Service.EYES)) {
      return this;
    }
    Set<Service> all = EnumSet.copyOf(services);
    all.add(Service.LINER);
    return FaceDraftBuilder.builder(this).services(all).build();
  }

  Hair toldHair() {
    return hair == null ? Hair.UNKNOWN : hair;
  }

  Map<Zone, SkinType> toldZones() {
    return zones == null ? Map.of() : ZoneSkin.toMap(zones);
  }

  List<LocalDate> toldDays() {
    return daysPresent == null ? List.of() : daysPresent.stream().sorted().distinct().toList();
  }

  int toldLooksPerDay() {
    return looksPerDay == null ? 1 : looksPerDay;
  }

  int toldHeads() {
    return heads == null ? 1 : heads;
  }

  /** Those told; null where they stay as they are. */
  @Nullable List<Look> toldLooks() {
    return looks == null ? null : LookDraft.toLooks(looks, new Faults(), "");
  }

  /** Null as long as only its depth is known. */
  @Nullable Lab toldColour() {
    return colour == null || colour.isBlank() ? null : Lab.read(colour);
  }

  Optional<Face> toFace(Faults faults, String path) {
    Optional<Set<Sensitivity>> borneBadly =
        faults.build(
            path + "sensitivities",
            () -> sensitivities.stream().map(Sensitivity::new).collect(Collectors.toSet()));
    Optional<Double> deep =
        faults.build(path + "depth", () -> Face.requireDepth(depth, name.strip()));
    Optional<Optional<Lab>> seen =
        faults.build(path + "colour", () -> Optional.ofNullable(toldColour()));
    Optional<Integer> many =
        faults.build(path + "heads", () -> Face.requireHeads(toldHeads(), name.strip()));
    List<Look> all = looks == null ? List.of() : LookDraft.toLooks(looks, faults, path + "looks");
    faults.unless(
        depthTo == null || (depthTo >= depth && depthTo <= 10),
        path + "depthTo",
        "out-of-range",
        "A group goes from its lightest to its deepest: write a depth from the first to 10.");
    if (borneBadly.isEmpty() || deep.isEmpty() || seen.isEmpty() || many.isEmpty()) {
      return Optional.empty();
    }
    if (depthTo != null && !(depthTo >= depth && depthTo <= 10)) {
      return Optional.empty();
    }
    return faults.build(
        path + "looksPerDay",
        () ->
            FaceBuilder.builder(Face.of(id, name.strip(), depth, skinType, services))
                .person(person)
                .concerns(concerns)
                .sensitivities(borneBadly.get())
                .undertone(undertone)
                .hair(toldHair())
                .zones(toldZones())
                .askedOn(askedOn)
                .daysPresent(new TreeSet<>(toldDays()))
                .looksPerDay(toldLooksPerDay())
                .colour(seen.get().orElse(null))
                .matches(matches)
                .heads(many.get())
                .depthTo(depthTo)
                .looks(all)
                .build());
  }
}
