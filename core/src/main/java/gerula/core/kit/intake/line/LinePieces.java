package gerula.core.kit.intake.line;

import gerula.core.kit.intake.TradeWords;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * "cotton buds 300", "200 puffs": of what is counted a bare figure in the end or the beginning says
 * how many a full pack has.
 */
final class LinePieces {

  /** What usually comes in at least so many pieces is counted, whatever it is for. */
  private static final int COMES_IN_NUMBERS = 10;

  private static final Pattern PIECES = Pattern.compile("[1-9]\\d{1,3}");

  private final LineWords words;
  private final LineFacts facts;

  LinePieces(LineWords words, LineFacts facts) {
    this.words = words;
    this.facts = facts;
  }

  /**
   * @param guess what the line is of, null when nothing tells
   * @param ofClass positions of the words that tell it
   */
  void read(TradeWords.@Nullable Guess guess, Set<Integer> ofClass) {
    List<Integer> free = words.free().stream().filter(at -> !ofClass.contains(at)).toList();
    if (guess == null || !isCounted(guess) || facts.content != null || free.isEmpty()) {
      return;
    }
    int last = free.getLast();
    int lastOfClass = ofClass.stream().mapToInt(Integer::intValue).max().orElse(-1);
    if (last > lastOfClass && isPieces(last)) {
      take(last);
    } else if (free.getFirst() == 0 && isPieces(0)) {
      take(0);
    }
  }

  private static boolean isCounted(TradeWords.Guess guess) {
    return guess.usual().unit() == Unit.PIECE
        && (guess.productClass().section() == Section.DISPOSABLES
            || guess.usual().amount().intValue() >= COMES_IN_NUMBERS);
  }

  private boolean isPieces(int at) {
    return PIECES.matcher(words.text(at)).matches();
  }

  private void take(int at) {
    facts.content = new BigDecimal(words.text(at));
    facts.unit = Unit.PIECE;
    words.take(at, at + 1, LineToken.Part.CONTENT);
  }
}
