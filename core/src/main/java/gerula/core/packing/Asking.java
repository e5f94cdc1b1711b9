package gerula.core.packing;

import gerula.core.booking.Need;
import java.util.List;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;

/** A need with what may meet it, the best first. */
final class Asking {

  final Need need;

  /** The part of a mix that is asked here; null where the need is met by what suits it. */
  final BasePlan.@Nullable MixPart part;

  final List<Candidate> able;

  /** Ranks of those, in the same order. */
  final int[] ranks;

  private final long[] flaws;
  final long wanted;
  final boolean isShared;

  /** How far it can be met, once that is known. */
  long met;

  /** What it keeps to, once that is known: everything that serves it as well as has to be. */
  List<Candidate> allowed = List.of();

  /**
   * @param able the best first
   */
  Asking(Need need, BasePlan.@Nullable MixPart part, long wanted, List<Candidate.Able> able) {
    this.need = need;
    this.part = part;
    this.wanted = wanted;
    this.able = able.stream().map(Candidate.Able::candidate).toList();
    this.ranks = this.able.stream().mapToInt(Candidate::rank).toArray();
    this.flaws = able.stream().mapToLong(Candidate.Able::flaws).toArray();
    this.isShared = need.withReserve() instanceof Need.Shared;
  }

  /** Keeps to everything that serves it as well as the worst of these does. */
  void keepTo(IntPredicate isUsed) {
    int last = able.size() - 1;
    while (last >= 0 && !isUsed.test(ranks[last])) {
      last--;
    }
    keepToTheFirst(last + 1);
  }

  /** The same, where it is so many of the first that are used. */
  void keepToTheFirst(int many) {
    int end = many;
    while (end > 0 && end < able.size() && flaws[end] == flaws[many - 1]) {
      end++;
    }
    allowed = able.subList(0, end);
  }
}
