package gerula.bench.restock;

import gerula.bench.restock.YearOfWork.Job;
import gerula.bench.restock.YearOfWork.Thing;
import gerula.core.restock.stock.Baseline;
import gerula.core.restock.stock.BookingUse;
import gerula.core.restock.stock.FacePace;
import gerula.core.restock.stock.OrderAdvice;
import gerula.core.restock.stock.OrderTerms;
import gerula.core.restock.stock.Outlook;
import gerula.core.restock.stock.StockFacts;
import gerula.core.restock.stock.StockPack;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;

/**
 * Years of work, ordering as the product advises, beside the rule "two of everything when one is
 * opened" on the same years: how often a job is short of what could be foreseen, what passes its
 * date, what it costs; and whether the band of a forecast 14 days ahead holds four times out of
 * five. Argument: how many years (20).
 */
public final class RestockBench {

  private static final int DELIVERY_DAYS = 5;
  private static final int AHEAD = 90;
  private static final int FORECAST = 14;

  private RestockBench() {}

  /** What came of the years. */
  private static final class Sum {
    private int needs;
    private int shortOnes;
    private double spent;
    private double past;
    private int forecasts;
    private int held;

    String told() {
      return String.format(
          "%d needs, %.2f %% short of what could be foreseen, spent %.0f, past its date %.1f %%",
          needs, 100.0 * shortOnes / needs, spent, 100 * past / spent);
    }
  }

  public static void main(String[] arguments) {
    int years = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 20;
    Sum advised = new Sum();
    Sum naive = new Sum();
    for (long seed = 1; seed <= years; seed++) {
      new Year(seed, advised, true).run();
      new Year(seed, naive, false).run();
    }
    double band = 100.0 * advised.held / advised.forecasts;
    System.out.println("as advised:             " + advised.told());
    System.out.println("two when one is opened: " + naive.told());
    System.out.printf("%d forecasts of 14 days: the band holds %.1f %%%n", advised.forecasts, band);
    boolean isKept =
        advised.shortOnes * 100 <= advised.needs
            && advised.past < 0.03 * advised.spent
            && advised.spent < naive.spent
            && band >= 75
            && band <= 85;
    System.out.println(isKept ? "within bounds" : "OUT OF BOUNDS");
  }

  /** One year by one of the rules. */
  private static final class Year {
    private final YearOfWork work;
    private final Sum sum;
    private final boolean isAdvised;
    private final Random chance;
    private final Map<UUID, Shelf> shelves = new HashMap<>();
    private final Map<UUID, Learnt> learnt = new HashMap<>();
    private final List<Order> orders = new ArrayList<>();
    private final List<Forecast> forecasts = new ArrayList<>();

    /** What was seen of one thing. */
    private static final class Learnt {
      private double atJobs;
      private int faces;
      private final List<Baseline.Used> beside = new ArrayList<>();
      private double usedInAll;
    }

    private record Order(Thing thing, int packs, int arrives) {}

    private record Forecast(Thing thing, int until, double usedBefore, double least, double most) {}

    Year(long seed, Sum sum, boolean isAdvised) {
      this.work = new YearOfWork(seed);
      this.sum = sum;
      this.isAdvised = isAdvised;
      this.chance = new Random(seed);
      for (Thing thing : work.things) {
        Shelf shelf = new Shelf(thing);
        shelf.buy(1, 0);
        shelves.put(thing.id(), shelf);
        learnt.put(thing.id(), new Learnt());
      }
    }

    void run() {
      for (int day = 0; day < YearOfWork.DAYS; day++) {
        int today = day;
        orders.stream()
            .filter(one -> one.arrives() == today)
            .forEach(one -> shelves.get(one.thing().id()).buy(one.packs(), today));
        shelves.values().forEach(shelf -> shelf.morning(today));
        work.jobs.stream().filter(job -> job.isOn(today)).forEach(job -> serve(job, today));
        work.things.forEach(thing -> besideJobs(thing, today));
        settle(today);
        work.things.forEach(thing -> order(thing, today));
        if (isAdvised && day >= 60 && day % FORECAST == 0 && day + FORECAST < YearOfWork.DAYS) {
          work.things.forEach(thing -> forecast(thing, today));
        }
      }
      shelves.values().forEach(shelf -> sum.spent += shelf.spent);
      shelves.values().forEach(shelf -> sum.past += shelf.past);
    }

    private void serve(Job job, int day) {
      for (Thing thing : job.takes()) {
        double used = work.used(thing, job.faces());
        double missing = shelves.get(thing.id()).use(used, day);
        Learnt of = learnt.get(thing.id());
        of.atJobs += used - missing;
        of.usedInAll += used;
        of.faces += job.faces();
        boolean isForeseeable = job.known() <= job.first() - DELIVERY_DAYS - 2;
        if (isForeseeable) {
          sum.needs++;
          sum.shortOnes += missing > 0 ? 1 : 0;
        }
      }
    }

    private void besideJobs(Thing thing, int day) {
      double used = work.beside(thing);
      if (used > 0) {
        double missing = shelves.get(thing.id()).use(used, day);
        Learnt of = learnt.get(thing.id());
        of.beside.add(new Baseline.Used(YearOfWork.FIRST.plusDays(day), used - missing));
        of.usedInAll += used;
      }
    }

    private void order(Thing thing, int day) {
      int coming =
          orders.stream()
              .filter(one -> one.thing() == thing && one.arrives() > day)
              .mapToInt(Order::packs)
              .sum();
      if (!isAdvised) {
        int missing = 2 - shelves.get(thing.id()).sealed() - coming;
        if (missing > 0) {
          buy(thing, missing, day);
        }
        return;
      }
      LocalDate today = YearOfWork.FIRST.plusDays(day);
      StockFacts facts = facts(thing, day, coming);
      OrderTerms terms =
          new OrderTerms(
              List.of(),
              DELIVERY_DAYS + 1,
              thing.stopsAJob() ? OrderTerms.LEVEL_OF_WHAT_STOPS_A_JOB : OrderTerms.USUAL_LEVEL,
              thing.pack(),
              thing.daysOnceOpen());
      OrderAdvice advice = OrderAdvice.of(facts, terms, today, AHEAD);
      if (advice != null && !advice.orderBy().isAfter(today.plusDays(1))) {
        buy(thing, Math.min(advice.packs(), Math.max(1, advice.usablePacks())), day);
      }
    }

    private void buy(Thing thing, int packs, int day) {
      orders.add(new Order(thing, packs, work.arrives(day, DELIVERY_DAYS)));
    }

    private StockFacts facts(Thing thing, int day, int coming) {
      LocalDate today = YearOfWork.FIRST.plusDays(day);
      Learnt of = learnt.get(thing.id());
      List<StockPack> packs = new ArrayList<>(shelves.get(thing.id()).packs());
      for (int at = 0; at < coming; at++) {
        packs.add(new StockPack(new UUID(8, at), thing.pack(), today.plusDays(730)));
      }
      List<BookingUse> uses = new ArrayList<>();
      for (Job job : work.jobs) {
        if (job.known() <= day && job.last() > day && job.takes().contains(thing)) {
          int days = job.last() - job.first() + 1;
          double faces = (double) job.faces() * days;
          uses.add(
              new BookingUse(
                  job.id(),
                  YearOfWork.FIRST.plusDays(job.first()),
                  YearOfWork.FIRST.plusDays(job.last()),
                  thing.usual() * faces,
                  faces));
        }
      }
      FacePace pace =
          of.faces == 0 ? FacePace.USUAL : FacePace.of(thing.usual(), of.atJobs, of.faces);
      return new StockFacts(
          packs, uses, pace, Baseline.of(of.beside, YearOfWork.FIRST, today), thing.isCounted());
    }

    /** Of a stock that never ends, so that what is used is seen. */
    private void forecast(Thing thing, int day) {
      double enough = 1_000_000;
      StockFacts facts = facts(thing, day, 0);
      StockFacts without =
          new StockFacts(
              List.of(new StockPack(new UUID(6, 6), enough, null)),
              facts.bookings(),
              facts.pace(),
              facts.baseline(),
              facts.isCounted());
      boolean isSurprised =
          work.jobs.stream()
              .anyMatch(
                  job ->
                      job.takes().contains(thing)
                          && job.known() > day + 1
                          && job.first() <= day + FORECAST);
      Outlook.Point end =
          Outlook.of(without, YearOfWork.FIRST.plusDays(day + 1), FORECAST).line().getLast();
      boolean isUsed = end.left() < enough - 1e-6;
      if (isUsed && !isSurprised) {
        forecasts.add(
            new Forecast(
                thing,
                day + FORECAST,
                learnt.get(thing.id()).usedInAll,
                enough - end.most(),
                enough - end.least()));
      }
    }

    private void settle(int day) {
      for (Forecast one : forecasts) {
        if (one.until() == day) {
          double used = learnt.get(one.thing().id()).usedInAll - one.usedBefore();
          // Of what is counted the edge itself is hit now and then.
          double slack = one.thing().isCounted() ? chance.nextDouble() - 0.5 : 0;
          sum.forecasts++;
          sum.held +=
              used + slack >= one.least() - 1e-9 && used + slack <= one.most() + 1e-9 ? 1 : 0;
        }
      }
    }
  }
}
