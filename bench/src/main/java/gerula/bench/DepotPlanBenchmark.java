package gerula.bench;

import gerula.core.depot.Content;
import gerula.core.depot.bench.DepotPlan;
import gerula.core.depot.bench.Pack;
import gerula.core.depot.bench.SessionPlanner;
import gerula.core.depot.empties.Empty;
import gerula.core.kit.item.Container;
import gerula.core.kit.product.Form;
import gerula.core.quantity.Density;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Volume;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Planning a session of 30 packs with 12 kinds of empties, each kind short. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class DepotPlanBenchmark {

  private static final LocalDate DAY = LocalDate.of(2031, 4, 14);

  private final Random random = new Random(7);
  private final List<Empty> empties =
      IntStream.range(0, 12).mapToObj(kind -> empty(Container.values()[kind])).toList();
  private final List<Pack> packs = IntStream.range(0, 30).mapToObj(i -> pack("pack " + i)).toList();

  private Empty empty(Container container) {
    double size = 3 + random.nextInt(27);
    return new Empty(container, Volume.ofMl(size), Mass.ofGrams(4), Volume.ofMl(size * 1.4), 2);
  }

  private Pack pack(String id) {
    Form form = Form.values()[random.nextInt(Form.values().length)];
    double content = 5 + random.nextInt(95);
    return new Pack(
        id,
        Content.usual(form),
        Volume.ofMl(content),
        Density.OF_WATER,
        Mass.ofGrams(40),
        Volume.ofMl(content * 2),
        Volume.ofMl(1 + random.nextInt(12)),
        DAY.plusDays(60 + random.nextInt(700)));
  }

  @Benchmark
  public DepotPlan plan() {
    return SessionPlanner.plan(DAY, 3, empties, packs);
  }
}
