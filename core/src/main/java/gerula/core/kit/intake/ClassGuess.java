package gerula.core.kit.intake;

import gerula.core.kit.product.ProductClass;
import java.util.List;

/**
 * The class that a name means, and the words of it that say so: what is wrong of one name is wrong
 * of all names with these words.
 *
 * @param words plain; all of the name where none of them means anything
 * @param isSure false where they may mean something else too, or nothing
 */
public record ClassGuess(String words, TradeWords.Guess guess, boolean isSure) {

  /** What a name means; a class of its own where nobody knows. */
  public static ClassGuess of(String name) {
    List<String> words = PlainWords.of(name);
    return TradeWords.find(words)
        .map(
            found ->
                new ClassGuess(
                    String.join(" ", words.subList(found.from(), found.to())),
                    found.guess(),
                    found.guess().isSure()))
        .orElseGet(
            () ->
                new ClassGuess(
                    String.join(" ", words), TradeWords.guess(ProductClass.OTHER), false));
  }
}
