package gerula.core.kit.opencase;

import gerula.core.kit.item.Item;
import gerula.core.kit.place.Inside;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The equal slots of a place, row by row, and one piece in each. */
record SlotGrid(List<Box> slots, double scale, @Nullable Integer clearHeightMm) {

  private static final double WALL_MM = 2;

  /**
   * Slots keep their measured size as long as they all fit; unmeasured ones share the room.
   *
   * @param inside of a place that has slots
   */
  static SlotGrid of(Inside inside, double width, double depth) {
    Inside.Slots slots = Objects.requireNonNull(inside.slots());
    int columns = columns(inside, slots, width, depth);
    int rows = Math.ceilDiv(slots.count(), columns);
    double slotWidth = slots.widthMm() != null ? slots.widthMm() : width / columns - WALL_MM;
    double slotDepth = slots.depthMm() != null ? slots.depthMm() : depth / rows - WALL_MM;
    double scale =
        Math.min(
            1,
            Math.min(
                width / (columns * (slotWidth + WALL_MM)), depth / (rows * (slotDepth + WALL_MM))));
    List<Box> boxes = new ArrayList<>();
    for (int slot = 0; slot < slots.count(); slot++) {
      boxes.add(
          new Box(
              slot % columns * (slotWidth + WALL_MM) * scale,
              slot / columns * (slotDepth + WALL_MM) * scale,
              Math.max(1, slotWidth * scale),
              Math.max(1, slotDepth * scale)));
    }
    return new SlotGrid(boxes, scale, inside.clearHeightMm());
  }

  /** As many beside each other as the place is wide, walls between them included in its measure. */
  private static int columns(Inside inside, Inside.Slots slots, double width, double depth) {
    double across = inside.widthMm() != null ? inside.widthMm() : width;
    return (int)
        Math.clamp(
            slots.widthMm() != null
                ? Math.floor(across / slots.widthMm())
                : Math.ceil(Math.sqrt(slots.count() * width / depth)),
            1,
            slots.count());
  }

  /**
   * Each piece in its own slot, the others in the free ones in their order; what is more than the
   * slots lies over the last one.
   */
  PieceRows filledWith(List<Item> items) {
    Map<Item, Integer> spots = SlotOrder.of(items, slots.size());
    List<Piece> pieces = new ArrayList<>();
    for (Item item : items) {
      pieces.add(piece(item, slots.get(spots.get(item))));
    }
    double height = slots.getLast().bottom();
    return new PieceRows(pieces, height, scale, slots);
  }

  private Piece piece(Item item, Box slot) {
    LyingPosture lie = LyingPosture.of(item, clearHeightMm);
    double fit =
        Math.min(scale, Math.min(slot.width() / lie.widthMm(), slot.height() / lie.depthMm()));
    double width = lie.widthMm() * fit;
    double depth = lie.depthMm() * fit;
    return new Piece(
        item.id(),
        lie.outline(),
        new Box(
            slot.x() + (slot.width() - width) / 2,
            slot.y() + (slot.height() - depth) / 2,
            width,
            depth));
  }
}
