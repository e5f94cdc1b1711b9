package gerula.app.packing;

import gerula.app.booking.BookingRecords.BookingView;
import gerula.app.kit.DrawnItem;
import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitRecords.MarksView;
import gerula.app.kit.KitViews;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.product.ShadeDraft;
import gerula.core.booking.NeedReason;
import gerula.core.kit.item.Item;
import gerula.core.kit.opencase.Tray;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.packing.BaseRecipe;
import gerula.core.packing.ListChange;
import gerula.core.packing.PackingFinding;
import gerula.core.packing.Readiness;
import gerula.core.packing.TakenReason;
import gerula.core.packing.WhyNot;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the packing list's addresses answer with. */
final class PackingRecords {

  private PackingRecords() {}

  /**
   * One thing to take along.
   *
   * @param needs codes of what it is taken for
   * @param faces whom it is for; empty when the booking shares it
   * @param amount how much the booking is expected to use, in the product's unit; 0 when it is not
   *     used up
   * @param goesTo the place it is packed into, null while no bag is chosen
   * @param reasons why the booking needs such a thing
   * @param taken why it is this one and not another
   */
  record LineView(
      ListedItem item,
      Section section,
      List<String> needs,
      List<UUID> faces,
      BigDecimal amount,
      @Nullable UUID goesTo,
      boolean packed,
      List<NeedReason> reasons,
      List<TakenReason> taken) {}

  /**
   * Of an item what one packs by: an {@link ItemView} has more.
   *
   * @param code what stands on its label
   * @param size what it holds when full
   */
  record ListedItem(
      UUID id,
      ListedProduct product,
      String code,
      BigDecimal left,
      BigDecimal size,
      @Nullable UUID home,
      @Nullable UUID now,
      String note,
      long massG,
      MarksView marks) {

    static ListedItem of(StoredItem stored, KitViews now) {
      Item item = stored.item();
      return new ListedItem(
          item.id(),
          ListedProduct.of(item.product()),
          stored.details().code(),
          item.left().amount(),
          item.size().amount(),
          item.home(),
          item.now(),
          stored.details().note(),
          item.mass().grams(),
          now.marks(item));
    }
  }

  /**
   * What it is called and measured in.
   *
   * @param colour sRGB as #rrggbb, null when unknown
   */
  record ListedProduct(
      UUID id,
      String maker,
      String name,
      String shade,
      @Nullable String colour,
      @Nullable Double depth,
      List<ShadeDraft> shades,
      ListedMeasures measures,
      ProductClass productClass,
      Unit unit) {

    static ListedProduct of(Product product) {
      return new ListedProduct(
          product.id(),
          product.maker(),
          product.name(),
          product.shade(),
          product.colour(),
          product.depth(),
          ShadeDraft.of(product.shades()),
          new ListedMeasures(product.measuresOrEstimate().outline()),
          product.productClass(),
          product.content().unit());
    }
  }

  /** Of its measures what one sees in passing. */
  record ListedMeasures(Outline outline) {}

  /**
   * The list of a booking.
   *
   * @param recipes what each face's base is made of, or the nearest the kit comes to it
   * @param massG all packs on the list, without the bags
   * @param packedMassG those ticked off
   * @param bagsCarried how many of the chosen bags are carried: a trailer is not
   * @param bagsMassG the chosen bags with everything in them
   * @param unaskedMassG of this what lies in them and could stay at home
   * @param mentioned items named by a finding that stand on no line
   */
  record PackingListView(
      BookingView booking,
      List<LineView> lines,
      List<PackingFinding> findings,
      List<BaseRecipe> recipes,
      Readiness readiness,
      Since since,
      int packedCount,
      long massG,
      long packedMassG,
      int bagsCarried,
      long bagsMassG,
      long unaskedMassG,
      List<DrawnItem> mentioned) {}

  /**
   * What became of the list since whoever asks looked at it.
   *
   * @param lookedAt null when it was never looked at
   * @param fingerprint of the list as it stands, to say that it was looked at
   * @param changes the gravest first; empty once the bags have left
   */
  record Since(@Nullable Instant lookedAt, String fingerprint, List<ListChange> changes) {}

  /**
   * What a list would be.
   *
   * @param items how many things
   * @param massG all packs on it, without the bags
   * @param gaps needs that the kit cannot meet, the first few by their codes
   * @param gapCount how many there are in all
   */
  record TriedList(int items, long massG, List<String> gaps, int gapCount, Readiness readiness) {}

  /**
   * Why an item is not on a list.
   *
   * @param mentioned what is taken instead
   */
  record WhyNotView(WhyNot whyNot, List<DrawnItem> mentioned) {}

  /**
   * The chosen bags laid open.
   *
   * @param bags with everything that is or will be in them
   * @param aboard what the pieces in them are
   */
  record BagsView(List<Tray> bags, List<DrawnItem> aboard) {}

  /**
   * What was put back.
   *
   * @param count pieces that are at home again
   * @param withoutHome pieces that stay where they are because they have no home
   */
  record PutBackResult(int count, List<UUID> withoutHome) {}
}
