package gerula.core.kit.intake;

import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.Section;
import gerula.core.rule.Code;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * What artists usually own, in the order of the work: the table usual-kit.txt beside this class.
 */
public final class UsualKit {

  /**
   * One kind of thing, without a maker.
   *
   * @param code of its name, as in "matte-shadow"
   * @param what its class, usual form and usual size
   * @param work who usually owns it
   * @param asksDepths whether it is told apart by the skin depth it suits
   * @param shades what it is told apart by otherwise, empty where one is like another
   */
  public record Usual(
      String code,
      String name,
      TradeWords.Guess what,
      Set<KindOfWork> work,
      boolean asksDepths,
      List<String> shades) {

    public Usual {
      work = Collections.unmodifiableSet(work);
      shades = List.copyOf(shades);
    }

    /** Where it is laid out. */
    public Section section() {
      return what.productClass().section();
    }
  }

  private static final String DEPTHS = "depths";

  private static final List<Usual> ALL =
      WordTable.lines("usual-kit.txt").stream().map(UsualKit::usual).toList();

  private UsualKit() {}

  /**
   * What is usual for any of these kinds of work, in the order of the work.
   *
   * @param work all of them where none is named
   */
  public static List<Usual> of(Collection<KindOfWork> work) {
    return ALL.stream()
        .filter(one -> work.isEmpty() || work.stream().anyMatch(one.work()::contains))
        .toList();
  }

  /** The kind of this code. */
  public static Optional<Usual> find(String code) {
    return ALL.stream().filter(one -> one.code().equals(code)).findFirst();
  }

  private static Usual usual(List<String> line) {
    String name = line.get(0);
    TradeWords.Guess what =
        TradeWords.classOf(name)
            .filter(TradeWords.Guess::isSure)
            .orElseThrow(
                () -> new IllegalStateException("trade-words.txt does not know " + name + "."));
    List<String> asked = parts(line.get(2));
    boolean asksDepths = asked.equals(List.of(DEPTHS));
    return new Usual(
        name.toLowerCase(Locale.ROOT).replace(' ', '-'),
        name,
        what,
        work(line.get(1)),
        asksDepths,
        asksDepths ? List.of() : asked);
  }

  private static Set<KindOfWork> work(String told) {
    Set<KindOfWork> work = EnumSet.noneOf(KindOfWork.class);
    if (told.equals("all")) {
      work.addAll(EnumSet.allOf(KindOfWork.class));
    } else {
      parts(told).forEach(one -> work.add(Code.of(KindOfWork.class, one)));
    }
    return work;
  }

  private static List<String> parts(String cell) {
    return Arrays.stream(cell.split(",")).map(String::strip).filter(one -> !one.isEmpty()).toList();
  }
}
