package gerula.core.depot;

import gerula.core.depot.bench.Pack;
import gerula.core.depot.empties.Empty;
import gerula.core.kit.item.Container;
import gerula.core.quantity.Density;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Volume;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Packs and empties told in ml and g. */
public final class Bench {

  private Bench() {}

  public static Empty empty(
      Container container, double sizeMl, double tareG, double outerMl, int count) {
    return new Empty(container, ml(sizeMl), Mass.ofGrams(tareG), ml(outerMl), count);
  }

  /** Of a gram a millilitre. */
  public static Pack pack(
      String id,
      Content content,
      double leftMl,
      double tareG,
      double outerMl,
      double usePerMonthMl,
      @Nullable LocalDate useBy) {
    return new Pack(
        id,
        content,
        ml(leftMl),
        Density.OF_WATER,
        Mass.ofGrams(tareG),
        ml(outerMl),
        ml(usePerMonthMl),
        useBy);
  }

  public static Volume ml(double millilitres) {
    return Volume.ofMl(millilitres);
  }
}
