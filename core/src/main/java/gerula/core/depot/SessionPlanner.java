package gerula.core.depot;

import gerula.core.depot.FitReason.Verdict;
import gerula.core.rule.Code;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Plans a session at the bench: the container, the size and the amount for each pack.
 *
 * <p>Wanted of a pack is what is used of it in the wanted months, but no more than before its date
 * and no more than there is. What no container holds at once is parted evenly into up to four
 * portions. The empties are then given to the portions so that the values of {@link Portion#value}
 * add up to the most; that best is exact.
 */
public final class SessionPlanner {

  /** Nobody carries five bottles of one thing. */
  static final int MOST_PORTIONS = 4;

  /** Containers whose material nobody told are the usual ones. */
  private static final Material MATERIAL = Material.POLYETHYLENE;

  private final LocalDate day;
  private final double wantedMonths;
  private final List<Empty> empties;
  private final List<Pack> packs;
  private final ContainerFit[][] fits;

  private SessionPlanner(
      LocalDate day, double wantedMonths, List<Empty> empties, List<Pack> packs) {
    this.day = day;
    this.wantedMonths = wantedMonths;
    this.empties = List.copyOf(empties);
    this.packs = List.copyOf(packs);
    this.fits =
        packs.stream()
            .map(
                pack ->
                    empties.stream()
                        .map(empty -> ContainerFit.of(pack.content(), empty.container(), MATERIAL))
                        .toArray(ContainerFit[]::new))
            .toArray(ContainerFit[][]::new);
  }

  /**
   * @param wantedMonths between two refills, above 0 and up to 120
   * @throws IllegalArgumentException when two packs have the same id, or the months lie outside
   */
  public static DepotPlan plan(
      LocalDate day, double wantedMonths, List<Empty> empties, List<Pack> packs) {
    months(wantedMonths);
    if (packs.stream().map(Pack::id).distinct().count() < packs.size()) {
      throw new IllegalArgumentException("Two packs have the same id. Give each its own.");
    }
    return new SessionPlanner(day, wantedMonths, empties, packs).plan();
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

  private DepotPlan plan() {
    List<Portion> portions =
        IntStream.range(0, packs.size()).boxed().flatMap(pack -> portions(pack).stream()).toList();
    int[] kinds = BestUse.of(values(portions), counts());
    List<DepotPlan.Piece> pieces = new ArrayList<>();
    List<DepotPlan.Stays> stays = new ArrayList<>();
    Carried after = Carried.NOTHING;
    for (int pack = 0; pack < packs.size(); pack++) {
      List<DepotPlan.Piece> own = pieces(pack, portions, kinds);
      if (own.isEmpty()) {
        stays.add(new DepotPlan.Stays(packs.get(pack).id(), whyItStays(pack)));
        after = after.plus(packs.get(pack).carried());
      } else {
        pieces.addAll(own);
        after = after.plus(carried(pack, portions, kinds));
      }
    }
    Carried before = packs.stream().map(Pack::carried).reduce(Carried.NOTHING, Carried::plus);
    return new DepotPlan(pieces, stays, before, after, minutes(portions, kinds), order(pieces));
  }

  private Minutes minutes(List<Portion> portions, int[] kinds) {
    int[] filled =
        IntStream.range(0, kinds.length)
            .filter(i -> kinds[i] != BestUse.NONE)
            .map(i -> Minutes.filling(packs.get(portions.get(i).pack()).content()))
            .toArray();
    return Minutes.of(IntStream.of(filled).sum(), filled.length);
  }

  /** What is wanted of a pack in all, in ml. */
  private double wantedMl(Pack pack) {
    double months = Math.min(wantedMonths, pack.monthsLeftOn(day));
    return Math.min(pack.contentMl(), pack.usePerMonthMl() * months);
  }

  private List<Portion> portions(int pack) {
    double wanted = wantedMl(packs.get(pack));
    double largest =
        IntStream.range(0, empties.size())
            .filter(kind -> empties.get(kind).count() > 0)
            .filter(kind -> fits[pack][kind].verdict() != Verdict.NO)
            .mapToDouble(kind -> empties.get(kind).mostMl())
            .max()
            .orElse(0);
    if (wanted <= 0 || largest <= 0) {
      return List.of();
    }
    int of = (int) Math.min(MOST_PORTIONS, Math.ceil(wanted / largest));
    return IntStream.range(0, of).mapToObj(_ -> new Portion(pack, of, wanted / of)).toList();
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

  private int[] counts() {
    return empties.stream().mapToInt(Empty::count).toArray();
  }

  private List<DepotPlan.Piece> pieces(int pack, List<Portion> portions, int[] kinds) {
    List<DepotPlan.Piece> pieces = new ArrayList<>();
    for (int kind = 0; kind < empties.size(); kind++) {
      int count = 0;
      double fill = 0;
      for (int i = 0; i < kinds.length; i++) {
        if (portions.get(i).pack() == pack && kinds[i] == kind) {
          count++;
          fill = portions.get(i).fillMl(empties.get(kind));
        }
      }
      if (count > 0) {
        pieces.add(piece(pack, kind, count, fill));
      }
    }
    return pieces;
  }

  private DepotPlan.Piece piece(int index, int kind, int count, double fill) {
    Pack pack = packs.get(index);
    Empty empty = empties.get(kind);
    List<Code> reasons = new ArrayList<>(fits[index][kind].reasons());
    reasons.add(howMuch(pack, empty, fill));
    return new DepotPlan.Piece(
        pack.id(),
        empty.container(),
        empty.sizeMl(),
        count,
        fill,
        count * fill / pack.usePerMonthMl(),
        reasons);
  }

  private PlanReason howMuch(Pack pack, Empty empty, double fill) {
    double inTime = pack.usePerMonthMl() * Math.min(wantedMonths, pack.monthsLeftOn(day));
    if (fill >= empty.mostMl() && wantedMl(pack) > fill) {
      return PlanReason.AS_MUCH_AS_FITS;
    }
    if (pack.contentMl() < inTime) {
      return PlanReason.ALL_THAT_IS_LEFT;
    }
    return pack.monthsLeftOn(day) < wantedMonths
        ? PlanReason.ENDS_WITH_ITS_DATE
        : PlanReason.LASTS_AS_LONG_AS_WANTED;
  }

  private Carried carried(int pack, List<Portion> portions, int[] kinds) {
    return IntStream.range(0, kinds.length)
        .filter(i -> portions.get(i).pack() == pack && kinds[i] != BestUse.NONE)
        .mapToObj(i -> portions.get(i).carried(packs.get(pack), empties.get(kinds[i])))
        .reduce(Carried.NOTHING, Carried::plus);
  }

  private List<Code> whyItStays(int index) {
    Pack pack = packs.get(index);
    if (pack.content().texture() == Texture.STAYS) {
      return List.of(FitReason.NEVER_DECANTED);
    }
    if (pack.monthsLeftOn(day) <= 0) {
      return List.of(PlanReason.PAST_ITS_DATE);
    }
    if (wantedMl(pack) <= 0) {
      return List.of(PlanReason.NOT_USED);
    }
    Set<FitReason> against = EnumSet.noneOf(FitReason.class);
    boolean isSuited = false;
    boolean saves = false;
    for (int kind = 0; kind < empties.size(); kind++) {
      if (empties.get(kind).count() == 0) {
        continue;
      }
      if (fits[index][kind].verdict() == Verdict.NO) {
        fits[index][kind].reasons().stream()
            .filter(reason -> reason.verdict() == Verdict.NO)
            .forEach(against::add);
      } else {
        isSuited = true;
        saves |= portions(index).getFirst().saves(pack, empties.get(kind));
      }
    }
    if (isSuited) {
      return List.of(saves ? PlanReason.NO_EMPTY_AT_HAND : PlanReason.SAVES_NOTHING);
    }
    return against.isEmpty() ? List.of(PlanReason.NO_EMPTY_AT_HAND) : List.copyOf(against);
  }

  private List<String> order(List<DepotPlan.Piece> pieces) {
    Set<String> decanted = new HashSet<>();
    pieces.forEach(piece -> decanted.add(piece.pack()));
    return packs.stream()
        .filter(pack -> decanted.contains(pack.id()))
        .sorted(Comparator.comparingInt(pack -> turn(pack.content())))
        .map(Pack::id)
        .toList();
  }

  /** Thin before thick, powders apart from creams, heat last. */
  private static int turn(Content content) {
    return switch (content.texture()) {
      case THIN_SPRAY, STICKY_SPRAY -> 0;
      case LIQUID -> 1 + content.thickness().ordinal();
      case LOOSE -> 4;
      case PRESSED -> 5;
      case PAINT, PIECES, UNKNOWN, STAYS -> 6;
      case SETTING -> 7;
      case MELTING -> 8;
      case SOLID -> Minutes.isMelted(content.form()) ? 10 : 9;
    };
  }
}
