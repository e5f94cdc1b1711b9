package gerula.bench.restock;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;

/** Products and bookings of a year, drawn by chance; what is really used is not told beforehand. */
final class YearOfWork {

  static final LocalDate FIRST = LocalDate.of(2031, 1, 6);
  static final int DAYS = 365;

  private static final int PRODUCTS = 24;
  private static final double SPREAD = 0.5;

  /**
   * @param pack what one holds
   * @param usual what a face takes by the books
   * @param really what a face takes of it here, as a share of that
   * @param besideAWeek what is used beside bookings
   * @param share of the bookings that take it
   * @param daysOnceOpen how long a pack serves once it is open
   */
  record Thing(
      UUID id,
      double pack,
      double price,
      double usual,
      double really,
      double besideAWeek,
      double share,
      int daysOnceOpen,
      boolean isCounted,
      boolean stopsAJob) {}

  /**
   * @param known from which day on the artist knows of it
   * @param takes which things it takes
   */
  record Job(UUID id, int known, int first, int last, int faces, List<Thing> takes) {
    boolean isOn(int day) {
      return day >= first && day <= last;
    }
  }

  final List<Thing> things = new ArrayList<>();
  final List<Job> jobs = new ArrayList<>();
  private final Random chance;

  YearOfWork(long seed) {
    chance = new Random(seed);
    for (int at = 0; at < PRODUCTS; at++) {
      things.add(thing(at));
    }
    int day = 10;
    while (day < DAYS - 12) {
      int days = chance.nextInt(3) == 0 ? 2 + chance.nextInt(7) : 1;
      int faces = 1 + chance.nextInt(chance.nextInt(4) == 0 ? 16 : 6);
      List<Thing> takes = things.stream().filter(one -> chance.nextDouble() < one.share()).toList();
      // Most are known for weeks, some for a few days only.
      int ahead = chance.nextInt(8) == 0 ? 2 + chance.nextInt(8) : 21 + chance.nextInt(60);
      jobs.add(
          new Job(
              new UUID(seed, jobs.size()),
              Math.max(0, day - ahead),
              day,
              day + days - 1,
              faces,
              takes));
      day += days + 1 + chance.nextInt(9);
    }
  }

  private Thing thing(int at) {
    boolean isCounted = at % 3 == 0;
    double usual = isCounted ? 1 + chance.nextInt(3) : 0.1 + 0.5 * chance.nextDouble();
    double pack = usual * (25 + chance.nextInt(175));
    return new Thing(
        new UUID(7, at),
        isCounted ? Math.ceil(pack) : pack,
        4 + chance.nextInt(30),
        usual,
        Math.exp(chance.nextGaussian() * 0.3),
        chance.nextInt(4) == 0 ? usual * (1 + chance.nextInt(3)) : 0,
        0.2 + 0.8 * chance.nextDouble(),
        isCounted ? 3_650 : 150 + chance.nextInt(390),
        isCounted,
        at % 4 == 0);
  }

  /** What so many faces really take. */
  double used(Thing thing, int faces) {
    double used = 0;
    for (int face = 0; face < faces; face++) {
      used += thing.isCounted() ? poisson(thing.usual() * thing.really()) : oneFace(thing);
    }
    return used;
  }

  private double oneFace(Thing thing) {
    double mean = thing.usual() * thing.really();
    return Math.max(0, mean * (1 + SPREAD * chance.nextGaussian()));
  }

  /** What is used beside bookings on a day: one day in four, more of it then. */
  double beside(Thing thing) {
    if (thing.besideAWeek() == 0 || chance.nextInt(4) != 0) {
      return 0;
    }
    double mean = thing.besideAWeek() * 4 / 7;
    return thing.isCounted() ? poisson(mean) : mean * 2 * chance.nextDouble();
  }

  /** On which day an order is there: now and then it is late. */
  int arrives(int ordered, int days) {
    return ordered + days + (chance.nextInt(12) == 0 ? 1 + chance.nextInt(4) : 0);
  }

  private int poisson(double mean) {
    double limit = Math.exp(-mean);
    double product = chance.nextDouble();
    int count = 0;
    while (product > limit) {
      product *= chance.nextDouble();
      count++;
    }
    return count;
  }
}
