package gerula.app.kit.place;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.web.Visible;
import gerula.core.kit.intake.UsualTray;
import gerula.core.kit.intake.place.PlaceSketch;
import gerula.core.kit.place.Inside;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceUse;
import gerula.core.kit.place.SetContent;
import gerula.core.kit.product.Section;
import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A place as somebody describes it. Lengths in mm, masses in g.
 *
 * @param parent the place it lies in now, null when it stands alone
 * @param home the place it belongs in, null when it belongs nowhere else
 * @param allowed what may lie in it, empty for anything
 * @param performer the name of whose section it is, null for nobody's in particular
 * @param personId the same person by id, which counts before the name; of a place of what is lent,
 *     who has borrowed it
 * @param thing the item this place is, null for most
 * @param estimated whether its measures are a rough size that nobody took with a ruler; null: no
 * @param setContents what it is to hold when it is ready; null: as it was
 * @param use what it serves for, null for the working kit
 */
@RecordBuilder
public record PlaceDraft(
    @Nullable UUID parent,
    @Visible(message = "A place has a name.")
        @Size(max = 80, message = "A name has at most 80 characters.")
        String name,
    @NotNull(message = "Say what kind of place it is.") PlaceKind kind,
    boolean portable,
    @Min(value = 1, message = "The order of reach starts with 1.")
        @Max(value = 999, message = "The order of reach ends with 999.")
        int reach,
    @Nullable Integer innerWidthMm,
    @Nullable Integer innerDepthMm,
    @Nullable Integer innerHeightMm,
    @Min(value = 0, message = "A mass is not negative.")
        @Max(value = 500_000, message = "An empty place weighs at most 500 kg.")
        int ownMassG,
    @Nullable
        @Min(value = 1, message = "The greatest mass is more than nothing.")
        @Max(value = 500_000, message = "A place carries at most 500 kg.")
        Integer greatestMassG,
    @Nullable Section section,
    @Nullable UUID home,
    @Nullable @Valid SlotsDraft slots,
    boolean sealed,
    boolean windowed,
    boolean worn,
    Set<Section> allowed,
    @Nullable @Size(max = 80, message = "A name has at most 80 characters.") String performer,
    @Nullable UUID thing,
    @Size(max = 2000, message = "A note has at most 2000 characters.") String note,
    @Nullable UUID personId,
    @Nullable Boolean estimated,
    @Nullable
        @Size(max = SetContent.MOST, message = "A place is to hold at most 40 kinds of items.")
        List<@NotNull @Valid SetContentDraft> setContents,
    @Nullable PlaceUse use) {

  /** Equal slots in a grid; measures in mm, null when never measured. */
  public record SlotsDraft(
      int count,
      @Nullable Integer widthMm,
      @Nullable Integer depthMm,
      @Nullable Integer heightMm) {}

  public PlaceDraft {
    allowed = allowed == null ? Set.of() : Set.copyOf(allowed);
    note = note == null ? "" : note;
    estimated = estimated != null && estimated;
    performer = performer == null || performer.isBlank() ? null : performer.strip();
  }

  /** The place of what is lent to somebody. */
  static PlaceDraft lentTo(String person) {
    return bare(person, null, PlaceKind.LENT, 900);
  }

  /** A place of which only the name is known. */
  public static PlaceDraft named(String name, @Nullable UUID parent) {
    return bare(name, parent, parent == null ? PlaceKind.STORE : PlaceKind.COMPARTMENT, 100);
  }

  /** A case that can be carried, nothing of it measured yet. */
  public static PlaceDraft usualCase(String name) {
    return PlaceDraftBuilder.builder(bare(name, null, PlaceKind.CASE, 1)).portable(true).build();
  }

  /** A tray of such a case, laid out for a part of the work. */
  public static PlaceDraft usualTray(UsualTray tray, UUID within) {
    return PlaceDraftBuilder.builder(bare(tray.title(), within, PlaceKind.TRAY, tray.ordinal() + 1))
        .section(tray.first())
        .allowed(tray.sections())
        .build();
  }

  /** One of those a line tells of. */
  public static PlaceDraft sketched(PlaceSketch sketch, @Nullable UUID parent, int reach) {
    Inside inside = sketch.inside();
    Inside.Slots slots = inside.slots();
    return PlaceDraftBuilder.builder(bare(sketch.name(), parent, sketch.kind(), reach))
        .portable(sketch.isPortable())
        .innerWidthMm(inside.widthMm())
        .innerDepthMm(inside.depthMm())
        .innerHeightMm(inside.heightMm())
        .ownMassG(sketch.ownMassG())
        .greatestMassG(sketch.greatestMassG())
        .section(sketch.section())
        .slots(slots == null ? null : new SlotsDraft(slots.count(), null, null, null))
        .sealed(inside.isSealed())
        .windowed(sketch.isWindowed())
        .worn(sketch.isWorn())
        .estimated(sketch.isEstimated())
        .build();
  }

  private static PlaceDraft bare(String name, @Nullable UUID parent, PlaceKind kind, int reach) {
    return PlaceDraftBuilder.stagedBuilder()
        .parent(parent)
        .name(name)
        .kind(kind)
        .portable(false)
        .reach(reach)
        .innerWidthMm(null)
        .innerDepthMm(null)
        .innerHeightMm(null)
        .ownMassG(0)
        .greatestMassG(null)
        .section(null)
        .home(null)
        .slots(null)
        .sealed(false)
        .windowed(false)
        .worn(false)
        .allowed(Set.of())
        .performer(null)
        .thing(null)
        .note("")
        .personId(null)
        .estimated(false)
        .setContents(null)
        .use(null)
        .build();
  }

  /** The name of the person it is about: of lent things the place bears it. */
  public @Nullable String personName() {
    return kind == PlaceKind.LENT ? name : performer;
  }

  public Faults check(Faults faults, String path) {
    length(faults, path + "innerWidthMm", innerWidthMm);
    length(faults, path + "innerDepthMm", innerDepthMm);
    length(faults, path + "innerHeightMm", innerHeightMm);
    faults.unless(
        setContents == null || SetContentDraft.isClear(setContents),
        path + "setContents",
        "twice",
        "One kind of item stands there twice. Add the two numbers up.");
    if (slots != null) {
      faults.build(
          path + "slots",
          () ->
              new Inside.Slots(slots.count(), slots.widthMm(), slots.depthMm(), slots.heightMm()));
    }
    return faults;
  }

  private static void length(Faults faults, String path, @Nullable Integer length) {
    faults.unless(
        length == null || (length >= 1 && length <= 10_000),
        path,
        "out-of-range",
        "A length lies between 1 and 10,000 mm, but this is " + length + ".");
  }
}
