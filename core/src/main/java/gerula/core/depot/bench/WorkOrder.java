package gerula.core.depot.bench;

import gerula.core.depot.Content;
import java.util.Comparator;
import java.util.List;

/** The order in which packs are worked through. Common practice. */
final class WorkOrder {

  private WorkOrder() {}

  /** Thin before thick, powders apart from creams, heat last, when all alcohol is dry. */
  static List<Pack> of(List<Pack> packs) {
    return packs.stream().sorted(Comparator.comparingInt(pack -> turn(pack.content()))).toList();
  }

  private static int turn(Content content) {
    return switch (content.texture()) {
      case THIN_SPRAY, STICKY_SPRAY -> 0;
      case LIQUID -> 1 + content.thickness().ordinal();
      case LOOSE -> 4;
      case PRESSED -> 5;
      case PAINT, PIECES, UNKNOWN, STAYS -> 6;
      case SETTING -> 7;
      case MELTING -> 8;
      case SOLID -> Handling.of(content) == Handling.SOFTEN_WITH_HEAT ? 10 : 9;
    };
  }
}
