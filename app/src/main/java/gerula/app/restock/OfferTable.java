package gerula.app.restock;

import gerula.app.kit.WholeKit;
import gerula.app.kit.intake.CsvTable;
import gerula.app.ledger.Act;
import gerula.app.ledger.Answers;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.Deadline;
import gerula.app.platform.limits.Limit;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.ShopStore.StoredOffer;
import gerula.app.restock.ShopStore.StoredShop;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.restock.shop.SaidOfShop;
import gerula.core.restock.shop.Shop;
import gerula.core.restock.shop.ShopOffer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Reads what shops offer from a table: docs/formats/offers-csv.md. */
@Component
class OfferTable {

  private static final int MOST_TOLD = 50;

  private final WholeKit kit;
  private final ShopStore store;
  private final Ledger ledger;
  private final Answers answers;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  OfferTable(
      WholeKit kit,
      ShopStore store,
      Ledger ledger,
      Answers answers,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.kit = kit;
    this.store = store;
    this.ledger = ledger;
    this.answers = answers;
    this.workspaces = workspaces;
    this.time = time;
  }

  /** A row that is left out, and why. */
  record BadOfferRow(int line, String what) {}

  /**
   * What a table says.
   *
   * @param fresh offers that are not written down yet
   * @param changed those whose price or discount is another now
   * @param same those that are written down already
   * @param newShops shops that would be written down
   * @param otherTerms shops of which it says otherwise than is written down of them, at most 50; it
   *     changes nothing there
   * @param notInTheKit rows of products that the kit has not; they are passed over
   * @param unknown names of some of them, at most 50
   * @param bad rows that cannot be read and are left out, at most 50
   * @param badCount how many there are in all
   */
  record OfferTableView(
      int fresh,
      int changed,
      int same,
      List<String> newShops,
      List<String> otherTerms,
      int notInTheKit,
      List<String> unknown,
      List<BadOfferRow> bad,
      int badCount) {}

  /** Reads and changes nothing. */
  OfferTableView look(SignedIn who, byte[] file) {
    return workspaces.read(who.workspace(), () -> read(file).view());
  }

  /** Writes down all that can be read. */
  OfferTableView keep(SignedIn who, UUID actId, byte[] file) {
    List<OfferTableView> told = new ArrayList<>();
    return answers.once(
        who,
        actId,
        () ->
            ledger.perform(
                who,
                actId,
                "offers-read",
                act -> {
                  Read read = read(file);
                  read.keep(act);
                  told.add(read.view());
                }),
        told::getFirst);
  }

  private Read read(byte[] file) {
    Deadline deadline = Deadline.of(Limit.WORK_SECONDS, "Reading this table");
    CsvTable table = CsvTable.read(file, deadline);
    Map<String, Integer> columns = new HashMap<>();
    for (int at = 0; at < table.header().size(); at++) {
      columns.putIfAbsent(plain(table.header().get(at)), at);
    }
    for (String needed : List.of("product", "price", "shop")) {
      if (!columns.containsKey(needed)) {
        throw Refused.faulty(
            List.of(
                new FieldFault(
                    "",
                    "no-column",
                    "No column is called "
                        + needed
                        + ". Name the columns in the first line: product, price and shop, and of"
                        + " maker, shade, packs, discount, until, at most, days, shipping, free"
                        + " from and currency those you have.")));
      }
    }
    Read read = new Read(columns, time.today());
    for (CsvTable.Row row : table.rows()) {
      deadline.check();
      read.row(row);
    }
    return read;
  }

  private static String plain(String words) {
    return words.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
  }

  /** What was read so far. */
  private final class Read {
    private final Map<String, Integer> columns;
    private final LocalDate today;
    private final Map<String, Product> products = new HashMap<>();
    private final Map<String, Shop> shops = new HashMap<>();
    private final Map<String, Shop> newShops = new LinkedHashMap<>();
    private final Map<String, StoredOffer> open = new HashMap<>();
    private final Map<String, ShopOffer> fresh = new LinkedHashMap<>();
    private final Set<String> otherTerms = new LinkedHashSet<>();
    private final List<StoredOffer> replaced = new ArrayList<>();
    private final List<String> unknown = new ArrayList<>();
    private final List<BadOfferRow> bad = new ArrayList<>();
    private int same;

    Read(Map<String, Integer> columns, LocalDate today) {
      this.columns = columns;
      this.today = today;
      for (Item item : kit.now().items()) {
        Product one = item.product();
        products.putIfAbsent(plain(one.maker() + " " + one.name() + " " + one.shade()), one);
        products.putIfAbsent(plain(one.name() + " " + one.shade()), one);
      }
      store.shops().forEach(one -> shops.put(plain(one.shop().name()), one.shop()));
      store.offers().stream()
          .filter(one -> one.offer().endedOn() == null)
          .forEach(one -> open.put(key(one.offer()), one));
    }

    private static String key(ShopOffer one) {
      return one.shop() + " " + one.product() + " " + one.packs();
    }

    void row(CsvTable.Row row) {
      OfferCells cells = new OfferCells(row, columns, today);
      String name =
          (cells.of("maker") + " " + cells.of("product") + " " + cells.of("shade")).strip();
      Product product =
          products.getOrDefault(
              plain(name), products.get(plain(cells.of("product") + " " + cells.of("shade"))));
      if (product == null) {
        unknown.add(name);
        return;
      }
      try {
        Shop shop = shop(cells);
        add(cells.offer(UUID.randomUUID(), shop.id(), product.id()));
      } catch (IllegalArgumentException broken) {
        bad.add(new BadOfferRow(row.line(), String.valueOf(broken.getMessage())));
      }
    }

    private Shop shop(OfferCells cells) {
      String name = plain(cells.of("shop"));
      Shop known = shops.get(name);
      if (known == null) {
        known = cells.shop(UUID.randomUUID());
        shops.put(name, known);
        newShops.put(name, known);
      }
      SaidOfShop said = cells.ofShop();
      known.requireOwnMoney(said.currency());
      if (said.otherThan(known).isOfTerms()) {
        otherTerms.add(known.name());
      }
      return known;
    }

    private void add(ShopOffer offer) {
      StoredOffer before = open.get(key(offer));
      if (before != null && isSame(before.offer(), offer)) {
        same++;
        return;
      }
      if (before != null) {
        replaced.add(before);
        open.remove(key(offer));
      }
      // Of two rows of one offer the later one counts.
      fresh.put(key(offer), offer);
    }

    private static boolean isSame(ShopOffer one, ShopOffer other) {
      return one.price().compareTo(other.price()) == 0
          && one.discount().equals(other.discount())
          && Objects.equals(one.until(), other.until())
          && Objects.equals(one.most(), other.most());
    }

    void keep(Act act) {
      List<UUID> shopIds = newShops.values().stream().map(Shop::id).toList();
      if (!shopIds.isEmpty()) {
        act.create(
            ThingKind.SHOP_THING,
            shopIds,
            () -> newShops.values().forEach(one -> store.save(new StoredShop(one, "", false, 0))));
      }
      act.about(ThingKind.OFFER_THING, replaced.stream().map(one -> one.offer().id()).toList());
      for (StoredOffer one : replaced) {
        StoredOffer ended = new StoredOffer(one.offer().ended(today), one.version() + 1);
        act.touch(ThingKind.OFFER_THING, one.offer().id(), () -> store.save(ended));
      }
      List<StoredOffer> all = fresh.values().stream().map(one -> new StoredOffer(one, 0)).toList();
      if (!all.isEmpty()) {
        act.create(
            ThingKind.OFFER_THING,
            fresh.values().stream().map(ShopOffer::id).toList(),
            () -> store.insert(all));
      }
      act.tell("offers", fresh.size());
    }

    OfferTableView view() {
      return new OfferTableView(
          fresh.size() - replaced.size(),
          replaced.size(),
          same,
          newShops.values().stream().map(Shop::name).toList(),
          otherTerms.stream().limit(MOST_TOLD).toList(),
          unknown.size(),
          unknown.stream().distinct().limit(MOST_TOLD).toList(),
          bad.stream().limit(MOST_TOLD).toList(),
          bad.size());
    }
  }
}
