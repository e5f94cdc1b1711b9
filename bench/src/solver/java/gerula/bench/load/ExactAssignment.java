package gerula.bench.load;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import gerula.core.packing.load.Compartment;
import gerula.core.packing.load.Load;
import gerula.core.packing.load.LoadBag;
import gerula.core.packing.load.LoadPiece;
import gerula.core.packing.load.Posture;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * The first five levels of a load plan by an exact solver, each decided before the next. It knows
 * volume, mass and what is allowed, but not how pieces lie: it may promise what cannot be laid, and
 * is never worse than the best plan there is.
 */
final class ExactAssignment {

  private static final long TENTHS = 10;
  private static final long SOFT = 6;
  private static final long THOUSANDTHS = 1000;

  private final CpModel model = new CpModel();
  private final List<LoadPiece> pieces;
  private final List<Compartment> rooms = new ArrayList<>();
  private final List<Integer> bagOf = new ArrayList<>();
  private final List<LoadBag> bags;
  private final BoolVar[][] in;
  private final BoolVar[][] inBag;
  private final BoolVar[] comes;
  private final LinearExprBuilder left = LinearExpr.newBuilder();
  private final LinearExprBuilder value = LinearExpr.newBuilder();
  private final LinearExprBuilder split = LinearExpr.newBuilder();
  private final LinearExprBuilder moved = LinearExpr.newBuilder();
  private final LinearExprBuilder pairs = LinearExpr.newBuilder();

  /** What was found for one level, and whether it is proved. */
  record Level(double found, boolean isProved) {}

  ExactAssignment(Load load) {
    pieces = load.pieces();
    bags = load.bags();
    for (int bag = 0; bag < bags.size(); bag++) {
      for (Compartment room : bags.get(bag).compartments()) {
        rooms.add(room);
        bagOf.add(bag);
      }
    }
    in = new BoolVar[pieces.size()][rooms.size()];
    inBag = new BoolVar[pieces.size()][bags.size()];
    comes = new BoolVar[pieces.size()];
    for (int piece = 0; piece < pieces.size(); piece++) {
      place(piece);
    }
    for (int room = 0; room < rooms.size(); room++) {
      fill(room);
    }
    weigh();
    companions();
    groups();
  }

  private void place(int at) {
    LoadPiece piece = pieces.get(at);
    comes[at] = model.newBoolVar("comes");
    LinearExprBuilder somewhere = LinearExpr.newBuilder();
    LinearExprBuilder[] byBag = new LinearExprBuilder[bags.size()];
    for (int bag = 0; bag < byBag.length; bag++) {
      byBag[bag] = LinearExpr.newBuilder();
    }
    for (int room = 0; room < rooms.size(); room++) {
      if (mayLie(piece, rooms.get(room))) {
        in[at][room] = model.newBoolVar("in");
        somewhere.add(in[at][room]);
        byBag[bagOf.get(room)].add(in[at][room]);
        boolean isElsewhere = piece.usual() != null && !piece.usual().equals(rooms.get(room).id());
        if (isElsewhere) {
          moved.add(in[at][room]);
        }
      }
    }
    model.addEquality(somewhere.addTerm(comes[at], -1), 0);
    for (int bag = 0; bag < byBag.length; bag++) {
      inBag[at][bag] = model.newBoolVar("bag");
      model.addEquality(byBag[bag].addTerm(inBag[at][bag], -1), 0);
    }
    if (piece.isRequired()) {
      left.add(1).addTerm(comes[at], -1);
    } else {
      value.addTerm(comes[at], Math.round(piece.value() * THOUSANDTHS));
    }
  }

  private static boolean mayLie(LoadPiece piece, Compartment room) {
    return (piece.pinned() == null || piece.pinned().equals(room.id()))
        && (room.allowed().isEmpty() || room.allowed().contains(piece.section()))
        && (room.person() == null || room.person().equals(piece.person()))
        && (!piece.isWet() || room.isSealed())
        && ways(piece)
            .anyMatch(
                way ->
                    way.widthMm() <= room.widthMm()
                        && way.depthMm() <= room.depthMm()
                        && way.heightMm() <= room.heightMm());
  }

  private static Stream<Posture> ways(LoadPiece piece) {
    int a = piece.measures().widthMm();
    int b = piece.measures().depthMm();
    int c = piece.measures().heightMm();
    int least = Math.min(a, Math.min(b, c));
    int most = Math.max(a, Math.max(b, c));
    return Stream.of(
            new Posture(a, b, c),
            new Posture(b, a, c),
            new Posture(a, c, b),
            new Posture(c, a, b),
            new Posture(b, c, a),
            new Posture(c, b, a))
        .filter(
            way ->
                switch (piece.orientation()) {
                  case ANY -> true;
                  case UPRIGHT -> way.heightMm() == c;
                  case FLAT -> way.heightMm() == least;
                  case LONG -> Math.max(way.widthMm(), way.depthMm()) == most;
                });
  }

  private static long volume(LoadPiece piece) {
    return (piece.isRigid() ? TENTHS : SOFT)
        * piece.measures().widthMm()
        * piece.measures().depthMm()
        * piece.measures().heightMm();
  }

  private void fill(int at) {
    Compartment room = rooms.get(at);
    LinearExprBuilder taken = LinearExpr.newBuilder();
    for (int piece = 0; piece < pieces.size(); piece++) {
      if (in[piece][at] != null) {
        taken.addTerm(in[piece][at], volume(pieces.get(piece)));
      }
    }
    double whole = (double) TENTHS * room.widthMm() * room.depthMm() * room.heightMm();
    model.addLessOrEqual(taken, (long) Math.floor(room.usableShare() * whole + 1e-6));
  }

  private void weigh() {
    for (int bag = 0; bag < bags.size(); bag++) {
      LoadBag one = bags.get(bag);
      if (one.greatestMass() == null) {
        continue;
      }
      LinearExprBuilder mass = LinearExpr.newBuilder();
      for (int piece = 0; piece < pieces.size(); piece++) {
        mass.addTerm(inBag[piece][bag], pieces.get(piece).mass().milligrams());
      }
      model.addLessOrEqual(
          mass, Math.max(0, one.greatestMass().milligrams() - one.ownMass().milligrams()));
    }
  }

  private void companions() {
    Map<String, Integer> at = new HashMap<>();
    pieces.forEach(piece -> at.put(piece.id(), at.size()));
    for (int piece = 0; piece < pieces.size(); piece++) {
      Integer of = at.get(pieces.get(piece).companionOf());
      if (of == null) {
        continue;
      }
      BoolVar parted = model.newBoolVar("parted");
      split.add(parted);
      for (int bag = 0; bag < bags.size(); bag++) {
        model.addBoolOr(
            new Literal[] {inBag[piece][bag].not(), comes[of].not(), inBag[of][bag], parted});
      }
    }
  }

  private void groups() {
    Map<String, BoolVar> there = new HashMap<>();
    for (int piece = 0; piece < pieces.size(); piece++) {
      String group = pieces.get(piece).group();
      for (int room = 0; room < rooms.size(); room++) {
        if (group != null && in[piece][room] != null) {
          BoolVar pair =
              there.computeIfAbsent(
                  group + "\n" + room,
                  _ -> {
                    BoolVar made = model.newBoolVar("pair");
                    pairs.add(made);
                    return made;
                  });
          model.addImplication(in[piece][room], pair);
        }
      }
    }
  }

  /**
   * What has to stay, the value, what is parted, what is moved, and group pairs, in this order.
   *
   * @param seconds for each
   */
  List<Level> levels(double seconds) {
    CpSolver solver = new CpSolver();
    solver.getParameters().setMaxTimeInSeconds(seconds).setNumWorkers(1);
    List<Level> levels = new ArrayList<>();
    for (LinearExprBuilder one : List.of(left, value, split, moved, pairs)) {
      boolean isValue = one == value;
      if (isValue) {
        model.maximize(one);
      } else {
        model.minimize(one);
      }
      CpSolverStatus status = solver.solve(model);
      if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
        return levels;
      }
      long found = Math.round(solver.objectiveValue());
      levels.add(
          new Level(
              isValue ? found / (double) THOUSANDTHS : found, status == CpSolverStatus.OPTIMAL));
      if (isValue) {
        model.addGreaterOrEqual(one, found);
      } else {
        model.addLessOrEqual(one, found);
      }
      model.clearObjective();
    }
    return levels;
  }
}
