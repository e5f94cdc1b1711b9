package gerula.core.packing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Turns needs and what may meet them into what {@link Cover} searches, and back. */
final class FewestPieces {

  private static final int NONE = -1;

  private final Candidates candidates;

  /** By rank of a candidate: its number among the packs that are looked at. */
  private final int[] packOf;

  FewestPieces(Candidates candidates) {
    this.candidates = candidates;
    this.packOf = new int[candidates.many()];
  }

  /** Ranks of what is taken along so that all are met as far as they can be. */
  BitSet of(List<Asking> asking) {
    BitSet chosen = new BitSet(candidates.many());
    apart(asking).forEach(together -> choose(together, chosen));
    return chosen;
  }

  /** Needs that no item ties together are settled apart. */
  private List<List<Asking>> apart(List<Asking> asking) {
    int[] firstBy = new int[candidates.pieces()];
    Arrays.fill(firstBy, NONE);
    int[] group = new int[asking.size()];
    for (int i = 0; i < group.length; i++) {
      group[i] = i;
      for (Candidate one : asking.get(i).allowed) {
        int first = firstBy[one.piece()];
        if (first == NONE) {
          firstBy[one.piece()] = i;
        } else {
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

  private void choose(List<Asking> together, BitSet chosen) {
    List<Candidate> packs = packs(together);
    List<Cover.Demand> demands = new ArrayList<>();
    for (Asking one : together) {
      int[] some = one.allowed.stream().mapToInt(able -> packOf[able.rank()]).toArray();
      demands.add(new Cover.Demand(one.met, one.isShared, some));
    }
    Map<Integer, List<Candidate>> byPiece = new LinkedHashMap<>();
    packs.forEach(pack -> byPiece.computeIfAbsent(pack.piece(), _ -> new ArrayList<>()).add(pack));
    List<Cover.Piece> pieces = byPiece.values().stream().map(this::piece).toList();
    long[] held = packs.stream().mapToLong(Candidate::held).toArray();
    long[] shares = packs.stream().mapToLong(Candidate::shares).toArray();
    new Cover(demands, pieces, held, shares)
        .find().stream()
            .flatMap(piece -> Arrays.stream(pieces.get(piece).packs()))
            .forEach(pack -> chosen.set(packs.get(pack).rank()));
  }

  /** What may meet any of them, each once, numbered. */
  private List<Candidate> packs(List<Asking> together) {
    Arrays.fill(packOf, NONE);
    List<Candidate> packs = new ArrayList<>();
    for (Asking one : together) {
      for (Candidate able : one.allowed) {
        if (packOf[able.rank()] == NONE) {
          packOf[able.rank()] = packs.size();
          packs.add(able);
        }
      }
    }
    return packs;
  }

  private Cover.Piece piece(List<Candidate> some) {
    return new Cover.Piece(
        some.stream().mapToInt(one -> packOf[one.rank()]).toArray(),
        some.getFirst().grams(),
        some.stream().mapToInt(Candidate::rank).min().orElse(0),
        some.stream().anyMatch(Candidate::isForced));
  }
}
