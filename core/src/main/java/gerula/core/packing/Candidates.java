package gerula.core.packing;

import gerula.core.booking.Need;
import gerula.core.booking.NeedKind;
import gerula.core.kit.item.Item;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Everything that may be picked, sorted out once: each need asks the whole of its kind, and what is
 * the same for every need is not asked again.
 */
final class Candidates {

  private final PackingList.PackingFacts facts;
  private final Suitability suitability;
  private final Taste taste;
  private final Palettes palettes;
  private final Packs packs;

  /** By the item itself: asked of thousands, over and over. */
  private final Map<Item, Candidate> all = new IdentityHashMap<>();

  private final List<Candidate> byRank = new ArrayList<>();
  private final Map<NeedKind, List<Candidate>> ofKind = new HashMap<>();
  private final Map<UUID, Integer> pieces = new HashMap<>();

  Candidates(
      PackingList.PackingFacts facts, Suitability suitability, Taste taste, Palettes palettes) {
    this.facts = facts;
    this.suitability = suitability;
    this.taste = taste;
    this.palettes = palettes;
    this.packs = new Packs(suitability);
    for (Item item : taste.inOrder(suitability.notOut(facts.kit().all()))) {
      Candidate candidate = candidate(item, byRank.size());
      all.put(item, candidate);
      byRank.add(candidate);
    }
  }

  private Candidate candidate(Item item, int rank) {
    UUID id = item.id();
    boolean isPinned = facts.choices().pinned().contains(id);
    UUID whole = palettes.comesAs(item).id();
    Integer piece = pieces.putIfAbsent(whole, pieces.size());
    return new Candidate(
        item,
        rank,
        piece == null ? pieces.size() - 1 : piece,
        palettes.mass(item).grams(),
        packs.held(item),
        packs.shares(item),
        isPinned,
        isPinned || facts.packed().contains(id) || facts.choices().added().contains(id),
        taste.isIncomplete(item),
        suitability.runsOut(item));
  }

  /** How many there are. */
  int many() {
    return byRank.size();
  }

  /** How many pieces they come as. */
  int pieces() {
    return pieces.size();
  }

  /** The one of this rank. */
  Candidate at(int rank) {
    return byRank.get(rank);
  }

  /** Everything of the kind that is asked for. */
  List<Candidate> inReach(Need need) {
    return ofKind.computeIfAbsent(need.code().kind(), _ -> known(suitability.inReach(need)));
  }

  /** Everything of this product. */
  List<Candidate> ofProduct(UUID product) {
    return known(suitability.ofProduct(product));
  }

  private List<Candidate> known(List<Item> some) {
    List<Candidate> known = new ArrayList<>();
    for (Item item : some) {
      Candidate candidate = all.get(item);
      if (candidate != null) {
        known.add(candidate);
      }
    }
    return known;
  }
}
