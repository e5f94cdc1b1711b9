package gerula.app.booking;

import gerula.core.packing.LoadChoices;
import gerula.core.packing.load.LoadObstacle;
import gerula.core.packing.load.LoadPlan.LeftPiece;
import gerula.core.packing.load.LoadPlan.PlacedPiece;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;

/**
 * Where things are packed. A compartment is told by its place, one of its slots by a number behind
 * a hash.
 *
 * @param pinned compartments that items have to lie in, by item
 * @param closed compartments that are left alone
 * @param placed what was planned last
 * @param left what had no place then
 */
public record LoadDraft(
    @NotNull @Size(max = 2000) Map<UUID, @NotNull @Pattern(regexp = SPOT) String> pinned,
    @NotNull @Size(max = 500) List<@NotNull @Pattern(regexp = SPOT) String> closed,
    @NotNull @Size(max = 2000) List<@NotNull @Valid PlacedDraft> placed,
    @NotNull @Size(max = 2000) List<@NotNull @Valid LeftDraft> left) {

  public static final String SPOT =
      "[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}(#[0-9]{1,3})?";

  private static final int MOST_MM = 10_000;

  /** An item in its compartment, in mm from the left front lower corner; measures as it lies. */
  public record PlacedDraft(
      @NotNull UUID item,
      @NotNull @Pattern(regexp = SPOT) String compartment,
      @Schema(name = "xMm") @Min(0) @Max(MOST_MM) int xMm,
      @Schema(name = "yMm") @Min(0) @Max(MOST_MM) int yMm,
      @Schema(name = "zMm") @Min(0) @Max(MOST_MM) int zMm,
      @Min(1) @Max(MOST_MM) int widthMm,
      @Min(1) @Max(MOST_MM) int depthMm,
      @Min(1) @Max(MOST_MM) int heightMm) {

    static PlacedDraft of(PlacedPiece one) {
      return new PlacedDraft(
          UUID.fromString(one.piece()),
          one.compartment(),
          one.xMm(),
          one.yMm(),
          one.zMm(),
          one.widthMm(),
          one.depthMm(),
          one.heightMm());
    }

    PlacedPiece toPlaced() {
      return new PlacedPiece(
          item.toString(), compartment, xMm, yMm, zMm, widthMm, depthMm, heightMm);
    }
  }

  /** An item without a place, and why. */
  public record LeftDraft(@NotNull UUID item, @NotNull LoadObstacle because) {}

  static LoadDraft of(LoadChoices load) {
    return new LoadDraft(
        new TreeMap<>(load.pinned()),
        load.closed().stream().sorted().toList(),
        load.placed().stream().map(PlacedDraft::of).toList(),
        load.left().stream()
            .map(one -> new LeftDraft(UUID.fromString(one.piece()), one.because()))
            .toList());
  }

  LoadChoices toLoad() {
    return new LoadChoices(
        pinned,
        new HashSet<>(closed),
        placed.stream().map(PlacedDraft::toPlaced).toList(),
        left.stream().map(one -> new LeftPiece(one.item().toString(), one.because())).toList());
  }
}
