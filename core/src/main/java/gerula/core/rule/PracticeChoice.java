package gerula.core.rule;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.Function;

/**
 * One thing that artists do in different ways.
 *
 * @param ways there are, the usual one first
 * @param held which of them a house goes
 * @param hold has a house go another one
 */
public record PracticeChoice(
    Class<? extends Enum<?>> ways,
    Function<Practices, Code> held,
    BiConsumer<PracticesBuilder, Code> hold) {

  /** How this house does it. */
  public Code of(Practices house) {
    return held.apply(house);
  }

  /** The same house doing it in each of the ways there are, the usual one first. */
  public Map<Code, Practices> ways(Practices house) {
    Map<Code, Practices> all = new LinkedHashMap<>();
    for (Enum<?> way : ways.getEnumConstants()) {
      PracticesBuilder other = PracticesBuilder.builder(house);
      hold.accept(other, (Code) way);
      all.put((Code) way, other.build());
    }
    return all;
  }
}
