package gerula.app.packing;

import gerula.app.kit.item.StoredItem;
import gerula.app.packing.PackingRecords.LineView;
import gerula.app.packing.PackingRecords.PackingListView;
import gerula.app.platform.paper.Paper;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;

/** What goes along and what it cost: for an insurer, a customs officer, or whoever lost a case. */
final class ValueList {

  private ValueList() {}

  static void print(Paper paper, PackingListView list, Map<UUID, StoredItem> kit) {
    Map<String, BigDecimal> totals = new TreeMap<>();
    int unknown = 0;
    paper.heading(
        "What goes along", list.lines().size() + (list.lines().size() == 1 ? " item" : " items"));
    for (LineView line : list.lines()) {
      StoredItem.ItemDetails details = Objects.requireNonNull(kit.get(line.item().id())).details();
      BigDecimal price = details.price();
      String currency = details.currency();
      if (price == null || currency == null) {
        unknown++;
      } else {
        totals.merge(currency, price, BigDecimal::add);
      }
      paper.row(
          false,
          Prints.name(line.item().product()),
          price == null || currency == null ? "not known" : money(price, currency),
          "code "
              + line.item().code()
              + (details.batch().isEmpty() ? "" : ", batch " + details.batch())
              + ", "
              + line.item().massG()
              + " g");
    }
    paper.heading("In all", "as bought, whatever is left in it");
    paper.text(
        Paper.Letters.STRONG,
        totals.isEmpty()
            ? "No price is known."
            : totals.entrySet().stream()
                .map(one -> money(one.getValue(), one.getKey()))
                .collect(Collectors.joining(" + ")));
    if (unknown > 0 && !totals.isEmpty()) {
      paper.text(
          Paper.Letters.PLAIN,
          unknown == 1
              ? "Of one item the price is not known: the value is higher."
              : "Of " + unknown + " items the price is not known: the value is higher.");
    }
    paper.text(Paper.Letters.PLAIN, "Mass in all: " + list.massG() + " g, without the bags.");
  }

  private static String money(BigDecimal price, String currency) {
    return price.setScale(2, RoundingMode.HALF_EVEN).toPlainString() + " " + currency;
  }
}
