package gerula.app.archive;

import gerula.app.kit.KitDrafts;
import gerula.app.kit.item.StoredItem;
import gerula.core.kit.item.SpoilageReport;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The kit as an archive keeps it. Everything here runs within a workspace. */
@Component
class KitArchive {

  private final KitDrafts drafts;

  KitArchive(KitDrafts drafts) {
    this.drafts = drafts;
  }

  List<Archived.OfPlace> places() {
    return drafts.places().stream()
        .map(
            one ->
                new Archived.OfPlace(
                    one.id(),
                    one.code(),
                    one.version(),
                    one.draft(),
                    one.usedSince(),
                    one.wetUntil()))
        .toList();
  }

  Stream<Archived.OfProduct> products() {
    return drafts
        .allProducts()
        .map(
            one ->
                new Archived.OfProduct(one.id(), one.version(), one.draft(), one.discontinuedOn()));
  }

  Stream<Archived.OfItem> items() {
    return drafts
        .allItems()
        .map(
            one ->
                new Archived.OfItem(
                    one.id(),
                    one.code(),
                    one.version(),
                    one.product(),
                    one.picture(),
                    one.discardedOn(),
                    one.discardCause(),
                    besides(one.stored()),
                    one.draft()));
  }

  private static Archived.@Nullable Besides besides(StoredItem stored) {
    SpoilageReport spoilage = stored.item().spoilage();
    StoredItem.ItemDetails details = stored.details();
    Archived.Besides besides =
        new Archived.Besides(
            spoilage == null ? null : spoilage.on(),
            spoilage == null ? List.of() : spoilage.what().stream().sorted().toList(),
            details.brokenPackOn(),
            stored.item().slot(),
            details.emptyId(),
            details.washedOn(),
            details.useFirstOn(),
            details.keptOn(),
            stored.item().clean().since(),
            stored.item().clean().by(),
            stored.item().clean().until(),
            stored.item().isLeftEstimated() ? true : null,
            details.trialUntil());
    return besides.equals(Archived.Besides.NONE) ? null : besides;
  }
}
