package gerula.core.packing;

import gerula.core.booking.Need;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;

/**
 * Which items meet the needs.
 *
 * <p>First it is found out how far each need can be met at all, by what is complete and then by
 * what is useless without something that is missing: one need after the other, those of the first
 * faces first, an earlier one never getting less for a later one ({@link Allotment}). Then each
 * keeps to the items that serve it as well as that takes, and of those the fewest pieces are chosen
 * that still meet all as far ({@link Cover}).
 */
final class Picks {

  private static final long WITHOUT_END = Long.MAX_VALUE / 1_000_000;

  /**
   * What was found for a need.
   *
   * @param amounts thousandths by item; 0 for what is shared
   * @param missing thousandths of what is needed, 0 when it is met; 1000 a piece of what is shared
   * @param isUseless whether something that meets it is useless for want of a companion
   * @param isWithoutReserve whether it is met and its reserve is not
   * @param refused everything of its kind and why it is not taken, told only for a need that is not
   *     met
   */
  record Pick(
      Need need,
      Map<UUID, Long> amounts,
      long missing,
      boolean isUseless,
      boolean isWithoutReserve,
      List<PackingFinding.Refused> refused) {

    boolean isMet() {
      return missing == 0 && !isUseless;
    }
  }

  private final PackingList.PackingFacts facts;
  private final Map<UUID, Item> kit;
  private final Suitability suitability;
  private final Taste taste;
  private final Palettes palettes;
  private final Map<UUID, Integer> rank = new HashMap<>();
  private final Set<UUID> runningOut = new TreeSet<>();

  Picks(
      PackingList.PackingFacts facts,
      Map<UUID, Item> kit,
      Suitability suitability,
      Taste taste,
      Palettes palettes) {
    this.facts = facts;
    this.kit = kit;
    this.suitability = suitability;
    this.taste = taste;
    this.palettes = palettes;
    for (Item item : kit.values().stream().sorted(taste.overall()).toList()) {
      rank.put(item.id(), rank.size());
    }
  }

  /** Items that would serve if they did not run out before the last day. */
  Set<UUID> runningOut() {
    return runningOut;
  }

  /** A need with what may meet it, the best first. */
  private static final class Asking {
    private final Need need;
    private final List<Item> able;
    private final Map<UUID, Long> flaws;
    private final long wanted;
    private final boolean isShared;
    private long met;
    private List<Item> allowed = List.of();

    private Asking(Need need, long wanted, List<Item> able, Map<UUID, Long> flaws) {
      this.need = need;
      this.wanted = wanted;
      this.able = able;
      this.flaws = flaws;
      this.isShared = need.withReserve() instanceof Need.Shared;
    }
  }

  List<Pick> of(List<Need> needs) {
    List<Asking> asking =
        new ArrayList<>(
            needs.stream()
                .sorted(Comparator.comparingInt(this::priority))
                .map(need -> asking(need, false, wanted(need)))
                .toList());
    Allotment allotment = new Allotment();
    asking.forEach(one -> meet(one, allotment));
    List<Asking> rest =
        asking.stream()
            .filter(one -> one.met < one.wanted)
            .map(one -> asking(one.need, true, one.wanted - one.met))
            .toList();
    rest.forEach(one -> meet(one, allotment));
    asking.addAll(rest);
    keepToTheBest(asking, allotment);
    Set<UUID> chosen = new HashSet<>();
    for (List<Asking> together : apart(asking)) {
      chosen.addAll(fewest(together));
    }
    Map<Need, Pick> found = share(asking, chosen);
    return needs.stream().map(found::get).toList();
  }

  /** Needs of the first faces come first, what is shared by all last. */
  private int priority(Need need) {
    return need.faces().stream()
        .mapToInt(facts.booking().faces()::indexOf)
        .min()
        .orElse(Integer.MAX_VALUE);
  }

  /**
   * @param isIncomplete whether only what is useless for want of a companion is asked
   */
  private Asking asking(Need need, boolean isIncomplete, long wanted) {
    List<Item> able = new ArrayList<>();
    Map<UUID, Long> flaws = new HashMap<>();
    for (Item item : suitability.ofClasses(need.code().kind().classes())) {
      Refusal refusal = suitability.refusal(need, item).orElse(null);
      if (refusal == null && taste.isIncomplete(item) == isIncomplete) {
        able.add(item);
        boolean isPinned =
            facts.choices().pinned().contains(item.id()) || facts.packed().contains(item.id());
        flaws.put(item.id(), isPinned ? -1 : taste.flaws(need, item));
      } else if (refusal instanceof Refusal.RunsOut) {
        runningOut.add(item.id());
      }
    }
    able.sort(
        Comparator.<Item>comparingLong(item -> flaws.get(item.id()))
            .thenComparingDouble(item -> palettes.mass(item).grams())
            .thenComparing(item -> rank.get(item.id())));
    return new Asking(need, wanted, able, flaws);
  }

  private long wanted(Need need) {
    Long decided = facts.choices().amounts().get(need.code().code());
    if (decided != null && need.amount() instanceof Need.Counted) {
      return decided * 1000;
    }
    return thousandths(need.withReserve());
  }

  /** What an amount takes in thousandths of its unit; 1000 for each piece that is shared. */
  static long thousandths(Need.Amount amount) {
    return switch (amount) {
      case Need.Shared shared -> shared.pieces() * 1000L;
      case Need.Measured measured -> measured.thousandths();
      case Need.Counted counted -> Math.multiplyExact(counted.pieces(), 1000L);
    };
  }

  private long held(Item item) {
    return isNeverUsedUp(item) ? WITHOUT_END : suitability.leftOf(item);
  }

  /** A trimmer serves as often as a razor a face. */
  private static boolean isNeverUsedUp(Item item) {
    return item.product().classes().contains(ProductClass.TRIMMER);
  }

  /** How many pieces of what is shared one item is. */
  private long shares(Item item) {
    return switch (item.left().unit()) {
      case PIECE -> Math.max(1000, suitability.leftOf(item));
      case ML, G -> 1000;
    };
  }

  private void meet(Asking one, Allotment allotment) {
    if (one.isShared) {
      long there = one.able.stream().mapToLong(this::shares).sum();
      one.met = Math.min(there, one.wanted);
      return;
    }
    one.able.forEach(item -> allotment.offer(item.id(), held(item)));
    one.met = one.wanted - allotment.serve(one.able.stream().map(Item::id).toList(), one.wanted);
  }

  /** Only now: a later one may have moved an earlier one to another pack. */
  private void keepToTheBest(List<Asking> asking, Allotment allotment) {
    int demand = 0;
    for (Asking one : asking) {
      List<Item> used =
          one.isShared
              ? firstOf(one)
              : allotment.takenBy(demand++).keySet().stream().map(kit::get).toList();
      one.allowed = asGoodAs(one, used);
    }
  }

  private List<Item> firstOf(Asking shared) {
    long there = 0;
    int enough = 0;
    while (enough < shared.able.size() && there < shared.wanted) {
      there += shares(shared.able.get(enough++));
    }
    return shared.able.subList(0, enough);
  }

  /** Everything that serves a need as well as the worst of these does. */
  private static List<Item> asGoodAs(Asking one, List<Item> used) {
    long worst = used.stream().mapToLong(item -> one.flaws.get(item.id())).max().orElse(-2);
    return one.able.stream().filter(item -> one.flaws.get(item.id()) <= worst).toList();
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
    long[] held = packs.stream().mapToLong(this::held).toArray();
    for (Asking one : together) {
      int[] some = one.allowed.stream().mapToInt(item -> index.get(item.id())).toArray();
      demands.add(new Cover.Demand(one.met, one.isShared, some));
    }
    long[] shares = packs.stream().mapToLong(this::shares).toArray();
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

  /** What each takes of what was chosen. */
  private Map<Need, Pick> share(List<Asking> asking, Set<UUID> chosen) {
    Allotment allotment = new Allotment();
    for (Asking one : asking) {
      if (!one.isShared) {
        List<Item> some = chosenOf(one, chosen);
        some.forEach(item -> allotment.offer(item.id(), held(item)));
        allotment.serve(some.stream().map(Item::id).toList(), one.wanted);
      }
    }
    Map<Need, Map<UUID, Long>> taken = new LinkedHashMap<>();
    int demand = 0;
    for (Asking one : asking) {
      Map<UUID, Long> some = one.isShared ? shared(one, chosen) : allotment.takenBy(demand++);
      taken.computeIfAbsent(one.need, _ -> new LinkedHashMap<>()).putAll(some);
    }
    Map<Need, Pick> found = new HashMap<>();
    taken.forEach((need, amounts) -> found.put(need, pick(need, amounts)));
    return found;
  }

  private static List<Item> chosenOf(Asking one, Set<UUID> chosen) {
    return one.able.stream().filter(item -> chosen.contains(item.id())).toList();
  }

  private Map<UUID, Long> shared(Asking one, Set<UUID> chosen) {
    Need.Shared amount = (Need.Shared) one.need.withReserve();
    Map<UUID, Long> taken = new LinkedHashMap<>();
    long there = 0;
    for (Item item : chosenOf(one, chosen)) {
      if (there < one.wanted) {
        taken.put(item.id(), 0L);
        there += shares(item);
      }
    }
    // Where the kit has more than there must be, as many come as are of use.
    for (Item item : one.able) {
      boolean isReady = item.cleanliness() == Cleanliness.CLEAN && !taken.containsKey(item.id());
      if (isReady && there >= one.wanted && there < amount.most() * 1000L) {
        taken.put(item.id(), 0L);
        there += shares(item);
      }
    }
    return taken;
  }

  private Pick pick(Need need, Map<UUID, Long> taken) {
    boolean isShared = need.amount() instanceof Need.Shared;
    long met =
        isShared
            ? taken.keySet().stream().mapToLong(id -> shares(kit.get(id))).sum()
            : taken.values().stream().mapToLong(Long::longValue).sum();
    long wanted = wanted(need);
    long missing = Math.max(0, Math.min(wanted, thousandths(need.amount())) - met);
    taken.replaceAll((id, amount) -> isNeverUsedUp(kit.get(id)) ? 0 : amount);
    return new Pick(
        need,
        taken,
        missing,
        taken.keySet().stream().anyMatch(id -> taste.isIncomplete(kit.get(id))),
        missing == 0 && met < wanted,
        missing > 0 ? refused(need) : List.of());
  }

  private List<PackingFinding.Refused> refused(Need need) {
    return suitability.ofClasses(need.code().kind().classes()).stream()
        .map(
            item ->
                new PackingFinding.Refused(
                    item.id(), suitability.refusal(need, item).orElseGet(Refusal.UsedUp::new)))
        .toList();
  }
}
