package gerula.core.packing.day;

import gerula.core.packing.day.ChairPlan.ChairSlot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A good plan for very many: by earliest due date each face takes the chair in which it is done
 * first; then two faces change places as long as that makes it less late.
 */
final class ManyChairs {

  private static final int MOST_ROUNDS = 20;

  private final List<ChairArtist> artists;
  private final List<ChairFace> faces;
  private final int turnover;

  ManyChairs(List<ChairArtist> artists, List<ChairFace> faces, int turnover) {
    this.artists = artists.stream().sorted(Comparator.comparing(ChairArtist::id)).toList();
    this.faces =
        faces.stream()
            .sorted(
                Comparator.comparingInt(ChairFace::due)
                    .thenComparingInt(ChairFace::there)
                    .thenComparing(ChairFace::id))
            .toList();
    this.turnover = turnover;
  }

  ChairPlan good() {
    List<ChairFace> order = new ArrayList<>(faces);
    List<ChairSlot> best = seated(order);
    for (int round = 0; round < MOST_ROUNDS && late(best) > 0; round++) {
      List<ChairSlot> better = exchanged(order, best);
      if (better == null) {
        break;
      }
      best = better;
    }
    int late = late(best);
    boolean isAlone = artists.size() == 1 && late == 0;
    return new ChairPlan(
        best,
        isAlone ? best.stream().mapToInt(ChairSlot::start).min().orElse(0) : null,
        late,
        false);
  }

  ChairPlan inOrder(List<String> order) {
    List<ChairFace> seats = new ArrayList<>(faces);
    seats.sort(
        Comparator.comparingInt(
            face -> order.contains(face.id()) ? order.indexOf(face.id()) : order.size()));
    List<ChairSlot> slots = seated(seats);
    return new ChairPlan(slots, null, late(slots), false);
  }

  private @Nullable List<ChairSlot> exchanged(List<ChairFace> order, List<ChairSlot> best) {
    for (int one = 0; one < order.size(); one++) {
      for (int other = one + 1; other < order.size(); other++) {
        swap(order, one, other);
        List<ChairSlot> tried = seated(order);
        if (late(tried) < late(best)) {
          return tried;
        }
        swap(order, one, other);
      }
    }
    return null;
  }

  private static void swap(List<ChairFace> order, int one, int other) {
    ChairFace first = order.get(one);
    order.set(one, order.get(other));
    order.set(other, first);
  }

  private List<ChairSlot> seated(List<ChairFace> order) {
    Map<String, Integer> free = new HashMap<>();
    artists.forEach(one -> free.put(one.id(), ChairArtist.minute(one.from())));
    List<ChairSlot> slots = new ArrayList<>();
    for (ChairFace face : order) {
      ChairSlot slot =
          artists.stream()
              .filter(one -> face.artist() == null || face.artist().equals(one.id()))
              .map(one -> slot(face, one, free.get(one.id())))
              .min(Comparator.comparingInt(ChairSlot::end).thenComparing(ChairSlot::artist))
              .orElseThrow();
      free.put(slot.artist(), slot.end() + turnover);
      slots.add(slot);
    }
    return slots;
  }

  private static ChairSlot slot(ChairFace face, ChairArtist artist, int free) {
    int start = artist.fitting(Math.max(free, face.there()), face.minutes());
    int end = start + face.minutes();
    int due = Math.min(face.due(), ChairArtist.minute(artist.until()));
    return new ChairSlot(face.id(), artist.id(), start, end, Math.max(0, end - due));
  }

  private static int late(List<ChairSlot> slots) {
    return slots.stream().mapToInt(ChairSlot::lateMinutes).max().orElse(0);
  }
}
