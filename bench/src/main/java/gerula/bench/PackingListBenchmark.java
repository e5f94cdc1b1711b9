package gerula.bench;

import gerula.core.packing.PackingList;
import gerula.core.packing.RandomKits;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long the packing list of a booking takes; 120 items are the reference in the same run. */
@State(Scope.Benchmark)
@BenchmarkMode({Mode.AverageTime, Mode.SampleTime})
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 10, time = 2)
@Measurement(iterations = 5, time = 2)
public class PackingListBenchmark {

  @Param({"120", "2000"})
  int items;

  @Param({"12"})
  int faces;

  private PackingList.PackingFacts facts;

  @Setup
  public void kit() {
    facts = new RandomKits(7).facts(items, faces);
  }

  @Benchmark
  public PackingList list() {
    return PackingList.of(facts);
  }
}
