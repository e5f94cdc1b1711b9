package gerula.core.restock.shop;

import gerula.core.dates.TypedDates;
import gerula.core.restock.offer.DiscountKind;
import gerula.core.restock.offer.DiscountTerms;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * An offer as somebody notes it in one line: "lash glue 3 for 2, 6.90, Brackwater Supplies, ships 3
 * days". Commas part it; what is understood as nothing else is first the product, then the shop.
 *
 * @param words that name the product
 * @param shop its name; empty where none was said
 * @param currency null where none was said
 * @param until the last day on which it counts
 * @param notUnderstood words that are neither
 */
public record OfferLine(
    String words,
    String shop,
    int packs,
    @Nullable BigDecimal price,
    @Nullable String currency,
    DiscountTerms discount,
    @Nullable LocalDate until,
    @Nullable Integer most,
    @Nullable Integer deliveryDays,
    @Nullable BigDecimal shipping,
    @Nullable BigDecimal freeFrom,
    List<String> notUnderstood) {

  public static final int LONGEST = 300;

  private static final String AMOUNT = "(\\d{1,6}(?:[.,]\\d{1,2})?)";
  private static final String COUNT = "(\\d{1,5})";

  public OfferLine {
    notUnderstood = List.copyOf(notUnderstood);
  }

  /**
   * @param dates reads the day until which it counts
   */
  public static OfferLine read(String line, TypedDates dates) {
    if (line.length() > LONGEST) {
      throw new IllegalArgumentException("A line has at most 300 characters.");
    }
    return new Reading(dates).read(line);
  }

  /** What it says of the shop. */
  public SaidOfShop ofShop() {
    return new SaidOfShop(deliveryDays, shipping, freeFrom, currency);
  }

  private static final class Reading {
    private final TypedDates dates;
    private int packs = 1;
    private @Nullable BigDecimal price;
    private @Nullable String currency;
    private DiscountTerms discount = DiscountTerms.NONE;
    private @Nullable LocalDate until;
    private @Nullable Integer most;
    private @Nullable Integer deliveryDays;
    private @Nullable BigDecimal shipping;
    private @Nullable BigDecimal freeFrom;
    private final List<String> left = new ArrayList<>();
    private String rest = "";

    Reading(TypedDates dates) {
      this.dates = dates;
    }

    OfferLine read(String line) {
      // A comma within a number is its decimal point.
      for (String part : line.split("[;\\n]|,(?!\\d{1,2}(?:\\D|$))")) {
        readPart(part.strip());
      }
      String words = left.isEmpty() ? "" : left.getFirst();
      String shop = left.size() < 2 ? "" : left.get(1);
      return new OfferLine(
          words,
          shop,
          packs,
          price,
          currency,
          discount,
          until,
          most,
          deliveryDays,
          shipping,
          freeFrom,
          left.stream().skip(2).toList());
    }

    private void readPart(String part) {
      rest = part;
      take("free (?:shipping )?from " + money(), found -> freeFrom = amount(found, 1));
      take("(?:shipping|postage|plus) " + money(), found -> shipping = amount(found, 1));
      take(
          "(?:ships?|sends?|delivers?|there)(?: in| within)? " + COUNT + "(?: working)? days?",
          found -> deliveryDays = count(found));
      take(COUNT + "(?: working)? days?(?: delivery)?", found -> deliveryDays = count(found));
      takeDiscounts();
      take("(?:pack|box|bag|set) of " + COUNT, found -> packs = count(found));
      take(COUNT + "(?: |-)?(?:packs?|x\\b)", found -> packs = count(found));
      take("(?:at most|only) " + COUNT + "(?: left)?", found -> most = count(found));
      takeUntil();
      takePrice();
      if (!rest.isBlank()) {
        left.add(rest.strip().replaceAll("\\s+", " "));
      }
    }

    private void takeDiscounts() {
      take("3 for 2|three for two", _ -> discount = DiscountTerms.of(DiscountKind.THREE_FOR_TWO));
      take(
          "(?:the )?second (?:one )?(?:at |for )?half(?: the)?(?: price)?",
          _ -> discount = DiscountTerms.of(DiscountKind.SECOND_HALF_PRICE));
      take(
          AMOUNT + " ?(?:%|percent)(?: off)? from " + COUNT + "(?: on)?",
          found ->
              discount = DiscountTerms.from(amount(found, 1), Integer.parseInt(found.group(2))));
      take(
          "-?" + AMOUNT + " ?(?:%|percent)(?: off)?",
          found -> discount = DiscountTerms.percent(amount(found, 1)));
      take(AMOUNT + " off", found -> discount = DiscountTerms.fixed(amount(found, 1)));
    }

    private void takeUntil() {
      Matcher found = Pattern.compile("(?i)\\buntil (.+)$").matcher(rest);
      if (found.find()) {
        Optional<LocalDate> day = dates.readAlone(found.group(1).strip().replaceAll("\\.$", ""));
        if (day.isPresent()) {
          until = day.get();
          rest = rest.substring(0, found.start());
        }
      }
    }

    /** A number that says nothing else, alone in its part or with its currency. */
    private void takePrice() {
      Matcher found =
          Pattern.compile(
                  "(?i)^(?:at |for )?([€$£]|[a-z]{3} )? ?"
                      + AMOUNT
                      + " ?([€$£]|[a-z]{3})?(?: each)?$")
              .matcher(rest.strip());
      if (price == null && found.matches()) {
        price = amount(found, 2);
        String told = found.group(1) == null ? found.group(3) : found.group(1);
        currency = told == null ? null : code(told.strip());
        rest = "";
      }
    }

    private static String code(String told) {
      return switch (told) {
        case "€" -> "EUR";
        case "$" -> "USD";
        case "£" -> "GBP";
        default -> told.toUpperCase(Locale.ROOT);
      };
    }

    private static String money() {
      return "[€$£]? ?" + AMOUNT + "(?: ?[€$£]| [a-z]{3}\\b)?";
    }

    private void take(String what, Consumer<Matcher> told) {
      Matcher found = Pattern.compile("(?i)(?<![\\w.])(?:" + what + ")(?!\\w)").matcher(rest);
      if (found.find()) {
        told.accept(found);
        rest = rest.substring(0, found.start()) + " " + rest.substring(found.end());
      }
    }

    private static BigDecimal amount(Matcher found, int group) {
      return new BigDecimal(found.group(group).replace(',', '.'));
    }

    private static int count(Matcher found) {
      return Integer.parseInt(found.group(1));
    }
  }
}
