package gerula.app.depot.bench;

import gerula.app.depot.bench.BenchRecords.PieceView;
import gerula.app.depot.bench.SessionStore.StoredPiece;
import gerula.app.depot.empties.EmptyStore;
import gerula.app.depot.empties.EmptyStore.StoredEmpty;
import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.item.StoredItem;
import gerula.core.depot.Content;
import gerula.core.depot.Contents;
import gerula.core.depot.bench.Handling;
import gerula.core.depot.bench.Pace;
import gerula.core.quantity.Quantity;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The pieces of a session as they are answered. Everything here runs within a workspace. */
@Component
class PieceViews {

  private final SessionStore store;
  private final KitStore kit;
  private final EmptyStore empties;
  private final Views views;

  PieceViews(SessionStore store, KitStore kit, EmptyStore empties, Views views) {
    this.store = store;
    this.kit = kit;
    this.empties = empties;
    this.views = views;
  }

  /** What every piece is told with. */
  private record Known(
      Map<UUID, StoredItem> items,
      Map<UUID, StoredEmpty> kinds,
      Map<UUID, UUID> finished,
      Pace pace,
      KitViews now) {}

  /** In the order of work. */
  List<PieceView> of(UUID session) {
    List<StoredPiece> pieces = store.pieces(session);
    Known known =
        new Known(
            items(pieces),
            empties.all().stream().collect(Collectors.toMap(StoredEmpty::id, Function.identity())),
            store.finishingActs(session),
            store.pace(),
            views.now());
    return pieces.stream().map(one -> view(one, known)).toList();
  }

  private Map<UUID, StoredItem> items(List<StoredPiece> pieces) {
    List<UUID> ids =
        pieces.stream()
            .flatMap(one -> Stream.of(one.source(), one.decant()))
            .filter(Objects::nonNull)
            .distinct()
            .toList();
    return kit.itemsOf(ids).stream().collect(Collectors.toMap(StoredItem::id, Function.identity()));
  }

  private static PieceView view(StoredPiece one, Known known) {
    StoredItem source = Objects.requireNonNull(known.items().get(one.source()));
    StoredEmpty empty = Objects.requireNonNull(known.kinds().get(one.empty()));
    StoredItem decant = one.decant() == null ? null : known.items().get(one.decant());
    Content content = Planning.content(source);
    return PieceViewBuilder.stagedBuilder()
        .id(one.id())
        .version(one.version())
        .source(known.now().of(source))
        .empty(one.empty())
        .emptyName(empty.draft().name())
        .container(empty.draft().container())
        .amount(one.amount())
        .amountMl(
            Contents.volume(Quantity.of(one.amount(), source.item().left().unit()), content).ml())
        .handling(one.handling())
        .cautions(Handling.cautions(content).stream().sorted().toList())
        .state(one.state())
        .begunAt(one.begunAt())
        .seconds(one.seconds())
        .usualMinutes(known.pace().of(one.handling()))
        .decant(decant == null ? null : known.now().of(decant))
        .finishedBy(known.finished().get(one.id()))
        .mishap(one.mishap())
        .build();
  }
}
