package gerula.app.kit;

import gerula.app.platform.errors.Faults;
import gerula.core.kit.PlaceKind;
import gerula.core.kit.Section;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A place as somebody describes it. Lengths in mm, masses in g. */
public record PlaceDraft(
    @Nullable UUID parent,
    @NotBlank(message = "A place has a name.")
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
    @Nullable Section section) {

  public Faults check(Faults faults, String path) {
    length(faults, path + "innerWidthMm", innerWidthMm);
    length(faults, path + "innerDepthMm", innerDepthMm);
    length(faults, path + "innerHeightMm", innerHeightMm);
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
