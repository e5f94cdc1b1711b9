package gerula.core.depot.bench;

import gerula.core.depot.Texture;
import gerula.core.depot.empties.ContainerFit;
import gerula.core.depot.empties.Empty;
import gerula.core.depot.empties.FitReason;
import gerula.core.depot.empties.FitReason.Verdict;
import gerula.core.quantity.Volume;
import gerula.core.rule.Code;
import gerula.core.rule.RefillPractice;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Plans a session at the bench: the container, the size and the amount for each pack.
 *
 * <p>Wanted of a pack is what is used of it in the wanted months, in a house of large decants at
 * least {@value #LARGE_ML} ml, but no more than before its date and no more than there is. What no
 * container holds at once is parted evenly into up to four portions. What the artist chose for a
 * pack stands; the empties that are left are given to the portions of the others so that the values
 * of {@link Portion#value} add up to the most; that best is exact.
 */
public final class SessionPlanner {

  private static final double EVER = 120;

  /** Nobody carries five bottles of one thing. */
  public static final int MOST_PORTIONS = 4;

  /** What a house does not want to fill again, from this size on; from memory, in ml. */
  static final int LARGE_ML = 20;

  private final LocalDate day;
  private final double wantedMonths;
  private final List<Empty> empties;
  private final List<Pack> packs;
  private final Map<String, Choice> choices;
  private final Pace pace;
  private final RefillPractice refill;
  private final ContainerFit[][] fits;

  private SessionPlanner(
      LocalDate day,
      double wantedMonths,
      List<Empty> empties,
      List<Pack> packs,
      Map<String, Choice> choices,
      Pace pace,
      RefillPractice refill) {
    this.day = day;
    this.wantedMonths = wantedMonths;
    this.empties = List.copyOf(empties);
    this.packs = List.copyOf(packs);
    this.choices = Map.copyOf(choices);
    this.pace = pace;
    this.refill = refill;
    this.fits =
        packs.stream()
            .map(
                pack ->
                    empties.stream()
                        .map(
                            empty ->
                                ContainerFit.of(
                                    pack.content(), empty.container(), empty.material()))
                        .toArray(ContainerFit[]::new))
            .toArray(ContainerFit[][]::new);
  }

  /** The same when the artist has chosen nothing and nothing was timed. */
  public static DepotPlan plan(
      LocalDate day, double wantedMonths, List<Empty> empties, List<Pack> packs) {
    return plan(day, wantedMonths, empties, packs, Map.of(), Pace.USUAL);
  }

  /** The same in a house of small decants. */
  public static DepotPlan plan(
      LocalDate day,
      double wantedMonths,
      List<Empty> empties,
      List<Pack> packs,
      Map<String, Choice> choices,
      Pace pace) {
    return plan(day, wantedMonths, empties, packs, choices, pace, RefillPractice.SMALL);
  }

  /**
   * @param wantedMonths between two refills, above 0 and up to 120
   * @param choices by the pack's id
   * @param refill how large the house fills
   * @throws IllegalArgumentException when two packs have the same id, the months lie outside, or
   *     something is chosen that cannot be
   */
  public static DepotPlan plan(
      LocalDate day,
      double wantedMonths,
      List<Empty> empties,
      List<Pack> packs,
      Map<String, Choice> choices,
      Pace pace,
      RefillPractice refill) {
    months(wantedMonths);
    if (packs.stream().map(Pack::id).distinct().count() < packs.size()) {
      throw new IllegalArgumentException("Two packs have the same id. Give each its own.");
    }
    packs.forEach(pack -> possible(pack, choices.get(pack.id()), empties));
    return new SessionPlanner(day, wantedMonths, empties, packs, choices, pace, refill).plan();
  }

  /**
   * @return the months themselves
   * @throws IllegalArgumentException when they do not lie above 0 and up to 120
   */
  public static double months(double wanted) {
    if (!(wanted > 0 && wanted <= 120)) {
      throw new IllegalArgumentException(
          "The months between two refills lie above 0 and up to 120, but this is " + wanted + ".");
    }
    return wanted;
  }

  /**
   * Holds a choice against what cannot be changed by choosing. What merely does not suit may be
   * chosen; the plan then says what stands against it.
   *
   * @throws IllegalArgumentException when the pack is never decanted, or more is asked for than
   *     goes in or is left
   */
  public static void possible(Pack pack, @Nullable Choice choice, List<Empty> empties) {
    if (!(choice instanceof Choice.Into(int kind, int count, Volume fill))) {
      return;
    }
    if (kind < 0 || kind >= empties.size()) {
      throw new IllegalArgumentException("There is no such kind of empties. Choose another.");
    }
    Empty empty = empties.get(kind);
    if (pack.content().texture() == Texture.STAYS || pack.content().isSterile()) {
      throw new IllegalArgumentException("This is never decanted: leave it in its own pack.");
    }
    if (fill != null && fill.isMoreThan(empty.size())) {
      throw new IllegalArgumentException(
          "It holds " + empty.size().ml() + " ml to the brim, but this is " + fill.ml() + " ml.");
    }
    if (fill != null && fill.times(count).isMoreThan(pack.left())) {
      throw new IllegalArgumentException(
          "Only "
              + pack.left().ml()
              + " ml are left, but "
              + count
              + " x "
              + fill.ml()
              + " ml are asked for.");
    }
  }

  private DepotPlan plan() {
    List<Portion> portions = portions(kind -> empties.get(kind).count() > 0);
    int[] kinds = BestUse.of(values(portions), free());
    List<DepotPlan.PlannedPiece> pieces = new ArrayList<>();
    List<DepotPlan.KeptInPack> stays = new ArrayList<>();
    Carried after = Carried.NOTHING;
    for (int pack = 0; pack < packs.size(); pack++) {
      List<DepotPlan.PlannedPiece> own = pieces(pack, portions, kinds);
      if (own.isEmpty()) {
        stays.add(new DepotPlan.KeptInPack(packs.get(pack).id(), whyItStays(pack)));
        after = after.plus(packs.get(pack).carried());
      } else {
        pieces.addAll(own);
        after = after.plus(carried(packs.get(pack), own));
      }
    }
    Carried before = packs.stream().map(Pack::carried).reduce(Carried.NOTHING, Carried::plus);
    return new DepotPlan(pieces, stays, before, after, minutes(pieces), order(pieces), missing());
  }

  /** What more empties of each kind would be put to use: as if there were no end of any. */
  private List<DepotPlan.Missing> missing() {
    List<Portion> portions = portions(_ -> true);
    int[] plenty = new int[empties.size()];
    Arrays.fill(plenty, packs.size() * MOST_PORTIONS);
    int[] wished = chosen();
    for (int kind : BestUse.of(values(portions), plenty)) {
      if (kind != BestUse.NONE) {
        wished[kind]++;
      }
    }
    return IntStream.range(0, empties.size())
        .filter(kind -> wished[kind] > empties.get(kind).count())
        .mapToObj(kind -> new DepotPlan.Missing(kind, wished[kind] - empties.get(kind).count()))
        .toList();
  }

  private Minutes minutes(List<DepotPlan.PlannedPiece> pieces) {
    double filling = 0;
    int count = 0;
    for (DepotPlan.PlannedPiece piece : pieces) {
      filling += piece.count() * pace.of(Handling.of(pack(piece.pack()).content()));
      count += piece.count();
    }
    return Minutes.of(filling, count);
  }

  private Pack pack(String id) {
    return packs.stream().filter(pack -> pack.id().equals(id)).findFirst().orElseThrow();
  }

  /** What is wanted of a pack in all. */
  private Volume wanted(Pack pack) {
    return Volume.least(pack.left(), usedInTime(pack));
  }

  private Volume usedInTime(Pack pack) {
    Volume inMonths = pack.usedIn(wantedMonths, day);
    return refill == RefillPractice.LARGE
        ? Volume.most(inMonths, Volume.least(Volume.ofMl(LARGE_ML), pack.usedIn(EVER, day)))
        : inMonths;
  }

  private List<Portion> portions(IntPredicate isAtHand) {
    return IntStream.range(0, packs.size())
        .boxed()
        .flatMap(pack -> portions(pack, isAtHand).stream())
        .toList();
  }

  private List<Portion> portions(int pack, IntPredicate isAtHand) {
    if (choices.containsKey(packs.get(pack).id())) {
      return List.of();
    }
    Volume wanted = wanted(packs.get(pack));
    Volume largest =
        IntStream.range(0, empties.size())
            .filter(isAtHand)
            .filter(kind -> fits[pack][kind].verdict() != Verdict.NO)
            .mapToObj(kind -> empties.get(kind).most())
            .max(Comparator.naturalOrder())
            .orElse(Volume.NONE);
    if (wanted.isNone() || largest.isNone()) {
      return List.of();
    }
    int of = (int) Math.min(MOST_PORTIONS, Math.ceil(wanted.per(largest)));
    return IntStream.range(0, of).mapToObj(_ -> new Portion(pack, of, wanted.part(of))).toList();
  }

  private long[][] values(List<Portion> portions) {
    return portions.stream()
        .map(
            portion ->
                IntStream.range(0, empties.size())
                    .mapToLong(
                        kind ->
                            portion.value(
                                packs.get(portion.pack()),
                                empties.get(kind),
                                fits[portion.pack()][kind]))
                    .toArray())
        .toArray(long[][]::new);
  }

  /** How many of each kind the artist's own choices take. */
  private int[] chosen() {
    int[] chosen = new int[empties.size()];
    for (Pack pack : packs) {
      if (choices.get(pack.id()) instanceof Choice.Into(int kind, int count, Volume _)) {
        chosen[kind] += count;
      }
    }
    return chosen;
  }

  /** How many of each kind are left for the others. */
  private int[] free() {
    int[] chosen = chosen();
    return IntStream.range(0, empties.size())
        .map(kind -> Math.max(0, empties.get(kind).count() - chosen[kind]))
        .toArray();
  }

  private List<DepotPlan.PlannedPiece> pieces(int pack, List<Portion> portions, int[] kinds) {
    if (choices.get(packs.get(pack).id()) instanceof Choice.Into into) {
      return List.of(chosenPiece(pack, into));
    }
    List<DepotPlan.PlannedPiece> pieces = new ArrayList<>();
    for (int kind = 0; kind < empties.size(); kind++) {
      int count = 0;
      Volume fill = Volume.NONE;
      for (int i = 0; i < kinds.length; i++) {
        if (portions.get(i).pack() == pack && kinds[i] == kind) {
          count++;
          fill = portions.get(i).fill(empties.get(kind));
        }
      }
      if (count > 0) {
        pieces.add(piece(pack, kind, count, fill, howMuch(packs.get(pack), kind, fill)));
      }
    }
    return pieces;
  }

  private DepotPlan.PlannedPiece chosenPiece(int index, Choice.Into into) {
    Pack pack = packs.get(index);
    Volume most = empties.get(into.empty()).most();
    Volume wanted = wanted(pack).isNone() ? pack.left() : wanted(pack);
    Volume fill = into.fill() != null ? into.fill() : Volume.least(most, wanted.part(into.count()));
    boolean isTooMuch = pack.outlastsItsDate(fill.times(into.count()), day);
    return piece(
        index,
        into.empty(),
        into.count(),
        fill,
        isTooMuch ? PlanReason.MORE_THAN_BEFORE_ITS_DATE : PlanReason.YOUR_CHOICE);
  }

  private DepotPlan.PlannedPiece piece(
      int index, int kind, int count, Volume fill, PlanReason amount) {
    Pack pack = packs.get(index);
    Empty empty = empties.get(kind);
    List<Code> reasons = new ArrayList<>(fits[index][kind].reasons());
    reasons.add(amount);
    return new DepotPlan.PlannedPiece(
        pack.id(),
        kind,
        empty.container(),
        empty.size(),
        count,
        fill,
        fill.times(count).per(pack.usePerMonth()),
        fits[index][kind].verdict(),
        reasons);
  }

  private PlanReason howMuch(Pack pack, int kind, Volume fill) {
    if (fill.equals(empties.get(kind).most()) && wanted(pack).isMoreThan(fill)) {
      return PlanReason.AS_MUCH_AS_FITS;
    }
    if (usedInTime(pack).isMoreThan(pack.left())) {
      return PlanReason.ALL_THAT_IS_LEFT;
    }
    if (fill.isMoreThan(pack.usedIn(wantedMonths, day))) {
      return PlanReason.AS_LARGE_AS_THE_HOUSE_FILLS;
    }
    return pack.monthsLeftOn(day) < wantedMonths
        ? PlanReason.ENDS_WITH_ITS_DATE
        : PlanReason.LASTS_AS_LONG_AS_WANTED;
  }

  private Carried carried(Pack pack, List<DepotPlan.PlannedPiece> pieces) {
    Carried sum = Carried.NOTHING;
    for (DepotPlan.PlannedPiece piece : pieces) {
      Empty empty = empties.get(piece.empty());
      sum = sum.plus(Carried.of(empty, piece.fill(), pack.density()).times(piece.count()));
    }
    return sum;
  }

  private List<Code> whyItStays(int index) {
    Pack pack = packs.get(index);
    if (pack.content().texture() == Texture.STAYS) {
      return List.of(FitReason.NEVER_DECANTED);
    }
    if (choices.get(pack.id()) instanceof Choice.Stays) {
      return List.of(PlanReason.YOUR_CHOICE);
    }
    if (pack.monthsLeftOn(day) <= 0) {
      return List.of(PlanReason.PAST_ITS_DATE);
    }
    if (wanted(pack).isNone()) {
      return List.of(PlanReason.NOT_USED);
    }
    List<Portion> portions = portions(index, kind -> empties.get(kind).count() > 0);
    return NoContainer.why(
        pack, portions.isEmpty() ? null : portions.getFirst(), empties, fits[index]);
  }

  private List<String> order(List<DepotPlan.PlannedPiece> pieces) {
    Set<String> decanted = new HashSet<>();
    pieces.forEach(piece -> decanted.add(piece.pack()));
    return WorkOrder.of(packs).stream().map(Pack::id).filter(decanted::contains).toList();
  }
}
