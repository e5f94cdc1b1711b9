package gerula.core.packing.load;

import gerula.core.packing.load.LoadPlan.PlacedPiece;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/** What is wrong with a plan, found millimetre by millimetre and told again from the rules. */
final class LoadCheck {

  private final Load load;
  private final LoadPlan plan;
  private final Map<String, Compartment> rooms = new HashMap<>();
  private final Map<String, LoadBag> bagOf = new HashMap<>();
  private final List<String> wrong = new ArrayList<>();

  private LoadCheck(Load load, LoadPlan plan) {
    this.load = load;
    this.plan = plan;
    for (LoadBag bag : load.bags()) {
      for (Compartment room : bag.compartments()) {
        rooms.put(room.id(), room);
        bagOf.put(room.id(), bag);
      }
    }
  }

  static List<String> wrong(Load load, LoadPlan plan) {
    LoadCheck check = new LoadCheck(load, plan);
    check.everyPieceOnce();
    plan.placed().forEach(check::alone);
    plan.placed().stream()
        .collect(Collectors.groupingBy(PlacedPiece::compartment))
        .forEach(check::together);
    check.masses();
    check.levels();
    return check.wrong;
  }

  private LoadPiece piece(PlacedPiece placed) {
    return piece(placed.piece());
  }

  private LoadPiece piece(String id) {
    return load.pieces().stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
  }

  private void unless(boolean isRight, String what) {
    if (!isRight) {
      wrong.add(what);
    }
  }

  private void everyPieceOnce() {
    List<String> told = new ArrayList<>();
    plan.placed().forEach(one -> told.add(one.piece()));
    plan.left().forEach(one -> told.add(one.piece()));
    unless(
        told.size() == load.pieces().size()
            && new HashSet<>(told)
                .equals(load.pieces().stream().map(LoadPiece::id).collect(Collectors.toSet())),
        "not every piece is told once");
  }

  private void alone(PlacedPiece placed) {
    LoadPiece piece = piece(placed);
    Compartment room = rooms.get(placed.compartment());
    String who = placed.toString();
    unless(piece.pinned() == null || piece.pinned().equals(room.id()), "pinned elsewhere " + who);
    unless(
        room.allowed().isEmpty() || room.allowed().contains(piece.section()), "not allowed " + who);
    unless(room.person() == null || room.person().equals(piece.person()), "another's " + who);
    unless(!piece.isWet() || room.isSealed(), "may leak " + who);
    unless(
        placed.xMm() >= 0
            && placed.yMm() >= 0
            && placed.zMm() >= 0
            && placed.xMm() + placed.widthMm() <= room.widthMm()
            && placed.yMm() + placed.depthMm() <= room.depthMm()
            && placed.zMm() + placed.heightMm() <= room.heightMm(),
        "sticks out " + who);
    int[] own = {
      piece.measures().widthMm(), piece.measures().depthMm(), piece.measures().heightMm()
    };
    int[] lies = {placed.widthMm(), placed.depthMm(), placed.heightMm()};
    int stands = own[2];
    Arrays.sort(own);
    int[] sorted = lies.clone();
    Arrays.sort(sorted);
    unless(Arrays.equals(own, sorted), "another size " + who);
    boolean isAsItMay =
        switch (piece.orientation()) {
          case ANY -> true;
          case UPRIGHT -> placed.heightMm() == stands;
          case FLAT -> placed.heightMm() == own[0];
          case LONG -> Math.max(placed.widthMm(), placed.depthMm()) == own[2];
        };
    unless(isAsItMay, "lies as it may not " + who);
  }

  /** A raster of the floor: to which height each millimetre is filled, and whether it bears. */
  private void together(String id, List<PlacedPiece> here) {
    Compartment room = rooms.get(id);
    double volume = 0;
    for (PlacedPiece one : here) {
      LoadPiece piece = piece(one);
      double own = (double) one.widthMm() * one.depthMm() * one.heightMm();
      volume += piece.isRigid() ? own : 0.6 * own;
    }
    double most = room.usableShare() * room.widthMm() * room.depthMm() * room.heightMm() + 1e-3;
    unless(volume <= most, "too full: " + id);
    boolean isHot = here.stream().anyMatch(one -> piece(one).isHot());
    unless(!isHot || here.stream().noneMatch(one -> piece(one).melts()), "melts in " + id);
    List<PlacedPiece> rising =
        here.stream()
            .filter(one -> piece(one).isRigid())
            .sorted(java.util.Comparator.comparingInt(PlacedPiece::zMm))
            .toList();
    int[][] filled = new int[room.widthMm()][room.depthMm()];
    boolean[][] bears = new boolean[room.widthMm()][room.depthMm()];
    for (PlacedPiece one : rising) {
      boolean isFlat = piece(one).orientation() == Orientation.FLAT;
      for (int x = one.xMm(); x < one.xMm() + one.widthMm(); x++) {
        for (int y = one.yMm(); y < one.yMm() + one.depthMm(); y++) {
          if (filled[x][y] > one.zMm()) {
            wrong.add("overlaps at " + x + ", " + y + ": " + one);
            return;
          }
          if (one.zMm() > 0 && !(filled[x][y] == one.zMm() && bears[x][y])) {
            wrong.add("floats at " + x + ", " + y + ": " + one);
            return;
          }
          filled[x][y] = one.zMm() + one.heightMm();
          bears[x][y] = isFlat;
        }
      }
    }
  }

  private void masses() {
    for (LoadBag bag : load.bags()) {
      long mg =
          bag.ownMass().milligrams()
              + plan.placed().stream()
                  .filter(one -> bagOf.get(one.compartment()) == bag)
                  .mapToLong(one -> piece(one).mass().milligrams())
                  .sum();
      boolean isEmpty =
          plan.placed().stream().noneMatch(one -> bagOf.get(one.compartment()) == bag);
      unless(
          isEmpty || bag.greatestMass() == null || mg <= bag.greatestMass().milligrams(),
          "too heavy: " + bag.id());
    }
  }

  private void levels() {
    LoadLevels told = plan.levels();
    Map<String, PlacedPiece> at =
        plan.placed().stream().collect(Collectors.toMap(PlacedPiece::piece, one -> one));
    int left = 0;
    double value = 0;
    int split = 0;
    int moved = 0;
    int reach = 0;
    double lifted = 0;
    Set<String> pairs = new HashSet<>();
    for (LoadPiece piece : load.pieces()) {
      PlacedPiece placed = at.get(piece.id());
      if (placed == null) {
        left += piece.isRequired() ? 1 : 0;
        continue;
      }
      value += piece.isRequired() ? 0 : piece.value();
      PlacedPiece of = piece.companionOf() == null ? null : at.get(piece.companionOf());
      split += of != null && bagOf.get(of.compartment()) != bagOf.get(placed.compartment()) ? 1 : 0;
      moved += piece.usual() != null && !piece.usual().equals(placed.compartment()) ? 1 : 0;
      if (piece.group() != null) {
        pairs.add(piece.group() + " in " + placed.compartment());
      }
      if (piece.openedFirst() != null) {
        reach += Math.abs(piece.openedFirst() - rooms.get(placed.compartment()).reach());
      }
      lifted += piece.mass().exactGrams() * placed.zMm() / 1000;
    }
    LoadLevels own = new LoadLevels(left, value, split, moved, pairs.size(), reach, lifted);
    unless(told.compareTo(own) == 0, "levels " + told + " but " + own);
    unless(plan.bounds().requiredLeft() <= left, "the bound of what is left is passed");
    unless(plan.bounds().value() >= value - 1e-6, "the bound of the value is passed");
    unless(
        Objects.equals(told.requiredLeft(), left) && plan.bounds().splitCompanions() <= split,
        "the bound of what is parted is passed");
  }
}
