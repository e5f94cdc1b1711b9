package gerula.core.packing.day;

import gerula.core.packing.day.ChairPlan.ChairSlot;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * For each artist and each set of faces the earliest end is worked out once: an earlier end is
 * never worse. What lateness is needed, and how late the first can begin then, are found by
 * halving.
 */
final class ExactChairs {

  /** Nobody is that late. */
  private static final int MOST_LATE = 3 * 24 * 60;

  private static final int NEVER = Integer.MAX_VALUE;

  private final List<ChairArtist> artists;
  private final List<ChairFace> faces;
  private final int turnover;
  private final int all;

  ExactChairs(List<ChairArtist> artists, List<ChairFace> faces, int turnover) {
    this.artists = artists.stream().sorted(Comparator.comparing(ChairArtist::id)).toList();
    this.faces = faces.stream().sorted(Comparator.comparing(ChairFace::id)).toList();
    this.turnover = turnover;
    this.all = (1 << faces.size()) - 1;
  }

  ChairPlan best() {
    if (faces.isEmpty()) {
      return new ChairPlan(List.of(), null, 0, true);
    }
    int late = leastLateness();
    int start = latestStart(late);
    int[] sets = parted(late, start);
    List<ChairSlot> slots = new ArrayList<>();
    for (int artist = 0; artist < artists.size(); artist++) {
      inOrder(artist, sets[artist], late, start, slots);
    }
    int isLate = slots.stream().mapToInt(ChairSlot::lateMinutes).max().orElse(0);
    int first = slots.stream().mapToInt(ChairSlot::start).min().orElse(0);
    return new ChairPlan(slots, artists.size() == 1 && isLate == 0 ? first : null, isLate, true);
  }

  private int leastLateness() {
    int impossible = -1;
    int possible = MOST_LATE;
    while (possible - impossible > 1) {
      int middle = (possible + impossible) / 2;
      if (canBeParted(ends(middle, 0))) {
        possible = middle;
      } else {
        impossible = middle;
      }
    }
    return possible;
  }

  private int latestStart(int late) {
    int possible = 0;
    int impossible = 24 * 60 + MOST_LATE;
    while (impossible - possible > 1) {
      int middle = (possible + impossible) / 2;
      if (canBeParted(ends(late, middle))) {
        possible = middle;
      } else {
        impossible = middle;
      }
    }
    return possible;
  }

  /** By artist and set of faces the earliest minute at which all of them are done in time. */
  private int[][] ends(int late, int notBefore) {
    int[][] ends = new int[artists.size()][all + 1];
    for (int artist = 0; artist < artists.size(); artist++) {
      Arrays.fill(ends[artist], NEVER);
      ends[artist][0] = 0;
      for (int set = 1; set <= all; set++) {
        for (int face = 0; face < faces.size(); face++) {
          if ((set & 1 << face) != 0) {
            int before = set ^ 1 << face;
            int end = end(artist, face, ends[artist][before], before == 0, late, notBefore);
            ends[artist][set] = Math.min(ends[artist][set], end);
          }
        }
      }
    }
    return ends;
  }

  /** When this face is done after what came before; never where that is too late. */
  private int end(int artist, int face, int before, boolean isFirst, int late, int notBefore) {
    if (before == NEVER || !isFor(artist, face)) {
      return NEVER;
    }
    int end = start(artist, face, before, isFirst, notBefore) + faces.get(face).minutes();
    return end <= due(artist, face) + late ? end : NEVER;
  }

  private int start(int artist, int face, int before, boolean isFirst, int notBefore) {
    ChairArtist who = artists.get(artist);
    ChairFace whom = faces.get(face);
    int free = isFirst ? ChairArtist.minute(who.from()) : before + turnover;
    return who.fitting(Math.max(Math.max(free, whom.there()), notBefore), whom.minutes());
  }

  private int due(int artist, int face) {
    return Math.min(faces.get(face).due(), ChairArtist.minute(artists.get(artist).until()));
  }

  private boolean isFor(int artist, int face) {
    String own = faces.get(face).artist();
    return own == null || own.equals(artists.get(artist).id());
  }

  private boolean canBeParted(int[][] ends) {
    return canBeParted(ends, 0, all);
  }

  private boolean canBeParted(int[][] ends, int artist, int left) {
    if (artist == artists.size() - 1) {
      return ends[artist][left] != NEVER;
    }
    for (int own = left; ; own = (own - 1) & left) {
      if (ends[artist][own] != NEVER && canBeParted(ends, artist + 1, left ^ own)) {
        return true;
      }
      if (own == 0) {
        return false;
      }
    }
  }

  /**
   * The faces of each artist: the first face goes to the first artist who can have it, and so on.
   */
  private int[] parted(int late, int start) {
    int[][] ends = ends(late, start);
    int[] whose = new int[faces.size()];
    part(ends, whose, 0);
    int[] sets = new int[artists.size()];
    for (int face = 0; face < whose.length; face++) {
      sets[whose[face]] |= 1 << face;
    }
    return sets;
  }

  private boolean part(int[][] ends, int[] whose, int face) {
    if (face == faces.size()) {
      int[] sets = new int[artists.size()];
      for (int one = 0; one < whose.length; one++) {
        sets[whose[one]] |= 1 << one;
      }
      for (int artist = 0; artist < sets.length; artist++) {
        if (ends[artist][sets[artist]] == NEVER) {
          return false;
        }
      }
      return true;
    }
    for (int artist = 0; artist < artists.size(); artist++) {
      whose[face] = artist;
      if (isFor(artist, face) && part(ends, whose, face + 1)) {
        return true;
      }
    }
    return false;
  }

  /**
   * One artist's faces, each time the first by id after which the rest can still be done in time.
   */
  private void inOrder(int artist, int set, int late, int notBefore, List<ChairSlot> slots) {
    int left = set;
    int before = 0;
    while (left != 0) {
      for (int face = 0; face < faces.size(); face++) {
        if ((left & 1 << face) == 0) {
          continue;
        }
        int end = end(artist, face, before, left == set, late, notBefore);
        if (end != NEVER && canGoOn(artist, left ^ 1 << face, end, late, notBefore)) {
          ChairFace whom = faces.get(face);
          slots.add(
              new ChairSlot(
                  whom.id(),
                  artists.get(artist).id(),
                  end - whom.minutes(),
                  end,
                  Math.max(0, end - due(artist, face))));
          before = end;
          left ^= 1 << face;
          break;
        }
      }
    }
  }

  private boolean canGoOn(int artist, int left, int before, int late, int notBefore) {
    if (left == 0) {
      return true;
    }
    for (int face = 0; face < faces.size(); face++) {
      if ((left & 1 << face) != 0) {
        int end = end(artist, face, before, false, late, notBefore);
        if (end != NEVER && canGoOn(artist, left ^ 1 << face, end, late, notBefore)) {
          return true;
        }
      }
    }
    return false;
  }
}
