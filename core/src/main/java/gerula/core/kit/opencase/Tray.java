package gerula.core.kit.opencase;

import gerula.core.quantity.Mass;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A place laid open: its compartments side by side in order of reach, or its pieces.
 *
 * @param reach order of reach among its neighbours, from 1
 * @param fill share of its inner volume taken by pieces, above 1 when over-full; null when it was
 *     never measured
 * @param mass everything in it and its own
 * @param greatestMass null without a limit
 * @param pieceScale 1 when pieces are drawn to the compartment's scale, less when they had to be
 *     drawn smaller because they lie on top of one another
 * @param trays compartments, however deep
 * @param pieces what lies directly in it
 */
public record Tray(
    UUID place,
    String name,
    int reach,
    Box box,
    @Nullable Double fill,
    Mass mass,
    @Nullable Mass greatestMass,
    double pieceScale,
    List<Tray> trays,
    List<Piece> pieces) {

  public Tray {
    trays = List.copyOf(trays);
    pieces = List.copyOf(pieces);
  }

  Tray movedBy(double right, double down) {
    return new Tray(
        place,
        name,
        reach,
        box.movedBy(right, down),
        fill,
        mass,
        greatestMass,
        pieceScale,
        trays.stream().map(tray -> tray.movedBy(right, down)).toList(),
        pieces.stream().map(piece -> piece.movedBy(right, down)).toList());
  }
}
