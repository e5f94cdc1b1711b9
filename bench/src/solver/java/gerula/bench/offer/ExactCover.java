package gerula.bench.offer;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import gerula.core.restock.offer.Offer;
import gerula.core.restock.offer.OfferNeed;
import gerula.core.restock.offer.OfferShop;
import gerula.core.restock.offer.RandomOffers;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The cheapest cover by an exact solver: what is unmet of one priority after the other, then the
 * total, then what is wasted, then the number of shops.
 */
final class ExactCover {

  private static final int EXTRA_PACKS = 30;

  /** It did not find anything in its time. */
  private static final long NOT_FOUND = -1;

  private final CpModel model = new CpModel();
  private final RandomOffers drawn;
  private final LinearExprBuilder[] unmet = new LinearExprBuilder[OfferNeed.LAST_PRIORITY];
  private final LinearExprBuilder total = LinearExpr.newBuilder();
  private final LinearExprBuilder waste = LinearExpr.newBuilder();
  private final LinearExprBuilder used = LinearExpr.newBuilder();
  private final Map<String, LinearExprBuilder> pieces = new HashMap<>();
  private final Map<String, LinearExprBuilder> goods = new HashMap<>();
  private final Map<String, BoolVar> isUsed = new HashMap<>();

  /**
   * @param unmet by priority
   * @param total in hundredths
   */
  record Found(List<Long> unmet, long total, long waste, long shops, boolean isProved) {}

  ExactCover(RandomOffers drawn, @Nullable BigDecimal budget) {
    this.drawn = drawn;
    for (int at = 0; at < unmet.length; at++) {
      unmet[at] = LinearExpr.newBuilder();
    }
    for (OfferShop shop : drawn.shops()) {
      goods.put(shop.id(), LinearExpr.newBuilder());
      BoolVar comes = model.newBoolVar(shop.id());
      isUsed.put(shop.id(), comes);
      used.add(comes);
    }
    drawn.needs().forEach(need -> pieces.put(need.id(), LinearExpr.newBuilder()));
    drawn.offers().forEach(this::buy);
    drawn.shops().forEach(this::send);
    drawn.needs().forEach(this::meet);
    if (budget != null) {
      model.addLessOrEqual(total, cents(budget));
    }
  }

  private static long cents(BigDecimal amount) {
    return amount.movePointRight(2).setScale(0, RoundingMode.HALF_EVEN).longValueExact();
  }

  private OfferNeed need(String id) {
    return drawn.needs().stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
  }

  /** So many packs, each number with what the line costs. */
  private void buy(Offer offer) {
    int enough = need(offer.need()).pieces() / offer.packPieces() + EXTRA_PACKS;
    int most = offer.most() == null ? enough : Math.min(enough, offer.most());
    IntVar packs = model.newIntVar(0, most, offer.id());
    long[] cost = new long[most + 1];
    for (int count = 1; count <= most; count++) {
      cost[count] = offer.discount().lineCents(offer.price(), count);
    }
    IntVar line = model.newIntVar(0, 1_000_000_000L, "line");
    model.addElement(packs, cost, line);
    goods.get(offer.shop()).add(line);
    total.add(line);
    pieces.get(offer.need()).addTerm(packs, offer.packPieces());
    model.addEquality(packs, 0).onlyEnforceIf(isUsed.get(offer.shop()).not());
  }

  private void send(OfferShop shop) {
    long shipping = cents(shop.shipping());
    BoolVar isPaid = model.newBoolVar("paid");
    BoolVar comes = isUsed.get(shop.id());
    total.addTerm(isPaid, shipping);
    if (shop.freeFrom() == null) {
      model.addEquality(isPaid, comes);
    } else {
      model
          .addGreaterOrEqual(goods.get(shop.id()), cents(shop.freeFrom()))
          .onlyEnforceIf(new Literal[] {comes, isPaid.not()});
    }
  }

  private void meet(OfferNeed need) {
    LinearExprBuilder bought = pieces.get(need.id());
    IntVar missing = model.newIntVar(0, need.pieces(), "missing");
    model.addGreaterOrEqual(LinearExpr.newBuilder().add(bought).add(missing), need.pieces());
    unmet[need.priority() - 1].add(missing);
    IntVar over = model.newIntVar(0, 100_000, "over");
    model.addGreaterOrEqual(LinearExpr.newBuilder().add(over).add(need.mostUsable()), bought);
    waste.add(over);
    if (isUsableExactly(need)) {
      model.addLessOrEqual(bought, need.mostUsable());
    }
  }

  /** Whether some packs meet it and can all be used. */
  private boolean isUsableExactly(OfferNeed need) {
    boolean[] reached = new boolean[Math.max(need.mostUsable(), 0) + 1];
    reached[0] = true;
    for (Offer offer : drawn.offers()) {
      if (!offer.need().equals(need.id())) {
        continue;
      }
      boolean[] before = reached.clone();
      int most = offer.most() == null ? reached.length : offer.most();
      for (int count = 1; count <= most && count * offer.packPieces() < reached.length; count++) {
        for (int at = 0; at + count * offer.packPieces() < reached.length; at++) {
          reached[at + count * offer.packPieces()] |= before[at];
        }
      }
    }
    for (int at = need.pieces(); at < reached.length; at++) {
      if (reached[at]) {
        return true;
      }
    }
    return false;
  }

  Found solved(double seconds) {
    List<Long> missing = new ArrayList<>();
    boolean[] isProved = {true};
    for (LinearExprBuilder level : unmet) {
      missing.add(least(level, seconds, isProved));
    }
    long cost = least(total, seconds, isProved);
    long over = least(waste, seconds, isProved);
    return new Found(missing, cost, over, least(used, seconds, isProved), isProved[0]);
  }

  private long least(LinearExprBuilder expression, double seconds, boolean[] isProved) {
    model.minimize(expression);
    CpSolver solver = new CpSolver();
    solver.getParameters().setMaxTimeInSeconds(seconds).setNumWorkers(2);
    CpSolverStatus status = solver.solve(model);
    isProved[0] &= status == CpSolverStatus.OPTIMAL;
    if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
      return NOT_FOUND;
    }
    long found = Math.round(solver.objectiveValue());
    model.addLessOrEqual(expression, found);
    return found;
  }
}
