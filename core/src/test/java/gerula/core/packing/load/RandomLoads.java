package gerula.core.packing.load;

import gerula.core.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Loads by chance. */
public final class RandomLoads {

  static final List<String> SECTIONS = List.of("skin", "base", "eyes", "lips", "tools");

  private RandomLoads() {}

  /** A few pieces and compartments measured in tens of mm, so that every place can be tried. */
  static Load tiny(Random random) {
    List<LoadBag> bags = new ArrayList<>();
    int rooms = 0;
    for (int bag = 0; bag < 1 + random.nextInt(2); bag++) {
      List<Compartment> own = new ArrayList<>();
      for (int i = 0; i < 1 + random.nextInt(2); i++) {
        own.add(
            new Compartment(
                "room" + rooms++,
                tens(random, 2, 4),
                tens(random, 1, 3),
                tens(random, 1, 3),
                random.nextInt(3) == 0 ? 0.85 : 1,
                random.nextInt(3) == 0 ? Set.of("skin", "base", "eyes") : Set.of(),
                random.nextBoolean(),
                1 + random.nextInt(3),
                random.nextInt(6) == 0 ? "iva" : null));
      }
      Mass most = random.nextInt(3) == 0 ? Mass.ofGrams(150L + random.nextInt(150)) : null;
      bags.add(new LoadBag("bag" + bag, Mass.ofGrams(100L), most, own));
    }
    List<LoadPiece> pieces = new ArrayList<>();
    int many = 2 + random.nextInt(4);
    for (int i = 0; i < many; i++) {
      pieces.add(
          piece(random, i, rooms, many)
              .measures(new Posture(tens(random, 1, 3), tens(random, 1, 2), tens(random, 1, 2)))
              .build());
    }
    return new Load(bags, pieces);
  }

  private static int tens(Random random, int least, int most) {
    return 10 * (least + random.nextInt(most - least + 1));
  }

  /** Bags as artists have them, with so many compartments and pieces in all. */
  public static Load real(Random random, int rooms, int pieces) {
    List<LoadBag> bags = new ArrayList<>();
    int made = 0;
    while (made < rooms) {
      List<Compartment> own = new ArrayList<>();
      int here = Math.min(rooms - made, 4 + random.nextInt(9));
      for (int i = 0; i < here; i++) {
        own.add(
            new Compartment(
                "room" + made++,
                100 + random.nextInt(250),
                80 + random.nextInt(160),
                40 + random.nextInt(120),
                0.85,
                random.nextInt(3) == 0 ? Set.copyOf(List.of(any(random), any(random))) : Set.of(),
                random.nextInt(3) > 0,
                1 + i,
                random.nextInt(12) == 0 ? "iva" : null));
      }
      bags.add(
          new LoadBag(
              "bag" + bags.size(),
              Mass.ofGrams(1500L),
              random.nextInt(3) == 0 ? Mass.ofGrams(6000L + random.nextInt(9000)) : null,
              own));
    }
    List<LoadPiece> all = new ArrayList<>();
    for (int i = 0; i < pieces; i++) {
      all.add(
          piece(random, i, rooms, pieces)
              .measures(
                  new Posture(
                      9 + random.nextInt(60), 9 + random.nextInt(60), 9 + random.nextInt(110)))
              .build());
    }
    return new Load(bags, all);
  }

  /** Two bags of two compartments each, and hardly room for everything. */
  static Load tight(Random random) {
    List<LoadBag> bags = new ArrayList<>();
    int rooms = 0;
    for (int bag = 0; bag < 2; bag++) {
      List<Compartment> own = new ArrayList<>();
      for (int i = 0; i < 2; i++) {
        own.add(
            new Compartment(
                "room" + rooms++,
                100 + random.nextInt(60),
                80 + random.nextInt(40),
                50 + random.nextInt(30),
                0.85,
                i == 0 ? Set.of("skin", "base", "eyes") : Set.of(),
                i > 0,
                1 + i,
                null));
      }
      bags.add(new LoadBag("bag" + bag, Mass.ofGrams(500L), Mass.ofGrams(1200L), own));
    }
    List<LoadPiece> all = new ArrayList<>();
    for (int i = 0; i < 24; i++) {
      all.add(
          piece(random, i, rooms, 24)
              .measures(
                  new Posture(
                      12 + random.nextInt(40), 12 + random.nextInt(40), 12 + random.nextInt(60)))
              .build());
    }
    return new Load(bags, all);
  }

  private static String any(Random random) {
    return SECTIONS.get(random.nextInt(SECTIONS.size()));
  }

  private static LoadPieceBuilder piece(Random random, int number, int rooms, int pieces) {
    int other = random.nextInt(pieces);
    return LoadPieceBuilder.builder()
        .id("p" + number)
        .name("piece " + number)
        .mass(Mass.ofGrams(10L + random.nextInt(100)))
        .section(any(random))
        .isRequired(random.nextInt(3) > 0)
        .value(1 + random.nextInt(9))
        .orientation(Orientation.values()[random.nextInt(4)])
        .isRigid(random.nextInt(5) > 0)
        .isWet(random.nextInt(5) == 0)
        .isHot(random.nextInt(20) == 0)
        .melts(random.nextInt(3) == 0)
        .group(random.nextInt(3) > 0 ? "group" + random.nextInt(1 + pieces / 6) : null)
        .usual(random.nextInt(3) > 0 ? "room" + random.nextInt(rooms) : null)
        .companionOf(random.nextInt(4) == 0 && other != number ? "p" + other : null)
        .openedFirst(random.nextInt(2) == 0 ? 1 + random.nextInt(4) : null)
        .person(random.nextInt(8) == 0 ? (random.nextBoolean() ? "iva" : "ole") : null)
        .pinned(random.nextInt(12) == 0 ? "room" + random.nextInt(rooms) : null);
  }

  static @Nullable LoadPiece piece(Load load, String id) {
    return load.pieces().stream().filter(one -> one.id().equals(id)).findFirst().orElse(null);
  }
}
