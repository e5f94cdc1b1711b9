package gerula.core.kit.intake;

import gerula.core.kit.product.ProductClass;
import java.util.List;
import java.util.Set;

/** Which of the classes that an old one was parted into a thing is, as far as its name tells. */
public final class FormerClass {

  private FormerClass() {}

  /**
   * @param told the class somebody gave it
   * @return the class its name means, where that is sure and one of those the old class became; the
   *     old class itself where it is not clear, and every class that was never parted
   */
  public static ProductClass clear(ProductClass told, String name, String shade) {
    Set<ProductClass> successors = told.successors();
    if (successors.size() == 1) {
      return successors.iterator().next();
    }
    // A brush bears its kind in front, as in "fan brush", or as its shade.
    return List.of(name, shade + " " + name, name + " " + shade).stream()
        .flatMap(words -> TradeWords.classOf(words).stream())
        .filter(TradeWords.Guess::isSure)
        .map(TradeWords.Guess::productClass)
        .filter(successors::contains)
        .findFirst()
        .orElse(told);
  }
}
