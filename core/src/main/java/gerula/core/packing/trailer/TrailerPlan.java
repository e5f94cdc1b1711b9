package gerula.core.packing.trailer;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * How a trailer is moved into, worked from and moved out of.
 *
 * @param days of the booking that are not past, each once, at most {@value #MOST_DAYS}
 * @param movingIn in the order of setting up, from the first place on the way through the trailer
 * @param movingOut in the order of packing up: what was set up last is packed first
 */
public record TrailerPlan(List<TrailerDay> days, List<Carry> movingIn, List<Carry> movingOut) {

  /** Longer ahead nobody carries by a plan. */
  public static final int MOST_DAYS = 62;

  public TrailerPlan {
    days = List.copyOf(days);
    movingIn = List.copyOf(movingIn);
    movingOut = List.copyOf(movingOut);
  }

  /**
   * From a bag to its station, or back.
   *
   * @param bag the place of a bag, null when it is carried by itself
   */
  public record Carry(UUID item, @Nullable UUID bag, UUID station) {

    private static Carry of(TrailerPiece piece) {
      return new Carry(piece.item(), piece.bag(), piece.station());
    }
  }

  /**
   * @param stations places of the trailer in the order in which one walks through it
   */
  public static TrailerPlan of(
      List<TrailerPiece> pieces,
      List<UUID> stations,
      LocalDate firstDay,
      LocalDate lastDay,
      LocalDate today) {
    List<TrailerPiece> inOrder = setUpOrder(pieces, stations);
    LocalDate from = today.isAfter(firstDay) ? today : firstDay;
    Stays stays = new Stays(inOrder);
    List<TrailerDay> days =
        from.isAfter(lastDay)
            ? List.of()
            : from.datesUntil(lastDay.plusDays(1)).limit(MOST_DAYS).map(stays::through).toList();
    List<Carry> in = inOrder.stream().filter(piece -> !piece.isThere()).map(Carry::of).toList();
    List<Carry> out =
        inOrder.reversed().stream().filter(piece -> !piece.livesThere()).map(Carry::of).toList();
    return new TrailerPlan(days, in, out);
  }

  private static List<TrailerPiece> setUpOrder(List<TrailerPiece> pieces, List<UUID> stations) {
    Map<UUID, Integer> walk =
        IntStream.range(0, stations.size())
            .boxed()
            .collect(Collectors.toMap(stations::get, Function.identity(), (one, _) -> one));
    return pieces.stream()
        .sorted(
            Comparator.<TrailerPiece>comparingInt(
                    piece -> walk.getOrDefault(piece.station(), Integer.MAX_VALUE))
                .thenComparingInt(TrailerPiece::setUpRank))
        .toList();
  }
}
