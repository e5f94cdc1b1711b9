package gerula.app.archive;

import gerula.app.kit.KitDrafts;
import gerula.app.kit.StoredItem;
import gerula.core.kit.Changed;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The kit as an archive keeps it. Everything here runs within a workspace. */
@Component
class KitArchive {

  private final KitDrafts drafts;

  KitArchive(KitDrafts drafts) {
    this.drafts = drafts;
  }

  List<WorkspaceArchive.ArchivedPlace> places() {
    return drafts.places().stream()
        .map(
            one ->
                new WorkspaceArchive.ArchivedPlace(
                    one.id(), one.code(), one.version(), one.draft()))
        .toList();
  }

  List<WorkspaceArchive.ArchivedProduct> products() {
    return drafts.products().stream()
        .map(one -> new WorkspaceArchive.ArchivedProduct(one.id(), one.version(), one.draft()))
        .toList();
  }

  List<WorkspaceArchive.ArchivedItem> items() {
    return drafts.items(true).stream()
        .map(
            one ->
                new WorkspaceArchive.ArchivedItem(
                    one.id(),
                    one.code(),
                    one.version(),
                    one.product(),
                    one.picture(),
                    one.discardedOn(),
                    one.discardCause(),
                    besides(one.stored()),
                    one.draft()))
        .toList();
  }

  private static WorkspaceArchive.@Nullable ArchivedBesides besides(StoredItem stored) {
    Changed changed = stored.item().changed();
    StoredItem.ItemDetails details = stored.details();
    WorkspaceArchive.ArchivedBesides besides =
        new WorkspaceArchive.ArchivedBesides(
            changed == null ? null : changed.on(),
            changed == null ? List.of() : changed.what().stream().sorted().toList(),
            details.brokenPackOn(),
            stored.item().slot(),
            details.emptyId(),
            details.washedOn(),
            details.useFirstOn(),
            details.keptOn());
    return besides.equals(WorkspaceArchive.ArchivedBesides.NONE) ? null : besides;
  }
}
