package gerula.app.kit.intake;

import gerula.app.kit.item.ItemDraft;
import gerula.app.kit.item.ItemDraftBuilder;
import gerula.app.kit.product.LabelAnswer;
import gerula.app.kit.product.ProductDraft;
import gerula.app.kit.product.ProductDraftBuilder;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.FieldFault;
import gerula.core.dates.DateOrder;
import gerula.core.kit.intake.ClassGuess;
import gerula.core.kit.intake.FormerClass;
import gerula.core.kit.intake.KitColumn;
import gerula.core.kit.intake.TradeWords;
import gerula.core.kit.intake.Written;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Container;
import gerula.core.kit.product.Composition;
import gerula.core.kit.product.Coverage;
import gerula.core.kit.product.Finish;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.Code;
import gerula.core.rule.Text;
import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Makes drafts of the rows of a table, guessing what a row leaves out from what it says. */
final class KitReader {

  private static final Pattern WITH_A_DAY = Pattern.compile("(.+?)\\s+(\\d{4}-\\d{2}-\\d{2})");

  /** More than this of one thing in one row is a slip of the keys. */
  static final int MOST_OF_ONE = 200;

  private final Map<KitColumn, Integer> columns;
  private final DateOrder order;
  private final Map<String, ProductClass> chosen;

  /**
   * @param chosen what certain words of a name mean, as somebody said who looked the table through
   */
  KitReader(Map<KitColumn, Integer> columns, DateOrder order, Map<String, ProductClass> chosen) {
    this.columns = columns;
    this.order = order;
    this.chosen = chosen;
  }

  /**
   * Where a class came from that no column told.
   *
   * @param words of the name that mean it
   * @param isChosen whether somebody said so, rather than the trade's own words
   */
  record GuessedClass(String words, boolean isSure, boolean isChosen) {}

  /**
   * A row made out.
   *
   * @param home path of its home as written, empty when none is said
   * @param now path of where it lies as written, empty when none is said
   * @param count how many such things there are
   * @param guessed what the row did not say
   * @param guessedClass null where a column told the class
   */
  record Read(
      int line,
      @Nullable String code,
      ProductDraft product,
      ItemDraft item,
      String home,
      String now,
      int count,
      Set<KitColumn> guessed,
      @Nullable GuessedClass guessedClass) {}

  /** A row that cannot be read, with every reason. */
  record Bad(int line, List<FieldFault> faults) {}

  /** Either. */
  record Result(@Nullable Read read, @Nullable Bad bad) {}

  Result read(CsvTable.Row row) {
    Faults faults = new Faults();
    Cells cells = new Cells(row, columns, order, faults);
    Set<KitColumn> guessed = EnumSet.noneOf(KitColumn.class);
    cells.checkTexts();
    cells.fault(
        KitColumn.NAME,
        Text.isVisible(cells.text(KitColumn.NAME)),
        "A row needs a name. Write what it is.");
    ProductDraft product = product(cells, guessed);
    int count = things(cells, product);
    ItemDraft item = item(cells, product, guessed);
    if (!faults.found().isEmpty()) {
      return new Result(null, new Bad(row.line(), faults.found()));
    }
    String now = cells.has(KitColumn.NOW) ? cells.text(KitColumn.NOW) : "";
    String home = cells.has(KitColumn.HOME) ? cells.text(KitColumn.HOME) : now;
    boolean saysWhere = columns.containsKey(KitColumn.NOW);
    return new Result(
        new Read(
            row.line(),
            code(cells),
            product,
            item,
            home,
            saysWhere ? now : home,
            count,
            guessed,
            guessedClass(cells)),
        null);
  }

  private static @Nullable String code(Cells cells) {
    return cells.has(KitColumn.CODE)
        ? cells.text(KitColumn.CODE).replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT)
        : null;
  }

  private ProductDraft product(Cells cells, Set<KitColumn> guessed) {
    TradeWords.Guess guess = guess(cells, guessed);
    Form form =
        cells.read(
            KitColumn.FORM, TradeWords::formOf, "a form, like cream, pressed powder or mascara");
    if (form == null) {
      form = guess.form();
      guessed.add(KitColumn.FORM);
    }
    Quantity size = size(cells, guess, guessed);
    String colour = cells.text(KitColumn.COLOUR);
    boolean isHex = colour.matches("#?[0-9a-fA-F]{6}");
    // Many tables call the shade colour.
    String shade = cells.has(KitColumn.SHADE) || isHex ? cells.text(KitColumn.SHADE) : colour;
    return ProductDraftBuilder.stagedBuilder()
        .maker(cells.text(KitColumn.MAKER))
        .name(cells.text(KitColumn.NAME))
        .shade(shade)
        .colour(isHex ? (colour.startsWith("#") ? colour : "#" + colour) : null)
        .productClass(FormerClass.clear(guess.productClass(), cells.text(KitColumn.NAME), shade))
        .alsoServes(words(cells, KitColumn.ALSO_SERVES, ProductClass.class, "class"))
        .form(form)
        .content(size.amount())
        .unit(size.unit())
        .depth(toDouble(cells.number(KitColumn.DEPTH)))
        .shades(ShadeCells.read(cells))
        .roles(words(cells, KitColumn.ROLES, Role.class, "role"))
        .traits(words(cells, KitColumn.TRAITS, Trait.class, "trait"))
        .composition(composition(cells))
        .periodAfterOpening(monthsAfterOpening(cells))
        .measures(
            measures(
                cells,
                KitColumn.PACK_OUTLINE,
                KitColumn.PACK_WIDTH_MM,
                KitColumn.PACK_DEPTH_MM,
                KitColumn.PACK_HEIGHT_MM,
                KitColumn.PACK_MASS_G))
        .finish(cells.word(KitColumn.FINISH, Finish.class))
        .coverage(cells.word(KitColumn.COVERAGE, Coverage.class))
        .spf(cells.whole(KitColumn.SPF))
        .wattHours(cells.number(KitColumn.WATT_HOURS))
        .packCode(cells.textOrNull(KitColumn.PACK_CODE))
        .brushes(cells.whole(KitColumn.BRUSHES))
        .build();
  }

  private TradeWords.Guess guess(Cells cells, Set<KitColumn> guessed) {
    Optional<TradeWords.Guess> told = TradeWords.classOf(cells.text(KitColumn.CLASS));
    if (told.isPresent()) {
      return told.get();
    }
    ClassGuess guess = ClassGuess.of(cells.text(KitColumn.NAME));
    ProductClass said = chosen.get(guess.words());
    if (said != null) {
      return TradeWords.guess(said);
    }
    guessed.add(KitColumn.CLASS);
    return guess.guess();
  }

  private @Nullable GuessedClass guessedClass(Cells cells) {
    if (TradeWords.classOf(cells.text(KitColumn.CLASS)).isPresent()) {
      return null;
    }
    ClassGuess guess = ClassGuess.of(cells.text(KitColumn.NAME));
    return new GuessedClass(guess.words(), guess.isSure(), chosen.containsKey(guess.words()));
  }

  private static Quantity size(Cells cells, TradeWords.Guess guess, Set<KitColumn> guessed) {
    Written.WrittenAmount told =
        cells.read(KitColumn.SIZE, Written::amount, "an amount, like 30 ml, 3.5 g or 50 pieces");
    Unit unit = cells.read(KitColumn.UNIT, Written::unit, "a unit: ml, g or piece");
    if (told == null) {
      guessed.add(KitColumn.SIZE);
      return guess.usual();
    }
    Unit meant = unit != null ? unit : told.unit().orElse(guess.usual().unit());
    Faults faults = new Faults();
    Optional<Quantity> size =
        told.number().signum() > 0
            ? faults.build("size", () -> Quantity.of(told.number(), meant))
            : Optional.empty();
    cells.fault(
        KitColumn.SIZE, size.isPresent(), "A pack holds more than nothing, to a thousandth.");
    return size.orElse(guess.usual());
  }

  private static <E extends Enum<E> & Code> Set<E> words(
      Cells cells, KitColumn column, Class<E> list, String what) {
    Set<E> all = EnumSet.noneOf(list);
    for (String word : Written.list(cells.text(column))) {
      Optional<E> one = TradeWords.word(list, word);
      one.ifPresent(all::add);
      cells.fault(column, one.isPresent(), "There is no " + what + " \"" + word + "\".");
    }
    return all;
  }

  private static List<LabelAnswer> composition(Cells cells) {
    return Stream.concat(
            read(cells, KitColumn.CONTAINS, Composition.Found.CONTAINS),
            read(cells, KitColumn.FREE_OF, Composition.Found.FREE_OF))
        .toList();
  }

  /** "latex", or with the day the label was read: "latex 2031-04-14". */
  private static Stream<LabelAnswer> read(Cells cells, KitColumn column, Composition.Found found) {
    return Written.list(cells.text(column)).stream()
        .map(
            word -> {
              Matcher dated = WITH_A_DAY.matcher(word);
              return dated.matches()
                  ? new LabelAnswer(
                      dated.group(1), found, DateOrder.YEAR_FIRST.read(dated.group(2)).orElse(null))
                  : new LabelAnswer(word, found, null);
            });
  }

  /** Often written with the M of the open-jar sign. */
  private static @Nullable Integer monthsAfterOpening(Cells cells) {
    BigDecimal months =
        cells.read(
            KitColumn.MONTHS_AFTER_OPENING,
            text -> Written.number(text.replaceAll("(?i)\\s*(m|months?)$", "")),
            "months, like 12 or 12M");
    return months == null ? null : months.intValue();
  }

  private static ProductDraft.@Nullable MeasuresDraft measures(
      Cells cells,
      KitColumn outlineColumn,
      KitColumn widthColumn,
      KitColumn depthColumn,
      KitColumn heightColumn,
      KitColumn massColumn) {
    Outline outline = cells.word(outlineColumn, Outline.class);
    Integer width = cells.whole(widthColumn);
    Integer depth = cells.whole(depthColumn);
    Integer height = cells.whole(heightColumn);
    Integer mass = cells.whole(massColumn);
    boolean isWhole =
        outline != null && width != null && depth != null && height != null && mass != null;
    // Half a set of measures is worth less than an estimate of all of them.
    return isWhole ? new ProductDraft.MeasuresDraft(outline, width, depth, height, mass) : null;
  }

  private static ItemDraft item(Cells cells, ProductDraft product, Set<KitColumn> guessed) {
    ItemDraft.DecantDraft decant = decant(cells);
    BigDecimal size = decant == null ? product.content() : decant.size();
    Cleanliness cleanliness = cells.word(KitColumn.CLEANLINESS, Cleanliness.class);
    return ItemDraftBuilder.stagedBuilder()
        .madeOn(cells.date(KitColumn.MADE))
        .boughtOn(cells.date(KitColumn.BOUGHT))
        .openedOn(cells.date(KitColumn.OPENED))
        .printedExpiry(cells.date(KitColumn.EXPIRY))
        .left(left(cells, product, size, guessed))
        .home(null)
        .now(null)
        .cleanliness(cleanliness == null ? Cleanliness.CLEAN : cleanliness)
        .personal(cells.flag(KitColumn.PERSONAL))
        .note(cells.text(KitColumn.NOTE))
        .batch(cells.text(KitColumn.BATCH))
        .price(price(cells))
        .currency(currency(cells))
        .onlyFor(cells.textOrNull(KitColumn.ONLY_FOR))
        .favourite(cells.flag(KitColumn.FAVOURITE))
        .rare(cells.flag(KitColumn.RARE))
        .brushSet(cells.text(KitColumn.BRUSH_SET))
        .decant(decant)
        .askBackOn(cells.date(KitColumn.ASK_BACK))
        .onlyForId(null)
        .build();
  }

  private static ItemDraft.@Nullable DecantDraft decant(Cells cells) {
    Container container = cells.word(KitColumn.CONTAINER, Container.class);
    BigDecimal size = cells.number(KitColumn.CONTAINER_SIZE);
    cells.fault(
        KitColumn.CONTAINER_SIZE,
        (container == null) == (size == null),
        "A container needs its size: write both or neither.");
    return container == null || size == null
        ? null
        : new ItemDraft.DecantDraft(
            container,
            size,
            measures(
                cells,
                KitColumn.CONTAINER_OUTLINE,
                KitColumn.CONTAINER_WIDTH_MM,
                KitColumn.CONTAINER_DEPTH_MM,
                KitColumn.CONTAINER_HEIGHT_MM,
                KitColumn.CONTAINER_MASS_G));
  }

  private static BigDecimal left(
      Cells cells, ProductDraft product, BigDecimal size, Set<KitColumn> guessed) {
    Optional<BigDecimal> share = Written.share(cells.text(KitColumn.LEFT));
    if (share.isPresent()) {
      Quantity part = Quantity.of(size, product.unit()).times(share.get());
      return part.amount();
    }
    Written.WrittenAmount told =
        cells.read(KitColumn.LEFT, Written::amount, "what is left, like 12 ml, half or 3/4");
    if (told != null) {
      return told.number();
    }
    if (product.unit() == Unit.PIECE && cells.has(KitColumn.COUNT)) {
      BigDecimal count = cells.number(KitColumn.COUNT);
      return count == null ? size : count;
    }
    guessed.add(KitColumn.LEFT);
    return size;
  }

  /** "2" lipsticks are two things; "200" wands are one box of them. */
  private static int things(Cells cells, ProductDraft product) {
    Integer count = product.unit() == Unit.PIECE ? null : cells.whole(KitColumn.COUNT);
    cells.fault(
        KitColumn.COUNT,
        count == null || (count >= 1 && count <= MOST_OF_ONE),
        "Too many of one item in one row: write 1 to " + MOST_OF_ONE + ".");
    return count == null ? 1 : Math.clamp(count, 1, MOST_OF_ONE);
  }

  private static @Nullable BigDecimal price(Cells cells) {
    return cells.read(
        KitColumn.PRICE,
        text -> Written.number(text.replaceAll("[^0-9.,' -]", "")),
        "a price, like 14.90");
  }

  /** A price without a currency is told in the one most kits are kept in. */
  private static @Nullable String currency(Cells cells) {
    if (!cells.has(KitColumn.PRICE)) {
      return null;
    }
    String told = cells.text(KitColumn.CURRENCY).toUpperCase(Locale.ROOT);
    if (!told.isEmpty()) {
      return told;
    }
    String price = cells.text(KitColumn.PRICE);
    return price.contains("$") ? "USD" : price.contains("£") ? "GBP" : "EUR";
  }

  private static @Nullable Double toDouble(@Nullable BigDecimal number) {
    return number == null ? null : number.doubleValue();
  }
}
