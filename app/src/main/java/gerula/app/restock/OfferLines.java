package gerula.app.restock;

import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.WholeKit;
import gerula.app.kit.find.KitLists;
import gerula.app.kit.item.StoredItem;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.ShopStore.StoredShop;
import gerula.core.dates.DateOrder;
import gerula.core.dates.TypedDates;
import gerula.core.kit.intake.ClassGuess;
import gerula.core.kit.product.ProductClass;
import gerula.core.restock.offer.DiscountTerms;
import gerula.core.restock.shop.OfferLine;
import gerula.core.restock.shop.SaidOfShop;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads an offer from one line, with the product and the shop that are meant. */
@Component
class OfferLines {

  private static final int MOST_PRODUCTS = 6;
  private static final String USUAL_CURRENCY = "EUR";
  private static final int USUAL_DELIVERY_DAYS = 3;

  private final KitLists lists;
  private final WholeKit kit;
  private final ShopStore shops;
  private final Views views;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  OfferLines(
      KitLists lists,
      WholeKit kit,
      ShopStore shops,
      Views views,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.lists = lists;
    this.kit = kit;
    this.shops = shops;
    this.views = views;
    this.workspaces = workspaces;
    this.time = time;
  }

  /**
   * @param products things of the products that may be meant, the likeliest first
   * @param shop the one that is meant; null where it is a new one
   * @param newShop as it would be written down; null where the shop is known or none is named
   * @param saidOfShop what the line says otherwise than is written down of the shop that is known;
   *     it changes nothing there, and an offer in other money is not to be written down
   * @param offer what would be written down, once product and shop are chosen; null without a price
   * @param notUnderstood words that say nothing
   */
  record ReadOffer(
      List<ItemView> products,
      @Nullable UUID shop,
      @Nullable ShopDraft newShop,
      SaidOfShop saidOfShop,
      @Nullable OfferTerms offer,
      List<String> notUnderstood) {}

  /** What an offer says beside product and shop. */
  record OfferTerms(
      int packs,
      String price,
      DiscountTerms discount,
      @Nullable LocalDate until,
      @Nullable Integer most) {}

  ReadOffer read(SignedIn who, String line, DateOrder order) {
    return workspaces.read(
        who.workspace(),
        () -> {
          OfferLine read =
              OfferLine.read(line, new TypedDates(time.today(), order, TypedDates.Meant.DAY));
          Optional<StoredShop> shop = named(read.shop());
          KitViews now = views.now();
          return new ReadOffer(
              products(read.words()).stream().map(now::of).toList(),
              shop.map(one -> one.shop().id()).orElse(null),
              shop.isPresent() || read.shop().isEmpty() ? null : shop(read),
              shop.map(one -> read.ofShop().otherThan(one.shop())).orElse(SaidOfShop.NOTHING),
              read.price() == null
                  ? null
                  : new OfferTerms(
                      read.packs(),
                      read.price().toPlainString(),
                      read.discount(),
                      read.until(),
                      read.most()),
              read.notUnderstood());
        });
  }

  /** A thing of each product: as it is called, else of the class the words stand for. */
  private List<StoredItem> products(String words) {
    if (words.isBlank()) {
      return List.of();
    }
    Map<UUID, StoredItem> found = new LinkedHashMap<>();
    lists
        .found(words, MOST_PRODUCTS * 4)
        .forEach(one -> found.putIfAbsent(one.item().product().id(), one));
    ClassGuess guess = ClassGuess.of(words);
    if (guess.guess().productClass() != ProductClass.OTHER) {
      kit.now().stored().stream()
          .filter(one -> one.item().product().productClass() == guess.guess().productClass())
          .forEach(one -> found.putIfAbsent(one.item().product().id(), one));
    }
    return new ArrayList<>(found.values()).subList(0, Math.min(MOST_PRODUCTS, found.size()));
  }

  /** The shop of that name, or the only one whose name begins so. */
  private Optional<StoredShop> named(String name) {
    if (name.isBlank()) {
      return Optional.empty();
    }
    String asked = name.toLowerCase(Locale.ROOT);
    List<StoredShop> all = shops.shops();
    Optional<StoredShop> same =
        all.stream()
            .filter(one -> one.shop().name().toLowerCase(Locale.ROOT).equals(asked))
            .findFirst();
    List<StoredShop> like =
        all.stream()
            .filter(one -> one.shop().name().toLowerCase(Locale.ROOT).startsWith(asked))
            .toList();
    return same.isPresent() || like.size() != 1 ? same : Optional.of(like.getFirst());
  }

  private ShopDraft shop(OfferLine read) {
    String currency = read.currency();
    return new ShopDraft(
        read.shop(),
        read.deliveryDays() == null ? USUAL_DELIVERY_DAYS : read.deliveryDays(),
        List.of(1, 2, 3, 4, 5),
        read.shipping() == null ? BigDecimal.ZERO : read.shipping(),
        read.freeFrom(),
        null,
        currency == null ? usualCurrency() : currency,
        null,
        null,
        "",
        null);
  }

  /** What most shops there are ask. */
  private String usualCurrency() {
    return shops.shops().stream()
        .map(one -> one.shop().currency())
        .findFirst()
        .orElse(USUAL_CURRENCY);
  }
}
