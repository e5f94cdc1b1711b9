package gerula.core.kit.opencase;

import gerula.core.kit.place.PlaceKind;
import gerula.core.quantity.Mass;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A place laid open: its compartments side by side in order of reach, or its pieces.
 *
 * @param reach order of reach among its neighbours, from 1
 * @param fill share of its slots or of its inner volume taken by pieces, above 1 when over-full;
 *     null when it has neither
 * @param mass everything in it and its own
 * @param greatestMass null without a limit
 * @param count pieces in it, however deep
 * @param pieceScale 1 when pieces are drawn to the compartment's scale, less when they had to be
 *     drawn smaller because they lie on top of one another
 * @param slots where its slots are, empty when it has none
 * @param trays compartments, however deep
 * @param pieces what lies directly in it
 * @param findings what does not match, of this place and the pieces directly in it
 */
@RecordBuilder
public record Tray(
    UUID place,
    String name,
    PlaceKind kind,
    int reach,
    Box box,
    @Nullable Double fill,
    Mass mass,
    @Nullable Mass greatestMass,
    int count,
    double pieceScale,
    List<Box> slots,
    List<Tray> trays,
    List<Piece> pieces,
    List<CaseFinding> findings) {

  public Tray {
    slots = List.copyOf(slots);
    trays = List.copyOf(trays);
    pieces = List.copyOf(pieces);
    findings = List.copyOf(findings);
  }

  /** What does not match here and further in, outer places first. */
  public Stream<CaseFinding> allFindings() {
    return Stream.concat(findings.stream(), trays.stream().flatMap(Tray::allFindings));
  }

  /** Every piece here and further in. */
  public Stream<Piece> allPieces() {
    return Stream.concat(pieces.stream(), trays.stream().flatMap(Tray::allPieces));
  }

  Tray withFindings(List<CaseFinding> found) {
    return TrayBuilder.builder(this).findings(found).build();
  }

  Tray movedBy(double right, double down) {
    return TrayBuilder.builder(this)
        .box(box.movedBy(right, down))
        .slots(slots.stream().map(slot -> slot.movedBy(right, down)).toList())
        .trays(trays.stream().map(tray -> tray.movedBy(right, down)).toList())
        .pieces(pieces.stream().map(piece -> piece.movedBy(right, down)).toList())
        .build();
  }
}
