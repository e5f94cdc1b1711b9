package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.shade.Mixing;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.IntStream;
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
  private final BasePlan plan;
  private final Candidates candidates;

  /** By face: where it stands among them. */
  private final Map<UUID, Integer> priority = new HashMap<>();

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
    this.candidates = new Candidates(facts, suitability, taste, palettes);
    for (Face face : facts.booking().faces()) {
      priority.put(face.id(), priority.size());
    }
  }

  /** Items that would serve if they did not run out before the last day. */
  Set<UUID> runningOut() {
    return runningOut;
  }

  List<Pick> of(List<Need> needs) {
    List<Asking> asking = settled(needs);
    BitSet chosen = fewest().of(asking);
    Map<Need, Pick> found = share(asking, chosen);
    return needs.stream().map(found::get).toList();
  }

  FewestPieces fewest() {
    return new FewestPieces(candidates);
  }

  /** How far each need can be met, and what it keeps to. */
  List<Asking> settled(List<Need> needs) {
    List<Asking> asking = new ArrayList<>();
    inPriority(needs).forEach(need -> ask(need, asking));
    Allotment allotment = new Allotment(candidates.many());
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
    Map<Need, Integer> priorities = new IdentityHashMap<>();
    needs.forEach(need -> priorities.put(need, priority(need)));
    return needs.stream().sorted(Comparator.comparingInt(priorities::get)).toList();
  }

  /** Needs of the first faces come first, what is shared by all last. */
  private int priority(Need need) {
    return need.faces().stream()
        .mapToInt(face -> priority.get(face.id()))
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
    List<Candidate.Able> able = new ArrayList<>();
    List<Candidate> some =
        part == null ? candidates.inReach(need) : candidates.ofProduct(part.product());
    for (Candidate one : some) {
      boolean isAsked = one.isIncomplete() == isIncomplete || one.runsOut();
      if (!isAsked || !mayBeTaken(need, part, one.item())) {
        continue;
      }
      if (one.runsOut()) {
        runningOut.add(one.item().id());
      } else {
        able.add(new Candidate.Able(one, flaws(need, one)));
      }
    }
    able.sort(Candidate.Able.BEST_FIRST);
    return new Asking(need, part, wanted, able);
  }

  /** For as long as it keeps. */
  private boolean mayBeTaken(Need need, BasePlan.@Nullable MixPart part, Item item) {
    return part == null
        ? suitability.servesWhileItKeeps(need, item)
        : suitability.servesInAMixWhileItKeeps(need, item);
  }

  /** What is packed stays, but what serves somebody better is no reason less for that. */
  private long flaws(Need need, Candidate one) {
    return one.isPinned() ? -1 : taste.flaws(need, one.item());
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
      long there = one.able.stream().mapToLong(Candidate::shares).sum();
      one.met = Math.min(there, one.wanted);
      return;
    }
    one.able.forEach(some -> allotment.offer(some.rank(), some.held()));
    one.met = one.wanted - allotment.serve(one.ranks, one.wanted);
  }

  /** Only now: a later one may have moved an earlier one to another pack. */
  private static void keepToTheBest(List<Asking> asking, Allotment allotment) {
    int demand = 0;
    for (Asking one : asking) {
      if (one.isShared) {
        one.keepToTheFirst(enough(one));
      } else {
        one.keepTo(allotment.takenBy(demand++)::containsKey);
      }
    }
  }

  /** How many of the first make up what is wanted. */
  private static int enough(Asking shared) {
    long there = 0;
    int enough = 0;
    while (enough < shared.able.size() && there < shared.wanted) {
      there += shared.able.get(enough++).shares();
    }
    return enough;
  }

  /** What each takes of what was chosen. */
  private Map<Need, Pick> share(List<Asking> asking, BitSet chosen) {
    Allotment allotment = new Allotment(candidates.many());
    for (Asking one : asking) {
      if (!one.isShared) {
        int[] some = IntStream.of(one.ranks).filter(chosen::get).toArray();
        for (int rank : some) {
          allotment.offer(rank, candidates.at(rank).held());
        }
        allotment.serve(some, one.wanted);
      }
    }
    // By themselves: each need stands once, and telling them apart by all they are takes long.
    Map<Need, Map<Integer, Long>> taken = new IdentityHashMap<>();
    int demand = 0;
    for (Asking one : asking) {
      Map<Integer, Long> some = one.isShared ? shared(one, chosen) : allotment.takenBy(demand++);
      taken.computeIfAbsent(one.need, _ -> new LinkedHashMap<>()).putAll(some);
    }
    Map<Need, Pick> found = new IdentityHashMap<>();
    taken.forEach((need, amounts) -> found.put(need, pick(need, amounts)));
    return found;
  }

  private static Map<Integer, Long> shared(Asking one, BitSet chosen) {
    Need.Shared amount = (Need.Shared) one.need.withReserve();
    Map<Integer, Long> taken = new LinkedHashMap<>();
    long there = 0;
    for (Candidate some : one.able) {
      if (there < one.wanted && chosen.get(some.rank())) {
        taken.put(some.rank(), 0L);
        there += some.shares();
      }
    }
    // Where the kit has more than there must be, as many come as are of use.
    for (Candidate some : one.able) {
      boolean isReady =
          some.item().cleanliness() == Cleanliness.CLEAN && !taken.containsKey(some.rank());
      if (isReady && there >= one.wanted && there < amount.most() * 1000L) {
        taken.put(some.rank(), 0L);
        there += some.shares();
      }
    }
    return taken;
  }

  private Pick pick(Need need, Map<Integer, Long> byRank) {
    boolean isShared = need.amount() instanceof Need.Shared;
    Map<UUID, Long> taken = new LinkedHashMap<>();
    long met = 0;
    boolean isUseless = false;
    for (Map.Entry<Integer, Long> one : byRank.entrySet()) {
      Candidate candidate = candidates.at(one.getKey());
      taken.put(candidate.item().id(), one.getValue());
      met += isShared ? candidate.shares() : one.getValue();
      isUseless |= candidate.isIncomplete();
    }
    long wanted = wanted(need);
    long missing = missing(need, taken, Math.min(wanted, thousandths(need.amount())), met);
    taken.replaceAll((id, amount) -> Packs.isNeverUsedUp(kit.get(id)) ? 0 : amount);
    return new Pick(need, taken, missing, isUseless, missing == 0 && met < wanted);
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
