package gerula.core.packing;

import gerula.core.kit.item.Item;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** Turns needs and what may meet them into what {@link Cover} searches, and back. */
final class FewestPieces {

  private final PackingList.PackingFacts facts;
  private final Map<UUID, Item> kit;
  private final Packs holding;
  private final Palettes palettes;
  private final Map<UUID, Integer> rank;

  /**
   * @param rank of each item in the order of equals
   */
  FewestPieces(
      PackingList.PackingFacts facts,
      Map<UUID, Item> kit,
      Packs holding,
      Palettes palettes,
      Map<UUID, Integer> rank) {
    this.facts = facts;
    this.kit = kit;
    this.holding = holding;
    this.palettes = palettes;
    this.rank = rank;
  }

  /** What is taken along so that all are met as far as they can be. */
  Set<UUID> of(List<Asking> asking) {
    Set<UUID> chosen = new HashSet<>();
    apart(asking).forEach(together -> chosen.addAll(fewest(together)));
    return chosen;
  }

  /** Needs that no item ties together are settled apart. */
  private List<List<Asking>> apart(List<Asking> asking) {
    Map<UUID, Integer> firstBy = new HashMap<>();
    int[] group = new int[asking.size()];
    for (int i = 0; i < group.length; i++) {
      group[i] = i;
      for (Item item : asking.get(i).allowed) {
        Integer first = firstBy.putIfAbsent(palettes.comesAs(item).id(), i);
        if (first != null) {
          group[root(group, i)] = root(group, first);
        }
      }
    }
    Map<Integer, List<Asking>> parts = new LinkedHashMap<>();
    for (int i = 0; i < group.length; i++) {
      if (asking.get(i).met > 0) {
        parts.computeIfAbsent(root(group, i), _ -> new ArrayList<>()).add(asking.get(i));
      }
    }
    return List.copyOf(parts.values());
  }

  private static int root(int[] group, int of) {
    int root = of;
    while (group[root] != root) {
      root = group[root];
    }
    return root;
  }

  private Set<UUID> fewest(List<Asking> together) {
    Set<UUID> ids = new LinkedHashSet<>();
    together.forEach(one -> one.allowed.forEach(item -> ids.add(item.id())));
    List<Item> packs = ids.stream().map(kit::get).toList();
    Map<UUID, Integer> index = new HashMap<>();
    packs.forEach(item -> index.put(item.id(), index.size()));
    Map<UUID, List<Integer>> byPiece = new LinkedHashMap<>();
    packs.forEach(
        item ->
            byPiece
                .computeIfAbsent(palettes.comesAs(item).id(), _ -> new ArrayList<>())
                .add(index.get(item.id())));
    List<Cover.Piece> pieces = byPiece.values().stream().map(some -> piece(some, packs)).toList();
    List<Cover.Demand> demands = new ArrayList<>();
    long[] held = packs.stream().mapToLong(holding::held).toArray();
    for (Asking one : together) {
      int[] some = one.allowed.stream().mapToInt(item -> index.get(item.id())).toArray();
      demands.add(new Cover.Demand(one.met, one.isShared, some));
    }
    long[] shares = packs.stream().mapToLong(holding::shares).toArray();
    BitSet found = new Cover(demands, pieces, held, shares).find();
    Set<UUID> chosen = new HashSet<>();
    found.stream()
        .forEach(
            i -> {
              for (int pack : pieces.get(i).packs()) {
                chosen.add(packs.get(pack).id());
              }
            });
    return chosen;
  }

  private Cover.Piece piece(List<Integer> some, List<Item> packs) {
    Item first = packs.get(some.getFirst());
    boolean isForced =
        some.stream()
            .map(i -> packs.get(i).id())
            .anyMatch(
                id ->
                    facts.packed().contains(id)
                        || facts.choices().pinned().contains(id)
                        || facts.choices().added().contains(id));
    return new Cover.Piece(
        some.stream().mapToInt(Integer::intValue).toArray(),
        palettes.mass(first).grams(),
        some.stream().mapToInt(i -> rank.get(packs.get(i).id())).min().orElse(0),
        isForced);
  }
}
