package gerula.core.packing;

import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the artist decided about a list; every new computation keeps it.
 *
 * @param pinned items that go along wherever they serve, before any other
 * @param leftOut items that stay at home
 * @param added items that go along though nothing asks for them
 * @param amounts pieces to take of a counted need instead of those worked out, by the need's code
 * @param without codes of needs that are done without
 * @param borrowed codes of needs for which a colleague lends something
 * @param toBuy codes of needs for which something is bought that the kit never had
 * @param load where things are packed
 */
public record Choices(
    Set<UUID> pinned,
    Set<UUID> leftOut,
    Set<UUID> added,
    Map<String, Long> amounts,
    SortedSet<String> without,
    SortedSet<String> borrowed,
    SortedSet<String> toBuy,
    LoadChoices load) {

  public static final Choices NONE =
      new Choices(
          Set.of(),
          Set.of(),
          Set.of(),
          Map.of(),
          Collections.emptySortedSet(),
          Collections.emptySortedSet(),
          Collections.emptySortedSet(),
          LoadChoices.NONE);

  public Choices {
    pinned = Set.copyOf(pinned);
    leftOut = Set.copyOf(leftOut);
    added = Set.copyOf(added);
    amounts = Map.copyOf(amounts);
    without = Collections.unmodifiableSortedSet(new TreeSet<>(without));
    borrowed = Collections.unmodifiableSortedSet(new TreeSet<>(borrowed));
    toBuy = Collections.unmodifiableSortedSet(new TreeSet<>(toBuy));
  }

  /** An item is decided about in one way at a time. */
  public Choices undecided(UUID item) {
    return new Choices(
        less(pinned, item),
        less(leftOut, item),
        less(added, item),
        amounts,
        without,
        borrowed,
        toBuy,
        load);
  }

  public Choices pinning(UUID item) {
    Choices rest = undecided(item);
    return new Choices(
        more(rest.pinned, item), rest.leftOut, rest.added, amounts, without, borrowed, toBuy, load);
  }

  public Choices leavingOut(UUID item) {
    Choices rest = undecided(item);
    return new Choices(
        rest.pinned, more(rest.leftOut, item), rest.added, amounts, without, borrowed, toBuy, load);
  }

  public Choices adding(UUID item) {
    Choices rest = undecided(item);
    return new Choices(
        rest.pinned, rest.leftOut, more(rest.added, item), amounts, without, borrowed, toBuy, load);
  }

  /**
   * Decides what becomes of a need that the kit does not meet; one thing at a time.
   *
   * @param how null: nothing is decided about it any more
   */
  public Choices deciding(String need, @Nullable Decided how) {
    return new Choices(
        pinned,
        leftOut,
        added,
        amounts,
        has(without, need, how == Decided.WITHOUT),
        has(borrowed, need, how == Decided.BORROWED),
        has(toBuy, need, how == Decided.TO_BUY),
        load);
  }

  /** What was decided about a need, null for nothing. */
  @Nullable Decided decided(String need) {
    if (without.contains(need)) {
      return Decided.WITHOUT;
    }
    if (borrowed.contains(need)) {
      return Decided.BORROWED;
    }
    return toBuy.contains(need) ? Decided.TO_BUY : null;
  }

  /**
   * Takes so many pieces of a counted need instead of those worked out.
   *
   * @param pieces 1 or more; null takes what is worked out again
   */
  public Choices taking(String need, @Nullable Long pieces) {
    Map<String, Long> others = new HashMap<>(amounts);
    others.remove(need);
    if (pieces != null) {
      others.put(need, pieces);
    }
    return new Choices(pinned, leftOut, added, others, without, borrowed, toBuy, load);
  }

  /** Has things packed elsewhere. */
  public Choices loading(LoadChoices other) {
    return new Choices(pinned, leftOut, added, amounts, without, borrowed, toBuy, other);
  }

  private static SortedSet<String> has(SortedSet<String> needs, String one, boolean isIn) {
    SortedSet<String> others = new TreeSet<>(needs);
    others.remove(one);
    if (isIn) {
      others.add(one);
    }
    return others;
  }

  private static Set<UUID> less(Set<UUID> ids, UUID one) {
    Set<UUID> others = new HashSet<>(ids);
    others.remove(one);
    return others;
  }

  private static Set<UUID> more(Set<UUID> ids, UUID one) {
    Set<UUID> all = new HashSet<>(ids);
    all.add(one);
    return all;
  }
}
