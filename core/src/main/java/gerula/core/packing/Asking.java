package gerula.core.packing;

import gerula.core.booking.Need;
import gerula.core.kit.item.Item;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A need with what may meet it, the best first. */
final class Asking {

  final Need need;

  /** The part of a mix that is asked here; null where the need is met by what suits it. */
  final BasePlan.@Nullable MixPart part;

  final List<Item> able;
  final Map<UUID, Long> flaws;
  final long wanted;
  final boolean isShared;

  /** How far it can be met, once that is known. */
  long met;

  /** What it keeps to, once that is known: everything that serves it as well as has to be. */
  List<Item> allowed = List.of();

  Asking(
      Need need,
      BasePlan.@Nullable MixPart part,
      long wanted,
      List<Item> able,
      Map<UUID, Long> flaws) {
    this.need = need;
    this.part = part;
    this.wanted = wanted;
    this.able = able;
    this.flaws = flaws;
    this.isShared = need.withReserve() instanceof Need.Shared;
  }

  /** Keeps to everything that serves it as well as the worst of these does. */
  void keepTo(List<Item> used) {
    long worst = used.stream().mapToLong(item -> flaws.get(item.id())).max().orElse(-2);
    allowed = able.stream().filter(item -> flaws.get(item.id()) <= worst).toList();
  }
}
