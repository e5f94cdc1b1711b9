package gerula.core.packing.trailer;

import gerula.core.packing.trailer.TrailerDay.Brought;
import gerula.core.packing.trailer.TrailerDay.GoesHome;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/**
 * What is in the trailer, one day after the other: it comes when it is needed and goes home when it
 * is needed no more, or for the night where frost or heat would spoil it.
 */
final class Stays {

  private final List<TrailerPiece> pieces;
  private final Set<UUID> there = new HashSet<>();
  private final Set<UUID> wasThere = new HashSet<>();

  Stays(List<TrailerPiece> pieces) {
    this.pieces = pieces;
    pieces.stream().filter(TrailerPiece::isThere).map(TrailerPiece::item).forEach(there::add);
    wasThere.addAll(there);
  }

  /** The next day, from its morning to its night. */
  TrailerDay through(LocalDate day) {
    List<Brought> bring = new ArrayList<>();
    List<GoesHome> home = new ArrayList<>();
    for (TrailerPiece piece : pieces) {
      UUID item = piece.item();
      if (piece.days().contains(day) && there.add(item)) {
        bring.add(new Brought(item, !wasThere.add(item)));
      }
      boolean isOver = !piece.isNeededAfter(day);
      boolean leaves = !piece.livesThere() && (isOver || piece.spoilsOvernight());
      if (leaves && there.remove(item)) {
        home.add(new GoesHome(item, !isOver));
      }
    }
    return new TrailerDay(day, bring, there.size(), home);
  }
}
