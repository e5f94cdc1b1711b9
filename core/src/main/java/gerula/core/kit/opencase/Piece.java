package gerula.core.kit.opencase;

import gerula.core.kit.product.Outline;
import java.util.UUID;

/** One item drawn in its compartment. */
public record Piece(UUID item, Outline outline, Box box) {

  Piece movedBy(double right, double down) {
    return new Piece(item, outline, box.movedBy(right, down));
  }
}
