package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.kit.item.Item;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** Compares an item that is not taken with what is. */
final class Comparisons {

  private final Suitability suitability;
  private final Taste taste;
  private final Palettes palettes;
  private final PackingList.PackingFacts facts;

  Comparisons(
      Suitability suitability, Taste taste, Palettes palettes, PackingList.PackingFacts facts) {
    this.suitability = suitability;
    this.taste = taste;
    this.palettes = palettes;
    this.facts = facts;
  }

  WhyNot.NeedAnswer answer(Picks.Pick pick, Item item, Map<UUID, Item> kit, List<Picks.Pick> all) {
    Need need = pick.need();
    List<UUID> faces = need.faces().stream().map(Face::id).distinct().toList();
    Optional<Refusal> refusal = suitability.refusal(need, item);
    Optional<Item> taken =
        pick.amounts().keySet().stream()
            .map(kit::get)
            .filter(one -> !one.id().equals(item.id()))
            .min(Comparator.comparing(one -> one, taste.overall()));
    if (refusal.isPresent() || taken.isEmpty()) {
      return new WhyNot.NeedAnswer(need.code(), faces, refusal.orElse(null), null, null);
    }
    return new WhyNot.NeedAnswer(
        need.code(), faces, null, taken.get().id(), because(need, taken.get(), item, all));
  }

  private Preferred because(Need need, Item taken, Item other, List<Picks.Pick> all) {
    if (isPinned(taken) && !isPinned(other)) {
      return Preferred.PINNED;
    }
    if (taste.isIncomplete(other) && !taste.isIncomplete(taken)) {
      return Preferred.COMPLETE;
    }
    Optional<Preferred> better = taste.decides(need, taken, other);
    if (better.isPresent()) {
      return better.get();
    }
    boolean servesMore =
        all.stream()
            .filter(pick -> pick.amounts().containsKey(taken.id()))
            .map(Picks.Pick::need)
            .anyMatch(
                one ->
                    !suitability.isOfKind(one, other)
                        || suitability.refusal(one, other).isPresent());
    if (servesMore) {
      return Preferred.FEWER_PIECES;
    }
    if (palettes.mass(taken).grams() < palettes.mass(other).grams()) {
      return Preferred.LIGHTER;
    }
    return taste.decides(taken, other).orElse(Preferred.BY_NAME);
  }

  private boolean isPinned(Item item) {
    return facts.choices().pinned().contains(item.id()) || facts.packed().contains(item.id());
  }
}
