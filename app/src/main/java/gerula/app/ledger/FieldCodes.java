package gerula.app.ledger;

import java.util.Map;
import java.util.Set;

/**
 * What a column is called where history is told: as the same field is called everywhere else in the
 * API.
 */
final class FieldCodes {

  /** What everything has, and what follows from the rest. */
  private static final Set<String> NOT_TOLD = Set.of("version", "workspace_id", "id", "search");

  /** The same of one kind only. */
  private static final Set<String> NOT_TOLD_OF_ONE =
      Set.of("item.last_day", "item.replace_by", "booking.faces", "packed.item_id");

  /** Those whose code does not follow from the name of the column. */
  private static final Map<String, String> CODES =
      Map.of(
          "item.amount_left", "left",
          "item.home_place_id", "home",
          "item.now_place_id", "now",
          "place.item_id", "thing",
          "product.class", "productClass",
          "product.period_after_opening_months", "periodAfterOpening",
          "stocktake.place_id", "place");

  private FieldCodes() {}

  static boolean isTold(String kind, String column) {
    return !NOT_TOLD.contains(column) && !NOT_TOLD_OF_ONE.contains(kind + "." + column);
  }

  static String of(String kind, String column) {
    String known = CODES.get(kind + "." + column);
    return known != null ? known : inWords(column.replaceFirst("_id$", ""));
  }

  /** As in "only_for" to "onlyFor". */
  private static String inWords(String column) {
    StringBuilder code = new StringBuilder();
    for (String word : column.split("_")) {
      code.append(
          code.isEmpty() ? word : Character.toUpperCase(word.charAt(0)) + word.substring(1));
    }
    return code.toString();
  }
}
