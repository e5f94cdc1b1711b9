package gerula.core.packing.load;

import gerula.core.packing.load.LoadPlan.PlacedPiece;
import gerula.core.rule.Code;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Why a piece lies where it does. */
public enum LoadReason implements Code {
  /** It has to. */
  PINNED,
  /** It usually does. */
  USUAL,
  /** The compartment is kept for whose it is. */
  KEPT_FOR_ONE,
  /** It may leak, and this closes. */
  CLOSES,
  /** What it is useless without lies in the same bag. */
  WITH_COMPANION,
  /** Others of its group lie here. */
  WITH_ITS_GROUP,
  /** Where it usually lies there was no room, or it may not. */
  ROOM_HERE;

  /** Of each piece that was placed. */
  public static Map<String, Set<LoadReason>> of(Load load, List<PlacedPiece> placed) {
    Map<String, LoadPiece> pieces = new HashMap<>();
    load.pieces().forEach(piece -> pieces.put(piece.id(), piece));
    Map<String, String> at = new HashMap<>();
    placed.forEach(one -> at.put(one.piece(), one.compartment()));
    Map<String, Compartment> rooms = new HashMap<>();
    Map<String, String> bagOf = new HashMap<>();
    for (LoadBag bag : load.bags()) {
      for (Compartment room : bag.compartments()) {
        rooms.put(room.id(), room);
        bagOf.put(room.id(), bag.id());
      }
    }
    Map<String, List<String>> ofGroup = new HashMap<>();
    for (PlacedPiece one : placed) {
      LoadPiece piece = pieces.get(one.piece());
      if (piece != null && piece.group() != null) {
        ofGroup
            .computeIfAbsent(piece.group() + "\n" + one.compartment(), _ -> new ArrayList<>())
            .add(one.piece());
      }
    }
    Map<String, Set<LoadReason>> reasons = new HashMap<>();
    for (PlacedPiece one : placed) {
      LoadPiece piece = pieces.get(one.piece());
      Compartment room = rooms.get(one.compartment());
      if (piece == null || room == null) {
        continue;
      }
      Set<LoadReason> found = EnumSet.noneOf(LoadReason.class);
      add(found, PINNED, room.id().equals(piece.pinned()));
      add(found, USUAL, room.id().equals(piece.usual()));
      add(found, KEPT_FOR_ONE, room.person() != null);
      add(found, CLOSES, piece.isWet());
      String of = piece.companionOf() == null ? null : at.get(piece.companionOf());
      add(
          found,
          WITH_COMPANION,
          of != null && bagOf.get(room.id()).equals(bagOf.getOrDefault(of, "")));
      add(
          found,
          WITH_ITS_GROUP,
          piece.group() != null && ofGroup.get(piece.group() + "\n" + room.id()).size() > 1);
      add(found, ROOM_HERE, found.isEmpty());
      reasons.put(one.piece(), found);
    }
    return reasons;
  }

  private static void add(Set<LoadReason> found, LoadReason reason, boolean holds) {
    if (holds) {
      found.add(reason);
    }
  }
}
