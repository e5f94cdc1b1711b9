package gerula.app.packing;

import gerula.core.kit.item.Item;
import gerula.core.kit.opencase.OpenCase;
import gerula.core.kit.opencase.Tray;
import gerula.core.packing.ListTrailer;
import gerula.core.packing.PackingLine;
import gerula.core.packing.TakenReason;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** The chosen bags as they will be when everything on the list is in them. */
final class BagsOpen {

  private BagsOpen() {}

  static List<Tray> of(Packing.BookingFacts facts, List<PackingLine> lines) {
    Map<UUID, UUID> goesTo = new HashMap<>();
    lines.stream()
        // It lies in a palette that is drawn closed.
        .filter(line -> line.reasonsOf(TakenReason.Lifted.class).isEmpty())
        .forEach(line -> goesTo.put(line.item().id(), line.goesTo()));
    List<Item> packed =
        facts.kit().items().stream()
            .map(item -> goesTo.get(item.id()) == null ? item : item.movedTo(goesTo.get(item.id())))
            .toList();
    return ListTrailer.carried(facts.booking().bags(), facts.places()).stream()
        .flatMap(bag -> facts.places().find(bag).stream())
        .map(bag -> OpenCase.layOut(bag, facts.places(), packed))
        .toList();
  }
}
