package gerula.core.packing.travel;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/**
 * What of these may go by air. Sources: Regulation (EU) 2015/1998 (liquids, blades), the technical
 * instructions of ICAO and the rules of IATA and TSA from memory. The carrier decides.
 *
 * @param pieces in the order in which they were told
 * @param liquids the bag of liquids in the cabin
 * @param toiletries all of one person's together
 * @param spares spare batteries of more than 100 Wh
 */
public record TravelCheck(
    List<PieceCheck> pieces, LiquidsBag liquids, Toiletries toiletries, SpareBatteries spares) {

  /** The one bag of liquids a person takes into the cabin. */
  public static final int LIQUIDS_ML = 1000;

  private static final double CONTAINER_ML = 100;
  private static final double TOILETRY = 500;
  private static final double ALL_TOILETRIES = 2000;
  private static final double FREE_WH = 100;
  private static final double MOST_WH = 160;
  private static final int MOST_LARGE_SPARES = 2;
  private static final double BLADE_MM = 60;
  private static final double POWDER_ML = 350;

  /** One piece: in the cabin, in the hold, and why. */
  public record PieceCheck(String id, Verdict cabin, Verdict hold, List<TravelReason> reasons) {
    public PieceCheck {
      reasons = List.copyOf(reasons);
    }
  }

  /**
   * @param ml of all containers of at most 100 ml
   */
  public record LiquidsBag(double ml, boolean fits) {}

  public record Toiletries(double massG, double volumeMl, boolean fits) {}

  /**
   * @param over100Wh of more than 100 Wh and at most 160
   */
  public record SpareBatteries(int over100Wh, boolean fits) {}

  public TravelCheck {
    pieces = List.copyOf(pieces);
  }

  /**
   * @param all of which nothing that is needed is missing
   */
  public static TravelCheck of(Collection<TravelPiece> all) {
    double liquids =
        all.stream()
            .filter(one -> one.kind().isOfTheLiquidsBag() && one.millilitres() <= CONTAINER_ML)
            .mapToDouble(TravelPiece::millilitres)
            .sum();
    List<TravelPiece> toiletries = all.stream().filter(TravelPiece::isToiletry).toList();
    double mass = toiletries.stream().mapToDouble(TravelPiece::grams).sum();
    double volume = toiletries.stream().mapToDouble(TravelPiece::millilitres).sum();
    List<TravelPiece> spares =
        all.stream()
            .filter(one -> one.kind() == TravelKind.LITHIUM_SPARE && one.hours() > FREE_WH)
            .toList();
    int large = (int) spares.stream().filter(one -> one.hours() <= MOST_WH).count();
    return new TravelCheck(
        all.stream().map(TravelCheck::check).toList(),
        new LiquidsBag(liquids, liquids <= LIQUIDS_ML),
        new Toiletries(mass, volume, mass <= ALL_TOILETRIES && volume <= ALL_TOILETRIES),
        new SpareBatteries(large, large == spares.size() && large <= MOST_LARGE_SPARES));
  }

  private static PieceCheck check(TravelPiece piece) {
    return switch (piece.kind()) {
      case LIQUID, CREAM -> liquid(piece);
      case AEROSOL ->
          piece.isToiletry()
              ? liquid(piece)
              : told(piece, Verdict.NO, Verdict.ASK, TravelReason.AEROSOL_NO_TOILETRY);
      case FLAMMABLE_LIQUID ->
          piece.isToiletry()
              ? liquid(piece)
              : told(piece, Verdict.NO, Verdict.NO, TravelReason.FLAMMABLE);
      case POWDER -> powder(piece);
      case LITHIUM_SPARE -> spare(piece);
      case LITHIUM_INSTALLED -> installed(piece);
      case SCISSORS -> blade(piece);
      case BLADE ->
          told(piece, Verdict.NO, Verdict.YES, TravelReason.LOOSE_BLADE, TravelReason.COVER_BLADE);
      case TOOL -> piece.bladeMm() == null ? told(piece, Verdict.YES, Verdict.YES) : blade(piece);
      case OTHER -> told(piece, Verdict.YES, Verdict.YES);
    };
  }

  private static PieceCheck liquid(TravelPiece piece) {
    List<TravelReason> reasons = new ArrayList<>();
    boolean isSmall = piece.millilitres() <= CONTAINER_ML;
    reasons.add(isSmall ? TravelReason.IN_THE_LIQUIDS_BAG : TravelReason.CONTAINER_OVER_100_ML);
    boolean isTooLarge = isTooLarge(piece);
    if (isTooLarge) {
      reasons.add(TravelReason.TOILETRY_TOO_LARGE);
    }
    return new PieceCheck(
        piece.id(),
        isSmall ? Verdict.YES : Verdict.NO,
        isTooLarge ? Verdict.NO : Verdict.YES,
        reasons);
  }

  private static boolean isTooLarge(TravelPiece piece) {
    return piece.isToiletry() && (piece.grams() > TOILETRY || piece.millilitres() > TOILETRY);
  }

  private static PieceCheck powder(TravelPiece piece) {
    List<TravelReason> reasons = new ArrayList<>();
    if (piece.millilitres() > POWDER_ML) {
      reasons.add(TravelReason.MAY_BE_INSPECTED);
    }
    boolean isTooLarge = isTooLarge(piece);
    if (isTooLarge) {
      reasons.add(TravelReason.TOILETRY_TOO_LARGE);
    }
    return new PieceCheck(piece.id(), Verdict.YES, isTooLarge ? Verdict.NO : Verdict.YES, reasons);
  }

  private static PieceCheck spare(TravelPiece piece) {
    List<TravelReason> reasons = new ArrayList<>();
    reasons.add(TravelReason.SPARE_IN_CABIN_ONLY);
    Verdict cabin = byPower(piece, reasons);
    if (cabin != Verdict.NO) {
      reasons.add(TravelReason.COVER_TERMINALS);
    }
    return new PieceCheck(piece.id(), cabin, Verdict.NO, reasons);
  }

  private static PieceCheck installed(TravelPiece piece) {
    List<TravelReason> reasons = new ArrayList<>();
    Verdict both = byPower(piece, reasons);
    return new PieceCheck(piece.id(), both, both, reasons);
  }

  private static Verdict byPower(TravelPiece piece, List<TravelReason> reasons) {
    if (piece.hours() > MOST_WH) {
      reasons.add(TravelReason.OVER_160_WH);
      return Verdict.NO;
    }
    if (piece.hours() > FREE_WH) {
      reasons.add(TravelReason.OVER_100_WH);
      return Verdict.ASK;
    }
    return Verdict.YES;
  }

  private static PieceCheck blade(TravelPiece piece) {
    return piece.blade() > BLADE_MM
        ? told(
            piece, Verdict.NO, Verdict.YES, TravelReason.BLADE_OVER_60_MM, TravelReason.COVER_BLADE)
        : told(piece, Verdict.YES, Verdict.YES);
  }

  private static PieceCheck told(
      TravelPiece piece, Verdict cabin, Verdict hold, TravelReason... reasons) {
    return new PieceCheck(piece.id(), cabin, hold, List.of(reasons));
  }
}
