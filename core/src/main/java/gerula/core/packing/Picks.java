package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.shade.Mixing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

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

  /**
   * What was found for a need.
   *
   * @param amounts thousandths by item; 0 for what is shared
   * @param missing thousandths of what is needed, 0 when it is met; 1000 a piece of what is shared
   * @param isUseless whether something that meets it is useless for want of a companion
   * @param isWithoutReserve whether it is met and its reserve is not
   */
  record Pick(
      Need need,
      Map<UUID, Long> amounts,
      long missing,
      boolean isUseless,
      boolean isWithoutReserve) {

    Pick stillMissing(long less) {
      return new Pick(need, amounts, less, isUseless, isWithoutReserve);
    }

    boolean isMet() {
      return missing == 0 && !isUseless;
    }
  }

  private final PackingList.PackingFacts facts;
  private final Map<UUID, Item> kit;
  private final Suitability suitability;
  private final Taste taste;
  private final Palettes palettes;
  private final BasePlan plan;
  private final Packs holding;
  private final Map<UUID, Integer> rank = new HashMap<>();
  private final Map<UUID, Integer> place = new HashMap<>();
  private final Set<UUID> runningOut = new TreeSet<>();

  Picks(
      PackingList.PackingFacts facts,
      Map<UUID, Item> kit,
      Suitability suitability,
      Taste taste,
      Palettes palettes,
      BasePlan plan) {
    this.facts = facts;
    this.plan = plan;
    this.kit = kit;
    this.suitability = suitability;
    this.taste = taste;
    this.palettes = palettes;
    this.holding = new Packs(suitability);
    for (Item item : taste.inOrder(suitability.notOut(kit.values()))) {
      rank.put(item.id(), rank.size());
    }
    List<Face> faces = facts.booking().faces();
    for (int i = 0; i < faces.size(); i++) {
      place.put(faces.get(i).id(), i);
    }
  }

  /** Items that would serve if they did not run out before the last day. */
  Set<UUID> runningOut() {
    return runningOut;
  }

  List<Pick> of(List<Need> needs) {
    List<Asking> asking = settled(needs);
    Set<UUID> chosen = fewest().of(asking);
    Map<Need, Pick> found = share(asking, chosen);
    return needs.stream().map(found::get).toList();
  }

  FewestPieces fewest() {
    return new FewestPieces(facts, kit, holding, palettes, rank);
  }

  /** How far each need can be met, and what it keeps to. */
  List<Asking> settled(List<Need> needs) {
    List<Asking> asking = new ArrayList<>();
    inPriority(needs).forEach(need -> ask(need, asking));
    Allotment allotment = new Allotment();
    asking.forEach(one -> meet(one, allotment));
    List<Asking> rest =
        asking.stream()
            .filter(one -> one.met < one.wanted)
            .map(one -> asking(one.need, one.part, true, one.wanted - one.met))
            .toList();
    rest.forEach(one -> meet(one, allotment));
    asking.addAll(rest);
    keepToTheBest(asking, allotment);
    return asking;
  }

  private List<Need> inPriority(List<Need> needs) {
    Map<Need, Integer> priority = new IdentityHashMap<>();
    needs.forEach(need -> priority.put(need, priority(need)));
    return needs.stream().sorted(Comparator.comparingInt(priority::get)).toList();
  }

  /** Needs of the first faces come first, what is shared by all last. */
  private int priority(Need need) {
    return need.faces().stream()
        .mapToInt(face -> place.get(face.id()))
        .min()
        .orElse(Integer.MAX_VALUE);
  }

  /** Once for what suits it, or once for each part of a mix. */
  private void ask(Need need, List<Asking> asking) {
    BasePlan.Mix mix = plan.mix(need);
    if (mix == null) {
      asking.add(asking(need, null, false, wanted(need)));
      return;
    }
    for (BasePlan.MixPart part : mix.parts()) {
      asking.add(asking(need, part, false, partOf(wanted(need), part)));
    }
  }

  private static long partOf(long whole, BasePlan.MixPart part) {
    return Math.ceilDiv(whole * part.tenths(), Mixing.TENTHS);
  }

  /**
   * @param part null for the whole need
   * @param isIncomplete whether only what is useless for want of a companion is asked
   */
  private Asking asking(
      Need need, BasePlan.@Nullable MixPart part, boolean isIncomplete, long wanted) {
    List<Asking.Able> able = new ArrayList<>();
    List<Item> some =
        part == null ? suitability.inReach(need) : suitability.ofProduct(part.product());
    for (Item item : some) {
      Refusal refusal =
          (part == null ? suitability.refusal(need, item) : suitability.refusalButShade(need, item))
              .orElse(null);
      if (refusal == null && taste.isIncomplete(item) == isIncomplete) {
        able.add(able(need, item));
      } else if (refusal instanceof Refusal.RunsOut) {
        runningOut.add(item.id());
      }
    }
    able.sort(Asking.Able.BEST_FIRST);
    return new Asking(need, part, wanted, able);
  }

  private Asking.Able able(Need need, Item item) {
    // What is packed stays, but what serves somebody better is no reason less for that.
    boolean isPinned = facts.choices().pinned().contains(item.id());
    return new Asking.Able(
        item,
        isPinned ? -1 : taste.flaws(need, item),
        palettes.mass(item).grams(),
        rank.get(item.id()));
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

  private void meet(Asking one, Allotment allotment) {
    if (one.isShared) {
      long there = one.able.stream().mapToLong(holding::shares).sum();
      one.met = Math.min(there, one.wanted);
      return;
    }
    one.able.forEach(item -> allotment.offer(item.id(), holding.held(item)));
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
      one.keepTo(used);
    }
  }

  private List<Item> firstOf(Asking shared) {
    long there = 0;
    int enough = 0;
    while (enough < shared.able.size() && there < shared.wanted) {
      there += holding.shares(shared.able.get(enough++));
    }
    return shared.able.subList(0, enough);
  }

  /** What each takes of what was chosen. */
  private Map<Need, Pick> share(List<Asking> asking, Set<UUID> chosen) {
    Allotment allotment = new Allotment();
    for (Asking one : asking) {
      if (!one.isShared) {
        List<Item> some = chosenOf(one, chosen);
        some.forEach(item -> allotment.offer(item.id(), holding.held(item)));
        allotment.serve(some.stream().map(Item::id).toList(), one.wanted);
      }
    }
    // By themselves: each need stands once, and telling them apart by all they are takes long.
    Map<Need, Map<UUID, Long>> taken = new IdentityHashMap<>();
    int demand = 0;
    for (Asking one : asking) {
      Map<UUID, Long> some = one.isShared ? shared(one, chosen) : allotment.takenBy(demand++);
      taken.computeIfAbsent(one.need, _ -> new LinkedHashMap<>()).putAll(some);
    }
    Map<Need, Pick> found = new IdentityHashMap<>();
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
        there += holding.shares(item);
      }
    }
    // Where the kit has more than there must be, as many come as are of use.
    for (Item item : one.able) {
      boolean isReady = item.cleanliness() == Cleanliness.CLEAN && !taken.containsKey(item.id());
      if (isReady && there >= one.wanted && there < amount.most() * 1000L) {
        taken.put(item.id(), 0L);
        there += holding.shares(item);
      }
    }
    return taken;
  }

  private Pick pick(Need need, Map<UUID, Long> taken) {
    boolean isShared = need.amount() instanceof Need.Shared;
    long met =
        isShared
            ? taken.keySet().stream().mapToLong(id -> holding.shares(kit.get(id))).sum()
            : taken.values().stream().mapToLong(Long::longValue).sum();
    long wanted = wanted(need);
    long missing = missing(need, taken, Math.min(wanted, thousandths(need.amount())), met);
    taken.replaceAll((id, amount) -> Packs.isNeverUsedUp(kit.get(id)) ? 0 : amount);
    return new Pick(
        need,
        taken,
        missing,
        taken.keySet().stream().anyMatch(id -> taste.isIncomplete(kit.get(id))),
        missing == 0 && met < wanted);
  }

  /** Of a mix each part has to be there: more of one does not make up for the other. */
  private long missing(Need need, Map<UUID, Long> taken, long wanted, long met) {
    BasePlan.Mix mix = plan.mix(need);
    if (mix == null) {
      return Math.max(0, wanted - met);
    }
    long missing = 0;
    for (BasePlan.MixPart part : mix.parts()) {
      long there =
          suitability.ofProduct(part.product()).stream()
              .mapToLong(item -> taken.getOrDefault(item.id(), 0L))
              .sum();
      missing += Math.max(0, partOf(wanted, part) - there);
    }
    return missing;
  }
}
