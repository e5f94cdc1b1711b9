package gerula.core.kit.opencase;

import gerula.core.kit.item.Item;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Pieces in rows from left to right, long ones together; or one to a slot.
 *
 * @param height of all rows
 * @param scale of the pieces, 1 for the compartment's own
 * @param slots where slots are, empty when things lie freely
 */
record PieceRows(List<Piece> pieces, double height, double scale, List<Box> slots) {

  private static final double GAP_MM = 4;
  private static final double SMALLEST = 0.1;
  private static final double STEP = 0.93;

  static PieceRows fitted(
      List<Item> items, double width, double height, @Nullable Integer clearHeightMm) {
    double scale = 1;
    PieceRows rows = at(scale, items, width, clearHeightMm);
    while ((rows.height > height || rows.right() > width) && scale > SMALLEST) {
      scale *= STEP;
      rows = at(scale, items, width, clearHeightMm);
    }
    return rows;
  }

  static PieceRows asHighAsNeeded(List<Item> items, double width, @Nullable Integer clearHeightMm) {
    return fitted(items, width, Double.MAX_VALUE, clearHeightMm);
  }

  private double right() {
    return pieces.stream().mapToDouble(piece -> piece.box().right()).max().orElse(0);
  }

  private static PieceRows at(
      double scale, List<Item> items, double width, @Nullable Integer clearHeightMm) {
    List<Piece> pieces = new ArrayList<>();
    double x = 0;
    double y = 0;
    double rowHeight = 0;
    for (Item item : items) {
      LyingPosture lie = LyingPosture.of(item, clearHeightMm);
      double pieceWidth = lie.widthMm() * scale;
      double pieceDepth = lie.depthMm() * scale;
      if (x > 0 && x + pieceWidth > width) {
        x = 0;
        y += rowHeight + GAP_MM * scale;
        rowHeight = 0;
      }
      pieces.add(new Piece(item.id(), lie.outline(), new Box(x, y, pieceWidth, pieceDepth)));
      x += pieceWidth + GAP_MM * scale;
      rowHeight = Math.max(rowHeight, pieceDepth);
    }
    return new PieceRows(pieces, y + rowHeight, scale, List.of());
  }
}
