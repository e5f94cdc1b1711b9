package gerula.core.packing.travel;

import gerula.core.packing.travel.TravelCheck.LiquidsBag;
import gerula.core.packing.travel.TravelCheck.PieceCheck;
import gerula.core.packing.travel.TravelCheck.SpareBatteries;
import gerula.core.packing.travel.TravelCheck.Toiletries;
import gerula.core.packing.travel.TravelPiece.Measure;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What of a person's baggage may go by air as it is packed. The carrier decides.
 *
 * @param pieces in the order in which they were told
 * @param liquids of what goes into the cabin
 * @param toiletries of cabin and hold together
 */
public record BaggageCheck(
    List<Checked> pieces, LiquidsBag liquids, Toiletries toiletries, SpareBatteries spares) {

  /**
   * A piece and where it is packed.
   *
   * @param isInHold whether its bag is checked in
   */
  public record Packed(TravelPiece piece, boolean isInHold) {}

  /**
   * @param here whether it may go as it is packed; ask where something is not known of it
   * @param missing what is not known of it and would decide
   */
  public record Checked(
      String id,
      boolean isInHold,
      Verdict here,
      List<TravelReason> reasons,
      Set<TravelAdvice> advice,
      Set<Measure> missing) {

    public Checked {
      reasons = List.copyOf(reasons);
    }

    /** Whether anything is to be said of it. */
    public boolean isTold() {
      return here != Verdict.YES
          || reasons.stream().anyMatch(reason -> reason != TravelReason.IN_THE_LIQUIDS_BAG);
    }
  }

  public BaggageCheck {
    pieces = List.copyOf(pieces);
  }

  public static BaggageCheck of(Collection<Packed> baggage) {
    List<TravelPiece> known =
        baggage.stream().map(Packed::piece).filter(one -> one.missing().isEmpty()).toList();
    Map<String, PieceCheck> verdicts = new HashMap<>();
    TravelCheck all = TravelCheck.of(known);
    all.pieces().forEach(one -> verdicts.put(one.id(), one));
    TravelCheck cabin =
        TravelCheck.of(
            baggage.stream()
                .filter(one -> !one.isInHold() && one.piece().missing().isEmpty())
                .map(Packed::piece)
                .toList());
    return new BaggageCheck(
        baggage.stream().map(one -> checked(one, verdicts.get(one.piece().id()))).toList(),
        cabin.liquids(),
        all.toiletries(),
        all.spares());
  }

  private static Checked checked(Packed packed, @Nullable PieceCheck verdict) {
    TravelPiece piece = packed.piece();
    if (verdict == null) {
      return new Checked(
          piece.id(),
          packed.isInHold(),
          Verdict.ASK,
          List.of(),
          EnumSet.of(TravelAdvice.MEASURE_IT),
          piece.missing());
    }
    Verdict here = packed.isInHold() ? verdict.hold() : verdict.cabin();
    return new Checked(
        piece.id(),
        packed.isInHold(),
        here,
        verdict.reasons(),
        advice(packed, verdict, here),
        Set.of());
  }

  private static Set<TravelAdvice> advice(Packed packed, PieceCheck verdict, Verdict here) {
    Set<TravelAdvice> advice = EnumSet.noneOf(TravelAdvice.class);
    if (here == Verdict.ASK) {
      advice.add(TravelAdvice.ASK_THE_CARRIER);
    }
    if (here != Verdict.NO) {
      return advice;
    }
    if (verdict.reasons().contains(TravelReason.CONTAINER_OVER_100_ML) && !packed.isInHold()) {
      advice.add(TravelAdvice.DECANT_TO_100_ML);
    }
    Verdict other = packed.isInHold() ? verdict.cabin() : verdict.hold();
    if (other != Verdict.NO) {
      advice.add(packed.isInHold() ? TravelAdvice.CABIN_INSTEAD : TravelAdvice.HOLD_INSTEAD);
    }
    if (advice.isEmpty()) {
      advice.add(TravelAdvice.BUY_THERE);
    }
    return advice;
  }
}
